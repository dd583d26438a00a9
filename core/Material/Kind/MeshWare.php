<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;

/** Deco mesh, as it is sold and as it lies here. */
final readonly class MeshWare implements MaterialKind
{
    /** Of a plan's mesh these are the shelf's to say. */
    private const AS_SOLD = ['name', 'colour', 'hatch', 'width', 'body', 'roll', 'allowance', 'price'];

    public function key(): string
    {
        return 'mesh';
    }

    public function noun(): array
    {
        return ['roll of mesh', 'rolls of mesh'];
    }

    public function blanks(): array
    {
        return [
            ...array_values(array_filter(Wound::blanks(), fn (Blank $blank): bool => in_array($blank->key(), self::AS_SOLD, true))),
            new ChoiceBlank('weave', 'the weave', 'plain', ['plain' => 'plain weave', 'metallic' => 'metallic stripe', 'foil' => 'foil edge', 'poly-jute' => 'poly-jute', 'burlap' => 'burlap', 'fabric' => 'fabric mesh', 'tubing' => 'tubing', 'tulle' => 'tulle', 'sheet' => 'stiff sheet', 'raffia' => 'raffia']),
            new ChoiceBlank('edge', 'the edges', 'firm', ['firm' => 'both edges firm', 'loose' => 'one edge comes apart']),
            new WeightBlank('newWeight', 'what a new roll weighs'),
            new WeightBlank('coreWeight', 'what its core weighs'),
            new RoomBlank('newAcross', 'how far a new roll is across', Length::inches(1), Length::inches(24), 'not measured'),
            new RoomBlank('coreAcross', 'how far its core is across', Length::inches(0, 1, 4), Length::inches(12), 'not measured'),
            new MoneyBlank('paid', 'what was paid for a roll', Money::cents(650), Money::cents(99_999)),
            new NoteBlank('supplier', 'where it is bought', 60),
            new RoomBlank('low', 'when it runs low', Length::inches(1), Length::yards(500), 'no mark'),
        ];
    }

    public function sentence(): string
    {
        return '{colour} {name} in {hatch}, {body}, {weave}, {edge}, {width} wide, rolls of {roll}, up to {allowance} short. A new roll weighs {newWeight}, its core {coreWeight}; it is {newAcross} across, its core {coreAcross}. Bought at {paid}, listed at {price}, from {supplier}. Low below {low}.';
    }

    public function isWound(): bool
    {
        return true;
    }
}
