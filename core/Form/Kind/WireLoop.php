<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Frame;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** One wire, stretched to a long loop: made of hangers, whose ends are joined with zip ties. It begins at its top. */
final class WireLoop implements FormKind
{
    private const STEPS = 12;

    public function key(): string
    {
        return 'loop';
    }

    public function name(): string
    {
        return 'wire loop';
    }

    public function sentence(): string
    {
        return 'On a {kind}, {round} round and {width} wide, made of {hangers} hangers, each end joined with a zip tie';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('round', 'the length round the loop', Length::inches(72), Length::inches(8), Length::inches(400)),
            LengthBlank::of('width', 'the width of the loop', Length::inches(4), Length::inches(1), Length::inches(60)),
            new CountBlank('hangers', 'the number of hangers', 1, 1, 12),
        ];
    }

    public function usualLayout(): string
    {
        return 'every-so-far';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$round, $radius] = [$slip->length('round')->toInches(), $slip->length('width')->toInches() / 2];
        $straight = ($round - 2 * M_PI * $radius) / 2;
        if ($straight < 0) {
            throw Fault::at(
                '/width',
                sprintf(
                    'A loop %s round is at most %s wide, when it is a circle. Write less.',
                    $units->exact($slip->length('round')),
                    $units->available(Length::ofUnits((int) ($round / M_PI * Length::PER_INCH))),
                ),
            );
        }
        $points = [new Point(0.0, -$straight / 2 - $radius)];
        for ($i = 1; $i < 2 * self::STEPS; $i++) {
            // The upper half of the circle lies above the straight sides, the lower below; at the side there is a point of each.
            $angle = deg2rad(180 * $i / self::STEPS);
            foreach (cos($angle) > 1e-9 ? [-1] : (cos($angle) < -1e-9 ? [1] : ($i < self::STEPS ? [-1, 1] : [1, -1])) as $half) {
                $points[] = new Point($radius * sin($angle), $half * $straight / 2 - $radius * cos($angle));
            }
        }
        // Straight pieces for a curve come out a little short, which is made up for.
        $share = $round / (new Polyline($points, true))->length();

        return new Form(
            new Frame(new Outlines(array_map(fn (Point $point): Point => $point->times($share), $points), true), [0.0], [], []),
            $count,
            joints: $slip->count('hangers') > 1 ? $slip->count('hangers') : 1,
            isSpine: true,
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A wire loop %s round, stretched to %s wide, of %s',
            $units->place($slip->length('round')),
            $units->place($slip->length('width')),
            Words::count($slip->count('hangers'), 'hanger'),
        );
    }
}
