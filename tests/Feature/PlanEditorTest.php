<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use DOMElement;
use PHPUnit\Framework\Attributes\TestWith;

final class PlanEditorTest extends FeatureCase
{
    public function test_it_shows_the_recipe_the_form_the_rolls_and_the_figures_together(): void
    {
        $page = $this->get("/plans/{$this->hang()->id}")->assertOk();
        $this->assertSame(
            ['18', '18', '2', '378 in', 'about 23 in', 'usual', 'about 40 min', '$9.06'],
            $this->texts($page, "//*[contains(@class,'facts')]//summary/b"),
        );
        $this->assertSame('19 in', $this->blank($page, 'parts.inner.length')->getAttribute('value'));
        $this->assertCount(18, $this->find($page, "//*[@id='stage']//a[@data-tie-link]"));
        $this->assertSame(range(7, 18), array_map(intval(...), $this->texts($page, "//*[@id='rolls-teal']//*[@class='cut-number']")));
    }

    public function test_every_figure_opens_to_its_reason(): void
    {
        $page = $this->get("/plans/{$this->hang()->id}");
        $figures = $this->find($page, '//details');
        $this->assertGreaterThan(15, count($figures));
        foreach ($figures as $figure) {
            $this->assertNotSame('', trim($figure->getElementsByTagName('li')->item(0)->textContent ?? ''));
        }
        $this->assertContains('together $9.0625, shown $9.06', $this->texts($page, "//*[@id='fact-cost']//li"));
    }

