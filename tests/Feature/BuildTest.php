<?php

namespace Tests\Feature;

use App\Bench\BuildRecord;
use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfReservation;
use Davrin\Core\Bench\Mark;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

final class BuildTest extends FeatureCase
{
    use HasSage;

    public function test_nothing_is_on_the_bench_until_a_plan_is_laid_on_it(): void
    {
        $this->get('/builds')->assertOk()->assertSee('Nothing is on the bench');
        $plan = $this->hang();
        $this->get("/plans/$plan->id/build")->assertOk()->assertSee('How many pieces');
        $build = $this->onTheBench($plan);
        $this->get("/builds/$build->id")->assertOk()->assertSee('Tie 1')->assertSee('a whole stem')->assertSee('0</b> of 58 in all', false);
        $this->get('/builds')->assertSee('0 of 58');
        $this->get("/plans/$plan->id/build")->assertSee('It is on the bench already');
    }

    #[TestWith(['0'])]
    #[TestWith(['25'])]
    #[TestWith(['two'])]
    #[TestWith([''])]
    public function test_how_many_pieces_must_be_a_number_that_a_bench_can_take(string $pieces): void
    {
        $plan = $this->hang();
        $this->post("/plans/$plan->id/build", ['pieces' => $pieces])->assertRedirect("/plans/$plan->id/build")->assertSessionHasErrors('pieces');
        $this->assertSame(0, Build::query()->count());
        $this->get("/plans/$plan->id/build")->assertSee('Write how many pieces you make');
    }

    public function test_more_than_a_bench_can_hold_is_said_and_not_begun(): void
    {
        $plan = $this->hang('town-hall-wide-poofs');
        $this->post("/plans/$plan->id/build", ['pieces' => '24', 'order' => 'step']);
        $many = Build::query()->first();
        $this->assertTrue($many === null || count($many->version()->units) <= Build::MOST_UNITS);
    }

    public function test_a_tick_that_is_sent_twice_counts_once_and_two_that_are_honest_count_two(): void
    {
        $build = $this->onTheBench($this->hang());
        [$first, $second] = $build->version()->units;
        $tick = ['token' => (string) Str::uuid(), 'unit' => $first, 'deed' => 'done', 'seconds' => 12, 'at' => now()->getTimestampMs()];
        $this->ticks($build, [$tick])->assertOk()->assertJsonPath('kept', [$tick['token']])->assertJsonCount(1, 'ticks');
        $this->ticks($build, [$tick, $tick])->assertOk()->assertJsonPath('kept', [$tick['token'], $tick['token']]);
        $this->assertSame(1, $build->ticks()->count());
        $this->ticks($build, [['token' => (string) Str::uuid(), 'unit' => $second, 'deed' => 'done']])->assertOk();
        $this->assertSame([$first => Mark::Done, $second => Mark::Done], $build->marks());
        $this->assertSame(12, $build->ticks()->orderBy('id')->first()->seconds);
    }

