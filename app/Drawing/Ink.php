<?php

namespace App\Drawing;

use Davrin\Core\Colour\Grey;
use Davrin\Core\Material\Wound;

/** The colours a mesh is drawn in: its own, a darker line for hatch and edge, a lighter one for pleats, and ink that reads on it. */
final readonly class Ink
{
    /** The hatch of what has none. */
    public const PLAIN = 'plain';

    private function __construct(
        public string $id,
        public string $fill,
        public string $dark,
        public string $light,
        public string $text,
        public string $hatch,
    ) {}

    /** @param  string  $id names its hatch in the page */
    public static function of(Wound $mesh, string $id): self
    {
        return self::from($mesh->slip->text('colour'), $mesh->slip->text('hatch'), $id);
    }

    public static function from(string $colour, string $hatch, string $id): self
    {
        // Below this white reads better on it than black; on either side the better one has a contrast of 4.5 and more.
        $isDark = Grey::luminance($colour) < 0.179;

        return new self(
            $id,
            $colour,
            self::mix($colour, '#101a18', 0.42),
            self::mix($colour, '#ffffff', 0.45),
            $isDark ? '#ffffff' : '#000000',
            $hatch,
        );
    }

    private static function mix(string $colour, string $with, float $part): string
    {
        $mixed = array_map(fn (int $a, int $b): int => (int) round($a + ($b - $a) * $part), self::rgb($colour), self::rgb($with));

        return vsprintf('#%02x%02x%02x', $mixed);
    }

    /** @return array{int, int, int} red, green and blue of a colour as "#rrggbb" */
    public static function rgb(string $colour): array
    {
        return [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];
    }
}
