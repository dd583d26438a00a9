<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Words\Fault;

/** What is written in a plan document, part by part; faults are told from the part that was read. */
final class Written
{
    /**
     * @param  list<Blank<covariant mixed>>  $blanks
     * @param  array<array-key, mixed>  $written
     */
    public static function slip(array $blanks, array $written, string $pointer, bool $carry): Slip
    {
        unset($written['id']);

        return $carry ? Slip::carry($blanks, $written) : Slip::load($blanks, $written, $pointer);
    }

    /** @param  array<array-key, mixed>  $written */
    public static function chosen(ChoiceBlank $choice, array $written, string $pointer): string
    {
        return Slip::load([$choice], array_intersect_key($written, [$choice->key() => 1]), $pointer)->text($choice->key());
    }

    /** @param  array<array-key, mixed>  $written */
    public static function id(array $written, string $default): string
    {
        return is_string($written['id'] ?? null) ? $written['id'] : $default;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function part(array $document, string $key): array
    {
        return is_array($document[$key] ?? null) ? $document[$key] : [];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array<array-key, mixed>>
     */
    public static function list(array $document, string $key): array
    {
        return array_values(array_filter(self::part($document, $key), is_array(...)));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    public static function below(string $pointer, callable $make): mixed
    {
        try {
            return $make();
        } catch (Fault $fault) {
            throw Fault::at($pointer.$fault->pointer, $fault->getMessage());
        }
    }
}
