<?php

namespace Tests\Feature;

use App\Bench\FinishBuild;
use App\Bench\PlanAnew;
use App\Bench\StartBuild;
use App\Bench\TakeWay;
use App\Exceptions\NotReady;
use App\Exceptions\StaleBuild;
use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfReservation;
use App\Shelf\CutOff;
use App\Shelf\Holding;
use Davrin\Core\Bench\Mark;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;

/** Who holds what of the shelf: plans that are ready and builds on the bench, each its own, and each can give it back. */
final class HoldersTest extends FeatureCase
{
    use HasSage;

    public function test_two_builds_of_one_plan_stand_on_rolls_of_their_own_and_the_second_is_told(): void
    {
        $sage = $this->sage('2 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        [$first, $second] = [$this->begin($plan), $this->begin($plan)];
        $this->assertStringContainsString('of Sage mesh are free', (string) session('refused'));
        $third = $this->begin($plan);
        $this->assertStringContainsString('To buy: 1 new roll of Sage mesh', (string) session('refused'));
        $this->assertSame([1, 1, 0], array_map(fn (Build $build): int => $build->reservations()->count(), [$first, $second, $third]));
        foreach ([$third, $first, $second] as $build) {
            $this->finish($build);
        }
        // Each record says 342 in, and 3 x 342 in are gone: 2 rolls of the shelf, and one that was bought.
        $this->assertSame(['18 in', '18 in', '18 in'], $this->lefts($sage));
        foreach ([$first, $second, $third] as $build) {
            $this->get("/builds/$build->id/record")->assertSee('342 in cut in 18 pieces');
        }
    }

    #[TestWith([1])]
    #[TestWith([3])]
    public function test_a_build_of_a_plan_that_was_ready_takes_over_what_that_holds(int $pieces): void
    {
        $sage = $this->sage('3 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $this->ready($plan);
        $build = $this->begin($plan, $pieces);
        $this->assertFalse($plan->refresh()->isReady());
        $this->assertSame([0, 342 * 4064 * $pieces], [$plan->reservations()->count(), (int) $build->reservations()->sum('amount')]);
        $this->get("/plans/$plan->id")->assertSee('On the bench')->assertSee('It holds 342 in')->assertDontSee('Make it ready')->assertDontSee('Plan from that');
        $this->post("/plans/$plan->id/ready")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'is on the bench'));
        $this->get("/shelf/$sage->id")->assertSee('on the bench')->assertSee("/builds/$build->id", false);
    }

    public function test_a_plan_that_is_taken_down_while_it_is_built_holds_nothing_and_its_build_can_give_back(): void
    {
        $sage = $this->sage('360 in, 200 in');
        $plan = $this->plan($sage, 'Barn door', '19 in', 'ties 1 to 9');
        $build = $this->begin($plan);
        $this->delete("/plans/$plan->id");
        $piece = $build->version()->benchRolls()[0]->cuts[0]->id;
        $this->post("/builds/$build->id/wrong", [
            'trouble' => 'miscut', 'set' => ['wrong.piece' => $piece, 'wrong.length' => '19 in'], 'way' => 'here', 'version' => $build->version()->id,
        ])->assertSessionHas('said');
        $this->assertSame([$build->id], ShelfReservation::query()->distinct()->pluck('build_id')->all());
        $this->get("/shelf/$sage->id")->assertOk()->assertSee('Barn door, begun');
        $this->get('/builds')->assertOk();
        $this->get("/builds/$build->id/record")->assertOk()->assertDontSee("/plans/$plan->id", false);
        $other = $this->plan($sage, 'Another', '19 in', 'ties 1 to 9');
        foreach (['build', 'ready', 'cut-sheet'] as $what) {
            $this->post("/plans/$other->id/$what", ['all' => '1'])->assertRedirect();
        }
        // Hung up again it is what it was: not ready, and as it was planned.
        $this->post("/plans/$plan->id/restore")->assertSessionHas('said', '"Barn door" hangs on the wall again.');
        $this->assertSame([null, 'Sage mesh as on the shelf'], [$plan->refresh()->ready_at, $plan->revision->words]);
        $this->delete("/builds/$build->id")->assertSessionHas('takenDown', fn (array $said): bool => str_contains($said['words'], 'It gave back'));
        $this->assertSame(0, $build->reservations()->count());
    }

