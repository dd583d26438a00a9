<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

/** How long remedies are looked for: an edit is answered at once, and what that leaves out is looked for afterwards. */
enum Thoroughness
{
    /** What only a search finds is not looked for. */
    case NotAtAll;
    case AtOnce;
    case Thorough;

    /** So many steps. */
    public function steps(): int
    {
        return match ($this) {
            self::NotAtAll => 0,
            self::AtOnce => 2_000_000,
            self::Thorough => 40_000_000,
        };
    }
}
