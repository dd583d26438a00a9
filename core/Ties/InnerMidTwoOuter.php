<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\WirePair;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Fault;

/** In each section one tie on the two inner wires at its middle and two on the two outer wires, near the crossbars. */
final class InnerMidTwoOuter implements TieLayout
{
    public function key(): string
    {
        return 'inner-mid-two-outer';
    }

    public function name(): string
    {
        return 'inner mid + two outer';
    }

    public function sentence(): string
    {
        return 'Prep it {layout} in each section: one tie at mid section on the {=inner}, two on the {=outer}, {fromCrossbar} from the crossbars. Each tie takes {stem}.';
    }

    public function words(Form $form): array
    {
        return ['inner' => WirePair::innermost($form)->name($form), 'outer' => WirePair::outermost()->name($form)];
    }

    public function blanks(Form $form): array
    {
        return [
            LengthBlank::of('fromCrossbar', 'the distance from a crossbar', Length::inches(1, 1, 2), Length::inches(0, 1, 4), Length::inches(24)),
        ];
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        if ($form->wires() < 3) {
            throw Fault::at('', 'An inner and an outer row need a form with at least 3 wires. Give the form another wire, or choose "n a section".');
        }
        [$inner, $outer] = [WirePair::innermost($form), WirePair::outermost()];
        $fromCrossbar = $slip->length('fromCrossbar');
        $section = $form->sectionLength($outer);
        if (2 * $fromCrossbar->toInches() >= $section) {
            throw Fault::at('/fromCrossbar', sprintf(
                'A section is %s long on the outer wires, so two ties %s from its crossbars would meet. Write less than %s.',
                $units->available(Length::ofUnits((int) ($section * Length::PER_INCH))),
                $units->exact($fromCrossbar),
                $units->available(Length::ofUnits((int) ($section * Length::PER_INCH / 2))),
            ));
        }

        return [
            Row::inEachSection($form, $inner, [$form->sectionLength($inner) / 2]),
            Row::inEachSection($form, $outer, [$fromCrossbar->toInches(), $section - $fromCrossbar->toInches()]),
        ];
    }
}
