<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\TieLayout;

/** The same ties in every section: a row on the two inner wires and one farther out. */
abstract class TwoRows implements TieLayout
{
    public function fits(Form $form): bool
    {
        return count($form->frame->pairs()) >= 2 && $form->frame->crossbars() > 0;
    }

    public function words(Form $form): array
    {
        return ['inner' => $form->names->of($form->frame->pairs()[0]), 'outer' => $form->names->of($this->outerSeat($form))];
    }

    public function blanks(Form $form): array
    {
        return [SectionChoice::blank()];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $sections = SectionChoice::of($form, $slip);

        return [
            Row::inSections($form, $form->frame->pairs()[0], $sections, $this->inner(...)),
            Row::inSections($form, $this->outerSeat($form), $sections, fn (float $long): array => $this->outer($long, $slip)),
        ];
    }

    protected function outerSeat(Form $form): Seat
    {
        return Seat::pair(1);
    }

    /** @return list<float> how many inches into a section of so many inches the inner ties stand */
    abstract protected function inner(float $long): array;

    /** @return list<float> and the outer ones */
    abstract protected function outer(float $long, Slip $slip): array;
}
