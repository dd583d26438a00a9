<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;

/** A kind of form: what a maker says of one, and how it is made of that. */
interface FormKind
{
    public function key(): string;

    /** As in "on a wire ring". */
    public function name(): string;

    /** The recipe sentence up to its end; {key} stands for a blank. */
    public function sentence(): string;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(): array;

    /** The layout that is usual on it, by its key. */
    public function usualLayout(): string;

    /**
     * @param  Units  $units  what a fault speaks in
     *
     * @throws Fault with a pointer below the form's parameters
     */
    public function build(Slip $slip, Count $count, Units $units): Form;

    /** What it looks like, for those who cannot see it: "A wire ring 14 in across with 4 wires, ...". */
    public function describe(Slip $slip, Units $units): string;
}
