<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Continuous mesh: several strands together, several rows, halves, ends and corners. */
final class RunsTest extends PlanCase
{
    public function test_three_strands_of_one_mesh_take_9_rolls_and_the_last_of_each_gives_2_poofs(): void
    {
        $mesh = $this->work($this->strands(['label' => 'measured']))->wound[0];
        $this->assertSame([23, 23, 23, 23, 23, 23, 2, 2, 2], $this->poofsOf($mesh));
        $this->assertSame(
            [[24, 1, 4], [24, 2, 5], [24, 3, 6], [47, 4, 7], [47, 5, 8], [47, 6, 9]],
            array_map(fn ($change): array => [$change->tie, $change->fromRoll, $change->toRoll], $mesh->plan->changes),
        );
    }

    public function test_a_little_less_pitch_saves_a_roll_of_each(): void
    {
        $advice = $this->little($this->work($this->strands(['label' => 'measured'])));
        $this->assertSame('Rolls 7 to 9 of Sage mesh are opened for 2 poofs each; a new one gives 23.', $advice->sentence);
        $this->assertSame(
            ['Pitch 7 1/4 in', ['parts.l1.pitch' => '7 1/4 in']],
            [$advice->remedies[0]->label, $advice->remedies[0]->edit->asData()['set']],
        );
        $this->assertStringStartsWith('24 poofs a roll (178 in of 180 in); opens 6 rolls; ', $advice->remedies[0]->effect);
    }

