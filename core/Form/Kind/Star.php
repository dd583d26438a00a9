<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;

/** Points out and in by turns. It begins at the top point. */
final class Star extends ShapedFrame
{
    /** How far the inner corners are from the middle, as a part of how far the points are. */
    private const INNER = 0.5;

    public function key(): string
    {
        return 'star';
    }

    public function name(): string
    {
        return 'star';
    }

    public function sentence(): string
    {
        return parent::sentence().', with {points} points';
    }

    public function blanks(): array
    {
        return [...parent::blanks(), new CountBlank('points', 'the number of points', 5, 4, 12)];
    }

    protected function outline(float $x, float $y, Slip $slip): array
    {
        $points = 2 * $slip->count('points');
        $outline = [new Point(0.0, -1.0)];
        for ($i = 1; $i < $points; $i++) {
            $size = $i % 2 === 0 ? 1.0 : self::INNER;
            $angle = 2 * M_PI * $i / $points;
            $outline[] = new Point($size * sin($angle), -$size * cos($angle));
        }
        $box = Box::around($outline);

        return array_map(
            fn (Point $point): Point => new Point($point->x * $x / $box->right, -$y + ($point->y - $box->top) * 2 * $y / $box->high()),
            $outline,
        );
    }

    protected function corners(Slip $slip): array
    {
        return range(0, 2 * $slip->count('points') - 1);
    }

    protected function usualCrossbars(): int
    {
        return 10;
    }
}
