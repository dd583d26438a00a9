<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

use Davrin\Core\Measure\Length;
use Davrin\Core\Supply\Origin;

/** How a thing lies on the shelf. */
enum StockKind: string
{
    case Full = 'full';
    case Part = 'part';
    case Loose = 'loose';
    case Heap = 'heap';

    /** As the core tells full, begun and loose apart. */
    public static function of(Length $length, int $count, Length $new): self
    {
        return match (Origin::of($length, $count, $new)) {
            Origin::Loose => self::Loose,
            Origin::Part => self::Part,
            default => self::Full,
        };
    }

    /** As a file says it, in one word; nothing for what is counted. */
    public function word(): string
    {
        return match ($this) {
            self::Full, self::Part => 'roll',
            self::Loose => 'pieces',
            self::Heap => '',
        };
    }

    public function isRoll(): bool
    {
        return $this === self::Full || $this === self::Part;
    }
}
