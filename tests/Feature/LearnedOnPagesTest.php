<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Log\Writing;
use App\Models\CutBatch;
use App\Models\HeldFigure;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Models\SuggestSearch;
use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Measure\Units;
use Davrin\Core\PlanFile\PlanFile;
use PHPUnit\Framework\Attributes\TestWith;

/** Whatever page tells a plan's figures tells them with what was learned, and whatever was decided on keeps its own. */
final class LearnedOnPagesTest extends FeatureCase
{
    use HasSage;

    #[TestWith(['/plans/%d', 'about 22 in'])]
    #[TestWith(['/plans/%d/card', 'about 22 in'])]
    #[TestWith(['/plans/%d/door', '22 in'])]
    #[TestWith(['/plans/%d/order', 'about 20 min'])]
    #[TestWith(['/plans/%d/build', 'about 20 min'])]
    #[TestWith(['/compare?plans[]=%1$d&plans[]=%1$d', 'about 22 in'])]
    public function test_each_page_of_a_plan_tells_what_was_learned(string $path, string $figure): void
    {
        $plan = $this->hang();
        $path = sprintf($path, $plan->id);
        $other = $this->hang('library-reading-week');
        $path = str_replace("plans[]=$plan->id&plans[]=$plan->id", "plans[]=$plan->id&plans[]=$other->id", $path);
        $before = (string) $this->get($path)->assertOk()->getContent();
        $this->assertStringNotContainsString($figure, $before);
        // Half as long for every kind of work that was timed.
        $this->log($plan, 3, ['entry.wide' => '22 in'] + $this->half($plan));
        $this->get($path)->assertOk()->assertSee($figure);
    }

    public function test_the_wall_is_drawn_and_searched_anew_once_something_is_learned(): void
    {
        $plan = $this->hang();
        $this->artisan('plans:work-out')->assertSuccessful();
        $this->get('/plans')->assertSee('about 23 in', false);
        $this->log($plan, 3, ['entry.wide' => '22 in']);
        $this->get('/plans')->assertDontSee('about 23 in', false);
        $this->get("/plans/$plan->id/card")->assertSee('about 22 in', false);
        $this->artisan('plans:work-out')->assertSuccessful();
        $this->get('/plans')->assertSee('about 22 in', false);
    }

