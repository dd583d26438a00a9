<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Colour\Evenness;
use Davrin\Core\Colour\EvenSpread;
use Davrin\Core\Effort\Effort;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

/** Scarce colours as far apart as can be, held against every order there is on short rows. */
final class EvenSpreadTest extends TestCase
{
    use RandomTrials;

    #[TestWith([18, [14, 4], [1 => [4, 5, 4, 5]]])]
    #[TestWith([12, [7, 3, 2], [1 => [4, 4, 4], 2 => [6, 6]]])]
    #[TestWith([18, [9, 9], [1 => [2, 2, 2, 2, 2, 2, 2, 2, 2]]])]
    #[TestWith([36, [12, 12, 12], [1 => [3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3]]])]
    public function test_gaps_are_as_even_as_can_be(int $ties, array $counts, array $gaps): void
    {
        $spaced = EvenSpread::over($ties, true, $counts, Effort::of(24_000_000));
        $this->assertTrue($spaced->proven);
        foreach ($gaps as $colour => $expected) {
            $its = $this->gaps($spaced->order, $colour, true);
            // A row has no first gap: in some rotation.
            $turns = array_map(fn (int $turn): array => [...array_slice($its, $turn), ...array_slice($its, 0, $turn)], array_keys($its));
            $this->assertContains($expected, $turns);
        }
    }

    public function test_four_in_the_corners_two_opposite_and_six_that_fill(): void
    {
        $spaced = EvenSpread::over(12, true, [4, 2, 6], Effort::of(24_000_000), [0 => 0, 3 => 0, 6 => 0, 9 => 0]);
        $this->assertSame([0, 3, 6, 9], array_keys($spaced->order, 0, true));
        $this->assertSame([6, 6], $this->gaps($spaced->order, 1, true));
        $this->assertCount(2, $spaced->alike);
        $this->assertTrue($spaced->proven);
    }

    public function test_single_pieces_of_two_scarce_colours_lie_opposite_each_other(): void
    {
        $order = EvenSpread::over(6, true, [4, 1, 1], Effort::of(24_000_000))->order;
        $this->assertSame(3, abs((int) array_search(1, $order, true) - (int) array_search(2, $order, true)));
    }

    public function test_on_an_open_row_half_a_gap_is_left_at_the_ends(): void
    {
        $this->assertSame([2, 7], array_keys(EvenSpread::over(10, false, [8, 2], Effort::of(24_000_000))->order, 1, true));
        $this->assertSame([1, 4, 7], array_keys(EvenSpread::over(9, false, [6, 3], Effort::of(24_000_000))->order, 1, true));
    }

    /** @return iterable<string, array{int, bool, list<int>}> */
    public static function shortRows(): iterable
    {
        foreach ([[3, [2, 1]], [4, [2, 2]], [5, [2, 2, 1]], [6, [3, 2, 1]], [7, [3, 2, 2]], [7, [4, 2, 1]], [8, [3, 3, 2]], [8, [2, 2, 2, 2]], [9, [4, 3, 2]], [9, [3, 2, 2, 2]], [10, [5, 3, 2]], [10, [4, 2, 2, 2]], [11, [6, 3, 2]], [11, [5, 4, 2]], [12, [6, 4, 2]], [12, [5, 4, 3]], [12, [8, 2, 2]], [11, [5, 2, 2, 2]], [12, [6, 2, 2, 2]]] as [$ties, $counts]) {
            foreach (['closed', 'open'] as $row) {
                yield "$row, ".implode(' + ', $counts) => [$ties, $row === 'closed', $counts];
            }
        }
    }

    #[DataProvider('shortRows')]
    public function test_no_order_of_a_short_row_is_better(int $ties, bool $closed, array $counts): void
    {
        $spaced = EvenSpread::over($ties, $closed, $counts, Effort::of(24_000_000));
        $this->assertTrue($spaced->proven);
        $this->assertSame(
            $counts,
            array_map(fn (int $colour): int => count(array_keys($spaced->order, $colour, true)), array_keys($counts)),
        );
        $this->assertSame($this->bestOfAll($ties, $closed, $counts), $this->worth($spaced->order, $closed, $counts));
    }

    public function test_with_some_ties_fixed_no_order_of_a_short_row_is_better(): void
    {
        foreach ([[0 => 1], [0 => 1, 1 => 1], [2 => 0, 5 => 2], [0 => 0, 3 => 0, 6 => 1]] as $fixed) {
            $spaced = EvenSpread::over(9, true, [4, 3, 2], Effort::of(24_000_000), $fixed);
            $this->assertSame($fixed, array_intersect_key($spaced->order, $fixed));
            $this->assertSame($this->bestOfAll(9, true, [4, 3, 2], $fixed), $this->worth($spaced->order, true, [4, 3, 2]));
        }
    }

