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
use Davrin\Core\Form\Wires;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** A square or rectangular frame: crossbars along the sides, four corners. It begins at the top, in the middle of the side. */
final class Rectangle implements FormKind
{
    public function key(): string
    {
        return 'rectangle';
    }

    public function name(): string
    {
        return 'square or rectangle';
    }

    public function sentence(): string
    {
        return 'On a {kind}, {width} wide and {height} high, '.Wires::SENTENCE.' and {aSide} crossbars a side';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('width', 'the width of the frame', Length::inches(14), Length::inches(3), Length::inches(96)),
            LengthBlank::of('height', 'the height of the frame', Length::inches(14), Length::inches(3), Length::inches(96)),
            ...Wires::blanks(3, 1, 6, Length::inches(1, 1, 2)),
            new CountBlank('aSide', 'the number of crossbars on a side', 2, 0, 8),
        ];
    }

    public function usualLayout(): string
    {
        return 'corners-and-sides';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$x, $y, $aSide] = [$slip->length('width')->toInches() / 2, $slip->length('height')->toInches() / 2, $slip->count('aSide')];
        $corners = [$x, $x + 2 * $y, 3 * $x + 2 * $y, 3 * $x + 4 * $y];
        $sides = [[-$x, 2 * $x], [$corners[0], 2 * $y], [$corners[1], 2 * $x], [$corners[2], 2 * $y]];
        $crossbars = [];
        foreach ($sides as [$from, $long]) {
            for ($i = 1; $i <= $aSide; $i++) {
                $crossbars[] = fmod($from + $long * $i / ($aSide + 1) + 4 * ($x + $y), 4 * ($x + $y));
            }
        }
        sort($crossbars);

        return new Form(
            new Frame(
                new Outlines(Point::list([[0.0, -$y], [$x, -$y], [$x, $y], [-$x, $y], [-$x, -$y]]), true),
                Wires::insets($slip),
                $crossbars,
                Wires::pairs($slip->count('count')),
                $corners,
            ),
            $count,
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A frame %s wide and %s high, %s, with %s a side',
            $units->place($slip->length('width')),
            $units->place($slip->length('height')),
            Wires::words($slip, $units),
            Words::count($slip->count('aSide'), 'crossbar'),
        );
    }
}
