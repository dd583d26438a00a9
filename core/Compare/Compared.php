<?php

declare(strict_types=1);

namespace Davrin\Core\Compare;

/** What one of the plans that are compared has in one row: its figure, and in words how it differs from the first. */
final readonly class Compared
{
    public function __construct(public string $shown, public ?string $differs, public bool $isBest) {}
}
