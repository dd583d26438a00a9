<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/** Lays pieces on rolls along the relaxation: its fullest pattern is cut, and what is left is relaxed again. */
final class DivingHeuristic
{
    /**
     * @param  array<int, int>  $sizes  the longest first
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms  by kind
     * @param  array<int, int>  $rolls  how many there are, by kind
     * @param  list<Pattern>  $patterns  of the relaxation
     * @return ?list<Pattern> whole ones
     */
    public static function from(array $sizes, array $counts, array $rooms, array $rolls, array $patterns, Effort $effort): ?array
    {
        $cut = [];
        while (array_sum($counts) > 0) {
            if ($patterns === [] || $effort->isSpent()) {
                return null;
            }
            usort(
                $patterns,
                fn (Pattern $a, Pattern $b): int => [$b->times, self::used($b, $sizes)] <=> [$a->times, self::used($a, $sizes)],
            );
            foreach ($patterns as $number => $pattern) {
                $times = (int) floor($pattern->times + 1e-6);
                // The first is cut in any case; of the others those that the relaxation is sure of.
                for ($time = 0; $time < ($number === 0 ? max(1, $times) : $times) && $rolls[$pattern->kind] > 0; $time++) {
                    $pieces = [];
                    foreach ($pattern->pieces as $index => $count) {
                        $count = min($count, $counts[$index]);
                        if ($count > 0) {
                            $pieces[$index] = $count;
                            $counts[$index] -= $count;
                        }
                    }
                    if ($pieces !== []) {
                        $rolls[$pattern->kind]--;
                        $cut[] = new Pattern($pattern->kind, $pieces);
                    }
                }
            }
            foreach (self::rest($sizes, $counts, $rooms, $rolls, $effort) ?? [] as $pattern) {
                $cut[] = $pattern;
                foreach ($pattern->pieces as $index => $count) {
                    $counts[$index] -= $count;
                }
            }
            if (array_sum($counts) > 0) {
                $relaxation = Relaxation::ofAll($sizes, $counts, $rooms, $rolls, $effort);
                if ($relaxation->least > 0) {
                    return null;
                }
                $patterns = $relaxation->patterns;
            }
        }

        return $cut;
    }

    /**
     * @param  array<int, int>  $sizes
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $rooms
     * @param  array<int, int>  $rolls
     * @return ?list<Pattern>
     */
    private static function rest(array $sizes, array $counts, array $rooms, array $rolls, Effort $effort): ?array
    {
        [$kinds, $its] = [[], []];
        foreach ($rolls as $kind => $count) {
            for (; $count > 0; $count--) {
                $kinds[] = $kind;
                $its[] = $rooms[$kind];
            }
        }
        $laid = Heuristics::firstFit($sizes, $counts, $its, $effort) ?? Heuristics::fullest($sizes, $counts, $its, $effort, true);
        $cut = [];
        foreach ($laid ?? [] as $roll => $pieces) {
            if ($pieces !== []) {
                $cut[] = new Pattern($kinds[$roll], $pieces);
            }
        }

        return $laid === null ? null : $cut;
    }

    /** @param  array<int, int>  $sizes */
    private static function used(Pattern $pattern, array $sizes): int
    {
        $used = 0;
        foreach ($pattern->pieces as $index => $count) {
            $used += $count * $sizes[$index];
        }

        return $used;
    }
}
