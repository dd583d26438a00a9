<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** Some blanks with what is written in them. Every blank has a value; keys keep the order of the blanks. */
final readonly class Slip extends Values
{
    /**
     * @param  array<string, Blank<covariant mixed>>  $blanks
     * @param  array<string, mixed>  $values
     */
    private function __construct(public array $blanks, array $values)
    {
        parent::__construct($values);
    }

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

        $value = $blank instanceof ReadsBeside ? $blank->readBeside($raw, $bare, $this->values[$key]) : $blank->read($raw, $bare);

        return new self($this->blanks, [...$this->values, $key => $value]);
    }

    /** Whether a blank says what it says where nobody writes anything. */
    public function isUsual(string $key): bool
    {
        return $this->write()[$key] === $this->withDefault($key)->write()[$key];
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
    public function inFile(): array
    {
        return array_filter(
            $this->write(),
            fn (string|int|array $value, string $key): bool => ! $this->blanks[$key] instanceof LeftOutWhereEmpty
                || ! in_array($value, ['', []], true),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, string|int|list<string>|list<int>> what is written in every blank, said or not */
    public function write(): array
    {
        $written = [];
        foreach ($this->blanks as $key => $blank) {
            $written[$key] = self::writeOf($blank, $this->values[$key]);
        }

        return $written;
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
}
