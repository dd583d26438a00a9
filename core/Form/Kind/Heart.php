<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Words\Fault;

/** Two round lobes that meet in a notch, and two straight sides down to a tip. It begins in the notch. */
final class Heart extends ShapedFrame
{
    /** How far the middle of a lobe is from the middle of the heart, as a part of the lobe's radius. */
    private const LOBES_APART = 0.72;

    private const STEP = 8;

    public function key(): string
    {
        return 'heart';
    }

    public function name(): string
    {
        return 'heart';
    }

    protected function outline(float $x, float $y, Slip $slip): array
    {
        $radius = $x / (1 + self::LOBES_APART);
        $apart = $radius * self::LOBES_APART;
        // Places are told from the line through the lobes' middles, then moved so that the whole is in the middle.
        $tip = 2 * $y - $radius;
        if ($tip < $radius * 1.15) {
            throw Fault::at('/height', 'So low and wide a frame is no heart. Write a height of about its width, or more.');
        }
        $distance = hypot($apart, $tip);
        // Where the straight side leaves the right lobe, in degrees clockwise from its top.
        $leaves = 180.0 + rad2deg(asin($apart / $distance)) - rad2deg(acos($radius / $distance));
        $notch = -rad2deg(asin(self::LOBES_APART));
        $right = [];
        $steps = (int) ceil(($leaves - $notch) / self::STEP);
        for ($i = 0; $i <= $steps; $i++) {
            $angle = deg2rad($notch + ($leaves - $notch) * $i / $steps);
            $right[] = new Point($apart + $radius * sin($angle), -$radius * cos($angle));
        }
        $left = array_map(fn (Point $point): Point => $point->fromBehind(), array_reverse(array_slice($right, 1)));
        $middle = new Point(0.0, ($tip - $radius) / 2);

        return array_map(fn (Point $point): Point => $point->minus($middle), [...$right, new Point(0.0, $tip), ...$left]);
    }

    protected function corners(Slip $slip): array
    {
        return [];
    }
}
