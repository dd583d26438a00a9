<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

/** What a stretch of a search found. */
final readonly class Stretch
{
    /**
     * @param  int  $next  the combination to go on with
     * @param  list<Suggestion>  $found
     * @param  list<NearMiss>  $misses
     */
    public function __construct(public int $next, public array $found, public array $misses) {}
}
