<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Davrin\Core\Words\Refused;

/** What was typed is not a measure. The message is the sentence that its writer reads. */
final class NotReadable extends Refused
{
    public static function emptyLength(): self
    {
        return new self('A length is missing. Write one such as "18 1/2 in" or "47 cm".');
    }

    public static function length(string $text): self
    {
        return new self(
            sprintf('"%s" is not a length. Write it like "18 1/2", "18.5 in", "1 ft 6 in", "0.5 yd" or "47 cm".', self::quoted($text)),
        );
    }

    public static function lengthWithoutUnit(string $text): self
    {
        return new self(sprintf('"%s" has no unit. Write it like "%1$s in", "%1$s yd" or "%1$s cm".', self::quoted($text)));
    }

    public static function thousands(string $text): self
    {
        return new self(
            sprintf(
                '"%s" could be read in two ways. Leave the comma out of thousands and write a point before a fraction.',
                self::quoted($text),
            ),
        );
    }

    public static function tooLong(string $text): self
    {
        return new self(sprintf('"%s" is longer than any roll. The longest length is 1000 yd.', self::quoted($text)));
    }

    public static function money(string $text, Currency $currency): self
    {
        return new self(sprintf(
            '"%s" is not a price in %s. Write it like "%s".',
            self::quoted($text),
            $currency->name(),
            ['650', '', '6.50', '6.500'][$currency->decimals()],
        ));
    }

    public static function tooMuch(string $text, Money $most): self
    {
        return new self(sprintf('"%s" is more than a price can be here. The highest is %s.', self::quoted($text), $most->shown()));
    }

    public static function percent(string $text): self
    {
        return new self(
            sprintf('"%s" is not a percentage. Write it like "1 %%" or "2.5", with at most two decimals.', self::quoted($text)),
        );
    }

    public static function weight(string $text): self
    {
        return new self(sprintf('"%s" is not a weight. Write it like "175 g", "0.31 kg" or "6.2 oz", up to 50 kg.', self::quoted($text)));
    }

    public static function areaWeight(string $text): self
    {
        return new self(sprintf(
            '"%s" does not say of which area it is the weight. Write it like "10.8 g a square foot" or "116 g a square metre".',
            self::quoted($text),
        ));
    }

    public static function lot(string $given): self
    {
        return new self(
            sprintf(
                '"%s" cannot be the name of a lot. Write up to 16 letters and figures, like "B7" or "T-4", or nothing.',
                mb_substr($given, 0, 40),
            ),
        );
    }

    public static function count(string $text): self
    {
        return new self(sprintf('"%s" is not a whole number. Write digits only, like "6".', self::quoted($text)));
    }

    private static function quoted(string $text): string
    {
        return mb_strlen($text) > 40 ? mb_substr($text, 0, 39).'…' : $text;
    }
}
