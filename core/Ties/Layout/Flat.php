<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;

/** One tie at mid section on the two inner wires, one on the third wire from the inside at the crossbar: the rows zigzag and lie flat. */
final class Flat extends TwoRows
{
    public function key(): string
    {
        return 'flat';
    }

    public function name(): string
    {
        return 'flat';
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE
            .', for pancakes: one tie at mid section on the {=inner}, one at the crossbar on the {=outer}.';
    }

    public function fits(Form $form): bool
    {
        return $form->frame->wires() >= 3 && $form->frame->pairs() !== [] && $form->frame->crossbars() > 0;
    }

    protected function outerSeat(Form $form): Seat
    {
        return Seat::wire($form->frame->wires() - 2);
    }

    protected function inner(float $long): array
    {
        return [$long / 2];
    }

    protected function outer(float $long, Slip $slip): array
    {
        return [0.0];
    }
}
