<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

/** A combination that misses one wish alone, and by how much. */
final readonly class NearMiss
{
    /** @param  string  $wish  one of Limits */
    public function __construct(public string $wish, public float $by, public string $technique) {}
}
