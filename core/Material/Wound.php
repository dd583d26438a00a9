<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\ColourBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\PercentBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use Davrin\Core\Words\Words;

/** A mesh as it is sold: colour, width, and its rolls with their length, price and how far the label can be trusted. */
final readonly class Wound
{
    public const HATCHES = ['slant' => 'slanted lines', 'dots' => 'dots', 'cross' => 'crossed lines', 'waves' => 'waves', 'bars' => 'upright lines', 'dashes' => 'dashes'];

    public function __construct(public string $id, public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function blanks(): array
    {
        return [
            new TextBlank('name', 'the name of the mesh', 'Sage mesh', 40),
            new ColourBlank('colour', 'the colour', '#7f9a76'),
            new ChoiceBlank('hatch', 'the hatch', 'slant', self::HATCHES),
            LengthBlank::of('width', 'the width of the mesh', Length::inches(10), Length::inches(0, 1, 2), Length::inches(72)),
            new ChoiceBlank('body', 'what it is like', 'plain', ['plain' => 'plain', 'see-through' => 'see-through', 'full-bodied' => 'full-bodied', 'burlap' => 'burlap', 'stiff' => 'stiff sheet', 'strands' => 'strands']),
            LengthBlank::ofRoll('roll', 'the length of a roll', Length::yards(10), Length::inches(6), Length::yards(200)),
            new ChoiceBlank('label', 'how the roll was measured', 'label', ['label' => 'by the label', 'measured' => 'measured']),
            new PercentBlank('allowance', 'the allowance for short rolls', Percent::of(1), Percent::of(25)),
            LengthBlank::of('trim', 'the trim for a clean end', Length::zero(), Length::zero(), Length::inches(6)),
            new MoneyBlank('price', 'the price of a roll', Money::cents(650), Money::cents(99_999)),
            new OnHandBlank('onHand', 'what is on hand'),
            new ChoiceBlank('lots', 'whether lots may mix', 'apart', ['apart' => 'never two lots in one piece', 'mixed' => 'whatever lot they are']),
            new RollsBlank('rolls', 'the number of new rolls', null, 99),
        ];
    }

    /**
     * "Gold mesh", or "Gold mesh and Teal mesh": each once.
     *
     * @param  list<self>  $meshes
     */
    public static function names(array $meshes): string
    {
        return Words::list(array_values(array_map(fn (self $mesh): string => $mesh->name(), array_column($meshes, null, 'id'))));
    }

    public function name(): string
    {
        return $this->slip->text('name');
    }

    public function width(): Length
    {
        return $this->slip->length('width');
    }

    /** Whether it is drawn off strand by strand, as raffia is. */
    public function isStrands(): bool
    {
        return $this->slip->text('body') === 'strands';
    }

    /** How much a square inch of it fills, next to one of plain mesh (guesses). */
    public function fills(): float
    {
        return match ($this->slip->text('body')) {
            'see-through' => 0.85,
            'full-bodied' => 1.15,
            default => 1.0,
        };
    }

    /** What the label says, or what was measured. */
    public function nominal(): Length
    {
        return $this->slip->length('roll');
    }

    /** What can be relied on: measured, or the label less the allowance; less the trim for a clean end. */
    public function safe(): Length
    {
        return $this->allowance()->off($this->nominal())->minus($this->slip->length('trim'));
    }

    /** A measured roll has no allowance. */
    public function allowance(): Percent
    {
        return $this->isMeasured() ? Percent::of(0) : $this->slip->percent('allowance');
    }

    public function isMeasured(): bool
    {
        return $this->slip->text('label') === 'measured';
    }

    public function price(): Money
    {
        return $this->slip->money('price');
    }

    /** How many new rolls there are or may be bought; null for as many as the plan needs. */
    public function rolls(): ?int
    {
        return $this->slip->countIfAny('rolls');
    }

    /** @return list<OnHand> what is there already: part rolls, loose pieces, full rolls */
    public function onHand(): array
    {
        return $this->slip->objects('onHand', OnHand::class);
    }

    public function mixesLots(): bool
    {
        return $this->slip->text('lots') === 'mixed';
    }

    /** All that it can be cut from: what is on hand, each less its allowance where nobody measured it, and new rolls. */
    public function supply(Length $keepFrom, bool $safe): Supply
    {
        return $this->supplyOf($this->onHand(), $this->rolls(), $keepFrom, $safe);
    }

    /**
     * The same of other things on hand and another number of new rolls.
     *
     * @param  list<OnHand>  $onHand
     */
    public function supplyOf(array $onHand, ?int $rolls, Length $keepFrom, bool $safe): Supply
    {
        return new Supply([...array_map($this->stock(...), $onHand), new Stock(Origin::New, $this->nominal(), $this->safe(), $rolls, $this->price())], $safe, $this->mixesLots(), $keepFrom);
    }

    private function stock(OnHand $there): Stock
    {
        $safe = ($there->byLabel ? $this->slip->percent('allowance') : Percent::of(0))->off($there->length)->minus($this->slip->length('trim'));

        return new Stock(Origin::of($there->length, $there->count, $this->nominal()), $there->length, $safe->isNegative() ? Length::zero() : $safe, $there->count, Money::cents(0), $there->lot, $there->item);
    }
}
