<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Roll\Packing\Packed;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\RollKind;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

/** Lengths are whole inches here, one unit each. */
final class PackerTest extends TestCase
{
    use RandomTrials;

    public function test_part_rolls_give_what_they_can_and_one_roll_is_bought(): void
    {
        [$task, $packed] = $this->pack([22 => 6, 14 => 12, 8 => 6], [131, 62, 18], [new RollKind(360, null, 650, true)]);
        $this->assertSame([650, 1, true], [$packed->money, $packed->opened, $packed->isProven()]);
        $this->assertEquals([131 => [130], 62 => [60], 18 => [16], 360 => [142]], $this->used($task, $packed));
    }

    public function test_a_ninth_piece_does_not_fit_two_short_rolls(): void
    {
        [, $packed] = $this->pack([220 => 8], [], [new RollKind(1782, 2, 0, true)]);
        $this->assertSame([[0], 1, true], [$packed->unmet, $packed->opened, $packed->isProven()]);
        [, $packed] = $this->pack([880 => 5], [], [new RollKind(1782, 2, 0, true)]);
        $this->assertSame([[1], 1], [$packed->unmet, $packed->bound->unmet]);
    }

    public function test_a_full_roll_from_the_shelf_is_opened_before_one_is_bought(): void
    {
        [$task, $packed] = $this->pack([30 => 7], [], [new RollKind(100, null, 300, true), new RollKind(100, 2, 0, true)]);
        $this->assertSame([300, 3, true], [$packed->money, $packed->opened, $packed->isProven()]);
        [, $packed] = $this->pack([30 => 6], [], [new RollKind(100, null, 300, true), new RollKind(100, 2, 0, true)]);
        $this->assertSame([0, 2, true], [$packed->money, $packed->opened, $packed->isProven()]);
    }

    public function test_of_two_sizes_to_buy_the_cheaper_choice_is_taken(): void
    {
        // 190 in: two short rolls at 4 are dearer than a long one at 7; 90 in: one short one does.
        $kinds = [new RollKind(100, null, 400, true), new RollKind(200, null, 700, true)];
        $this->assertSame(700, $this->pack([19 => 10], [], $kinds)[1]->money);
        $this->assertSame(400, $this->pack([18 => 5], [], $kinds)[1]->money);
        $this->assertSame(1100, $this->pack([30 => 9], [], $kinds)[1]->money);
    }

    public function test_a_small_part_roll_is_used_up_and_a_long_one_kept_whole(): void
    {
        [$task, $packed] = $this->pack([22 => 1], [131, 30], []);
        $this->assertSame([30 => [22]], $this->used($task, $packed));
    }

    public function test_short_pieces_are_met_rather_than_long_ones(): void
    {
        // 10, 11, 12 and 30 in from 40 in: three of them, not the longest two.
        [$task, $packed] = $this->pack([30 => 1, 12 => 1, 11 => 1, 10 => 1], [40], []);
        $this->assertSame([1, 0, 0, 0], $packed->unmet);
        $this->assertSame(1, $packed->bound->unmet);
    }

    public function test_a_piece_longer_than_any_roll_is_unmet_and_that_is_proven(): void
    {
        [, $packed] = $this->pack([50 => 2, 10 => 1], [], [new RollKind(40, null, 650, true)]);
        $this->assertSame([[2, 0], 1, true], [$packed->unmet, $packed->opened, $packed->isProven()]);
    }

    public function test_what_first_fit_buys_a_roll_too_many_for_is_found(): void
    {
        // Longest first needs three rolls of 100; 55 + 45, and 40 + 30 + 30 fill two.
        [, $packed] = $this->pack([45 => 1, 40 => 1, 30 => 2, 55 => 1], [], [new RollKind(100, null, 650, true)]);
        $this->assertSame([2, true], [$packed->opened, $packed->isProven()]);
        [, $packed] = $this->pack([44 => 2, 24 => 4, 22 => 2, 21 => 4], [], [new RollKind(112, null, 650, true)]);
        $this->assertSame([3, true], [$packed->opened, $packed->isProven()]);
    }

    public function test_triplets_that_fill_their_rolls_take_no_roll_too_many(): void
    {
        foreach ([3, 5, 8, 16] as $seed) {
            mt_srand($seed);
            $pieces = [];
            for ($roll = 0; $roll < 12; $roll++) {
                $first = mt_rand(380, 490);
                $second = mt_rand(250, intdiv(999 - $first, 2));
                foreach ([$first, $second, 1000 - $first - $second] as $size) {
                    $pieces[$size] = ($pieces[$size] ?? 0) + 1;
                }
            }
            [, $packed] = $this->pack($pieces, [], [new RollKind(1000, null, 1, true)]);
            $this->assertSame([12, true], [$packed->opened, $packed->isProven()]);
        }
    }

    public function test_a_grid_too_fine_to_look_at_still_cuts_no_roll_over(): void
    {
        $kinds = [new RollKind(1_463_040, null, 650, true)];
        $task = PackingTask::of([90_001 => 20, 70_003 => 9, 33_333 => 31], $kinds, 24_384);
        $packed = Packer::pack($task);
        $this->assertFalse($task->isExact);
        $this->assertSame([0, 0, 0], $packed->unmet);
        $lengths = [90_001, 70_003, 33_333];
        foreach ($packed->cuts as $pattern) {
            $this->assertLessThanOrEqual(
                1_463_040,
                array_sum(
                    array_map(
                        fn (int $index, int $count): int => $lengths[$index] * $count,
                        array_keys($pattern->pieces),
                        $pattern->pieces,
                    ),
                ),
            );
        }
    }

