<?php

declare(strict_types=1);

namespace Davrin\Core\Supply;

use Davrin\Core\Measure\Length;

/** Where mesh comes from. */
enum Origin: string
{
    case Part = 'part roll';
    case Loose = 'loose piece';
    case Full = 'full roll';
    case New = 'new roll';

    /** What so many of a length are of which a new roll holds so much: full, loose pieces where there are several, else begun. */
    public static function of(Length $length, int $count, Length $new): self
    {
        return match (true) {
            ! $length->isLessThan($new) => self::Full,
            $count > 1 => self::Loose,
            default => self::Part,
        };
    }

    /** Whether it takes opening: a part roll is open already. */
    public function opens(): bool
    {
        return $this === self::Full || $this === self::New;
    }
}
