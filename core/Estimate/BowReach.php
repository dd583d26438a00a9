<?php

declare(strict_types=1);

namespace Davrin\Core\Estimate;

use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/** How wide a bow is where it stands, against the opening and the finished piece, and what its loops and tails lie over (an estimate). */
final class BowReach
{
    /** @return list<Figure> none for what is no bow, or stands on ties */
    public static function of(Plan $plan, Part $part, Extent $extent, Figure $opening): array
    {
        $place = $part->on->anchor->places[0] ?? null;
        if (! $part->kind instanceof Bow || $place === null) {
            return [];
        }
        $pieces = $part->kind->pieces($part->on->slip, count($part->on->materials));
        [$loop, $tail] = [Bow::longestLoop($pieces), Bow::longestTail($pieces)];
        // Without loops the tails are what stands out.
        $side = $loop->isZero() ? $tail : $loop;
        [$out, $down, $units] = [$side->toInches(), $tail->toInches(), $plan->units()];
        $covered = array_filter($plan->ties->all(), function (Tie $tie) use ($place, $out, $down): bool {
            [$x, $y] = [abs($tie->place->x - $place->x), $tie->place->y - $place->y];

            return ($x <= $out && abs($y) <= $out * Bow::HIGH) || ($y >= 0.0 && $y <= $down && $x <= $y * Bow::SWING + Bow::AT_THE_KNOT);
        });
        $below = $place->y + $down - $extent->box->bottom;
        $wide = $side->times(2);

        return [new Figure('wide', LengthText::canonical($wide), $units->needed($wide).' wide', array_values(array_filter([
            sprintf('twice %s, how far it stands out to each side', $units->exact($side)),
            sprintf('the finished piece is %s wide; opening %s', $units->about($extent->box->wide(), $extent->isMeasured), $opening->shown),
            $tail->isZero() ? '' : sprintf(
                'its longest tail hangs %s, %s',
                $units->exact($tail),
                $below > 0.5
                    ? sprintf('%s below the piece', $units->about($below, $extent->isMeasured))
                    : 'and ends on the piece',
            ),
            $covered === []
                ? 'it lies over no tie'
                : 'it lies over '.Words::ties(array_values(array_map(fn (Tie $tie): int => $tie->number, $covered))),
        ])), true)];
    }
}
