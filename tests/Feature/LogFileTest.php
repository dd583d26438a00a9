<?php

namespace Tests\Feature;

use App\Log\LogImport;
use App\Log\NewEntry;
use App\Log\Writing;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use App\Settings\LearnedNow;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\LogFile;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** The log goes out as a table and whole, and comes in again. */
final class LogFileTest extends FeatureCase
{
    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
        parent::tearDown();
    }

    public function test_the_whole_log_comes_back_as_it_was_and_teaches_the_same(): void
    {
        $plan = $this->hang();
        foreach (['0.8', '0.9', '0.8', '0.85'] as $at => $each) {
            $this->entry($plan, ['entry.made' => '2026-0'.($at + 2).'-11', 'times.2' => (string) (18 * $each), 'rolls.0' => '355 in', 'spoiled.teal' => '4 in']);
        }
        $learned = app(LearnedNow::class)->figures()->write();
        $before = $this->kept();
        $this->assertSame(0.825, app(LearnedNow::class)->figures()->find(Subject::Minutes, 'ruffle')?->value);
        $bytes = $this->get('/log.json')->assertOk()->streamedContent();
        DB::table('log_entries')->delete();
        $this->assertSame('4 pieces written into the log.', LogImport::of($bytes)->words());
        $this->assertSame($before, $this->kept());
        $this->assertEquals($learned, app(LearnedNow::class)->figures()->write());
        $this->assertEquals(json_decode($bytes, true), json_decode($this->get('/log.json')->streamedContent(), true));
        $this->get('/log/'.LogEntry::query()->max('id'))->assertOk()->assertSee('about 23 in');
    }

    /** What goes out comes in, however much it is: more pieces than a file holds, more bytes, a build with many notes and long names. */
    #[TestWith([516, 0, 1])]
    #[TestWith([2_003, 0, 2])]
    #[TestWith([20, 250_000, 2])]
    public function test_no_log_goes_out_that_does_not_come_in_again(int $pieces, int $long, int $least): void
    {
        $entry = $this->entry($this->hang(), ['times.2' => '14']);
        $notes = array_fill(0, max(1, intdiv($long, 600)), ['at' => str_repeat('t', 120), 'words' => str_repeat('n', 480)]);
        $row = ['notes' => json_encode($notes)] + (array) DB::table('log_entries')->find($entry->id);
        $sheet = (array) json_decode((string) $row['sheet'], true);
        unset($row['id']);
        foreach (array_chunk(range(2, $pieces), 50) as $numbers) {
            DB::table('log_entries')->insert(array_map(function (int $number) use ($row, $sheet): array {
                $day = sprintf('20%02d-03-01', $number % 20);

                return ['made_on' => $day, 'sheet' => json_encode(['made' => $day] + $sheet)] + $row;
            }, $numbers));
        }
        $link = $this->find($this->get('/log')->assertOk(), '//a[contains(@href, "/log.json")]')[0]->getAttribute('href');
        $page = $least === 1 ? $this->get('/log') : $this->get((string) $this->get($link)->assertRedirect()->headers->get('Location'))->assertOk();
        $files = count($this->find($page, '//a[contains(@href, "/log.json")]'));
        $this->assertGreaterThanOrEqual($least, $files);
        $saved = array_map(fn (int $part): string => $this->get("/log.json?part=$part")->streamedContent(), range(1, $files));
        $kept = DB::table('log_entries')->pluck('document')->countBy()->all();
        DB::table('log_entries')->delete();
        $counts = [];
        foreach ($saved as $bytes) {
            $this->assertLessThanOrEqual(LogFile::MOST_BYTES, strlen($bytes));
            $counts[] = count(json_decode($bytes, true)['entries']);
        }
        $this->assertSame($pieces, array_sum($counts));
        // The first is tried whole where that is quick, the others are as long or shorter.
        if ($pieces < 600) {
            foreach ($saved as $at => $bytes) {
                $this->assertStringStartsWith("$counts[$at] pieces written", LogImport::of($bytes)->words());
            }
            $this->assertSame($kept, DB::table('log_entries')->pluck('document')->countBy()->all());
        } else {
            $this->assertCount($counts[0], iterator_to_array((new LogFile(app(PlanFile::class)))->read($saved[0]), false));
        }
    }

    public function test_the_same_file_once_more_doubles_nothing_and_brings_back_what_was_taken_out(): void
    {
        $plan = $this->hang();
        [$kept, $out] = [$this->entry($plan, ['entry.wide' => '22 in']), $this->entry($plan, ['entry.wide' => '22 1/2 in'])];
        $bytes = $this->get('/log.json')->streamedContent();
        $this->delete("/log/$out->id");
        $this->open($bytes)->assertRedirect('/log')->assertSessionHas('said', '1 that had been taken out put back, 1 there already and left as they are.');
        $this->assertSame([$kept->id, $out->id], LogEntry::query()->orderBy('id')->pluck('id')->all());
        $this->open($bytes)->assertSessionHas('said', '2 there already and left as they are.');
        $this->open('{"format": "davrin-log", "version": 1, "entries": []}')->assertSessionHas('said', 'There is no piece in this file.');
    }

    public function test_pieces_that_are_alike_are_each_a_piece_and_one_timed_otherwise_is_another(): void
    {
        $plan = $this->hang();
        $this->entry($plan, ['times.2' => '14']);
        $this->entry($plan, ['times.2' => '14']);
        $this->entry($plan, ['times.2' => '15']);
        $bytes = $this->get('/log.json')->streamedContent();
        DB::table('log_entries')->delete();
        $this->assertSame('3 pieces written into the log.', LogImport::of($bytes)->words());
        LogEntry::query()->oldest('id')->firstOrFail()->forceDelete();
        $this->assertSame('1 piece written into the log, 2 there already and left as they are.', LogImport::of($bytes)->words());
        $this->assertSame('3 there already and left as they are.', LogImport::of($bytes)->words());
        $this->assertSame(3, LogEntry::query()->count());
    }

    public function test_a_file_written_by_hand_needs_little(): void
    {
        $plan = json_decode(app(PlanFile::class)->write($this->hang()->planOnSheet()), true);
        $this->open(json_encode(['format' => LogFile::FORMAT, 'version' => 1, 'entries' => [
            ['piece' => ['name' => 'From a notebook', 'made' => '2024-05-04', 'season' => 'spring', 'wide' => '57 cm'], 'plan' => $plan],
        ]]))->assertSessionHas('said', '1 piece written into the log.');
        $entry = LogEntry::query()->sole();
        $this->assertSame(['From a notebook', '57 cm', null], [$entry->name, $entry->slip()->write()['wide'], $entry->plan_id]);
        $this->get("/log/$entry->id")->assertOk()->assertSee('57 cm');
        $this->get("/log/$entry->id.svg")->assertOk();
        $this->post("/log/$entry->id/plan")->assertRedirectContains('/plans/');
    }

    #[TestWith(['piece.made', '2099-01-01', 'Piece 2: Jan 1, 2099 is still to come'])]
    #[TestWith(['piece.wide', '13 in', 'Piece 2: The form alone is 14 in wide'])]
    #[TestWith(['piece.wide', 'so wide', 'at /entries/1/piece/wide'])]
    #[TestWith(['piece.colour', 'red', '"colour" is not known here'])]
    #[TestWith(['work.0.took', 10080, 'Piece 2: 10,080 min for ties is 1.0 weeks'])]
    #[TestWith(['work.0.took', 'long', 'at /entries/1/work/0/took'])]
    #[TestWith(['rolls.0.held', '9999 in', 'cannot have held 9999 in'])]
    #[TestWith(['spoiled', ['teal' => '5000 in'], 'at /entries/1/spoiled/teal'])]
    #[TestWith(['spoiled', ['nothing' => '5 in'], 'The plan has no material "nothing".'])]
    #[TestWith(['plan.parts.0.length', 'long', 'at /entries/1/plan/parts/0/length'])]
    #[TestWith(['plan', [], '/entries/1/plan'])]
    #[TestWith(['prices', ['format' => 'else'], 'at /entries/1/prices/format'])]
    public function test_of_a_file_with_a_fault_nothing_is_written_and_the_fault_is_named(string $where, mixed $what, string $sentence): void
    {
        $plan = $this->hang();
        $this->entry($plan, ['entry.made' => '2026-01-01']);
        $this->entry($plan, ['entry.made' => '2026-01-02']);
        $document = json_decode($this->get('/log.json')->streamedContent(), true);
        DB::table('log_entries')->delete();
        $document['entries'] = array_reverse($document['entries']);
        data_set($document, "entries.1.$where", $what);
        foreach ($document['entries'] as &$entry) {
            $entry['spoiled'] = (object) $entry['spoiled'];
        }
        $this->open(json_encode($document))->assertRedirect('/log')->assertSessionHas('refused', fn (string $said): bool => str_starts_with($said, 'Nothing of log.json was written into the log.')
            && str_contains($said, $sentence));
        $this->assertSame(0, LogEntry::query()->count());
    }

    #[TestWith(['', 'The file is not JSON'])]
    #[TestWith(['<script>alert(1)</script>', 'The file is not JSON'])]
    #[TestWith(['[]', 'This is no log'])]
    #[TestWith(['{"format": "davrin-plan", "version": 3}', 'This is no log'])]
    #[TestWith(['{"format": "davrin-log", "version": 2, "entries": []}', '/version'])]
    #[TestWith(['{"format": "davrin-log", "version": 1}', '"entries" is missing here.'])]
    public function test_what_is_no_log_is_said(string $bytes, string $sentence): void
    {
        $this->open($bytes)->assertSessionHas('refused', fn (string $said): bool => str_contains($said, $sentence));
        $this->post('/log-files')->assertRedirect('/log')->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'No file came'));
    }

    public function test_a_table_holds_what_is_leafed_through_and_no_formula_lives_in_it(): void
    {
        $plan = $this->hang();
        $this->entry($plan, ['entry.name' => '=1+1', 'entry.made' => '2026-03-08', 'entry.wide' => '22 in', 'times.2' => '14.4', 'entry.soldFor' => '38', 'entry.soldAt' => 'the fair']);
        $this->entry($plan, ['entry.made' => '2025-03-08']);
        $rows = $this->table('/log.csv');
        $this->assertCount(3, $rows);
        $this->assertSame(['name', 'made on', 'season', 'how many', 'plan'], array_slice($rows[0], 0, 5));
        $row = array_combine($rows[0], $rows[1]);
        $this->assertSame(["'=1+1", '2026-03-08', 'spring', '22 in', '', '$38.00', 'USD'], array_map(
            fn (string $its): string => $row[$its],
            ['name', 'made on', 'season', 'width', 'depth', 'sold for each', 'currency'],
        ));
        $this->assertSame($row['plan'], $plan->name);
        $this->assertMatchesRegularExpression('/^\d+\.\d\d$/', $row['earned in all']);
        $this->assertCount(2, $this->table('/log.csv?year=2025'));
        $this->assertCount(1, $this->table('/log.csv?q=nowhere'), 'the head alone');
        $this->get('/log?year=2025')->assertSee('What is shown as a file')->assertSee('log.csv?year=2025', false);
    }

    public function test_the_published_schema_is_the_one_that_is_held_against(): void
    {
        $this->artisan('log:schema')->assertSuccessful();
        $this->assertEquals(json_decode(json_encode(LogFile::schema()), true), json_decode((string) file_get_contents(base_path('docs/log.schema.json')), true));
    }

    /** The log of four pieces, on the command line, is what a house that wrote them says; and a plan is worked out with it. */
    public function test_the_command_line_learns_from_a_file_and_works_with_it(): void
    {
        $plan = $this->hang();
        foreach (['0.8', '0.9', '0.8', '0.85'] as $each) {
            $this->entry($plan, ['times.2' => (string) (18 * $each), 'entry.wide' => '22 in']);
        }
        [$log, $learned] = [$this->file($this->get('/log.json')->streamedContent()), $this->file((string) $this->get('/learning.json')->getContent())];
        $told = $this->said('log:learn', ['file' => $log]);
        $this->assertStringContainsString('ruffles: guessed 1, really 0.825 min, from 4 pieces, a first idea', $told);
        $this->assertStringContainsString('Learned from 4 pieces', $told);
        $this->assertSame(file_get_contents($learned), $this->said('log:learn', ['file' => $log, '--json' => true]));
        $file = database_path('demo/garden-club-bee-stall.json');
        $minutes = fn (array $more): array => array_column(json_decode($this->said('plan:compute', ['files' => [$file], '--json' => true] + $more), true)['build'], 'minutes', 'step');
        $this->assertEqualsWithDelta(15 * 1.0, $minutes([])['parts.l1'], 1e-9);
        // As it is told, to the hundredth.
        $this->assertSame(12.38, $minutes(['--learned' => $learned])['parts.l1']);
        foreach (['plan:price' => [], 'plan:vary' => ['figure' => 'parts.l1.length', '--from' => '19 in', '--to' => '20 in'], 'plan:build' => []] as $command => $more) {
            $this->assertNotSame($this->said($command, ['file' => $file, '--json' => true] + $more), $this->said($command, ['file' => $file, '--json' => true, '--learned' => $learned] + $more), $command);
        }
    }

    public function test_the_command_line_says_which_file_is_at_fault(): void
    {
        $file = database_path('demo/garden-club-bee-stall.json');
        foreach (['{}', 'x', '{"format": "davrin-learned", "learned": [1]}', '{"format": "davrin-learned", "learned": [{"figure": "luck"}]}'] as $bytes) {
            $this->artisan('plan:compute', ['files' => [$file], '--learned' => $this->file($bytes)])->assertFailed();
        }
        $this->artisan('plan:compute', ['files' => [$file], '--learned' => '/nowhere.json'])->assertFailed();
        $this->artisan('log:learn', ['file' => $file])->assertFailed();
        $this->artisan('log:learn', ['file' => '/nowhere.json'])->assertFailed();
    }

    /** @param  array<string, mixed>  $arguments */
    private function said(string $command, array $arguments): string
    {
        $this->assertSame(0, Artisan::call($command, $arguments));

        return Artisan::output();
    }

    private function file(string $bytes): string
    {
        $this->files[] = $path = (string) tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($path, $bytes);

        return $path;
    }

    /** @param  array<string, string>  $typed */
    private function entry(SavedPlan $plan, array $typed): LogEntry
    {
        $entry = NewEntry::byHand($plan, '2026-03-08');
        Writing::in($entry, $typed);

        return $entry;
    }

    private function open(string $bytes): TestResponse
    {
        return $this->post('/log-files', ['file' => UploadedFile::fake()->createWithContent('log.json', $bytes)]);
    }

    /** @return list<list<string>> */
    private function table(string $path): array
    {
        $text = substr($this->get($path)->assertOk()->streamedContent(), 3);

        return array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($text)));
    }

    /** @return list<array<string, mixed>> all that is kept of each, without what counts rows */
    private function kept(): array
    {
        return DB::table('log_entries')->orderBy('made_on')->get()
            ->map(fn (object $row): array => array_diff_key((array) $row, ['id' => 1, 'plan_id' => 1, 'revision_id' => 1, 'created_at' => 1, 'updated_at' => 1]))->all();
    }
}
