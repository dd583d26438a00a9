<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;

/** What bin/demo does with the database that the settings name. */
final class DemoPrepareTest extends TestCase
{
    use DatabaseOnDisk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/davrin-prepare-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->openOnDisk($this->file(), 6000);
    }

    protected function tearDown(): void
    {
        $this->forgetDisk();
        parent::tearDown();
    }

    public function test_a_new_database_gets_the_demo_once(): void
    {
        $this->artisan('demo:prepare')->expectsOutputToContain('making the database')->assertSuccessful();
        $plans = SavedPlan::query()->count();
        $this->assertGreaterThan(10, $plans);
        $this->artisan('demo:prepare')->doesntExpectOutputToContain('hanging')->assertSuccessful();
        $this->assertSame($plans, SavedPlan::query()->count());
    }

    public function test_an_empty_file_and_tables_without_anything_in_them_get_the_demo(): void
    {
        touch($this->file());
        $this->artisan('migrate', ['--force' => true]);
        $this->artisan('demo:prepare')->assertSuccessful();
        $this->assertGreaterThan(10, SavedPlan::query()->count());
    }

    /** @return array<string, array{string, array<string, mixed>}> a row in one table, and nothing else */
    public static function rows(): array
    {
        return [
            'a thing on the shelf' => ['shelf_items', ['ware' => 'mesh', 'said' => '{}', 'name' => 'Sage', 'family' => 'green', 'width' => 0]],
            'a setting' => ['settings', ['key' => 'units', 'value' => 'cm']],
            'a plan that was taken down' => ['plans', ['name' => 'Gone', 'words' => 'gone', 'deleted_at' => '2026-01-01']],
        ];
    }

    /** @param  array<string, mixed>  $row */
    #[DataProvider('rows')]
    public function test_a_database_that_has_anything_is_never_seeded(string $table, array $row): void
    {
        touch($this->file());
        $this->artisan('migrate', ['--force' => true]);
        DB::table($table)->insert($row + array_fill_keys(array_intersect(['created_at', 'updated_at'], DB::getSchemaBuilder()->getColumnListing($table)), now()));
        $this->artisan('demo:prepare')->assertSuccessful();
        $this->assertSame([1, 0], [DB::table($table)->count(), DB::table($table === 'plans' ? 'shelf_items' : 'plans')->count()]);
    }

    public function test_a_demo_that_does_not_load_leaves_nothing_and_says_why(): void
    {
        ShelfItem::creating(fn (ShelfItem $item) => ShelfItem::query()->count() < 20 || throw new \RuntimeException('The disk said no.'));
        $this->artisan('demo:prepare')->assertFailed();
        $this->assertSame(0, ShelfItem::query()->count());
        ShelfItem::flushEventListeners();
    }

    public function test_a_file_of_another_program_is_left_as_it_is(): void
    {
        $other = new PDO("sqlite:{$this->file()}");
        $other->exec('create table invoices (id integer)');
        unset($other);
        $before = (string) file_get_contents($this->file());
        $this->artisan('demo:prepare')->assertFailed();
        $this->assertSame($before, file_get_contents($this->file()));
    }

    public function test_a_name_without_a_folder_is_found_from_that_of_davrin(): void
    {
        $_SERVER['DB_DATABASE'] = 'database/other.sqlite';
        try {
            $this->assertSame(base_path('database/other.sqlite'), (require base_path('config/database.php'))['connections']['sqlite']['database']);
        } finally {
            $_SERVER['DB_DATABASE'] = ':memory:';
        }
    }

    public function test_the_tests_touch_no_database_that_the_environment_names(): void
    {
        $this->assertSame(':memory:', (require base_path('config/database.php'))['connections']['sqlite']['database']);
        $this->assertFalse($this->app->configurationIsCached());
    }
}
