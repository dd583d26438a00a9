<?php

namespace Tests\Feature;

use App\Exceptions\StalePlan;
use App\Models\PlanRevision;
use App\Models\SavedPlan;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Edit\FillBlanks;

/** A saved plan and its history, as the rows hold it. */
final class HistoryTest extends FeatureCase
{
    public function test_every_change_is_a_step_with_the_whole_document_and_what_was_done(): void
    {
        $plan = $this->hang();
        $this->lengthen($plan, '18 in');
        $this->lengthen($plan, '17 in');
        $steps = PlanRevision::query()->orderBy('id')->get();
        $this->assertSame(
            ['begun', 'the length of a piece: 19 in, now 18 in', 'the length of a piece: 18 in, now 17 in'],
            $steps->pluck('words')->all(),
        );
        $this->assertStringContainsString('"length": "18 in"', $steps[1]->document);
        $this->assertSame($steps[2]->id, $plan->fresh()->revision_id);
    }

    public function test_undo_moves_along_the_history_and_deletes_nothing(): void
    {
        $plan = $this->hang();
        $this->lengthen($plan, '18 in');
        $plan->undo($plan->revision_id);
        $this->assertSame(
            [2, '19 in', 'the length of a piece: 19 in, now 18 in'],
            [$plan->revisions()->count(), $this->length($plan), $plan->following()?->words],
        );
        $plan->undo($plan->revision_id);
        $this->assertSame('19 in', $this->length($plan));
    }

    public function test_an_edit_after_an_undo_goes_on_from_there_and_what_was_undone_stays_in_the_history(): void
    {
        $plan = $this->hang();
        $this->lengthen($plan, '18 in');
        $undone = $plan->revision_id;
        $plan->undo($plan->revision_id);
        $this->lengthen($plan, '19 in');
        $this->assertNotNull($plan->following(), 'that changed nothing');
        $this->lengthen($plan, '16 in');
        $this->assertNull($plan->following());
        $this->assertSame(3, $plan->revisions()->count());
        $plan->undo($plan->revision_id);
        $this->assertSame('19 in', $this->length($plan));
        $plan->redo($plan->revision_id);
        $this->assertSame('16 in', $this->length($plan), 'redo goes on to what was done last');

        $page = $this->get("/plans/$plan->id/history")->assertOk();
        $this->assertSame(['as the plan is now', 'undone'], $this->texts($page, "//*[@class='mark']"));
        $this->assertCount(3, $this->find($page, '//li//img'));
        $this->post("/plans/$plan->id/history/$undone", ['revision' => $plan->revision_id])->assertRedirect("/plans/$plan->id");
        $now = $plan->fresh();
        $this->assertSame(['18 in', 4], [$this->length($now), $now->revisions()->count()]);
        $now->undo($now->revision_id);
        $this->assertSame('16 in', $this->length($now), 'bringing back is a step that is undone as any other');
    }

    public function test_an_earlier_step_is_not_brought_back_by_a_stale_page_nor_into_a_plan_that_holds_stock_nor_from_another_plan(): void
    {
        [$plan, $other] = [$this->hang(), $this->hang()];
        $first = $plan->revision_id;
        $this->lengthen($plan, '18 in');
        $now = $plan->revision_id;
        $bring = fn (SavedPlan $into) => $this->from("/plans/$into->id/history")
            ->post("/plans/$into->id/history/$first", ['revision' => $into->id === $plan->id ? $first : $into->revision_id]);
        $bring($plan)->assertRedirect("/plans/$plan->id/history")->assertSessionHas('refused');
        $bring($other)->assertNotFound();
        $plan->update(['ready_at' => now()]);
        $this->get("/plans/$plan->id/history")->assertSee('Unreserve that first')->assertDontSee('Bring it back');
        $this->post("/plans/$plan->id/history/$first", ['revision' => $now])->assertSessionHas('refused');
        $this->assertSame($now, $plan->fresh()->revision_id);
    }

