<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\SegmentKind;

/** How the work stands: what is made of it, what is cut, from which rolls, and what else there is. */
final readonly class Situation
{
    /** @var non-empty-array<int, BenchPiece> by the number of the copy */
    public array $pieces;

    /**
     * @param  non-empty-array<BenchPiece>  $pieces
     * @param  list<BenchRoll>  $rolls  that all of them are cut from
     * @param  array<string, true>  $cut  the pieces that are cut and good, by id: "1/outer.9/0"
     * @param  array<string, true>  $made  the elements that are made, by copy and id: "1/outer.9"
     * @param  array<string, list<OnHand>>  $shelf  what else lies free on the shelf, by the id of the material
     */
    public function __construct(
        array $pieces,
        public array $rolls,
        public array $cut,
        public array $made,
        public array $shelf = [],
    ) {
        $this->pieces = array_column(array_map(fn (BenchPiece $piece): array => [$piece->copy, $piece], array_values($pieces)), 1, 0);
    }

    public function units(): Units
    {
        return $this->first()->plan->units();
    }

    public function first(): BenchPiece
    {
        return $this->pieces[array_key_first($this->pieces)];
    }

    /** The piece of work that is in hand: the first of which something is still to be made. */
    public function inHand(): BenchPiece
    {
        foreach ($this->pieces as $piece) {
            foreach ($piece->plan->parts as $part) {
                foreach ($part->demand->elements as $element) {
                    if (! $this->isMade($piece->copy, $element->id)) {
                        return $piece;
                    }
                }
            }
        }

        return $this->first();
    }

    public function roll(string $key): ?BenchRoll
    {
        return array_values(array_filter($this->rolls, fn (BenchRoll $roll): bool => $roll->key === $key))[0] ?? null;
    }

    /** A material by its id, of whichever piece of work has it. */
    public function wound(string $material): ?Wound
    {
        foreach ($this->pieces as $piece) {
            $its = $piece->plan->materials->all[$material] ?? null;
            if ($its instanceof Wound) {
                return $its;
            }
        }

        return null;
    }

    public function isMade(int $copy, string $element): bool
    {
        return isset($this->made["$copy/$element"]);
    }

    public function isCut(BenchCut $cut): bool
    {
        // What was spoiled is off the roll too, and of no element any more.
        return $cut->isWaste() || ($cut->isPiece() ? isset($this->cut[$cut->id ?? '']) : isset($this->made[$cut->element() ?? '']));
    }

    /** @return list<BenchCut> what is off a roll: pieces, what was spoiled, steps of runs, and the tails that these began or ended with */
    public function cutFrom(BenchRoll $roll): array
    {
        $off = [];
        foreach ($roll->cuts as $at => $its) {
            $isOff = match ($its->kind) {
                SegmentKind::Piece, SegmentKind::Step => $this->isCut($its),
                SegmentKind::StartTail => isset($roll->cuts[$at + 1]) && $this->isCut($roll->cuts[$at + 1]),
                SegmentKind::EndTail => $at > 0 && $this->isCut($roll->cuts[$at - 1]),
            };
            $off = $isOff ? [...$off, $its] : $off;
        }

        return $off;
    }

    /** @param  list<BenchRoll>  $rolls */
    public function withRolls(array $rolls): self
    {
        return new self($this->pieces, $rolls, $this->cut, $this->made, $this->shelf);
    }

    /** The same once one of its pieces of work is made by another plan. */
    public function withPlan(int $copy, Plan $plan, Result $result): self
    {
        return $this->withPiece(new BenchPiece($copy, $plan, $result, $this->pieces[$copy]->moved));
    }

    /**
     * @param  array<string, true>  $cut
     * @param  array<string, true>  $made
     */
    public function done(array $cut, array $made): self
    {
        return new self($this->pieces, $this->rolls, $cut, $made, $this->shelf);
    }

    /** @param  array<string, int>  $moved  elements of a copy that count for another section now, by id */
    public function moved(int $copy, array $moved): self
    {
        $its = $this->pieces[$copy];

        return $this->withPiece(new BenchPiece($copy, $its->plan, $its->result, [...$its->moved, ...$moved]));
    }

    private function withPiece(BenchPiece $piece): self
    {
        return new self(
            array_replace($this->pieces, [$piece->copy => $piece]),
            $this->rolls,
            $this->cut,
            $this->made,
            $this->shelf,
        );
    }
}
