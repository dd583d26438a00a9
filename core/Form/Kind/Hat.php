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
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A hat: the wide rim bar at the bottom is the only one that takes ties; the crown above it is covered, not tied. */
final class Hat implements FormKind, RunsFromEndToEnd
{
    /** How wide the crown is at its top, as a part of its foot. */
    private const TAPERS = 0.88;

    public const KEY = 'hat';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'hat';
    }

    public function sentence(): string
    {
        return 'On a {kind}, its rim bar {rim} long and {bar} deep with {crossbars} crossbars, its crown {crown} wide and {high} high';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('rim', 'the length of the rim bar', Length::inches(20), Length::inches(4), Length::inches(96)),
            LengthBlank::of('bar', 'the depth of the rim bar', Length::inches(2), Length::inches(0, 1, 2), Length::inches(12)),
            new CountBlank('crossbars', 'the number of crossbars on the rim bar', 5, 2, 24),
            LengthBlank::of('crown', 'the width of the crown', Length::inches(12), Length::inches(2), Length::inches(96)),
            LengthBlank::of('high', 'the height of the crown', Length::inches(11), Length::inches(1), Length::inches(96)),
        ];
    }

    public function ways(): array
    {
        return ['from left to right', 'from right to left'];
    }

    public function usualLayout(): string
    {
        return 'n-a-section';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$x, $bar, $crown, $high] = [
            $slip->length('rim')->toInches() / 2,
            $slip->length('bar')->toInches(),
            $slip->length('crown')->toInches() / 2,
            $slip->length('high')->toInches(),
        ];
        if ($crown > $x) {
            throw Fault::at('/crown', 'The crown is wider than the rim below it. Write less, or a longer rim bar.');
        }
        [$top, $foot] = [-($high + $bar) / 2, ($high - $bar) / 2];
        $crossbars = $slip->count('crossbars');

        return new Form(
            new Frame(
                new Outlines(Point::list([[-$x, $foot], [$x, $foot]]), false),
                [0.0, $bar],
                array_map(fn (int $number): float => 2 * $x * $number / ($crossbars - 1), range(0, $crossbars - 1)),
                Wires::pairs(2),
            ),
            $count,
            areas: [
                'crown' => Point::list([
                    [-$crown * self::TAPERS, $top],
                    [$crown * self::TAPERS, $top],
                    [$crown, $foot],
                    [-$crown, $foot],
                ]),
            ],
            names: ['1-2' => 'rim bar', '1' => 'upper wire of the rim bar', '2' => 'lower wire of the rim bar'],
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A hat: a rim bar %s long and %s deep, joined by %s, and above it a crown %s wide and %s high that is covered, not tied',
            $units->place($slip->length('rim')),
            $units->place($slip->length('bar')),
            Words::count($slip->count('crossbars'), 'crossbar'),
            $units->place($slip->length('crown')),
            $units->place($slip->length('high')),
        );
    }
}
