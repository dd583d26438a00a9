<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Models\Build;
use App\Models\KeptPrice;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Measure\Units;
use Davrin\Core\Result\Result;
use PHPUnit\Framework\Attributes\TestWith;

/** What the log teaches is used by every plan from then on, and by nothing that is held, cut, priced or on the bench already. */
final class LearningTest extends FeatureCase
{
    use HasSage;

    public function test_the_next_of_a_plan_is_said_to_get_as_large_as_those_that_were_made(): void
    {
        $plan = $this->hang();
        $this->get("/plans/$plan->id")->assertSee('about 23 in');
        $this->log($plan, [['entry.wide' => '22 in'], ['entry.wide' => '22.5 in'], ['entry.wide' => '23'], ['entry.wide' => '22 1/2']]);
        $this->get("/plans/$plan->id")->assertSee('about 22 1/2 in');
        $this->log($plan, [['entry.wide' => '31 in']]);
        $this->get('/log/5')->assertSee('31 in is far from what was to be expected');
        $this->get("/plans/$plan->id")->assertSee('about 22 1/2 in')->assertSee('learned from 5 pieces of this plan');
        $this->get('/plans')->assertSee('about 22 1/2 in', false);
        $this->get('/learning')->assertOk()->assertSee('left aside: 9 in')->assertSee('5 pieces, fairly sure');
    }

    #[TestWith([Units::Inches, '4 3/4 in'])]
    #[TestWith([Units::Metric, '12 cm'])]
    public function test_what_is_held_as_it_is_shown_is_held_as_exactly_as_it_was_learned(Units $units, string $shown): void
    {
        app(House::class)->measureIn($units);
        $plan = $this->hang();
        // Shown, it is rounded: 4 3/4 of 5 in were 0.95.
        $this->log($plan, array_fill(0, 3, ['entry.wide' => '57.023 cm']));
        $learned = fn (): ?float => app(LearnedNow::class)->figures()->find(Subject::Reach, 'ruffle')?->value;
        $exact = $learned();
        $this->assertEqualsWithDelta(0.944, (float) $exact, 0.001);
        $this->assertContains($shown, array_map(fn ($blank): string => $blank->getAttribute('value'), $this->find($this->get('/learning'), "//input[@name='value']")));
        $this->post('/learning', ['figure' => 'reach|ruffle||', 'value' => $shown])->assertSessionHas('said');
        $this->assertSame($exact, $learned());
        $this->post('/learning', ['figure' => 'reach|ruffle||', 'value' => '5 in']);
        $this->assertSame(1.0, $learned());
    }

    public function test_minutes_are_used_from_then_on_and_a_price_that_was_decided_on_keeps_its_own(): void
    {
        $plan = $this->hang();
        $this->post("/plans/$plan->id/price", ['copies' => '1', 'place' => 'p1', 'asked' => ''])->assertRedirect();
        $sheet = KeptPrice::query()->firstOrFail()->sheet;
        $build = $this->build($plan);
        $ruffle = collect($build->walk()->units)->firstWhere('group', 'ruffles');
        $this->assertSame(1.0, $ruffle->minutes);
        $this->log($this->hang(), array_map(fn (float $each): array => ['times.2' => (string) (18 * $each)], [0.8, 0.9, 0.8, 0.85]));
        $after = $this->figures($this->hang('garden-club-bee-stall'));
        $this->assertEqualsWithDelta(15 * 0.825, array_column($after->build, 'minutes', 'key')['parts.l1'] ?? array_column($after->build, 'minutes')[2], 1e-9);
        $this->assertSame($sheet, KeptPrice::query()->firstOrFail()->sheet);
        $this->assertSame(1.0, collect(Build::query()->firstOrFail()->walk()->units)->firstWhere('group', 'ruffles')->minutes, 'what is on the bench stays as it was begun');
        $this->get('/learning')->assertSee('0.825 min')->assertSee('4 pieces, a first idea');
    }

    public function test_how_short_rolls_of_one_source_come_changes_the_risk_of_the_next_plan_alone(): void
    {
        $document = fn (string $supplier): array => [
            'name' => "From $supplier",
            'materials' => [['roll' => '5 yd', 'supplier' => $supplier, 'rolls' => 2]],
            'ties' => [['layout' => 'n-a-section', 'perSection' => 3]],
            'parts' => [['length' => '19.5 in']],
        ];
        $hung = fn (string $supplier): SavedPlan => SavedPlan::start(app(\Davrin\Core\Plan\PlanReader::class)->read($document($supplier)), 'begun');
        $before = $hung('the market');
        $this->assertFalse($this->figures($before)->verdict->atRisk);
        $this->log($before, [['rolls.0' => '176 in', 'rolls.1' => '178 in'], ['rolls.0' => '175 in']]);
        $this->assertTrue($this->figures($hung('the market'))->verdict->atRisk);
        $this->assertFalse($this->figures($hung('the mill'))->verdict->atRisk);
        $this->get('/learning')->assertSee('2.8 %')->assertSee('3 rolls, a first idea');
    }

