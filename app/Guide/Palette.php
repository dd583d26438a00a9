<?php

namespace App\Guide;

use App\Drawing\Ink;

/** What mesh and ribbon of the guide are drawn in. */
final class Palette
{
    private const INKS = [
        'a' => ['#7f9a76', 'slant'],
        'b' => ['#c99a3c', 'dots'],
        'r' => ['#2f7f86', 'stripes'],
        's' => ['#efe2c5', 'waves'],
    ];

    public static function of(string $ink): Ink
    {
        return Ink::from(...[...self::INKS[$ink] ?? self::INKS['a'], "guide-$ink"]);
    }
}
