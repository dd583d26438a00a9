<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;

/** What a part is called where an edit is told: "the ruffles of Gold mesh". */
final class PartWords
{
    public static function of(Plan $plan, string $id): string
    {
        $part = array_column($plan->parts, null, 'id')[$id] ?? null;

        return $part === null ? 'a layer' : self::named($part);
    }

    public static function named(Part $part): string
    {
        return 'the '.$part->kind->noun()[1].($part->on->kinds() === [] ? '' : " of {$part->materialNames()}");
    }
}
