<?php

declare(strict_types=1);

namespace Davrin\Core\Part\HalfFoldBow;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Words\Fault;

/** Strips of length S, each one loop of size l, the rest of it two tails of (S - 2 l) / 2; the ribbons come by turns. */
final class HalfFoldBow extends Bow
{
    public function key(): string
    {
        return 'half-fold-bow';
    }

    public function name(): string
    {
        return 'a half-fold bow';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: {strips} strips, each {strip} long, folded to one loop of {loop}, which leaves two tails of '
            .'{=rest}.'.self::closing();
    }

    public function blanks(): array
    {
        return [
            new CountBlank('strips', 'the number of strips', 4, 1, 24),
            LengthBlank::of('strip', 'the length of a strip', Length::inches(18), Length::inches(3), Length::yards(3)),
            self::loop('loop', 'the size of a loop', Length::inches(4)),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['strip' => 'the longest strips', 'strips' => 'the most strips'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        $tail = self::rest($slip);

        return array_map(
            fn (int $strip): BowPiece => new BowPiece($strip % max(1, $ribbons), [$slip->length('loop')], [$tail, $tail], Length::zero()),
            range(0, $slip->count('strips') - 1),
        );
    }

    protected function its(PartContext $on): array
    {
        return ['rest' => $on->units->exact(self::rest($on->slip))];
    }

    private static function rest(Slip $slip): Length
    {
        $rest = $slip->length('strip')->minus($slip->length('loop')->times(2));

        return $rest->isPositive() ? Length::ofUnits(intdiv($rest->units, 2)) : throw Fault::at(
            '/loop',
            'A loop takes twice its size, and that is all of the strip or more. Write a smaller loop, or longer strips.',
        );
    }
}
