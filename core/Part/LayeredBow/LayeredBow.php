<?php

declare(strict_types=1);

namespace Davrin\Core\Part\LayeredBow;

use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Part\PartContext;

/** Several ribbons, each one loop a side and two tails of its own size, one on another: 4 l + 2 t each, and three pinches. */
final class LayeredBow extends Bow
{
    public function key(): string
    {
        return 'layered-bow';
    }

    public function name(): string
    {
        return 'a layered bow';
    }

    public function making(PartContext $on): string
    {
        return 'Make {kind} of {material}: each one loop a side, {loop}, and two tails, {tail}, {pinch} for each pinch; lay them on each '
            .'other, the first at the bottom.'.self::closing();
    }

    public function blanks(): array
    {
        return [
            self::each('loop', 'the size of the loops', Length::inches(5), Length::inches(36)),
            self::each('tail', 'the length of the tails', Length::inches(10), Length::yards(3)),
            self::pinch(),
            ...self::bowBlanks(),
        ];
    }

    public function scales(): array
    {
        return ['loop' => 'the largest loops', 'tail' => 'the longest tails'];
    }

    public function pieces(Slip $slip, int $ribbons): array
    {
        [$loops, $tails] = [self::ofEachRibbon($slip, 'loop', $ribbons), self::ofEachRibbon($slip, 'tail', $ribbons)];

        return array_map(fn (int $ribbon): BowPiece => new BowPiece(
            $ribbon,
            [$loops[$ribbon], $loops[$ribbon]],
            [$tails[$ribbon], $tails[$ribbon]],
            $slip->length('pinch')->times(3),
        ), range(0, max(0, $ribbons - 1)));
    }

    private static function each(string $key, string $label, Length $usual, Length $most): LengthsBlank
    {
        return new LengthsBlank($key, $label, [$usual], 1, self::MOST_TOGETHER, Length::inches(...self::LEAST_LOOP), $most);
    }
}
