<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Result\ElementResult;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** 18 ruffles of 19 in from one measured roll of 10 in x 10 yd at $6.50, on a ring of $1.75, with stems at $1.25 for 25. */
final class EverydayWreathTest extends PlanCase
{
    public function test_it_has_18_ties_and_as_many_ruffles(): void
    {
        $tally = $this->work($this->everyday())->tally;
        $this->assertSame([18, 18, 'ruffles'], [$tally->ties->value, $tally->elements->value, $tally->elements->label]);
        $this->assertSame(['6 on the two inner wires + 12 on the two outer wires in 6 sections'], $tally->ties->because);
    }

    public function test_it_takes_342_in_of_one_roll_and_leaves_18(): void
    {
        $mesh = $this->work($this->everyday())->wound[0];
        $this->assertSame(
            ['342 in', 1, '18 in', '18 in'],
            [$mesh->used->shown, $mesh->rolls->value, $mesh->left->shown, $mesh->slack->shown],
        );
        $this->assertSame(['roll 1: 18 x 19 in = 342 in'], $mesh->used->because);
        $this->assertSame(['roll 1: 360 in - 342 in = 18 in'], $mesh->left->because);
        $this->assertSame('fits', $mesh->verdict->words());
    }

    public function test_by_length_used_it_costs_8_83(): void
    {
        $cost = $this->work($this->everyday())->cost;
        $this->assertSame('$8.83', $cost->byLength->shown);
        $this->assertSame([
            'Sage mesh: $6.50 x 342 in / 360 in = $6.175',
            'the form: $1.75',
            'stems: $1.25 x 18 / 25 = $0.90',
            'together $8.825, shown $8.83',
        ], $cost->byLength->because);
    }

    public function test_by_what_is_opened_it_costs_9_50(): void
    {
        $cost = $this->work($this->everyday())->cost;
        $this->assertSame(['$9.50', '9.50'], [$cost->opened->shown, $cost->opened->value]);
        $this->assertContains('1 roll x $6.50 = $6.50', [$cost->lines[0]->openedBecause]);
    }

    #[TestWith(['length', '$8.83'])]
    #[TestWith(['opened', '$9.50'])]
    public function test_the_headline_cost_is_counted_the_maker_s_way(string $way, string $shown): void
    {
        $this->assertSame($shown, $this->work(['settings' => ['cost' => $way]] + $this->everyday())->tally->cost->shown);
    }

    public function test_it_is_about_23_in_across_and_closed_in_the_middle(): void
    {
        $tally = $this->work($this->everyday())->tally;
        $this->assertSame(['about 23 in', 'closed'], [$tally->across->shown, $tally->opening->shown]);
        $this->assertTrue($tally->across->estimate);
    }

    public function test_its_minutes_are_the_sum_of_the_starting_guesses(): void
    {
        // 18 ties at 0.3, 18 cuts at 0.1, 18 ruffles at 1, fluffing 10, hanger and back 5.
        $this->assertSame(
            ['about 40 min', 40],
            [$this->work($this->everyday())->tally->minutes->shown, $this->work($this->everyday())->tally->minutes->value],
        );
    }

    public function test_each_tie_says_what_it_carries_and_each_ruffle_its_roll(): void
    {
        $result = $this->work($this->everyday());
        $this->assertSame(['ruffle 7 of Sage mesh'], $result->ties[6]->carries);
        $this->assertSame(
            [['m1' => [1]]],
            array_values(
                array_unique(array_map(fn (ElementResult $element): array => $element->rolls, $result->parts[0]->elements), SORT_REGULAR),
            ),
        );
    }

