<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/**
 * Ties to exchange so that like no longer meets like: two at a time, always those that part the most, until none meet. It keeps how
 * many there are of each, and takes no more exchanges than a maker would follow.
 */
final readonly class Swaps
{
    private const MOST = 4;

    /** With more ties than this trying every exchange takes too long. */
    private const MANY_TIES = 150;

    /**
     * @param  list<array{int, int}>  $along  pairs of neighbours, by the numbers of the ties
     * @param  list<array{int, int}>  $across
     * @param  array<string, int>  $ground  meshes that may lie beside themselves along a row
     * @param  array<string, int>  $background  those that may across rows
     */
    private function __construct(private array $along, private array $across, private array $ground, private array $background) {}

    /**
     * What to write to do it, by what to call it; nothing where no such exchanges are found.
     *
     * @param  array<int, string>  $shown  by the number of the tie
     * @param  array<int, string>  $unpainted  what would show had nothing been painted
     * @return array<string, array<string, string>>
     */
    public static function parting(ColourTask $task, array $shown, array $unpainted): array
    {
        if (count($shown) > self::MANY_TIES) {
            return [];
        }
        $along = array_merge(...array_map($task->neighbours->along(...), $task->rows));
        $ground = array_map(fn (array $pair): string => $unpainted[$pair[0]], Neighbours::alike($along, $unpainted));
        $swaps = new self($along, $task->neighbours->across(), array_flip($ground), Neighbours::background($shown));
        $exchanged = $swaps->exchanges($shown, $task);
        if ($exchanged === []) {
            return [];
        }
        $painted = $task->painted;
        foreach ($exchanged as [$one, $other]) {
            [$shown[$one], $shown[$other]] = [$shown[$other], $shown[$one]];
            [$painted[$one], $painted[$other]] = [$shown[$one], $shown[$other]];
        }
        ksort($painted);
        $pairs = array_map(fn (array $pair): string => min($pair).' and '.max($pair), $exchanged);

        return ['Swap ties '.implode('; ', $pairs) => ['painted' => PaintBlank::typed($painted)]];
    }

    /**
     * @param  array<int, string>  $shown
     * @return list<array{int, int}>
     */
    private function exchanges(array $shown, ColourTask $task): array
    {
        [$exchanged, $meeting] = [[], $this->meeting($shown)];
        while ($meeting !== [] && count($exchanged) < self::MOST && ! $task->effort->isSpent()) {
            [$best, $fewest] = [null, count($meeting)];
            foreach (array_unique(array_merge(...$meeting)) as $one) {
                foreach (array_keys($shown) as $other) {
                    if ($shown[$one] === $shown[$other]) {
                        continue;
                    }
                    $task->effort->spend(count($this->along) + count($this->across));
                    $left = count($this->meeting(array_replace($shown, [$one => $shown[$other], $other => $shown[$one]])));
                    [$best, $fewest] = $left < $fewest ? [[$one, $other], $left] : [$best, $fewest];
                }
            }
            if ($best === null) {
                return [];
            }
            $exchanged[] = $best;
            [$shown[$best[0]], $shown[$best[1]]] = [$shown[$best[1]], $shown[$best[0]]];
            $meeting = $this->meeting($shown);
        }

        return $meeting === [] ? $exchanged : [];
    }

    /**
     * @param  array<int, string>  $shown
     * @return list<array{int, int}> pairs that show the same where they should not
     */
    private function meeting(array $shown): array
    {
        return [
            ...Neighbours::alike($this->along, array_filter($shown, fn (string $mesh): bool => ! isset($this->ground[$mesh]))),
            ...Neighbours::alike($this->across, array_filter($shown, fn (string $mesh): bool => ! isset($this->background[$mesh]))),
        ];
    }
}
