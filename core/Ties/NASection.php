<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\WirePair;
use Davrin\Core\Measure\Units;

/** The same number of ties in every section on one pair of wires: tie i of n stands at (i + 1/2)/n of the section. */
final class NASection implements TieLayout
{
    public function key(): string
    {
        return 'n-a-section';
    }

    public function name(): string
    {
        return 'evenly';
    }

    public function sentence(): string
    {
        return 'Prep it {layout} with {perSection} ties in each section on the {pair}. Each tie takes {stem}.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        $pairs = [];
        for ($outer = 1; $outer < $form->wires(); $outer++) {
            $pairs["$outer-".($outer + 1)] = WirePair::startingAt($outer)->name($form);
        }
        $middle = intdiv($form->wires(), 2);

        return [
            new CountBlank('perSection', 'the number of ties in a section', 4, 1, 40),
            ChoiceBlank::ofPlan('pair', 'the pair of wires', "$middle-".($middle + 1), $pairs),
        ];
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $pair = WirePair::startingAt((int) $slip->text('pair'));
        $perSection = $slip->count('perSection');
        $step = $form->sectionLength($pair) / $perSection;

        return [Row::inEachSection($form, $pair, array_map(fn (int $tie): float => ($tie + 0.5) * $step, range(0, $perSection - 1)))];
    }
}
