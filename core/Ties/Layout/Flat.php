<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\TieLayout;

/** One tie at mid section on the two inner wires, one on the third wire from the inside at the crossbar: the rows zigzag and lie flat. */
final class Flat implements TieLayout
{
    public function key(): string
    {
        return 'flat';
    }

    public function name(): string
    {
        return 'flat';
    }

    public function fits(Form $form): bool
    {
        return $form->wires() >= 3 && $form->pairs() !== [] && $form->crossbars() > 0;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE.', for pancakes: one tie at mid section on the {=inner}, one at the crossbar on the {=third} alone.';
    }

    public function words(Form $form): array
    {
        return ['inner' => $form->name($form->pairs()[0]), 'third' => $form->name(Seat::wire($form->wires() - 2))];
    }

    public function blanks(Form $form): array
    {
        return [SectionChoice::blank()];
    }

    public function usualStem(): StemKind
    {
        return StemKind::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $sections = SectionChoice::of($form, $slip);

        return [
            Row::inSections($form, $form->pairs()[0], $sections, fn (float $long): array => [$long / 2]),
            Row::inSections($form, Seat::wire($form->wires() - 2), $sections, fn (): array => [0.0]),
        ];
    }
}
