<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Result\ElementResult;
use Davrin\Core\Roll\Segment;
use Tests\Core\PlanCase;

/** 24 poofs at a pitch of 9 in, tails 2 and 2, from measured rolls of 6 in x 5 yd. */
final class PoofRunTest extends PlanCase
{
    public function test_on_a_closed_row_n_poofs_use_n_ties_and_the_last_ends_where_the_first_began(): void
    {
        $elements = $this->work($this->poofs())->parts[0]->elements;
        $this->assertCount(24, $elements);
        $this->assertSame([[1, 2], [24, 1]], [$elements[0]->element->ties, $elements[23]->element->ties]);
    }

    public function test_roll_1_gives_19_poofs_and_roll_2_the_other_5(): void
    {
        $rolls = $this->work($this->poofs())->wound[0]->plan->rolls;
        $this->assertSame(
            [19, 5],
            array_map(
                fn ($roll): int => count(array_filter($roll->segments, fn (Segment $segment): bool => $segment->element !== null)),
                $rolls,
            ),
        );
        $this->assertSame([175.0, 49.0], array_map(fn ($roll): float => $roll->used()->toInches(), $rolls));
        $this->assertSame([5.0, 131.0], array_map(fn ($roll): float => $roll->left()->toInches(), $rolls));
    }

    public function test_the_run_changes_rolls_at_the_tie_that_ends_poof_19(): void
    {
        $mesh = $this->work($this->poofs())->wound[0];
        $this->assertCount(1, $mesh->plan->changes);
        $change = $mesh->plan->changes[0];
        $this->assertSame([20, 19, 1, 2], [$change->tie, $change->after->number, $change->fromRoll, $change->toRoll]);
        $this->assertSame(184.0, $change->wouldNeed->toInches());
        $this->assertContains(
            'one poof more would need 184 in of 180 in and be too small: cut at tie 20, and begin roll 2 there',
            $mesh->used->because,
        );
    }

    public function test_each_roll_pays_both_tails_at_the_tie_where_it_changes(): void
    {
        $rolls = $this->work($this->poofs())->wound[0]->plan->rolls;
        $ends = array_map(fn ($roll): array => [$roll->segments[0], $roll->segments[count($roll->segments) - 1]], $rolls);
        $this->assertSame(
            [['start tail', 1], ['end tail', 20]],
            array_map(fn (Segment $segment): array => [$segment->kind->value, $segment->tie], $ends[0]),
        );
        $this->assertSame(
            [['start tail', 20], ['end tail', 1]],
            array_map(fn (Segment $segment): array => [$segment->kind->value, $segment->tie], $ends[1]),
        );
    }

    public function test_cut_in_one_go_the_run_would_take_220_in(): void
    {
        $takes = $this->work($this->poofs())->parts[0]->takes;
        $this->assertSame(['220 in', ['2 in + 24 x 9 in + 2 in = 220 in']], [$takes->shown, $takes->because]);
    }

    public function test_a_tie_carries_the_poof_that_ends_at_it_and_the_one_that_begins(): void
    {
        $ties = $this->work($this->poofs())->ties;
        $this->assertSame(['poofs 19 and 20 of Sage mesh'], $ties[19]->carries);
        $this->assertSame(['poofs 1 and 24 of Sage mesh'], $ties[0]->carries);
    }

    public function test_a_run_over_two_rows_drops_to_the_next_for_a_set_length(): void
    {
        $plan = [
            'materials' => [['roll' => '10 yd', 'label' => 'measured']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '9 in', 'startTail' => '5 in', 'endTail' => '5 in']],
        ];
        $this->assertSame('172 in', $this->work($plan)->parts[0]->takes->shown);
        $plan['parts'][0]['drop'] = '3 in';
        $layer = $this->work($plan)->parts[0];
        $this->assertSame(['5 in + 18 x 9 in + 3 in to drop + 5 in = 175 in'], $layer->takes->because);
        $this->assertSame(
            [[6, 1], [7, 8], [18, 7]],
            array_map(fn (int $number): array => $layer->elements[$number - 1]->element->ties, [6, 7, 18]),
        );
    }

    public function test_a_run_on_a_single_tie_is_refused(): void
    {
        $plan = ['form' => ['crossbars' => 1], 'ties' => [['layout' => 'n-a-section', 'perSection' => 1]]] + $this->poofs();
        $this->assertFault('/parts/0/on', 'needs at least 2 ties', fn () => $this->plan($plan));
    }

    public function test_a_poof_that_no_roll_holds_is_refused(): void
    {
        $plan = $this->poofs();
        $plan['parts'][0]['pitch'] = '180 in';
        $this->assertFault(
            '/parts/0/pitch',
            'A poof with its tails takes 184 in, and a roll of Sage mesh has 180 in',
            fn () => $this->plan($plan),
        );
    }

    public function test_short_of_rolls_the_run_stops_at_a_tie_and_the_rest_is_named(): void
    {
        $plan = $this->poofs();
        $plan['materials'][0]['rolls'] = 1;
        $result = $this->work($plan);
        $this->assertSame(5, count($result->wound[0]->plan->unmet));
        $this->assertSame(
            [20, 21, 22, 23, 24],
            array_values(
                array_map(
                    fn (ElementResult $element): int => $element->element->number,
                    array_filter($result->parts[0]->elements, fn (ElementResult $element): bool => $element->missing),
                ),
            ),
        );
        $this->assertSame('short', $result->verdict->words());
    }

    public function test_narrow_poofs_reach_half_the_width_and_wide_ones_a_third(): void
    {
        $this->assertSame(
            ['about 17 in', 'about 5 in'],
            [$this->work($this->poofs())->tally->across->shown, $this->work($this->poofs())->tally->opening->shown],
        );
        $plan = $this->poofs();
        $plan['materials'][0]['width'] = '21 in';
        $this->assertSame(7.0, $this->work($plan)->parts[0]->size->reach);
    }
}
