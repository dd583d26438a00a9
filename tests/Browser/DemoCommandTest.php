<?php

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/demo, as the README promises it. What it needs is installed already, since the tests run. */
final class DemoCommandTest extends TestCase
{
    private string $folder;

    /** @var list<Process> */
    private array $running = [];

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/davrin-demo-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        foreach ($this->running as $process) {
            $process->stop(5, SIGTERM);
        }
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function test_it_builds_loads_the_demo_says_where_it_is_and_takes_the_next_free_port(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        $first = $this->demo($port);
        $address = $this->address($first);
        $this->assertNotSame("http://127.0.0.1:$port", $address);
        $this->assertStringContainsString('making the database', $first->getOutput());
        $this->assertStringContainsString('hanging the demo plans on the wall', $first->getOutput());
        $this->assertStringContainsString('Band door, teal and gold', (string) file_get_contents("$address/plans"));

        // A second start skips what is done, and takes another port while the first has its own.
        $second = $this->demo((int) parse_url($address, PHP_URL_PORT));
        $other = $this->address($second);
        $this->assertNotSame($address, $other);
        $this->assertStringNotContainsString('·', $second->getOutput());

        // Ended, it leaves no worker behind to answer.
        $second->stop(5, SIGTERM);
        $this->assertFalse(@file_get_contents("$other/plans"));
        $this->assertNotFalse(file_get_contents("$address/plans"));
    }

    public function test_a_damaged_database_is_left_as_it_is_and_what_to_do_is_said(): void
    {
        file_put_contents("$this->folder/davrin.sqlite", $damaged = str_repeat('once a database ', 600));
        $demo = $this->demo(8080);
        $demo->wait();
        $this->assertSame(1, $demo->getExitCode());
        $this->assertStringContainsString('is damaged, or is no database of Davrin', $demo->getErrorOutput());
        $this->assertStringContainsString("mv $this->folder/davrin.sqlite", $demo->getErrorOutput());
        $this->assertSame($damaged, file_get_contents("$this->folder/davrin.sqlite"));
    }

    /** Settings that an earlier start cached, here or in the folder that this one was copied from, name another database and another host. */
    public function test_a_copied_folder_begins_with_its_own_new_database_whatever_was_cached_before(): void
    {
        [$root, $copy, $first] = [dirname(__DIR__, 2), "$this->folder/copy", "$this->folder/first.sqlite"];
        $without = array_map(fn (string $name): string => "--exclude=./$name", ['.git', 'node_modules', 'database/*.sqlite*', 'storage/app/*', 'storage/framework/cache/data/run-*']);
        (new Process(['bash', '-c', 'mkdir "$1" && shift && tar -C "$1" "${@:3}" -cf - . | tar -C "$2" -xf - && ln -s "$1/node_modules" "$2/"', 'copy', $copy, $root, $copy, ...$without]))->mustRun();
        file_put_contents($first, '');
        (new Process(['php', 'artisan', 'config:cache'], $copy, ['APP_ENV' => 'production', 'DB_DATABASE' => $first, 'DAVRIN_HOSTS' => 'first.example', 'APP_CONFIG_CACHE' => 'bootstrap/cache/config.php']))->mustRun();
        copy("$copy/bootstrap/cache/config.php", "$copy/storage/framework/cache/data/demo-config.php");
        $this->assertStringContainsString($first, (string) file_get_contents("$copy/bootstrap/cache/config.php"));

        $demo = $this->demo(DemoServer::freePort(), $copy, ['DB_DATABASE' => false, 'APP_CONFIG_CACHE' => 'bootstrap/cache/config.php', 'DAVRIN_HOSTS' => 'copy.example']);
        $address = $this->address($demo);
        $this->assertStringContainsString("making the database $copy/database/davrin.sqlite", $demo->getOutput());
        $this->assertStringContainsString('Band door, teal and gold', (string) file_get_contents("$address/plans"));
        $this->assertSame('', file_get_contents($first));
        $asked = fn (string $host): string => (string) @file_get_contents("$address/keys", false, stream_context_create(['http' => ['header' => "Host: $host"]]));
        $this->assertNotSame('', $asked('copy.example'));
        $this->assertSame('', $asked('first.example'));
    }

    public function test_a_port_that_is_none_is_refused_before_anything_is_done(): void
    {
        foreach (['eighty', '0', '70000', '80 80'] as $port) {
            $demo = $this->demo($port);
            $demo->wait();
            $this->assertStringContainsString("PORT must be a number from 1 to 65535; \"$port\" is not.", $demo->getErrorOutput());
        }
        $this->assertFileDoesNotExist("$this->folder/davrin.sqlite");
    }

    public function test_a_step_that_fails_says_which_it_was_and_why(): void
    {
        mkdir("$this->folder/davrin.sqlite");
        $demo = $this->demo(8080);
        $demo->wait();
        $this->assertSame(1, $demo->getExitCode());
        $this->assertStringContainsString("The database $this->folder/davrin.sqlite cannot be made", $demo->getErrorOutput());
    }

    /** @param  array<string, string|false>  $settings */
    private function demo(int|string $port, ?string $root = null, array $settings = []): Process
    {
        $root ??= dirname(__DIR__, 2);
        $process = new Process(["$root/bin/demo"], $root, $settings + [
            'PORT' => (string) $port, 'DB_DATABASE' => "$this->folder/davrin.sqlite", 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'PHP_CLI_SERVER_WORKERS' => '2',
        ], timeout: null);
        $process->start();

        return $this->running[] = $process;
    }

    private function address(Process $demo): string
    {
        $found = [];
        for ($end = microtime(true) + 60; preg_match('~Davrin is at (\S+)~', $demo->getOutput(), $found) !== 1; usleep(100_000)) {
            $this->assertTrue(
                microtime(true) < $end && $demo->isRunning(),
                'bin/demo did not come up: '.$demo->getOutput().$demo->getErrorOutput(),
            );
        }
        for ($end = microtime(true) + 10; @file_get_contents($found[1].'/keys') === false; usleep(100_000)) {
            $this->assertTrue(microtime(true) < $end, "$found[1] does not answer.");
        }

        return $found[1];
    }
}
