<?php

declare(strict_types=1);

namespace Davrin\Core\Part\LacedBow;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Words\Fault;

/** One strip S with two tails t, tied like a shoelace: two loops of (S - 2 t) / 4. */
class LacedBow extends Bow
{
    public function key(): string
    {
        return 'laced-bow';
    }

    public function name(): string
    {
        return 'a laced bow';
    }

    public function making(PartContext $on): string
    {
        return 'Tie {kind} of {material}: a strip of {strip} with two tails of {tail}, which leaves two loops of {=rest}.'.self::closing();
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('strip', 'the length of the strip', Length::inches(24), Length::inches(4), Length::yards(5)),
            self::tail('tail', 'the length of a tail', Length::inches(4)),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['strip' => 'the longest strip'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        // What a knot takes is in its loops. A quarter of a strip need be no whole unit of length: the tails are what is left.
        $loop = self::rest($slip);
        $tail = Length::ofUnits(intdiv($slip->length('strip')->minus($loop->times(4))->units, 2));

        return array_map(
            fn (int $ribbon): BowPiece => new BowPiece(
                $ribbon,
                [$loop, $loop],
                [$tail, $slip->length('strip')->minus($loop->times(4))->minus($tail)],
                Length::zero(),
            ),
            range(0, max(0, $ribbons - 1)),
        );
    }

    protected function its(PartContext $on): array
    {
        return ['rest' => $on->units->available(self::rest($on->slip))];
    }

    private static function rest(Slip $slip): Length
    {
        $rest = $slip->length('strip')->minus($slip->length('tail')->times(2));

        return $rest->isPositive() ? Length::ofUnits(intdiv($rest->units, 4)) : throw Fault::at(
            '/tail',
            'Two tails of that are all of the strip or more, and leave nothing for loops. Write shorter tails, or a longer strip.',
        );
    }
}