    public function test_any_row_keeps_its_counts_and_is_laid_the_same_every_time(): void
    {
        $this->limitTo($this->trials(60))->forAll(
            Generators::choose(1, 20),
            Generators::choose(0, 12),
            Generators::choose(0, 8),
            Generators::choose(0, 5),
            Generators::bool(),
        )
            ->then(function (int $a, int $b, int $c, int $d, bool $closed): void {
                $counts = [$a, $b, $c, $d];
                $spaced = EvenSpread::over(array_sum($counts), $closed, $counts, Effort::of(24_000_000));
                $this->assertSame(
                    $counts,
                    array_map(fn (int $colour): int => count(array_keys($spaced->order, $colour, true)), array_keys($counts)),
                );
                $this->assertEquals($spaced, EvenSpread::over(array_sum($counts), $closed, $counts, Effort::of(24_000_000)));
                $evenness = new Evenness(array_sum($counts), $closed, $counts);
                $this->assertLessThanOrEqual($evenness->of(array_reverse($spaced->order)), $evenness->of($spaced->order));
                $this->assertSame(count($spaced->alike), $evenness->of($spaced->order)[0]);
            });
    }

    #[TestWith([[20, 17, 13, 10]])]
    #[TestWith([[25, 14, 12, 9]])]
    public function test_on_sixty_ties_no_exchange_of_two_is_better(array $counts): void
    {
        $order = EvenSpread::over(60, true, $counts, Effort::of(24_000_000))->order;
        $evenness = new Evenness(60, true, $counts);
        foreach (range(0, 58) as $one) {
            foreach (range($one + 1, 59) as $other) {
                $this->assertGreaterThanOrEqual(
                    $evenness->of($order),
                    $evenness->of(array_replace($order, [$one => $order[$other], $other => $order[$one]])),
                );
            }
        }
    }

    /**
     * The best of all orders: neighbours alike, then the squares of the gaps of the scarce colours.
     *
     * @param  list<int>  $counts
     * @param  array<int, int>  $fixed
     * @return array{int, float}
     */
    private function bestOfAll(int $ties, bool $closed, array $counts, array $fixed = []): array
    {
        $best = [PHP_INT_MAX, INF];
        $lay = function (array $order, array $left) use (&$lay, &$best, $ties, $closed, $counts, $fixed): void {
            if (count($order) === $ties) {
                $best = min($best, $this->worth($order, $closed, $counts));

                return;
            }
            foreach ($left as $colour => $count) {
                if ($count > 0 && ($fixed[count($order)] ?? $colour) === $colour) {
                    $lay([...$order, $colour], array_replace($left, [$colour => $count - 1]));
                }
            }
        };
        $lay([], $counts);

        return $best;
    }

    /**
     * Counted by itself, not with what is tested.
     *
     * @param  list<int>  $order
     * @param  list<int>  $counts
     * @return array{int, float}
     */
    private function worth(array $order, bool $closed, array $counts): array
    {
        [$ties, $filler] = [count($order), array_search(max($counts), $counts, true)];
        $background = 2 * $counts[$filler] > $ties + ($closed ? 0 : 1);
        $alike = 0;
        for ($place = 0; $place < ($closed && $ties > 2 ? $ties : $ties - 1); $place++) {
            $alike += $order[$place] === $order[($place + 1) % $ties] && ! ($background && $order[$place] === $filler) ? 1 : 0;
        }
        $squares = 0.0;
        foreach (array_keys($counts) as $colour) {
            if ($colour !== $filler) {
                $squares += array_sum(array_map(fn (float $gap): float => $gap ** 2, $this->gaps($order, $colour, $closed)));
                $places = array_keys($order, $colour, true);
                $squares += $closed ? 0.0 : 2 * ($places[0] + 0.5) ** 2 + 2 * ($ties - 0.5 - $places[count($places) - 1]) ** 2;
            }
        }

        return [$alike, $squares];
    }

    /**
     * Tie to tie.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function gaps(array $order, int $colour, bool $closed): array
    {
        $places = array_keys($order, $colour, true);
        $next = $closed ? [...array_slice($places, 1), $places[0] + count($order)] : array_slice($places, 1);

        return array_map(fn (int $index): int => $next[$index] - $places[$index], array_keys($next));
    }
}
