<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** How far two colours are apart to the eye: the distance in CIE 1976 L*a*b* (D65), where about 2 is just to be seen. */
final class ColourDistance
{
    private const WHITE = [0.95047, 1.0, 1.08883];

    /** Of sRGB to XYZ (IEC 61966-2-1). */
    private const TO_XYZ = [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041]];

    /** Colours closer than that are hardly told apart at arm's length (a guess). */
    private const CLOSE = 12.0;

    /** Whether two colours are hardly told apart. */
    public static function areAlike(string $one, string $other): bool
    {
        return self::between($one, $other) < self::CLOSE;
    }

    /** @param  string  $one  "#1d6a6b" */
    public static function between(string $one, string $other): float
    {
        [$a, $b] = [self::lab($one), self::lab($other)];

        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }

    /** @return array{float, float, float} in L*a*b* */
    public static function lab(string $colour): array
    {
        $linear = array_map(function (int $at) use ($colour): float {
            $part = (float) hexdec(substr($colour, $at, 2)) / 255;

            return $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;
        }, [1, 3, 5]);
        [$x, $y, $z] = array_map(function (array $row, float $white) use ($linear): float {
            $part = ($row[0] * $linear[0] + $row[1] * $linear[1] + $row[2] * $linear[2]) / $white;

            return $part > 216 / 24389 ? $part ** (1 / 3) : (24389 / 27 * $part + 16) / 116;
        }, self::TO_XYZ, self::WHITE);

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }
}
