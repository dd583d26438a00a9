<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Fault;

/** A kind of form: what a maker says of one, and how it is made of that. */
interface FormKind
{
    public function key(): string;

    /** As in "on a wire ring". */
    public function name(): string;

    /** The recipe sentence; {key} stands for a blank, {=key} for a computed word. */
    public function sentence(): string;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(): array;

    /**
     * @param  Units  $units  what a fault speaks in
     *
     * @throws Fault with a pointer below the form's parameters
     */
    public function build(Slip $slip, Units $units): Form;
}
