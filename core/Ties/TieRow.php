<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

/** Ties in the order they are used. On a closed row the last is followed by the first, which makes one poof more. */
final readonly class TieRow
{
    /** @param  non-empty-list<Tie>  $ties */
    public function __construct(public array $ties, public bool $closed) {}
}
