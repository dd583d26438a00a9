<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** One of the pieces of work on the bench: the plan that it is made by, which may have been changed under way, and what comes of it. */
final readonly class BenchPiece
{
    /** @param  array<string, int>  $moved  the section that an element counts for now, by its id, where that is not its tie's own */
    public function __construct(public int $copy, public Plan $plan, public Result $result, public array $moved = []) {}
}
