<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** The name people look for a colour by, derived from its hue, saturation and lightness. */
enum Family: string
{
    case White = 'white and cream';
    case Grey = 'grey and silver';
    case Black = 'black';
    case Brown = 'brown';
    case Red = 'red';
    case Orange = 'orange';
    case Yellow = 'yellow and gold';
    case Green = 'green';
    case Teal = 'teal';
    case Blue = 'blue';
    case Violet = 'violet';
    case Pink = 'pink';

    /** @param  string  $colour  "#1d6a6b" */
    public static function of(string $colour): self
    {
        [$red, $green, $blue] = array_map(fn (int $at): float => (float) hexdec(substr($colour, $at, 2)) / 255, [1, 3, 5]);
        [$most, $least] = [max($red, $green, $blue), min($red, $green, $blue)];
        [$light, $strong] = [($most + $least) / 2, $most - $least];
        if ($light < 0.12) {
            return self::Black;
        }
        if ($light > 0.82 && $strong < 0.25) {
            return self::White;
        }
        if ($strong < 0.09) {
            return self::Grey;
        }
        $hue = match ($most) {
            $red => fmod(60 * ($green - $blue) / $strong + 360, 360),
            $green => 60 * ($blue - $red) / $strong + 120,
            default => 60 * ($red - $green) / $strong + 240,
        };

        return match (true) {
            $hue >= 15 && $hue < 48 && $light < 0.62 && $strong < 0.48 => self::Brown,
            ($hue < 15 || $hue >= 320) && $light > 0.62 => self::Pink,
            $hue < 15 || $hue >= 345 => self::Red,
            $hue < 38 => self::Orange,
            $hue < 68 => self::Yellow,
            $hue < 160 => self::Green,
            $hue < 195 => self::Teal,
            $hue < 255 => self::Blue,
            $hue < 315, $hue < 335 && $light < 0.4 => self::Violet,
            default => self::Pink,
        };
    }
}
