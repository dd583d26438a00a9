<?php

namespace App\Blanks;

/**
 * What was typed in blanks, as text: where a blank is written in several fields, an entry's are joined by a space, entries by a plus
 * sign.
 */
final class Typed
{
    private const BETWEEN = ' + ';

    /**
     * @param  array<mixed>  $set
     * @return array<string, string> by address
     */
    public static function of(array $set): array
    {
        return array_map(fn (mixed $typed): string => is_array($typed) ? self::joined($typed) : (is_string($typed) ? $typed : ''), $set);
    }

    /**
     * The other way round: what was typed in the fields of an entry.
     *
     * @param  int  $fields  how many it has
     * @return ?list<string> null where that entry was not sent
     */
    public static function entry(?string $typed, int $entry, int $fields): ?array
    {
        $entries = explode(self::BETWEEN, (string) $typed);

        return $typed === null || ! isset($entries[$entry]) ? null : array_pad(explode(' ', $entries[$entry], $fields), $fields, '');
    }

    /** @param  array<mixed>  $entries */
    private static function joined(array $entries): string
    {
        $texts = array_map(
            fn (mixed $fields): string => trim(implode(' ', array_map(trim(...), array_filter((array) $fields, is_string(...))))),
            $entries,
        );

        return implode(self::BETWEEN, array_filter($texts, fn (string $text): bool => $text !== ''));
    }
}
