<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;

/** What ties carry once a part is not on them. */
final class OnTheTies
{
    /**
     * Whether ties carry nothing but what one part puts there.
     *
     * @param  list<int>  $ties  by number
     */
    public static function isBare(Plan $plan, Part $without, array $ties): bool
    {
        foreach ($plan->parts as $part) {
            $on = array_map(fn (Tie $tie): int => $tie->number, $part->on->ties());
            if ($part->id !== $without->id && array_intersect($on, $ties) !== []) {
                return false;
            }
        }

        return true;
    }
}
