<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Sign;

use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;
use WeakMap;

/** One place on the back of a sign where a stem is fixed: over a wire or a crossbar, so that it can be tied there. */
final readonly class Fixing
{
    /** Wires and crossbars are looked at this often, in inches. */
    private const STEP = 0.25;

    /** How far out they are, as a part of its half width and height; and along a long one, so that its words stay clear. */
    private const OUT = 0.8;

    private const OUT_ALONG = 0.9;

    /** A sign that is so many times as long as it is high is held along its length. */
    private const LONG = 3.0;

    /** Closer to the edge than this part of the sign nothing holds. */
    private const INSIDE = 0.94;

    /** @param  ?string  $over  what it can be tied to there; null where nothing of the form passes behind the sign */
    private function __construct(public Place $place, private string $where, private ?string $over) {}

    /**
     * So many of them, spread over the sign, each moved to the nearest wire or crossbar behind it.
     *
     * @return list<self>
     */
    public static function spread(int $count, Board $board, Form $form, Units $units): array
    {
        $behind = self::behind($board, $form);
        [$fixings, $taken] = [[], []];
        foreach (self::wanted($count, $board) as $part) {
            $wanted = $board->at($part);
            [$best, $nearest] = [null, INF];
            foreach ($behind as $index => [$place]) {
                $distance = $place->point()->distanceTo($wanted);
                if (! isset($taken[$index]) && $distance < $nearest) {
                    [$best, $nearest] = [$index, $distance];
                }
            }
            $taken[(int) $best] = true;
            $place = $best === null ? new Place($wanted->x, $wanted->y, 0.0) : $behind[$best][0];
            $fixings[] = new self(
                $place,
                self::where($board->own($place->point()), $board, $units),
                $best === null ? null : self::named($form, $behind[$best][1]),
            );
        }

        return $fixings;
    }

    /**
     * "Fix them 4 1/2 in left of its middle, over wire 3, and at its middle."
     *
     * @param  list<self>  $fixings
     */
    public static function told(array $fixings): string
    {
        $isOver = array_filter($fixings, fn (self $its): bool => $its->over !== null) !== [];
        $said = array_map(
            fn (self $its): string => $its->where.($isOver ? ' ('.($its->over === null ? 'no wire there' : "over $its->over").')' : ''),
            $fixings,
        );

        return 'Fix them '.Words::list($said).($isOver ? '.' : '; no wire passes behind the sign, so let them reach to the nearest.');
    }

    /**
     * @return list<array{Place, Seat}> points of wires and crossbars that lie behind the sign
     */
    private static function behind(Board $board, Form $form): array
    {
        [$behind, $inside] = [[], $board->scaled(self::INSIDE, self::INSIDE)];
        foreach (self::wires($form) as [$place, $seat]) {
            if ($inside->holds($place->point())) {
                $behind[] = [$place, $seat];
            }
        }

        return $behind;
    }

    /**
     * Points along all wires and crossbars of a form, a step apart. A remedy tries many plans on one form, so they are found once for it.
     *
     * @return list<array{Place, Seat}>
     */
    private static function wires(Form $form): array
    {
        static $memo = null;
        /** @var WeakMap<Form, list<array{Place, Seat}>> $known */
        $known = $memo ??= new WeakMap;
        $wires = $known[$form] ?? null;
        if ($wires === null) {
            $wires = [];
            foreach ($form->frame->everySeat() as $seat) {
                $length = $seat->isPair() ? 0.0 : $form->length($seat);
                $steps = (int) ceil($length / self::STEP);
                for ($step = 0; $step < $steps; $step++) {
                    $wires[] = [$form->at($seat, $length * $step / $steps), $seat];
                }
            }
            $known[$form] = $wires;
        }

        return $wires;
    }

    /**
     * @return list<Point> where they would be best, as parts of half its width and height
     */
    private static function wanted(int $count, Board $board): array
    {
        $isLong = $board->wide >= self::LONG * $board->high;
        $isTall = $board->high >= self::LONG * $board->wide;
        if ($isLong || $isTall) {
            return array_map(function (int $index) use ($count, $isLong): Point {
                $along = $count === 1 ? 0.0 : self::OUT_ALONG * (2 * $index / ($count - 1) - 1);

                return $isLong ? new Point($along, 0.0) : new Point(0.0, $along);
            }, $count === 0 ? [] : range(0, $count - 1));
        }

        // One at the top; two left and right; more go round.
        $first = [1 => 0.0, 2 => 90.0][$count] ?? 180.0 / max(1, $count);

        return array_map(function (int $index) use ($count, $first): Point {
            $radians = deg2rad($first + 360.0 * $index / $count);

            return new Point(self::OUT * sin($radians), -self::OUT * cos($radians));
        }, $count === 0 ? [] : range(0, $count - 1));
    }

    private static function where(Point $own, Board $board, Units $units): string
    {
        $inches = fn (float $part, float $size): Length => Length::nearInches(abs($part) * $size / 2);
        [$across, $up] = [$inches($own->x, $board->wide), $inches($own->y, $board->high)];
        $said = [
            ...($across->isLessThan($units->step()) ? [] : [$units->place($across).($own->x < 0.0 ? ' left' : ' right')]),
            ...($up->isLessThan($units->step()) ? [] : [$units->place($up).($own->y < 0.0 ? ' above' : ' below')]),
        ];

        return match (true) {
            $said === [] => 'at its middle',
            $up->isLessThan($units->step()) => "$said[0] of its middle",
            default => implode(' and ', $said).' its middle',
        };
    }

    private static function named(Form $form, Seat $seat): string
    {
        return ($seat->isCrossbar() || str_starts_with($form->names->of($seat), 'wire ') ? '' : 'the ').$form->names->of($seat);
    }
}
