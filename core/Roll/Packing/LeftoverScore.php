<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * Compares ways of cutting the same rolls: first the longest leftover on an open roll, then fewer leftovers to keep, then small
 * part rolls used up before large ones. A part roll that nothing is cut from counts as a leftover too.
 */
final class LeftoverScore
{
    /**
     * @param  array<int, int>  $rolls  how many of each kind are open
     * @param  list<Pattern>  $cuts
     * @return array<int, int> compared one after another, less is better
     */
    public static function of(PackingTask $task, array $rolls, array $cuts): array
    {
        $used = [];
        foreach ($cuts as $pattern) {
            $units = 0;
            foreach ($pattern->pieces as $index => $count) {
                $units += $count * $task->lengths[$index];
            }
            $used[$pattern->kind][] = $units;
        }
        [$longest, $kept, $small] = [0, 0, []];
        foreach ($rolls as $kind => $count) {
            $its = $used[$kind] ?? [];
            rsort($its);
            for ($roll = 0; $roll < $count; $roll++) {
                $left = $task->kinds[$kind]->left($its[$roll] ?? 0);
                $longest = max($longest, $left);
                $kept += $left >= $task->keepFrom ? 1 : 0;
                if ($task->kinds[$kind]->isOpen()) {
                    $small[] = [$task->kinds[$kind]->length, -($its[$roll] ?? 0)];
                }
            }
        }
        sort($small);

        return [-$longest, $kept, ...array_column($small, 1)];
    }
}
