<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;

/** In each section one tie on the two inner wires at its middle and two on the two outer wires, near the crossbars. */
final class InnerMidTwoOuter extends TwoRows
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
        return 'Prep it {layout}'.SectionChoice::SENTENCE
            .': one tie at mid section on the {=inner}, two on the {=outer}, {fromCrossbar} from the crossbars.';
    }

    public function blanks(Form $form): array
    {
        return [
            ...parent::blanks($form),
            LengthBlank::of(
                'fromCrossbar',
                'the distance from a crossbar',
                Length::inches(1, 1, 2),
                Length::inches(0, 1, 4),
                Length::inches(24),
            ),
        ];
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $fromCrossbar = $slip->length('fromCrossbar');
        foreach (SectionChoice::of($form, $slip) ?? range(1, $form->sections->count()) as $section) {
            $long = $form->sections->length($this->outerSeat($form), $section);
            if (2 * $fromCrossbar->toInches() >= $long) {
                throw Fault::at('/fromCrossbar', sprintf(
                    'Section %d is %s long on the %s, so two ties %s from its crossbars would meet. Write less than %s.',
                    $section,
                    $units->available(Length::ofUnits((int) ($long * Length::PER_INCH))),
                    $form->names->of($this->outerSeat($form)),
                    $units->exact($fromCrossbar),
                    $units->available(Length::ofUnits((int) ($long * Length::PER_INCH / 2))),
                ));
            }
        }

        return parent::rows($form, $slip, $units);
    }

    protected function inner(float $long): array
    {
        return [$long / 2];
    }

    protected function outer(float $long, Slip $slip): array
    {
        $fromCrossbar = $slip->length('fromCrossbar')->toInches();

        return [$fromCrossbar, $long - $fromCrossbar];
    }
}
