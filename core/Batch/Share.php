<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Plan\Plan;

/** A plan and how many of it are made. */
final readonly class Share
{
    public function __construct(public Plan $plan, public int $copies) {}
}
