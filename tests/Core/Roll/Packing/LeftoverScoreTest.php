<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Roll\Packing\LeftoverScore;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\Pattern;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Roll\Packing\RunShare;
use PHPUnit\Framework\TestCase;

/** Which of two ways to cut the same rolls is the better one. */
final class LeftoverScoreTest extends TestCase
{
    public function test_the_longest_leftover_comes_first_then_few_kept_then_small_rolls_used_up(): void
    {
        $task = PackingTask::of([10 => 3, 4 => 2], [new RollKind(30, 1), new RollKind(18, 1), new RollKind(60, 2, 650, true)], 6);
        $rolls = [0 => 1, 1 => 1, 2 => 1];
        $way = fn (Pattern ...$cuts): array => LeftoverScore::of($task, $rolls, array_values($cuts));
        // Sizes: 10 is the first, 4 the second. All of it on the new roll leaves 22 there, and both part rolls whole.
        $this->assertSame([-30, 3, 0, 0], $way(new Pattern(2, [0 => 3, 1 => 2])));
        $small = $way(new Pattern(1, [0 => 1, 1 => 2]), new Pattern(0, [0 => 2]));
        $large = $way(new Pattern(0, [0 => 2, 1 => 2]), new Pattern(1, [0 => 1]));
        $this->assertLessThan(0, $small <=> $large);
        $this->assertLessThan(0, $small <=> $way(new Pattern(2, [0 => 3, 1 => 2])));
    }

    public function test_leftovers_too_short_to_keep_do_not_count(): void
    {
        $task = PackingTask::of([10 => 3], [new RollKind(35, 1), new RollKind(14, 1)], 6);
        $this->assertSame([-14, 1, 0, -30], LeftoverScore::of($task, [0 => 1, 1 => 1], [new Pattern(0, [0 => 3])]));
        $this->assertSame(
            [-15, 1, -10, -20],
            LeftoverScore::of($task, [0 => 1, 1 => 1], [new Pattern(0, [0 => 2]), new Pattern(1, [0 => 1])]),
        );
    }

    public function test_pieces_lie_on_the_coarsest_grid_that_holds_them(): void
    {
        $task = PackingTask::of([22 * 4064 => 6, 14 * 4064 => 12, 8 * 4064 => 6], [new RollKind(131 * 4064 + 2032, 1)]);
        $this->assertSame(
            [2 * 4064, true, [11, 7, 4], [6, 12, 6], [65]],
            [$task->step, $task->isExact, $task->sizes, $task->counts, $task->rooms],
        );
        $this->assertSame([0, 2], [$task->sizeOf(22 * 4064), $task->sizeOf(8 * 4064)]);
        $this->assertSame(
            [4064, [11, 7, 4]],
            [PackingTask::of([22 * 4064 => 1], [], 0, [new RunShare(4 * 4064, [9 * 4064 => 3])])->step, $task->sizes],
        );
        $equal = PackingTask::of([19 * 4064 => 18], [new RollKind(360 * 4064, null, 650, true)]);
        $this->assertSame([[1], [18]], [$equal->sizes, $equal->rooms]);
    }

    public function test_lengths_that_are_not_of_the_task_are_not_asked_for(): void
    {
        $this->expectException(\LogicException::class);
        PackingTask::of([10 => 1], [])->sizeOf(11);
    }

    public function test_no_more_rolls_are_wanted_than_there_are_pieces(): void
    {
        $task = PackingTask::of([10 => 3], [new RollKind(100, null), new RollKind(90, 2), new RollKind(80, 9)]);
        $this->assertSame([3, 2, 3], array_map($task->count(...), [0, 1, 2]));
    }

    public function test_nothing_to_cut_opens_nothing_and_is_proven(): void
    {
        $packed = Packer::pack(PackingTask::of([], [new RollKind(100, null, 650, true)]));
        $this->assertSame([[], [], 0, true], [$packed->cuts, $packed->unmet, $packed->opened, $packed->isProven()]);
        $packed = Packer::pack(PackingTask::of([10 => 2], []));
        $this->assertSame([[2], 2], [$packed->unmet, $packed->bound->unmet]);
    }
}
