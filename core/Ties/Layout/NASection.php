<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\TieLayout;

/** The same number of ties in every section on one pair of wires, or one wire: tie i of n stands at (i + 1/2)/n of the section. */
final class NASection implements TieLayout
{
    public const KEY = 'n-a-section';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'evenly';
    }

    public function fits(Form $form): bool
    {
        return true;
    }

    public function sentence(): string
    {
        return 'Prep it {layout} with {perSection} ties a section'.SectionChoice::SENTENCE.', on the {pair}.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [
            new CountBlank('perSection', 'the number of ties in a section', 4, 1, 40),
            SectionChoice::blank(),
            SeatChoice::blank($form),
        ];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        return [Row::inSections(
            $form,
            SeatChoice::of($form, $slip),
            SectionChoice::of($form, $slip),
            fn (float $long): array => array_map(
                fn (int $tie): float => ($tie + 0.5) / $slip->count('perSection') * $long,
                range(0, $slip->count('perSection') - 1),
            ),
        )];
    }
}
