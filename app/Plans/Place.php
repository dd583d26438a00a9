<?php

namespace App\Plans;

use Davrin\Core\Measure\Length;

/** Where a piece is looked at: a door, a window or a wall of a size and a colour, and how high its hook is. */
final readonly class Place
{
    public const DOOR = 'door';

    public const WINDOW = 'window';

    public const WALL = 'wall';

    /** What each usually measures: wide, high, and how far above the floor it begins, in inches. */
    private const USUAL = [self::DOOR => [36, 80, 0], self::WINDOW => [40, 48, 34], self::WALL => [96, 96, 0]];

    /** @param  ?Length  $hook  how high it is above the floor; null where the middle of the piece is at the height of the eyes */
    public function __construct(public string $on, public Length $wide, public Length $high, public string $colour, public ?Length $hook) {}

    public static function usualWide(string $on): Length
    {
        return Length::inches(self::USUAL[$on][0]);
    }

    public static function usualHigh(string $on): Length
    {
        return Length::inches(self::USUAL[$on][1]);
    }

    /** How far above the floor it begins, in inches. */
    public function above(): int
    {
        return self::USUAL[$this->on][2];
    }

    /** @return array<string, string> */
    public static function choices(): array
    {
        return [self::DOOR => 'a door', self::WINDOW => 'a window', self::WALL => 'a wall'];
    }
}
