<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Ribbon: what decides how it is cut and turned is said with it. */
final readonly class Ribbon extends SoldOnRolls
{
    public const KEY = 'ribbon';

    public const FRAYS = 'frays';

    public const PRINT = 'print';

    public const SIDES = 'sides';

    public const UPRIGHT = 'upright';

    public function __construct()
    {
        parent::__construct(
            self::KEY,
            'ribbon',
            'Cream ribbon',
            '#efe6cf',
            'dots',
            Length::inches(2, 1, 2),
            Length::inches(0, 1, 8),
            Length::inches(8),
            Length::yards(10),
            450,
        );
    }

    public function makesABase(): bool
    {
        return false;
    }

    public function cutter(): string
    {
        return 'scissors';
    }

    public function cuttingCaution(): Caution
    {
        return Caution::Scissors;
    }

    public function wayOfCutting(): string
    {
        return 'Ribbon: sharp scissors; fold each end lengthwise and cut from the fold outward for a dovetail.';
    }

    protected function own(): array
    {
        return [
            new ChoiceBlank('wired', 'whether it is wired', 'wired', ['wired' => 'wired', 'soft' => 'without wire', 'sheer' => 'sheer']),
            new ChoiceBlank(self::SIDES, 'its sides', 'one', ['one' => 'one-sided', 'two' => 'two-sided']),
            new ChoiceBlank(
                self::PRINT,
                'its print',
                'none',
                ['none' => 'no print to mind', self::UPRIGHT => 'a print that must stand upright'],
            ),
            new ChoiceBlank(self::FRAYS, 'whether it frays', 'firm', [
                'firm' => 'does not fray', 'frays' => 'frays: seal the ends with heat', 'dip' => 'frays: dip the ends',
            ]),
        ];
    }
}
