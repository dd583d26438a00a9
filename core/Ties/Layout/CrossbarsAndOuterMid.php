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

/** In each section one tie on the two inner wires at the crossbar; on the two outer wires one at the crossbar and one at the middle. */
final class CrossbarsAndOuterMid implements TieLayout
{
    public function key(): string
    {
        return 'crossbars-outer-mid';
    }

    public function name(): string
    {
        return 'crossbars + outer mid';
    }

    public function fits(Form $form): bool
    {
        return count($form->pairs()) >= 2 && $form->crossbars() > 0;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE.': one tie at the crossbar on the {=inner}; on the {=outer} one at the crossbar and one at mid section.';
    }

    public function words(Form $form): array
    {
        return ['inner' => $form->name($form->pairs()[0]), 'outer' => $form->name(Seat::pair(1))];
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
            Row::inSections($form, $form->pairs()[0], $sections, fn (): array => [0.0]),
            Row::inSections($form, Seat::pair(1), $sections, fn (float $long): array => [0.0, $long / 2]),
        ];
    }
}
