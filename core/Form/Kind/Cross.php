<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Fault;

/** An upright and an arm across it, of one breadth. It begins at the top, in the middle. */
final class Cross extends ShapedFrame
{
    public function key(): string
    {
        return 'cross';
    }

    public function name(): string
    {
        return 'cross';
    }

    public function sentence(): string
    {
        return parent::sentence().', its arms {arms} broad, the one across {fromTop} from the top';
    }

    public function blanks(): array
    {
        return [
            ...parent::blanks(),
            LengthBlank::of('arms', 'the breadth of the arms', Length::inches(5), Length::inches(1), Length::inches(48)),
            LengthBlank::of(
                'fromTop',
                'the distance from the top to the arm across',
                Length::inches(5),
                Length::inches(0, 1, 2),
                Length::inches(90),
            ),
        ];
    }

    protected function outline(float $x, float $y, Slip $slip): array
    {
        [$half, $top] = [$slip->length('arms')->toInches() / 2, -$y + $slip->length('fromTop')->toInches()];
        $bottom = $top + 2 * $half;
        if ($half > $x - 0.25 || $bottom > $y - 0.25) {
            throw Fault::at('/arms', 'Arms so broad leave nothing of a cross. Write less, or a larger frame.');
        }

        return Point::list([
            [0.0, -$y], [$half, -$y], [$half, $top], [$x, $top], [$x, $bottom], [$half, $bottom], [$half, $y],
            [-$half, $y], [-$half, $bottom], [-$x, $bottom], [-$x, $top], [-$half, $top], [-$half, -$y],
        ]);
    }

    protected function corners(Slip $slip): array
    {
        return range(1, 12);
    }

    protected function usualSize(): Length
    {
        return Length::inches(20);
    }
}
