<?php

namespace Tests\Feature;

use App\Models\CutBatch;
use App\Models\SavedPlan;

/** One cut sheet for several plans, worked off like that of one. */
final class CutBatchTest extends FeatureCase
{
    use HasSage;

    public function test_one_sheet_says_of_each_cut_whose_it_is(): void
    {
        $plan = $this->hang();
        $page = $this->begun([[$plan, 2]])->assertSee('Cut away from the hand');
        $this->assertSame(
            "/plans/$plan->id",
            $this->find($page, "//h1/following-sibling::span/a[contains(., ' x 2')]")[0]->getAttribute('href'),
        );
        $this->assertContains(
            'Band door, teal and gold, no. 2',
            array_map(fn (string $for): string => str_replace('for ', '', $for), $this->texts($page, "//*[@class='whose']")),
        );
        $this->assertCount(36, $this->find($page, '//input[@data-tick]'));
        $this->assertSame('Band door, teal and gold x 2', CutBatch::query()->sole()->name);
    }

    public function test_its_ticks_are_kept_and_counted_where_it_waits(): void
    {
        $this->begun([[$this->hang(), 2]]);
        $this->post('/together/1/ticks', ['cut' => 'mesh0-1-0', 'done' => '1'], ['HX-Request' => 'true'])->assertNoContent();
        $this->post(
            '/together/1/ticks',
            ['cut' => 'mesh0-1-1', 'done' => '1', 'order' => 'longest'],
        )->assertRedirect('/together/1?order=longest');
        $this->post('/together/1/ticks', ['cut' => 'mesh7-1-1', 'done' => '1']);
        $this->post('/together/1/ticks', ['cut' => 'mesh0-1-0']);
        $this->assertCount(1, $this->find($this->get('/together/1'), '//main//input[@checked]'));
        $this->get('/together')->assertSee('1 cut ticked');
    }

    public function test_it_is_printed_on_letter_and_a4(): void
    {
        $this->begun([[$this->hang('barn-wedding-part-rolls'), 2], [$this->hang('fair-gate-three-strands'), 1]]);
        $this->assertStringStartsWith(
            '%PDF-',
            (string) $this->get('/together/1.pdf?order=longest')->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent(),
        );
        $this->assertStringContainsString('595.276000 841.890000', (string) $this->get('/together/1.pdf?paper=a4')->getContent());
    }

    public function test_worked_off_it_moves_what_all_its_plans_take_and_undone_all_of_it_back(): void
    {
        $sage = $this->sage('10 yd, 131 in');
        [$first, $second] = [
            $this->plan($sage, 'First', '19 in', 'ties 1, 2, 3, 4, 5, 6'),
            $this->plan($sage, 'Second', '14 in', 'ties 1, 2'),
        ];
        $this->ready($first);
        // 228 in for twice the first, 28 in for the other: all from the roll and what is begun of it, which holds 6 of 19 in.
        $this->begun([[$first, 2], [$second, 1]]);
        $this->post('/together/1', ['all' => 1])->assertRedirect('/together/1')->assertSessionHas('said');
        $this->assertSame(360 + 131 - 228 - 28, array_sum(array_map(intval(...), $this->lefts($sage))) + $this->wasted($sage));
        $this->assertSame([0, null], [$first->reservations()->count(), $first->fresh()->ready_at]);
        $this->get("/shelf/$sage->id")->assertSee('cut for');
        $this->from('/together/1')->post('/together/1', ['all' => 1])->assertSessionHas(
            'refused',
            'All of it is cut already. Undo that first, where it was not so.',
        );
        $movement = $sage->stock()->firstOrFail()->movements()->where('kind', 'cut')->latest('id')->first();
        $this->post("/movements/$movement->id/undo")->assertSessionHas('said');
        $this->assertSame(['360 in', '131 in'], $this->lefts($sage));
        $this->assertNull(CutBatch::query()->sole()->cut_at);
        $this->assertSame([114 * 4064, true], [$sage->stock()->firstOrFail()->held(), $first->fresh()->isReady()], 'it holds its own again');
        $this->from('/together/1')->delete('/together/1/cuts')->assertSessionHas('refused');
    }

