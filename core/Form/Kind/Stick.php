<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Frame;
use Davrin\Core\Form\RunsFromEndToEnd;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;

/** A flat stick as the spine of a swag: ties stand on both its sides or on its middle. It begins at its top end. */
final class Stick implements FormKind, RunsFromEndToEnd
{
    public function key(): string
    {
        return 'stick';
    }

    public function name(): string
    {
        return 'stick';
    }

    public function sentence(): string
    {
        return 'On a {kind}, {length} long and {width} wide';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('length', 'the length of the stick', Length::inches(36), Length::inches(6), Length::inches(120)),
            LengthBlank::of('width', 'the width of the stick', Length::inches(1, 1, 2), Length::inches(0, 1, 4), Length::inches(6)),
        ];
    }

    public function ways(): array
    {
        return ['from the top down', 'from the bottom up'];
    }

    public function usualLayout(): string
    {
        return 'stick-sites';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$length, $width] = [$slip->length('length'), $slip->length('width')];
        if ($width->times(3)->isMoreThan($length)) {
            throw Fault::at(
                '/width',
                sprintf('A stick %s long and %s wide is a board. Write less for the width.', $units->exact($length), $units->exact($width)),
            );
        }
        // Both its edges count as wires: the one to the right, seen from the front, is the outer one.
        [$x, $y] = [$width->toInches() / 2, $length->toInches() / 2];

        return new Form(
            new Frame(new Outlines(Point::list([[$x, -$y], [$x, $y]]), false), [0.0, 2 * $x], [], [1]),
            $count,
            names: ['1' => 'right side', '2' => 'left side', '1-2' => 'middle of the stick'],
            sides: [Seat::wire(1), Seat::wire(2)],
            isSpine: true,
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A flat stick %s long and %s wide, upright',
            $units->place($slip->length('length')),
            $units->place($slip->length('width')),
        );
    }
}
