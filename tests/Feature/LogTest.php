<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Models\Build;
use App\Models\LogEntry;
use App\Models\LogPhoto;
use App\Models\SavedPlan;
use App\Settings\LearnedNow;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Weight;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** Finished pieces are written down: by hand or from the bench, with their sizes, minutes, rolls, photographs and sale. */
final class LogTest extends FeatureCase
{
    use HasSage;

    public function test_nothing_is_in_it_until_something_is_written_down(): void
    {
        $this->get('/log')->assertOk()->assertSee('Nothing is written down yet');
        $this->from('/log')->post('/log')->assertRedirect('/log')->assertSessionHas('refused');
        $plan = $this->hang();
        $this->post('/log', ['plan' => $plan->id])->assertRedirect('/log/1');
        $this->get('/log/1')->assertOk()->assertSee('Band door, teal and gold')->assertSee('18 ruffles')->assertSee('Teal stripe mesh, roll 1');
        $this->get('/log')->assertSee('Band door, teal and gold')->assertSee('as it was planned');
        $this->get('/log/1.svg')->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    }

    public function test_a_piece_made_by_an_earlier_step_of_its_plan_is_held_against_that(): void
    {
        $plan = $this->hang();
        $step = $plan->revision_id;
        $this->edit($plan, ['set' => ['parts.outer.length' => '12 in']])->assertOk();
        $forms = $this->find($this->get("/plans/$plan->id/history")->assertOk(), "//form[.//button[text()='log a piece made like this']]");
        $this->assertCount(2, $forms);
        $this->post('/log', ['plan' => $plan->id, 'step' => $step])->assertRedirect('/log/1');
        $this->assertSame('19 in', LogEntry::query()->sole()->design()->part('outer')?->on->slip->write()['length']);
        $this->get('/log/1')->assertOk()->assertSee('changed since');
        $this->post('/log', ['plan' => $plan->id]);
        $this->get('/log/2')->assertOk()->assertDontSee('changed since');
        $this->assertSame('12 in', LogEntry::query()->findOrFail(2)->design()->part('outer')?->on->slip->write()['length']);
        $this->post('/log', ['plan' => $this->hang('library-reading-week')->id, 'step' => $step])->assertNotFound();
        $this->assertSame(2, LogEntry::query()->count());
    }

    public function test_what_is_measured_stands_beside_what_was_said(): void
    {
        $entry = $this->written(['entry.wide' => '22.5', 'entry.depth' => '47 cm', 'entry.verdict' => 'usual', 'entry.made' => '3 Nov 2026', 'entry.weight' => '412 g']);
        $this->assertSame('47 cm', $entry->slip()->write()['depth'], 'as it was typed');
        $page = $this->get("/log/$entry->id");
        $this->assertSame(['Size', 'about 23 in', '22 1/2 in'], $this->row($page, 1));
        $this->assertSame(['about 23 in came 22 1/2 in'], $this->texts($this->get('/log'), "//p[@class='sizes-words']"), 'an estimate looks like one');
        $this->written(['entry.wide' => '31 in'], $entry);
        $this->get("/log/$entry->id")->assertSee('31 in is far from what was to be expected, about 23 in.');
        $this->written(['entry.wide' => '22 1/2 in'], $entry);
        $this->assertSame('2026-11-03', $entry->made_on);
        $this->assertSame('autumn', $entry->season);
        $this->assertContains('Ruffles stand out 4 3/4 in instead of 5 in', $this->texts($page, "//ul[contains(@class, 'happened')]/li"));
    }

