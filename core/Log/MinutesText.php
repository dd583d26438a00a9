<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Words\Fault;

/** Reads how long something took, as makers write it: "14.5", "14,5 min", "1 h 20", "1,440". */
final class MinutesText
{
    private const TIME = '/^(?:(?<hours>\d{1,5}) ?h(?:ours?)? ?)?(?:(?<minutes>\d{1,8}(?:[.,]\d{1,3})?) ?(?:m|min|mins|minutes)?)?$/i';

    /** @throws Fault */
    public static function read(string $text): float
    {
        // "1,440" is a thousand and more, "14,5" is a little more than fourteen.
        $plain = (string) preg_replace('/(?<=\d),(?=\d{3}(?!\d))/', '', trim($text));
        if ($plain === '' || preg_match(self::TIME, $plain, $found) !== 1) {
            throw Fault::at('', sprintf(
                '"%s" is no time that I can read. Write minutes like 14.5, or 1 h 20 min.',
                mb_substr(trim($text), 0, 40),
            ));
        }

        return 60 * (float) ($found['hours'] ?? 0) + (float) strtr($found['minutes'] ?? '0', ',', '.');
    }
}
