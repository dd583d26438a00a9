<?php

namespace App\Shelf;

use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\Origin;

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

    public function isRoll(): bool
    {
        return $this === self::Full || $this === self::Part;
    }
}