    #[TestWith(['entry.wide', '13 in', 'The form alone is 14 in wide'])]
    #[TestWith(['entry.high', '12', 'The form alone is 14 in high'])]
    #[TestWith(['entry.wide', 'wide', 'is not a length'])]
    #[TestWith(['entry.wide', '90 yd', 'must be between'])]
    #[TestWith(['entry.opening', '11 in', 'The form alone is open 8 in'])]
    #[TestWith(['entry.made', '2026-02-30', 'is no day that I can read'])]
    #[TestWith(['entry.made', '2099-01-01', 'is still to come'])]
    #[TestWith(['entry.copies', '0', 'must be between 1 and 200'])]
    #[TestWith(['entry.soldFor', 'a lot', 'not'])]
    #[TestWith(['times.0', '10080', 'is 1.0 weeks. Up to 1,440 min are taken'])]
    #[TestWith(['times.0', '10,080', '10,080 min for ties is 1.0 weeks'])]
    #[TestWith(['times.0', '168 h', 'is 1.0 weeks'])]
    #[TestWith(['times.0', 'long', 'is no time that I can read'])]
    #[TestWith(['rolls.0', '40 yd', 'cannot have held 1440 in'])]
    #[TestWith(['rolls.0', 'half', 'is not a length'])]
    #[TestWith(['spoiled.teal', '50 yd', 'more than twice that'])]
    #[TestWith(['times.77', '5', 'no blank'])]
    #[TestWith(['nothing.at.all', '5', 'no blank'])]
    public function test_what_cannot_be_is_said_and_nothing_is_lost(string $address, string $typed, string $sentence): void
    {
        $entry = $this->written(['entry.wide' => '22 in']);
        $answer = $this->post("/log/$entry->id/edits", ['set' => [$address => $typed]]);
        $answer->assertStatus(422)->assertSee($sentence);
        $this->assertSame('22 in', $entry->fresh()->slip()->write()['wide']);
        if (! str_contains($sentence, 'no blank')) {
            $this->assertSame($typed, $this->blank($answer, $address)->getAttribute('value'), 'what was typed stands in its blank still');
        }
    }

    #[TestWith(['14.5', 14.5])]
    #[TestWith(['14,5 min', 14.5])]
    #[TestWith(['1 h 20 min', 80.0])]
    #[TestWith(['1,440', 1440.0])]
    #[TestWith(['', null])]
    #[TestWith(['not timed', null])]
    public function test_minutes_are_read_as_they_are_written(string $typed, ?float $minutes): void
    {
        $this->assertSame($minutes, $this->written(['times.0' => $typed])->workTimes()[0]->took);
    }

    public function test_a_second_window_puts_nothing_back_that_the_first_one_wrote(): void
    {
        $entry = $this->written([]);
        $page = $this->get("/log/$entry->id");
        $sent = fn (string $form): array => collect($this->find($page, "//form[contains(@class, '$form')]//*[@name]"))->mapWithKeys(fn ($its): array => [
            $its->getAttribute('name') => $its->nodeName === 'select'
                ? $this->find($page, "//*[@name='{$its->getAttribute('name')}']/option[@selected]")[0]->getAttribute('value')
                : ($its->getAttribute('value') ?: $its->textContent),
        ])->all();
        $stale = [...$sent('entry-sheet'), ...$sent('entry-tables')];
        $this->written(['entry.wide' => '22 in', 'times.0' => '5', 'entry.verdict' => 'thin', 'entry.otherwise' => 'less'], $entry);
        parse_str(http_build_query(['set[times.1]' => '2', 'set[entry.depth]' => '5 in'] + $stale), $fields);
        $this->post("/log/$entry->id/edits", $fields)->assertRedirect();
        $entry = $entry->fresh();
        $this->assertSame([5.0, 2.0], [$entry->workTimes()[0]->took, $entry->workTimes()[1]->took]);
        $this->assertSame(['22 in', '5 in', 'thin', 'less'], array_values(array_intersect_key($entry->slip()->write(), ['wide' => 1, 'depth' => 1, 'verdict' => 1, 'otherwise' => 1])));
    }

    public function test_of_several_made_together_the_minutes_are_for_all_of_them(): void
    {
        $entry = $this->written(['entry.copies' => '3', 'times.2' => '40.5']);
        $this->assertSame(['54 ruffles', '54 min'], [...array_slice($this->texts($this->get("/log/$entry->id"), "(//tr[contains(., 'ruffles')])[1]/*"), 0, 2)]);
        $this->assertSame(0.75, collect($entry->observations())->first(fn ($its) => $its->words === 'ruffles')->real);
        $this->assertSame(3, $entry->copies);
    }

