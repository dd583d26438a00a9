<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Illuminate\Support\Facades\DB;

/** Plans that are ready hold what they need; what is cut leaves the shelf. */
final class HoldingTest extends FeatureCase
{
    use HasSage;

    public function test_two_plans_have_a_roll_each_and_the_third_is_told_what_is_left(): void
    {
        $sage = $this->sage('2 x 10 yd by label');
        [$first, $second] = [$this->plan($sage, 'First', '19 in'), $this->plan($sage, 'Second', '19 in')];
        $third = $this->plan($sage, 'Third', '30 in', 'tie 1');
        $this->ready($first)->assertSessionHas('said', 'The plan is ready. Reserved: 342 in of Sage mesh. To buy: 1 pack of stems.');
        // The second took both rolls to be free; the one that is left comes to the same.
        $this->ready($second)->assertSessionHas('said', 'The plan is ready. Reserved: 342 in of Sage mesh. To buy: 1 pack of stems.');
        $this->assertSame(
            [342 * 4064, 342 * 4064],
            $sage->stock()->orderBy('id')->get()->map(fn (ShelfStock $stock): int => $stock->held())->all(),
        );
        $this->ready($third)->assertSessionHas(
            'refused',
            '18 in and 18 in of Sage mesh are free. "First" and "Second" hold the rest. Plan it again from what is free.',
        );
        $page = $this->get("/plans/$third->id")->assertSee('Free on the shelf now: 18 in by label, 18 in by label.');
        $this->assertNotEmpty($this->find($page, "//button[@value='take-materials']"));
        $this->edit($third, ['do' => 'take-materials'])->assertOk();
        $this->assertSame(
            ['18 in by label (shelf 1)', '18 in by label (shelf 2)'],
            $third->fresh()->plan()->wound()[0]->slip->write()['onHand'],
        );
    }

    public function test_a_ready_plan_says_what_it_holds_before_it_is_changed(): void
    {
        $plan = $this->plan($this->sage('10 yd, 131 in'), 'First', '19 in');
        $this->ready($plan);
        $page = $this->edit($plan, ['set' => ['parts.l1.length' => '18 in']])->assertStatus(422)->assertSee(
            'This plan is ready and holds 228 in and 114 in of Sage mesh. Give that back first',
        );
        $this->assertSame('18 in', $this->blank($page, 'parts.l1.length')->getAttribute('value'));
        $this->post("/plans/$plan->id/undo", ['revision' => $plan->fresh()->revision_id], ['HX-Request' => 'true'])->assertStatus(422);
        $this->delete("/plans/$plan->id/ready")->assertRedirect("/plans/$plan->id");
        $this->edit($plan, ['set' => ['parts.l1.length' => '18 in']])->assertOk();
        $this->assertSame(0, $plan->reservations()->count());
    }

    public function test_what_is_held_cannot_be_measured_away_or_called_used_up(): void
    {
        $sage = $this->sage('10 yd');
        $this->ready($this->plan($sage, 'First', '19 in'));
        $stock = $sage->stock()->firstOrFail();
        $this->from('/shelf')->post("/stock/$stock->id/gone")->assertSessionHas(
            'refused',
            '342 in of it is reserved, and 0 in would be left. Give the reservation back first.',
        );
        $this->from('/shelf')->post("/stock/$stock->id/measure", ['way' => 'tape', 'tape' => '300 in'])->assertSessionHas('refused');
        $this->get("/shelf/$sage->id")->assertSee('342 in held for')->assertSee('18 in free');
    }

    public function test_a_plan_that_is_taken_down_gives_back_what_it_holds(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->ready($plan);
        $this->delete("/plans/$plan->id");
        $this->assertSame(360 * 4064, $sage->stock()->firstOrFail()->free());
    }

