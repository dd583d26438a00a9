<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

/** Why something on the shelf became more or less. */
enum MovementKind: string
{
    case Came = 'came';
    case Measured = 'measured';
    case Cut = 'cut';
    case PutBack = 'put back';
    case Gone = 'gone';

    /** Whether what was done before it can no longer be told from what is left. */
    public function settlesWhatWasBefore(): bool
    {
        return $this === self::Measured;
    }
}
