<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\Knapsack;
use Davrin\Core\Roll\Packing\SubsetSums;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

/** What goes on one roll, held against trying everything. */
final class KnapsackTest extends TestCase
{
    use RandomTrials;

    public function test_every_sum_that_pieces_make_is_reached_and_no_other(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::vector(4, Generators::choose(2, 15)),
            Generators::vector(4, Generators::choose(0, 3)),
            Generators::choose(1, 50),
        )->then(function (array $sizes, array $counts, int $room): void {
            [$sizes, $counts] = $this->distinct($sizes, $counts);
            $reach = new SubsetSums($room, $sizes, $counts, Effort::of(1_000_000));
            $sums = array_unique(array_map(fn (array $pieces): int => $this->sum($pieces, $sizes), $this->allWays($sizes, $counts, $room)));
            for ($asked = 0; $asked <= $room; $asked++) {
                $below = array_filter($sums, fn (int $sum): bool => $sum <= $asked);
                $above = array_filter($sums, fn (int $sum): bool => $sum >= $asked);
                $this->assertSame($below === [] ? 0 : max($below), $reach->upTo($asked));
                $this->assertSame($above === [] ? null : min($above), $reach->from($asked));
                $pieces = $reach->pieces($reach->upTo($asked));
                $this->assertSame($reach->upTo($asked), $this->sum($pieces, $sizes));
                foreach ($pieces as $index => $count) {
                    $this->assertLessThanOrEqual($counts[$index], $count);
                }
            }
        });
    }

    public function test_long_pieces_are_taken_rather_than_short_ones(): void
    {
        // 20 is 10 + 10 or 4 x 5; the short ones stay for later.
        $this->assertSame([0 => 2], (new SubsetSums(20, [10, 5], [2, 4], Effort::of(1_000_000)))->pieces(20));
        $this->assertSame([0 => 1, 1 => 2], (new SubsetSums(20, [10, 5], [1, 4], Effort::of(1_000_000)))->pieces(20));
    }

    public function test_once_a_roll_is_full_nothing_more_is_asked(): void
    {
        $reach = new SubsetSums(20, [10, 5, 3], [2, 1, 4], Effort::of(1_000_000), untilFull: true);
        $this->assertSame([20, [0 => 2]], [$reach->upTo(20), $reach->pieces(20)]);
    }

    public function test_the_most_valuable_pieces_are_found_for_every_room(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::vector(
                4,
                Generators::choose(2, 15),
            ), Generators::vector(4, Generators::choose(0, 5)), Generators::vector(4, Generators::choose(0, 40)), Generators::choose(1, 45),
        )->then(function (array $sizes, array $counts, array $worth, int $room): void {
            [$sizes, $counts] = $this->distinct($sizes, $counts);
            $worth = array_slice($worth, 0, count($sizes));
            $knapsack = new Knapsack($room, $sizes, $counts, $worth, Effort::of(1_000_000));
            $ways = $this->allWays($sizes, $counts, $room);
            for ($asked = 0; $asked <= $room; $asked++) {
                $best = 0;
                foreach ($ways as $pieces) {
                    $best = $this->sum($pieces, $sizes) <= $asked ? max($best, $this->sum($pieces, $worth)) : $best;
                }
                $pieces = $knapsack->pieces($asked);
                $this->assertSame($best, (int) $knapsack->values[$asked]);
                $this->assertSame($best, $this->sum($pieces, $worth));
                $this->assertLessThanOrEqual($asked, $this->sum($pieces, $sizes));
            }
        });
    }

    public function test_steps_of_a_run_pay_their_tails_once_on_a_roll(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(0, 6),
            Generators::choose(2, 9),
            Generators::choose(0, 8),
            Generators::choose(10, 45),
        )->then(function (int $tails, int $step, int $steps, int $room): void {
            // Pieces of 7 worth 8, and steps worth one and a half of their length.
            [$sizes, $counts, $worth] = [[7, $step], [3, $steps], [8, $step + 4]];
            $knapsack = new Knapsack($room, $sizes, $counts, $worth, Effort::of(1_000_000), [[$tails, 1, 2]]);
            $best = 0;
            for ($pieces = 0; $pieces <= 3; $pieces++) {
                for ($its = 0; $its <= $steps; $its++) {
                    $takes = 7 * $pieces + $step * $its + ($its > 0 ? $tails : 0);
                    $best = $takes <= $room ? max($best, 8 * $pieces + ($step + 4) * $its) : $best;
                }
            }
            $taken = $knapsack->pieces($room);
            $this->assertSame($best, (int) $knapsack->values[$room]);
            $this->assertSame($best, $this->sum($taken, $worth));
            $this->assertLessThanOrEqual($room, $this->sum($taken, $sizes) + (isset($taken[1]) ? $tails : 0));
        });
    }

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $counts
     * @return array{list<int>, list<int>} each size once, the longest first
     */
    private function distinct(array $sizes, array $counts): array
    {
        $by = [];
        foreach ($sizes as $index => $size) {
            $by[$size] = ($by[$size] ?? 0) + $counts[$index];
        }
        krsort($by);

        return [array_keys($by), array_values($by)];
    }

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $counts
     * @return list<array<int, int>>
     */
    private function allWays(array $sizes, array $counts, int $room): array
    {
        $ways = [[]];
        foreach ($sizes as $index => $size) {
            $next = [];
            foreach ($ways as $way) {
                for ($count = 0; $count <= $counts[$index] && $this->sum($way + [$index => $count], $sizes) <= $room; $count++) {
                    $next[] = $way + [$index => $count];
                }
            }
            $ways = $next;
        }

        return $ways;
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int>  $each
     */
    private function sum(array $pieces, array $each): int
    {
        return array_sum(array_map(fn (int $index, int $count): int => $count * $each[$index], array_keys($pieces), $pieces));
    }
}
