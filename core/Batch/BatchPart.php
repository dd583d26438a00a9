<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Part\Part;

/** A part of a batch, and which piece of work it belongs to: "Barn wedding, no. 2". */
final readonly class BatchPart
{
    public function __construct(public string $whose, public Part $part) {}
}