    public function test_a_short_plan_cannot_be_made_ready(): void
    {
        $plan = $this->plan($this->sage('131 in'), 'First', '19 in');
        $this->edit($plan, ['set' => ['materials.m1.rolls' => '1', 'materials.m1.roll' => '1 yd']])->assertOk();
        $this->ready($plan)->assertSessionHas(
            'refused',
            'The plan is short of mesh, so it cannot be made ready. What can be done about it stands under the warning.',
        );
    }

    public function test_a_cut_sheet_worked_off_moves_lengths_off_the_shelf_and_leftovers_onto_it(): void
    {
        $sage = $this->sage('131 in, 62 in, 18 in');
        $plan = $this->threeLayers($sage);
        $this->ready($plan);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1])->assertRedirect("/plans/$plan->id/cut-sheet");
        // 130, 60 and 16 in went, ends of 1 and 2 in with them; of the new roll 218 in came back.
        $this->assertSame(['218 in'], $this->lefts($sage));
        $this->assertSame([0, null], [$plan->reservations()->count(), $plan->fresh()->ready_at]);
        $history = $this->texts($this->get("/shelf/$sage->id"), "//ol[@class='history']/li/span");
        $this->assertContains('left over of Barn wedding, part rolls', $history);
        $this->assertContains('an end too short to keep', $history);
        $this->followingRedirects()->delete("/plans/$plan->id/cut-sheet/cuts")->assertOk()->assertSee('The shelf is as it was before these cuts');
        $this->assertSame(['131 in', '62 in', '18 in'], $this->lefts($sage));
    }

    public function test_what_was_cut_is_undone_from_the_shelf_in_one_go_or_says_what_stands_in_the_way(): void
    {
        $sage = $this->sage('131 in, 62 in, 18 in');
        $plan = $this->threeLayers($sage);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1]);
        $this->from('/shelf')->post("/plans/$plan->id/cut-sheet", ['all' => 1])->assertSessionHas(
            'refused',
            'All of it is cut already. Undo that first, where it was not so.',
        );
        $left = $sage->stock()->where('amount', '>', 0)->firstOrFail();
        $this->post("/stock/$left->id/measure", ['way' => 'cuts', 'cuts' => '20 in']);
        $this->from('/shelf')->delete("/plans/$plan->id/cut-sheet/cuts")->assertSessionHas(
            'refused',
            'Something was cut or measured of it since it came. Undo that first, or say that it is gone.',
        );
        $this->assertSame(['198 in'], $this->lefts($sage));
        $this->post("/movements/{$left->movements()->latest('id')->first()->id}/undo");
        $this->post("/movements/{$left->movements()->oldest('id')->first()->id}/undo")->assertSessionHas('said');
        $this->assertSame(['131 in', '62 in', '18 in'], $this->lefts($sage));
        $this->assertNull($plan->fresh()->cut_at);
    }

    public function test_loose_pieces_are_held_and_cut_piece_by_piece_and_their_offcuts_kept(): void
    {
        $sage = $this->sage('5 x 30 in');
        $plan = $this->plan($sage, 'Loose', '22 in', 'ties 1, 2, 3');
        $this->ready($plan)->assertSessionHas('said', 'The plan is ready. Reserved: 3 x 30 in of Sage mesh. To buy: 1 pack of stems.');
        $other = $this->plan($sage, 'Other', '22 in', 'ties 1, 2');
        $this->assertSame(['2 x 30 in (shelf 1)'], $other->plan()->wound()[0]->slip->write()['onHand']);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1]);
        $this->assertSame(['8 in', '8 in', '8 in', '2 x 30 in'], $this->lefts($sage));
    }

    public function test_leftovers_keep_their_lot_and_a_new_roll_s_rest_lies_with_its_mesh(): void
    {
        $sage = $this->sage('131 in lot B7, 4 x 30 in lot B7');
        $plan = $this->plan($sage, 'Lots', '22 in', 'ties 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12');
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1])->assertRedirect();
        $there = $sage->stock()->where('amount', '>', 0)->orderBy('id')->get();
        $this->assertContains(
            '8 in lot B7',
            $there->map(
                fn (ShelfStock $stock): string => $stock->setRelation('item', $sage)->shown($stock->amount)." lot $stock->lot",
            )->all(),
        );
        $this->assertSame(
            ['cut for Lots', 'cut for Lots', 'cut for Lots', 'cut for Lots'],
            $sage->stock()->where('kind', 'loose')->firstOrFail()->movements()->where('kind', 'cut')->pluck('words')->all(),
        );
    }

    public function test_a_plan_that_takes_nothing_from_the_shelf_is_ready_and_cut_without_moving_it(): void
    {
        $plan = $this->hang();
        $this->ready($plan)->assertSessionHas('said', 'The plan is ready. Reserved: nothing from the shelf. To buy: 1 new roll of Teal stripe mesh, '
            .'1 new roll of Gold mesh and 1 pack of stems.');
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1])->assertRedirect();
        $this->assertSame([0, true], [ShelfStock::query()->count(), $plan->fresh()->cut_at !== null]);
        $this->get("/plans/$plan->id/cut-sheet")->assertSee('All of it was cut');
        $this->delete("/plans/$plan->id/cut-sheet/cuts")->assertRedirect();
        $this->assertNull($plan->fresh()->cut_at);
    }

    public function test_undoing_cuts_twice_or_none_moves_nothing_on_the_shelf(): void
    {
        $sage = $this->sage('131 in, 62 in, 18 in');
        $plan = $this->threeLayers($sage);
        $says = 'Nothing of this plan is cut, or it was undone already. The shelf is as it was.';
        $this->from('/shelf')->delete("/plans/$plan->id/cut-sheet/cuts")->assertSessionHas('refused', $says);
        $this->assertSame(['131 in', '62 in', '18 in'], $this->lefts($sage));
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1]);
        $this->from('/shelf')->post("/plans/$plan->id/ready")->assertSessionHas(
            'refused',
            'All of it is cut already. Undo that first, where it was not so.',
        );
        $this->delete("/plans/$plan->id/cut-sheet/cuts")->assertSessionHas('said');
        $this->from('/shelf')->delete("/plans/$plan->id/cut-sheet/cuts")->assertSessionHas('refused', $says);
        $this->assertSame(['131 in', '62 in', '18 in'], $this->lefts($sage));
    }

    public function test_a_short_end_that_another_plan_holds_stays_on_the_shelf(): void
    {
        $sage = $this->sage('24 in');
        [$first, $second] = [$this->plan($sage, 'First', '19 in', 'tie 1'), $this->plan($sage, 'Second', '5 in', 'tie 1')];
        $this->ready($first);
        $this->ready($second)->assertSessionHas('said');
        $this->post("/plans/$first->id/cut-sheet", ['all' => 1]);
        $this->assertSame(['5 in'], $this->lefts($sage));
        $this->post("/plans/$second->id/cut-sheet", ['all' => 1]);
        $this->assertSame([], $this->lefts($sage));
    }

    public function test_cuts_of_a_plan_that_was_taken_down_still_go_back_together(): void
    {
        $sage = $this->sage('131 in, 62 in, 18 in');
        $plan = $this->threeLayers($sage);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => 1]);
        $this->delete("/plans/$plan->id");
        $cut = $sage->stock()->orderBy('id')->firstOrFail()->movements()->where('kind', 'cut')->firstOrFail();
        $this->post("/movements/$cut->id/undo")->assertSessionHas('said');
        $this->assertSame(['131 in', '62 in', '18 in'], $this->lefts($sage));
    }

    public function test_what_is_gone_from_the_shelf_cannot_be_held_and_the_plan_says_so(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->post("/stock/{$sage->stock()->firstOrFail()->id}/gone");
        $this->ready($plan)->assertSessionHas('refused', 'No Sage mesh is free. Plan it again from what is free.');
        $sage->stock()->delete();
        $this->ready($plan)->assertSessionHas(
            'refused',
            'What is taken to be on hand here is not on the shelf any more. Plan it again from what is free.',
        );
        $this->get("/plans/$plan->id")->assertOk();
    }

    public function test_a_ready_plan_made_ready_again_holds_no_more(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->ready($plan);
        $this->ready($plan)->assertSessionHas('said');
        $this->assertSame([1, 342 * 4064], [$plan->reservations()->count(), (int) $plan->reservations()->sum('amount')]);
        $this->assertSame(18 * 4064, $sage->stock()->firstOrFail()->free());
        $this->assertSame(360 * 4064, $sage->stock()->firstOrFail()->free($plan));
    }

    public function test_copies_and_files_of_a_ready_plan_are_free_to_be_changed(): void
    {
        $plan = $this->plan($this->sage('10 yd'), 'First', '19 in');
        $this->ready($plan);
        $this->post("/plans/$plan->id/copy")->assertRedirect();
        $copy = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertFalse($copy->isReady());
        $this->edit($copy, ['set' => ['parts.l1.length' => '18 in']])->assertOk();
        $this->get("/plans/$plan->id/file")->assertOk();
    }

    public function test_a_mesh_is_taken_from_the_shelf_with_all_that_is_said_of_it(): void
    {
        $sage = $this->sage('131 in lot B7');
        $plan = $this->hang();
        $page = $this->get("/plans/$plan->id");
        $this->assertContains('Sage mesh, 10 in', $this->texts($page, "//select[@name='to']/option"));
        $this->edit(
            $plan,
            ['do' => 'take-material', 'id' => $plan->plan()->wound()[0]->id, 'to' => (string) $sage->id],
        )->assertOk()->assertSee('never two lots in one piece');
        $this->assertSame(
            ['Sage mesh', ['131 in lot B7 (shelf 1)']],
            [$plan->fresh()->plan()->wound()[0]->name(), $plan->fresh()->plan()->wound()[0]->slip->write()['onHand']],
        );
        $this->edit(
            $plan,
            ['do' => 'take-material', 'id' => $plan->plan()->wound()[0]->id, 'to' => '77'],
        )->assertStatus(422)->assertSee('not on the shelf any more');
        $this->edit($plan, ['do' => 'take-material', 'id' => 'nothing', 'to' => (string) $sage->id])->assertStatus(422);
        $this->edit($plan, ['do' => 'take-materials'])->assertStatus(422)->assertSee('has what is on the shelf already');
    }

    public function test_however_many_rolls_others_hold_the_one_that_is_free_is_found(): void
    {
        $sage = $this->sage('100 in');
        $sage->take(array_map(fn (int $inches): OnHand => new OnHand(1, Length::inches($inches)), range(101, 165)));
        $other = $this->plan($sage, 'Holds most of it', '19 in');
        DB::table('shelf_reservations')->insert($sage->stock()->orderBy('amount')->limit(64)->get()->map(fn ($stock): array => [
            'plan_id' => $other->id, 'shelf_stock_id' => $stock->id, 'amount' => $stock->amount,
        ])->all());
        $free = $this->plan($sage->fresh(), 'Takes the rest', '19 in')->plan()->usedWound()[0]->onHand();
        $this->assertSame(['164 in', '165 in'], array_map(fn ($there): string => Units::Inches->exact($there->length), $free));
    }

    public function test_a_warning_offers_what_lies_on_the_shelf_with_its_effect(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->edit($plan, ['set' => ['materials.m1.onHand' => 'nothing', 'materials.m1.roll' => '5 yd', 'materials.m1.rolls' => '1']]);
        $moss = ShelfItem::begin('mesh', ['name' => 'Moss mesh', 'price' => '9.00']);
        $moss->take((new OnHandBlank('came', ''))->read('400 in', Units::Inches));
        $wide = ShelfItem::begin('mesh', ['name' => 'Wide mesh', 'width' => '21 in']);
        $wide->take((new OnHandBlank('came', ''))->read('10 yd', Units::Inches));
        $page = $this->get("/plans/$plan->id")->assertOk();
        $offered = $this->texts($page, "//button[@class='remedy'][contains(., 'from the shelf')]");
        $this->assertCount(2, $offered);
        $this->assertStringStartsWith(
            'Take Sage mesh from the shelf, all that is free nothing short; 1 roll less to buy ($6.50); uses 342 in, leaves 18 in',
            $offered[0],
        );
        $this->assertStringStartsWith('Take Moss mesh from the shelf instead', $offered[1]);
        $form = $this->find($page, "//form[.//button[contains(., 'Moss mesh')]]")[0];
        $set = [];
        foreach ($form->getElementsByTagName('input') as $input) {
            if (preg_match('/^set\[(.+)\]$/', $input->getAttribute('name'), $found) === 1) {
                $set[$found[1]] = $input->getAttribute('value');
            }
        }
        $this->edit($plan, ['set' => $set])->assertOk();
        $this->assertSame(
            ['Moss mesh', ['400 in (shelf 2)'], '9.00'],
            array_map(fn (string $key): mixed => $plan->fresh()->plan()->wound()[0]->slip->write()[$key], ['name', 'onHand', 'price']),
        );
    }

    public function test_two_lots_by_turns_keep_to_their_own_rolls_on_the_shelf(): void
    {
        $sage = $this->sage('180 in lot B7, 175 in lot C2');
        $plan = $this->plan($sage, 'Two lots', '19 in');
        $button = $this->find(
            $this->get("/plans/$plan->id"),
            "//form[.//button[contains(., 'Take the two lots by turns')]]//input[@name='do']",
        )[0];
        $this->edit($plan, ['do' => $button->getAttribute('value'), 'id' => 'm1'])->assertOk()->assertDontSee('Free on the shelf now');
        $this->assertSame(
            [['180 in lot B7 (shelf 1)'], ['175 in lot C2 (shelf 2)']],
            array_map(fn ($mesh): array => $mesh->slip->write()['onHand'], $plan->fresh()->plan()->wound()),
        );
        $sage->take((new OnHandBlank('came', 'what came'))->read('90 in lot C2', Units::Inches));
        $this->edit($plan, ['do' => 'take-materials'])->assertOk();
        $this->assertSame(
            [['180 in lot B7 (shelf 1)'], ['90 in lot C2 (shelf 3)', '175 in lot C2 (shelf 2)']],
            array_map(fn ($mesh): array => $mesh->slip->write()['onHand'], $plan->fresh()->plan()->wound()),
        );
        $this->ready($plan)->assertSessionHas('said', 'The plan is ready. Reserved: 171 in and 171 in of Sage mesh. To buy: 1 pack of stems.');
    }

    public function test_a_ready_plan_that_is_hung_up_again_has_what_it_held_or_is_told_that_it_is_not_free_any_more(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->ready($plan);
        $this->followingRedirects()->delete("/plans/$plan->id")->assertSee('It was ready and gave back 342 in of Sage mesh.');
        $this->followingRedirects()->post("/plans/$plan->id/restore")->assertSee('It is ready, and holds 342 in of Sage mesh as before.');
        $this->assertTrue($plan->fresh()->isReady());
        $this->delete("/plans/$plan->id");
        $this->ready($this->plan($sage, 'Second', '19 in'));
        $this->followingRedirects()->post("/plans/$plan->id/restore")->assertSee('It was ready before; what it held is not all free any more');
        $this->assertFalse($plan->fresh()->isReady());
        $this->post("/plans/$plan->id/restore");
        $this->assertFalse($plan->fresh()->isReady(), 'hung up twice it is no other');
    }

    public function test_where_cuts_are_not_ticked_it_is_asked_first_and_nothing_is_moved_until_that_is_answered(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '19 in');
        $this->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'm1-1-0', 'done' => '1']);
        $asked = $this->followingRedirects()->post("/plans/$plan->id/cut-sheet")->assertSee('Only 1 of the 18 cuts is ticked. Was all of it cut?');
        $this->assertSame(360 * 4064, $sage->stock()->firstOrFail()->amount);
        $this->assertSame('1', $this->find($asked, "//button[@name='all']")[0]->getAttribute('value'));
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
        $this->assertSame(18 * 4064, $sage->stock()->firstOrFail()->amount);
        $this->from("/plans/$plan->id/cut-sheet")->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'm1-1-1', 'done' => '1'])
            ->assertSessionHas('refused', 'All of it is cut already. Undo that first, where it was not so.');
    }

    public function test_a_sheet_that_was_worked_off_stays_as_it_was_and_the_plan_says_what_would_differ(): void
    {
        $plan = $this->plan($this->sage('10 yd'), 'First', '19 in');
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
        $this->get("/plans/$plan->id")->assertSee('as it was then')->assertDontSee('What would differ');
        $this->edit($plan, ['set' => ['parts.l1.length' => '18 in']])->assertOk()
            ->assertSee('What would differ:')->assertSee('Sage mesh: 342 in off 1 roll then, 324 in off 1 roll now');
        $this->get("/plans/$plan->id/cut-sheet")->assertSee('18 x 19 in')->assertSee('This sheet stays as it was then.');
        $this->edit($plan, ['set' => ['plan.name' => 'Another name']])->assertSee('What would differ:');
        $plan->refresh()->undo($plan->revision_id);
        $plan->undo($plan->revision_id);
        $this->get("/plans/$plan->id")->assertDontSee('What would differ');
    }

    public function test_undoing_cuts_makes_a_plan_ready_again_that_was_so_before(): void
    {
        $sage = $this->sage('10 yd');
        [$held, $free] = [$this->plan($sage, 'Held', '10 in'), $this->plan($sage, 'Free', '8 in')];
        $this->ready($held);
        foreach ([[$held, true], [$free, false]] as [$plan, $isReady]) {
            $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
            $this->assertFalse($plan->fresh()->isReady());
            $undone = $this->followingRedirects()->delete("/plans/$plan->id/cut-sheet/cuts");
            $isReady ? $undone->assertSee('"Held" is ready again') : $undone->assertDontSee('ready again');
            $this->assertSame($isReady, $plan->fresh()->isReady());
        }
        $this->assertSame(180 * 4064, $sage->stock()->firstOrFail()->held());
    }

    public function test_a_plan_whose_figures_rest_on_more_than_the_shelf_has_or_on_another_thing_is_not_made_ready(): void
    {
        $sage = $this->sage('10 yd');
        $plan = $this->plan($sage, 'First', '8 in');
        $this->edit($plan, ['set' => ['materials.m1.onHand' => '12 yd (shelf 1)']])->assertOk();
        $this->ready($plan)->assertSessionHas('refused', fn (string $why): bool => str_contains($why, 'The plan counts on more Sage mesh than is there'));
        $this->edit($plan, ['set' => ['materials.m1.onHand' => '10 yd (shelf 1)', 'materials.m1.width' => '21 in']])->assertOk();
        $this->ready($plan)->assertSessionHas('refused', fn (string $why): bool => str_contains($why, 'of another kind or width'));
        $this->assertSame(0, $plan->reservations()->count());
    }

    public function test_the_sheet_says_where_each_roll_is_stored(): void
    {
        $sage = $this->sage('10 yd');
        $sage->stock()->update(['kept' => 'the blue basket']);
        $this->get('/plans/'.$this->plan($sage, 'First', '19 in')->id.'/cut-sheet')->assertSee(', stored: the blue basket');
    }
}
