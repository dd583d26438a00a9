<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use LogicException;

/** Some blanks with what is written in them. Every blank has a value; keys keep the order of the blanks. */
final readonly class Slip
{
    /**
     * @param  array<string, Blank<covariant mixed>>  $blanks
     * @param  array<string, mixed>  $values
     */
    private function __construct(public array $blanks, private array $values) {}

    /**
     * What a plan file says. A key that is not there takes its default.
     *
     * @param  list<Blank<covariant mixed>>  $blanks
     * @param  array<array-key, mixed>  $written
     *
     * @throws Fault for a key no blank has, or a value its blank does not take
     */
    public static function load(array $blanks, array $written, string $pointer): self
    {
        $byKey = [];
        $values = [];
        foreach ($blanks as $blank) {
            $key = $blank->key();
            $byKey[$key] = $blank;
            try {
                $values[$key] = array_key_exists($key, $written) ? $blank->read($written[$key], null) : $blank->default();
            } catch (Refused $refused) {
                throw Fault::at("$pointer/$key", $refused->getMessage());
            }
        }
        foreach (array_keys($written) as $key) {
            if (! isset($byKey[$key])) {
                throw Fault::unknownKey($pointer, (string) $key, array_keys($byKey));
            }
        }

        return new self($byKey, $values);
    }

    /**
     * The same with one blank written anew.
     *
     * @throws Refused
     */
    public function with(string $key, mixed $raw, Units $bare): self
    {
        $blank = $this->blanks[$key] ?? throw Fault::noBlank($key);

        return new self($this->blanks, [...$this->values, $key => $blank->read($raw, $bare)]);
    }

    /** The same with one blank as it is when nothing is written there. */
    public function withDefault(string $key): self
    {
        return new self($this->blanks, [...$this->values, $key => $this->blanks[$key]->default()]);
    }

    /**
     * Another kind's blanks with what an older slip wrote, where the new blank of the same key takes it.
     *
     * @param  list<Blank<covariant mixed>>  $blanks
     * @param  array<array-key, mixed>  $written
     */
    public static function carry(array $blanks, array $written): self
    {
        $taken = [];
        foreach ($blanks as $blank) {
            $key = $blank->key();
            try {
                if (array_key_exists($key, $written)) {
                    $value = $blank instanceof KeepsWhatFits ? $blank->keep($written[$key]) : $blank->read($written[$key], null);
                    $taken[$key] = self::writeOf($blank, $value);
                }
            } catch (Refused) {
                // The default stands: the old value means something else here.
            }
        }

        return self::load($blanks, $taken, '');
    }

    public function has(string $key): bool
    {
        return isset($this->blanks[$key]);
    }

    public function show(string $key, Units $units): string
    {
        /** @phpstan-ignore argument.type (the value was read by this very blank) */
        return $this->blanks[$key]->show($this->values[$key], $units);
    }

    /** @return list<list<Field>> where a blank is written in several fields; none where it is written in one */
    public function fields(string $key): array
    {
        return $this->blanks[$key] instanceof InSeveralFields ? $this->blanks[$key]->fields($this->values[$key]) : [];
    }

    /** @return array<string, string|int|list<string>|list<int>> as a plan file holds it */
    public function write(): array
    {
        $written = [];
        foreach ($this->blanks as $key => $blank) {
            $written[$key] = self::writeOf($blank, $this->values[$key]);
        }

        return $written;
    }

    public function length(string $key): Length
    {
        return $this->lengthIfAny($key) ?? throw self::notA('length', $key);
    }

    public function lengthIfAny(string $key): ?Length
    {
        $value = $this->values[$key];

        return $value === null || $value instanceof Length ? $value : throw self::notA('length', $key);
    }

    public function weightIfAny(string $key): ?Weight
    {
        $value = $this->values[$key];

        return $value === null || $value instanceof Weight ? $value : throw self::notA('weight', $key);
    }

    /** @return list<Length> */
    public function lengths(string $key): array
    {
        $lengths = [];
        foreach (is_array($this->values[$key]) ? $this->values[$key] : throw self::notA('list of lengths', $key) as $value) {
            $lengths[] = $value instanceof Length ? $value : throw self::notA('list of lengths', $key);
        }

        return $lengths;
    }

    /** @return list<int> */
    public function counts(string $key): array
    {
        return $this->countsIfAny($key) ?? throw self::notA('list of counts', $key);
    }

    /** @return ?list<int> */
    public function countsIfAny(string $key): ?array
    {
        $counts = [];
        foreach (is_array($this->values[$key]) ? $this->values[$key] : [] as $value) {
            $counts[] = is_int($value) ? $value : throw self::notA('list of counts', $key);
        }

        return $this->values[$key] === null ? null : $counts;
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

    public function text(string $key): string
    {
        $value = $this->values[$key];

        return is_string($value) ? $value : throw self::notA('text', $key);
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
        $value = $this->values[$key];

        return $value instanceof $type ? $value : throw self::notA($type, $key);
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
        foreach (is_array($this->values[$key]) ? $this->values[$key] : throw self::notA("list of $type", $key) as $value) {
            $objects[] = $value instanceof $type ? $value : throw self::notA("list of $type", $key);
        }

        return $objects;
    }

    /** @return array<int, string> texts by number, as of materials by the number of the tie they are painted on */
    public function numbered(string $key): array
    {
        $values = $this->values[$key];
        $texts = [];
        foreach (is_array($values) ? $values : throw self::notA('list of numbered texts', $key) as $number => $text) {
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

    public function money(string $key): Money
    {
        $value = $this->values[$key];

        return $value instanceof Money ? $value : throw self::notA('price', $key);
    }

    public function percent(string $key): Percent
    {
        $value = $this->values[$key];

        return $value instanceof Percent ? $value : throw self::notA('percentage', $key);
    }

    /**
     * @param  Blank<covariant mixed>  $blank
     * @param  mixed  $value  read by this very blank
     * @return string|int|list<string>|list<int>
     */
    private static function writeOf(Blank $blank, mixed $value): string|int|array
    {
        /** @phpstan-ignore argument.type */
        return $blank->write($value);
    }

    private static function notA(string $kind, string $key): LogicException
    {
        return new LogicException("The blank \"$key\" does not hold a $kind.");
    }
}
