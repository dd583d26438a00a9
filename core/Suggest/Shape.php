<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Estimate\FullnessEstimate;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Figure;

/** How large and how full a plan gets (estimates), which is known before a roll is planned. Lengths are in inches. */
final readonly class Shape
{
    /**
     * @param  float  $ofLeast  how large a part of what is just not thin
     * @param  float  $ofMost  how large a part of what is just not very full
     */
    public function __construct(
        public float $across,
        public float $opening,
        public float $depth,
        public float $ofLeast,
        public float $ofMost,
    ) {}

    public static function of(Plan $plan): self
    {
        $estimates = new Estimates($plan, $plan->parts);
        $fullness = FullnessEstimate::of($plan, $plan->parts);
        $inches = fn (Figure $figure): float => LengthText::read((string) $figure->value, null)->toInches();

        return new self(
            $inches($estimates->across()),
            $inches($estimates->opening()),
            $inches($estimates->depth()),
            $fullness->ofLeast,
            $fullness->ofMost,
        );
    }
}
