<?php

declare(strict_types=1);

namespace Davrin\Core\Part\GatheredBow;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Words\Fault;

/** Several strips pinched together at the middle, one of each ribbon, the top one looped. */
final class GatheredBow extends Bow
{
    public function key(): string
    {
        return 'gathered-bow';
    }

    public function name(): string
    {
        return 'a gathered stack';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: one strip of each, {strip} long, pinched together at the middle, the top one looped to '
            .'{topLoop} a side.'.self::closing();
    }

    public function blanks(): array
    {
        return [
            new LengthsBlank(
                'strip',
                'the length of a strip',
                [Length::inches(14)],
                1,
                self::MOST_TOGETHER,
                Length::inches(3),
                Length::yards(2),
            ),
            LengthBlank::of('topLoop', 'the loops of the top one', Length::inches(1, 3, 4), Length::inches(0, 1, 2), Length::inches(6)),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['strip' => 'the longest strips'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        $lengths = self::ofEachRibbon($slip, 'strip', $ribbons);
        $loop = $slip->length('topLoop');
        $piece = function (int $ribbon, Length $length) use ($lengths, $loop): BowPiece {
            $loops = $ribbon === count($lengths) - 1 ? [$loop, $loop] : [];
            $tails = $length->minus($loop->times(2 * count($loops)));
            if (! $tails->isPositive()) {
                throw Fault::at('/topLoop', 'Two loops of that take all of the top strip or more. Write smaller loops, or a longer strip.');
            }
            $half = Length::ofUnits(intdiv($tails->units, 2));

            return new BowPiece($ribbon, $loops, [$half, $tails->minus($half)], Length::zero());
        };

        return $lengths === [] ? [$piece(0, Length::zero())] : array_map($piece, array_keys($lengths), $lengths);
    }
}
