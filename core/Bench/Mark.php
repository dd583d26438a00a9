<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** What is said of a unit at the bench. Each is kept; how a unit stands is what was said of it last. */
enum Mark: string
{
    case Done = 'done';
    case Undone = 'undone';
    case Skipped = 'skipped';
    case Note = 'note';

    /** Whether a unit stands differently by it. */
    public function counts(): bool
    {
        return $this !== self::Note;
    }
}
