<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** One thing to look for in a result. */
interface Rule
{
    /** @return list<Warning> */
    public function look(Plan $plan, Result $result): array;
}
