<?php

namespace Tests\Feature;

use App\Models\SavedPlan;

final class TogetherTest extends FeatureCase
{
    public function test_an_empty_wall_and_no_choice_say_what_to_do(): void
    {
        $this->get('/together')->assertOk()->assertSee('Nothing hangs on the wall yet')->assertSee('Say beside a plan or two');
    }

    public function test_copies_are_cut_together_and_compared_with_each_alone(): void
    {
        $plan = $this->hang();
        $page = $this->get("/together?copies[$plan->id]=2")->assertOk();
        $this->assertSame(
            ['Gold mesh, 10 in', 'Teal stripe mesh, 10 in'],
            collect($this->texts($page, "//section[contains(@class,'sheet-roll')]/h2"))->sort()->values()->all(),
        );
        $this->assertCount(2, $this->find($page, "//section/h2/*[name()='svg'][@class='swatch']"));
        $this->assertCount(
            1,
            array_filter(
                $this->texts($page, '//section/p'),
                fn (string $text): bool => str_contains(
                    $text,
                    '1 full roll together, $7.25 to buy; each from new rolls of its own 2, $14.50',
                ),
            ),
        );
        $this->assertContains('Band door, teal and gold, no. 2', $this->texts($page, '//details//li/b'));
        $this->assertContains('Band door, teal and gold, no. 2: 6 x 19 in, ties 1, 2, 3, 4, 5, 6', $this->texts($page, '//details//li'));
        preg_match_all('/(\d+) x 19 in/', implode(' ', $this->texts($page, '//details//li')), $counts);
        $this->assertSame(36, array_sum($counts[1]));
    }

    public function test_nonsense_and_too_much_are_answered_with_a_sentence(): void
    {
        $plan = $this->hang('pavilion-six-layers');
        $this->get('/together?copies=x')->assertOk();
        $this->get("/together?copies[$plan->id]=many&copies[77]=3")->assertOk()->assertSee('Say beside a plan or two');
        $this->get("/together?copies[$plan->id]=40")->assertOk()->assertSee('up to 4000 are cut together');
    }

    public function test_what_is_short_for_all_is_named_with_whose_it_is(): void
    {
        $plan = $this->hang('garden-club-bee-stall');
        $page = $this->get("/together?copies[$plan->id]=2")->assertOk();
        $short = $this->texts($page, "//p[@class='refused']")[0];
        $this->assertStringStartsWith('15 short: Garden club bee stall, no. 2: ruffle at tie', $short);
        $this->assertStringEndsWith('and more.', $short);
        $this->assertStringContainsString('1 full roll together', $this->texts($page, '//section/p')[0]);
    }

    public function test_a_bare_plan_cuts_nothing(): void
    {
        $this->post('/plans', ['starter' => 'bare']);
        $this->get('/together?copies[1]=2')->assertOk()->assertSee('cut no mesh yet');
    }

    public function test_of_very_many_plans_those_looked_for_are_shown_and_those_chosen_stay(): void
    {
        foreach (range(1, 33) as $number) {
            $this->hang();
        }
        $reading = $this->hang('library-reading-week');
        $first = SavedPlan::query()->min('id');
        $page = $this->get("/together?copies[$first]=2")->assertOk()->assertSee('And 3 plans more: find them by name.');
        $this->assertSame("copies[$first]", $this->find($page, "//input[@type='number']")[0]->getAttribute('name'));
        $page = $this->get("/together?copies[$first]=2&q=reading");
        $this->assertSame(["copies[$first]", "copies[$reading->id]"], array_map(fn ($input): string => $input->getAttribute('name'), $this->find($page, "//input[@type='number']")));
        $this->get('/together?q=elephant')->assertSee('No plan bears "elephant".');
        $this->get("/plans/$reading->id");
        $this->assertCount(1, $this->find($this->get('/together'), "//ul[@id='plans-to-cut']//img"));
    }
}
