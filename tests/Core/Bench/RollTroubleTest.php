<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use PHPUnit\Framework\Attributes\TestWith;

final class RollTroubleTest extends BenchCase
{
    public function test_after_eleven_of_eighteen_with_nothing_else_there_one_roll_is_bought(): void
    {
        $ways = $this->ways($this->cut($this->begun($this->everyday()), 11), 'gave-out', ['gave' => '11']);
        $this->assertSame(['buy'], array_keys($ways));
        $this->assertSame('Buy one roll of Sage mesh', $ways['buy']->label);
        $this->assertSame('7 x 19 in = 133 in of 360 in, 227 in left.', $ways['buy']->effects[0]);
        $this->assertSame([['m1-1', 11, 0], ['m1-2', 7, 227]], $this->rolls($ways['buy']->then));
    }

    public function test_with_a_measured_part_roll_the_rest_is_cut_shorter_or_one_tie_stays_bare(): void
    {
        $shelf = ['m1' => [new OnHand(1, Length::inches(120), false)]];
        $ways = $this->ways($this->cut($this->begun($this->everyday(), shelf: $shelf), 11), 'gave-out', ['gave' => '11']);
        $this->assertSame(['buy', 'shorter-l1', 'bare-l1'], array_keys($ways));
        $this->assertSame('Cut the rest shorter: 7 pieces of 17 1/8 in', $ways['shorter-l1']->label);
        $this->assertSame('7 x 17 1/8 in = 119 7/8 in of 120 in, 1/8 in left.', $ways['shorter-l1']->effects[0]);
        $this->assertSame('Each is 1 7/8 in shorter, 10 % less mesh in the last 7 of 18.', $ways['shorter-l1']->effects[1]);
        $this->assertSame(['12 to 18: 17 1/8 in'], $ways['shorter-l1']->then->first()->plan->write()['parts'][0]['otherwise']);
        $this->assertSame('6 x 19 in = 114 in of 120 in, 6 in left.', $ways['bare-l1']->effects[0]);
        $this->assertCount(17, $ways['bare-l1']->then->first()->plan->part('l1')->demand->elements);
    }

    public function test_a_part_roll_that_is_enough_is_cut_from_before_any_is_bought(): void
    {
        $shelf = ['m1' => [new OnHand(1, Length::inches(140), false)]];
        $ways = $this->ways($this->cut($this->begun($this->everyday(), shelf: $shelf), 11), 'gave-out', ['gave' => '11']);
        $this->assertSame(['here'], array_keys($ways));
        $this->assertSame('Cut the rest from what lies on the shelf', $ways['here']->label);
    }

    public function test_a_second_roll_that_is_at_hand_is_opened(): void
    {
        $document = ['materials' => [['label' => 'measured', 'rolls' => 2]]];
        $ways = $this->ways($this->cut($this->begun($document), 11), 'gave-out', ['gave' => '11']);
        $this->assertSame(['Open another roll'], array_values(array_map(fn ($way): string => $way->label, $ways)));
    }

    /** A label may promise more than a roll holds, so what is only said is not counted on. */
    public function test_what_is_left_is_counted_as_short_as_it_may_come(): void
    {
        $shelf = ['m1' => [new OnHand(1, Length::inches(133), true)]];
        $now = $this->cut($this->begun(['materials' => [['roll' => '10 yd', 'allowance' => '2 %', 'rolls' => 1]]], shelf: $shelf), 11);
        $this->assertNotContains('here', array_keys($this->ways($now, 'gave-out', ['gave' => '11'])));
    }

    public function test_a_roll_that_gave_fewer_than_were_ticked_takes_those_back(): void
    {
        $ways = $this->ways($this->cut($this->begun($this->everyday()), 13), 'gave-out', ['gave' => '11']);
        $this->assertSame(['1/cut.m1/l1.12/0', '1/cut.m1/l1.13/0'], array_slice($ways['buy']->undone, 0, 2));
        $this->assertCount(11, $ways['buy']->then->cut);
        $this->assertCount(7, $ways['buy']->undone);
    }

    public function test_it_cannot_give_more_than_was_to_come_off_it(): void
    {
        $now = $this->cut($this->begun($this->everyday()), 11);
        $this->assertFault('/gave', 'was to give 18', fn () => $this->ways($now, 'gave-out', ['gave' => '19']));
    }

    public function test_what_is_made_keeps_its_ids_and_its_lengths_whatever_is_chosen(): void
    {
        $shelf = ['m1' => [new OnHand(1, Length::inches(120), false)]];
        $now = $this->made($this->cut($this->begun($this->everyday(), shelf: $shelf), 11), 9);
        foreach ($this->ways($now, 'gave-out', ['gave' => '11']) as $way) {
            foreach (array_keys($now->made) as $made) {
                $this->assertTrue($way->then->isMade(1, substr($made, 2)), "$way->key: $made");
            }
            $cuts = BenchRolls::idsOf($way->then->first()->plan, 1);
            foreach (array_keys($now->cut) as $id) {
                $this->assertSame(Length::inches(19)->units, $cuts[$id]->length->units, "$way->key: $id");
            }
        }
    }

    public function test_a_flaw_that_leaves_enough_changes_nothing_and_one_that_does_not_is_made_up_for(): void
    {
        $now = $this->cut($this->begun($this->everyday()), 11);
        $this->assertSame(['here'], array_keys($this->ways($now, 'flaw', ['lost' => '18 in'])));
        $ways = $this->ways($now, 'flaw', ['lost' => '18 1/8 in']);
        $this->assertSame(['buy', 'shorter-l1', 'bare-l1'], array_keys($ways));
        $this->assertSame('7 x 18 7/8 in = 132 1/8 in of 132 7/8 in, 3/4 in left.', $ways['shorter-l1']->effects[0]);
        $this->assertFault('/lost', 'No more than 151 in is left', fn () => $this->ways($now, 'flaw', ['lost' => '152 in']));
    }