    public function test_of_several_made_together_rolls_and_what_was_spoiled_are_of_all_of_them(): void
    {
        $entry = $this->written(['rolls.0' => '355 in', 'spoiled.teal' => '300 in']);
        $this->assertSame(['Teal stripe mesh, roll 1', 'Gold mesh, roll 1'], array_column($entry->rolls, 'words'));
        $entry = $this->written(['entry.copies' => '3', 'spoiled.teal' => '800 in'], $entry);
        // 3 x 12 x 19 in of teal are two rolls, 3 x 6 x 19 in of gold one: what a second window writes by its number goes where it did.
        $this->assertSame(['Teal stripe mesh, roll 1', 'Gold mesh, roll 1', 'Teal stripe mesh, roll 2'], array_column($entry->rolls, 'words'));
        $this->assertSame([355 * 4064, null, null], array_column($entry->rolls, 'held'));
        $this->get("/log/$entry->id")->assertSee('Rolls as they really were, for all 3')->assertSee('684 in');
        $waste = collect($entry->observations())->first(fn ($its) => $its->subject === Subject::Waste);
        $this->assertEqualsWithDelta(800 / 684 * 100, $waste->value(), 1e-6);
        $this->post("/log/$entry->id/edits", ['set' => ['entry.copies' => '1']])->assertStatus(422)->assertSee('800 in of it spoiled is more than twice that');
        $this->assertSame(3, $entry->fresh()->copies);
    }

    public function test_what_was_written_down_before_copies_counted_is_put_right_once(): void
    {
        $migration = require database_path('migrations/2026_11_29_000007_hold_what_was_spoiled_against_all_copies.php');
        $plan = $this->hang();
        foreach (['3', '3', '3', '1'] as $copies) {
            $this->written(['entry.copies' => $copies, 'spoiled.teal' => '57 in'], plan: $plan);
        }
        $kept = fn (): array => [
            ...LogEntry::query()->orderBy('id')->get(['told', 'observed'])->map(fn (LogEntry $its): array => [$its->told['used'], $its->observed])->all(),
            app(LearnedNow::class)->figures()->write(),
        ];
        $right = $kept();
        $migration->down();
        $this->assertSame([228 * 4064, 228 * 4064], array_map(fn (int $at): int => $kept()[$at][0]['teal'], [0, 3]));
        $migration->up();
        $this->assertEquals($right, $kept());
    }

    public function test_what_was_timed_at_the_bench_stays_as_it_was_timed_whatever_number_is_written(): void
    {
        $time = new WorkTime(new Scope('ruffle'), 'ruffles', 12, 12.0, 12.0, 9.0, 54);
        $of = fn (WorkTime $its): array => [$its->count, $its->took, $its->outOf, $its->together()];
        $this->assertSame([12, 9.0, 36, 27.0], $of($time->forCopies(3, 2)));
        $this->assertSame([36, 27.0, null, 27.0], $of((new WorkTime(new Scope('ruffle'), 'ruffles', 54, 54.0, 54.0, 27.0))->forCopies(3, 2)));
    }

    public function test_a_build_is_written_down_with_all_that_the_bench_knows(): void
    {
        $plan = $this->hang();
        $this->post("/plans/$plan->id/build", ['pieces' => '1']);
        $build = Build::query()->firstOrFail();
        $this->post("/builds/$build->id/log")->assertRedirect("/builds/$build->id/record")->assertSessionHas('refused');
        $units = $build->walk()->units;
        $this->postJson("/builds/$build->id/ticks", ['since' => 0, 'ticks' => array_map(fn ($unit, $at): array => [
            'token' => "t-$at-0000-0000", 'unit' => $unit->key, 'deed' => 'done', 'at' => now()->getTimestampMs(),
            // Of the ruffles only twelve were timed.
            'seconds' => $unit->group === 'ruffles' ? ($unit->number <= 6 ? 48 : 0) : 20,
        ], $units, array_keys($units))])->assertOk();
        $this->post("/builds/$build->id/finish", ['all_the_same' => '1']);
        $this->post("/builds/$build->id/log")->assertRedirect('/log/1');
        $this->post("/builds/$build->id/log")->assertRedirect('/log/1');
        $this->assertSame(1, LogEntry::query()->count(), 'of a build there is one entry');
        $entry = LogEntry::query()->firstOrFail();
        $ruffles = collect($entry->workTimes())->first(fn ($its) => $its->words === 'ruffles');
        $this->assertSame([12, 18], [$ruffles->count, $ruffles->outOf]);
        $this->assertEqualsWithDelta(12 * 0.8, $ruffles->took, 0.01);
        $this->assertEqualsWithDelta(18 * 0.8, $ruffles->together(), 0.02);
        $this->assertEqualsWithDelta(0.8, collect($entry->observations())->first(fn ($its) => $its->words === 'ruffles')->real, 0.001);
        $this->assertSame(0, $entry->spoiled['teal']);
        $this->get("/log/$entry->id")->assertSee('12 of 18 ruffles')->assertSee('its build record');
        $this->written(['entry.wide' => '22 in'], $entry);
        $this->delete("/log/$entry->id");
        $this->post("/builds/$build->id/log")->assertRedirect("/log/$entry->id")->assertSessionHas('said', 'This is what was written of it before.');
        $this->post("/log/$entry->id/restore");
        $this->assertSame([1, '22 in'], [LogEntry::withTrashed()->count(), $entry->fresh()->slip()->write()['wide']], 'taken out and written once more it is the same');
    }

