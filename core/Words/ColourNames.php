<?php

declare(strict_types=1);

namespace Davrin\Core\Words;

/** Colours that people write by name, and what each is here. */
final class ColourNames
{
    /** In the order in which they are offered: light ones, then round the colour circle, then brown and dark ones. */
    public const OFFERED = [
        'white' => '#f4f2ec', 'ivory' => '#efe6cf', 'cream' => '#ede3c8', 'beige' => '#d8c7a3', 'tan' => '#b99a6b', 'silver' => '#b9bdbf',
        'grey' => '#8d9189', 'yellow' => '#e3c53c', 'honey' => '#d9a53a', 'gold' => '#c59a2d', 'orange' => '#d9772b', 'copper' => '#a8643c',
        'rust' => '#a5502f', 'coral' => '#e07b62', 'red' => '#bf3030', 'burgundy' => '#6f1d2e', 'pink' => '#dd8fa6', 'plum' => '#6d3a5f',
        'purple' => '#6f4a94', 'lavender' => '#a79acb', 'navy' => '#22345c', 'blue' => '#3b66a5', 'sky' => '#7fb2d6',
        'turquoise' => '#3fa7a4', 'teal' => '#1d6a6b', 'mint' => '#a8d5b9', 'sage' => '#7f9a76', 'green' => '#4d8a4a', 'lime' => '#a6c63c',
        'moss' => '#5d6b3c', 'olive' => '#77773b', 'brown' => '#7a5a3c', 'black' => '#22252a',
    ];

    private const OTHERWISE = ['gray' => 'grey', 'natural' => 'tan', 'violet' => 'purple', 'khaki' => 'olive', 'sky blue' => 'sky'];

    /** "#1d6a6b" for "teal"; null for what names no colour. */
    public static function colour(string $name): ?string
    {
        $name = mb_strtolower(trim($name));

        return self::OFFERED[self::OTHERWISE[$name] ?? $name] ?? null;
    }

    /** "teal" for "#1d6a6b"; null where nobody calls it anything. */
    public static function name(string $colour): ?string
    {
        return array_search($colour, self::OFFERED, true) ?: null;
    }
}
