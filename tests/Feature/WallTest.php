<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Database\Seeders\DemoSeeder;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Part\Part;
use Davrin\Core\PlanFile\PlanFile;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\NastyPlans;

final class WallTest extends FeatureCase
{
    public function test_the_front_door_leads_to_the_wall(): void
    {
        $this->get('/')->assertRedirect('/plans');
    }

    public function test_the_demo_hangs_a_plan_on_each_kind_of_form_and_one_that_uses_every_inch(): void
    {
        $this->seed(DemoSeeder::class);
        $page = $this->get('/plans')->assertOk();
        $this->assertSame(
            ['Barn wedding, part rolls', 'Kite festival, three in turn', 'Garden club, from scraps'],
            array_slice($this->texts($page, '//article//h2'), 0, 3),
        );
        $kinds = SavedPlan::with('revision')->get()->map(fn (SavedPlan $plan): string => $plan->plan()->formKind->key())->unique();
        $this->assertEqualsCanonicalizing(array_keys(Craft::standard()->forms), $kinds->all());
        $this->assertSame(['uses every inch, at risk', 'uses every inch, at risk'], $this->texts($page, "//*[contains(@class,'verdict')]"));
        $techniques = SavedPlan::with('revision')->get()->flatMap(
            fn (SavedPlan $plan): array => array_map(fn (Part $layer): string => $layer->kind->key(), $plan->plan()->parts),
        )->unique();
        $this->assertEqualsCanonicalizing(array_keys(Craft::standard()->parts), $techniques->all());
    }

    public function test_each_plan_hangs_with_its_drawn_form_and_headline_figures(): void
    {
        $this->hang();
        $page = $this->get('/plans');
        $this->assertSame(
            ['18 ties · 18 ruffles · 2 rolls opened, 378 in left · about 23 in across · $9.06'],
            $this->texts($page, "//article//p[contains(@class,'mt-1')]"),
        );
        $this->assertCount(18, $this->find($page, "//article//svg/g[@class='elements']/use"));
        $this->assertStringContainsString(
            '18 ties, 6 ruffles, 12 ruffles',
            $this->find($page, '//article//svg')[0]->getAttribute('aria-label'),
        );
    }

    public function test_an_empty_wall_says_how_to_begin(): void
    {
        $this->get('/plans')->assertOk()->assertSee('Nothing hangs here yet')->assertSee('Ruffles on a ring');
    }

    #[TestWith(['ruffles', 'New ruffle wreath', 18])]
    #[TestWith(['poofs', 'New poof wreath', 24])]
    #[TestWith(['square', 'New square', 24])]
    #[TestWith(['stick', 'New swag', 20])]
    #[TestWith(['bare', 'New wreath', 0])]
    #[TestWith(['nonsense', 'New ruffle wreath', 18])]
    public function test_a_new_plan_begins_from_a_worked_example(string $starter, string $name, int $elements): void
    {
        $this->post('/plans', ['starter' => $starter])->assertRedirect('/plans/1');
        $page = $this->get('/plans/1')->assertOk();
        $this->assertSame($name, $this->blank($page, 'plan.name')->getAttribute('value'));
        $this->assertSame((string) $elements, $this->texts($page, "//*[@id='fact-elements']/summary/b")[0]);
        $this->assertSame([], $this->texts($page, "//*[contains(@class, 'advice')]"));
    }

