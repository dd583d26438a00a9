<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;

/**
 * One place in a sentence that the maker fills in: its key in the plan file, what it is called, its bounds and its default.
 *
 * @template T
 */
interface Blank
{
    public function key(): string;

    /** What it is called in a sentence: "length of a piece". */
    public function label(): string;

    /** @return T */
    public function default(): mixed;

    /**
     * @param  mixed  $raw  what was typed, or what stands in a file
     * @param  ?Units  $bare  what a length without a unit means; null where the unit must stand, as in a file
     * @return T
     *
     * @throws Refused
     */
    public function read(mixed $raw, ?Units $bare): mixed;

    /**
     * As a plan file holds it.
     *
     * @param  T  $value
     * @return string|int|list<string>|list<int>
     */
    public function write(mixed $value): string|int|array;

    /**
     * As the blank shows it and takes it back.
     *
     * @param  T  $value
     */
    public function show(mixed $value, Units $units): string;

    /** @return array<string, string> what can be chosen, by its key in the file; empty where it is typed */
    public function options(): array;

    /** @return array<string, mixed> JSON Schema of what a plan file may hold here */
    public function schema(): array;
}
