<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use PHPUnit\Framework\Attributes\TestWith;

/** The cases that lie next to the everyday one: the second layer, the other unit, the open row, the forty rolls, the second trouble. */
final class NextToItTest extends BenchCase
{
    public function test_in_centimetres_the_rest_is_cut_to_half_a_centimetre(): void
    {
        $document = $this->everyday();
        $document['settings'] = ['units' => 'centimetres'];
        $document['materials'] = [['label' => 'measured', 'rolls' => 1, 'roll' => '9 m']];
        $document['parts'] = [['length' => '48 cm']];
        $now = $this->cut($this->begun($document, shelf: ['m1' => [new OnHand(1, Length::millimetres(3000), false)]]), 11);
        $ways = $this->ways($now, 'gave-out', ['gave' => '11']);
        // 300 / 7 = 42.857: to the half, 42.5.
        $this->assertSame('Cut the rest shorter: 7 pieces of 42.5 cm', $ways['shorter-l1']->label);
        $this->assertSame('7 x 42.5 cm = 297.5 cm of 300 cm, 2.5 cm left.', $ways['shorter-l1']->effects[0]);
    }

    public function test_a_second_layer_of_the_same_mesh_is_shortened_by_itself(): void
    {
        $document = ['materials' => [['label' => 'measured', 'rolls' => 2]], 'parts' => [['id' => 'a'], ['id' => 'b', 'kind' => 'second-across', 'length' => '19 in']]];
        $now = $this->begun($document, shelf: ['m1' => [new OnHand(1, Length::inches(300), false)]]);
        // All of the first layer is cut, and four of the second.
        $cut = [];
        foreach (array_keys(BenchRolls::idsOf($now->first()->plan, 1)) as $id) {
            $cut = str_starts_with($id, '1/a.') || count($cut) < 22 && str_starts_with($id, '1/b.') ? [...$cut, $id => true] : $cut;
        }
        $now = $now->done($cut, []);
        $roll = array_values(array_filter($now->rolls, fn (BenchRoll $roll): bool => array_filter(
            $roll->cuts,
            fn (BenchCut $its): bool => ! $now->isCut($its),
        ) !== []))[0];
        $gave = count(array_filter($roll->cuts, $now->isCut(...)));
        $ways = $this->ways($now, 'gave-out', ['roll' => $roll->key, 'gave' => (string) $gave]);
        foreach (['shorter-a', 'bare-a'] as $key) {
            $this->assertArrayNotHasKey($key, $ways);
        }
        foreach ($ways as $way) {
            $this->assertSame(18, count($way->then->first()->plan->part('a')->demand->elements));
        }
    }

