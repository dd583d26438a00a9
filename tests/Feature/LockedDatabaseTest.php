<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use PDO;

/** The plan on a real disk file, as it is when Davrin runs, while something else writes to it. */
final class LockedDatabaseTest extends TestCase
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

    public function test_it_is_kept_safe_against_a_crash(): void
    {
        $pragma = fn (string $name): mixed => DB::selectOne("pragma $name")->{$name === 'busy_timeout' ? 'timeout' : $name};
        // 2 is FULL.
        $this->assertSame(['wal', 1, 2, 20], array_map($pragma, ['journal_mode', 'foreign_keys', 'synchronous', 'busy_timeout']));
    }

    public function test_an_edit_while_it_is_locked_says_so_and_loses_nothing(): void
    {
        $other = new PDO("sqlite:{$this->file()}");
        $other->exec('begin immediate');
        $fields = ['revision' => $this->plan->revision_id, 'set' => ['parts.outer.length' => '17 in']];
        $page = $this->post("/plans/{$this->plan->id}/edits", $fields, ['HX-Request' => 'true'])->assertStatus(503);
        $page->assertSee('omething else is writing')->assertSee('value="17 in"', false);
        $this->post('/plans')->assertRedirect();
        $this->get('/plans')->assertOk()->assertSee('omething else is writing');
        $other->exec('rollback');
        $this->assertSame('19 in', $this->plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
        $this->post("/plans/{$this->plan->id}/edits", $fields, ['HX-Request' => 'true'])->assertOk();
        $this->assertSame('17 in', $this->plan->fresh()->plan()->parts[1]->on->slip->write()['length']);
    }

    public function test_a_change_that_fails_half_way_leaves_nothing_behind(): void
    {
        DB::statement("create trigger fails before update on plans begin select raise(abort, 'the disk is full'); end");
        $this->post(
            "/plans/{$this->plan->id}/edits",
            ['revision' => $this->plan->revision_id, 'set' => ['parts.outer.length' => '17 in']],
        )->assertStatus(500)->assertSee('nothing was changed');
        $this->assertSame(1, $this->plan->revisions()->count());
    }
}
