<?php

namespace Tests\Feature;

use App\Models\PlanCard;
use App\Models\SavedPlan;
use Database\Seeders\DemoSeeder;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Part\Part;
use Davrin\Core\PlanFile\PlanFile;
use DOMDocument;
use Illuminate\Testing\TestResponse;
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
        $page = $this->worked()->assertOk();
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
        $page = $this->worked();
        $this->assertSame(
            ['18 ties · 18 ruffles · 2 rolls opened, 378 in left · about 23 in across · $9.06'],
            $this->texts($page, "//article//p[contains(@class,'mt-1')]"),
        );
        $picture = $this->find($page, '//article//img')[0];
        $this->assertStringContainsString('18 ties, 6 ruffles, 12 ruffles', $picture->getAttribute('alt'));
        $this->assertSame('lazy', $picture->getAttribute('loading'));
        $this->assertCount(18, $this->find($this->get($picture->getAttribute('src')), "//svg/g[@class='elements']/use"));
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
        foreach (range(1, 25) as $number) {
            $this->hang();
        }
        $page = $this->get('/plans')->assertSee('25 plans, 1 to 24 here');
        $this->assertCount(24, $this->find($page, '//article'));
        $this->assertSame(['Older plans'], $this->texts($page, "//nav[@aria-label='More plans']/a"));
        $this->assertCount(1, $this->find($this->get('/plans?page=2'), '//article'));
        $this->get('/plans?page=3')->assertOk()->assertSee('The wall does not go on this far')->assertDontSee('Nothing hangs here yet');
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
        $page = $this->worked()->assertOk()->assertSee('Library');
        $this->assertCount(1, $this->find($page, '//article//img'), 'the other hangs as it did');
        $this->get("/plans/$broken->id/card")->assertOk()->assertSee('could not be worked out')->assertSee('Nothing of it is lost');
        $this->get("/plans/$broken->id/pictures/$broken->revision_id.svg")->assertOk()->assertSee('Not drawn');
        $this->get("/plans/$broken->id/file")->assertOk()->assertContent($broken->revision->document);
        $this->delete("/plans/$broken->id")->assertRedirect('/plans');
        $this->assertCount(1, $this->find($this->get('/plans'), '//article'));
    }

    public function test_what_no_figures_are_kept_of_is_worked_out_by_itself_after_the_page_is_shown(): void
    {
        $this->hang();
        $waiting = $this->find($this->get('/plans')->assertOk()->assertSee('Band door'), "//article//*[contains(@class,'undrawn')]");
        $this->assertCount(1, $waiting);
        $card = $this->get($waiting[0]->getAttribute('hx-get'))->assertOk()->assertSee('18 ties');
        $this->assertStringNotContainsString('<html', (string) $card->getContent());
        $this->assertSame([], $this->find($this->get('/plans'), "//article//*[contains(@class,'undrawn')]"), 'what was worked out stays so');
    }

    public function test_without_script_a_page_is_worked_out_as_far_as_that_takes_no_age(): void
    {
        $nasty = NastyPlans::all();
        foreach (['twelve lengths on 60 ties', 'twelve lengths of 1/32 in on 60 ties', 'sixty full rolls, too few', 'twelve long lengths', 'twelve lengths, too few rolls'] as $name) {
            SavedPlan::start(app(PlanFile::class)->read(NastyPlans::file(['name' => $name] + $nasty[$name])), 'opened');
        }
        $link = $this->find($this->get('/plans'), '//noscript//a')[0];
        $shown = count($this->find($this->get($link->getAttribute('href'))->assertOk(), '//article//img'));
        $this->assertGreaterThan(0, $shown);
    }

    public function test_a_card_is_worked_out_anew_once_its_plan_was_changed_or_davrin_was(): void
    {
        $plan = $this->hang();
        $this->worked()->assertSee('18 ruffles');
        $this->edit($plan, ['do' => 'remove-part', 'id' => $plan->plan()->parts[1]->id])->assertOk();
        $this->get('/plans')->assertSee('6 ruffles')->assertDontSee('18 ruffles');
        config(['app.version' => 'the next']);
        $this->get('/plans')->assertDontSee('6 ruffles');
        $this->artisan('plans:work-out')->expectsOutputToContain('1 plans')->assertSuccessful();
        $this->assertSame(1, PlanCard::query()->where('version', 'the next')->whereNotNull('picture')->count());
    }

    public function test_a_picture_is_fetched_once_and_compressed_and_is_a_document_of_its_own(): void
    {
        $plan = $this->hang();
        $url = "/plans/$plan->id/pictures/$plan->revision_id.svg";
        $plain = $this->get($url)->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        $this->assertStringContainsString('immutable', (string) $plain->headers->get('Cache-Control'));
        $this->assertTrue((new DOMDocument)->loadXML((string) $plain->getContent()));
        $this->assertStringContainsString('--color-wire', (string) $plain->getContent());
        $packed = $this->get($url, ['Accept-Encoding' => 'gzip'])->assertHeader('Content-Encoding', 'gzip');
        $this->assertSame($plain->getContent(), gzdecode((string) $packed->getContent()));
        $other = $this->hang();
        $this->get("/plans/$other->id/pictures/$plan->revision_id.svg")->assertNotFound();
    }

    #[TestWith(['TEAL door', ['Band door, teal and gold']])]
    #[TestWith(['reading', ['Library reading week']])]
    #[TestWith(['50%', []])]
    #[TestWith(['wire ring', ['Library reading week', 'Band door, teal and gold']])]
    public function test_a_plan_is_found_by_the_words_of_its_name_form_techniques_and_meshes(string $sought, array $found): void
    {
        $this->hang();
        $this->hang('library-reading-week');
        $page = $this->get('/plans?'.http_build_query(['q' => $sought]));
        $this->assertEqualsCanonicalizing($found, $this->texts($page, '//article//h2'));
        $found === [] && $page->assertSee('No plan on the wall has "50%"', false)->assertSee('Show all plans');
    }

    /** The wall with all its plans worked out. */
    private function worked(): TestResponse
    {
        return $this->get('/plans?worked=1');
    }
}
