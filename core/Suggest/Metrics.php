<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;

/** What of a plan a suggestion is judged by. Lengths are in inches. */
final readonly class Metrics
{
    /**
     * @param  float  $wasted  cents of the cost that are for ends too short to keep
     * @param  float  $scraps  how much of opened rolls and loose pieces it uses
     */
    public function __construct(
        public int $cents,
        public int $minutes,
        public int $rollsToBuy,
        public int $packsToBuy,
        public Shape $shape,
        public float $scraps,
        public int $pieces,
        public float $wasted = 0.0,
    ) {}

    public static function of(Plan $plan, Result $result, Shape $shape): self
    {
        $open = array_merge([], ...array_map(
            fn (WoundResult $its): array => array_map(
                fn (RollUse $roll): Length => $roll->used(),
                $its->plan->from(Origin::Part, Origin::Loose),
            ),
            $result->wound,
        ));

        return new self(
            $result->cost->total->cents,
            (int) $result->tally->minutes->value,
            (int) array_sum(array_map(fn (WoundResult $its): int => count($its->plan->from(Origin::New)), $result->wound)),
            (int) array_sum(array_map(fn (GoodsUse $use): int => $use->packs, $result->goods)),
            $shape,
            Length::sum($open)->toInches(),
            (int) $result->tally->elements->value,
            $plan->settings->costsByLength() ? self::wasted($plan, $result) : 0.0,
        );
    }

    private static function wasted(Plan $plan, Result $result): float
    {
        return array_sum(array_map(fn (WoundResult $its): float => $its->plan->waste($plan->settings->keepFrom())->units
            / $its->wound->nominal()->units * $plan->settings->priceOf($its->wound)->cents, $result->wound));
    }

    /** @return array{int, int, int, int, float, float, float, float, float, float, int} in their order above, the shape in its own */
    public function write(): array
    {
        return [
            $this->cents, $this->minutes, $this->rollsToBuy, $this->packsToBuy, $this->shape->across, $this->shape->opening,
            $this->shape->depth, $this->shape->ofLeast, $this->shape->ofMost, $this->scraps, $this->pieces,
        ];
    }

    /** @param  array{int, int, int, int, float, float, float, float, float, float, int}  $written */
    public static function read(array $written): self
    {
        return new self(
            ...array_slice($written, 0, 4),
            ...[new Shape(...array_slice($written, 4, 5)), $written[9], $written[10]],
        );
    }
}
