<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** What is said of a first try: how far it came from what was to be expected, and what that usually comes from (guesses). */
final class Practice
{
    /** Within such a part of it a size is as it should be. */
    private const CLOSE = 0.15;

    /** Within so many times the usual a first try is quick enough. */
    private const SLOW = 3.0;

    /** In inches: what mesh wider by more makes is larger than was to be expected. */
    public const WIDER = 1;

    public static function reach(float $said, Length $measured, Units $units): string
    {
        [$is, $shown] = [$measured->toInches() / $said, $units->exact($measured)];
        $expected = $units->place(Length::nearInches($said));

        return match (true) {
            $is < 1 - self::CLOSE => "$shown is less than the $expected to be expected: it is still closed, or gathered too tightly. "
                .'Pull it open from the pinch outward.',
            $is > 1 + self::CLOSE => "$shown is more than the $expected to be expected: you measured from tip to tip, or the mesh is wider "
                .'than it says. Measure from the middle of its wires.',
            default => "$shown where $expected was to be expected: just as it should be.",
        };
    }

    public static function minutes(float $usual, float $took): string
    {
        $times = $took / max($usual, 0.01);
        $shown = rtrim(rtrim(number_format($usual, 2), '0'), '.');

        return match (true) {
            $times <= 1.0 => "Quicker than usual, which is $shown min. Look once more whether it holds.",
            $times <= self::SLOW => "Usual is $shown min. The tenth of them takes half as long as the first.",
            default => "Usual is $shown min. Take your time with the first three; then write down what one takes, and your plans will "
                .'reckon with it.',
        };
    }
}
