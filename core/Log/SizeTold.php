<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;

/**
 * What a measured size tells of how far elements stand out: by which multiple of their reach the estimate would have come out as measured.
 * All that stands out is stretched together; what the piece ends with bears it.
 */
final readonly class SizeTold
{
    private const TURNS = 60;

    private const CLOSE = 1e-9;

    private const STEP = 0.02;

    /** Of the starting guess at the least and at the most. */
    private const BOUNDS = [0.02, 8.0];

    /**
     * @param  Part  $bears  what the piece ends with
     * @param  float  $guess  the size as it is guessed, in inches
     * @param  float  $real  as it was measured
     * @param  float  $slope  by how much it grows with the multiple
     */
    private function __construct(public Part $bears, public float $factor, public float $guess, public float $real, public float $slope) {}

    /**
     * @param  Plan  $plan  with starting guesses
     * @return ?self null where nothing was measured that says it, or where the form reaches farther than all that is on it
     */
    public static function of(Plan $plan, Made $made): ?self
    {
        $box = (new Estimates($plan, $plan->parts))->extent->box;
        [$wide, $high] = [$made->wide?->toInches(), $made->high?->toInches()];
        $isSquare = abs($box->wide() - $box->high()) < 0.01;
        [$isHigh, $real] = match (true) {
            // What is round on paper is never quite so in the hand.
            $wide !== null && $high !== null && $isSquare => [false, ($wide + $high) / 2],
            $wide !== null && $high !== null => $box->high() > $box->wide() ? [true, $high] : [false, $wide],
            $high !== null => [true, $high],
            default => [false, $wide],
        };
        $bears = $real === null ? null : self::farthest($plan, $isHigh);
        if ($real === null || $bears === null) {
            return null;
        }
        $guess = self::size($plan, $plan->parts, 1.0, $isHigh);
        $factor = self::solved(fn (float $factor): float => self::size($plan, $plan->parts, $factor, $isHigh) - $real);
        $slope = (self::size($plan, $plan->parts, 1.0 + self::STEP, $isHigh) - $guess) / self::STEP;

        return $factor === null ? null : new self($bears, $factor, $guess, $real, $slope);
    }

    /** The part that makes the piece larger where it stands out farther; of several the one that does it most. */
    private static function farthest(Plan $plan, bool $isHigh): ?Part
    {
        $guess = self::size($plan, $plan->parts, 1.0, $isHigh);
        [$farthest, $most] = [null, self::CLOSE];
        foreach ($plan->parts as $at => $part) {
            if ($part->size->standsOut()) {
                $grown = self::size($plan, [...$plan->parts, $at => self::stretched($part, 1.0 + self::STEP)], 1.0, $isHigh) - $guess;
                [$farthest, $most] = $grown > $most + self::CLOSE ? [$part, $grown] : [$farthest, $most];
            }
        }

        return $farthest;
    }

    /** @param  array<int, Part>  $parts */
    private static function size(Plan $plan, array $parts, float $factor, bool $isHigh): float
    {
        $stretched = $factor === 1.0 ? $parts : array_map(fn (Part $part): Part => self::stretched($part, $factor), $parts);
        $box = (new Estimates($plan, array_values($stretched)))->extent->box;

        return $isHigh ? $box->high() : $box->wide();
    }

    private static function stretched(Part $part, float $factor): Part
    {
        return $part->size->standsOut() ? $part->sized(new LearnedFigure(Subject::Reach, new Scope(''), $factor, 0), null) : $part;
    }

    /**
     * Where a growing function is nothing, by false position with bisection where that is slow.
     *
     * @param  callable(float): float  $off
     */
    private static function solved(callable $off): ?float
    {
        [$low, $high] = self::BOUNDS;
        [$below, $above] = [$off($low), $off($high)];
        if ($below > 0.0 || $above < 0.0) {
            return null;
        }
        for ($turn = 0; $turn < self::TURNS && $high - $low > self::CLOSE; $turn++) {
            $try = $turn % 3 === 2 || $above - $below < self::CLOSE
                ? ($low + $high) / 2
                : $low - $below * ($high - $low) / ($above - $below);
            $its = $off($try);
            if (abs($its) < self::CLOSE) {
                return $try;
            }
            [$low, $below, $high, $above] = $its < 0.0 ? [$try, $its, $high, $above] : [$low, $below, $try, $its];
        }

        return ($low + $high) / 2;
    }
}
