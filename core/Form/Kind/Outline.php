<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\PointsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Frame;
use Davrin\Core\Form\Wires;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * Any outline, open or closed, from its points, made as large as the form really is. A closed one is followed clockwise
 * from its first point. It is one section unless crossbars part it.
 */
final class Outline implements FormKind
{
    private const SAME_SPOT = 1e-6;

    private const USUAL = [[0.0, 0.0], [12.0, 0.0], [12.0, 4.0], [6.0, 12.0], [0.0, 4.0]];

    public function key(): string
    {
        return 'outline';
    }

    public function name(): string
    {
        return 'form of your own outline';
    }

    public function sentence(): string
    {
        return 'On a {kind}, through {points}, {closed}, its longer side {size}, '.Wires::SENTENCE.', crossbars at {crossbars} along it';
    }

    public function blanks(): array
    {
        return [
            new PointsBlank('points', 'the points of the outline', Point::list(self::USUAL)),
            new ChoiceBlank('closed', 'whether the outline is closed', 'closed', ['closed' => 'closed', 'open' => 'open']),
            LengthBlank::of('size', 'the longer side of the form', Length::inches(16), Length::inches(2), Length::inches(120)),
            ...Wires::blanks(2, 1, 6, Length::inches(1, 1, 2)),
            new LengthsBlank('crossbars', 'the places of the crossbars', [], 0, 24),
        ];
    }

    public function usualLayout(): string
    {
        return 'every-so-far';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        $closed = $slip->text('closed') === 'closed';
        $points = $this->sized(self::distinct($slip->objects('points', Point::class), $closed), $slip->length('size')->toInches());
        if ($closed) {
            if (count($points) < 3) {
                throw Fault::at('/points', 'A closed outline needs at least 3 points that are not the same.');
            }
            // Clockwise, from the same first point.
            $points = self::area($points) < 0 ? [$points[0], ...array_reverse(array_slice($points, 1))] : $points;
        }
        self::mustNotCrossItself($points, $closed);
        $length = (new Polyline($points, $closed))->length();

        return new Form(
            new Frame(
                new Outlines($points, $closed),
                Wires::insets($slip),
                $this->crossbars($slip, $length, $units),
                Wires::pairs($slip->count('count')),
            ),
            $count,
            names: ['start' => 'the first point'],
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A form of its own, %s, its longer side %s: %s through %d points, %s',
            $slip->text('closed'),
            $units->place($slip->length('size')),
            Wires::words($slip, $units),
            count($slip->objects('points', Point::class)),
            $slip->lengths('crossbars') === [] ? 'without crossbars' : 'with '.Words::count(count($slip->lengths('crossbars')), 'crossbar'),
        );
    }

    /** @return list<float> */
    private function crossbars(Slip $slip, float $length, Units $units): array
    {
        $spots = array_map(fn (Length $spot): float => $spot->toInches(), $slip->lengths('crossbars'));
        foreach ($spots as $index => $spot) {
            if ($spot < 0 || $spot > $length + self::SAME_SPOT || $spot < ($spots[$index - 1] ?? -1.0) + 0.25) {
                throw Fault::at('/crossbars', sprintf(
                    'Crossbars go along the outermost wire in order, each at least %s further; the wire is %s long.',
                    $units->needed(Length::inches(0, 1, 4)), $units->available(Length::ofUnits((int) ($length * Length::PER_INCH))),
                ));
            }
        }

        return $spots;
    }

