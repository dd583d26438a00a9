<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use Davrin\Core\Words\Words;

/** The plan for one mesh: which element comes from which roll, what is left, and what stays unmet. */
final readonly class RollPlan
{
    /**
     * @param  list<RollUse>  $rolls  in working order
     * @param  list<RollChange>  $changes
     * @param  list<Element>  $unmet
     * @param  int  $unmetPieces  how many pieces and steps of strands that is
     * @param  Supply  $supply  that it was planned from
     * @param  ?Proof  $proof  what cannot be bettered; null where that was not asked
     */
    public function __construct(
        public array $rolls,
        public array $changes,
        public array $unmet,
        public int $unmetPieces,
        public Supply $supply,
        public ?Proof $proof = null,
    ) {}

    public function provenBy(?Proof $proof): self
    {
        return new self($this->rolls, $this->changes, $this->unmet, $this->unmetPieces, $this->supply, $proof);
    }

    /**
     * The same cuts, with every roll counted for what it is said to hold.
     *
     * @param  ?int  $newRolls  that there may be; null for as many as needed
     */
    public function atNominal(?int $newRolls, ?Proof $proof): self
    {
        return new self(
            array_map(fn (RollUse $roll): RollUse => $roll->atNominal(), $this->rolls),
            $this->changes,
            $this->unmet,
            $this->unmetPieces,
            $this->supply->atNominal()->withNew($newRolls),
            $proof,
        );
    }

    /** Whether it still can be cut so should every roll come as short as it may. */
    public function isSafeAsLaid(): bool
    {
        return array_filter($this->rolls, fn (RollUse $roll): bool => $roll->used()->isMoreThan($roll->stock->safe)) === [];
    }

    /** Whether it leaves as many unmet as another, costs as much for new rolls and opens as many full ones. */
    public function buysTheSameAs(self $other): bool
    {
        return array_slice($this->objective(), 0, 3) === array_slice($other->objective(), 0, 3);
    }

    public function used(): Length
    {
        return Length::sum(array_map(fn (RollUse $roll): Length => $roll->used(), $this->rolls));
    }

    public function left(): Length
    {
        return Length::sum(array_map(fn (RollUse $roll): Length => $roll->left(), $this->rolls));
    }

    /** Leftover ends too short to keep. */
    public function waste(Length $keepFrom): Length
    {
        return Length::sum(
            array_map(fn (RollUse $roll): Length => $roll->left()->isLessThan($keepFrom) ? $roll->left() : Length::zero(), $this->rolls),
        );
    }

    /** @return list<RollUse> */
    public function from(Origin ...$origins): array
    {
        return array_values(array_filter($this->rolls, fn (RollUse $roll): bool => in_array($roll->stock->origin, $origins, true)));
    }

    /** What the new rolls cost, in cents. */
    public function cents(): int
    {
        return array_sum(array_map(fn (RollUse $roll): int => $roll->stock->cents, $this->from(Origin::New)));
    }

    /** "2 new rolls of Sage mesh"; null where none has to be bought. */
    public function toBuy(string $material): ?string
    {
        $count = count($this->from(Origin::New));

        return $count === 0 ? null : Words::count($count, 'new roll')." of $material";
    }

    /** What is open once it is cut: what was, and no more full rolls than it opens. */
    public function opens(): Supply
    {
        return $this->supply->keeping(fn (Stock $stock): ?int => $stock->origin->opens()
            ? count(array_filter($this->rolls, fn (RollUse $roll): bool => $roll->stock->isLike($stock)))
            : $stock->count);
    }

    /** Full rolls that were opened for it, from the shelf or new. */
    public function opened(): int
    {
        return count($this->from(Origin::Full, Origin::New));
    }

    /** Whether no other way leaves fewer unmet, costs less or opens fewer full rolls, in this order. */
    public function isProvenBest(): bool
    {
        return $this->proof !== null
            && [$this->unmetPieces, $this->cents(), $this->opened()] === [
                $this->proof->unmet,
                $this->proof->cents,
                $this->proof->opened,
            ];
    }

    /** Counted part rolls and whole ones that it does not cut from. */
    public function untouched(): Length
    {
        $there = 0;
        foreach ($this->supply->stock as $stock) {
            $there += ($stock->count ?? 0) * $this->supply->length($stock)->units;
        }
        foreach ($this->rolls as $roll) {
            $there -= $roll->stock->count === null ? 0 : $roll->length->units;
        }

        return Length::ofUnits($there);
    }

    /**
     * The objective, compared part by part, less is better: pieces unmet, money, full rolls opened, minus the longest leftover on
     * an open roll, and how many leftovers are kept.
     *
     * @return list<int>
     */
    public function objective(): array
    {
        $lefts = array_map(fn (RollUse $roll): int => $roll->atNominal()->left()->units, $this->rolls);
        foreach ($this->supply->stock as $stock) {
            $cut = count(array_filter($this->rolls, fn (RollUse $roll): bool => $roll->stock === $stock));
            array_push(
                $lefts,
                ...array_fill(0, $stock->origin->opens() ? 0 : max(0, $stock->count - $cut), $stock->nominal->units),
            );
        }

        return [
            $this->unmetPieces, $this->cents(), $this->opened(), -max([0, ...$lefts]),
            count(array_filter($lefts, fn (int $left): bool => $left > 0 && $left >= $this->supply->keepFrom->units)),
        ];
    }

    /** @return array<string, list<int>> the rolls that each element comes from, by its id */
    public function rollsOf(): array
    {
        $rolls = [];
        foreach ($this->rolls as $roll) {
            foreach ($roll->segments as $segment) {
                if ($segment->element !== null && ! in_array($roll->number, $rolls[$segment->element->id] ?? [], true)) {
                    $rolls[$segment->element->id][] = $roll->number;
                }
            }
        }

        return $rolls;
    }
}
