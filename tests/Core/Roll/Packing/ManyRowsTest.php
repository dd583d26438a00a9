<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\Bound;
use Davrin\Core\Roll\Packing\ExponentialSearch;
use Davrin\Core\Roll\Packing\LowerBound;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\RollChoice;
use Davrin\Core\Roll\Packing\RollChoices;
use Davrin\Core\Roll\Packing\RollKind;
use Eris\Generators;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

/** Many full rolls on hand, each for itself as the shelf writes them. Lengths are whole inches, one unit each. */
final class ManyRowsTest extends TestCase
{
    use RandomTrials;

    #[TestWith([120, 27])]
    #[TestWith([180, 18])]
    public function test_nothing_is_bought_while_full_rolls_lie_there(int $length, int $count): void
    {
        $packed = Packer::pack(PackingTask::of([$length => $count], [$this->new(360), ...array_map($this->full(...), range(361, 375))]));
        $this->assertEquals(new Bound(0, 0, 9), $packed->cost());
        $this->assertTrue($packed->isProven());
    }

    public function test_forty_rolls_alike_are_one_kind_with_a_number(): void
    {
        $task = PackingTask::of([110 => 30], [...array_map(fn (): RollKind => $this->full(360), range(1, 40)), $this->new(360)]);
        $this->assertSame([40, null], array_map(fn (RollKind $kind): ?int => $kind->count, $task->kinds));
        $this->assertSame([0, 39, 40, 40], [$task->place(0, 0), $task->place(0, 39), $task->place(1, 0), $task->place(1, 7)]);
        $effort = Effort::of(40_000_000);
        $packed = Packer::pack($task, effort: $effort);
        $this->assertEquals(new Bound(0, 0, 10), $packed->bound);
        $this->assertTrue($packed->isProven());
        $this->assertLessThan(100_000, $effort->spent());
    }

    public function test_counted_rolls_are_used_up_before_those_alike_that_there_are_as_many_of_as_it_takes(): void
    {
        $new = new RollKind(60, null, 0, true);
        foreach ([[$new, $this->full(60), $this->full(60)], [$this->full(60), $new, $this->full(60)], [$this->full(60), $this->full(60), $new]] as $kinds) {
            $task = PackingTask::of([60 => 5], $kinds);
            $endless = (int) array_search($new, $kinds, true);
            $places = array_map(fn (int $number): int => $task->place(0, $number), range(0, 4));
            $this->assertEqualsCanonicalizing(array_values(array_diff([0, 1, 2], [$endless])), array_slice($places, 0, 2));
            $this->assertSame([$endless, $endless, $endless], array_slice($places, 2));
        }
    }

    public function test_of_rolls_at_one_price_the_longest_stand_for_all_others(): void
    {
        $task = PackingTask::of([10 => 99], [$this->full(30), $this->full(50), $this->full(40), $this->new(60), new RollKind(20, 1)]);
        $choices = [];
        foreach (RollChoices::of($task, [1, 1, 1, 2, 1])->from(8) as $choice) {
            $choices[] = [...$choice->cost(), array_filter($choice->rolls)];
        }
        $this->assertSame([
            [0, 2, [4 => 1, 1 => 1, 2 => 1]], [0, 3, [4 => 1, 1 => 1, 2 => 1, 0 => 1]],
            [650, 1, [4 => 1, 3 => 1]], [650, 2, [4 => 1, 3 => 1, 1 => 1]],
        ], array_slice($choices, 0, 4));
    }

    public function test_choices_that_are_proven_to_be_too_little_are_passed_over(): void
    {
        $task = PackingTask::of([10 => 99], [$this->new(10), ...array_fill(0, 50, $this->full(10))]);
        $ways = RollChoices::of($task, [200, 50])->from(1);
        $asked = 0;
        $ways->current();
        $next = $ways->send(function (RollChoice $choice) use (&$asked): bool {
            $asked++;

            return array_sum($choice->rolls) < 163;
        });
        $this->assertSame([113 * 650, 113], $next?->cost(), 'with all that is there 113 may do; how few of those do comes next');
        $this->assertLessThan(40, $asked);
    }

    public function test_the_first_number_that_does_is_found_in_few_tries(): void
    {
        foreach ([0, 1, 2, 37, 999, 1000] as $first) {
            $tries = 0;
            $found = ExponentialSearch::first(0, 1000, function (int $number) use ($first, &$tries): bool {
                $tries++;

                return $number >= $first;
            });
            $this->assertSame($first, $found);
            $this->assertLessThan(22, $tries);
        }
        $this->assertNull(ExponentialSearch::first(3, 9, fn (): bool => false));
        $this->assertNull(ExponentialSearch::first(9, 3, fn (): bool => true));
    }

