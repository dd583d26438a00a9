<?php

declare(strict_types=1);

namespace Davrin\Core\Part\StripBow;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;

/** k strips laid to two fans that are crossed, without a loop: k x S, shared among its ribbons. */
final class StripBow extends Bow
{
    public function key(): string
    {
        return 'strip-bow';
    }

    public function name(): string
    {
        return 'a strip bow';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: {strips} strips, each {strip} long, laid to two fans of {=fans} that are crossed.'
            .self::closing();
    }

    public function blanks(): array
    {
        return [
            new CountBlank('strips', 'the number of strips', 16, 2, 40),
            LengthBlank::of('strip', 'the length of a strip', Length::inches(14), Length::inches(3), Length::yards(2)),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['strip' => 'the longest strips', 'strips' => 'the most strips'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        $half = Length::ofUnits(intdiv($slip->length('strip')->units, 2));
        $rest = $slip->length('strip')->minus($half);

        return array_map(
            fn (int $strip): BowPiece => new BowPiece($strip % max(1, $ribbons), [], [$half, $rest], Length::zero()),
            range(0, $slip->count('strips') - 1),
        );
    }

    protected function its(PartContext $on): array
    {
        $strips = $on->slip->count('strips');

        return ['fans' => $strips % 2 === 0 ? (string) intdiv($strips, 2) : intdiv($strips + 1, 2).' and '.intdiv($strips, 2)];
    }
}
