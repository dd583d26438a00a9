<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Support\Facades\DB;

/** The database as a file in a folder of its own, as it is when Davrin runs. */
trait DatabaseOnDisk
{
    private string $folder;

    private function migrateOnDisk(int $busyTimeout): void
    {
        $this->folder = sys_get_temp_dir().'/davrin-disk-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch($this->file());
        $this->openOnDisk($this->file(), $busyTimeout);
        $this->artisan('migrate', ['--force' => true]);
    }

    private function openOnDisk(string $file, int $busyTimeout = 20): void
    {
        config(['database.connections.sqlite.database' => $file, 'database.connections.sqlite.busy_timeout' => $busyTimeout]);
        DB::purge();
    }

    private function forgetDisk(): void
    {
        DB::purge();
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    private function file(): string
    {
        return "$this->folder/davrin.sqlite";
    }

    private function begun(string $name = 'band-door-teal-and-gold'): SavedPlan
    {
        return SavedPlan::start(app(PlanFile::class)->reopen((string) file_get_contents(database_path("demo/$name.json"))), 'begun');
    }
}
