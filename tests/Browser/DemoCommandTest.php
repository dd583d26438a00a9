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

    private function demo(int $port): Process
    {
        $process = new Process([dirname(__DIR__, 2).'/bin/demo'], dirname(__DIR__, 2), [
            'PORT' => (string) $port, 'DB_DATABASE' => "$this->folder/davrin.sqlite", 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'PHP_CLI_SERVER_WORKERS' => '2',
            'APP_CONFIG_CACHE' => "$this->folder/config.php", 'APP_ROUTES_CACHE' => "$this->folder/routes.php", 'APP_EVENTS_CACHE' => "$this->folder/events.php",
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
