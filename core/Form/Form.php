<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Measure\Units;
use JsonSerializable;

/**
 * A form as it lies on the table, front up: wires counted from the outside in, sections clockwise from 12 o'clock.
 * Places are in inches from its middle, x to the right and y down, and may be floats: nothing is cut by them.
 */
interface Form extends JsonSerializable
{
    public function wires(): int;

    public function sections(): int;

    /** Inches along the row between two crossbars, measured on the row's own line midway between its wires. */
    public function sectionLength(WirePair $pair): float;

    /** The place $along inches into a section (counted from 1) on the row of a wire pair. */
    public function at(WirePair $pair, int $section, float $along): Place;

    /** How far the outermost wire is from the middle, in inches. */
    public function reach(): float;

    /** The form in words, for those who cannot see it. */
    public function describe(Units $units): string;
}
