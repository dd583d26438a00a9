<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;

/** A pattern of ties on a form. */
interface TieLayout
{
    public function key(): string;

    /** As a choice: "inner mid + two outer". */
    public function name(): string;

    /** Whether a form has what it needs: wires enough, corners, crossbars. */
    public function fits(Form $form): bool;

    /** The recipe sentence up to what a tie takes; {key} stands for a blank, {=key} for a computed word. */
    public function sentence(): string;

    /** @return array<string, string> the computed words of the sentence */
    public function words(Form $form): array;

    /** @return list<Blank<covariant mixed>> */
    public function blanks(Form $form): array;

    /** What a tie of it usually takes. */
    public function usualFastening(): Fastening;

    /**
     * Rows from the inside out.
     *
     * @param  Units  $units  what a fault speaks in
     * @return list<Row>
     *
     * @throws Fault with a pointer below the layout's parameters, where the form has no room for it
     */
    public function rows(Form $form, Slip $slip, Units $units): array;
}
