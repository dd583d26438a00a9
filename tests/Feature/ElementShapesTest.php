<?php

namespace Tests\Feature;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Elements\PoofRunShape;
use App\Drawing\Elements\RuffleShape;
use App\Drawing\Shape;
use Davrin\Core\Craft;
use Davrin\Core\Form\Place;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How elements look: a first tie in the middle with outward up, on a ring of 6 in or on a straight row. */
final class ElementShapesTest extends TestCase
{
    public function test_every_technique_has_its_drawing_and_its_component(): void
    {
        foreach (array_keys(Craft::standard()->techniques) as $key) {
            $this->assertTrue(is_subclass_of('App\\Drawing\\Elements\\'.Str::studly($key).'Shape', ElementShape::class), $key);
        }
    }

    #[TestWith([0.0])]
    #[TestWith([1 / 6])]
    public function test_a_ruffle_is_two_wings_pinched_at_the_tie(float $bend): void
    {
        $shape = (new RuffleShape)->draw(0, [new Place(0.0, 0.0, 0.0, $bend)], 5.0, 3.0);
        $this->assertTrue($shape->mirrored);
        $points = $this->points($shape);
        // It begins at the pinch and goes to the right only; the other wing is its mirror image.
        $this->assertEqualsWithDelta([0.0, -6.0], $points[0], 0.2);
        $this->assertGreaterThanOrEqual(-0.2, min(array_column($points, 0)));
        $this->assertGreaterThan(40, max(array_column($points, 0)));
    }

    public function test_a_longer_piece_is_wider_and_a_wider_mesh_reaches_farther(): void
    {
        $size = fn (float $reach, float $span): array => $this->extent((new RuffleShape)->draw(0, [new Place(0.0, 0.0, 0.0)], $reach, $span));
        $this->assertGreaterThan($size(5.0, 2.0)[0] * 1.4, $size(5.0, 3.0)[0]);
        $this->assertGreaterThan($size(3.0, 3.0)[1] * 1.5, $size(5.0, 3.0)[1]);
    }

    public function test_a_poof_bulges_between_its_ties_the_more_the_longer_its_pitch(): void
    {
        $draw = fn (float $reach, float $span): array => $this->extent((new PoofRunShape)->draw(0, [new Place(0.0, 0.0, 0.0), new Place(3.0, 0.0, 0.0)], $reach, $span));
        $this->assertGreaterThan($draw(3.0, 3.0)[0], $draw(3.0, 6.0)[0]);
        $this->assertGreaterThan($draw(2.0, 3.0)[1], $draw(4.0, 3.0)[1]);
        $this->assertGreaterThan(3 * 20 * 0.95, $draw(3.0, 3.0)[0]);
    }

    #[TestWith([3.0, 0.0])]
    #[TestWith([-3.0, 0.0])]
    #[TestWith([0.0, 3.0])]
    #[TestWith([0.0, 0.0])]
    public function test_a_poof_to_a_tie_on_any_side_is_drawn(float $x, float $y): void
    {
        $points = $this->points((new PoofRunShape)->draw(1, [new Place(0.0, 0.0, 0.0), new Place($x, $y, 0.0)], 3.0, 4.0));
        $this->assertGreaterThan(8, count($points));
        foreach ($points as $point) {
            $this->assertLessThan(20 * 12, hypot(...$point));
        }
    }

    public function test_the_same_element_looks_the_same_every_time_and_its_neighbour_a_little_different(): void
    {
        $draw = fn (int $seed): Shape => (new RuffleShape)->draw($seed, [new Place(0.0, 0.0, 0.0, 0.2)], 5.0, 3.0);
        $this->assertEquals($draw(1), $draw(1));
        $this->assertNotEquals($draw(0), $draw(1));
    }

    /** @return array{float, float} how wide and how high, in drawing units */
    private function extent(Shape $shape): array
    {
        [$xs, $ys] = [array_column($this->points($shape), 0), array_column($this->points($shape), 1)];

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }

    /** @return list<array{float, float}> */
    private function points(Shape $shape): array
    {
        preg_match('/^M(\S+) (\S+)c(.*)z$/', $shape->edge, $path);
        $points = [[$x, $y] = [(float) $path[1], (float) $path[2]]];
        foreach (array_chunk(array_map(floatval(...), explode(' ', $path[3])), 6) as $curve) {
            $points[] = [$x += $curve[4], $y += $curve[5]];
        }

        return $points;
    }
}
