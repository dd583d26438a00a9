<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Closure;
use Davrin\Core\Material\Mix;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;

/** Other ribbons of a plan in the place of one that does not show. */
final class OtherRibbons
{
    /**
     * @param  Closure(Wound): bool  $shows  whether another would
     * @return list<Proposal>
     */
    public static function insteadOf(Plan $plan, Part $part, Wound $ribbon, Closure $shows): array
    {
        $proposals = [];
        $pieces = $part->on->slip->object('material', Mix::class)->pieces();
        foreach ($plan->wound() as $other) {
            if ($shows($other) && $part->kind->materials()->takes($other) && ! in_array($other->id, $pieces, true)) {
                $written = array_map(fn (string $id): string => $id === $ribbon->id ? $other->id : $id, $pieces);
                $proposals[] = Proposal::filling([
                    "Take {$other->name()} instead of {$ribbon->name()}",
                    ["parts.$part->id.material" => implode(' + ', $written)],
                ]);
            }
        }

        return $proposals;
    }
}