    public function test_a_spoiled_piece_is_cut_again_or_used_as_it_is(): void
    {
        $now = $this->cut($this->begun($this->everyday()), 11);
        // 360 - 10 x 19 - 17 = 153 for eight: 8 x 19 = 152 fit, and with a whole piece lost they do not.
        $ways = $this->ways($now, 'miscut', ['piece' => '1/l1.11/0', 'length' => '17 in']);
        $this->assertSame(['as-it-is', 'here'], array_keys($ways));
        $this->assertSame('Use it as it is, 17 in', $ways['as-it-is']->label);
        $this->assertSame(['11: 17 in'], $ways['as-it-is']->then->first()->plan->write()['parts'][0]['otherwise']);
        $this->assertSame('8 x 19 in = 152 in of 153 in, 1 in left.', $ways['here']->effects[0]);
        $this->assertContains('1/parts.l1/l1.11', $ways['here']->undone);
        $this->assertSame(
            ['buy', 'shorter-l1', 'bare-l1'],
            array_keys($this->ways($now, 'miscut', ['piece' => '1/l1.11/0', 'length' => '19 in'])),
        );
    }

    public function test_too_little_of_a_colour_is_made_up_for_by_another_where_it_is_seen_least(): void
    {
        $now = $this->cut($this->begun([
            'materials' => [
                ['id' => 'a', 'name' => 'Sage', 'label' => 'measured', 'rolls' => 1],
                ['id' => 'b', 'name' => 'Gold', 'label' => 'measured', 'rolls' => 2],
            ],
            'parts' => [['material' => ['a: 9', 'b: 9'], 'order' => 'alternating']],
        ]), 6);
        $ways = $this->ways($now, 'colour-short', ['material' => 'a', 'left' => '38 in']);
        $this->assertSame('Take Gold for tie 14', $ways['other-l1-b']->label);
        $before = array_map(fn ($cut): string => $cut->material, BenchRolls::idsOf($now->first()->plan, 1));
        $after = array_map(fn ($cut): string => $cut->material, BenchRolls::idsOf($ways['other-l1-b']->then->first()->plan, 1));
        $this->assertSame(['1/l1.14/0' => 'b'], array_diff_assoc($after, $before));
        $this->assertSame('Sage: 2 x 19 in = 38 in of 38 in, nothing left.', $ways['other-l1-b']->effects[0]);
    }

    public function test_another_lot_goes_by_turns_from_here_on(): void
    {
        $now = $this->cut($this->begun($this->everyday()), 11);
        $way = $this->ways($now, 'other-lot', ['lot' => 'T4', 'length' => '360 in'])['turns-l1'];
        $this->assertSame('The other lot goes on ties 12, 14, 16 and 18.', $way->effects[0]);
        $cuts = array_map(fn ($cut): string => $cut->material, BenchRolls::idsOf($way->then->first()->plan, 1));
        $this->assertSame(['m1', 'm2', 'm1', 'm2'], [$cuts['1/l1.11/0'], $cuts['1/l1.12/0'], $cuts['1/l1.13/0'], $cuts['1/l1.14/0']]);
        $this->assertSame('Sage mesh, lot T4', $way->then->wound('m2')?->name());
        $this->assertFault('/lot', 'lot', fn () => $this->ways($now, 'other-lot', ['lot' => '!!', 'length' => '360 in']));
    }

    #[TestWith([10, '14 x 9 in'])]
    #[TestWith([0, '24 x 9 in'])]
    public function test_a_run_goes_on_from_another_roll_with_tails_of_its_own(int $gave, string $rest): void
    {
        $now = $this->made($this->begun($this->poofs()), $gave);
        $roll = $now->rolls[0];
        $ways = $this->ways($now, 'gave-out', ['roll' => $roll->key, 'gave' => (string) $gave]);
        $then = end($ways)->then;
        $steps = array_filter(
            array_merge(...array_map(fn (BenchRoll $its): array => $its->cuts, $then->rolls)),
            fn (BenchCut $cut): bool => $cut->element() !== null && ! $now->isCut($cut),
        );
        $this->assertSame($rest, count($steps).' x 9 in');
        $this->assertSame(0, $then->rolls[0]->left()->units);
        foreach (array_slice($then->rolls, 1) as $its) {
            $this->assertSame(['start tail', 'end tail'], [$its->cuts[0]->kind->value, array_reverse($its->cuts)[0]->kind->value]);
        }
    }

    public function test_several_pieces_of_work_share_the_rolls_and_only_what_lacks_is_planned_anew(): void
    {
        $now = $this->cut($this->begun(['materials' => [['label' => 'measured']]], 2), 14);
        $ways = $this->ways($now, 'gave-out', ['gave' => '14']);
        $this->assertSame('Buy one roll of Sage mesh', $ways['buy']->label);
        $this->assertSame(36, array_sum(array_map(fn (BenchRoll $roll): int => count($roll->cuts), $ways['buy']->then->rolls)));
        $this->assertSame($this->ids($now), $this->ids($ways['buy']->then));
    }

    public function test_a_build_that_is_written_and_read_again_is_the_same(): void
    {
        foreach ($this->begun($this->poofs())->rolls as $roll) {
            $this->assertEquals($roll, BenchRoll::fromData(json_decode((string) json_encode($roll->asData()), true)));
        }
    }

    /** @return list<string> */
    private function ids(Situation $now): array
    {
        $ids = [];
        foreach ($now->rolls as $roll) {
            array_push($ids, ...array_map(fn (BenchCut $cut): string => (string) $cut->id, $roll->cuts));
        }
        sort($ids);

        return $ids;
    }
}