    public function test_a_copy_is_a_plan_of_its_own(): void
    {
        $plan = $this->hang();
        $this->post("/plans/$plan->id/copy")->assertRedirect('/plans/2');
        $this->get('/plans/2')->assertSee('This is a copy of');
        $this->edit(SavedPlan::findOrFail(2), ['set' => ['parts.outer.length' => '12 in']]);
        $this->assertSame('Band door, teal and gold, copy', SavedPlan::findOrFail(2)->name);
        $this->assertSame('19 in', $plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
    }

    public function test_a_copy_of_a_plan_with_the_longest_name_still_has_a_name_of_its_own(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['plan.name' => str_repeat('ü', 80)]]);
        $this->post("/plans/$plan->id/copy");
        $this->assertSame(str_repeat('ü', 73).', copy', SavedPlan::findOrFail(2)->name);
    }

    public function test_a_plan_is_renamed_in_its_heading(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['plan.name' => '  Barn   wedding ']]);
        $this->assertSame(['Barn wedding'], $this->texts($this->get('/plans'), '//article//h2'));
    }

    public function test_a_plan_that_is_taken_down_can_be_hung_up_again_with_all_its_history(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['parts.outer.length' => '12 in']]);
        $page = $this->followingRedirects()->delete("/plans/$plan->id")->assertSee('is put away');
        $this->assertSame([], $this->find($page, '//article'));
        $this->get("/plans/$plan->id")->assertNotFound();
        $this->followingRedirects()->post("/plans/$plan->id/restore")->assertSee('hangs on the wall again');
        $this->assertNotNull($plan->fresh()->previous());
    }

    public function test_long_ago_taken_down_plans_are_still_at_the_foot_of_the_wall(): void
    {
        $plan = $this->hang();
        $plan->delete();
        $page = $this->get('/plans')->assertSee('Taken down');
        $this->assertCount(1, $this->find($page, "//form[contains(@action, '/plans/$plan->id/restore')]"));
    }

    public function test_what_was_changed_last_hangs_first(): void
    {
        [$first, $second] = [$this->hang(), $this->hang('library-reading-week')];
        $this->travel(5)->minutes();
        $this->edit($first, ['set' => ['parts.outer.length' => '12 in']]);
        $this->assertSame([$first->name, $second->name], $this->texts($this->get('/plans'), '//article//h2'));
    }

    public function test_a_long_wall_goes_on_over_pages(): void
    {
        foreach (range(1, 19) as $number) {
            $this->hang();
        }
        $page = $this->get('/plans');
        $this->assertCount(18, $this->find($page, '//article'));
        $this->assertSame(['Older plans'], $this->texts($page, "//nav[@aria-label='More plans']/a"));
        $this->assertCount(1, $this->find($this->get('/plans?page=2'), '//article'));
    }

    public function test_the_keys_have_a_page_of_their_own(): void
    {
        $this->get('/keys')->assertOk()->assertSee('undo, as far back as the plan goes');
    }

    public function test_a_plan_that_cannot_be_worked_out_shows_its_name_and_what_can_be_done_and_stops_no_other(): void
    {
        $this->hang();
        $broken = $this->hang('library-reading-week');
        $broken->revision->update(['document' => substr($broken->revision->document, 0, -40)]);
        $page = $this->get('/plans')->assertOk()->assertSee('Library')->assertSee('could not be worked out')->assertSee('Nothing of it is lost');
        $this->assertCount(18, $this->find($page, "//article//svg/g[@class='elements']/use"), 'the other hangs as it did');
        $this->get("/plans/$broken->id/file")->assertOk()->assertContent($broken->revision->document);
        $this->delete("/plans/$broken->id")->assertRedirect('/plans');
        $this->get('/plans')->assertDontSee('could not be worked out');
    }

    public function test_what_takes_long_is_drawn_one_by_one_after_the_page_is_shown(): void
    {
        $nasty = NastyPlans::all();
        foreach (['twelve lengths on 60 ties', 'twelve lengths of 1/32 in on 60 ties', 'sixty full rolls, too few', 'twelve long lengths', 'twelve lengths, too few rolls'] as $name) {
            SavedPlan::start(app(PlanFile::class)->read(NastyPlans::file(['name' => $name] + $nasty[$name])), 'opened');
        }
        $this->hang();
        $waiting = $this->find($this->get('/plans')->assertOk()->assertSee('Band door'), "//article//*[contains(@class,'undrawn')]");
        $this->assertNotSame([], $waiting);
        $card = $this->get($waiting[0]->getAttribute('hx-get'))->assertOk()->assertSee(' ties');
        $this->assertStringNotContainsString('<html', (string) $card->getContent());
        $this->assertLessThan(
            count($waiting),
            count($this->find($this->get('/plans'), "//article//*[contains(@class,'undrawn')]")),
            'what was drawn stays drawn',
        );
    }

    public function test_a_card_is_drawn_anew_once_its_plan_was_changed(): void
    {
        $plan = $this->hang();
        $this->get('/plans')->assertSee('18 ruffles');
        $this->edit($plan, ['do' => 'remove-part', 'id' => $plan->plan()->parts[1]->id])->assertOk();
        $this->get('/plans')->assertSee('6 ruffles')->assertDontSee('18 ruffles');
    }
}
