<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\AreaWeight;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Measure\Weight;
use LogicException;

/**
 * What is written in some blanks, by key. To ask for another type than the blank reads is a mistake in the program, and a
 * LogicException.
 */
abstract readonly class Values
{
    /** @param  array<string, mixed>  $values */
    protected function __construct(protected array $values) {}

    public function text(string $key): string
    {
        $value = $this->values[$key];

        return is_string($value) ? $value : throw self::notA('text', $key);
    }

    public function count(string $key): int
    {
        return $this->countIfAny($key) ?? throw self::notA('count', $key);
    }

    public function countIfAny(string $key): ?int
    {
        $value = $this->values[$key];

        return $value === null || is_int($value) ? $value : throw self::notA('count', $key);
    }

    /** @return list<int> */
    public function counts(string $key): array
    {
        return $this->countsIfAny($key) ?? throw self::notA('list of counts', $key);
    }

    /** @return ?list<int> */
    public function countsIfAny(string $key): ?array
    {
        if ($this->values[$key] === null) {
            return null;
        }
        $counts = [];
        foreach ($this->list($key) as $value) {
            $counts[] = is_int($value) ? $value : throw self::notA('list of counts', $key);
        }

        return $counts;
    }

    public function length(string $key): Length
    {
        return $this->object($key, Length::class);
    }

    public function lengthIfAny(string $key): ?Length
    {
        return $this->objectIfAny($key, Length::class);
    }

    /** @return list<Length> */
    public function lengths(string $key): array
    {
        return $this->objects($key, Length::class);
    }

    public function weightIfAny(string $key): ?Weight
    {
        return $this->objectIfAny($key, Weight::class);
    }

    public function areaWeightIfAny(string $key): ?AreaWeight
    {
        return $this->objectIfAny($key, AreaWeight::class);
    }

    public function money(string $key): Money
    {
        return $this->object($key, Money::class);
    }

    public function percent(string $key): Percent
    {
        return $this->object($key, Percent::class);
    }

    /**
     * What a blank of another folder reads: a mix of materials, a pick of ties.
     *
     * @template T of object
     *
     * @param  class-string<T>  $type
     * @return T
     */
    public function object(string $key, string $type): object
    {
        return $this->objectIfAny($key, $type) ?? throw self::notA($type, $key);
    }

    /**
     * The same where nothing may be written.
     *
     * @template T of object
     *
     * @param  class-string<T>  $type
     * @return ?T
     */
    public function objectIfAny(string $key, string $type): ?object
    {
        $value = $this->values[$key];

        return $value === null || $value instanceof $type ? $value : throw self::notA($type, $key);
    }

    /**
     * A list of the same.
     *
     * @template T of object
     *
     * @param  class-string<T>  $type
     * @return list<T>
     */
    public function objects(string $key, string $type): array
    {
        $objects = [];
        foreach ($this->list($key) as $value) {
            $objects[] = $value instanceof $type ? $value : throw self::notA("list of $type", $key);
        }

        return $objects;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $type
     * @return array<int, T> by number, as places by the number of what was moved there
     */
    public function objectsByNumber(string $key, string $type): array
    {
        return array_combine(array_map(intval(...), array_keys($this->list($key))), $this->objects($key, $type));
    }

    /** @return array<int, ?Length> by number; null where there is none */
    public function lengthsByNumber(string $key): array
    {
        $lengths = [];
        foreach ($this->list($key) as $number => $length) {
            $lengths[(int) $number] = $length === null || $length instanceof Length
                ? $length
                : throw self::notA('lengths by number', $key);
        }

        return $lengths;
    }

    /** @return array<int, string> texts by number, as of materials by the number of the tie they are painted on */
    public function numbered(string $key): array
    {
        $texts = [];
        foreach ($this->list($key) as $number => $text) {
            $texts[(int) $number] = is_string($text) ? $text : throw self::notA('list of numbered texts', $key);
        }

        return $texts;
    }

    /**
     * Every length in inches and every count, by key: what a drawing is made by.
     *
     * @return array<string, float>
     */
    public function measures(): array
    {
        return array_filter(array_map(fn (mixed $value): ?float => match (true) {
            $value instanceof Length => $value->toInches(),
            is_int($value) => (float) $value,
            default => null,
        }, $this->values), is_float(...));
    }

    /** @return array<string, string> every choice and text, by key */
    public function texts(): array
    {
        return array_filter($this->values, is_string(...));
    }

    /** @return array<array-key, mixed> */
    private function list(string $key): array
    {
        return is_array($this->values[$key]) ? $this->values[$key] : throw self::notA('list', $key);
    }

    private static function notA(string $kind, string $key): LogicException
    {
        return new LogicException("The blank \"$key\" does not hold a $kind.");
    }
}
