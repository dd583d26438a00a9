<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

/** The meshes of a plan as one thing, so that what was built of them can be told from what was built of others. */
final readonly class WoundSet
{
    /** @param  non-empty-array<string, Wound>  $all  by id */
    public function __construct(public array $all) {}
}
