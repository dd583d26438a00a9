<?php

declare(strict_types=1);

namespace Tests\Core\Ties;

use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class TieLayoutTest extends PlanCase
{
    use RandomTrials;

    public function test_inner_mid_and_two_outer_make_18_ties_on_the_everyday_ring(): void
    {
        $this->assertSame([6, 12], array_map(count(...), $this->rows([])));
        $this->assertSame(range(1, 18), array_map(fn (Tie $tie): int => $tie->number, $this->plan()->ties->all()));
    }

    public function test_the_outer_ties_stand_their_distance_from_the_crossbars(): void
    {
        $outer = $this->rows([])[1];
        $this->assertEqualsWithDelta(13.2, $outer[0]->place->outward, 0.05);
        $this->assertEqualsWithDelta(60 - 13.2, $outer[1]->place->outward, 0.05);
        $this->assertEqualsWithDelta(60 + 13.2, $outer[2]->place->outward, 0.05);
    }

    public function test_from_the_back_1_stands_where_6_was_and_the_numbers_stay_with_their_ties(): void
    {
        $inner = $this->rows([])[0];
        foreach ([[0, 5], [1, 4], [2, 3]] as [$one, $other]) {
            $this->assertEqualsWithDelta($inner[$other]->place->x, $inner[$one]->place->fromBehind()->x, 1e-9);
            $this->assertEqualsWithDelta($inner[$other]->place->y, $inner[$one]->place->fromBehind()->y, 1e-9);
        }
    }

    public function test_n_a_section_stand_evenly_half_a_step_from_the_crossbars(): void
    {
        $ties = $this->plan(['ties' => [['layout' => 'n-a-section', 'perSection' => 4]]])->ties;
        $this->assertSame(24, $ties->count());
        $this->assertEqualsWithDelta(
            [7.5, 22.5, 37.5, 52.5, 67.5],
            array_map(fn (Tie $tie): float => $tie->place->outward, array_slice($ties->all(), 0, 5)),
            1e-9,
        );
        $this->assertEqualsWithDelta(5.5, $ties->all()[0]->place->out(), 1e-9);
    }

    public function test_every_section_gets_as_many_and_all_are_evenly_spaced(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(1, 24),
            Generators::choose(1, 16),
        )->then(function (int $crossbars, int $perSection): void {
            $ties = $this->plan(
                ['form' => ['crossbars' => $crossbars], 'ties' => [['layout' => 'n-a-section', 'perSection' => $perSection]]],
            )->ties->all();
            $this->assertCount($crossbars * $perSection, $ties);
            $this->assertSame(
                array_fill(1, $crossbars, $perSection),
                array_count_values(array_map(fn (Tie $tie): int => $tie->section, $ties)),
            );
            foreach ($ties as $index => $tie) {
                $this->assertEqualsWithDelta(($index + 0.5) * 360 / count($ties), $tie->place->outward, 1e-6);
            }
        });
    }

    public function test_a_tie_says_where_it_is(): void
    {
        $plan = $this->plan();
        $where = fn (int $number): string => $plan->ties->all()[$number - 1]->where($plan->form, Units::Inches);
        $this->assertSame('two inner wires, section 1, mid section', $where(1));
        $this->assertSame('two outer wires, section 1, 1 1/2 in after the crossbar', $where(7));
        $this->assertSame('two outer wires, section 2, 1 1/2 in before the crossbar', $where(10));
    }

    public function test_outer_ties_that_would_meet_are_refused_with_the_room_there_is(): void
    {
        $this->assertFault(
            '/ties/0/fromCrossbar',
            'Section 1 is 6 3/4 in long on the two outer wires',
            fn () => $this->plan(['ties' => [['fromCrossbar' => '4 in']]]),
        );
        $this->assertFault(
            '/ties/0/fromCrossbar',
            'Write less than 8.5 cm',
            fn () => $this->plan(['ties' => [['fromCrossbar' => '10 cm']], 'settings' => ['units' => 'centimetres']]),
        );
    }

    public function test_two_rows_need_three_wires(): void
    {
        $this->assertFault(
            '/ties/0/layout',
            '"inner-mid-two-outer" is not one of them',
            fn () => $this->plan(['form' => ['wires' => ['14 in', '12 in']], 'ties' => [['layout' => 'inner-mid-two-outer']]]),
        );
        $this->assertSame('n-a-section', $this->plan(['form' => ['wires' => ['14 in', '12 in']]])->ties->groups[0]->layout->key());
    }

    public function test_more_ties_than_anyone_can_tie_are_refused(): void
    {
        $this->assertFault(
            '/ties/0',
            'That makes 960 ties',
            fn () => $this->plan(['form' => ['crossbars' => 24], 'ties' => [['layout' => 'n-a-section', 'perSection' => 40]]]),
        );
        $this->assertFault(
            '/ties/0/perSection',
            'between 1 and 40; 0 is not',
            fn () => $this->plan(['ties' => [['layout' => 'n-a-section', 'perSection' => 0]]]),
        );
    }

    public function test_a_pair_of_wires_that_the_form_has_not_is_refused(): void
    {
        $this->assertFault(
            '/ties/0/pair',
            '"4-5" is not one of them',
            fn () => $this->plan(['ties' => [['layout' => 'n-a-section', 'pair' => '4-5']]]),
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<list<Tie>>
     */
    private function rows(array $document): array
    {
        return array_map(fn (TieRow $row): array => $row->ties, $this->plan($document)->ties->groups[0]->rows);
    }
}
