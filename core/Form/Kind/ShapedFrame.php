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
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A closed frame of some shape, with crossbars evenly along it. */
abstract class ShapedFrame implements FormKind
{
    public function sentence(): string
    {
        return 'On a {kind}, {width} wide and {height} high, '.Wires::SENTENCE.' and {crossbars} crossbars';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('width', 'the width of the frame', $this->usualSize(), Length::inches(3), Length::inches(96)),
            LengthBlank::of('height', 'the height of the frame', $this->usualSize(), Length::inches(3), Length::inches(96)),
            ...Wires::blanks(2, 1, 6, Length::inches(1, 1, 2)),
            new CountBlank('crossbars', 'the number of crossbars, and so of sections,', $this->usualCrossbars(), 1, 24),
        ];
    }

    public function usualLayout(): string
    {
        return 'n-a-section';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        $points = $this->outline($slip->length('width')->toInches() / 2, $slip->length('height')->toInches() / 2, $slip);
        $round = new Polyline($points, true);
        $crossbars = $slip->count('crossbars');

        $frame = new Frame(
            new Outlines($points, true),
            Wires::insets($slip),
            array_map(fn (int $number): float => $number * $round->length() / $crossbars, range(0, $crossbars - 1)),
            Wires::pairs($slip->count('count')),
            array_map(fn (int $point): float => $round->distances[$point], $this->corners($slip)),
        );

        return new Form($frame, $count);
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A %s %s wide and %s high, %s, joined by %s',
            $this->name(),
            $units->place($slip->length('width')),
            $units->place($slip->length('height')),
            Wires::words($slip, $units),
            Words::count($slip->count('crossbars'), 'crossbar'),
        );
    }

    /**
     * @return non-empty-list<Point> the outermost wire from its top clockwise, so far from the middle to each side
     *
     * @throws Fault where these measures make no such shape
     */
    abstract protected function outline(float $x, float $y, Slip $slip): array;

    /** @return list<int> which points of the outline are corners */
    abstract protected function corners(Slip $slip): array;

    protected function usualSize(): Length
    {
        return Length::inches(16);
    }

    protected function usualCrossbars(): int
    {
        return 8;
    }
}
