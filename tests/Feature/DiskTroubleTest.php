<?php

namespace Tests\Feature;

use App\Exceptions\DiskTrouble;
use App\Models\SavedPlan;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;

/** What a maker reads where the disk file cannot be written, or not even read. */
final class DiskTroubleTest extends TestCase
{
    use DatabaseOnDisk;

    private SavedPlan $plan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->migrateOnDisk(20);
        $this->plan = $this->begun();
    }

    protected function tearDown(): void
    {
        $this->forgetDisk();
        parent::tearDown();
    }

    public function test_a_full_disk_takes_no_edit_keeps_what_was_typed_and_still_shows_the_plan(): void
    {
        // The file may not grow by a single page more.
        DB::statement('pragma max_page_count = '.DB::selectOne('pragma page_count')->page_count);
        $answer = $this->edit(['set' => ['plan.name' => str_repeat('n', 80), 'parts.outer.length' => '17 in']]);
        for ($try = 0; $try < 40 && $answer->getStatusCode() === 200; $try++) {
            $answer = $this->edit(['set' => ['parts.outer.length' => (9 + $try % 9).' 1/2 in']]);
        }
        $answer->assertStatus(503)->assertSee('The disk is full')->assertSee('still in its blank');
        $this->assertMatchesRegularExpression('/value="\d+ 1\/2 in"/', (string) $answer->getContent());
        $this->get("/plans/{$this->plan->id}")->assertOk();
        $this->get('/plans')->assertOk();
    }

    public function test_a_file_that_may_only_be_read_is_shown_and_not_written(): void
    {
        DB::statement('pragma query_only = on');
        $this->edit(['set' => ['parts.outer.length' => '17 in']])->assertStatus(503)->assertSee('may only be read, not written')->assertSee('value="17 in"', false);
        $this->get('/plans')->assertOk()->assertSee('Band door');
    }

    public function test_a_file_that_is_not_there_is_missed_and_not_made_anew(): void
    {
        $this->openOnDisk("$this->folder/gone.sqlite");
        $this->get('/plans')->assertStatus(503)->assertSee('is not there, or nothing is in it yet')->assertHeader('Content-Security-Policy');
        $this->post('/plans')->assertStatus(503)->assertSee('is not there');
        $this->assertFileDoesNotExist("$this->folder/gone.sqlite");
        touch("$this->folder/empty.sqlite");
        $this->openOnDisk("$this->folder/empty.sqlite");
        $this->get('/plans')->assertStatus(503)->assertSee('nothing is in it yet');
    }

    public function test_a_damaged_file_is_left_as_it_is(): void
    {
        file_put_contents("$this->folder/damaged.sqlite", str_repeat('this was a database once. ', 400));
        $this->openOnDisk("$this->folder/damaged.sqlite");
        $before = md5_file("$this->folder/damaged.sqlite");
        $this->get('/plans')->assertStatus(503)->assertSee('is damaged and cannot be read');
        $this->post('/plans')->assertStatus(503)->assertSee('Put back your last copy');
        $this->assertSame($before, md5_file("$this->folder/damaged.sqlite"));
    }

    /** Not a byte more may be written to any file: by a client of its own, as the limit holds for a whole process. */
    public function test_on_a_disk_without_a_byte_left_all_pages_are_shown_and_what_cannot_be_saved_is_said(): void
    {
        $asks = [
            ...array_map(fn (string $page): array => ['method' => 'GET', 'to' => $page, 'fields' => []], ['/plans', "/plans/{$this->plan->id}", '/shelf', '/builds', '/log', '/keys']),
            ['method' => 'POST', 'to' => '/plans', 'fields' => []],
        ];
        $settings = ['APP_ENV' => 'testing', 'APP_KEY' => config('app.key'), 'DB_DATABASE' => $this->file(), 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array'];
        $answers = function (string $shell) use ($asks, $settings): array {
            $input = implode('', array_map(fn (array $ask): string => json_encode($ask, JSON_THROW_ON_ERROR)."\n", $asks));
            // Its words go through a pipe, which no limit of files holds for.
            $client = Process::fromShellCommandline("$shell exec ".escapeshellarg(PHP_BINARY).' '.escapeshellarg(__DIR__.'/Clients/client.php'), base_path(), $settings, $input, 60);
            $client->mustRun();

            return array_map(fn (string $line): int => json_decode($line, true)[0], explode("\n", trim($client->getOutput())));
        };
        DB::purge();
        // The first time with room, so that all views are compiled.
        $this->assertSame([200, 200, 200, 200, 200, 200, 302], $answers(''));
        $before = md5_file($this->file());
        array_map(unlink(...), glob($this->file().'-*') ?: []);
        $this->assertSame([200, 200, 200, 200, 200, 200, 302], $answers("trap '' XFSZ; ulimit -f 0;"));
        $this->assertSame($before, md5_file($this->file()));
    }

    #[TestWith(['SQLSTATE[HY000]: General error: 13 database or disk is full', DiskTrouble::Full])]
    #[TestWith(['SQLSTATE[HY000]: General error: 8 attempt to write a readonly database', DiskTrouble::ReadOnly])]
    #[TestWith(['SQLSTATE[HY000]: General error: 11 database disk image is malformed', DiskTrouble::Corrupt])]
    #[TestWith(['SQLSTATE[HY000]: General error: 5 database is locked', DiskTrouble::Locked])]
    #[TestWith(['SQLSTATE[HY000] [14] unable to open database file', DiskTrouble::ReadOnly])]
    public function test_it_is_known_by_what_sqlite_says(string $said, DiskTrouble $trouble): void
    {
        $this->assertSame($trouble, DiskTrouble::of(new PDOException($said)));
    }

    public function test_what_is_wrong_with_a_query_is_no_trouble_of_the_disk(): void
    {
        $this->assertNull(DiskTrouble::of(new PDOException('SQLSTATE[HY000]: General error: 1 near "selec": syntax error')));
        $sentences = array_map(fn (DiskTrouble $trouble): string => $trouble->sentence(), DiskTrouble::cases());
        $this->assertSame($sentences, array_unique($sentences));
    }

    /** @param  array<string, mixed>  $fields */
    private function edit(array $fields): TestResponse
    {
        return $this->post(
            "/plans/{$this->plan->id}/edits",
            $fields + ['revision' => SavedPlan::query()->whereKey($this->plan->id)->value('revision_id')],
            ['HX-Request' => 'true'],
        );
    }
}
