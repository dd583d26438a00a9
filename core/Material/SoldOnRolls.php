<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\AreaWeightBlank;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\NoteBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\RoomBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Percent;

/** What all that is sold on rolls shares: a colour, a width, rolls with their length and price, and what a roll weighs. */
abstract readonly class SoldOnRolls implements WoundKind
{
    /** What a square foot or a square metre of it weighs. */
    public const WEIGHS = 'weighs';

    /** Where it is bought: rolls of one source come as short as others of it. */
    public const SUPPLIER = 'supplier';

    public const HATCHES = [
        'slant' => 'slanted lines',
        'dots' => 'dots',
        'cross' => 'crossed lines',
        'waves' => 'waves',
        'bars' => 'upright lines',
        'dashes' => 'dashes',
        'stripes' => 'stripes along it',
        'checks' => 'checks',
        'prints' => 'small prints',
    ];

    /**
     * @param  string  $name  as a choice: "mesh"
     * @param  string  $usual  what one is called until the maker says otherwise
     */
    protected function __construct(
        private string $key,
        private string $name,
        private string $usual,
        private string $colour,
        private string $hatch,
        private Length $width,
        private Length $narrowest,
        private Length $widest,
        private Length $roll,
        private int $cents,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function noun(): array
    {
        return ["roll of $this->name", "rolls of $this->name"];
    }

    public function planBlanks(Currency $currency): array
    {
        $prices = new Prices('a roll', $currency);

        return [
            ...$this->looks(),
            ...$this->own(),
            $this->rollLength(),
            new ChoiceBlank('label', 'how the roll was measured', 'label', ['label' => 'by the label', 'measured' => 'measured']),
            self::allowance(),
            LengthBlank::of('trim', 'the trim for a clean end', Length::zero(), Length::zero(), Length::inches(6)),
            $prices->inAPlan($this->cents),
            $prices->paidInAPlan(),
            new OnHandBlank('onHand', 'what is on hand'),
            new ChoiceBlank(
                'lots',
                'whether lots may mix',
                'apart',
                ['apart' => 'never two lots in one piece', 'mixed' => 'whatever lot they are'],
            ),
            new AreaWeightBlank(self::WEIGHS, 'what it weighs'),
            new RollsBlank('rolls', 'the number of new rolls', null, 99),
            new SupplierBlank(self::SUPPLIER, 'where it is bought', 60, 'somewhere'),
        ];
    }

    public function shelfBlanks(Currency $currency): array
    {
        $prices = new Prices('a roll', $currency);

        return [
            ...$this->looks(),
            ...$this->own(),
            $this->rollLength(),
            self::allowance(),
            $prices->listed(),
            ...$this->ownOnTheShelf(),
            new WeightBlank('newWeight', 'what a new roll weighs'),
            new WeightBlank('coreWeight', 'what its core weighs'),
            new RoomBlank('newAcross', 'how far a new roll is across', Length::inches(1), Length::inches(24), 'not measured'),
            new RoomBlank('coreAcross', 'how far its core is across', Length::inches(0, 1, 4), Length::inches(12), 'not measured'),
            $prices->paid(),
            new NoteBlank(self::SUPPLIER, 'where it is bought', 60),
            new RoomBlank('low', 'when it runs low', Length::inches(1), Length::yards(500), 'no mark'),
        ];
    }

    public function looksSentence(): string
    {
        return '{colour} {name} in {hatch}, '.$this->asked($this->own()).'{width} wide';
    }

    public function shelfSentence(): string
    {
        return '{colour} {name} in {hatch}, '.$this->asked([...$this->own(), ...$this->ownOnTheShelf()])
            .'{width} wide, rolls of {roll}, up to {allowance} short. '
            .'A new roll weighs {newWeight}, its core {coreWeight}; it is {newAcross} across, its core {coreAcross}. '
            .'Bought at {paid}, listed at {price}, from {supplier}. Low below {low}.';
    }

    public function fills(Slip $slip): float
    {
        return 1.0;
    }

    public function sort(Slip $slip): string
    {
        return $this->name;
    }

    public function makesABase(): bool
    {
        return true;
    }

    public function cutter(): string
    {
        return 'rotary cutter and ruler';
    }

    public function cuttingCaution(): Caution
    {
        return Caution::Cutter;
    }

    public function wayOfCutting(): string
    {
        return 'Pieces: rotary cutter and ruler on the mat, or scissors along a mark. Let each roll up by itself; it frays less.';
    }

    public function isDrawnOff(): bool
    {
        return false;
    }

    public function isWound(): bool
    {
        return true;
    }

    /** @return list<Blank<covariant mixed>> what is said of this kind alone, in a plan and on the shelf */
    protected function own(): array
    {
        return [];
    }

    /** @return list<Blank<covariant mixed>> what is said of it on the shelf beside that */
    protected function ownOnTheShelf(): array
    {
        return [];
    }

    /** @return list<Blank<covariant mixed>> */
    private function looks(): array
    {
        return [
            new TextBlank('name', "the name of the $this->name", $this->usual, 40),
            new ColourBlank('colour', 'the colour', $this->colour),
            new ChoiceBlank('hatch', 'the pattern', $this->hatch, self::HATCHES),
            LengthBlank::of('width', "the width of the $this->name", $this->width, $this->narrowest, $this->widest),
        ];
    }

    /** @param  list<Blank<covariant mixed>>  $blanks */
    private function asked(array $blanks): string
    {
        return implode('', array_map(fn (Blank $blank): string => '{'.$blank->key().'}, ', $blanks));
    }

    private function rollLength(): LengthBlank
    {
        return LengthBlank::ofRoll('roll', 'the length of a roll', $this->roll, Length::inches(6), Length::yards(200));
    }

    private static function allowance(): PercentBlank
    {
        return new PercentBlank('allowance', 'the allowance for short rolls', Percent::of(1), Percent::of(25));
    }
}