    #[TestWith(['whole', 18, 1, '$8.83'])]
    #[TestWith(['half', 9, 1, '$8.38'])]
    #[TestWith(['third', 6, 1, '$8.23'])]
    #[TestWith(['none', 0, 0, '$7.93'])]
    public function test_halves_and_thirds_of_stems_are_pooled_and_rounded_up(string $kind, int $stems, int $packs, string $cost): void
    {
        $result = $this->work(['ties' => [['stem' => $kind]]] + $this->everyday());
        $this->assertSame(
            [$stems, $packs, $cost],
            [$this->used($result, 'stems'), $result->goodsOf('stems')->packs, $result->cost->byLength->shown],
        );
    }

    public function test_an_odd_number_of_halves_takes_a_stem_more_and_stems_come_in_whole_packs(): void
    {
        $stems = $this->work(
            [
                'form' => ['crossbars' => 5],
                'ties' => [['stem' => 'half']],
                'materials' => [[], ['id' => 'stems', 'kind' => 'stems', 'pack' => 7]],
            ],
        )->goodsOf('stems');
        $this->assertSame([8, 2], [$stems->pieces, $stems->packs]);
        $this->assertSame(['8 stems from packs of 7, 6 left over'], $stems->bought->because);
    }

    public function test_an_end_too_short_to_keep_is_paid_for(): void
    {
        // 18 x 19 3/4 in = 355 1/2 in; the 4 1/2 in left are under 6 in.
        $cost = $this->work(['parts' => [['length' => '19 3/4 in']]] + $this->everyday())->cost;
        $this->assertStringContainsString('360 in / 360 in (with 4 1/2 in too short to keep) = $6.50', $cost->byLength->because[0]);
        $kept = $this->work(['parts' => [['length' => '19 3/4 in']], 'settings' => ['keepFrom' => '4 in']] + $this->everyday())->cost;
        $this->assertStringContainsString('$6.50 x 355 1/2 in / 360 in', $kept->byLength->because[0]);
    }

    public function test_layers_share_the_rolls_of_a_mesh_and_others_have_their_own(): void
    {
        $result = $this->work([
            'materials' => [['id' => 'gold', 'name' => 'Gold mesh'], ['id' => 'teal', 'name' => 'Teal mesh']],
            'parts' => [
                ['on' => 'row 1', 'material' => 'gold'],
                ['on' => 'row 2', 'material' => 'teal'],
                ['on' => 'row 1', 'material' => 'gold', 'length' => '10 in'],
            ],
        ]);
        $this->assertSame(['174 in', '228 in'], [$result->wound[0]->used->shown, $result->wound[1]->used->shown]);
        $this->assertSame(['ruffle 1 of Gold mesh', 'ruffle 1 of Gold mesh'], $result->ties[0]->carries);
        $this->assertSame([24, '2'], [$result->tally->elements->value, $result->tally->rolls->shown]);
    }

    public function test_a_bare_ring_is_a_plan_too(): void
    {
        $result = $this->work(['parts' => []]);
        $this->assertSame([18, 0, '0 in'], [$result->tally->ties->value, $result->tally->elements->value, $result->tally->left->shown]);
        $this->assertSame('$2.65', $result->cost->byLength->shown);
        $this->assertSame([], $result->ties[0]->carries);
    }

    public function test_in_centimetres_the_same_plan_gives_the_same_counts_and_cost(): void
    {
        $inches = $this->work($this->everyday());
        $metric = $this->work(['settings' => ['units' => 'centimetres']] + $this->everyday());
        $this->assertSame($inches->cost->byLength->shown, $metric->cost->byLength->shown);
        $this->assertSame($inches->wound[0]->used->value, $metric->wound[0]->used->value);
        // 342 in are 868.68 cm, needed: up; 18 in are 45.72 cm, available: down.
        $this->assertSame(
            ['869 cm', '45.5 cm', 'about 58 cm'],
            [$metric->wound[0]->used->shown, $metric->wound[0]->left->shown, $metric->tally->across->shown],
        );
    }

    public function test_the_same_plan_always_gives_the_same_result(): void
    {
        $this->assertSame(json_encode($this->work($this->everyInch())), json_encode($this->work($this->everyInch())));
    }
}
