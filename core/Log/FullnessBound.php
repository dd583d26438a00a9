<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\Subject;

/**
 * Where thin ends or very full begins, from what was said of pieces: the bound nearest to the starting guess that contradicts at most one
 * verdict more than must be. So one verdict alone never moves it.
 */
final class FullnessBound
{
    /** Bounds are told to the tenth of a square inch per inch. */
    private const STEP = 0.1;

    /** One verdict may always be a slip. */
    private const MAY_BE_WRONG = 1;

    /**
     * @param  non-empty-list<Observation>  $observed  of one subject, thin or full
     * @return array{float, int} the bound, and how many verdicts contradict it
     */
    public static function of(array $observed): array
    {
        $guess = round($observed[0]->guess, 1);
        $values = array_map(fn (Observation $its): float => round($its->real, 1), $observed);
        $tried = array_values(array_unique(array_merge(
            [$guess],
            $values,
            array_map(fn (float $value): float => round($value + self::STEP, 1), $values),
            array_map(fn (float $value): float => round($value - self::STEP, 1), $values),
        )));
        usort($tried, fn (float $a, float $b): int => [abs($a - $guess), $a] <=> [abs($b - $guess), $b]);
        $wrong = array_map(fn (float $bound): int => self::contradicting($observed, $bound), $tried);
        $enough = min($wrong) + self::MAY_BE_WRONG;
        foreach ($tried as $at => $bound) {
            if ($wrong[$at] <= $enough) {
                return [$bound, $wrong[$at]];
            }
        }

        return [$guess, $wrong[0]];
    }

    /** @param  list<Observation>  $observed */
    private static function contradicting(array $observed, float $bound): int
    {
        return count(array_filter($observed, function (Observation $its) use ($bound): bool {
            $amount = round($its->real, 1);

            return $its->subject === Subject::Thin
                ? ($amount < $bound) !== ($its->verdict === Verdict::Thin->value)
                : ($amount > $bound) !== ($its->verdict === Verdict::VeryFull->value);
        }));
    }
}
