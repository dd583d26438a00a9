<?php

namespace App\Plans;

use App\Models\PlanCard;

/** Where a plan's picture is, as it was after a step: an address that names all that it depends on, so that it is fetched once. */
final class Picture
{
    public static function url(int $plan, int $step): string
    {
        return route('plans.picture', [$plan, $step], false).'?v='.urlencode(PlanCard::now());
    }
}
