<?php

namespace App\Shelf\Import;

/** What people call things and colours, beside their names here. */
final class KnownNames
{
    /** The key of a kind of material, and what else such a name says of it. */
    private const KINDS = [
        'deco mesh' => ['mesh'], 'decor mesh' => ['mesh'], 'wreath mesh' => ['mesh'],
        'poly jute' => ['mesh', ['weave' => 'poly-jute']], 'poly-jute' => ['mesh', ['weave' => 'poly-jute']],
        'jute mesh' => ['mesh', ['weave' => 'poly-jute']],
        'metallic mesh' => ['mesh', ['weave' => 'metallic']], 'foil mesh' => ['mesh', ['weave' => 'foil']],
        'fabric mesh' => ['mesh', ['weave' => 'fabric']], 'burlap' => ['mesh', ['weave' => 'burlap', 'body' => 'burlap']],
        'mesh tubing' => ['tubing'], 'deco tubing' => ['tubing'],
        'wired ribbon' => ['ribbon', ['wired' => 'wired']], 'sheer ribbon' => ['ribbon', ['wired' => 'sheer']],
        'chenille stem' => ['stems'], 'chenille stems' => ['stems'], 'chenille' => ['stems'], 'pipe cleaner' => ['stems'],
        'pipe cleaners' => ['stems'], 'cable tie' => ['zip-ties'], 'cable ties' => ['zip-ties'], 'ziptie' => ['zip-ties'],
        'zipties' => ['zip-ties'], 'raffia' => ['strands'],
    ];

    /** Colours that people write by name. */
    private const COLOURS = [
        'white' => '#f4f2ec', 'cream' => '#ede3c8', 'ivory' => '#efe6cf', 'black' => '#22252a', 'grey' => '#8d9189',
        'gray' => '#8d9189', 'silver' => '#b9bdbf', 'gold' => '#c59a2d', 'yellow' => '#e3c53c', 'honey' => '#d9a53a',
        'orange' => '#d9772b', 'rust' => '#a5502f', 'red' => '#bf3030', 'burgundy' => '#6f1d2e', 'pink' => '#dd8fa6',
        'coral' => '#e07b62', 'plum' => '#6d3a5f', 'purple' => '#6f4a94', 'lavender' => '#a79acb', 'blue' => '#3b66a5',
        'sky' => '#7fb2d6', 'navy' => '#22345c', 'teal' => '#1d6a6b', 'turquoise' => '#3fa7a4', 'mint' => '#a8d5b9',
        'green' => '#4d8a4a', 'sage' => '#7f9a76', 'moss' => '#5d6b3c', 'olive' => '#77773b', 'lime' => '#a6c63c',
        'brown' => '#7a5a3c', 'tan' => '#b99a6b', 'beige' => '#d8c7a3', 'natural' => '#b99a6b', 'copper' => '#a8643c',
    ];

    /**
     * @param  list<string>  $known  the kinds there are, by key
     * @return array{string, array<string, string>}|null the key of the kind, and what the name says of it besides
     */
    public static function kind(string $name, array $known): ?array
    {
        [$key, $said] = (self::KINDS[self::plain($name)] ?? []) + [null, []];

        return $key !== null && in_array($key, $known, true) ? [$key, $said] : null;
    }

    /**
     * The longest of these names that stands in a text.
     *
     * @param  list<string>  $known
     * @return array{string, array<string, string>}|null
     */
    public static function kindIn(string $text, array $known): ?array
    {
        $names = array_keys(self::KINDS);
        usort($names, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($names as $name) {
            if (str_contains(' '.self::plain($text).' ', " $name ")) {
                return self::kind($name, $known);
            }
        }

        return null;
    }

    /** The colour that a text names, as "#rrggbb"; null where it names none. The last counts: "gold teal" is a teal. */
    public static function colour(string $text): ?string
    {
        if (preg_match('/^#?([0-9a-f]{6})$/i', trim($text), $found) === 1) {
            return '#'.strtolower($found[1]);
        }
        $colour = null;
        foreach (explode(' ', self::plain($text)) as $word) {
            $colour = self::COLOURS[$word] ?? $colour;
        }

        return $colour;
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}-]+/u', ' ', mb_strtolower($text)));
    }
}
