<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Fault;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\TieLayout;

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

    public function fits(Form $form): bool
    {
        return count($form->pairs()) >= 2 && $form->crossbars() > 0;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE.': one tie at mid section on the {=inner}, two on the {=outer}, {fromCrossbar} from the crossbars.';
    }

    public function words(Form $form): array
    {
        return ['inner' => $form->name($form->pairs()[0]), 'outer' => $form->name(Seat::pair(1))];
    }

    public function blanks(Form $form): array
    {
        return [
            SectionChoice::blank(),
            LengthBlank::of('fromCrossbar', 'the distance from a crossbar', Length::inches(1, 1, 2), Length::inches(0, 1, 4), Length::inches(24)),
        ];
    }

    public function usualStem(): StemKind
    {
        return StemKind::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        [$inner, $outer] = [$form->pairs()[0], Seat::pair(1)];
        $sections = SectionChoice::of($form, $slip);
        $fromCrossbar = $slip->length('fromCrossbar');
        foreach ($sections ?? range(1, $form->sections()) as $section) {
            $long = $form->sectionLength($outer, $section);
            if (2 * $fromCrossbar->toInches() >= $long) {
                throw Fault::at('/fromCrossbar', sprintf(
                    'Section %d is %s long on the %s, so two ties %s from its crossbars would meet. Write less than %s.',
                    $section,
                    $units->available(Length::ofUnits((int) ($long * Length::PER_INCH))),
                    $form->name($outer),
                    $units->exact($fromCrossbar),
                    $units->available(Length::ofUnits((int) ($long * Length::PER_INCH / 2))),
                ));
            }
        }

        return [
            Row::inSections($form, $inner, $sections, fn (float $long): array => [$long / 2]),
            Row::inSections($form, $outer, $sections, fn (float $long): array => [$fromCrossbar->toInches(), $long - $fromCrossbar->toInches()]),
        ];
    }
}
