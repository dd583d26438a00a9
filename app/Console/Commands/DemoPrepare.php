<?php

namespace App\Console\Commands;

use App\Exceptions\UnusableDatabase;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PDO;
use PDOException;
use Throwable;

/** Makes the database ready that the settings name: creates it, brings its tables up to date, and loads the demo where it is empty. */
final class DemoPrepare extends Command
{
    protected $signature = 'demo:prepare';

    protected $description = 'Make the database ready, and load the demo into an empty one';

    /** The table that every version of Davrin has had. */
    private const A_TABLE_OF_OURS = 'plans';

    public function handle(): int
    {
        $database = (string) config('database.connections.sqlite.database');
        try {
            $this->mustBeOurs($database);
            if (! is_file($database)) {
                $this->line("· making the database $database");
                $this->create($database);
            }
            $this->callSilently('migrate', ['--force' => true]);
            $this->seed();
        } catch (UnusableDatabase $why) {
            return $this->failed($why->getMessage());
        } catch (Throwable $why) {
            return $this->failed("The database $database could not be made ready: ".($why->getPrevious() ?? $why)->getMessage());
        }

        return self::SUCCESS;
    }

    /** @throws UnusableDatabase where the file is damaged, may not be written, or holds something else */
    private function mustBeOurs(string $database): void
    {
        if (! is_file($database)) {
            return;
        }
        try {
            $file = new PDO("sqlite:$database");
            $isSound = $file->query('pragma quick_check')->fetchColumn() === 'ok';
            $tables = $file->query("select name from sqlite_master where type = 'table'")->fetchAll(PDO::FETCH_COLUMN);
        } catch (PDOException) {
            [$isSound, $tables] = [false, []];
        }
        match (true) {
            ! $isSound => throw UnusableDatabase::damaged($database),
            ! is_writable($database) || ! is_writable(dirname($database)) => throw UnusableDatabase::readOnly($database),
            $tables !== [] && ! in_array(self::A_TABLE_OF_OURS, $tables, true) => throw UnusableDatabase::ofAnother($database),
            default => null,
        };
    }

    /** @throws UnusableDatabase */
    private function create(string $database): void
    {
        if (is_dir($database) || ! is_dir(dirname($database)) || ! @touch($database)) {
            throw UnusableDatabase::notMade($database);
        }
    }

    /** Loads the demo, all of it or nothing. A database that holds anything stays as it is. */
    private function seed(): void
    {
        DB::transaction(function (): void {
            if ($this->isEmpty()) {
                $this->line('· hanging the demo plans on the wall');
                app()->call([app(DemoSeeder::class), 'run']);
            }
        });
    }

    private function isEmpty(): bool
    {
        foreach (Schema::getTables() as $table) {
            if (! in_array($table['name'], ['migrations', 'sqlite_sequence'], true) && DB::table($table['name'])->exists()) {
                return false;
            }
        }

        return true;
    }

    private function failed(string $why): int
    {
        $this->output->getErrorStyle()->writeln("\n$why\n");

        return self::FAILURE;
    }
}