    public function test_a_sale_says_what_an_hour_of_it_earned_and_a_year_adds_up(): void
    {
        $entry = $this->written(['entry.soldFor' => '36', 'entry.soldAt' => 'a neighbour', 'entry.made' => '2026-05-02', 'times.2' => '15']);
        $this->get("/log/$entry->id")->assertSee('Sold for $36.00')->assertSee('an hour');
        // 342 in are 9.5 yd; materials 9.06 and overhead 10 % of all, by the usual terms.
        $this->assertSame(342 * 4064, $entry->sums['units']);
        $this->get('/log')->assertSee('9.5 yd')->assertSee('$36.00');
        $earned = (int) $entry->sums['earned'];
        $this->assertGreaterThan(0, $earned);
        $this->assertLessThan(3600 - 906, $earned);
        $this->get('/log')->assertSee('$'.number_format($earned / 100 / ($entry->sums['minutes'] / 60), 2));
        $this->post('/prices/edits', ['set' => ['work.rate' => '99']]);
        $this->written(['entry.occasion' => 'nobody'], $entry);
        $this->assertSame((string) $earned, $entry->fresh()->sums['earned'], 'a later change of a price rewrites nothing');
    }

    public function test_it_is_leafed_through_by_word_season_technique_plan_and_year(): void
    {
        $ruffles = $this->written(['entry.made' => '2025-07-01', 'entry.occasion' => 'the band'], plan: $this->hang());
        $poofs = $this->written(['entry.made' => '2026-01-10'], plan: $this->hang('library-reading-week'));
        $shown = fn (string $query): array => $this->texts($this->get("/log?$query")->assertOk(), "//article[contains(@class, 'leaf')]//h2");
        $this->assertSame([$poofs->name, $ruffles->name], $shown(''));
        foreach (['q=band' => $ruffles, 'q=poofs+dusk' => $poofs, 'season=winter' => $poofs, 'technique=ruffle' => $ruffles, "plan=$poofs->plan_id" => $poofs, 'year=2025' => $ruffles] as $query => $one) {
            $this->assertSame([$one->name], $shown($query), $query);
        }
        $this->get('/log?q=nowhere')->assertSee('Nothing in the log is like that');
        $this->get('/log?page=9')->assertSee('does not go back this far');
    }

    public function test_taken_out_it_teaches_no_more_and_put_back_it_does(): void
    {
        $plan = $this->hang();
        foreach (['22 in', '22 in', '22 in'] as $wide) {
            $this->written(['entry.wide' => $wide], plan: $plan);
        }
        $this->assertSame('22 in', $this->said($plan));
        $this->delete('/log/2')->assertRedirect('/log');
        $this->assertSame('23 in', $this->said($plan));
        $this->get('/log')->assertSee('taken out of the log');
        $this->post('/log/2/restore')->assertRedirect('/log/2');
        $this->assertSame('22 in', $this->said($plan));
    }

    public function test_the_scale_gives_the_weight_or_says_why_not(): void
    {
        $entry = $this->written([]);
        $this->from("/log/$entry->id")->post("/log/$entry->id/weight")->assertRedirect("/log/$entry->id")->assertSessionHas('refused');
        $this->post('/scale', ['weight' => '412 g', 'state' => 'steady']);
        $this->post("/log/$entry->id/weight");
        $this->assertEquals(Weight::read('412 g'), $entry->fresh()->slip()->weightIfAny('weight'));
    }

