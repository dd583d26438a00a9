<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** How light a colour is: all that an eye without colour vision sees of it. */
final class Grey
{
    /** Below this contrast two colours are hardly told apart without their hues (a guess). */
    public const TOLD_APART = 1.5;

    /** From this contrast on they are told apart at a glance (a guess). */
    public const WELL_APART = 3.0;

    /**
     * Relative luminance (WCAG 2.2): 0 for black and 1 for white.
     *
     * @param  string  $colour  "#1d6a6b"
     */
    public static function luminance(string $colour): float
    {
        [$red, $green, $blue] = array_map(function (int $at) use ($colour): float {
            $share = hexdec(substr($colour, $at, 2)) / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, [1, 3, 5]);

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    /** Contrast ratio (WCAG 2.2) of two colours: 1 where they are as light as each other, 21 for black and white. */
    public static function contrast(string $one, string $other): float
    {
        [$darker, $lighter] = [self::luminance($one), self::luminance($other)];

        return (max($darker, $lighter) + 0.05) / (min($darker, $lighter) + 0.05);
    }
}
