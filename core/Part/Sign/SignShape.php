<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Sign;

use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Point;

/** What a sign is cut like. */
enum SignShape: string
{
    case Rectangle = 'rectangle';
    case Round = 'round';
    case Oval = 'oval';
    case Arch = 'arch';
    case Outline = 'outline';

    public function words(): string
    {
        return match ($this) {
            self::Rectangle => 'a rectangle',
            self::Round => 'round',
            self::Oval => 'oval',
            self::Arch => 'an arch',
            self::Outline => 'an outline of its own',
        };
    }

    /** @param  non-empty-list<Point>  $outline  in any measure, for an outline of its own */
    public function board(array $outline, Point $middle, float $wide, float $high, float $turned): Board
    {
        return match ($this) {
            self::Rectangle => Board::rectangle($middle, $wide, $high, $turned),
            self::Round, self::Oval => Board::oval($middle, $wide, $high, $turned),
            self::Arch => Board::arch($middle, $wide, $high, $turned),
            self::Outline => Board::of($outline, $middle, $wide, $high, $turned),
        };
    }
}
