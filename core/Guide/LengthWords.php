<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;

/**
 * Lengths in the words of the guide, in the maker's own units. They stand in braces: "{12 to 20 in}" is told in centimetres to the half;
 * "{an inch|2.5 cm}" says both, where words or a sum would not come out otherwise.
 */
final class LengthWords
{
    private const NUMBER = '/\d+ \d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?/';

    public static function told(string $words, Units $units): string
    {
        return (string) preg_replace_callback('/\{([^{}|]+)(?:\|([^{}]+))?\}/', fn (array $found): string => match (true) {
            $units === Units::Inches => $found[1],
            isset($found[2]) => $found[2],
            default => self::converted($found[1], $units),
        }, $words);
    }

    /** "30.5 to 51 cm" of "12 to 20 in" */
    private static function converted(string $inches, Units $units): string
    {
        $number = fn (string $its): string => (string) preg_replace('/ cm$/', '', $units->place(LengthText::read("$its in", null)));
        $numbers = preg_replace_callback(self::NUMBER, fn (array $found): string => $number((string) $found[0]), $inches);

        return (string) preg_replace('/ in$/', ' cm', (string) $numbers);
    }
}