    public function test_every_piece_is_placed_once_no_roll_is_overfull_and_no_bound_is_bettered(): void
    {
        $this->limitTo($this->trials(150))->forAll(
            Generators::associative(
                ['sizes' => Generators::vector(5, Generators::choose(6, 36)), 'counts' => Generators::vector(5, Generators::choose(0, 14))],
            ),
            Generators::seq(Generators::choose(5, 110)),
            Generators::choose(60, 180),
            Generators::choose(0, 5),
        )->then(function (array $demand, array $parts, int $roll, int $limit): void {
            $pieces = [];
            foreach ($demand['sizes'] as $index => $size) {
                $pieces[$size] = ($pieces[$size] ?? 0) + $demand['counts'][$index];
            }
            $parts = array_slice($parts, 0, 6);
            [$task, $packed] = $this->pack(array_filter($pieces), $parts, [new RollKind($roll, $limit === 0 ? null : $limit, 650, true)]);
            $laid = array_fill(0, count($task->sizes), 0);
            foreach ($packed->cuts as $pattern) {
                $used = 0;
                foreach ($pattern->pieces as $index => $count) {
                    $laid[$index] += $count;
                    $used += $count * $task->sizes[$index] * $task->step;
                }
                $this->assertLessThanOrEqual($task->kinds[$pattern->kind]->length, $used);
            }
            $this->assertSame($task->counts, array_map(fn (int $here, int $unmet): int => $here + $unmet, $laid, $packed->unmet));
            foreach ($task->kinds as $kind => $its) {
                $this->assertLessThanOrEqual(
                    $its->count ?? PHP_INT_MAX,
                    count(array_filter($packed->cuts, fn ($pattern): bool => $pattern->kind === $kind)),
                );
            }
            $bought = count(array_filter($packed->cuts, fn ($pattern): bool => $task->kinds[$pattern->kind]->opens));
            $this->assertSame([$bought, $bought * 650], [$packed->opened, $packed->money]);
            $this->assertLessThanOrEqual($packed->opened, $packed->bound->opened);
            $this->assertLessThanOrEqual(array_sum($packed->unmet), $packed->bound->unmet);
            if ($limit === 0 && array_sum($packed->unmet) === 0) {
                $this->assertLessThanOrEqual($this->firstFit($pieces, $parts, $roll), $packed->opened);
            }
        });
    }

    public function test_a_small_demand_is_cut_as_well_as_trying_everything_cuts_it(): void
    {
        $this->limitTo($this->trials(120))->forAll(
            Generators::vector(6, Generators::choose(3, 14)),
            Generators::vector(2, Generators::choose(2, 13)),
            Generators::choose(14, 24),
        )->then(function (array $sizes, array $parts, int $roll): void {
            [$task, $packed] = $this->pack(array_count_values($sizes), $parts, [new RollKind($roll, null, 650, true)]);
            [$opened, $longest] = $this->everything($sizes, $parts, $roll);
            $this->assertSame(
                [$opened, true],
                [$packed->opened, $packed->isProven()],
                json_encode([$sizes, $parts, $roll], JSON_THROW_ON_ERROR),
            );
            $left = $parts;
            foreach ($this->used($task, $packed) as $length => $its) {
                foreach ($its as $used) {
                    $at = array_search($length, $left, true);
                    $at === false || $length === $roll ? $left[] = $length - $used : $left[$at] = $length - $used;
                }
            }
            $this->assertSame($longest, max($left), json_encode([$sizes, $parts, $roll], JSON_THROW_ON_ERROR));
        });
    }

    /**
     * The fewest rolls bought, and the longest leftover with so many, by trying every piece on every roll.
     *
     * @param  list<int>  $sizes
     * @param  list<int>  $parts
     * @return array{int, int}
     */
    private function everything(array $sizes, array $parts, int $roll): array
    {
        for ($bought = 0; ; $bought++) {
            $longest = $this->longest($sizes, [...$parts, ...array_fill(0, $bought, $roll)]);
            if ($longest >= 0) {
                return [$bought, $longest];
            }
        }
    }

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $rooms
     */
    private function longest(array $sizes, array $rooms): int
    {
        if ($sizes === []) {
            return max($rooms);
        }
        $size = array_pop($sizes);
        $best = -1;
        foreach (array_unique($rooms) as $place => $room) {
            if ($room >= $size) {
                $best = max($best, $this->longest($sizes, array_replace($rooms, [$place => $room - $size])));
            }
        }

        return $best;
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int>  $parts
     */
    private function firstFit(array $pieces, array $parts, int $roll): int
    {
        krsort($pieces);
        sort($parts);
        $rooms = $parts;
        foreach ($pieces as $size => $count) {
            for (; $count > 0; $count--) {
                $at = array_key_first(array_filter($rooms, fn (int $room): bool => $room >= $size));
                $at === null ? $rooms[] = $roll - $size : $rooms[$at] -= $size;
            }
        }

        return count($rooms) - count($parts);
    }

    /**
     * @param  array<int, int>  $pieces
     * @param  list<int>  $parts
     * @param  list<RollKind>  $kinds
     * @return array{PackingTask, Packed}
     */
    private function pack(array $pieces, array $parts, array $kinds): array
    {
        $task = PackingTask::of($pieces, [...array_map(fn (int $length): RollKind => new RollKind($length, 1), $parts), ...$kinds], 6);

        return [$task, Packer::pack($task)];
    }

    /** @return array<int, list<int>> how much is cut from rolls of each length */
    private function used(PackingTask $task, Packed $packed): array
    {
        $used = [];
        foreach ($packed->cuts as $pattern) {
            $used[$task->kinds[$pattern->kind]->length][] = $task->step * array_sum(
                array_map(
                    fn (int $index, int $count): int => $count * $task->sizes[$index],
                    array_keys($pattern->pieces),
                    $pattern->pieces,
                ),
            );
        }

        return $used;
    }
}
