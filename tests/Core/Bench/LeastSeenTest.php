<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\LeastSeen;
use Davrin\Core\Demand\Element;
use Davrin\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\TestWith;

final class LeastSeenTest extends BenchCase
{
    public function test_the_lowest_is_seen_least_where_nothing_hides_any(): void
    {
        $plan = $this->plan($this->everyday());
        // Ties 12 and 13 stand at six o'clock on the outer row.
        $this->assertEqualsCanonicalizing([12, 13], array_slice($this->ties(LeastSeen::first($plan, $plan->part('l1')->demand->elements)), 0, 2));
    }

    public function test_what_a_sign_hides_comes_before_all_else_and_a_bow_next(): void
    {
        $plan = $this->plan([
            'materials' => [['id' => 'm'], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [
                ['id' => 'l1', 'material' => 'm'],
                ['kind' => 'sign', 'width' => '8 in', 'height' => '8 in'],
                ['kind' => 'looped-bow', 'material' => 'r', 'at' => '7 in at 0 degrees', 'loop' => '3 in', 'loops' => '2', 'tails' => '4 in'],
            ],
        ]);
        $elements = $plan->part('l1')->demand->elements;
        $hidden = LeastSeen::behindTheSign($plan, $elements);
        $this->assertSame($this->ties($hidden), array_values(array_filter($this->ties($hidden), fn (int $tie): bool => $tie <= 6)));
        $order = $this->ties(LeastSeen::first($plan, $elements));
        $this->assertEqualsCanonicalizing($this->ties($hidden), array_slice($order, 0, count($hidden)));
    }

    #[TestWith([0, []])]
    #[TestWith([3, [4, 10, 16]])]
    #[TestWith([6, [2, 5, 8, 11, 14, 17]])]
    #[TestWith([18, [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18]])]
    #[TestWith([30, [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18]])]
    public function test_several_of_another_colour_are_spread_evenly(int $count, array $ties): void
    {
        $plan = $this->plan($this->everyday());
        $spread = $this->ties(LeastSeen::spread($plan, $plan->part('l1')->demand->elements, $count));
        $this->assertSame($ties, $spread);
    }

    public function test_a_single_one_goes_where_it_is_seen_least_and_hidden_ones_go_first(): void
    {
        $plain = $this->plan($this->everyday());
        $this->assertContains($this->ties(LeastSeen::spread($plain, $plain->part('l1')->demand->elements, 1))[0], [12, 13]);
        $signed = $this->withSign();
        $elements = $signed->part('l1')->demand->elements;
        $hidden = $this->ties(LeastSeen::behindTheSign($signed, $elements));
        $this->assertNotSame([], $hidden);
        $this->assertSame($hidden, array_slice($this->ties(LeastSeen::spread($signed, $elements, count($hidden) + 2)), 0, count($hidden)));
    }

    private function withSign(): Plan
    {
        return $this->plan([
            'materials' => [['id' => 'm']],
            'parts' => [['id' => 'l1', 'material' => 'm'], ['kind' => 'sign', 'width' => '11 in', 'height' => '11 in']],
        ]);
    }

    /**
     * @param  list<Element>  $elements
     * @return list<int>
     */
    private function ties(array $elements): array
    {
        return array_map(fn (Element $element): int => $element->ties[0], $elements);
    }
}