    public function test_what_is_held_or_cut_stays_as_it_was_worked_out(): void
    {
        $item = $this->sage('2 x 10 yd by label');
        $held = $this->plan($item, 'Held', '18 in');
        $free = $this->plan($item, 'Free', '12 in');
        $this->ready($held)->assertRedirect();
        $this->log($free, array_fill(0, 3, ['entry.wide' => '21 in']));
        $this->assertSame('23 in', $this->figures($held)->tally->across->value);
        $this->assertNotSame('23 in', $this->figures($free)->tally->across->value);
        $this->post("/plans/$held->id/cut-sheet")->assertRedirect();
        $this->assertSame('23 in', $this->figures($held)->tally->across->value);
        $this->delete("/plans/$held->id/cut-sheet/cuts");
        $this->delete("/plans/$held->id/ready");
        $this->assertNotSame('23 in', $this->figures($held)->tally->across->value, 'free again, it is worked with what is known now');
    }

    public function test_a_plan_keeps_no_learned_figure_in_itself(): void
    {
        $plan = $this->hang();
        $bytes = (string) file_get_contents(database_path('demo/band-door-teal-and-gold.json'));
        $this->log($plan, array_fill(0, 3, ['entry.wide' => '21 in']));
        $this->edit($plan, ['set' => ['parts.outer.length' => '18 in']])->assertOk();
        $this->assertStringNotContainsString('learned', $plan->fresh()->revision->document);
        $this->post("/plans/$plan->id/undo", ['revision' => $plan->fresh()->revision_id]);
        $this->assertSame($bytes, $this->get("/plans/$plan->id/file")->getContent());
        $this->assertStringContainsString('"figure": "reach"', (string) $this->get('/learning.json')->assertOk()->getContent());
        $this->get('/log/1')->assertOk();
        $this->assertStringNotContainsString('"learned"', LogEntry::query()->firstOrFail()->document);
        $this->assertStringContainsString('"learned"', $this->entry($plan)->document, 'what it was worked with stays with what was made');
    }

    public function test_a_figure_is_held_and_let_go(): void
    {
        $plan = $this->hang();
        $this->log($plan, array_fill(0, 3, ['times.2' => '14.4']));
        $key = 'minutes|ruffle||';
        $this->post('/learning', ['figure' => $key, 'value' => '1.2 min'])->assertRedirect()->assertSessionHas('said');
        $this->assertEqualsWithDelta(12 * 1.2, array_column($this->figures($plan)->build, 'minutes', 'key')['parts.outer'], 1e-9);
        $this->get('/learning')->assertSee('held by you')->assertSee('1.2 min');
        $this->log($plan, [['times.2' => '9']]);
        $this->assertEqualsWithDelta(12 * 1.2, array_column($this->figures($plan)->build, 'minutes', 'key')['parts.outer'], 1e-9);
        $this->delete('/learning', ['figure' => $key]);
        $this->assertEqualsWithDelta(12 * 0.8, array_column($this->figures($plan)->build, 'minutes', 'key')['parts.outer'], 1e-9);
        foreach (['1000', 'quick', '', '-1'] as $value) {
            $this->post('/learning', ['figure' => $key, 'value' => $value])->assertSessionHas('refused');
        }
        $this->post('/learning', ['figure' => 'minutes|nothing||', 'value' => '1'])->assertRedirect();
    }

    public function test_past_estimates_are_held_against_what_came_without_what_a_piece_taught_itself(): void
    {
        $this->get('/learning/estimates')->assertOk()->assertSee('Nothing is in the log yet');
        $plan = $this->hang();
        $this->log($plan, [['entry.wide' => '22 in', 'times.2' => '14.4'], ['entry.wide' => '22 in'], ['entry.wide' => '22 in']]);
        $page = $this->get('/learning/estimates')->assertOk();
        // Each is taught by two others, which are too few.
        $page->assertSee('By starting guesses 1 in off, on average; by what the others teach 1 in off.');
        $this->log($plan, [['entry.wide' => '22 in', 'entry.verdict' => 'thin', 'rolls.0' => '350 in']]);
        $page = $this->get('/learning/estimates')->assertSee('by what the others teach 0 in off, 100 % better');
        $this->assertSame(['How large it got', 'How long it took', 'How full it looked', 'How short rolls came'], $this->texts($page, '//figcaption'));
        $page->assertSee('1 of 1 wrong')->assertSee('1.78 % shorter than allowed for');
    }

    public function test_the_demo_s_log_calibrates_what_its_plans_say(): void
    {
        $this->seed(\Database\Seeders\DemoSeeder::class);
        $this->assertGreaterThanOrEqual(15, LogEntry::query()->count());
        $known = array_count_values(array_map(fn ($its): string => $its->subject->value, app(LearnedNow::class)->figures()->all()));
        foreach (['minutes', 'reach', 'shortfall', 'thin', 'full', 'waste'] as $subject) {
            $this->assertArrayHasKey($subject, $known);
        }
        $this->get('/learning/estimates')->assertOk()->assertSee('% better');
        foreach (LogEntry::query()->pluck('id') as $id) {
            $this->get("/log/$id")->assertOk();
        }
    }

    /** @param  list<array<string, string>>  $pieces  what is written of each */
    private function log(SavedPlan $plan, array $pieces): void
    {
        foreach ($pieces as $typed) {
            $this->post("/log/{$this->entry($plan)->id}/edits", ['set' => $typed])->assertRedirect();
        }
    }

    private function entry(SavedPlan $plan): LogEntry
    {
        return NewEntry::byHand($plan->fresh());
    }

    private function build(SavedPlan $plan): Build
    {
        $this->post("/plans/$plan->id/build", ['pieces' => '1']);

        return Build::query()->latest('id')->firstOrFail();
    }

    private function figures(SavedPlan $plan): Result
    {
        return app(Engine::class)->figures($plan->fresh()->plan());
    }
}
