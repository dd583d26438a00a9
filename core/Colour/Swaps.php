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
     * @param  array<int, list<array{int, array<string, int>}>>  $next  the neighbours of each tie, and which meshes may meet there
     */
    private function __construct(private array $next) {}

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
        // A mesh that the order itself puts next to itself is a background along the rows; one there is most of, across them.
        $ground = array_flip(array_map(fn (array $pair): string => $unpainted[$pair[0]], Neighbours::alike($along, $unpainted)));
        $next = [];
        foreach ([[$along, $ground], [$task->neighbours->across(), Neighbours::background($shown)]] as [$pairs, $free]) {
            foreach ($pairs as [$one, $other]) {
                $next[$one][] = [$other, $free];
                $next[$other][] = [$one, $free];
            }
        }
        $swaps = new self($next);
        $exchanged = $swaps->exchanges($shown);
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
    private function exchanges(array $shown): array
    {
        [$exchanged, $meeting] = [[], $this->meeting($shown)];
        while ($meeting !== [] && count($exchanged) < self::MOST) {
            [$best, $most] = [null, 0];
            foreach ($meeting as $one => $meets) {
                foreach ($shown as $other => $mesh) {
                    $parts = $mesh === $shown[$one] ? 0 : $meets + $this->meets($other, $mesh, $shown)
                        - $this->meets($one, $mesh, $shown, $other) - $this->meets($other, $shown[$one], $shown, $one);
                    [$best, $most] = $parts > $most ? [[$one, $other], $parts] : [$best, $most];
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
     * @return array<int, int> how often each tie meets its own where it should not, by its number; without those that do not
     */
    private function meeting(array $shown): array
    {
        $meeting = [];
        foreach ($shown as $tie => $mesh) {
            $meeting[$tie] = $this->meets($tie, $mesh, $shown);
        }

        return array_filter($meeting);
    }

    /**
     * How often a mesh on a tie would meet its own.
     *
     * @param  array<int, string>  $shown
     * @param  ?int  $but  a neighbour that does not count
     */
    private function meets(int $tie, string $mesh, array $shown, ?int $but = null): int
    {
        $meets = 0;
        foreach ($this->next[$tie] ?? [] as [$neighbour, $free]) {
            $meets += $neighbour !== $but && $shown[$neighbour] === $mesh && ! isset($free[$mesh]) ? 1 : 0;
        }

        return $meets;
    }
}
