<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;

/** An edit after which all the rest of the plan still fits. */
trait LosesNothing
{
    /** @return list<string> */
    public function lost(Plan $before, Plan $after): array
    {
        return [];
    }
}