    public function test_a_picture_of_an_earlier_step_is_drawn_with_what_is_known_now(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['parts.outer.length' => '18 in']])->assertOk();
        $step = $plan->revisions()->oldest('id')->firstOrFail()->id;
        $before = $this->get("/plans/$plan->id/pictures/$step.svg")->assertOk()->getContent();
        $this->log($plan, 3, ['entry.wide' => '20 in']);
        $this->assertNotSame($before, $this->get("/plans/$plan->id/pictures/$step.svg")->assertOk()->getContent());
    }

    public function test_what_can_be_made_is_told_with_what_was_learned(): void
    {
        $item = $this->sage('10 yd by label, 150 in');
        $this->log($this->plan($item, 'A ring', '19 in'), 3, ['entry.wide' => '18 in']);
        $this->post('/suggest', ['set' => ['wishes.from' => '17 in', 'wishes.to' => '19 in', 'wishes.skill' => 'beginner']]);
        $search = SuggestSearch::query()->sole();
        for ($steps = 0; ! $search->fresh()->isDone() && $steps < 40; $steps++) {
            $this->post("/suggest/$search->id/step", [], ['HX-Request' => 'true'])->assertOk();
        }
        $this->get("/suggest/$search->id")->assertOk()->assertSee('about 18 in');
    }

    public function test_what_scraps_make_is_told_with_what_was_learned_and_hung_without_it(): void
    {
        $item = $this->sage('20 x 19 in');
        $this->log($this->plan($item, 'A ring', '19 in'), 3, ['entry.wide' => '22 in']);
        $this->get('/scraps?length=19+in')->assertOk()->assertSee('about 22 in across');
        $this->post('/scraps', ['length' => '19 in', 'technique' => 'ruffle'])->assertRedirectContains('/plans/');
        $this->assertStringNotContainsString('learned', SavedPlan::query()->latest('id')->firstOrFail()->revision->document);
    }

    public function test_several_cut_together_keep_what_they_were_laid_with(): void
    {
        $plan = SavedPlan::start(app(PlanFile::class)->read((string) json_encode([
            'format' => 'davrin-plan', 'version' => 2,
            'materials' => [['roll' => '5 yd', 'supplier' => 'the market']],
            'ties' => [['layout' => 'n-a-section', 'perSection' => 3]],
            'parts' => [['length' => '19 in']],
        ])), 'begun');
        $this->post('/together', ['copies' => [$plan->id => '2']])->assertRedirect();
        $batch = CutBatch::query()->sole();
        $before = (string) $this->get("/together/$batch->id")->assertOk()->getContent();
        $this->log($plan, 1, ['rolls.0' => '171 in', 'rolls.1' => '171 in']);
        $this->log($plan, 1, ['rolls.0' => '171 in', 'rolls.1' => '171 in']);
        $this->assertSame(5.0, app(LearnedNow::class)->figures()->find(Subject::Shortfall, '', 'plain mesh', 'the market')?->value);
        $this->assertSame($this->withoutTokens($before), $this->withoutTokens((string) $this->get("/together/$batch->id")->getContent()));
        $this->get("/plans/$plan->id")->assertSee('learned from 4 rolls');
    }

    public function test_a_price_is_asked_by_what_is_known_now_and_a_kept_one_stays(): void
    {
        $plan = $this->hang();
        $before = $this->texts($this->get("/plans/$plan->id/price")->assertOk(), '//table//td');
        $this->post("/plans/$plan->id/price", ['copies' => '1', 'place' => 'p1', 'asked' => '']);
        $kept = $this->get('/prices/1')->assertOk();
        $this->log($plan, 3, $this->half($plan) + ['spoiled.teal' => '20 in', 'spoiled.gold' => '10 in']);
        $after = $this->get("/plans/$plan->id/price")->assertOk();
        $this->assertNotSame($before, $this->texts($after, '//table//td'));
        $after->assertSee('that gets spoiled');
        $this->assertSame($this->texts($kept, '//table//td'), $this->texts($this->get('/prices/1'), '//table//td'));
        $this->assertStringContainsString('that gets spoiled', $this->get("/plans/$plan->id/price.csv")->getContent());
    }

    public function test_a_held_figure_without_anything_in_the_log_is_shown_and_can_be_let_go(): void
    {
        $plan = $this->hang();
        $this->log($plan, 3, ['times.2' => '14.4', 'rolls.0' => '350 in']);
        $this->post('/learning', ['figure' => 'minutes|ruffle||', 'value' => '1.2']);
        $this->post('/learning', ['figure' => HeldFigure::query()->sole()->key, 'value' => '1.1']);
        $this->assertSame(1, HeldFigure::query()->count(), 'held once more, it is held at the later');
        foreach (LogEntry::query()->get() as $entry) {
            $this->delete("/log/$entry->id");
        }
        $this->get('/learning')->assertOk()->assertSee('Held by you, though nothing in the log says so any more')->assertSee('1.1 times the starting guess');
        $this->assertEqualsWithDelta(12 * 1.1, array_column($this->figures($plan)->build, 'minutes', 'key')['parts.outer'], 1e-9);
        $this->delete('/learning', ['figure' => 'minutes|ruffle||'])->assertRedirect();
        $this->get('/learning')->assertDontSee('Held by you');
        $this->assertEqualsWithDelta(12.0, array_column($this->figures($plan)->build, 'minutes', 'key')['parts.outer'], 1e-9);
    }

    #[TestWith(['reach|ruffle|see-through mesh|', '12 cm', 12.0])]
    #[TestWith(['reach|ruffle|see-through mesh|', '4 3/4 in', 12.065])]
    #[TestWith(['reach|ruffle|see-through mesh|', '120 mm', 12.0])]
    public function test_in_a_house_that_measures_in_centimetres_a_reach_is_held_in_these(string $key, string $typed, float $centimetres): void
    {
        app(House::class)->measureIn(Units::Metric);
        $plan = $this->hang();
        $this->log($plan, 3, ['entry.wide' => '56 cm', 'entry.depth' => '11 cm', 'entry.verdict' => 'thin']);
        $key = $this->keyLike('reach|ruffle|', $key);
        $this->post('/learning', ['figure' => $key, 'value' => $typed])->assertSessionHas('said');
        $this->assertEqualsWithDelta($centimetres / 2.54 / 5.0, HeldFigure::query()->sole()->figure()->value, 1e-4);
        $page = $this->get('/learning')->assertOk()->assertSee('cm')->assertSee('sq cm of mesh per cm of form');
        $this->assertStringNotContainsString(' in<', (string) preg_replace('/<[^<>]* in<\/option>/', '', $page->getContent()));
        $this->get('/learning/estimates')->assertOk()->assertSee('2.4 cm off, on average');
        $this->get('/log/1')->assertSee('56 cm');
    }

    public function test_a_file_says_what_was_learned_and_a_plan_file_takes_it_along(): void
    {
        $plan = $this->hang();
        $this->log($plan, 3, ['entry.wide' => '22 in']);
        $file = json_decode($this->get('/learning.json')->assertOk()->getContent(), true);
        $this->assertSame(['davrin-learned', 1], [$file['format'], $file['version']]);
        $document = json_decode($this->get("/plans/$plan->id/file")->getContent(), true);
        $there = app(PlanFile::class)->read((string) json_encode($document + ['learned' => $file['learned']]));
        $this->assertSame('22 in', app(Engine::class)->figures($there)->tally->across->value);
        $this->assertEquals(LearnedFigures::read($file['learned']), $there->learned);
    }

    /** @return array<string, string> minutes of all kinds of work, half of what is guessed */
    private function half(SavedPlan $plan): array
    {
        $half = [];
        foreach (NewEntry::byHand($plan)->workTimes() as $at => $time) {
            $half["times.$at"] = (string) ($time->guess / 2);
        }
        LogEntry::query()->latest('id')->firstOrFail()->forceDelete();

        return $half;
    }

    /** @param  array<string, string>  $typed */
    private function log(SavedPlan $plan, int $often, array $typed): void
    {
        for ($piece = 0; $piece < $often; $piece++) {
            Writing::in(NewEntry::byHand($plan->fresh()), $typed);
        }
    }

    /** The key of a lesson that begins so, whatever its mesh is called. */
    private function keyLike(string $beginning, string $usual): string
    {
        foreach ($this->find($this->get('/learning'), "//input[@name='figure']") as $input) {
            if (str_starts_with($input->getAttribute('value'), $beginning)) {
                return $input->getAttribute('value');
            }
        }

        return $usual;
    }

    private function figures(SavedPlan $plan): \Davrin\Core\Result\Result
    {
        return app(Engine::class)->figures($plan->fresh()->plan());
    }

    private function withoutTokens(string $page): string
    {
        return (string) preg_replace('/name="_token" value="[^"]*"|content="[A-Za-z0-9]{40}"/', '', $page);
    }
}