    public function test_an_edit_is_saved_at_once_and_answered_with_everything_that_follows(): void
    {
        $plan = $this->hang();
        $page = $this->edit($plan, ['set' => ['parts.outer.length' => '18 1/2']])->assertOk();
        $this->assertSame('18 1/2 in', $this->blank($page, 'parts.outer.length')->getAttribute('value'));
        $this->assertContains('222 in used', $this->texts($page, "//*[@id='rolls-teal']//summary"));
        $this->assertStringNotContainsString('<html', (string) $page->getContent());
        $this->assertSame('18 1/2 in', $plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
    }

    public function test_without_script_an_edit_leads_back_to_the_page(): void
    {
        $plan = $this->hang();
        $this->edit(
            $plan,
            ['set' => ['parts.outer.length' => '18'], 'side' => 'back', 'tie' => '7'],
            live: false,
        )->assertRedirect("/plans/$plan->id?side=back&tie=7");
        $page = $this->get("/plans/$plan->id")->assertOk()->assertSee('<html', false);
        $this->assertSame('18 in', $this->blank($page, 'parts.outer.length')->getAttribute('value'));
    }

    public function test_a_warning_stands_under_its_sentence_and_a_remedy_is_one_click(): void
    {
        $plan = $this->hang('garden-club-bee-stall');
        $page = $this->get("/plans/$plan->id");
        $remedy = $this->find($page, "//*[@id='line-parts-l1']//form[.//button[contains(., 'Cut 23 1/2 in each')]]")[0];
        $this->assertStringContainsString('uses 352 1/2 in, leaves 7 1/2 in', $remedy->textContent);
        $fields = [];
        foreach ($remedy->getElementsByTagName('input') as $input) {
            $fields[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        parse_str(http_build_query($fields), $sent);
        $after = $this->post($remedy->getAttribute('action'), $sent, ['HX-Request' => 'true'])->assertOk();
        $this->assertSame([], $this->find($after, "//*[@class='advice']"));
        $this->assertContains('352 1/2 in used', $this->texts($after, "//*[@id='rolls-m1']//summary"));
    }

    public function test_undo_and_redo_go_through_the_whole_history(): void
    {
        $plan = $this->hang();
        foreach (['18 in', '17 in', '16 in'] as $length) {
            $this->edit($plan, ['set' => ['parts.outer.length' => $length]]);
        }
        $this->assertSame(['17 in', '18 in', '19 in', '19 in'], array_map(fn (): string => $this->step($plan, 'undo'), range(1, 4)));
        $this->assertSame(['18 in', '17 in', '16 in', '16 in'], array_map(fn (): string => $this->step($plan, 'redo'), range(1, 4)));
    }

    public function test_an_edit_after_undo_begins_a_new_history_from_there(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['parts.outer.length' => '18 in']]);
        $this->step($plan, 'undo');
        $this->edit($plan, ['set' => ['parts.outer.length' => '12 in']]);
        $this->assertSame('12 in', $this->step($plan, 'redo'));
        $this->assertSame('19 in', $this->step($plan, 'undo'));
    }

    public function test_undo_says_what_it_takes_back(): void
    {
        $plan = $this->hang();
        $page = $this->get("/plans/$plan->id");
        $this->assertTrue($this->find($page, '//button[@data-undo]')[0]->hasAttribute('disabled'));
        $page = $this->edit($plan, ['set' => ['form.crossbars' => '5']]);
        $this->assertSame(
            'undo: the number of crossbars, and so of sections: 6, now 5',
            $this->find($page, '//button[@data-undo]')[0]->getAttribute('title'),
        );
    }

    public function test_an_edit_that_changes_nothing_makes_no_history(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['parts.outer.length' => '19']])->assertOk();
        $this->assertNull($plan->fresh()->previous());
    }

    public function test_a_refused_edit_keeps_what_was_typed_and_the_plan_as_it_was(): void
    {
        $plan = $this->hang();
        $before = $plan->revision->document;
        $page = $this->edit($plan, ['set' => ['parts.outer.length' => '400 in', 'parts.outer.on' => 'row 1']])->assertStatus(422);
        $blank = $this->blank($page, 'parts.outer.length');
        $this->assertSame(
            ['400 in', '19 in', 'true'],
            [$blank->getAttribute('value'), $blank->getAttribute('data-shown'), $blank->getAttribute('aria-invalid')],
        );
        $this->assertSame('row 1', $this->find($page, "//select[@id='blank-parts-outer-on']/option[@selected]")[0]->getAttribute('value'));
        $this->assertSame(
            ['A piece takes 400 in, and a roll of Teal stripe mesh has 360 in. Write less, or use longer rolls. The plan is as it was.'],
            $this->texts($page, "//*[@id='line-parts-outer']//*[@role='alert']"),
        );
        $this->assertSame($before, $plan->fresh()->revision->document);
    }

    public function test_without_script_a_refusal_is_a_whole_page_with_what_was_typed(): void
    {
        $page = $this->edit(
            $this->hang(),
            ['set' => ['form.crossbars' => 'six']],
            live: false,
        )->assertStatus(422)->assertSee('<html', false);
        $this->assertSame('six', $this->blank($page, 'form.crossbars')->getAttribute('value'));
    }

    public function test_what_was_typed_is_shown_as_text_never_as_markup(): void
    {
        $page = $this->edit($this->hang(), ['set' => ['plan.name' => '<b>Door</b> & "co"']])->assertOk();
        $page->assertDontSee('<b>Door</b>', false);
        $this->assertSame('<b>Door</b> & "co"', $this->blank($page, 'plan.name')->getAttribute('value'));
    }

    public function test_a_stale_tab_is_told_and_loses_nothing(): void
    {
        $plan = $this->hang();
        $seen = $plan->revision_id;
        $this->edit($plan, ['set' => ['parts.inner.length' => '12 in']]);
        $page = $this->post(
            "/plans/$plan->id/edits",
            ['revision' => $seen, 'set' => ['parts.outer.length' => '17 in']],
            ['HX-Request' => 'true'],
        )->assertStatus(409);
        $this->assertStringContainsString('changed in another window', $this->texts($page, "//*[@role='alert']")[0]);
        $this->assertSame('17 in', $this->blank($page, 'parts.outer.length')->getAttribute('value'));
        $this->assertSame('12 in', $this->blank($page, 'parts.inner.length')->getAttribute('value'));
        $this->assertSame('19 in', $plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
        $revision = $this->find($page, "//input[@name='revision']")[0]->getAttribute('value');
        $this->post(
            "/plans/$plan->id/edits",
            ['revision' => $revision, 'set' => ['parts.outer.length' => '17 in']],
            ['HX-Request' => 'true'],
        )->assertOk();
        $this->assertSame('17 in', $plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
    }

    public function test_an_expired_session_keeps_what_was_typed_and_gives_a_new_token(): void
    {
        $plan = $this->hang();
        $this->app['env'] = 'production';
        $page = $this->edit($plan, ['_token' => 'old', 'set' => ['parts.outer.length' => '17 in']])->assertStatus(419);
        $this->assertStringContainsString('press Enter in it to save it', $this->texts($page, "//*[@role='alert']")[0]);
        $this->assertSame('17 in', $this->blank($page, 'parts.outer.length')->getAttribute('value'));
        $token = $this->find($page, "//input[@name='_token']")[0]->getAttribute('value');
        $this->edit($plan, ['_token' => $token, 'set' => ['parts.outer.length' => '17 in']])->assertOk();
    }

    #[TestWith([['set' => 'length']])]
    #[TestWith([['do' => 'burn-layer']])]
    #[TestWith([[]])]
    #[TestWith([['revision' => 'latest', 'set' => ['plan.name' => 'x']]])]
    #[TestWith([['set' => ['plan.name' => [[['x']]]]]])]
    #[TestWith([['do' => 'remove-part', 'id' => 'nobody']])]
    #[TestWith([['set' => ['parts.nobody.length' => '9 in']]])]
    public function test_a_request_no_page_sends_is_refused_without_harm(array $fields): void
    {
        $plan = $this->hang();
        $before = $plan->revision->document;
        $response = $this->edit($plan, $fields)->assertStatus(422);
        $this->assertNotSame('', $this->texts($response, "//*[@role='alert']")[0]);
        $this->assertSame($before, $plan->fresh()->revision->document);
    }

    public function test_layers_and_meshes_are_added_moved_and_taken_away(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['do' => 'add-mesh']);
        $page = $this->edit($plan, ['do' => 'add-part']);
        $this->assertCount(3, $this->find($page, "//section[starts-with(@id,'line-parts-')]"));
        $this->edit($plan, ['do' => 'part-earlier', 'id' => 'l1']);
        $page = $this->edit($plan, ['do' => 'remove-part', 'id' => 'inner']);
        $this->assertSame(
            ['line-parts-l1', 'line-parts-outer'],
            array_map(
                fn (DOMElement $line): string => $line->getAttribute('id'),
                $this->find($page, "//section[starts-with(@id,'line-parts-')]"),
            ),
        );
        $this->edit($plan, ['do' => 'remove-material', 'id' => 'gold'])->assertOk();
        $this->assertCount(2, $plan->fresh()->plan()->wound());
    }

    public function test_a_lit_tie_shows_what_hangs_on_it_on_the_form_and_on_the_rolls(): void
    {
        $page = $this->get("/plans/{$this->hang('library-reading-week')->id}?tie=20");
        $this->assertSame(
            ['poofs 19 and 20 of Dusk blue mesh', 'here the run changes rolls'],
            $this->texts($page, "//*[@class='tie-card']//li"),
        );
        $this->assertCount(2, $this->find($page, "//*[@id='rolls']//*[contains(@class,'at-tie')]"));
        $this->assertCount(2, $this->find($page, "//*[@id='stage']//*[contains(@class,'at-tie')]"));
    }

    #[TestWith(['tie=99999999999999999999'])]
    #[TestWith(['tie=-3'])]
    #[TestWith(['side=below'])]
    #[TestWith(['side[]=front&tie[]=1&mesh[]=off'])]
    public function test_a_view_there_is_not_is_the_usual_view(string $query): void
    {
        $page = $this->get("/plans/{$this->hang()->id}?$query")->assertOk();
        $this->assertSame(['front', 'mesh'], $this->texts($page, "//*[@class='views']//a[@aria-current]"));
    }

    public function test_an_empty_plan_says_what_to_do_next(): void
    {
        $plan = $this->hang('garden-club-bee-stall');
        $page = $this->edit($plan, ['do' => 'remove-part', 'id' => 'l1'])->assertSee('The ring is prepped. Put some mesh on it.');
        $this->assertContains('0', $this->texts($page, "//*[contains(@class,'facts')]//summary/b"));
    }

    public function test_a_plan_that_is_not_there_says_so(): void
    {
        foreach (['/plans/7', '/plans/x', '/plans/99999999999999999999999'] as $path) {
            $this->get($path)->assertNotFound()->assertSee('There is no such plan here');
        }
    }

    public function test_nothing_on_the_page_is_inline_and_nothing_comes_from_elsewhere(): void
    {
        $page = $this->get("/plans/{$this->hang()->id}");
        $policy = (string) $page->headers->get('Content-Security-Policy');
        $this->assertStringNotContainsString('unsafe', $policy);
        $this->assertStringContainsString("default-src 'none'", $policy);
        $this->assertSame([], $this->find($page, "//@style/.. | //style | //script[not(@src)] | //@*[starts-with(name(), 'on')]/.."));
        foreach ($this->find($page, '//@src/.. | //@href/..') as $node) {
            $this->assertMatchesRegularExpression(
                '~^(http://(127\.0\.0\.1|localhost)|/|#)~',
                $node->getAttribute('src').$node->getAttribute('href'),
            );
        }
    }

    #[TestWith(['/plans'])]
    #[TestWith(['/forms'])]
    #[TestWith(['/plans/77'])]
    #[TestWith(['/nowhere/at/all'])]
    public function test_every_answer_carries_the_policy_the_refusals_too(string $path): void
    {
        $this->assertStringContainsString("default-src 'none'", (string) $this->get($path)->headers->get('Content-Security-Policy'));
    }

    private function step(SavedPlan $plan, string $way): string
    {
        $page = $this->post("/plans/$plan->id/$way", ['revision' => $plan->fresh()->revision_id], ['HX-Request' => 'true'])->assertOk();

        return $this->blank($page, 'parts.outer.length')->getAttribute('value');
    }

    public function test_the_last_ties_can_go_where_nothing_stands_on_them_and_come_back(): void
    {
        $plan = $this->hang('band-leaders-hat');
        $this->edit($plan, ['do' => 'remove-ties', 'id' => 't1'])->assertStatus(422)->assertSee('A layer stands on these ties.');
        foreach (array_column($plan->fresh()->plan()->parts, 'id') as $part) {
            if ($plan->fresh()->plan()->part($part)->on->group !== null) {
                $this->edit($plan, ['do' => 'remove-part', 'id' => $part])->assertOk();
            }
        }
        foreach (array_column($plan->fresh()->plan()->ties->groups, 'id') as $ties) {
            $page = $this->edit($plan, ['do' => 'remove-ties', 'id' => $ties])->assertOk();
        }
        $this->assertSame([0, 1], [$plan->fresh()->plan()->ties->count(), count($plan->fresh()->plan()->parts)]);
        $this->assertStringNotContainsString('tie 0', $page->getContent());
        $this->get("/plans/$plan->id")->assertOk()->assertDontSee('tie 0');
        $this->get("/plans/$plan->id/cut-sheet")->assertOk()->assertDontSee('tie 0');
        $this->edit($plan, ['do' => 'add-part'])->assertStatus(422)->assertSee('the form has none');
        $this->edit($plan, ['do' => 'add-ties'])->assertOk();
        $this->assertGreaterThan(0, $plan->fresh()->plan()->ties->count());
        $this->edit($plan, ['do' => 'add-part'])->assertOk();
    }
}
