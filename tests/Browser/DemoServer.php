<?php

namespace Tests\Browser;

use RuntimeException;
use SQLite3;
use Symfony\Component\Process\Process;

/** Davrin with its demo data, served as it is served; one for all browser tests, each of which begins with the demo anew. */
final class DemoServer
{
    private static ?self $running = null;

    public readonly string $url;

    private readonly string $folder;

    private readonly Process $process;

    private function __construct()
    {
        $root = dirname(__DIR__, 2);
        $this->folder = sys_get_temp_dir().'/davrin-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        mkdir("$this->folder/views");
        touch("$this->folder/demo.sqlite");
        (new Process(['php', 'artisan', 'migrate', '--force', '--seed', '--seeder=DemoSeeder', '--quiet'], $root, ['APP_ENV' => 'production', 'DB_DATABASE' => "$this->folder/demo.sqlite"]))->mustRun();
        // As bin/demo does, so that what is on the wall is not put in its place while a test looks at it.
        (new Process(['php', 'artisan', 'plans:work-out', '--most=24', '--quiet'], $root, ['APP_ENV' => 'production', 'DB_DATABASE' => "$this->folder/demo.sqlite"]))->mustRun();
        $port = self::freePort();
        $this->url = "http://127.0.0.1:$port";
        $this->process = new Process(["$root/bin/serve", (string) $port], $root, [
            'APP_ENV' => 'production', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'DB_DATABASE' => "$this->folder/davrin.sqlite", 'PHP_CLI_SERVER_WORKERS' => '2',
            // Other tests run beside these and draw the same pages.
            'VIEW_COMPILED_PATH' => "$this->folder/views",
        ], timeout: null);
        $this->process->start();
        register_shutdown_function($this->stop(...));
    }

    /** The one that runs, with nothing in it but the demo. */
    public static function fresh(): self
    {
        $server = self::$running ??= new self;
        // By SQLite itself: what a page asked for last may still be on its way, and a file that is taken from under it would be damaged.
        [$demo, $davrin] = [new SQLite3("$server->folder/demo.sqlite"), new SQLite3("$server->folder/davrin.sqlite")];
        $davrin->busyTimeout(10_000);
        $demo->backup($davrin) || throw new RuntimeException('The demo could not be laid out anew.');
        $demo->close();
        $davrin->close();

        return $server;
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    public function answers(): bool
    {
        return @file_get_contents("$this->url/keys") !== false;
    }

    private function stop(): void
    {
        $this->process->stop(5, SIGTERM);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }
}
