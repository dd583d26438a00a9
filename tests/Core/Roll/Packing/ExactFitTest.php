<?php

declare(strict_types=1);

namespace Tests\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\ExactFit;
use Davrin\Core\Roll\Packing\Pattern;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class ExactFitTest extends TestCase
{
    use RandomTrials;

    public function test_three_on_a_roll_without_a_rest_are_found(): void
    {
        // 49 + 26 + 25, 45 + 30 + 25, 40 + 34 + 26: longest first, each on the first roll with room, leaves a piece over.
        $cut = ExactFit::fit([49, 45, 40, 34, 30, 26, 25], [1, 1, 1, 1, 1, 2, 2], [100], [3], Effort::of(1_000_000));
        $this->assertIsArray($cut);
        $this->assertCount(3, $cut);
        $this->assertSame(
            [100, 100, 100],
            array_map(fn (Pattern $pattern): int => $this->used($pattern, [49, 45, 40, 34, 30, 26, 25]), $cut),
        );
    }

    public function test_pieces_that_cannot_fill_their_rolls_are_known_not_to_fit(): void
    {
        $this->assertFalse(ExactFit::fit([50, 40, 35, 25], [1, 1, 2, 2], [70], [3], Effort::of(1_000_000)));
        $this->assertFalse(ExactFit::fit([30], [4], [60], [1], Effort::of(1_000_000)), 'more than there is room for');
    }

    public function test_where_much_may_be_wasted_it_stays_open(): void
    {
        $this->assertNull(ExactFit::fit([30], [4], [70], [2], Effort::of(1_000_000)));
    }

    public function test_it_says_what_trying_everything_says(): void
    {
        [$fits, $not] = [0, 0];
        $this->limitTo($this->trials(300))->forAll(
            Generators::vector(7, Generators::choose(3, 14)),
            Generators::vector(3, Generators::choose(12, 26)),
            Generators::choose(0, 2),
        )->then(function (array $pieces, array $rooms, int $more) use (&$fits, &$not): void {
            // As much room as the pieces take, and no more than a step a roll on top.
            $rooms[2] = max(0, array_sum($pieces) + $more - $rooms[0] - $rooms[1]);
            rsort($pieces);
            $counts = array_count_values($pieces);
            $sizes = array_keys($counts);
            $cut = ExactFit::fit($sizes, array_values($counts), $rooms, [1, 1, 1], Effort::of(1_000_000));
            if (array_sum($rooms) - array_sum($pieces) > 3) {
                $this->assertNull($cut);

                return;
            }
            $this->assertSame($this->fits($pieces, $rooms), is_array($cut), implode(' ', $pieces).' into '.implode(' ', $rooms));
            $laid = array_fill(0, count($sizes), 0);
            foreach ($cut ?: [] as $pattern) {
                $this->assertLessThanOrEqual($rooms[$pattern->kind], $this->used($pattern, $sizes));
                foreach ($pattern->pieces as $index => $count) {
                    $laid[$index] += $count;
                }
            }
            $this->assertSame($cut === false ? array_fill(0, count($sizes), 0) : array_values($counts), $laid);
            $cut === false ? $not++ : $fits++;
        });
        $this->assertGreaterThan(intdiv($this->trials(300), 10), min($fits, $not), 'both are tried');
    }

    /** @param  list<int>  $sizes */
    private function used(Pattern $pattern, array $sizes): int
    {
        return (int) array_sum(
            array_map(fn (int $index, int $count): int => $sizes[$index] * $count, array_keys($pattern->pieces), $pattern->pieces),
        );
    }

    /**
     * @param  list<int>  $pieces
     * @param  array<int, int>  $rooms
     */
    private function fits(array $pieces, array $rooms): bool
    {
        if ($pieces === []) {
            return true;
        }
        $piece = array_shift($pieces);
        foreach ($rooms as $roll => $room) {
            if ($room >= $piece && $this->fits($pieces, [$roll => $room - $piece] + $rooms)) {
                return true;
            }
        }

        return false;
    }
}
