<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** What a maker says of the wires of a form that is not round: how many, and how far apart. */
final class Wires
{
    public const SENTENCE = 'with {count} wires {gap} apart';

    /** @return array{CountBlank, LengthBlank} */
    public static function blanks(int $usual, int $fewest, int $most, Length $gap): array
    {
        return [
            new CountBlank('count', 'the number of wires', $usual, $fewest, $most),
            LengthBlank::of('gap', 'the distance between wires', $gap, Length::inches(0, 1, 4), Length::inches(12)),
        ];
    }

    /** @return non-empty-list<float> how far in each lies, in inches */
    public static function insets(Slip $slip): array
    {
        return array_map(fn (int $wire): float => ($wire - 1) * $slip->length('gap')->toInches(), range(1, $slip->count('count')));
    }

    /** @return list<int> every two neighbours, by the outer one */
    public static function pairs(int $wires): array
    {
        return $wires < 2 ? [] : range(1, $wires - 1);
    }

    public static function words(Slip $slip, Units $units): string
    {
        return $slip->count('count') === 1
            ? 'one wire'
            : sprintf('%s %s apart', Words::count($slip->count('count'), 'wire'), $units->place($slip->length('gap')));
    }
}
