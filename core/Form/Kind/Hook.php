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
use Davrin\Core\Form\RunsFromEndToEnd;
use Davrin\Core\Form\Wires;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A walking stick: an open lattice, round at the top. It begins at the end of the crook and goes over the top and down. */
final class Hook implements FormKind, RunsFromEndToEnd
{
    private const STEP = 6;

    public function key(): string
    {
        return 'hook';
    }

    public function name(): string
    {
        return 'walking-stick hook';
    }

    public function sentence(): string
    {
        return 'On a {kind}, {height} high, its crook {crook} across, '.Wires::SENTENCE.' and {crossbars} crossbars';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('height', 'the height of the hook', Length::inches(24), Length::inches(6), Length::inches(96)),
            LengthBlank::of('crook', 'the width of the crook', Length::inches(11), Length::inches(3), Length::inches(60)),
            ...Wires::blanks(3, 2, 3, Length::inches(1, 1, 2)),
            new CountBlank('crossbars', 'the number of crossbars', 9, 2, 24),
        ];
    }

    public function ways(): array
    {
        return ['from the crook down', 'from the foot up'];
    }

    public function usualLayout(): string
    {
        return 'n-a-section';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$height, $radius] = [$slip->length('height')->toInches(), $slip->length('crook')->toInches() / 2];
        if ($height < 2.5 * $radius) {
            throw Fault::at(
                '/height',
                sprintf(
                    'A crook %s across leaves no stick below it. Write at least %s for the height, or a smaller crook.',
                    $units->exact($slip->length('crook')),
                    $units->needed(Length::ofUnits((int) ceil(2.5 * $radius * Length::PER_INCH))),
                ),
            );
        }
        $across = ($slip->count('count') - 1) * $slip->length('gap')->toInches();
        if ($across > $radius - 0.5) {
            throw Fault::at(
                '/gap',
                'The wires are so far apart that they fill the crook. Write a smaller distance between them, or a wider crook.',
            );
        }
        $middle = -$height / 2 + $radius;
        $points = [new Point(-$radius, $middle + $radius * 0.35)];
        for ($angle = 270; $angle <= 450; $angle += self::STEP) {
            $points[] = new Point($radius * sin(deg2rad($angle)), $middle - $radius * cos(deg2rad($angle)));
        }
        $points[] = new Point($radius, $height / 2);
        $length = (new Polyline($points, false))->length();
        $crossbars = $slip->count('crossbars');

        return new Form(
            new Frame(
                new Outlines($points, false),
                Wires::insets($slip),
                array_map(fn (int $number): float => $length * $number / ($crossbars - 1), range(0, $crossbars - 1)),
                Wires::pairs($slip->count('count')),
            ),
            $count,
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A walking-stick hook %s high with a crook %s across, an open lattice: %s, joined by %s',
            $units->place($slip->length('height')),
            $units->place($slip->length('crook')),
            Wires::words($slip, $units),
            Words::count($slip->count('crossbars'), 'crossbar'),
        );
    }
}
