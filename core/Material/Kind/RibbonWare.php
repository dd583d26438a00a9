<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;

/** Ribbon: what decides how it is cut and turned is said with it. */
final readonly class RibbonWare implements MaterialKind
{
    public function key(): string
    {
        return 'ribbon';
    }

    public function noun(): array
    {
        return ['roll of ribbon', 'rolls of ribbon'];
    }

    public function blanks(): array
    {
        return [
            new TextBlank('name', 'the name of the ribbon', 'Cream ribbon', 40),
            new ColourBlank('colour', 'the colour', '#efe6cf'),
            new ChoiceBlank('hatch', 'the hatch', 'dots', Wound::HATCHES),
            LengthBlank::of('width', 'the width of the ribbon', Length::inches(2, 1, 2), Length::inches(0, 1, 8), Length::inches(8)),
            LengthBlank::ofRoll('roll', 'the length of a roll', Length::yards(10), Length::inches(6), Length::yards(200)),
            new ChoiceBlank('wired', 'whether it is wired', 'wired', ['wired' => 'wired', 'soft' => 'without wire', 'sheer' => 'sheer']),
            new ChoiceBlank('sides', 'its sides', 'one', ['one' => 'one-sided', 'two' => 'two-sided']),
            new ChoiceBlank('print', 'its print', 'none', ['none' => 'no print to mind', 'upright' => 'a print that must stand upright']),
            new ChoiceBlank('frays', 'whether it frays', 'firm', ['firm' => 'does not fray', 'frays' => 'frays: seal the ends']),
            new PercentBlank('allowance', 'the allowance for short rolls', Percent::of(1), Percent::of(25)),
            new WeightBlank('newWeight', 'what a new roll weighs'),
            new WeightBlank('coreWeight', 'what its core weighs'),
            new RoomBlank('newAcross', 'how far a new roll is across', Length::inches(1), Length::inches(24), 'not measured'),
            new RoomBlank('coreAcross', 'how far its core is across', Length::inches(0, 1, 4), Length::inches(12), 'not measured'),
            new MoneyBlank('price', 'the list price of a roll', Money::cents(450), Money::cents(99_999)),
            new MoneyBlank('paid', 'what was paid for a roll', Money::cents(450), Money::cents(99_999)),
            new NoteBlank('supplier', 'where it is bought', 60),
            new RoomBlank('low', 'when it runs low', Length::inches(1), Length::yards(500), 'no mark'),
        ];
    }

    public function sentence(): string
    {
        return '{colour} {name} in {hatch}, {width} wide, {wired}, {sides}, {print}, {frays}; rolls of {roll}, up to {allowance} short. A new roll weighs {newWeight}, its core {coreWeight}; it is {newAcross} across, its core {coreAcross}. Bought at {paid}, listed at {price}, from {supplier}. Low below {low}.';
    }

    public function isWound(): bool
    {
        return true;
    }
}
