<?php

namespace Tests\Feature;

use App\Bench\StartBuild;
use App\Models\Build;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\WalkOrder;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use PDO;
use Symfony\Component\Process\Process;
use Tests\Browser\DemoServer;

/** Ticks on a real disk file, while the server is killed, the database is locked, and two windows tick at once. */
final class BenchOnDiskTest extends TestCase
{
    use DatabaseOnDisk;

    private const SEED = 20261129;

    private Build $build;

    private int $port;

    /** @var array<int, string> by port */
    private array $pass = [];

    /** @var list<string> the head of the last answer */
    private array $answered = [];

    /** @var list<Process> */
    private array $servers = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->migrateOnDisk(6000);
        $this->build = StartBuild::of($this->begun(), 2, WalkOrder::ByStep, CopyOrder::OneByOne)[0];
        $this->port = DemoServer::freePort();
    }

    protected function tearDown(): void
    {
        array_map(fn (Process $server) => $server->stop(0, SIGKILL), $this->servers);
        $this->forgetDisk();
        parent::tearDown();
    }

    public function test_every_tick_that_was_taken_is_there_after_the_server_is_killed_and_none_is_there_twice(): void
    {
        mt_srand(self::SEED);
        [$units, $ticks, $taken] = [$this->build->version()->units, [], []];
        for ($number = 0; $number < 100; $number++) {
            $ticks[] = ['token' => (string) Str::uuid(), 'unit' => $units[mt_rand(0, count($units) - 1)], 'deed' => ['done', 'done', 'undone', 'skipped'][mt_rand(0, 3)]];
        }
        $server = $this->serve();
        $kills = [17, 48, 81];
        foreach ($ticks as $number => $tick) {
            if (in_array($number, $kills, true)) {
                // A tick is on its way while the server dies; it is sent again, as the browser would.
                $this->send([$tick], 0.02);
                $server->stop(0, SIGKILL);
                $server = $this->serve();
            }
            for ($tries = 0; $tries < 5 && ! in_array($tick['token'], $taken, true); $tries++) {
                array_push($taken, ...$this->send([$tick], 5.0));
            }
            $this->assertContains($tick['token'], $taken, "Tick $number was never taken: ".json_encode($this->answered));
        }
        $server->stop(0, SIGKILL);
        $there = $this->build->ticks()->orderBy('id')->pluck('token')->all();
        $this->assertSame(array_column($ticks, 'token'), $there);
        $expected = [];
        foreach ($ticks as $tick) {
            $expected[$tick['unit']] = Mark::from($tick['deed']);
        }
        $this->assertEquals(array_filter($expected, fn (Mark $mark): bool => $mark !== Mark::Undone), $this->build->marks());
        $this->assertSame('ok', $this->connection()->query('pragma integrity_check')->fetchColumn());
    }

    public function test_while_the_database_is_locked_for_three_seconds_ticks_arrive_late_and_not_never(): void
    {
        $this->serve();
        $units = $this->build->version()->units;
        $this->assertCount(1, $this->send([['token' => (string) Str::uuid(), 'unit' => $units[0], 'deed' => 'done']], 5.0));
        $other = $this->connection();
        $other->exec('begin immediate');
        $ticks = array_map(fn (int $at): array => ['token' => (string) Str::uuid(), 'unit' => $units[$at], 'deed' => 'done'], range(1, 20));
        $client = new Process(['php', '-r', sprintf(
            'echo file_get_contents(%s, false, stream_context_create(["http" => ["method" => "POST", "timeout" => 20, "header" => %s, "content" => %s]]));',
            var_export($this->url(), true),
            var_export("Content-Type: application/json\r\nAccept: application/json\r\nX-Bench: 1\r\n".$this->pass(), true),
            var_export(json_encode(['ticks' => $ticks, 'since' => 0]), true),
        )]);
        $began = microtime(true);
        $client->start();
        while (microtime(true) - $began < 3.0) {
            usleep(50_000);
        }
        $this->assertTrue($client->isRunning());
        $this->assertSame(1, (int) $other->query('select count(*) from build_ticks')->fetchColumn());
        $other->exec('commit');
        $client->wait();
        $this->assertCount(20, json_decode($client->getOutput(), true)['kept'] ?? [], $client->getOutput().$client->getErrorOutput());
        $this->assertSame(21, $this->build->ticks()->count());
    }

    public function test_two_who_tick_the_same_and_different_things_at_once_lose_none(): void
    {
        $units = array_slice($this->build->version()->units, 0, 30);
        $clients = [];
        foreach ([0, 1] as $window) {
            // Each has a server process of its own, so that both write at the same moment.
            $this->port = DemoServer::freePort();
            $this->serve();
            $script = '[$url, $head, $units] = json_decode(stream_get_contents(STDIN), true); $kept = 0;
                foreach ($units as $unit) {
                    $body = json_encode(["ticks" => [["token" => bin2hex(random_bytes(12)), "unit" => $unit, "deed" => "done"]], "since" => 0]);
                    $answer = json_decode((string) file_get_contents($url, false, stream_context_create(["http" => ["method" => "POST", "timeout" => 20, "header" => $head, "content" => $body]])), true);
                    $kept += count($answer["kept"] ?? []);
                }
                echo $kept;';
            $clients[] = $client = new Process(['php', '-r', $script]);
            $mine = $window === 0 ? $units : array_reverse($units);
            $client->setInput(json_encode([$this->url(), "Content-Type: application/json\r\nAccept: application/json\r\n".$this->pass(), $mine]));
            $client->start();
        }
        foreach ($clients as $client) {
            $client->wait();
            $this->assertSame('30', $client->getOutput(), $client->getErrorOutput());
        }
        $this->assertSame(60, $this->build->ticks()->count());
        $this->assertCount(30, $this->build->marks());
    }

    private function serve(): Process
    {
        $server = new Process(['php', '-S', "127.0.0.1:$this->port", '../bin/serve.php'], base_path('public'), [
            'APP_ENV' => 'production', 'DB_DATABASE' => $this->file(), 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'DB_BUSY_TIMEOUT' => '6000', 'VIEW_COMPILED_PATH' => $this->folder, 'PHP_CLI_SERVER_WORKERS' => false,
        ], timeout: null);
        $server->start();
        $this->servers[] = $server;
        for ($until = microtime(true) + 10.0; microtime(true) < $until && @fsockopen('127.0.0.1', $this->port) === false;) {
            usleep(10_000);
        }

        return $server;
    }

    /**
     * @param  list<array<string, mixed>>  $ticks
     * @return list<string> the tokens that were taken; none where the server did not answer
     */
    private function send(array $ticks, float $patience): array
    {
        $answer = @file_get_contents($this->url(), false, stream_context_create(['http' => [
            'method' => 'POST',
            'timeout' => $patience,
            'header' => "Content-Type: application/json\r\nAccept: application/json\r\n".$this->pass(),
            'content' => json_encode(['ticks' => $ticks, 'since' => 0]),
        ]]));

        $this->answered = $http_response_header ?? [];
        $kept = json_decode((string) $answer, true)['kept'] ?? null;
        if ($kept === null) {
            // A server that is killed while it writes the session down may leave none: a new one is asked for, as the browser does.
            unset($this->pass[$this->port]);
        }

        return $kept ?? [];
    }

    /** A session of its own, so that what it sends is known to come from a page. */
    private function pass(): string
    {
        if (! isset($this->pass[$this->port])) {
            $page = (string) @file_get_contents("http://127.0.0.1:$this->port/builds/{$this->build->id}");
            preg_match('/data-csrf="([^"]+)"/', $page, $token);
            $cookies = array_map(
                fn (string $line): string => explode(';', substr($line, strlen('Set-Cookie: ')))[0],
                array_filter($http_response_header ?? [], fn (string $line): bool => str_starts_with($line, 'Set-Cookie: ')),
            );
            $this->pass[$this->port] = 'X-CSRF-TOKEN: '.($token[1] ?? '')."\r\nCookie: ".implode('; ', $cookies)."\r\n";
        }

        return $this->pass[$this->port];
    }

    private function url(): string
    {
        return "http://127.0.0.1:$this->port/builds/{$this->build->id}/ticks";
    }

    private function connection(): PDO
    {
        return new PDO("sqlite:{$this->file()}");
    }
}
