<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/**
 * What several measured values say together, so that one slip of the pen cannot move it: the median, how far values usually lie from it
 * (the median of their distances), and which of them are slips.
 */
final readonly class Typical
{
    /** Of values that scatter by chance 1.4826 of the median distance is one standard deviation; beyond three it is a slip. */
    private const SLIP = 3 * 1.4826;

    /** Of a mean without its ends so many are left out at each end, and one at the least. */
    private const ENDS = 0.2;

    /**
     * @param  list<float>  $values  in their order of size
     * @param  float  $scatter  the median of their distances from the median
     * @param  float  $slack  how far off a value may lie that is no slip, however close the others lie together
     */
    private function __construct(public array $values, public float $median, public float $scatter, private float $slack) {}

    /**
     * @param  non-empty-list<float>  $values
     * @param  float  $slack  in their own unit
     */
    public static function of(array $values, float $slack): self
    {
        sort($values);
        $median = self::middle($values);
        $off = array_map(fn (float $value): float => abs($value - $median), $values);
        sort($off);

        return new self($values, $median, self::middle($off), $slack);
    }

    public function isSlip(float $value): bool
    {
        return abs($value - $this->median) > max(self::SLIP * $this->scatter, $this->slack);
    }

    /** @return list<float> without the slips */
    public function kept(): array
    {
        return array_values(array_filter($this->values, fn (float $value): bool => ! $this->isSlip($value)));
    }

    /** The mean of what is left without the ends; of fewer than three the median. */
    public function trimmedMean(): float
    {
        $off = max(1, (int) floor(count($this->values) * self::ENDS));
        $left = array_slice($this->values, $off, count($this->values) - 2 * $off);

        return $left === [] ? $this->median : array_sum($left) / count($left);
    }

    /** @return array{float, float} between which the middle half of them lie */
    public function middleHalf(): array
    {
        $last = count($this->values) - 1;

        return [$this->values[(int) floor($last * 0.25)], $this->values[(int) ceil($last * 0.75)]];
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function middle(array $sorted): float
    {
        $half = intdiv(count($sorted), 2);

        return count($sorted) % 2 === 1 ? $sorted[$half] : ($sorted[$half - 1] + $sorted[$half]) / 2;
    }
}