    public function test_an_id_of_a_step_is_never_used_twice_so_that_a_stale_page_is_always_known(): void
    {
        $plan = $this->hang();
        $this->lengthen($plan, '18 in');
        $seen = $plan->revision_id;
        $plan->undo($plan->revision_id);
        $this->lengthen($plan, '16 in');
        $this->assertGreaterThan($seen, $plan->revision_id);
        $this->expectException(StalePlan::class);
        $plan->edit(new FillBlanks(['parts.outer.length' => '15 in']), $seen);
    }

    public function test_the_name_in_the_list_follows_the_plan_through_undo(): void
    {
        $plan = $this->hang();
        $plan->edit(new FillBlanks(['plan.name' => 'Side door']), $plan->revision_id);
        $this->assertSame('Side door', $plan->fresh()->name);
        $plan->undo($plan->revision_id);
        $this->assertSame('Band door, teal and gold', $plan->fresh()->name);
    }

    public function test_a_refused_edit_makes_no_step(): void
    {
        $plan = $this->hang();
        try {
            $this->lengthen($plan, '999 yd');
            $this->fail('It was taken.');
        } catch (BlankRefused) {
            $this->assertSame([1, '19 in'], [$plan->revisions()->count(), $this->length($plan->fresh())]);
        }
    }

    public function test_two_plans_keep_their_histories_apart(): void
    {
        [$one, $other] = [$this->hang(), $this->hang()];
        $this->lengthen($one, '18 in');
        $this->lengthen($other, '17 in');
        $one->undo($one->revision_id);
        $this->assertSame(['19 in', '17 in'], [$this->length($one->fresh()), $this->length($other->fresh())]);
    }

    public function test_a_long_history_goes_all_the_way_back(): void
    {
        $plan = $this->hang();
        foreach (range(1, 40) as $step) {
            $this->lengthen($plan, $step % 2 === 1 ? '18 in' : '17 in');
        }
        for ($undone = 0; $plan->previous() !== null; $undone++) {
            $plan->undo($plan->revision_id);
        }
        $this->assertSame([40, '19 in'], [$undone, $this->length($plan)]);
    }

    private function lengthen(SavedPlan $plan, string $length): void
    {
        $plan->edit(new FillBlanks(['parts.outer.length' => $length]), $plan->revision_id);
    }

    private function length(SavedPlan $plan): string
    {
        return $plan->plan()->parts[1]->on->slip->write()['length'];
    }

    public function test_steps_from_before_materials_and_parts_open_and_undo_reaches_back_to_them(): void
    {
        $plan = $this->hang();
        $old = fn (string $length): string => (string) json_encode(
            [
                'format' => 'davrin-plan',
                'version' => 1,
                'name' => 'Old',
                'meshes' => [['id' => 'm1', 'name' => 'Teal mesh']],
                'layers' => [['id' => 'inner', 'length' => '12 in'], ['id' => 'outer', 'length' => $length]],
                'stems' => ['pack' => 50, 'price' => '2.00'],
            ],
        );
        PlanRevision::query()->update(['document' => $old('15 in')]);
        $plan->update(['revision_id' => $plan->revisions()->create([
            'document' => $old('16 in'), 'words' => 'an old step', 'before_id' => $plan->revision_id,
        ])->id]);
        $this->get("/plans/$plan->id")->assertOk()->assertSee('16 in');
        $this->lengthen($plan->fresh(), '17 in');
        $now = $plan->fresh();
        $this->assertSame(
            [2, '17 in', 50],
            [
                json_decode($now->revision->document)->version,
                $this->length($now),
                $now->plan()->materials->all['stems']->slip->count('pack'),
            ],
        );
        foreach (['16 in', '15 in'] as $length) {
            $now->undo($now->revision_id);
            $this->assertSame($length, $this->length($now));
        }
        $now->redo($now->revision_id);
        $this->assertSame('16 in', $this->length($now));
        $this->get('/plans')->assertOk()->assertSee('Old');
        $this->assertSame('old · wire ring · ruffle · teal mesh', $now->fresh()->words);
    }
}