    public function test_ticks_that_were_kept_while_the_server_was_away_come_in_their_order(): void
    {
        $build = $this->onTheBench($this->hang());
        $unit = $build->version()->units[0];
        $this->ticks($build, array_map(
            fn (string $deed): array => ['token' => (string) Str::uuid(), 'unit' => $unit, 'deed' => $deed],
            ['done', 'undone', 'skipped', 'undone', 'done'],
        ))->assertJsonCount(5, 'ticks');
        $this->assertSame([$unit => Mark::Done], $build->marks());
        $this->getJson("/builds/$build->id/ticks?since=3")->assertJsonCount(2, 'ticks')->assertJsonPath('seq', 5);
        $this->getJson("/builds/$build->id/ticks?since=nonsense")->assertJsonCount(5, 'ticks');
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['token' => '']])]
    #[TestWith([['token' => 'a b c d e f g h']])]
    #[TestWith([['deed' => 'finished']])]
    #[TestWith([['unit' => ['a']]])]
    #[TestWith([['note' => 'x', 'seconds' => 'long']])]
    public function test_what_is_no_tick_is_refused_and_nothing_is_kept_of_it(array $wrong): void
    {
        $build = $this->onTheBench($this->hang());
        $tick = ['token' => (string) Str::uuid(), 'unit' => $build->version()->units[0], 'deed' => 'done'];
        $this->ticks($build, [[...$tick, ...$wrong]])->assertStatus(422);
        $this->assertSame(0, $build->ticks()->count());
    }

    public function test_a_tick_of_something_the_build_has_not_is_not_taken_and_the_others_are(): void
    {
        $build = $this->onTheBench($this->hang());
        [$good, $bad] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->ticks($build, [
            ['token' => $bad, 'unit' => '1/parts.nothing/nothing.1', 'deed' => 'done'],
            ['token' => $good, 'unit' => $build->version()->units[0], 'deed' => 'done'],
        ])->assertOk()->assertJsonPath('kept', [$good]);
    }

    public function test_without_script_the_page_goes_on_by_plain_forms(): void
    {
        $build = $this->onTheBench($this->hang());
        $page = $this->get("/builds/$build->id");
        foreach (['done', 'skipped'] as $deed) {
            [$token, $unit] = [$this->field($page, 'token'), $this->field($page, 'unit')];
            $this->post("/builds/$build->id/ticks", ['token' => $token, 'unit' => $unit, 'deed' => $deed])->assertRedirect("/builds/$build->id");
            // A double click sends the same form twice.
            $this->post("/builds/$build->id/ticks", ['token' => $token, 'unit' => $unit, 'deed' => $deed]);
            $page = $this->get("/builds/$build->id");
        }
        $this->assertSame([Mark::Done, Mark::Skipped], array_values($build->marks()));
        $page->assertSee('Tie 3');
        $this->post("/builds/$build->id/ticks", ['token' => (string) Str::uuid(), 'unit' => 'nothing', 'deed' => 'done'])
            ->assertRedirect("/builds/$build->id")->assertSessionHas('refused');
    }

    public function test_what_was_skipped_comes_again_when_all_else_is_done(): void
    {
        $build = $this->onTheBench($this->hang());
        $build->say(Mark::Done, array_slice($build->version()->units, 1));
        $build->say(Mark::Skipped, [$build->version()->units[0]]);
        $this->get("/builds/$build->id")->assertSee('<title>Tie 1: ', false)->assertSee('Skipped before');
        $build->say(Mark::Done, [$build->version()->units[0]]);
        $this->get("/builds/$build->id")->assertSee('<title>All done: ', false)->assertSee('To the final check');
    }

    public function test_what_it_needs_is_held_and_leaves_the_shelf_when_it_is_finished(): void
    {
        $sage = $this->sage('2 x 360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $this->assertSame(342 * 4064, (int) ShelfReservation::query()->sum('amount'));
        $build->say(Mark::Done, $build->version()->units);
        $this->post("/builds/$build->id/finish")->assertRedirect("/builds/$build->id/check")->assertSessionHas('notAll');
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1'])->assertRedirect("/builds/$build->id/record");
        $this->assertSame(['18 in', '360 in'], $this->lefts($sage));
        $this->assertSame(0, ShelfReservation::query()->count());
        $this->assertNotNull($plan->refresh()->cut_at);
        $this->get("/builds/$build->id/record")->assertOk()->assertSee('342 in cut in 18 pieces')->assertSee('Nothing was noted');
        // A second finish takes nothing more.
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->assertSame(['18 in', '360 in'], $this->lefts($sage));
    }

    public function test_a_roll_that_gives_out_leaves_plan_hold_and_shelf_right(): void
    {
        $sage = $this->sage('360 in by label, 120 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $other = $this->plan($sage, 'Another', '19 in', 'ties 1 to 3');
        $build = $this->onTheBench($plan);
        $roll = collect($build->version()->benchRolls())->first(fn ($its): bool => count($its->cuts) >= 11);
        $units = array_values(array_filter($build->version()->units, fn (string $key): bool => str_contains($key, '/cut.')));
        $build->say(Mark::Done, array_slice($build->version()->units, 0, 18));
        $given = array_values(array_filter(array_map(fn ($cut): ?string => $cut->id, $roll->cuts)));
        $build->say(Mark::Done, array_values(array_filter($units, fn (string $key): bool => in_array('1/'.explode('/', $key, 3)[2], array_slice($given, 0, 9), true))));
        $wrong = ['trouble' => 'gave-out', 'set' => ['wrong.roll' => $roll->key, 'wrong.gave' => '9']];
        $page = $this->get("/builds/$build->id/wrong?".http_build_query($wrong))->assertOk()->assertSee('Buy one roll of Sage mesh');
        $this->assertNotSame([], $this->find($page, '//button[@name="way"]'));
        $before = $plan->revisions()->count();
        $this->post("/builds/$build->id/wrong", [...$wrong, 'way' => 'buy', 'version' => $build->version()->id])
            ->assertRedirect("/builds/$build->id")->assertSessionHas('said');
        $this->assertSame([2, $before + 1], [$build->versions()->count(), $plan->refresh()->revisions()->count()]);
        $this->assertStringContainsString('gave 9: buy one roll', $plan->revision->words);
        $this->assertFalse($plan->isReady());
        $this->assertSame(ShelfReservation::query()->count(), $build->reservations()->count(), 'what is held, the build holds');
        // The roll that gave out is gone, and what else the build takes of the shelf is held.
        $left = array_filter($this->lefts($sage), fn (string $left): bool => $left !== '120 in');
        $this->assertSame([], array_values($left));
        $this->assertSame(0, collect($sage->stock()->with('reservations')->get())->filter(fn ($stock): bool => $stock->held() > $stock->amount)->count());
        $this->assertSame('as planned', $build->versions()->orderBy('id')->first()->words);
        $this->assertNotSame(
            $build->versions()->orderBy('id')->first()->documents,
            $build->refresh()->version()->documents,
        );
        $this->assertNull($other->ready_at);
        $this->get("/builds/$build->id")->assertOk();
        $this->get("/builds/$build->id/record")->assertSee('and gave out')->assertSee('2 versions of the plan');
    }

    public function test_a_way_out_is_taken_once_and_not_from_a_page_that_is_out_of_date(): void
    {
        $build = $this->onTheBench($this->hang());
        $wrong = ['trouble' => 'gave-out', 'set' => ['wrong.gave' => '3'], 'way' => 'buy', 'version' => $build->version()->id];
        $this->post("/builds/$build->id/wrong", $wrong)->assertRedirect("/builds/$build->id");
        $this->post("/builds/$build->id/wrong", $wrong)->assertSessionHas('refused');
        $this->post("/builds/$build->id/wrong", [...$wrong, 'version' => $build->refresh()->version()->id, 'way' => 'sing'])
            ->assertSessionHas('refused');
        $this->assertSame(2, $build->versions()->count());
    }

    public function test_what_is_typed_wrong_is_said_and_stays_typed(): void
    {
        $build = $this->onTheBench($this->hang());
        $page = $this->get("/builds/$build->id/wrong?trouble=flaw&set[wrong.lost]=a+lot")->assertStatus(422);
        $page->assertSee('value="a lot"', false)->assertSee('a length', false);
        $this->get("/builds/$build->id/wrong?trouble=nonsense&at=nonsense")->assertOk()->assertSee('What went wrong?');
        $this->get("/builds/$build->id/wrong?trouble=gave-out&set[wrong.gave]=99")->assertStatus(422)->assertSee('was to give');
    }

    public function test_a_broken_stem_and_a_stop_are_noted_and_plan_nothing_anew(): void
    {
        $build = $this->onTheBench($this->hang());
        $base = ['version' => $build->version()->id, 'at' => $build->version()->units[4]];
        $this->post("/builds/$build->id/wrong", [...$base, 'trouble' => 'stem-broken', 'way' => 'another'])->assertRedirect("/builds/$build->id");
        $this->post("/builds/$build->id/wrong", [...$base, 'trouble' => 'stopped', 'way' => 'stop'])->assertRedirect('/builds');
        $this->assertSame(1, $build->versions()->count());
        $this->get("/builds/$build->id/record")->assertSee('Tie 5: 1 of the stems broke: take another')->assertSee('stopped for the day');
    }

    public function test_what_the_cut_sheet_ticked_is_not_cut_again(): void
    {
        $sage = $this->sage('360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $plan->tick('m1-1-0', true);
        $build = $this->onTheBench($plan);
        $this->assertCount(1, $build->marks());
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
        // It was cut for that build. Once that is put away, it is there for the next one, and for it alone.
        $this->delete("/builds/$build->id");
        $again = $this->onTheBench($plan->refresh());
        $this->assertCount(18, $again->marks());
        $this->assertSame([[], null], [$build->refresh()->marks(), $build->sheet_job]);
        $again->say(Mark::Done, $again->version()->units);
        $this->post("/builds/$again->id/finish", ['all_the_same' => '1']);
        $this->assertSame(['18 in'], $this->lefts($sage));
    }

    public function test_what_the_cut_sheet_is_worked_off_for_meanwhile_leaves_the_shelf_once(): void
    {
        $sage = $this->sage('360 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
        $this->assertSame(['18 in'], $this->lefts($sage));
        $build->say(Mark::Done, $build->version()->units);
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->assertSame(['18 in'], $this->lefts($sage));
        $this->delete("/plans/$plan->id/cut-sheet/cuts");
        $this->assertSame(['360 in'], $this->lefts($sage));
    }

    public function test_once_it_is_planned_anew_the_bench_says_what_it_takes_of_the_shelf(): void
    {
        $sage = $this->sage('360 in, 380 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $cuts = array_values(array_filter($build->version()->units, fn (string $key): bool => str_contains($key, '/cut.')));
        $build->say(Mark::Done, array_slice($cuts, 0, 11));
        $roll = $build->version()->benchRolls()[0];
        $this->post("/builds/$build->id/wrong", [
            'trouble' => 'gave-out', 'set' => ['wrong.roll' => $roll->key, 'wrong.gave' => '11'], 'way' => 'here', 'version' => $build->version()->id,
        ])->assertSessionHas('said');
        // 11 x 19 are cut and the rest of that roll is gone; 7 x 19 of the other are held.
        $this->assertCount(1, $this->lefts($sage));
        $this->assertSame([133 * 4064], ShelfReservation::query()->pluck('amount')->all());
        foreach (["/plans/$plan->id/cut-sheet", "/plans/$plan->id/ready"] as $url) {
            $this->post($url, ['all' => '1'])->assertSessionHas('refused');
        }
        $build->say(Mark::Done, $build->refresh()->version()->units);
        $before = (int) filter_var($this->lefts($sage)[0], FILTER_SANITIZE_NUMBER_INT);
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->assertSame($before - 133, (int) filter_var($this->lefts($sage)[0], FILTER_SANITIZE_NUMBER_INT));
        $this->assertSame(0, ShelfReservation::query()->count());
        $this->get("/builds/$build->id")->assertRedirect("/builds/$build->id/record");
        $this->post("/builds/$build->id/wrong", ['trouble' => 'stopped', 'way' => 'stop', 'version' => $build->refresh()->version()->id])
            ->assertSessionHas('refused');
        // Undone, all of it lies there again, and the build is open; finished once more, it is taken once more.
        $this->delete("/plans/$plan->id/cut-sheet/cuts");
        $this->assertSame(['360 in', '380 in'], $this->lefts($sage));
        $this->get("/builds/$build->id")->assertOk();
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->assertSame($before - 133, (int) filter_var($this->lefts($sage)[0], FILTER_SANITIZE_NUMBER_INT));
    }

    public function test_a_piece_that_is_spoiled_after_all_was_cut_comes_off_the_real_shelf(): void
    {
        $sage = $this->sage('342 in, 140 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $this->post("/plans/$plan->id/cut-sheet", ['all' => '1']);
        $left = $this->lefts($sage);
        $build = $this->onTheBench($plan->refresh());
        $piece = $build->version()->benchRolls()[0]->cuts[0]->id;
        $this->post("/builds/$build->id/wrong", [
            'trouble' => 'miscut', 'set' => ['wrong.piece' => $piece, 'wrong.length' => '19 in'], 'way' => 'here', 'version' => $build->version()->id,
        ])->assertSessionHas('said');
        $this->assertSame([19 * 4064], ShelfReservation::query()->pluck('amount')->all());
        $build->say(Mark::Done, $build->refresh()->version()->units);
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $total = fn (array $lefts): int => array_sum(array_map(fn (string $left): int => (int) filter_var($left, FILTER_SANITIZE_NUMBER_INT), $lefts));
        $this->assertSame($total($left) - 19, $total($this->lefts($sage)));
        $this->assertSame([0, null], [ShelfReservation::query()->count(), $plan->refresh()->ready_at]);
    }

    public function test_what_another_plan_holds_is_not_cut_into(): void
    {
        $sage = $this->sage('360 in, 140 in');
        $plan = $this->plan($sage, 'Barn door', '19 in');
        $build = $this->onTheBench($plan);
        $cuts = array_values(array_filter($build->version()->units, fn (string $key): bool => str_contains($key, '/cut.')));
        $build->say(Mark::Done, array_slice($cuts, 0, 11));
        $roll = collect($build->version()->benchRolls())->first(fn ($its): bool => count($its->cuts) > 7);
        $gave = count(array_filter($roll->cuts, fn ($cut): bool => in_array('1/cut.m1/'.substr($cut->id, 2), array_slice($cuts, 0, 11), true)));
        $url = "/builds/$build->id/wrong?".http_build_query(['trouble' => 'gave-out', 'set' => ['wrong.roll' => $roll->key, 'wrong.gave' => (string) $gave]]);
        $free = $this->get($url)->assertOk();
        // Another takes all that is free of it.
        $others = $this->plan($sage, 'Another', '19 in', 'ties 1 to 6');
        $this->ready($others);
        $held = $this->get($url)->assertOk();
        $this->assertGreaterThanOrEqual(
            count($this->find($held, '//button[@name="way"]')),
            count($this->find($free, '//button[@name="way"]')) + 3,
        );
        foreach ($sage->stock()->with('reservations')->get() as $stock) {
            $this->assertLessThanOrEqual($stock->amount, $stock->held());
        }
    }

    public function test_several_are_built_at_once_and_counted_apart(): void
    {
        $build = $this->onTheBench($this->hang(), ['pieces' => '3', 'together' => 'together', 'order' => 'element']);
        $this->get("/builds/$build->id/record")->assertSee('Work this way')->assertSee('each step on every piece');
        $this->get("/builds/$build->id")->assertSee('piece 1 of 3')->assertSee('of 174 in all');
        $this->post("/builds/$build->id/order", ['together' => 'piece', 'order' => 'step'])->assertRedirect();
        $this->assertSame(['1', '1', '1'], array_map(fn (string $key): string => $key[0], array_slice($build->refresh()->walk()->keys(), 17, 3)));
        $page = $this->get("/builds/$build->id/check")->assertOk()->assertSee('Piece 3 of 3');
        $this->assertNotSame([], $this->find($page, '//*[@id="look-3-ties"]'));
    }

    public function test_the_final_check_is_answered_and_what_fails_leads_to_what_helps(): void
    {
        $build = $this->onTheBench($this->hang());
        $this->post("/builds/$build->id/check", ['look' => '1/ties', 'answer' => 'not'])->assertRedirect("/builds/$build->id/check#look-1-ties");
        $this->get("/builds/$build->id/check")->assertSee('trouble=tie-missed')->assertSee('Count once more');
        $this->post("/builds/$build->id/check", ['look' => '1/ties', 'answer' => 'well']);
        $this->post("/builds/$build->id/check", ['look' => 'nothing', 'answer' => 'well']);
        $this->assertSame(['1/ties' => true], $build->refresh()->checked);
        $this->post("/builds/$build->id/check", ['look' => '1/ties', 'answer' => 'open']);
        $this->assertSame([], $build->refresh()->checked);
    }

    public function test_a_build_is_put_away_and_brought_back_with_all_that_was_ticked(): void
    {
        $build = $this->onTheBench($this->hang());
        $build->say(Mark::Done, [$build->version()->units[0]]);
        $this->delete("/builds/$build->id")->assertRedirect('/builds');
        $this->get("/builds/$build->id")->assertNotFound();
        $this->get('/plans');
        $put = $this->get('/builds')->assertSee('Nothing is on the bench')->assertSeeInOrder(['Put away', 'Band door, teal and gold, begun']);
        $this->assertNotSame([], $this->find($put, "//form[contains(@action, '/builds/$build->id/restore')]"));
        $this->post("/builds/$build->id/restore")->assertRedirect("/builds/$build->id");
        $this->get("/builds/$build->id")->assertOk()->assertSee('<title>Tie 2: ', false);
    }

    public function test_what_is_under_way_and_what_is_finished_are_listed_apart(): void
    {
        [$first, $second] = [$this->onTheBench($this->hang()), $this->onTheBench($this->hang('library-reading-week'))];
        $second->say(Mark::Done, $second->version()->units);
        $this->post("/builds/$second->id/finish", ['all_the_same' => '1']);
        $page = $this->get('/builds')->assertOk()->assertSeeInOrder(['Under way', 'Band door', 'next tie 1; about 40 min to go', 'Finished', 'Library reading week']);
        $this->assertNotSame([], $this->find($page, "//a[contains(@href, '/builds/$first->id')]"));
        $this->assertNotSame([], $this->find($page, "//a[contains(@href, '/builds/$second->id/record')]"));
        foreach (range(1, 61) as $more) {
            $copy = DB::table('builds')->insertGetId(array_diff_key($second->fresh()->getRawOriginal(), ['id' => 1]));
            DB::table('build_versions')->insert(['build_id' => $copy] + array_diff_key($second->version()->getRawOriginal(), ['id' => 1]));
        }
        $this->get('/builds')->assertSeeInOrder(['Under way', 'Band door', 'Finished']);
        DB::table('builds')->where('id', '>', $second->id)->delete();
        // A build that is opened again is under way.
        $this->post("/builds/$second->id/reopen")->assertRedirect("/builds/$second->id");
        $this->get('/builds')->assertDontSee('Finished');
    }

    public function test_the_record_tells_a_bow_and_the_stem_that_waits_for_it_together(): void
    {
        $build = $this->onTheBench($this->hang('library-storm-door'));
        $steps = array_column(BuildRecord::of($build)->steps, 'of', 'step');
        $this->assertSame([2, false], [$steps['bows'], isset($steps['bow'])]);
        $this->assertSame(count($build->walk()->units), array_sum($steps));
    }

    public function test_it_goes_on_by_its_own_plan_whatever_becomes_of_that_on_the_wall(): void
    {
        $plan = $this->hang();
        $build = $this->onTheBench($plan);
        $this->edit($plan, ['set' => ['parts.outer.length' => '14 in']]);
        $this->get("/builds/$build->id")->assertSee('one piece of 19 in');
        $this->delete("/plans/$plan->id");
        $this->get("/builds/$build->id")->assertOk();
        $this->get('/builds')->assertOk()->assertSee('Band door');
        $this->assertSame(app(PlanFile::class)->reopen($build->version()->documents[0])->name(), $plan->name);
    }

    /** @param  array<string, string>  $fields */
    private function onTheBench(SavedPlan $plan, array $fields = []): Build
    {
        $this->post("/plans/$plan->id/build", $fields + ['pieces' => '1'])->assertRedirect();

        return Build::query()->latest('id')->firstOrFail();
    }

    /** @param  list<array<string, mixed>>  $ticks */
    private function ticks(Build $build, array $ticks): TestResponse
    {
        return $this->postJson("/builds/$build->id/ticks", ['ticks' => $ticks, 'since' => 0]);
    }

    private function field(TestResponse $page, string $name): string
    {
        return $this->find($page, "//form[contains(@class, 'bench-bar')]//input[@name='$name']")[0]->getAttribute('value');
    }
}