    public function test_on_an_open_row_a_run_goes_on_to_its_end_and_not_round(): void
    {
        $document = [
            'form' => ['kind' => 'stick'],
            'materials' => [['width' => '6 in', 'roll' => '5 yd', 'label' => 'measured']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '9 in']],
        ];
        $now = $this->begun($document);
        $steps = count($now->first()->plan->demand->runs()[0]->steps);
        $now = $this->made($now, 3);
        $ways = $this->ways($now, 'gave-out', ['gave' => '3']);
        $fresh = array_merge(...array_map(fn (BenchRoll $roll): array => $roll->isSpent ? [] : array_filter(
            $roll->cuts,
            fn (BenchCut $cut): bool => $cut->element() !== null,
        ), array_values($ways)[0]->then->rolls));
        $this->assertCount($steps - 3, $fresh);
    }

    public function test_forty_rolls_are_walked_and_planned_anew_all_the_same(): void
    {
        $document = [
            'form' => ['wires' => ['36 in', '32 in', '28 in', '24 in'], 'crossbars' => 12],
            'ties' => [['layout' => 'n-a-section', 'perSection' => 8]],
            'materials' => [['roll' => '60 in', 'label' => 'measured', 'width' => '6 in']],
            'parts' => [['kind' => 'rolled-bundle', 'material' => ['m1: 3'], 'length' => '8 in']],
        ];
        $now = $this->begun($document);
        $this->assertGreaterThan(40, count($now->rolls));
        $now = $this->cut($now, 100);
        $roll = array_values(array_filter($now->rolls, fn (BenchRoll $roll): bool => ! $now->isCut($roll->cuts[0])))[0];
        $ways = $this->ways($now, 'gave-out', ['roll' => $roll->key, 'gave' => '5']);
        // The last of them has room for the two that are lacking.
        $this->assertSame('Go on with what is there', $ways['here']->label);
        $cuts = array_merge(...array_map(fn (BenchRoll $its): array => $its->cuts, $ways['here']->then->rolls));
        $this->assertCount(288, array_unique(array_map(fn (BenchCut $cut): string => (string) $cut->id, $cuts)));
        $this->assertCount(105, $ways['here']->then->cut);
    }

    public function test_a_second_trouble_starts_from_where_the_first_left_it(): void
    {
        $shelf = ['m1' => [new OnHand(1, Length::inches(120), false)]];
        $first = $this->ways($this->cut($this->begun($this->everyday(), shelf: $shelf), 11), 'gave-out', ['gave' => '11'])['shorter-l1'];
        // Two of the shorter ones are cut, then one of them is spoiled.
        $then = $first->then;
        $now = (new Situation($then->pieces, $then->rolls, [...$then->cut, '1/l1.12/0' => true, '1/l1.13/0' => true], [], []));
        $ways = $this->ways($now, 'miscut', ['piece' => '1/l1.13/0', 'length' => '17 1/8 in']);
        $this->assertSame(['buy', 'shorter-l1', 'bare-l1'], array_keys($ways));
        // 120 - 2 x 17 1/8 = 85 3/4 for six: 14 1/4 each.
        $this->assertSame('Cut the rest shorter: 6 pieces of 14 1/4 in', $ways['shorter-l1']->label);
        $this->assertEqualsCanonicalizing(
            ['12: 17 1/8 in', '13 to 18: 14 1/4 in'],
            $ways['shorter-l1']->then->first()->plan->write()['parts'][0]['otherwise'],
        );
    }

    public function test_of_several_pieces_it_is_the_one_in_hand_that_is_counted_and_goes_by_turns(): void
    {
        $now = $this->begun(['materials' => [['label' => 'measured']]], 2);
        $cut = array_fill_keys(array_keys(BenchRolls::idsOf($now->first()->plan, 1)), true);
        $made = array_fill_keys(array_map(fn ($element): string => "1/$element->id", $now->first()->plan->part('l1')->demand->elements), true);
        $now = $now->done($cut, $made);
        $this->assertSame(2, $now->inHand()->copy);
        $way = $this->ways($now, 'other-lot', ['lot' => 'T4', 'length' => '360 in'])['turns-l1'];
        $this->assertStringEndsWith(' of piece 2.', $way->effects[0]);
        $this->assertSame($now->pieces[1]->plan->write(), $way->then->pieces[1]->plan->write());
        $bare = $this->replanner()->edited($now, 2, new FillBlanks(['parts.l1.otherwise' => '2: bare']));
        $this->assertNotNull($bare);
        $moved = $this->ways($bare, 'one-short', ['section' => 'no-2', 'has' => '2', 'other' => 'no-3', 'others' => '4'])['move'];
        $this->assertSame([[], 1], [$moved->then->pieces[1]->moved, count($moved->then->pieces[2]->moved)]);
    }

    public function test_ribbon_that_gives_out_is_bought_as_mesh_is(): void
    {
        $now = $this->begun([
            'materials' => [['id' => 'm'], ['id' => 'r', 'kind' => 'ribbon', 'name' => 'Teal check', 'roll' => '3 yd', 'label' => 'measured', 'price' => '4.00']],
            'parts' => [['material' => 'm'], ['kind' => 'ribbon-tails', 'material' => 'r', 'on' => 'row 1']],
        ]);
        $roll = array_values(array_filter($now->rolls, fn (BenchRoll $roll): bool => $roll->material === 'r'))[0];
        $ways = $this->ways($now, 'gave-out', ['roll' => $roll->key, 'gave' => '2']);
        $this->assertSame(['buy'], array_keys($ways));
        $this->assertSame('Buy one roll of Teal check', $ways['buy']->label);
        $this->assertStringStartsWith('$4.00 more', $ways['buy']->effects[1]);
    }

    #[TestWith(['parts.l1.length', '17 in', false])]
    #[TestWith(['parts.l1.otherwise', '12 to 18: 17 in', true])]
    #[TestWith(['parts.l1.otherwise', '3: 17 in', false])]
    #[TestWith(['parts.l1.otherwise', '3: bare', false])]
    #[TestWith(['plan.name', 'Another', true])]
    public function test_nothing_is_changed_that_is_cut_already(string $address, string $written, bool $may): void
    {
        $now = $this->cut($this->begun($this->everyday()), 11);
        $this->assertSame($may, $this->replanner()->edited($now, 1, new FillBlanks([$address => $written])) !== null);
    }

    public function test_nothing_is_taken_away_that_is_made_already(): void
    {
        $document = ['materials' => [[]], 'parts' => [['id' => 'a'], ['id' => 'b', 'kind' => 'second-across']]];
        $now = $this->begun($document);
        $made = $now->done([], ['1/b.3' => true]);
        $this->assertNotNull($this->replanner()->edited($now, 1, new RemovePart('b')));
        $this->assertNull($this->replanner()->edited($made, 1, new RemovePart('b')));
        $this->assertNull($this->replanner()->edited($now, 1, new FillBlanks(['parts.nothing.length' => '3 in'])));
        $poofs = $this->made($this->begun($this->poofs()), 5);
        $this->assertNull($this->replanner()->edited($poofs, 1, new FillBlanks(['parts.l1.pitch' => '8 in'])));
        $this->assertNotNull($this->replanner()->edited($poofs, 1, new FillBlanks(['parts.l1.otherwise' => '20 to 24: 8 in'])));
    }

    public function test_the_rest_of_a_run_at_a_shorter_pitch_fits_what_is_there(): void
    {
        $now = $this->made($this->begun($this->poofs(), shelf: ['m1' => [new OnHand(1, Length::inches(100), false)]]), 12);
        $first = $now->rolls[0];
        $gone = $now->withRolls(array_map(
            fn (BenchRoll $roll): BenchRoll => $roll->key === $first->key ? $roll : $roll->spentAt(Length::zero()),
            array_values(array_filter($now->rolls, fn (BenchRoll $roll): bool => $roll->key === $first->key)),
        ));
        $document = $this->poofs();
        $document['materials'][0]['rolls'] = 1;
        $ways = $this->ways($this->limited($gone, $document), 'gave-out', ['roll' => $first->key, 'gave' => '12']);
        // 100 less two tails of 2, for twelve poofs: 8.
        $this->assertSame('Cut the rest shorter: 12 pieces of 8 in', $ways['shorter-l1']->label ?? '');
        $this->assertArrayNotHasKey('bare-l1', $ways);
        $made = array_filter($this->walk($ways['shorter-l1']->then)->units, fn (Unit $unit): bool => $unit->deed === Deed::Make);
        $this->assertStringContainsString('Measure 8 in', array_values($made)[20]->how);
        $this->assertStringContainsString('Measure 9 in', array_values($made)[3]->how);
    }

    /** @param  array<string, mixed>  $document  of the same plan, with no more rolls than there are */
    private function limited(Situation $now, array $document): Situation
    {
        $plan = $this->plan($document);

        return $now->withPlan(1, $plan, $this->figures($plan));
    }
}
