<?php

declare(strict_types=1);

namespace Tests\Core\Result;

use Davrin\Core\Estimate\Band;
use Davrin\Core\Estimate\Extent;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** The finished outline of a form that is not round, and of what stays open in it. */
final class CoverTest extends PlanCase
{
    private const STRIP = ['kind' => 'outline', 'points' => ['0 0', '40 0'], 'closed' => 'open', 'size' => '40 in', 'count' => 1];

    public function test_a_spot_alone_is_a_circle(): void
    {
        $box = Box::around(array_merge(...(new Band([new Point(3.0, 4.0)], false, 2.0))->edges()));
        $this->assertSame(
            [1.0, 2.0, 5.0, 6.0],
            array_map(fn (float $inches): float => round($inches, 6), [$box->left, $box->top, $box->right, $box->bottom]),
        );
    }

    #[TestWith([[5.0, 3.0], 1.0])]
    #[TestWith([[5.0, 1.0], -1.0])]
    #[TestWith([[13.0, 4.0], 3.0])]
    public function test_a_band_tells_how_far_a_point_is_from_its_edge(array $point, float $clears): void
    {
        $this->assertEqualsWithDelta(
            $clears,
            (new Band(Point::list([[0.0, 0.0], [10.0, 0.0]]), false, 2.0))->clears(new Point(...$point)),
            1e-9,
        );
    }

    public function test_a_run_along_a_strip_ends_as_far_past_its_ties_as_it_reaches(): void
    {
        $extent = $this->extent(
            [
                'form' => self::STRIP,
                'ties' => [['layout' => 'free', 'spots' => ['1: 10 in', '1: 16 in']]],
                'materials' => [['width' => '8 in']],
                'parts' => [['kind' => 'poof-run']],
            ],
        );
        $outlines = $extent->cover->outlines();
        $this->assertCount(1, $outlines);
        $this->assertSame($outlines[0][0], $outlines[0][count($outlines[0]) - 1]);
        $box = Box::around($outlines[0]);
        $this->assertEqualsWithDelta([-14.0, 0.0, -4.0, 4.0], [$box->left, $box->right, $box->top, $box->bottom], 1e-6);
    }

    public function test_what_is_left_bare_between_two_pieces_parts_the_outline(): void
    {
        $spots = fn (int $second): array => [
            'form' => self::STRIP,
            'ties' => [['layout' => 'free', 'spots' => ['1: 8 in', "1: $second in"]]],
            'parts' => [['kind' => 'starburst', 'material' => ['m1: 4'], 'length' => '8 in']],
        ];
        $this->assertCount(1, $this->extent($spots(15))->cover->outlines());
        $this->assertCount(2, $this->extent($spots(30))->cover->outlines());
    }

    public function test_a_square_has_an_outline_and_the_opening_within_it(): void
    {
        $square = [
            'form' => ['kind' => 'rectangle', 'width' => '20 in', 'height' => '20 in'],
            'ties' => [['layout' => 'corners-and-sides']],
            'materials' => [['width' => '6 in', 'roll' => '40 yd']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '12 in']],
        ];
        $extent = $this->extent($square);
        $widths = array_map(fn (array $outline): float => Box::around($outline)->wide(), $extent->cover->outlines());
        sort($widths);
        $this->assertEqualsWithDelta([$extent->opening, $extent->box->wide()], $widths, 0.1);
        $this->assertFalse($extent->cover->holds(Point::middle()));
        $this->assertTrue($extent->cover->holds(new Point(0.0, -9.0)));
    }

    #[TestWith(['heart', 'ruffle'])]
    #[TestWith(['star', 'pancake'])]
    #[TestWith(['cross', 'rolled-bundle'])]
    #[TestWith(['hook', 'diagonal-bundle'])]
    #[TestWith(['loop', 'poof-run'])]
    #[TestWith(['stick', 'crossed-curled-ruffles'])]
    #[TestWith(['hat', 'wound-cover'])]
    #[TestWith(['wheel', 'gathered-drape'])]
    public function test_its_outline_is_where_the_mesh_ends_and_nowhere_else(string $form, string $technique): void
    {
        $cover = $this->extent(
            ['form' => ['kind' => $form], 'materials' => [['width' => '6 in', 'roll' => '40 yd']], 'parts' => [['kind' => $technique]]],
        )->cover;
        $points = array_merge(...$cover->outlines());
        $this->assertGreaterThan(20, count($points));
        foreach ($points as $point) {
            $this->assertEqualsWithDelta(0.0, min(array_map(fn (Band $band): float => $band->clears($point), $cover->bands)), 0.11);
        }
        $all = Box::around($cover->points());
        $drawn = Box::around($points);
        $this->assertEqualsWithDelta(
            [$all->left, $all->top, $all->right, $all->bottom],
            [$drawn->left, $drawn->top, $drawn->right, $drawn->bottom],
            0.2,
        );
    }

    private function extent(array $document): Extent
    {
        return $this->work($document)->extent;
    }
}
