<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\DivingHeuristic;
use Davrin\Core\Roll\Packing\Heuristics;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\Pattern;
use Davrin\Core\Roll\Packing\Relaxation;
use Davrin\Core\Roll\Packing\RollChoice;
use Davrin\Core\Roll\Packing\RollChoices;
use Davrin\Core\Roll\Packing\RollKind;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class RelaxationTest extends TestCase
{
    use RandomTrials;

    public function test_it_proves_that_halves_do_not_fit_where_their_sum_would(): void
    {
        // Three pieces of 60 in are 180 in, as much as two rolls of 90 in; yet each roll gives one.
        $this->assertGreaterThan(0, Relaxation::ofAll([60], [3], [90], [2], Effort::of(1_000_000))->least);
        $this->assertSame(0, Relaxation::ofAll([60], [3], [90], [3], Effort::of(1_000_000))->least);
        $this->assertSame(1, Relaxation::ofMost([60], [3], [90], [2], Effort::of(1_000_000))->least);
    }

    public function test_a_fraction_of_a_piece_left_unmet_is_a_whole_one(): void
    {
        // 90 of one roll in threes of 30, 80 of the other as 50 and 30: of six pieces one stays. Of 40 and 40 into 60 and 60 half of
        // a piece would, so a whole one does.
        $this->assertSame(1, Relaxation::ofMost([50, 30], [2, 4], [100, 80], [1, 1], Effort::of(1_000_000))->least);
        $this->assertSame(1, Relaxation::ofMost([40], [3], [60], [2], Effort::of(1_000_000))->least);
    }

    public function test_each_roll_that_gives_to_a_run_pays_its_tails(): void
    {
        // 8 steps of 9 and tails of 4: a roll of 40 holds 4 steps.
        $this->assertSame(0, Relaxation::ofAll([9], [8], [40], [2], Effort::of(1_000_000), [[4, 0, 1]])->least);
        $this->assertGreaterThan(0, Relaxation::ofAll([9], [9], [40], [2], Effort::of(1_000_000), [[4, 0, 1]])->least);
        $this->assertGreaterThan(0, Relaxation::ofAll([9], [8], [39], [2], Effort::of(1_000_000), [[4, 0, 1]])->least);
    }

    public function test_it_never_says_that_what_can_be_cut_cannot(): void
    {
        $this->limitTo($this->trials(150))->forAll(
            Generators::seq(Generators::choose(10, 60)),
            Generators::vector(3, Generators::choose(3, 30)),
        )->then(function (array $rooms, array $sizes): void {
            $rooms = array_slice($rooms === [] ? [20] : $rooms, 0, 5);
            rsort($sizes);
            $sizes = array_values(array_unique($sizes));
            // Cut the rolls by chance, and ask for just that.
            $counts = array_fill(0, count($sizes), 0);
            foreach ($rooms as $room) {
                foreach ($sizes as $index => $size) {
                    for (; $room >= $size && ($room + $index) % 3 > 0; $room -= $size) {
                        $counts[$index]++;
                    }
                }
            }
            $ones = array_fill(0, count($rooms), 1);
            $relaxation = Relaxation::ofAll($sizes, $counts, $rooms, $ones, Effort::of(1_000_000));
            $this->assertSame(
                [0, 0],
                [$relaxation->least, Relaxation::ofMost($sizes, $counts, $rooms, $ones, Effort::of(1_000_000))->least],
            );
            $cut = DivingHeuristic::from($sizes, $counts, $rooms, $ones, $relaxation->patterns, Effort::of(1_000_000));
            foreach ($cut ?? [] as $pattern) {
                foreach ($pattern->pieces as $index => $count) {
                    $counts[$index] -= $count;
                }
                $this->assertLessThanOrEqual(
                    $rooms[$pattern->kind],
                    array_sum(
                        array_map(
                            fn (int $index, int $count): int => $count * $sizes[$index],
                            array_keys($pattern->pieces),
                            $pattern->pieces,
                        ),
                    ),
                );
            }
            $this->assertTrue($cut === null || array_sum($counts) === 0);
        });
    }

    public function test_the_cheapest_choice_of_rolls_comes_first_and_too_little_never(): void
    {
        $task = PackingTask::of(
            [10 => 30],
            [new RollKind(40, 1), new RollKind(100, null, 300, true), new RollKind(100, 2, 0, true), new RollKind(200, null, 500, true)],
        );
        $choices = [];
        foreach (RollChoices::of($task, [1, 9, 2, 9])->from(30) as $choice) {
            $choices[] = $choice;
            if (count($choices) === 6) {
                break;
            }
        }
        // 300 in are wanted (in steps of 10 in: 30), and 40 in are open: two full ones from the shelf and more.
        $this->assertSame(
            [[300, 3], [500, 2], [500, 3], [600, 3], [600, 4], [800, 2]],
            array_map(fn (RollChoice $choice): array => [$choice->money, $choice->opened], $choices),
        );
        $this->assertSame([0 => 1, 1 => 1, 2 => 2], $choices[0]->rolls);
        foreach ($choices as $choice) {
            $this->assertGreaterThanOrEqual(
                30,
                array_sum(
                    array_map(fn (int $kind, int $count): int => $count * $task->rooms[$kind], array_keys($choice->rolls), $choice->rolls),
                ),
            );
        }
    }

    public function test_what_is_open_but_not_there_is_in_no_choice(): void
    {
        $task = PackingTask::of([10 => 2], [new RollKind(30, 0), new RollKind(40, 1)]);
        $this->assertSame(
            [[1 => 1]],
            array_map(fn (RollChoice $choice): array => $choice->rolls, iterator_to_array(RollChoices::of($task, [0, 1])->from(2), false)),
        );
    }

    public function test_every_quick_way_places_all_or_says_that_it_cannot(): void
    {
        $this->limitTo($this->trials(150))->forAll(
            Generators::vector(4, Generators::choose(3, 30)),
            Generators::vector(4, Generators::choose(0, 6)),
            Generators::vector(4, Generators::choose(20, 90)),
        )->then(function (array $sizes, array $counts, array $rooms): void {
            rsort($sizes);
            $sizes = array_values(array_unique($sizes));
            $counts = array_slice($counts, 0, count($sizes));
            $effort = Effort::of(1_000_000);
            $ways = [
                Heuristics::firstFit($sizes, $counts, $rooms, $effort),
                Heuristics::bestFit($sizes, $counts, $rooms, $effort),
                Heuristics::fullest($sizes, $counts, $rooms, $effort, true),
                Heuristics::fullest($sizes, $counts, $rooms, $effort, false),
                ...Heuristics::byWorth($sizes, $counts, $rooms, 3, $effort),
            ];
            foreach (array_filter($ways, fn (?array $laid): bool => $laid !== null) as $laid) {
                $placed = array_fill(0, count($sizes), 0);
                foreach ($laid as $roll => $pieces) {
                    $used = 0;
                    foreach ($pieces as $index => $count) {
                        $placed[$index] += $count;
                        $used += $count * $sizes[$index];
                    }
                    $this->assertLessThanOrEqual($rooms[$roll], $used);
                }
                $this->assertSame($counts, $placed);
            }
            if (array_sum(array_map(fn (int $size, int $count): int => $size * $count, $sizes, $counts)) > array_sum($rooms)) {
                $this->assertSame([], array_filter($ways, fn (?array $laid): bool => $laid !== null));
            }
        });
    }

    public function test_a_dive_along_nothing_finds_nothing(): void
    {
        $this->assertNull(DivingHeuristic::from([10], [1], [5], [1], [], Effort::of(1_000_000)));
        $this->assertSame([], DivingHeuristic::from([10], [0], [5], [1], [], Effort::of(1_000_000)));
        $this->assertEquals(
            [new Pattern(0, [0 => 1])],
            DivingHeuristic::from([10], [1], [15], [1], [new Pattern(0, [0 => 1], 1.0)], Effort::of(1_000_000)),
        );
    }
}
