<?php

namespace Tests\Feature;

use App\Vary\SweepChart;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\Varied;

/** A sweep as it is drawn: columns of rolls on one floor, and lines below them. */
final class SweepChartTest extends FeatureCase
{
    public function test_each_value_has_a_column_of_its_rolls_within_the_picture(): void
    {
        $chart = $this->chart('fair-gate-three-strands', 'parts.l1.pitch', '7 in', '8 in', '1/8 in');
        $this->assertCount(9, $chart->points);
        foreach ($chart->points as $index => $point) {
            $rolls = $chart->rolls($point);
            $this->assertCount(max($point->rolls, $point->safe), $rolls);
            $this->assertGreaterThanOrEqual(0.0, min(array_column($rolls, 0)));
            $this->assertLessThan(SweepChart::FLOOR, max(array_column($rolls, 0)));
            $this->assertGreaterThanOrEqual(0.0, $chart->x($index) - $chart->wide() / 2);
            $this->assertLessThanOrEqual(SweepChart::WIDE, $chart->x($index) + $chart->wide() / 2);
            $this->assertSame($point->safe - $point->rolls, count(array_filter(array_column($rolls, 1))), 'those that are only needed to be safe');
        }
        $this->assertSame([[2, '+3']], $chart->breaks());
        $this->assertEqualsWithDelta(SweepChart::WIDE * 3 / 9, $chart->edge(2), 0.01);
    }

    public function test_lines_go_from_the_first_value_to_the_last_and_mark_the_plan_as_it_is(): void
    {
        $chart = $this->chart('fair-gate-three-strands', 'parts.l1.pitch', '7 in', '8 in', '1/8 in');
        [$cost, $size, $fullness] = $chart->lines();
        $this->assertSame(['cost', 'size', 'fullness'], [$cost['label'], $size['label'], $fullness['label']]);
        $this->assertSame([$chart->points[0]->cost->shown(), $chart->points[8]->cost->shown()], [$cost['least'], $cost['most']]);
        $this->assertSame(9, preg_match_all('/[ML]/', $fullness['path']));
        // 7 1/2 in is what it is, the fifth of nine.
        $this->assertSame($chart->x(4), $cost['now'][0]);
        // What stays the same is a level line.
        $this->assertCount(1, array_unique(array_map(fn (string $point): string => explode(' ', $point)[1], explode('L', ltrim($size['path'], 'M')))));
    }

    public function test_forty_rolls_fit_and_not_every_value_is_written_where_there_are_many(): void
    {
        $chart = $this->chart('fair-gate-three-strands', 'parts.l1.pitch', '22 in', '29 in', '1/8 in');
        $this->assertLessThan(count($chart->points), count(array_filter(array_keys($chart->points), $chart->isLabelled(...))));
        foreach ($chart->points as $point) {
            foreach ($chart->rolls($point) as [$top]) {
                $this->assertGreaterThanOrEqual(0.0, $top);
            }
        }
        $this->assertGreaterThan(0.0, $chart->rollHigh());
    }

    private function chart(string $name, string $figure, string $from, string $to, string $step): SweepChart
    {
        $plan = app(PlanFile::class)->read((string) file_get_contents(database_path("demo/$name.json")));

        return new SweepChart(Sweep::of($plan, Varied::named($plan, $figure), app(Engine::class), app(PlanReader::class), $from, $to, $step));
    }
}
