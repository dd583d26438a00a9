<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** In which order several pieces of work of one plan are made. */
enum CopyOrder: string
{
    case OneByOne = 'piece';
    case Together = 'together';

    public function words(): string
    {
        return match ($this) {
            self::OneByOne => 'piece by piece: finish one, then begin the next',
            self::Together => 'all of them together: each step on every piece',
        };
    }
}
