<?php

namespace App\Shelf\Import;

use Davrin\Core\Words\ColourNames;

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
            $colour = ColourNames::colour($word) ?? $colour;
        }

        return $colour;
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}-]+/u', ' ', mb_strtolower($text)));
    }
}
