<?php

declare(strict_types=1);

namespace Tests\Core\Ties;

use Davrin\Core\Geometry\Place;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class EveryLayoutTest extends PlanCase
{
    use RandomTrials;

    public function test_a_36_in_stick_with_13_sites_has_7_pairs_and_6_singles(): void
    {
        $plan = $this->tied(['kind' => 'stick'], ['layout' => 'stick-sites']);
        $ties = $plan->ties->all();
        $this->assertCount(20, $ties);
        $sites = array_values(array_unique(array_map(fn (Tie $tie): float => round($tie->distance, 6), $ties)));
        $this->assertCount(13, $sites);
        foreach ($sites as $index => $site) {
            $this->assertEqualsWithDelta(1 + $index * 34 / 12, $site, 1e-5);
        }
        $this->assertSame([7, 6, 7], array_values(array_count_values($this->seats($plan, ['2', '1-2', '1']))));
        $this->assertSame(['2', '1', '1-2', '2', '1'], array_slice($this->seats($plan), 0, 5));
        $this->assertSame('left side, 1 in from the end', $ties[0]->where($plan->form, $plan->units()));
    }

    public function test_a_stick_can_start_with_a_single_tie(): void
    {
        $plan = $this->tied(['kind' => 'stick'], ['layout' => 'stick-sites', 'startWith' => 'single']);
        $this->assertSame(['1-2', '2', '1', '1-2'], array_slice($this->seats($plan), 0, 4));
        $this->assertSame(19, $plan->ties->count());
    }

    public function test_a_square_with_one_tie_at_each_corner_and_two_a_side_has_12(): void
    {
        $plan = $this->tied(['kind' => 'rectangle'], ['layout' => 'corners-and-sides', 'aSide' => 2]);
        $corners = array_filter($plan->ties->all(), fn (Tie $tie): bool => $tie->corner);
        $this->assertSame([12, 4], [$plan->ties->count(), count($corners)]);
        $this->assertSame([2, 5, 8, 11], array_values(array_map(fn (Tie $tie): int => $tie->number, $corners)));
        $this->assertStringEndsWith('on the corner', $plan->ties->all()[1]->where($plan->form, $plan->units()));
        // A run begins in the middle of the top side, never on a corner; and the side ties stand on the crossbars.
        $this->assertFalse($plan->ties->all()[0]->corner);
        $this->assertSame(
            8,
            count(
                array_filter(
                    $plan->ties->all(),
                    fn (Tie $tie): bool => str_ends_with($tie->where($plan->form, $plan->units()), 'at the crossbar'),
                ),
            ),
        );
    }

    public function test_a_loop_40_in_round_with_a_tie_every_2_1_2_in_has_16(): void
    {
        $plan = $this->tied(['kind' => 'loop', 'round' => '40 in', 'width' => '4 in'], ['layout' => 'every-so-far', 'every' => '2 1/2 in']);
        $this->assertSame(16, $plan->ties->count());
        $this->assertSame(
            17,
            $this->tied(['kind' => 'loop', 'round' => '42 in'], ['layout' => 'every-so-far', 'every' => '2 1/2 in'])->ties->count(),
        );
    }

    public function test_on_an_open_line_ties_stand_exactly_so_far_apart(): void
    {
        $ties = $this->tied(
            ['kind' => 'hook'],
            ['layout' => 'every-so-far', 'every' => '3 in', 'first' => '2 in', 'pair' => '1-2'],
        )->ties->all();
        $this->assertEqualsWithDelta([2.0, 5.0, 8.0], array_map(fn (Tie $tie): float => $tie->distance, array_slice($ties, 0, 3)), 1e-9);
    }

    public function test_a_pre_tied_ring_has_the_rows_it_came_with(): void
    {
        $plan = $this->tied(['kind' => 'pre-tied-ring', 'preTied' => [7, 11]], []);
        $this->assertSame(
            [18, 7, 11],
            [$plan->ties->count(), ...array_map(fn ($row): int => count($row->ties), $plan->ties->groups[0]->rows)],
        );
        $row = $plan->ties->groups[0]->rows[0]->ties;
        $this->assertEqualsWithDelta(360 / 7, $row[1]->place->outward - $row[0]->place->outward, 1e-6);
        $this->assertSame(0, $this->used($this->work($plan->write()), 'stems'));
    }

    public function test_rows_of_any_number_lie_from_the_inner_wires_to_the_outer(): void
    {
        $plan = $this->tied([], ['layout' => 'rows', 'rows' => [5, 9, 14]]);
        $this->assertSame(['3-4', '2-3', '1-2'], array_map(fn ($row): string => $row->ties[0]->seat->key(), $plan->ties->groups[0]->rows));
        $this->assertSame(28, $plan->ties->count());
    }

    public function test_a_zigzag_steps_through_the_rows_and_carries_on_from_section_to_section(): void
    {
        $plan = $this->tied([], ['layout' => 'zigzag', 'perSection' => 6, 'sections' => [1, 2, 3, 4]]);
        $this->assertSame(24, $plan->ties->count());
        $this->assertSame(['3-4', '2-3', '1-2', '2-3', '3-4', '2-3', '1-2', '2-3', '3-4'], array_slice($this->seats($plan), 0, 9));
        $this->assertSame(2, $plan->ties->all()[6]->section);
        for ($i = 1; $i < 24; $i++) {
            $this->assertNotSame($this->seats($plan)[$i - 1], $this->seats($plan)[$i]);
        }
    }

    public function test_the_craft_s_table_of_layouts_makes_its_totals(): void
    {
        $total = fn (array $layout): int => $this->tied([], $layout)->ties->count();
        $this->assertSame(
            [18, 18, 12, 18],
            [
                $total(['layout' => 'inner-mid-two-outer']),
                $total(['layout' => 'crossbars-outer-mid']),
                $total(['layout' => 'flat']),
                $total(['layout' => 'n-a-section', 'perSection' => 3]),
            ],
        );
        $this->assertSame(
            [36, 48, 54, 42, 60],
            array_map(fn (int $n): int => $total(['layout' => 'n-a-section', 'perSection' => $n]), [6, 8, 9, 7, 10]),
        );
        $this->assertSame(36, $total(['layout' => 'zigzag']));
    }

    public function test_the_flat_layout_ties_the_third_wire_from_the_inside_alone_at_the_crossbars(): void
    {
        $plan = $this->tied([], ['layout' => 'flat']);
        $this->assertSame(['3-4' => 6, '2' => 6], array_count_values($this->seats($plan)));
        $this->assertSame('wire 2, section 1, at the crossbar', $plan->ties->all()[6]->where($plan->form, $plan->units()));
    }

    public function test_chosen_sections_only_are_tied_and_their_run_is_open(): void
    {
        $plan = $this->tied([], ['layout' => 'n-a-section', 'perSection' => 3, 'sections' => [2, 3]]);
        $this->assertSame([2 => 3, 3 => 3], array_count_values(array_map(fn (Tie $tie): int => $tie->section, $plan->ties->all())));
        $run = $this->work(
            ['ties' => [['layout' => 'n-a-section', 'perSection' => 3, 'sections' => [2, 3]]], 'parts' => [['kind' => 'poof-run']]],
        );
        $this->assertSame(5, $run->tally->elements->value);
        $this->assertSame(['6 ties, one poof from each to the next'], $run->parts[0]->count->because);
    }

    public function test_on_an_open_row_n_poofs_use_n_and_one_ties(): void
    {
        $result = $this->work(
            [
                'form' => ['kind' => 'hook'],
                'ties' => [['layout' => 'n-a-section', 'perSection' => 2]],
                'parts' => [['kind' => 'poof-run', 'pitch' => '4 in']],
            ],
        );
        $this->assertSame([16, 15], [$result->tally->ties->value, $result->tally->elements->value]);
    }

    public function test_several_layouts_on_one_form_are_numbered_through_and_carry_their_own_layers(): void
    {
        $document = [
            'ties' => [
                ['id' => 'a'],
                ['id' => 'b', 'layout' => 'n-a-section', 'perSection' => 2, 'stem' => 'half'],
                ['id' => 'c', 'layout' => 'n-a-section', 'perSection' => 1, 'stem' => 'third'],
            ],
            'parts' => [['ties' => 'a', 'on' => 'row 2'], ['ties' => 'b', 'length' => '12 in']],
        ];
        $result = $this->work($document);
        $this->assertSame([36, 24], [$result->tally->ties->value, $result->tally->elements->value]);
        $this->assertSame([[7], [19]], [$result->parts[0]->elements[0]->element->ties, $result->parts[1]->elements[0]->element->ties]);
        // 18 whole, 12 halves and 6 thirds.
        $this->assertSame(26, $this->used($result, 'stems'));
        $this->assertFault('/parts/0/ties', '"z" is not one of them', fn () => $this->plan(['parts' => [['ties' => 'z']]]));
        $this->assertFault('/ties/1/id', 'stands twice', fn () => $this->plan(['ties' => [['id' => 'a'], ['id' => 'a']]]));
    }

    public function test_ties_are_put_wherever_the_maker_wants_them(): void
    {
        $plan = $this->tied(['kind' => 'wheel'], ['layout' => 'free', 'spots' => ['2: 1 in', 'crossbar 3: 2 1/2 in', '1: 28 in']]);
        $this->assertSame(['2', 'crossbar 3', '1'], $this->seats($plan));
        $this->assertSame('spoke 3, 2 1/2 in from its outer end', $plan->ties->all()[1]->where($plan->form, $plan->units()));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'a section that is not there' => [
            [],
            ['layout' => 'n-a-section', 'sections' => [7]],
            '/ties/0/sections',
            'There is no section 7: the form has 6 sections',
        ];
        yield 'sections in words' => [[], ['layout' => 'n-a-section', 'sections' => 'the first'], '/ties/0/sections', 'or their numbers'];
        yield 'a tie beyond the stick' => [
            ['kind' => 'stick'],
            ['layout' => 'stick-sites', 'sites' => 100, 'first' => '20 in', 'last' => '15 in'],
            '/ties/0/sites',
            'too little for 100 spots',
        ];
        yield 'a layout for another form' => [
            ['kind' => 'stick'],
            ['layout' => 'corners-and-sides'],
            '/ties/0/layout',
            'is not one of them',
        ];
        yield 'ten thousand ties' => [
            ['kind' => 'loop', 'round' => '400 in'],
            ['layout' => 'every-so-far', 'every' => '1/4 in'],
            '/ties/0/every',
            'That makes 1600 ties',
        ];
        yield 'no tie' => [[], ['layout' => 'free', 'spots' => []], '/ties/0/spots', 'One at least'];
        yield 'a tie on no wire' => [[], ['layout' => 'free', 'spots' => ['7: 1 in']], '/ties/0/spots', '"7" is not on this form'];
        yield 'a tie beyond its wire' => [[], ['layout' => 'free', 'spots' => ['1: 50 in']], '/ties/0/spots', 'between 0 in and 43 7/8 in'];
        yield 'a first tie beyond the line' => [
            ['kind' => 'stick', 'length' => '20 in'],
            ['layout' => 'every-so-far', 'first' => '30 in'],
            '/ties/0/first',
            'is 20 in long',
        ];
        yield 'rows of none' => [[], ['layout' => 'rows', 'rows' => [6, 0]], '/ties/0/rows', 'between 1 and 100; 0 is not'];
        yield 'six rows' => [[], ['layout' => 'rows', 'rows' => [1, 2, 3, 4, 5, 6]], '/ties/0/rows', 'write 1 to 5 whole numbers'];
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, mixed>  $layout
     */
    #[DataProvider('impossible')]
    public function test_a_layout_that_cannot_be_is_refused_at_its_blank(array $form, array $layout, string $pointer, string $says): void
    {
        $this->assertFault($pointer, $says, fn () => $this->tied($form, $layout));
    }

    public function test_every_tie_is_in_the_section_it_says_and_front_and_back_are_mirrors(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::elements('ring', 'rectangle', 'heart', 'star', 'hook', 'stick', 'loop', 'outline'),
            Generators::choose(1, 9),
            Generators::bool(),
        )->then(function (string $kind, int $perSection, bool $clockwise): void {
            $plan = $this->tied(
                ['kind' => $kind, 'direction' => $clockwise ? 'clockwise' : 'anticlockwise'],
                ['layout' => 'n-a-section', 'perSection' => $perSection],
            );
            $this->assertCount($perSection * $plan->form->sections->count(), $plan->ties->all());
            $inSections = array_count_values(array_map(fn (Tie $tie): int => $tie->section, $plan->ties->all()));
            ksort($inSections);
            $this->assertSame(array_fill(1, $plan->form->sections->count(), $perSection), $inSections);
            foreach ($plan->ties->all() as $tie) {
                $this->assertSame([-$tie->place->x, $tie->place->y], [$tie->place->fromBehind()->x, $tie->place->fromBehind()->y]);
                $this->assertEqualsWithDelta(0.0, $this->apart($tie->place, $tie->place->fromBehind()->fromBehind()), 1e-9);
            }
        });
    }

    private function apart(Place $one, Place $other): float
    {
        return hypot($one->x - $other->x, $one->y - $other->y);
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, mixed>  $layout
     */
    private function tied(array $form, array $layout): Plan
    {
        return $this->plan(['form' => $form, 'ties' => [$layout], 'parts' => []]);
    }

    /**
     * @param  list<string>  $order  those of these seats only
     * @return list<string>
     */
    private function seats(Plan $plan, array $order = []): array
    {
        $seats = array_map(fn (Tie $tie): string => $tie->seat->key(), $plan->ties->all());

        return $order === []
            ? $seats
            : array_merge(...array_map(fn (string $key): array => array_filter($seats, fn (string $seat): bool => $seat === $key), $order));
    }

    public function test_on_each_crossbar_of_the_default_ring_there_are_six_from_12_o_clock(): void
    {
        $ties = $this->plan(['ties' => [['layout' => 'each-crossbar']]])->ties->all();
        $this->assertSame([0, 60, 120, 180, 240, 300], array_map(fn (Tie $tie): int => (int) round($tie->place->outward), $ties));
        $this->assertCount(2, $this->plan(['ties' => [['layout' => 'each-crossbar', 'sections' => [2, 5]]]])->ties->all());
        $this->assertCount(
            9,
            $this->plan(['form' => ['kind' => 'hook'], 'ties' => [['layout' => 'each-crossbar']]])->ties->all(),
            'on an open form the last end too',
        );
        $this->assertFault(
            '/ties/0/layout',
            'can be',
            fn () => $this->plan(['form' => ['kind' => 'loop'], 'ties' => [['layout' => 'each-crossbar']]]),
        );
    }

    public function test_8_and_9_a_section_by_turns_are_51_in_3_sections_each_numbered_round_together(): void
    {
        $layout = fn (int $count, array $sections): array => ['layout' => 'n-a-section', 'perSection' => $count, 'sections' => $sections];
        $apart = $this->work(['ties' => [$layout(8, [1, 3, 5]), $layout(9, [2, 4, 6])]]);
        $this->assertSame(
            [51, ['24 on the two middle wires in 3 sections', '27 on the two middle wires in 3 sections']],
            [$apart->tally->ties->value, $apart->tally->ties->because],
        );
        $together = $this->plan(['ties' => [$layout(8, [1, 3, 5]), ['numbered' => 'together'] + $layout(9, [2, 4, 6])]])->ties;
        $this->assertSame(
            ['ties 1 to 8, 18 to 25 and 35 to 42', 'ties 9 to 17, 26 to 34 and 43 to 51'],
            array_map(fn ($group): string => $group->numbers(), $together->groups),
        );
        $this->assertEqualsCanonicalizing(range(1, 51), array_column($together->all(), 'number'));
    }
}
