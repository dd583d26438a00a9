<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** What past estimates are held against. */
enum Compares: string
{
    case Size = 'size';
    case Minutes = 'minutes';
    case Fullness = 'fullness';
    case Rolls = 'rolls';

    public function words(): string
    {
        return match ($this) {
            self::Size => 'How large it got',
            self::Minutes => 'How long it took',
            self::Fullness => 'How full it looked',
            self::Rolls => 'How short rolls came',
        };
    }
}