    public function test_a_photograph_is_drawn_anew_without_what_else_was_in_it(): void
    {
        $entry = $this->written([]);
        $bytes = substr_replace($this->jpeg(1800, 900), "\xFF\xE1\x00\x24Exif\0\0<script>alert(1)</script>", 2, 0);
        $this->photograph($entry, $bytes, 'A wreath on a blue door <b>')->assertSessionHasNoErrors();
        $photo = LogPhoto::query()->firstOrFail();
        $this->assertSame([900, 450], [$photo->wide, $photo->high]);
        $this->assertStringNotContainsString('script', $photo->jpeg);
        $this->get("/log/$entry->id/photos/$photo->id.jpg")->assertHeader('Content-Type', 'image/jpeg');
        $this->get("/log/$entry->id")->assertSee('alt="A wreath on a blue door &lt;b&gt;"', false);
        $this->post("/log/$entry->id/photos/$photo->id", ['alt' => 'On the door']);
        $this->get('/log')->assertSee('alt="On the door"', false);
        $other = $this->written([]);
        $this->get("/log/$other->id/photos/$photo->id.jpg")->assertNotFound();
        $this->delete("/log/$entry->id/photos/$photo->id");
        $this->assertSame(0, LogPhoto::query()->count());
    }

    public function test_what_is_no_photograph_is_said_and_its_words_are_kept(): void
    {
        $entry = $this->written([]);
        foreach ([
            'no photograph that Davrin can read' => '<svg onload="alert(1)"/>',
            'damaged' => substr($this->jpeg(300, 200), 0, 600),
            'no side may have more than 16,000' => $this->png(20_000, 2),
            'larger than 15 MB' => str_repeat('x', 15_000_001),
        ] as $sentence => $bytes) {
            $this->photograph($entry, $bytes, 'On the door')->assertSessionHasErrors('photograph');
            $this->assertStringContainsString($sentence, session('errors')->first('photograph'));
            $this->assertSame('On the door', session()->getOldInput('alt'));
        }
        $this->assertSame(0, LogPhoto::query()->count());
        for ($number = 0; $number < LogPhoto::MOST; $number++) {
            $this->photograph($entry, $this->jpeg(20, 20), '');
        }
        $this->photograph($entry, $this->jpeg(20, 20), '')->assertSessionHasErrors('photograph');
    }

    public function test_it_is_made_again_with_what_lies_on_the_shelf_today(): void
    {
        $item = $this->sage('1 x 10 yd by label, 131 in');
        $plan = $this->threeLayers($item);
        $entry = $this->written([], plan: $plan);
        $item->write('price', '9.25');
        $this->post("/log/$entry->id/plan")->assertRedirect();
        $made = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame('9.25', $made->plan()->wound()[0]->slip->write()['price']);
        $this->assertSame($plan->plan()->parts[0]->write(), $made->plan()->parts[0]->write());
        $this->assertSame('6.75', $entry->fresh()->design()->wound()[0]->slip->write()['price'], 'the log stays as it was');
        $this->get("/plans/$made->id")->assertOk()->assertSee('As on the shelf today');
    }

    /** @param  array<string, string>  $typed */
    private function written(array $typed, ?LogEntry $entry = null, ?SavedPlan $plan = null): LogEntry
    {
        $entry ??= NewEntry::byHand($plan ?? $this->hang());
        if ($typed !== []) {
            $this->post("/log/$entry->id/edits", ['set' => $typed])->assertRedirect("/log/$entry->id");
        }

        return $entry->fresh();
    }

    /** How large the next of a plan is said to get. */
    private function said(SavedPlan $plan): string
    {
        return app(\Davrin\Core\Engine\Engine::class)->figures($plan->fresh()->plan())->tally->across->value;
    }

    /** @return list<string> */
    private function row(TestResponse $page, int $number): array
    {
        return $this->texts($page, "//table[contains(@class, 'beside')]/tbody/tr[$number]/*");
    }

    private function photograph(LogEntry $entry, string $bytes, string $alt): TestResponse
    {
        return $this->post("/log/$entry->id/photos", ['photograph' => UploadedFile::fake()->createWithContent('door.jpg', $bytes), 'alt' => $alt]);
    }

    private function jpeg(int $wide, int $high): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor($wide, $high));

        return (string) ob_get_clean();
    }

    private function png(int $wide, int $high): string
    {
        ob_start();
        imagepng(imagecreatetruecolor($wide, $high));

        return (string) ob_get_clean();
    }
}
