<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** Whole numbers as they are typed, with ranges: "1, 4 and 7 to 9". */
final class Numbers
{
    /** @return ?non-empty-list<int> in order, each once; null for what is not such a list, or not from 1 to $largest */
    public static function read(string $text, int $largest): ?array
    {
        $numbers = [];
        foreach (preg_split('/\s*(?:[,;]|\band\b)\s*/', trim($text, ' ,;')) ?: [] as $part) {
            if (preg_match('/^(\d{1,3})(?:\s*(?:to|-|–|\.\.)\s*(\d{1,3}))?$/u', $part, $found) !== 1) {
                return null;
            }
            [$from, $to] = [(int) $found[1], (int) ($found[2] ?? $found[1])];
            if ($from < 1 || $to < $from || $to > $largest) {
                return null;
            }
            array_push($numbers, ...range($from, $to));
        }
        $numbers = array_values(array_unique($numbers));
        sort($numbers);

        return $numbers === [] ? null : $numbers;
    }
}
