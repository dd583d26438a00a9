<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Measure\AreaWeight;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Percent;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/** A material that is wound on rolls, as a plan has it: its rolls with their length, price and how far the label can be trusted. */
final readonly class Wound extends Material
{
    /** Allowances that nobody chose, in hundredths of a percent: ordinary and cheap rolls (guesses, docs/craft-figures.md). */
    private const GUESSES = [100, 200];

    public function __construct(string $id, public WoundKind $wound, Slip $slip, private ?LearnedFigures $learned = null)
    {
        parent::__construct($id, $wound, $slip);
    }

    /** What the log tells apart of it: "see-through mesh", "ribbon". */
    public function sort(): string
    {
        return $this->wound->sort($this->slip);
    }

    /** Whoever it is bought from; where nobody said, the grade of its rolls. */
    public function source(): string
    {
        $supplier = trim($this->slip->text(SoldOnRolls::SUPPLIER));

        return match (true) {
            $supplier !== '' => $supplier,
            $this->slip->percent('allowance')->hundredths > self::GUESSES[0] => 'cheap rolls',
            default => 'ordinary rolls',
        };
    }

    /** What the log says of how short such rolls come, instead of a starting guess; null where the plan says what counts. */
    public function shortfall(): ?LearnedFigure
    {
        return $this->isMeasured() ? null : $this->learnedShortfall();
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
        return $this->isMeasured() ? Percent::of(0) : $this->byLabel();
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

    private function learnedShortfall(): ?LearnedFigure
    {
        return in_array($this->slip->percent('allowance')->hundredths, self::GUESSES, true)
            ? $this->learned?->find(Subject::Shortfall, '', $this->sort(), $this->source())
            : null;
    }

    /** How much shorter than its label a roll may be that nobody measured. */
    private function byLabel(): Percent
    {
        $learned = $this->learnedShortfall();

        return $learned === null ? $this->slip->percent('allowance') : Percent::read(LearnedFigure::number($learned->value, 2));
    }

    private function stock(OnHand $there): Stock
    {
        $safe = (
            $there->isByLabel($this->nominal()) && ! $this->isMeasured()
                ? $this->byLabel()
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
