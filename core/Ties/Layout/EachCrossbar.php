<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\TieLayout;

/** One tie on every crossbar, round it and the wires it crosses: places for anchors and for ribbon. */
final class EachCrossbar implements TieLayout
{
    public function key(): string
    {
        return 'each-crossbar';
    }

    public function name(): string
    {
        return 'on each crossbar';
    }

    public function fits(Form $form): bool
    {
        return $form->frame->crossbars() > 0;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE.': one tie round each crossbar and the {pair}.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [SectionChoice::blank(), SeatChoice::blank($form)];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        return [Row::atCrossbars($form, SeatChoice::of($form, $slip), SectionChoice::of($form, $slip))];
    }
}