    public function test_no_bound_is_bettered_by_trying_every_way_and_hardly_a_roll_is_too_many(): void
    {
        [$tasks, $over] = [0, 0];
        $this->limitTo($this->trials(120))->forAll(
            Generators::vector(5, Generators::choose(4, 22)),
            Generators::vector(4, Generators::choose(12, 40)),
            Generators::vector(2, Generators::choose(5, 30)),
            Generators::choose(0, 3),
            Generators::choose(0, 5),
        )->then(function (array $pieces, array $full, array $parts, int $new, int $fewer) use (&$tasks, &$over): void {
            $pieces = array_slice($pieces, 0, 5 - intdiv($fewer, 3));
            $kinds = [
                ...array_map($this->full(...), $full),
                ...array_map(fn (int $part): RollKind => new RollKind($part, 1), $parts),
                new RollKind(24, $new, 650, true),
            ];
            $packed = Packer::pack(PackingTask::of(array_count_values($pieces), $kinds));
            $best = $this->best($pieces, $kinds);
            $tasks++;
            $this->assertLessThanOrEqual($best, [$packed->bound?->unmet, $packed->bound?->money, $packed->bound?->opened]);
            $this->assertGreaterThanOrEqual($best, [array_sum($packed->unmet), $packed->money, $packed->opened]);
            $over += [array_sum($packed->unmet), $packed->money, $packed->opened] === $best ? 0 : 1;
        });
        $this->assertLessThanOrEqual($tasks / 200, $over);
    }

    public function test_pieces_that_lie_on_no_grid_are_bound_by_what_is_no_longer(): void
    {
        // In units of 1/160 mm: 300 of them use one roll to the last unit, and the grid is far too coarse to see it.
        $roll = 300 * 4877;
        $packed = Packer::pack(PackingTask::of([4877 => 300], [$this->new($roll)]));
        $this->assertSame(1, $packed->opened);
        $task = PackingTask::of([4877 => 299, 4871 => 1], [$this->new($roll)]);
        $this->assertFalse($task->isExact);
        $packed = Packer::pack($task);
        $this->assertSame(1, $packed->opened, 'what fits to the last unit is not lost on a coarse grid');
        $this->assertNull($packed->bound);
        $this->assertEquals(new Bound(0, 650, 1), LowerBound::of($task, $packed->cost(), Effort::of(40_000_000)));
    }

    /**
     * The best of every way to lay pieces: on each roll, or on none.
     *
     * @param  list<int>  $pieces
     * @param  list<RollKind>  $kinds
     * @return array{int, int, int}
     */
    private function best(array $pieces, array $kinds): array
    {
        $rolls = array_merge(...array_map(fn (RollKind $kind): array => array_fill(0, (int) $kind->count, $kind), $kinds));
        rsort($pieces);

        return $this->tried($pieces, $rolls, array_map(fn (RollKind $roll): int => $roll->length, $rolls), [0, 0, 0], [PHP_INT_MAX, 0, 0]);
    }

    /**
     * @param  list<int>  $pieces  that are still to be laid
     * @param  list<RollKind>  $rolls
     * @param  list<int>  $left
     * @param  array{int, int, int}  $cost  so far
     * @param  array{int, int, int}  $best
     * @return array{int, int, int}
     */
    private function tried(array $pieces, array $rolls, array $left, array $cost, array $best): array
    {
        if ($cost >= $best) {
            return $best;
        }
        if ($pieces === []) {
            return $cost;
        }
        $piece = array_shift($pieces);
        $seen = [];
        foreach ($rolls as $at => $roll) {
            $key = "$left[$at] $roll->length $roll->price ".(int) $roll->opens;
            if ($left[$at] >= $piece && ! isset($seen[$key])) {
                $seen[$key] = true;
                $opens = $left[$at] === $roll->length && $roll->opens;
                $best = $this->tried(
                    $pieces,
                    $rolls,
                    array_replace($left, [$at => $left[$at] - $piece]),
                    [$cost[0], $cost[1] + ($opens ? $roll->price : 0), $cost[2] + (int) $opens],
                    $best,
                );
            }
        }

        return $this->tried($pieces, $rolls, $left, [$cost[0] + 1, $cost[1], $cost[2]], $best);
    }

    private function full(int $length): RollKind
    {
        return new RollKind($length, 1, 0, true);
    }

    private function new(int $length): RollKind
    {
        return new RollKind($length, null, 650, true);
    }
}
