<?php

namespace Tests\Feature;

use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfReservation;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** What the bench does to the shelf: loose pieces, lots, counted goods, new rolls, several pieces of work. */
final class BenchShelfTest extends FeatureCase
{
    use HasSage;

    public function test_loose_pieces_are_taken_one_by_one_and_their_ends_go_back(): void
    {
        $sage = $this->sage('3 x 40 in');
        $plan = $this->plan($sage, 'Six of them', '19 in', 'row 1');
        $build = $this->onTheBench($plan);
        $this->assertSame(3, (int) ShelfReservation::query()->sum('amount'));
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        // Each gave 2 x 19 in; what is left of it is too short to keep.
        $this->assertSame([], $this->lefts($sage));
        $this->assertSame(0, ShelfReservation::query()->count());
    }

    public function test_the_end_of_a_new_roll_goes_on_the_shelf_of_its_mesh(): void
    {
        $sage = $this->sage('100 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        // 5 x 19 off the part roll, 13 x 19 = 247 off a new one of 360.
        $this->assertSame(['113 in'], array_values(array_filter($this->lefts($sage), fn (string $left): bool => $left !== '5 in')));
    }

    public function test_what_was_not_cut_stays_on_the_shelf(): void
    {
        $sage = $this->sage('360 in');
        $build = $this->onTheBench($this->plan($sage, 'Barn door', '19 in'));
        $cuts = $this->cuts($build);
        $build->say(Mark::Done, array_slice($cuts, 0, 4));
        $this->finish($build);
        $this->assertSame(['284 in'], $this->lefts($sage));
        // Undone at the bench, a cut is none.
        $again = $this->onTheBench($this->plan($sage, 'Another', '19 in', 'row 1'));
        $again->say(Mark::Done, $this->cuts($again));
        $again->say(Mark::Undone, array_slice($this->cuts($again), 0, 2));
        $this->finish($again);
        $this->assertSame(['208 in'], $this->lefts($sage));
    }

    public function test_several_pieces_are_cut_from_what_is_there_once(): void
    {
        $sage = $this->sage('2 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan, ['pieces' => '2']);
        $this->assertSame([342 * 4064, 342 * 4064], $build->reservations()->pluck('amount')->all());
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $this->assertSame(['18 in', '18 in'], $this->lefts($sage));
        $this->assertNull($plan->refresh()->cut_at);
        $this->assertFalse($plan->isReady());
    }

    public function test_with_several_a_way_out_changes_one_of_them_and_the_plan_stays(): void
    {
        $sage = $this->sage('360 in, 355 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan, ['pieces' => '2']);
        [$before, $cuts] = [$plan->refresh()->revision_id, $this->cuts($build)];
        $build->say(Mark::Done, array_slice($cuts, 0, 20));
        $roll = collect($build->version()->benchRolls())->last(fn (BenchRoll $roll): bool => $roll->cuts !== []);
        $answer = $this->wrong($build, 'flaw', ['roll' => $roll->key, 'lost' => '20 in'], 'bare-l1');
        if ($answer->getSession()->has('refused')) {
            $answer = $this->wrong($build, 'flaw', ['roll' => $roll->key, 'lost' => '20 in'], 'shorter-l1');
        }
        $answer->assertSessionHas('said');
        $this->assertSame($before, $plan->refresh()->revision_id);
        $this->assertCount(2, array_unique($build->refresh()->version()->documents));
        $this->get("/builds/$build->id")->assertOk();
        $this->get("/builds/$build->id/check")->assertOk();
    }

    public function test_counted_goods_leave_the_shelf_when_it_is_finished_and_what_broke_at_once(): void
    {
        $sage = $this->sage('360 in');
        $stems = ShelfItem::begin('stems', ['name' => 'Chenille stems']);
        $stems->takePieces(60);
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $plan->edit(new TakeFromShelf(['stems' => MaterialFromShelf::written($stems, $plan)]), (int) $plan->revision_id);
        $build = $this->onTheBench($plan);
        $left = fn (): int => (int) $stems->stock()->sum('amount');
        $this->wrong($build, 'stem-broken', ['good' => 'stems', 'count' => '3'], 'another')->assertSessionHas('said');
        $this->assertSame(57, $left());
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $this->assertSame(39, $left());
        $this->assertSame('broken at the bench, Barn door', ShelfMovement::query()->where('amount', -3)->value('words'));
    }

    #[TestWith(['100 in', '1'])]
    #[TestWith(['100 in', '2'])]
    #[TestWith(['20 x 48 in', '1'])]
    #[TestWith(['20 x 48 in', '2'])]
    #[TestWith(['360 in', '3'])]
    public function test_a_build_that_is_opened_again_and_finished_once_more_moves_nothing_twice(string $came, string $pieces): void
    {
        $sage = $this->sage($came);
        $stems = ShelfItem::begin('stems', ['name' => 'Chenille stems']);
        $stems->takePieces(200);
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $plan->edit(new TakeFromShelf(['stems' => MaterialFromShelf::written($stems, $plan)]), (int) $plan->revision_id);
        $build = $this->onTheBench($plan, ['pieces' => $pieces]);
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $there = fn (): array => [$this->lefts($sage), $this->lefts($stems)];
        $once = $there();
        $this->assertSame([(string) (200 - 18 * (int) $pieces)], $once[1]);
        $this->post("/builds/$build->id/reopen");
        $this->assertSame([['200'], null], [$there()[1], $plan->refresh()->cut_at], 'until it is finished once more, nothing is used up');
        $this->finish($build);
        $this->assertSame($once, $there());
    }

    public function test_what_is_cut_after_it_was_opened_again_comes_off_what_was_laid_back(): void
    {
        $sage = $this->sage('100 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $cuts = $this->cuts($build);
        $build->say(Mark::Done, array_slice($cuts, 0, 9));
        $this->finish($build);
        // 5 off the part roll, 4 x 19 off a new one of 360 in.
        $this->assertSame(['284 in'], $this->lefts($sage));
        $this->post("/builds/$build->id/reopen")->assertRedirect("/builds/$build->id");
        $build->say(Mark::Done, $cuts);
        $this->finish($build);
        $this->assertSame(['113 in'], $this->lefts($sage));
        // All of it is undone with the cuts of its plan, as it was never made.
        $this->get("/shelf/$sage->id")->assertSee('undo all these cuts');
        $end = ShelfMovement::query()->where('words', 'like', 'left over of%')->whereNull('undone_at')->firstOrFail();
        $this->post("/movements/$end->id/undo")->assertSessionHas('said');
        $this->assertSame([['100 in'], false], [$this->lefts($sage), $build->refresh()->isFinished()]);
    }

    #[TestWith(['360 in', ['18 in'], ['94 in']])]
    #[TestWith(['8 x 48 in', ['8 in', '8 in', '8 in', '8 in', '8 in', '8 in', '8 in', '8 in'], ['8 in', '8 in', '8 in', '8 in', '8 in', '8 in', '2 x 48 in']])]
    public function test_a_cut_that_was_none_after_all_is_on_the_shelf_again(string $came, array $once, array $then): void
    {
        $sage = $this->sage($came);
        $plan = $this->plan($sage, 'Barn door', $came === '360 in' ? '19 in' : '20 in', $came === '360 in' ? 'every tie' : 'ties 1 to 16');
        $build = $this->onTheBench($plan);
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $this->assertSame($once, $this->lefts($sage));
        $this->post("/builds/$build->id/reopen");
        $build->say(Mark::Undone, array_slice($this->cuts($build), -4));
        $this->finish($build);
        $this->assertSame($then, $this->lefts($sage));
        $this->post("/builds/$build->id/reopen");
        $build->say(Mark::Done, $this->cuts($build));
        $this->finish($build);
        $this->assertSame($once, $this->lefts($sage));
    }

    public function test_what_the_cut_sheet_took_stays_cut_whatever_is_ticked_at_the_bench(): void
    {
        $sage = $this->sage('360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $build->say(Mark::Done, array_slice($this->cuts($build), 0, 4));
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1'])->assertSessionHas('said');
        $this->assertSame(['18 in'], $this->lefts($sage));
        $this->finish($build);
        $this->assertSame(['18 in'], $this->lefts($sage));
    }

    /** A second piece of a plan that was built: nothing of it is cut yet, and the roll of the first is used. */
    #[TestWith([false])]
    #[TestWith([true])]
    public function test_what_was_cut_for_one_build_is_not_cut_for_the_next(bool $bySheet): void
    {
        $sage = $this->sage('2 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        if ($bySheet) {
            $this->post("/plans/$plan->id/cut-sheet", ['all' => '1'])->assertSessionHas('said');
        }
        $first = $this->onTheBench($plan);
        $this->assertCount($bySheet ? 18 : 0, $first->marks());
        $first->say(Mark::Done, $first->version()->units);
        $this->finish($first);
        $this->assertSame(['18 in', '360 in'], $this->lefts($sage));
        $this->post("/plans/$plan->id/build", ['pieces' => '1'])
            ->assertSessionHas('refused', fn (string $said): bool => str_starts_with($said, 'What was cut for this plan is built already.'));
        $second = Build::query()->latest('id')->firstOrFail();
        $this->assertSame([[], []], [$second->marks(), $second->taken]);
        $second->say(Mark::Done, $second->version()->units);
        $this->finish($second);
        $this->assertSame(['18 in', '18 in'], $this->lefts($sage));
        $this->post("/builds/$second->id/reopen");
        $this->finish($second);
        $this->assertSame(['18 in', '18 in'], $this->lefts($sage));
    }

    public function test_it_stays_finished_where_what_it_laid_back_is_used_since(): void
    {
        $sage = $this->sage('100 in');
        $build = $this->onTheBench($this->plan($sage, 'Barn door', '19 in'));
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $left = $sage->stock()->where('amount', '>', 0)->orderByDesc('amount')->firstOrFail();
        $this->post("/stock/$left->id/measure", ['way' => 'tape', 'tape' => '60 in']);
        $this->assertSame(['60 in'], $this->lefts($sage));
        $this->from("/builds/$build->id/record")->post("/builds/$build->id/reopen")
            ->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'Sage mesh on the shelf cannot be taken back') && str_contains($said, 'begin another build'));
        $this->assertTrue($build->refresh()->isFinished());
        $this->assertSame(['60 in'], $this->lefts($sage));
    }

    public function test_builds_that_were_finished_before_their_end_had_a_job_of_its_own_are_opened_again_too(): void
    {
        $migration = require database_path('migrations/2026_11_29_000008_tell_the_end_of_a_build_from_its_cuts.php');
        $sage = $this->sage('100 in');
        $build = $this->onTheBench($this->plan($sage, 'Barn door', '19 in'), ['pieces' => '2']);
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $jobs = fn (): array => ShelfMovement::query()->orderBy('id')->pluck('job')->all();
        [$once, $left] = [$jobs(), $this->lefts($sage)];
        $migration->down();
        $this->assertSame([$build->job], array_values(array_unique(array_filter($jobs()))));
        $migration->up();
        $this->assertSame($once, $jobs());
        $this->post("/builds/$build->id/reopen");
        $this->finish($build);
        $this->assertSame($left, $this->lefts($sage));
    }

    /** Twenty stems are there, and a build of two pieces takes thirty-six. */
    public function test_what_a_build_holds_is_neither_held_nor_used_up_by_others(): void
    {
        $sage = $this->sage('3 x 360 in');
        $stems = ShelfItem::begin('stems', ['name' => 'Chenille stems']);
        $heap = $stems->takePieces(20);
        $gold = ShelfItem::begin('mesh', ['name' => 'Gold mesh']);
        $gold->take([new OnHand(1, Length::inches(360))]);
        [$first, $second] = [$this->plan($gold, 'First', '19 in'), $this->plan($sage, 'Second', '19 in')];
        foreach ([$first, $second] as $plan) {
            $plan->edit(new TakeFromShelf(['stems' => MaterialFromShelf::written($stems, $plan)]), (int) $plan->revision_id);
        }
        $build = $this->onTheBench($second, ['pieces' => '2']);
        $build->say(Mark::Done, $build->version()->units);
        $this->post("/plans/$first->id/ready")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, '"Second x 2, begun '.now()->format('M j').', on the bench" holds the rest'));
        $this->post("/stock/$heap->id/gone")->assertSessionHas('refused');
        $this->assertSame(20, $heap->refresh()->amount);
        $this->finish($build);
        // 36 of two packs of 25, which were bought.
        $this->assertSame([0, 0], [$heap->refresh()->amount, ShelfReservation::query()->count()]);
    }

    public function test_what_comes_off_another_lot_is_said_before_it_is_taken(): void
    {
        $sage = ShelfItem::begin('mesh', ['name' => 'Sage mesh']);
        $this->laid($sage, '360 in lot A1, 200 in lot B2');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $roll = collect($build->version()->benchRolls())->first(fn (BenchRoll $roll): bool => $roll->cuts !== []);
        $build->say(Mark::Done, array_slice($this->cuts($build), 0, 11));
        $this->get("/builds/$build->id/wrong?".http_build_query([
            'trouble' => 'gave-out', 'set' => ['wrong.roll' => $roll->key, 'wrong.gave' => '11'],
        ]))->assertOk()->assertSee('It is of lot B2, what is made is of lot A1');
    }

    public function test_a_plan_whose_stock_is_held_elsewhere_is_begun_from_what_is_free_and_says_so(): void
    {
        $sage = $this->sage('360 in');
        $first = $this->plan($sage, 'First', '19 in');
        $second = $this->plan($sage, 'Second', '19 in');
        $this->ready($first);
        $this->post("/plans/$second->id/build", ['pieces' => '1'])->assertSessionHas(
            'refused',
            '18 in of Sage mesh is free. "First" holds the rest. So this build is planned from what is free on the shelf now. '
                .'To buy: 1 new roll of Sage mesh and 1 pack of stems.',
        );
        $build = Build::query()->latest('id')->firstOrFail();
        $this->assertSame(0, $build->reservations()->count());
        // What the other holds is not cut off under its hands.
        $build->say(Mark::Done, $build->version()->units);
        $this->finish($build);
        $this->assertSame(['360 in', '18 in'], $this->lefts($sage));
        $this->assertTrue($first->refresh()->isReady());
    }

    private function laid(ShelfItem $item, string $came): void
    {
        foreach (explode(', ', $came) as $roll) {
            [$length, $lot] = explode(' in lot ', $roll);
            $this->post("/shelf/$item->id/stock", ['came' => "$length in lot $lot"]);
        }
    }

    /** @param  array<string, string>  $fields */
    private function onTheBench(SavedPlan $plan, array $fields = []): Build
    {
        $this->post("/plans/$plan->id/build", $fields + ['pieces' => '1'])->assertRedirect();

        return Build::query()->latest('id')->firstOrFail();
    }

    /** @return list<string> units that are cuts, by key */
    private function cuts(Build $build): array
    {
        return array_values(array_filter($build->version()->units, fn (string $key): bool => str_contains($key, '/cut.')));
    }

    /** @param  array<string, string>  $said */
    private function wrong(Build $build, string $trouble, array $said, string $way): TestResponse
    {
        return $this->post("/builds/$build->id/wrong", [
            'trouble' => $trouble,
            'set' => array_combine(array_map(fn (string $key): string => "wrong.$key", array_keys($said)), $said),
            'way' => $way,
            'version' => $build->refresh()->version()->id,
        ]);
    }

    private function finish(Build $build): void
    {
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1'])->assertRedirect("/builds/$build->id/record");
    }
}
