<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\SpotsBlank;
use Davrin\Core\Ties\TieLayout;

/** Ties wherever the maker puts them, one by one. */
final class Free implements TieLayout
{
    public const KEY = 'free';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'tie by tie';
    }

    public function fits(Form $form): bool
    {
        return true;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}: {spots}.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [SpotsBlank::on($form)];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        return [new Row($slip->objects(SpotsBlank::KEY, Spot::class), $form->closed())];
    }
}