    public function test_a_build_that_is_taken_up_again_holds_what_is_free_and_says_what_it_lacks(): void
    {
        $sage = $this->sage('360 in, 100 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->begin($plan);
        $needed = $build->reservations()->pluck('amount', 'shelf_stock_id')->all();
        $this->delete("/builds/$build->id");
        $this->post("/builds/$build->id/restore")->assertSessionHas('said', fn (string $said): bool => str_starts_with($said, 'It holds '));
        $this->assertSame($needed, $build->reservations()->pluck('amount', 'shelf_stock_id')->all());
        $this->delete("/builds/$build->id");
        // Another takes the long roll meanwhile.
        $other = $this->plan($sage, 'Another', '19 in', 'ties 1 to 18');
        $this->ready($other)->assertSessionHas('said');
        $this->post("/builds/$build->id/restore");
        $this->get("/builds/$build->id")->assertOk()->assertSee('is held or used elsewhere')->assertSee('Plan the rest from what is free');
        $this->post("/builds/$build->id/replan")->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'planned from what is free'));
        $this->get("/builds/$build->id")->assertOk()->assertDontSee('Plan the rest from what is free');
        $this->get("/builds/$build->id")->assertOk()->assertDontSee('is held or used elsewhere');
        $this->finish($build->refresh());
        $this->assertTrue($other->refresh()->isReady());
        $this->post("/builds/$build->id/replan")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'was finished'));
    }

    public function test_a_finished_build_takes_no_ticks_answers_or_ways_until_it_is_opened_again(): void
    {
        $sage = $this->sage('360 in');
        $build = $this->begin($this->plan($sage, 'Barn door', '19 in'));
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $tick = fn (string $unit): array => ['token' => (string) Str::uuid(), 'unit' => $unit, 'deed' => 'done'];
        $ticks = array_map($tick, $build->version()->units);
        $this->postJson("/builds/$build->id/ticks", ['ticks' => $ticks])->assertStatus(409)->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'was finished'));
        $this->getJson("/builds/$build->id/ticks")->assertStatus(409);
        // Without script: the way back leads on to the record, which says why.
        $this->from("/builds/$build->id")->followingRedirects()->post("/builds/$build->id/ticks", $ticks[0])->assertOk()->assertSee('This build was finished');
        $this->post("/builds/$build->id/order", ['order' => 'element'])->assertSessionHas('refused');
        $this->post("/builds/$build->id/check", ['look' => '1/ties', 'answer' => 'well'])->assertSessionHas('refused');
        $this->assertSame([0, [], []], [$build->ticks()->count(), $build->refresh()->checked, $build->taken]);
        $this->assertSame(['360 in'], $this->lefts($sage));
        $this->post("/builds/$build->id/reopen");
        $this->postJson("/builds/$build->id/ticks", ['ticks' => $ticks])->assertOk();
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->assertSame(['18 in'], $this->lefts($sage));
    }

    public function test_ticks_that_an_older_version_took_after_the_end_do_not_count_and_are_told(): void
    {
        $sage = $this->sage('360 in');
        $build = $this->begin($this->plan($sage, 'Barn door', '19 in'));
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $build->say(Mark::Done, $build->version()->units);
        $units = count($build->version()->units);
        $this->get("/builds/$build->id/record")->assertSee("0 of $units steps done")->assertSee("$units steps ticked in another window after it was finished do not count");
        $this->post("/builds/$build->id/reopen");
        $this->get("/builds/$build->id/record")->assertSee("$units of $units steps done")->assertDontSee('do not count');
    }

    /** A roll of 360 in, 95 in of it cut at the bench: that is off the roll wherever the build is. */
    public function test_what_is_cut_leaves_the_shelf_with_a_build_that_is_put_away(): void
    {
        $sage = $this->sage('360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in', 'ties 1 to 9');
        $build = $this->begin($plan);
        $cuts = array_values(array_filter($build->version()->units, fn (string $key): bool => str_contains($key, '/cut.')));
        $build->say(Mark::Done, array_slice($cuts, 0, 5));
        $this->delete("/builds/$build->id")->assertSessionHas('takenDown', fn (array $said): bool => str_contains($said['words'], 'gave back 76 in of Sage mesh'));
        $this->assertSame(['265 in'], $this->lefts($sage));
        $movement = $sage->stock()->firstOrFail()->movements()->latest('id')->firstOrFail();
        $this->from("/shelf/$sage->id")->post("/movements/$movement->id/undo")->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'took this at the bench'));
        $this->post("/builds/$build->id/restore");
        $this->assertSame([76 * 4064], $build->reservations()->pluck('amount')->all());
        // Taken back at the bench, two of them are there again once the shelf is settled.
        $build->refresh()->say(Mark::Undone, array_slice($cuts, 0, 2));
        $this->delete("/builds/$build->id");
        $this->assertSame(['303 in'], $this->lefts($sage));
        $this->post("/builds/$build->id/restore");
        $this->finish($build->refresh());
        $this->assertSame(['189 in'], $this->lefts($sage));
    }

    /** While it was put away another plan was cut from its roll; ticked as cut all the same, its pieces are of some other mesh. */
    public function test_a_record_says_where_less_was_on_the_shelf_than_was_cut(): void
    {
        $sage = $this->sage('360 in');
        $build = $this->begin($this->plan($sage, 'Barn door', '19 in'));
        $this->delete("/builds/$build->id");
        $other = $this->plan($sage, 'Another', '19 in', 'row 1');
        $this->post("/plans/$other->id/cut-sheet", ['all' => '1'])->assertSessionHas('said');
        $this->post("/builds/$build->id/restore");
        $this->finish($build->refresh());
        $this->get("/builds/$build->id/record")->assertSee('342 in cut in 18 pieces')->assertSee('; only 246 in of that was on the shelf');
        $this->assertSame([246 * 4064], array_values($build->refresh()->taken));
    }

    public function test_what_is_held_is_not_put_away(): void
    {
        $sage = $this->sage('360 in');
        $build = $this->begin($this->plan($sage, 'Barn door', '19 in'));
        $this->from("/shelf/$sage->id")->post("/shelf/$sage->id/away")->assertSessionHas('refused', fn (string $said): bool => str_starts_with($said, 'Sage mesh is reserved by "Barn door, begun'));
        $this->delete("/builds/$build->id");
        $this->post("/shelf/$sage->id/away")->assertSessionHas('takenDown');
        // Taken up again, the build still holds what is there of it.
        $this->post("/builds/$build->id/restore");
        foreach (["/builds/$build->id", '/shelf', "/shelf/$sage->id", '/builds'] as $page) {
            $this->get($page)->assertOk();
        }
        $this->finish($build->refresh());
    }

    public function test_a_token_that_another_build_had_is_kept_by_this_one_too(): void
    {
        $plan = $this->hang();
        $token = (string) Str::uuid();
        foreach ([$this->begin($plan), $this->begin($plan)] as $build) {
            $tick = ['token' => $token, 'unit' => $build->version()->units[0], 'deed' => 'done'];
            $this->postJson("/builds/$build->id/ticks", ['ticks' => [$tick, $tick]])->assertOk();
            $this->assertSame(1, $build->ticks()->count());
        }
    }

    /** A request that found the plan or the build before another window took it away. */
    public function test_what_was_taken_away_meanwhile_is_not_changed_by_a_request_that_found_it_before(): void
    {
        $sage = $this->sage('3 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->begin($this->plan($sage, 'Another', '19 in', 'row 1'));
        SavedPlan::query()->findOrFail($plan->id)->delete();
        Build::query()->findOrFail($build->id)->delete();
        $late = [
            fn () => Holding::make($plan),
            fn () => CutOff::of($plan),
            fn () => $plan->tick('m1-1-0', true),
            fn () => $plan->undo((int) $plan->revision_id),
            fn (): array => StartBuild::of($plan, 1, $build->walk_order, $build->copy_order),
            fn () => $build->take([]),
            fn () => FinishBuild::of($build),
            fn () => PlanAnew::of($build),
            fn () => TakeWay::of($build, 'stopped', 'stop', $build->version()->id, null, []),
        ];
        foreach ($late as $number => $request) {
            try {
                $request();
                $this->fail("Request $number was taken.");
            } catch (NotReady|StaleBuild $why) {
                $this->assertMatchesRegularExpression('/was (taken down from the wall|put away) in another window/', $why->getMessage());
            }
        }
        $this->assertSame(0, ShelfReservation::query()->where('plan_id', $plan->id)->count());
    }

    public function test_a_database_from_before_is_put_right(): void
    {
        $migration = require database_path('migrations/2026_12_02_000000_let_each_build_hold_its_own.php');
        $sage = $this->sage('360 in, 360 in, 360 in, 100 in');
        $plans = array_map(fn (string $name): SavedPlan => $this->plan($sage, $name, '19 in', 'ties 1 to 9'), ['On the bench', 'Taken down', 'Ready', 'Finished']);
        [$built, $gone, , $finished] = $plans;
        $this->ready($plans[2])->assertSessionHas('said');
        $build = $this->begin($built);
        $held = $build->reservations()->pluck('amount', 'shelf_stock_id')->all();
        $ready = $plans[2]->reservations()->count();
        $end = $this->begin($finished);
        $end->say(Mark::Done, $end->version()->units);
        $this->post("/builds/$end->id/finish", ['all_the_same' => '1']);
        $taken = $end->refresh()->taken;
        $migration->down();
        // As it was then: what the builds held their plans held, one of them was taken down, another build stood on less than it said.
        foreach ($held as $stock => $amount) {
            DB::table('shelf_reservations')->insert(['plan_id' => $built->id, 'shelf_stock_id' => $stock, 'amount' => $amount]);
        }
        DB::table('plans')->where('id', $built->id)->update(['ready_at' => now(), 'deleted_at' => now()]);
        DB::table('shelf_reservations')->insert(['plan_id' => $gone->id, 'shelf_stock_id' => $sage->stock()->orderByDesc('id')->firstOrFail()->id, 'amount' => 4064]);
        DB::table('plans')->where('id', $gone->id)->update(['deleted_at' => now()]);
        DB::table('builds')->where('id', $end->id)->update(['taken' => json_encode(array_map(fn (int $units): int => $units + 4064, $taken))]);
        DB::table('build_ticks')->insert(['build_id' => $end->id, 'token' => 'late-token', 'unit' => $end->version()->units[0], 'deed' => 'undone', 'made_at' => now(), 'created_at' => now()->addHour(), 'updated_at' => now()]);
        $migration->up();
        $this->assertSame($held, $build->reservations()->pluck('amount', 'shelf_stock_id')->all());
        $this->assertSame([null, 0, $ready], [
            SavedPlan::withTrashed()->findOrFail($built->id)->ready_at, ShelfReservation::query()->where('plan_id', $gone->id)->count(), $plans[2]->reservations()->count(),
        ]);
        $this->assertSame([$taken, 1], [$end->refresh()->taken, $end->tickedTooLate()]);
        foreach (["/shelf/$sage->id", '/builds', "/builds/$end->id/record"] as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_the_list_of_builds_counts_as_each_build_does_and_asks_no_more_for_more_of_them(): void
    {
        $plan = $this->hang();
        $queries = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/builds')->assertOk();
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        for ($number = 0; $number < 20; $number++) {
            $build = $this->begin($plan);
            $build->say(Mark::Done, array_slice($build->version()->units, 0, $number));
            $build->say([Mark::Undone, Mark::Skipped, Mark::Note][$number % 3], array_slice($build->version()->units, 0, 2));
            if ($number % 5 === 0) {
                $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
                $build->say(Mark::Done, $build->version()->units);
            }
        }
        $builds = Build::query()->with('plan')->get();
        foreach (Build::countedOf($builds) as $id => [$done, $all]) {
            $build = $builds->find($id);
            $this->assertSame([count(array_keys($build->marks(), Mark::Done, true)), count($build->version()->units)], [$done, $all]);
        }
        $few = $queries();
        for ($number = 0; $number < 20; $number++) {
            $this->begin($plan);
        }
        $this->assertSame($few, $queries());
    }

    private function begin(SavedPlan $plan, int $pieces = 1): Build
    {
        $this->post("/plans/$plan->id/build", ['pieces' => (string) $pieces])->assertRedirect();

        return Build::query()->latest('id')->firstOrFail();
    }

    private function finish(Build $build): void
    {
        $build->say(Mark::Done, $build->version()->units);
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1'])->assertRedirect("/builds/$build->id/record");
    }
}
