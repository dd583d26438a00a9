<?php

declare(strict_types=1);

namespace Davrin\Core\Part\LoopedBow;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\PartContext;

/** n loops a side of one size from one ribbon, with two tails: 2n x 2 l + t1 + t2, and 2n + 1 pinches. */
final class LoopedBow extends Bow
{
    public const KEY = 'looped-bow';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'a looped bow';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: {loops} loops a side, each {loop}, tails of {tails}, {pinch} for each pinch.'
            .self::closing();
    }

    public function blanks(): array
    {
        return [
            new CountBlank('loops', 'the loops a side', 3, 1, 12),
            self::loop('loop', 'the size of a loop', Length::inches(4, 1, 2)),
            self::tails(Length::inches(14)),
            self::pinch(),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['loop' => 'the largest loop', 'loops' => 'the most loops a side', 'tails' => 'the longest tails'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        $loops = 2 * $slip->count('loops');

        return self::ofEach(
            $ribbons,
            array_fill(0, $loops, $slip->length('loop')),
            self::bothTails($slip),
            $slip->length('pinch')->times($loops + 1),
        );
    }
}
