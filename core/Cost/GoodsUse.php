<?php

declare(strict_types=1);

namespace Davrin\Core\Cost;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Run;
use Davrin\Core\Material\Good;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * How much of some counted goods a plan uses: halves and thirds pooled and rounded up to whole pieces, taken from what is on hand
 * first, and the rest from whole packs (docs/craft-figures.md, halves and thirds).
 */
final readonly class GoodsUse implements JsonSerializable
{
    /**
     * @param  int  $onHand  how many of the pieces are there already
     * @param  int  $packs  that are bought for the rest
     */
    private function __construct(
        public Good $good,
        public int $pieces,
        public int $onHand,
        public int $packs,
        public Figure $count,
        public Figure $bought,
    ) {}

    /**
     * Of every good of the plan, in its order.
     *
     * @param  list<RollOutcome>  $outcomes
     * @return list<self>
     */
    public static function of(Plan $plan, array $outcomes): array
    {
        $changes = array_merge(...array_map(fn (RollOutcome $outcome): array => $outcome->plan->changes, $outcomes));

        return array_map(fn (Good $good): self => self::ofPieces($good, ...self::asked($plan, $good, $changes)), $plan->goods());
    }

    /** "stems", or what it is called. */
    public function what(): string
    {
        return $this->good->name();
    }

    /** @return array<int, int> how many pieces are taken of each thing on the shelf, by what plans know it by */
    public function fromShelf(): array
    {
        [$taken, $open] = [[], $this->onHand];
        foreach ($this->good->onHand() as $there) {
            $pieces = min($open, $there->count);
            $open -= $pieces;
            if ($there->item !== null && $pieces > 0) {
                $taken[$there->item] = ($taken[$there->item] ?? 0) + $pieces;
            }
        }

        return $taken;
    }

    /** How many pieces of the packs that are bought are left over. */
    public function leftOver(): int
    {
        return $this->packs * $this->good->pack() - ($this->pieces - $this->onHand);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->good->id,
            'kind' => $this->good->kind->key(),
            'pieces' => $this->count,
            'onHand' => $this->onHand,
            'packs' => $this->bought,
        ];
    }

    /**
     * So many pieces of a good, with how that comes about.
     *
     * @param  list<string>  $because
     */
    public static function ofPieces(Good $good, BigRational $exact, array $because): self
    {
        $pieces = $exact->toScale(0, RoundingMode::CEILING)->toInt();
        $onHand = min($pieces, $good->there());
        $packs = intdiv($pieces - $onHand + $good->pack() - 1, $good->pack());
        [$one, $many] = $good->counted->noun();

        return new self(
            $good, $pieces, $onHand, $packs,
            new Figure($many, $pieces, Words::count($pieces, $one, $many), $because === [] ? ['none is used'] : $because),
            new Figure("packs of $many", $packs, Words::count($packs, 'pack'), [sprintf(
                '%s%s from packs of %d, %d left over',
                $onHand > 0 ? "$onHand on hand, " : '',
                Words::count($pieces - $onHand, $one, $many),
                $good->pack(),
                $packs * $good->pack() - ($pieces - $onHand),
            )]),
        );
    }

    /**
     * What a plan asks of a good, not yet rounded, and in words how that comes about.
     *
     * @param  list<RollChange>  $changes  where its runs go on from another roll
     * @param  string  $prefix  before its parts in these, where several plans are cut together
     * @return array{BigRational, list<string>}
     */
    public static function asked(Plan $plan, Good $good, array $changes, string $prefix = ''): array
    {
        [$exact, $because] = [BigRational::zero(), []];
        foreach ($plan->demand->of as $address => $demand) {
            $together = self::endsUnderWay($demand, $good, $plan, $changes, $prefix);
            $exact = $exact->plus($together);
            foreach (array_filter($demand->goods, fn (GoodsNeed $need): bool => self::isMet($need, $good, $plan)) as $need) {
                $exact = $exact->plus($need->pieces);
                $together += $need->because === null ? $need->pieces->toScale(0, RoundingMode::CEILING)->toInt() : 0;
                $because = [...$because, ...($need->because === null ? [] : [$need->because])];
            }
            if ($together > 0) {
                $part = $plan->part(substr($address, strlen('parts.')));
                $because[] = sprintf(
                    '%d for the %s%s',
                    $together,
                    $part->kind->noun()[count($demand->elements) === 1 ? 0 : 1],
                    $part->on->wound() === [] ? '' : " of {$part->materialNames()}",
                );
            }
        }

        return [$exact, $because];
    }

    /** Whether this is what is asked for: by name, or as the first of its kind. */
    private static function isMet(GoodsNeed $need, Good $good, Plan $plan): bool
    {
        return $need->material === null ? $plan->materials->ofKind($need->kind) === $good : $need->material === $good->id;
    }

    /**
     * Where ends are held by such a good, a change of rolls takes one more: one for all strands that change together.
     *
     * @param  list<RollChange>  $changes
     */
    private static function endsUnderWay(Demand $demand, Good $good, Plan $plan, array $changes, string $prefix): int
    {
        $runs = array_values(
            array_filter(
                $demand->runs,
                fn (Run $run): bool => $run->endsTake !== null && $plan->materials->ofKind($run->endsTake) === $good,
            ),
        );
        if ($runs === []) {
            return 0;
        }
        $its = array_filter($changes, fn (RollChange $change): bool => $change->part === $prefix.$runs[0]->part);

        return $runs[0]->together
            ? count(array_unique(array_map(fn (RollChange $change): string => $change->after->id, $its)))
            : count($its);
    }
}
