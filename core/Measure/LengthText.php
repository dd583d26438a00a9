<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Reads a length the way people type it and writes the one form that files hold.
 *
 * Inches, feet and yards are kept to the nearest 1/32 in, metric lengths to the nearest millimetre: no tape shows more.
 */
final class LengthText
{
    private const LONGEST = 1000 * 36 * Length::PER_INCH;

    /** What rolls are sold by: how long it is in units of length, and in which parts of it a decimal number is exact. */
    private const ROLL_UNITS = [
        'yd' => [36 * Length::PER_INCH, 8], 'ft' => [12 * Length::PER_INCH, 4], 'm' => [1000 * Length::PER_MILLIMETRE, 1000],
    ];

    private const FRACTIONS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5',
        '⅘' => '4/5',
        '⅙' => '1/6', '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅑' => '1/9',
        '⅒' => '1/10',
    ];

    private const SIGNS = [
        '⁄' => '/',
        '″' => '"',
        '”' => '"',
        '“' => '"',
        '′' => "'",
        '’' => "'",
        '−' => '-',
        "''" => '"',
        "\u{00A0}" => ' ',
        "\u{202F}" => ' ',
        "\u{2009}" => ' ',
    ];

    /** Every unit that may be typed, with its length in inches or millimetres. */
    private const UNITS = [
        'yards' => ['in', 36], 'yard' => ['in', 36], 'yds' => ['in', 36], 'yd' => ['in', 36],
        'feet' => ['in', 12], 'foot' => ['in', 12], 'ft' => ['in', 12], "'" => ['in', 12],
        'inches' => ['in', 1], 'inch' => ['in', 1], 'in' => ['in', 1], '"' => ['in', 1],
        'millimetres' => ['mm', 1], 'millimeters' => ['mm', 1], 'millimetre' => ['mm', 1], 'millimeter' => ['mm', 1],
        'mm' => ['mm', 1],
        'centimetres' => ['mm', 10], 'centimeters' => ['mm', 10], 'centimetre' => ['mm', 10],
        'centimeter' => ['mm', 10], 'cm' => ['mm', 10],
        'metres' => ['mm', 1000], 'meters' => ['mm', 1000], 'metre' => ['mm', 1000], 'meter' => ['mm', 1000], 'm' => ['mm', 1000],
    ];

    /**
     * @param  ?Units  $bare  what a number without a unit means; null where a unit must stand
     *
     * @throws NotReadable
     */
    public static function read(string $text, ?Units $bare): Length
    {
        return self::length($text, $bare, 32, 1);
    }

    /**
     * As finely as a length is held, to 1/160 mm: for what is not cut but reckoned with, like how far a roll is across.
     *
     * @throws NotReadable
     */
    public static function fine(string $text, ?Units $bare): Length
    {
        return self::length($text, $bare, Length::PER_INCH, Length::PER_MILLIMETRE);
    }

    /**
     * @param  int  $inch  how many steps an inch is kept in
     * @param  int  $millimetre  and a millimetre
     */
    private static function length(string $text, ?Units $bare, int $inch, int $millimetre): Length
    {
        $plain = self::plain($text);
        if ($plain === '') {
            throw NotReadable::emptyLength();
        }
        $negative = str_starts_with($plain, '-');
        $parts = self::parts($negative ? ltrim(substr($plain, 1)) : $plain, $text);

        $total = ['in' => BigRational::zero(), 'mm' => BigRational::zero()];
        $previous = null;
        foreach ($parts as [$number, $unit]) {
            [$system, $size] = self::unit($unit, $previous, $bare, $text);
            if ($previous !== null && ($previous[0] !== $system || $previous[1] <= $size)) {
                throw NotReadable::length($text);
            }
            $total[$system] = $total[$system]->plus($number->multipliedBy($size));
            $previous = [$system, $size];
        }

        $length = self::inUnits($total['in'], 'in', $inch, intdiv(Length::PER_INCH, $inch))->plus(
            self::inUnits($total['mm'], 'mm', $millimetre, intdiv(Length::PER_MILLIMETRE, $millimetre)),
        );

        return $negative ? Length::zero()->minus($length) : $length;
    }

    /** The one way a length stands in a plan file: inches with a reduced fraction where 1/32 in divides it, else centimetres. */
    public static function canonical(Length $length): string
    {
        return ($length->units * 32) % Length::PER_INCH === 0
            ? self::mixedInches($length, 32)
            : self::decimal($length->units, 10 * Length::PER_MILLIMETRE, 6).' cm';
    }

    /** The unit that a roll was written in, where the length comes out in it: "yd", "ft" or "m"; null in any other. */
    public static function rollUnit(string $typed, Length $length): ?string
    {
        $written = '/\d\s*(?:(?<yd>yards?|yds?)|(?<ft>feet|foot|ft)|(?<m>met(?:re|er)s?|m))\.?\s*$/iu';
        preg_match($written, $typed, $found, PREG_UNMATCHED_AS_NULL);
        foreach (self::ROLL_UNITS as $unit => [$units, $parts]) {
            if (isset($found[$unit]) && ($length->units * $parts) % $units === 0) {
                return $unit;
            }
        }

        return null;
    }

    /** "10 yd", "2.5 yd", "30 ft", "9 m" */
    public static function inRollUnit(Length $length, string $unit): string
    {
        return self::decimal($length->units, self::ROLL_UNITS[$unit][0], 3)." $unit";
    }

    /** A whole number and a reduced fraction of an inch; the length must be a whole number of 1/$denominator in. */
    public static function mixedInches(Length $length, int $denominator): string
    {
        $parts = intdiv(abs($length->units) * $denominator, Length::PER_INCH);
        $whole = intdiv($parts, $denominator);
        $rest = $parts % $denominator;
        while ($rest !== 0 && $rest % 2 === 0) {
            $rest = intdiv($rest, 2);
            $denominator = intdiv($denominator, 2);
        }
        $fraction = $rest === 0 ? '' : "$rest/$denominator";
        $number = $whole === 0 && $fraction !== '' ? $fraction : trim("$whole $fraction");

        return ($length->isNegative() ? '-' : '').$number.' in';
    }

    /** $units / $perUnit as a decimal number without needless zeros. */
    public static function decimal(int $units, int $perUnit, int $places): string
    {
        $number = number_format($units / $perUnit, $places, '.', '');

        return $places === 0 ? $number : rtrim(rtrim($number, '0'), '.');
    }

    private static function plain(string $text): string
    {
        foreach (self::FRACTIONS as $sign => $fraction) {
            $text = str_replace($sign, " $fraction", $text);
        }

        return trim(mb_strtolower(strtr($text, self::SIGNS)));
    }

    /** @return list<array{BigRational, string}> numbers with the unit that follows each, '' where none does */
    private static function parts(string $plain, string $typed): array
    {
        $unit = implode('|', array_map(preg_quote(...), array_keys(self::UNITS)));
        $number = '(?:(?:(?<whole>\d+)(?:\s+|\s*-\s*))?(?<top>\d+)\s*\/\s*(?<bottom>\d+)|(?<decimal>\d+(?:[.,]\d+)?|[.,]\d+))';
        $parts = [];
        $at = 0;
        while ($at < strlen($plain)) {
            if (
                count($parts) === 3
                || preg_match("~\\G$number\\s*(?<unit>$unit)?\\.?\\s*~", $plain, $found, PREG_UNMATCHED_AS_NULL, $at) !== 1
            ) {
                throw NotReadable::length($typed);
            }
            $parts[] = [self::number($found, $typed), $found['unit'] ?? ''];
            $at += strlen((string) $found[0]);
        }

        return $parts === [] ? throw NotReadable::length($typed) : $parts;
    }

    /** @param  array<int|string, string|null>  $found */
    private static function number(array $found, string $typed): BigRational
    {
        if ($found['top'] !== null) {
            if ((int) $found['bottom'] === 0) {
                throw NotReadable::length($typed);
            }

            return BigRational::nd($found['top'], (string) $found['bottom'])->plus($found['whole'] ?? '0');
        }
        $decimal = (string) $found['decimal'];
        if (preg_match('/,\d{3}$/', $decimal) === 1) {
            throw NotReadable::thousands($typed);
        }

        return BigRational::of('0'.strtr($decimal, ',', '.'));
    }

    /**
     * @param  array{string, int}|null  $previous
     * @return array{string, int}
     */
    private static function unit(string $unit, ?array $previous, ?Units $bare, string $typed): array
    {
        if ($unit !== '') {
            return self::UNITS[$unit];
        }
        if ($previous !== null) {
            // "1 ft 6" means 6 in; after any other unit a bare number is a slip.
            return $previous === ['in', 12] ? ['in', 1] : throw NotReadable::length($typed);
        }

        return match ($bare) {
            Units::Inches => ['in', 1],
            Units::Metric => ['mm', 10],
            null => throw NotReadable::lengthWithoutUnit($typed),
        };
    }

    private static function inUnits(BigRational $value, string $unit, int $steps, int $unitsPerStep): Length
    {
        $whole = $value->multipliedBy($steps)->toScale(0, RoundingMode::HALF_UP)->toBigInteger();
        if ($whole->isGreaterThan(intdiv(self::LONGEST, $unitsPerStep))) {
            throw NotReadable::tooLong($value->toScale(0, RoundingMode::UP)." $unit");
        }

        return Length::ofUnits($whole->toInt() * $unitsPerStep);
    }
}