    #[TestWith(['1 %', 'fits', null])]
    #[TestWith(['2 %', 'at risk', 'Pitch 7 1/8 in'])]
    public function test_at_7_1_4_it_fits_a_roll_that_is_1_percent_short_but_not_2(
        string $allowance,
        string $verdict,
        ?string $remedy,
    ): void {
        $result = $this->work($this->strands(['allowance' => $allowance], '7 1/4 in'));
        $this->assertSame($verdict, $result->verdict->words());
        $this->assertSame(
            $remedy,
            array_values(
                array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === 'at-risk'),
            )[0]->remedies[0]->label ?? null,
        );
        $this->assertSame(
            'Pitch '.($allowance === '1 %' ? '7 1/4 in' : '7 1/8 in'),
            $this->little($this->work($this->strands(['allowance' => $allowance])))->remedies[0]->label,
        );
    }

    public function test_strands_of_three_meshes_are_told_of_in_one_sentence(): void
    {
        $plan = $this->strands(['label' => 'measured']);
        $plan['materials'] = array_map(
            fn (string $name): array => ['id' => $name, 'name' => ucfirst($name)] + $plan['materials'][0],
            ['rust', 'honey', 'cream'],
        );
        $plan['parts'][0]['material'] = ['rust', 'honey', 'cream'];
        $result = $this->work($plan);
        $this->assertSame([[23, 23, 2], [23, 23, 2], [23, 23, 2]], array_map($this->poofsOf(...), $result->wound));
        $this->assertSame('Roll 3 of each of Rust, Honey and Cream is opened for 2 poofs; a new one gives 23.', $this->little($result)->sentence);
    }

    public function test_where_one_strand_s_roll_ends_all_end_there_and_begin_anew(): void
    {
        $result = $this->work($this->uneven('together'));
        $this->assertSame([[23, 23, 2], [46, 2]], array_map($this->poofsOf(...), $result->wound));
        $this->assertSame(
            [[24, 1, 1], [47, 1, 2]],
            array_map(fn ($change): array => [$change->tie, $change->fromRoll, $change->toRoll], $result->wound[1]->plan->changes),
        );
        $this->assertContains(
            'cut at tie 24 with the other strands, and begin again from this roll there',
            $result->wound[1]->used->because,
        );
    }

    public function test_or_only_the_strand_that_ends_changes(): void
    {
        $result = $this->work($this->uneven('alone'));
        $this->assertSame([[23, 23, 2], [47, 1]], array_map($this->poofsOf(...), $result->wound));
        $this->assertSame([48], array_map(fn ($change): int => $change->tie, $result->wound[1]->plan->changes));
    }

    public function test_the_mesh_that_runs_out_is_the_one_that_is_short(): void
    {
        $plan = $this->uneven('together');
        $plan['materials'][0]['rolls'] = 2;
        $result = $this->work($plan);
        $this->assertSame(['short', 'fits'], array_map(fn (WoundResult $mesh): string => $mesh->verdict->words(), $result->wound));
        $this->assertSame([47, 48], array_map(fn ($element): int => $element->number, $result->wound[0]->plan->unmet));
        // No roll is opened for nothing.
        $this->assertSame([46], $this->poofsOf($result->wound[1]));
    }

    public function test_wide_poofs_inside_outside_and_between(): void
    {
        $result = $this->work($this->wide([]));
        $this->assertSame([24, '238 in'], [$result->parts[0]->count->value, $result->parts[0]->takes->shown]);
        $elements = $result->parts[0]->elements;
        $this->assertSame(
            [[6, 1], [7, 8], [18, 7], [1, 2], [6, 1]],
            array_map(fn (int $number): array => $elements[$number - 1]->element->ties, [6, 7, 18, 19, 24]),
        );
        $this->assertSame([0, 0, 1], array_map(fn (int $number): int => $elements[$number - 1]->element->pass, [6, 18, 19]));
        $this->assertSame(['poofs 1, 6, 19 and 24 of Sage mesh'], $result->ties[0]->carries);
    }

    public function test_without_the_filling_pass_the_form_shows_and_with_it_it_does_not(): void
    {
        $bare = $this->work($this->wide(['fill' => 'none']));
        $this->assertSame(
            ['fullness 103.9, thin', 'fullness 138.6, usual'],
            [$bare->fullness->figure->shown, $this->work($this->wide([]))->fullness->figure->shown],
        );
        $advice = array_values(array_filter($bare->advice, fn (Advice $advice): bool => $advice->rule === 'thin'))[0];
        $this->assertContains('Fill between the rows', array_column($advice->remedies, 'label'));
    }

    #[TestWith(['one', 1, '10 in', 0])]
    #[TestWith(['rows', 3, '30 in', 0])]
    #[TestWith(['halves', 6, '60 in', 0])]
    public function test_each_run_pays_its_own_tails(string $parts, int $runs, string $tails, int $drops): void
    {
        $work = $this->plan($this->wide(['parts' => $parts]))->parts[0]->demand;
        $this->assertCount($runs, $work->runs);
        $this->assertSame($tails, $this->plan()->units()->exact($work->runs[0]->tails()->times($runs)));
        $this->assertSame(range(1, 24), array_map(fn ($element): int => $element->number, $work->elements));
    }

    public function test_a_half_run_begins_where_the_other_half_ends(): void
    {
        $runs = $this->plan(
            ['ties' => [['layout' => 'n-a-section', 'perSection' => 4]], 'parts' => [['kind' => 'poof-run', 'parts' => 'halves']]],
        )->parts[0]->demand->runs;
        $this->assertSame(
            [[1, 13], [13, 1]],
            array_map(fn (Run $run): array => [$run->steps[0]->from, $run->steps[count($run->steps) - 1]->to], $runs),
        );
    }

    public function test_zip_ties_hold_both_ends_each_drop_and_each_change_of_rolls(): void
    {
        $this->assertSame(
            2 + 1,
            $this->used($this->work($this->wide(['ends' => 'zip-tied'])), 'zip-ties'),
            'the filling pass goes on from the last tie and takes none',
        );
        $this->assertSame(6, $this->used($this->work($this->wide(['ends' => 'zip-tied', 'parts' => 'rows'])), 'zip-ties'));
        // Three strands change at two ties, all at once.
        $strands = $this->strands([]);
        $strands['parts'][0]['ends'] = 'zip-tied';
        $this->assertSame(2 + 2, $this->used($this->work($strands), 'zip-ties'));
        $strands['parts'][0]['change'] = 'alone';
        $this->assertSame(2 + 6, $this->used($this->work($strands), 'zip-ties'));
    }

    public function test_a_run_that_begins_on_a_corner_of_a_square_is_warned_of(): void
    {
        $square = [
            'form' => ['kind' => 'rectangle'],
            'ties' => [['layout' => 'corners-and-sides', 'aSide' => 2]],
            'parts' => [['kind' => 'poof-run']],
        ];
        $this->assertNotContains('corner', array_column($this->work($square)->advice, 'rule'));
        $square['parts'][0]['begin'] = 2;
        $advice = array_values(array_filter($this->work($square)->advice, fn (Advice $advice): bool => $advice->rule === 'corner'))[0];
        $this->assertSame([[2], ['parts.l1.begin' => '3']], [$advice->ties, $advice->remedies[0]->edit->asData()['set']]);
        $square['ties'][0]['aSide'] = 0;
        unset($square['parts'][0]['begin']);
        $this->assertContains('corner', array_column($this->work($square)->advice, 'rule'));
    }

    public function test_a_run_can_begin_at_another_tie_of_its_row(): void
    {
        $steps = $this->plan(['parts' => [['kind' => 'poof-run', 'begin' => 4]]])->parts[0]->demand->runs[0]->steps;
        $this->assertSame(
            [[4, 5], [3, 4], [10, 11]],
            array_map(fn (int $step): array => [$steps[$step]->from, $steps[$step]->to], [0, 5, 6]),
        );
        $this->assertFault('/parts/0/begin', 'tie 1 to 6 of it', fn () => $this->plan(['parts' => [['kind' => 'poof-run', 'begin' => 7]]]));
        $this->assertFault(
            '/parts/0/begin',
            'begun at its end',
            fn () => $this->plan(['form' => ['kind' => 'stick'], 'parts' => [['kind' => 'poof-run', 'begin' => 2]]]),
        );
    }

    public function test_a_pitch_that_does_not_reach_the_next_tie_is_warned_of(): void
    {
        $result = $this->work(['parts' => [['kind' => 'poof-run', 'pitch' => '4 in', 'on' => 'row 1']]]);
        $advice = $result->advice[0];
        // Six ties on a circle of 9 in across are 4.71 in apart.
        $this->assertSame(
            ['too-short-a-pitch', [1, 2, 3, 4, 5, 6], ['parts.l1.pitch' => '5 in']],
            [$advice->rule, $advice->ties, $advice->remedies[0]->edit->asData()['set']],
        );
        $this->assertStringContainsString('it is up to 4 3/4 in to the next, more than the 4 in of mesh between them', $advice->sentence);
        $this->assertNotContains(
            'too-short-a-pitch',
            array_column($this->work(['parts' => [['kind' => 'poof-run', 'pitch' => '5 in', 'on' => 'row 1']]])->advice, 'rule'),
        );
    }

    public function test_pulled_loops_take_three_loops_a_stitch_and_a_gap_for_each(): void
    {
        $result = $this->work(
            ['materials' => [['roll' => '20 yd', 'label' => 'measured']], 'parts' => [['kind' => 'pulled-loops', 'height' => '3 in']]],
        );
        // 3 x (2 x 3 in + 1 in) = 21 in; a knot of 3 in, an end of 2 in.
        $this->assertSame(['3 in + 18 x 21 in + 2 in = 383 in'], $result->parts[0]->takes->because);
        $this->assertSame([[1], [18]], [$result->parts[0]->elements[0]->element->ties, $result->parts[0]->elements[17]->element->ties]);
        $this->assertFault(
            '/parts/0',
            'this form has only one',
            fn () => $this->plan(['form' => ['kind' => 'loop'], 'parts' => [['kind' => 'pulled-loops']]]),
        );
    }

    public function test_pushed_ruffles_take_twice_the_rise_and_a_step(): void
    {
        $this->assertSame(
            ['2 in + 18 x 4 in + 2 in = 76 in'],
            $this->work(['parts' => [['kind' => 'pushed-ruffles']]])->parts[0]->takes->because,
        );
    }

    /** @return list<int> how many poofs each roll gives */
    private function poofsOf(WoundResult $mesh): array
    {
        return array_map(
            fn (RollUse $roll): int => count(array_filter($roll->segments, fn (Segment $segment): bool => $segment->element !== null)),
            $mesh->plan->rolls,
        );
    }

    private function little(\Davrin\Core\Result\Result $result): Advice
    {
        return array_values(array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === 'little-of-a-roll'))[0];
    }

    /**
     * 48 poofs in three strands, from rolls of 5 yd.
     *
     * @param  array<string, mixed>  $mesh
     * @return array<string, mixed>
     */
    private function strands(array $mesh, string $pitch = '7 1/2 in'): array
    {
        return [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 8, 'stem' => 'half']],
            'materials' => [['width' => '6 in', 'roll' => '5 yd', ...$mesh]],
            'parts' => [['kind' => 'poof-run', 'material' => ['m1', 'm1', 'm1'], 'pitch' => $pitch]],
        ];
    }

    /** @return array<string, mixed> two strands, the second from rolls twice as long */
    private function uneven(string $change): array
    {
        $plan = $this->strands(['label' => 'measured']);
        $plan['materials'] = [['id' => 'a'] + $plan['materials'][0], ['id' => 'b', 'roll' => '10 yd'] + $plan['materials'][0]];
        $plan['parts'][0] = ['material' => ['a', 'b'], 'change' => $change] + $plan['parts'][0];

        return $plan;
    }

    /**
     * 6 poofs inside, 12 outside and 6 between, of 21 in mesh.
     *
     * @param  array<string, mixed>  $written
     * @return array<string, mixed>
     */
    private function wide(array $written): array
    {
        return [
            'materials' => [['width' => '21 in', 'label' => 'measured']],
            'parts' => [
                ['kind' => 'poof-run', 'pitch' => '9 1/2 in', 'startTail' => '5 in', 'endTail' => '5 in', 'fill' => 'filling', ...$written],
            ],
        ];
    }

    public function test_twice_round_12_ties_is_24_poofs_in_220_in_with_one_start(): void
    {
        $twice = fn (array $ties, string $parts = 'twice'): Plan => $this->plan(
            [
                'ties' => [$ties],
                'materials' => [['roll' => '60 yd']],
                'parts' => [['kind' => 'poof-run', 'pitch' => '9 in', 'startTail' => '2 in', 'endTail' => '2 in', 'parts' => $parts]],
            ],
        );
        $plan = $twice(['layout' => 'rows', 'rows' => [12]]);
        $this->assertSame(
            [24, 1, '220 in'],
            [
                count($plan->parts[0]->demand->elements),
                count($plan->parts[0]->demand->runs),
                $plan->units()->exact($plan->parts[0]->demand->runs[0]->length()),
            ],
        );
        $this->assertCount(24, array_unique(array_column($plan->parts[0]->demand->elements, 'id')));
        $this->assertCount(2 * 6 + 2 * 12, $twice(['layout' => 'rows', 'rows' => [6, 12]])->parts[0]->demand->elements);
        $this->assertCount(36, $twice(['layout' => 'rows', 'rows' => [12]], 'thrice')->parts[0]->demand->elements);
    }

    public function test_along_a_row_that_does_not_close_a_second_time_goes_back_from_its_end(): void
    {
        $plan = $this->plan(
            [
                'form' => ['kind' => 'stick'],
                'ties' => [['layout' => 'n-a-section', 'perSection' => 5]],
                'materials' => [['roll' => '60 yd']],
                'parts' => [['kind' => 'poof-run', 'pitch' => '12 in', 'parts' => 'twice']],
            ],
        );
        $this->assertSame(
            [[1, 2], [2, 3], [3, 4], [4, 5], [5, 4], [4, 3], [3, 2], [2, 1]],
            array_map(fn (Step $step): array => [$step->from, $step->to], $plan->parts[0]->demand->runs[0]->steps),
        );
    }

    public function test_6_and_12_poofs_and_6_that_fill_with_zip_tied_ends_off_one_roll_take_3_zip_ties(): void
    {
        $run = fn (array $written): int => $this->used(
            $this->work(
                [
                    'materials' => [['roll' => '60 yd', 'width' => '21 in']],
                    'parts' => [['kind' => 'poof-run', 'fill' => 'filling', ...$written]],
                ],
            ),
            'zip-ties',
        );
        $this->assertSame([3, 1, 0], [$run(['ends' => 'zip-tied']), $run([]), $run(['parts' => 'rows'])]);
    }
}
