<?php

declare(strict_types=1);

namespace Tests\Core\Form;

use Davrin\Core\Geometry\Circle;
use Davrin\Core\Geometry\Outlines;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Geometry\Polyline;
use Davrin\Core\Geometry\Rings;
use Davrin\Core\Words\Fault;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class LineTest extends TestCase
{
    use RandomTrials;

    private const SQUARE = [[-5.0, -5.0], [5.0, -5.0], [5.0, 5.0], [-5.0, 5.0]];

    public function test_a_closed_line_goes_on_round_and_an_open_one_ends(): void
    {
        $closed = new Polyline(Point::list(self::SQUARE), true);
        $open = new Polyline(Point::list(self::SQUARE), false);
        $this->assertSame([40.0, 30.0], [$closed->length(), $open->length()]);
        $this->assertEquals($closed->at(3.0), $closed->at(43.0));
        $this->assertEquals($closed->at(37.0), $closed->at(-3.0));
        $this->assertEquals($open->at(30.0), $open->at(99.0));
        $this->assertEquals($open->at(0.0), $open->at(-1.0));
    }

    public function test_outward_is_away_from_the_middle_and_half_way_at_a_corner(): void
    {
        $square = new Polyline(Point::list(self::SQUARE), true);
        $this->assertEqualsWithDelta(
            [0.0, 90.0, 180.0, 270.0],
            array_map(fn (float $at): float => $square->at($at)->outward, [5.0, 15.0, 25.0, 35.0]),
            1e-9,
        );
        $this->assertEqualsWithDelta([315.0, 45.0], [$square->at(0.0)->outward, $square->at(10.0)->outward], 1e-9);
    }

    public function test_lines_further_in_run_parallel_and_keep_their_corners(): void
    {
        $outlines = new Outlines(Point::list(self::SQUARE), true);
        $this->assertEqualsWithDelta(Point::list([[-3.0, -3.0], [3.0, -3.0], [3.0, 3.0], [-3.0, 3.0]]), $outlines->line(2.0)->points, 1e-9);
        $this->assertEqualsWithDelta(24.0, $outlines->line(2.0)->length(), 1e-9);
    }

    public function test_a_crossbar_goes_straight_in_and_one_near_a_corner_to_the_corner(): void
    {
        $outlines = new Outlines(Point::list(self::SQUARE), true);
        $this->assertEqualsWithDelta(1.0, $outlines->along(2.0, 3.0), 1e-9);
        $this->assertEqualsWithDelta(0.0, $outlines->along(2.0, 1.0), 1e-9);
        $this->assertEqualsWithDelta(6.0, $outlines->along(2.0, 9.0), 1e-9);
        $this->assertEqualsWithDelta(7.0, $outlines->along(2.0, 13.0), 1e-9);
    }

    public function test_a_line_past_the_middle_is_refused(): void
    {
        $this->expectException(Fault::class);
        $this->expectExceptionMessage('find no room inside the outline');
        (new Outlines(Point::list(self::SQUARE), true))->line(6.0);
    }

    public function test_rings_shrink_and_their_crossbars_stay_at_their_angle(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(0, 439),
            Generators::choose(0, 5),
        )->then(function (int $tenths, int $inset): void {
            $rings = new Rings(7.0);
            $outer = $rings->line(0.0)->at($tenths / 10);
            $inner = $rings->line((float) $inset)->at($rings->along((float) $inset, $tenths / 10));
            $this->assertEqualsWithDelta(0.0, fmod($outer->outward - $inner->outward + 540.0, 360.0) - 180.0, 1e-6);
            $this->assertEqualsWithDelta(7.0 - $inset, $inner->out(), 1e-9);
        });
    }

    public function test_a_point_beside_a_place_on_a_ring_lies_on_the_ring_when_it_is_only_along_it(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(0, 359),
            Generators::choose(-60, 60),
            Generators::choose(-20, 40),
        )->then(function (int $angle, int $along, int $out): void {
            $place = Place::polar(6.0, (float) $angle);
            $point = $place->beside($along / 10, $out / 10);
            $this->assertEqualsWithDelta(6.0 + $out / 10, $point->length(), 1e-9);
            $on = (new Circle(6.0))->at(deg2rad($angle) * 6 + $along / 10);
            $this->assertEqualsWithDelta($on->point()->times((6 + $out / 10) / 6), $point, 1e-9);
        });
    }

    public function test_who_stands_at_a_place_sees_it_in_the_middle_and_distances_as_they_are(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(0, 359),
            Generators::choose(0, 359),
            Generators::choose(1, 20),
        )->then(function (int $one, int $other, int $radius): void {
            [$here, $there] = [Place::polar(6.0, (float) $one), Place::polar((float) $radius, (float) $other)];
            $seen = $there->seenFrom($here);
            $this->assertEqualsWithDelta(
                [0.0, 0.0, 0.0],
                [$here->seenFrom($here)->x, $here->seenFrom($here)->y, $here->seenFrom($here)->outward],
                1e-9,
            );
            $this->assertEqualsWithDelta(hypot($there->x - $here->x, $there->y - $here->y), hypot($seen->x, $seen->y), 1e-9);
        });
    }

    public function test_straight_rows_have_straight_surroundings(): void
    {
        $place = (new Polyline(Point::list([[0.0, -10.0], [0.0, 10.0]]), false))->at(4.0);
        $this->assertEqualsWithDelta([90.0, 0.0], [$place->outward, $place->bend], 1e-9);
        $this->assertEqualsWithDelta(new Point(2.0, -3.0), $place->beside(3.0, 2.0), 1e-9);
    }
}
