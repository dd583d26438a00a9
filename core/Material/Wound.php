<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\AreaWeight;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/** A material that is wound on rolls, as a plan has it: its rolls with their length, price and how far the label can be trusted. */
final readonly class Wound extends Material
{
    public function __construct(string $id, public WoundKind $wound, Slip $slip)
    {
        parent::__construct($id, $wound, $slip);
    }

    public function width(): Length
    {
        return $this->slip->length('width');
    }

    /** How much a square inch of it fills, next to one of plain mesh. */
    public function fills(): float
    {
        return $this->wound->fills($this->slip);
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

    /** What a square foot or a square metre of it weighs; null where nobody knows. */
    public function weighs(): ?AreaWeight
    {
        return $this->slip->areaWeightIfAny(SoldOnRolls::WEIGHS);
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
        return new Supply(
            [
                ...array_map($this->stock(...), $onHand),
                ...($rolls === 0 ? [] : [new Stock(Origin::New, $this->nominal(), $this->safe(), $rolls, $this->price()->cents)]),
            ],
            $safe,
            $this->mixesLots(),
            $keepFrom,
        );
    }

    private function stock(OnHand $there): Stock
    {
        $safe = (
            $there->isByLabel($this->nominal()) && ! $this->isMeasured()
                ? $this->slip->percent('allowance')
                : Percent::of(0)
        )->off($there->length)->minus($this->slip->length('trim'));

        return new Stock(
            Origin::of($there->length, $there->count, $this->nominal()),
            $there->length,
            $safe->isNegative() ? Length::zero() : $safe,
            $there->count,
            0,
            $there->lot,
            $there->item,
        );
    }
}
