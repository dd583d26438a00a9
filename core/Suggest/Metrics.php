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
            $plan->settings->costsByLength() ? self::wasted($plan, $result) : 0.0,
        );
    }

    private static function wasted(Plan $plan, Result $result): float
    {
        return array_sum(array_map(fn (WoundResult $its): float => $its->plan->waste($plan->settings->keepFrom())->units
            / $its->wound->nominal()->units * $plan->settings->priceOf($its->wound)->cents, $result->wound));
    }

    /** @return array<string, int|float> lengths in inches, money in the smallest unit of its currency */
    public function write(): array
    {
        return [
            'cents' => $this->cents,
            'minutes' => $this->minutes,
            'rollsToBuy' => $this->rollsToBuy,
            'packsToBuy' => $this->packsToBuy,
            'across' => $this->shape->across,
            'opening' => $this->shape->opening,
            'depth' => $this->shape->depth,
            'ofLeast' => $this->shape->ofLeast,
            'ofMost' => $this->shape->ofMost,
            'scraps' => $this->scraps,
        ];
    }

    /** @param  array<string, int|float>  $written */
    public static function read(array $written): self
    {
        return new self(
            (int) $written['cents'],
            (int) $written['minutes'],
            (int) $written['rollsToBuy'],
            (int) $written['packsToBuy'],
            new Shape(
                (float) $written['across'],
                (float) $written['opening'],
                (float) $written['depth'],
                (float) $written['ofLeast'],
                (float) $written['ofMost'],
            ),
            (float) $written['scraps'],
        );
    }
}