    public function test_what_another_plan_holds_is_not_cut(): void
    {
        $sage = $this->sage('10 yd');
        [$mine, $other] = [$this->plan($sage, 'Mine', '19 in', 'row 1'), $this->plan($sage, 'Other', '19 in')];
        $this->begun([[$mine, 1]]);
        $this->ready($other);
        $this->from('/together/1')->post('/together/1', ['all' => 1])->assertSessionHas(
            'refused',
            '18 in of Sage mesh is free. "Other" holds the rest. Plan it again from what is free.',
        );
        $this->assertSame(['360 in'], $this->lefts($sage));
        $this->assertNotNull($other->fresh()->ready_at);
    }

    public function test_it_stays_as_it_was_begun_and_says_which_plans_have_changed(): void
    {
        $plan = $this->plan($this->sage('10 yd'), 'First', '19 in');
        $this->begun([[$plan, 1]])->assertDontSee('not as cut here');
        $this->edit($plan, ['set' => ['parts.l1.length' => '17 in']])->assertOk();
        $page = $this->get('/together/1')->assertSee('First is not as cut here any more');
        $this->assertSame(
            ['18 x 19 in'],
            array_map(fn (string $text): string => explode(' for', $text)[0], $this->texts($page, "//*[@class='alike']/b")),
        );
        $this->assertSame(
            ["http://127.0.0.1/together?copies%5B$plan->id%5D=1"],
            array_unique(
                array_map(fn ($link): string => $link->getAttribute('href'), $this->find($page, "//a[contains(., 'on the rolls')]")),
            ),
        );
    }

    public function test_where_there_is_not_mesh_enough_it_is_not_cut(): void
    {
        $this->begun([[$this->hang('garden-club-bee-stall'), 2]])->assertSee('There is not mesh enough for all of these')->assertDontSee('All of it is cut: take it off the shelf');
        $this->from('/together/1')->post('/together/1', ['all' => 1])->assertSessionHas(
            'refused',
            'There is not mesh enough for all of these, so they cannot be cut off. Take fewer copies, or take more mesh into their plans.',
        );
    }

    public function test_it_is_put_away_and_brought_back(): void
    {
        $this->begun([[$this->hang(), 1]]);
        $this->followingRedirects()->delete('/together/1')->assertSee('is put away')->assertSee('Bring it back')->assertDontSee('Being cut');
        $this->get('/together/1')->assertNotFound();
        $this->post('/together/1/restore')->assertRedirect('/together/1');
        $this->get('/together/1')->assertOk();
    }

    public function test_nothing_chosen_or_too_much_begins_nothing(): void
    {
        $plan = $this->hang('pavilion-six-layers');
        $this->post('/together')->assertRedirect('/together')->assertSessionHas(
            'said',
            'Choose a plan or two first: say how many of each are made.',
        );
        $this->from('/together')->post('/together', ['copies' => [$plan->id => 40]])->assertSessionHas('refused');
        $this->assertSame(0, CutBatch::query()->count());
    }

    /** @param  list<array{SavedPlan, int}>  $copies */
    private function begun(array $copies): \Illuminate\Testing\TestResponse
    {
        $asked = array_combine(array_map(fn (array $share): int => $share[0]->id, $copies), array_column($copies, 1));
        $this->post('/together', ['copies' => $asked])->assertRedirect('/together/1');

        return $this->get('/together/1')->assertOk();
    }

    /** Inches of ends that were too short to keep. */
    private function wasted(\App\Models\ShelfItem $item): int
    {
        return intdiv(
            -(int) $item->stock()->get()->flatMap(fn ($stock) => $stock->movements()->where('kind', 'gone')->get())->sum('amount'),
            4064,
        );
    }
}
