<?php

declare(strict_types=1);

namespace Davrin\Core\Scrap;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/**
 * What base can be made from scraps alone: how many pieces of a length each mesh gives, and how many of them go on the ties.
 * Small ones are used up, on no more than half of the ties, so that the mesh there is most of is the ground they lie on.
 */
final readonly class ScrapBase
{
    /** A piece shorter than this part of what was wanted is another wreath (docs/decisions.md). */
    private const LEAST_PART = [2, 3];

    /**
     * @param  array<string, int>  $pieces  that each mesh gives
     * @param  array<string, int>  $taken  that go on the ties, the most frequent first
     * @param  int  $missing  ties that stay bare
     */
    private function __construct(public array $pieces, public array $taken, public int $missing) {}

    /**
     * @param  list<Scrap>  $scraps
     * @param  int  $most  meshes that a plan can have
     */
    public static function of(array $scraps, Length $piece, int $ties, int $most = 12): self
    {
        $pieces = [];
        foreach ($scraps as $scrap) {
            $pieces[$scrap->mesh] = $scrap->pieces($piece);
        }
        $given = array_filter($pieces);
        arsort($given);
        $given = array_slice($given, 0, $most, true);
        $taken = self::taken($given, $ties);

        return new self($pieces, $taken, $ties - array_sum($taken));
    }

    /**
     * The longest piece, in steps of the ruler and no longer than wanted, of which there are enough; null where none is long
     * enough.
     *
     * @param  list<Scrap>  $scraps
     */
    public static function longest(array $scraps, Length $wanted, int $ties, Units $units): ?Length
    {
        $step = $units->step()->units;
        $isEnough = fn (int $steps): bool => $steps * $step * self::LEAST_PART[1] >= $wanted->units * self::LEAST_PART[0];
        for ($steps = intdiv($wanted->units, $step); $isEnough($steps); $steps--) {
            if (self::of($scraps, Length::ofUnits($steps * $step), $ties)->missing === 0) {
                return Length::ofUnits($steps * $step);
            }
        }

        return null;
    }

    /**
     * @param  array<string, int>  $given  the most first
     * @return array<string, int>
     */
    private static function taken(array $given, int $ties): array
    {
        $ground = array_key_first($given);
        $taken = [];
        foreach (array_reverse($given, true) as $mesh => $count) {
            if ($mesh !== $ground && array_sum($taken) + $count <= intdiv($ties, 2)) {
                $taken[$mesh] = $count;
            }
        }
        // The ground fills what is left; where it cannot, those that were too many for scraps help, the most first.
        foreach ($given as $mesh => $count) {
            $more = min($count - ($taken[$mesh] ?? 0), $ties - array_sum($taken));
            if ($more > 0) {
                $taken[$mesh] = ($taken[$mesh] ?? 0) + $more;
            }
        }
        arsort($taken);

        return $taken;
    }
}