    /**
     * @param  list<Point>  $points
     * @return non-empty-list<Point> with its middle in the middle and its longer side as long as said
     */
    private function sized(array $points, float $size): array
    {
        $box = Box::around($points);
        if (count($points) < 2 || max($box->wide(), $box->high()) < self::SAME_SPOT) {
            throw Fault::at('/points', 'An outline whose points are all the same has no length. Write at least two that are not.');
        }
        $share = $size / max($box->wide(), $box->high());
        $middle = new Point(($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2);

        return array_map(fn (Point $point): Point => $point->minus($middle)->times($share), $points);
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point> without points that say the same as the one before
     */
    private static function distinct(array $points, bool $closed): array
    {
        $distinct = [];
        foreach ($points as $point) {
            if ($distinct === [] || ! $distinct[count($distinct) - 1]->equals($point)) {
                $distinct[] = $point;
            }
        }
        if ($closed && count($distinct) > 1 && $distinct[0]->equals($distinct[count($distinct) - 1])) {
            array_pop($distinct);
        }

        return $distinct;
    }

    /**
     * By the shoelace formula, in square inches; below 0 where they go counter-clockwise.
     *
     * @param  list<Point>  $points
     */
    private static function area(array $points): float
    {
        $area = 0.0;
        foreach ($points as $index => $point) {
            $area += $point->cross($points[($index + 1) % count($points)]);
        }

        return $area / 2;
    }

    /**
     * Pieces are looked at from left to right, each with those only that begin before it ends.
     *
     * @param  list<Point>  $points
     */
    private static function mustNotCrossItself(array $points, bool $closed): void
    {
        $count = count($points);
        $pieces = [];
        for ($i = 0; $i < ($closed ? $count : $count - 1); $i++) {
            $next = ($i + 1) % $count;
            $pieces[] = [$i, min($points[$i]->x, $points[$next]->x), max($points[$i]->x, $points[$next]->x)];
        }
        usort($pieces, fn (array $one, array $other): int => $one[1] <=> $other[1]);
        foreach ($pieces as $at => [$one, , $right]) {
            for ($with = $at + 1; $with < count($pieces) && $pieces[$with][1] <= $right; $with++) {
                [$first, $second] = [min($one, $pieces[$with][0]), max($one, $pieces[$with][0])];
                $touch = $second - $first === 1 || ($closed && $first === 0 && $second === $count - 1);
                if (self::lieOnEachOther($points[$first], $points[$first + 1], $points[$second], $points[($second + 1) % $count])) {
                    throw Fault::at('/points', sprintf(
                        'The outline folds back on itself: the way from point %d to %d lies on that from %d to %d. A wire cannot. Move '
                            .'one of them.',
                        $first + 1,
                        $first + 2,
                        $second + 1,
                        ($second + 1) % $count + 1,
                    ));
                }
                if (! $touch && self::cross($points[$first], $points[$first + 1], $points[$second], $points[($second + 1) % $count])) {
                    throw Fault::at(
                        '/points',
                        sprintf(
                            'The outline crosses itself: the way from point %d to %d meets that from %d to %d. A wire cannot. Move '
                                .'one of them.',
                            $first + 1,
                            $first + 2,
                            $second + 1,
                            ($second + 1) % $count + 1,
                        ),
                    );
                }
            }
        }
    }

    /** Whether the way from c to d lies along that from a to b for a stretch, whichever way it goes. */
    private static function lieOnEachOther(Point $a, Point $b, Point $c, Point $d): bool
    {
        $way = $b->minus($a);
        $length = $way->length();
        $off = fn (Point $point): float => abs($way->cross($point->minus($a))) / $length;
        if ($off($c) > self::SAME_SPOT || $off($d) > self::SAME_SPOT) {
            return false;
        }
        $along = fn (Point $point): float => ($way->x * ($point->x - $a->x) + $way->y * ($point->y - $a->y)) / $length;

        return min($length, max($along($c), $along($d))) - max(0.0, min($along($c), $along($d))) > self::SAME_SPOT;
    }

    /** Whether the way from a to b meets that from c to d. */
    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        return max($a->y, $b->y) >= min($c->y, $d->y) && max($c->y, $d->y) >= min($a->y, $b->y)
            && max($a->x, $b->x) >= min($c->x, $d->x) && max($c->x, $d->x) >= min($a->x, $b->x)
            && self::side($a, $b, $c) !== self::side($a, $b, $d) && self::side($c, $d, $a) !== self::side($c, $d, $b);
    }

    /** On which side of a way a point lies: 1 to the right, -1 to the left, 0 on it. */
    private static function side(Point $from, Point $to, Point $point): int
    {
        return $to->minus($from)->cross($point->minus($from)) <=> 0.0;
    }
}
