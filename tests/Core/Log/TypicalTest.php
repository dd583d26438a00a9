<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Log\Sureness;
use Davrin\Core\Log\Typical;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypicalTest extends TestCase
{
    #[TestWith([[3.0], 3.0])]
    #[TestWith([[1.0, 9.0], 5.0])]
    #[TestWith([[9.0, 1.0, 2.0], 2.0])]
    #[TestWith([[22.0, 22.5, 23.0, 22.5, 31.0], 22.5])]
    #[TestWith([[0.8, 0.9, 0.8, 0.85], 0.825])]
    #[TestWith([[-4.0, -2.0, 0.0, 2.0], -1.0])]
    public function test_the_median_is_the_middle_or_between_the_two_in_the_middle(array $values, float $median): void
    {
        $this->assertEqualsWithDelta($median, Typical::of($values, 0.1)->median, 1e-12);
        $this->assertEqualsWithDelta($median, Typical::of(array_reverse($values), 0.1)->median, 1e-12);
    }

    /** Whatever one of five says, the median stays between what the other four say. */
    public function test_one_value_never_moves_it_out_of_the_others(): void
    {
        foreach ([[1.0, 2.0, 3.0, 4.0], [5.0, 5.0, 5.0, 5.0], [0.1, 0.2, 10.0, 20.0]] as $others) {
            foreach ([-1e9, -3.0, 0.0, 2.5, 7.0, 1e9] as $slip) {
                $median = Typical::of([...$others, $slip], 0.1)->median;
                $this->assertGreaterThanOrEqual(min($others), $median);
                $this->assertLessThanOrEqual(max($others), $median);
            }
        }
    }

    public function test_what_lies_beyond_three_deviations_is_a_slip_and_what_lies_close_is_none_however_alike_the_others(): void
    {
        $sizes = Typical::of([22.0, 22.5, 23.0, 22.5, 31.0], 0.5);
        $this->assertTrue($sizes->isSlip(31.0));
        $this->assertFalse($sizes->isSlip(23.0));
        $this->assertSame([22.0, 22.5, 22.5, 23.0], $sizes->kept());
        $alike = Typical::of([5.0, 5.0, 5.0, 5.4], 0.5);
        $this->assertFalse($alike->isSlip(5.4));
        $this->assertTrue($alike->isSlip(5.6));
        // Where values scatter widely nothing is a slip so soon.
        $this->assertFalse(Typical::of([1.0, 5.0, 9.0, 13.0], 0.5)->isSlip(20.0));
    }

    #[TestWith([[0.0, 0.0, 0.0, 0.0, 50.0], 0.0])]
    #[TestWith([[0.0, 0.0, 5.0, 6.0, 50.0], 3.6666666666666665])]
    #[TestWith([[2.0, 4.0, 90.0], 4.0])]
    #[TestWith([[2.0, 4.0], 3.0])]
    #[TestWith([[7.0], 7.0])]
    #[TestWith([[1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 100.0], 5.5])]
    public function test_a_mean_without_its_ends_leaves_out_a_fifth_at_each_end(array $values, float $mean): void
    {
        $this->assertEqualsWithDelta($mean, Typical::of($values, 1.0)->trimmedMean(), 1e-12);
    }

    #[TestWith([[4.0], [4.0, 4.0]])]
    #[TestWith([[1.0, 2.0, 3.0, 4.0, 5.0], [2.0, 4.0]])]
    #[TestWith([[1.0, 2.0, 3.0, 4.0], [1.0, 4.0]])]
    #[TestWith([[1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0], [3.0, 7.0]])]
    public function test_the_middle_half_holds_at_least_half_of_them(array $values, array $half): void
    {
        $this->assertSame($half, Typical::of($values, 1.0)->middleHalf());
    }

    #[TestWith([0, 0.0, Sureness::TooFew])]
    #[TestWith([2, 0.0, Sureness::TooFew])]
    #[TestWith([3, 0.0, Sureness::FirstIdea])]
    #[TestWith([4, 0.0, Sureness::FirstIdea])]
    #[TestWith([5, 0.15, Sureness::FairlySure])]
    #[TestWith([5, 0.16, Sureness::FirstIdea])]
    #[TestWith([10, 0.10, Sureness::Sure])]
    #[TestWith([10, 0.12, Sureness::FairlySure])]
    #[TestWith([40, 0.5, Sureness::FirstIdea])]
    public function test_how_sure_it_is_follows_from_how_many_say_so_and_how_alike(int $from, float $scatter, Sureness $sure): void
    {
        $this->assertSame($sure, Sureness::of($from, $scatter));
    }
}
