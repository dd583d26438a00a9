<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfReservation;
use App\Models\ShelfStock;
use App\Shelf\Import\Reading;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use PDO;
use Symfony\Component\Process\Process;

/** Several who use Davrin at once, on a database on disk, each a process of its own. */
final class AtTheSameMomentTest extends TestCase
{
    use DatabaseOnDisk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->migrateOnDisk(6000);
    }

    protected function tearDown(): void
    {
        $this->forgetDisk();
        parent::tearDown();
    }

    public function test_plans_edited_side_by_side_are_all_taken(): void
    {
        $plans = array_map(fn (): SavedPlan => $this->begun(), range(1, 6));
        $answers = $this->together(array_map(fn (SavedPlan $plan): array => array_map(
            fn (int $edit): array => $this->ask(
                'POST',
                "/plans/$plan->id/edits",
                ['revision' => '{revision}', 'set' => ['parts.outer.length' => (13 + $edit).' in']],
            ), range(1, 5),
        ), $plans));
        $this->assertSame(array_fill(0, 30, 200), array_column($answers, 0));
        foreach ($plans as $plan) {
            $this->assertSame([6, '18 in'], [$plan->revisions()->count(), $plan->refresh()->plan()->parts[1]->on->slip->write()['length']]);
        }
    }

    public function test_a_writer_waits_for_another_to_be_done(): void
    {
        $plan = $this->begun();
        $other = new PDO("sqlite:{$this->file()}");
        $other->exec('begin immediate');
        $client = $this->client(
            [$this->ask('POST', "/plans/$plan->id/edits", ['revision' => $plan->revision_id, 'set' => ['parts.outer.length' => '17 in']])],
        );
        $client->start();
        // It has begun once it has read the plan it is to change; then the other lets go.
        $began = microtime(true);
        while (microtime(true) - $began < 1.5) {
            usleep(20_000);
        }
        $this->assertTrue($client->isRunning());
        $other->exec('commit');
        $client->wait();
        $this->assertSame(200, json_decode($client->getOutput())[0], $client->getOutput().$client->getErrorOutput());
    }

    public function test_many_rows_are_laid_while_others_write(): void
    {
        [$item] = $this->shelf();
        $upload = new UploadedFile($this->rows(4_000), 'many.csv', test: true);
        $reading = app(Reading::class);
        $import = $reading->open($upload);
        $reading->match($import, ['name' => 0, 'left' => 1], true, null);
        while ($import->refresh()->state === 'reading') {
            $reading->step($import);
        }
        $answers = $this->together([
            [$this->ask('POST', "/shelf-files/$import->id/shelf")],
            array_map(fn (int $price): array => $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.price' => "$price.00"]]), range(1, 25)),
        ], ['DB_BUSY_TIMEOUT' => '500']);
        $this->assertSame([], array_filter(array_column($answers, 0), fn (int $status): bool => $status >= 400), json_encode($answers) ?: '');
        $this->assertSame([4_001, '25.00'], [ShelfItem::query()->count(), ShelfItem::query()->findOrFail($item->id)->said['price']]);
    }

    private function rows(int $count): string
    {
        file_put_contents($file = "$this->folder/many.csv", "name,left\n".implode('', array_map(fn (int $row): string => "Mesh $row,20 in\n", range(1, $count))));

        return $file;
    }

    public function test_one_roll_is_held_once_and_never_less_than_nothing_is_left(): void
    {
        [$item, $roll] = $this->shelf();
        $plans = array_map(function () use ($item): SavedPlan {
            $plan = $this->begun('garden-club-bee-stall');
            $plan->edit(
                new TakeFromShelf([$plan->plan()->wound()[0]->id => MaterialFromShelf::written($item, $plan)]),
                (int) $plan->revision_id,
            );

            return $plan;
        }, [1, 2]);
        $ways = fn (SavedPlan $plan): array => [
            [
                $this->ask('POST', "/plans/$plan->id/ready"),
                $this->ask('DELETE', "/plans/$plan->id/ready"),
                $this->ask('POST', "/plans/$plan->id/ready"),
            ],
            [
                $this->ask('DELETE', "/plans/$plan->id/ready"),
                $this->ask('POST', "/plans/$plan->id/cut-sheet"),
                $this->ask('DELETE', "/plans/$plan->id/cut-sheet/cuts"),
            ],
        ];
        $answers = $this->together([
            ...$ways($plans[0]), ...$ways($plans[1]),
            [
                $this->ask('POST', "/stock/$roll->id/measure", ['way' => 'tape', 'tape' => '355 in']),
                $this->ask('POST', "/stock/$roll->id/gone"),
            ],
            [
                $this->ask('POST', "/stock/$roll->id/gone"),
                $this->ask('POST', "/stock/$roll->id/measure", ['way' => 'cuts', 'cuts' => '140 in']),
            ],
            [
                $this->ask('POST', "/stock/$roll->id/measure", ['way' => 'cuts', 'cuts' => '200 in']),
                $this->ask('POST', "/stock/$roll->id/gone"),
            ],
            [
                $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.low' => '2 yd']]),
                $this->ask('POST', "/movements/{$roll->movements()->firstOrFail()->id}/undo"),
            ],
        ]);
        $this->assertSame(
            [],
            array_filter(array_column($answers, 0), fn (int $status): bool => $status >= 500),
            json_encode($answers) ?: '',
        );
        foreach (ShelfStock::query()->with('reservations')->get() as $stock) {
            $this->assertGreaterThanOrEqual(0, $stock->amount);
            $this->assertSame($stock->amount, $stock->ledger()->left());
            $this->assertLessThanOrEqual($stock->amount, $stock->held());
            $this->assertLessThanOrEqual(1, $stock->reservations->unique('plan_id')->count());
        }
        foreach (SavedPlan::query()->with('revision')->get() as $plan) {
            $this->assertSame(
                $plan->isReady() && $this->usesShelf($plan),
                ShelfReservation::query()->where('plan_id', $plan->id)->exists(),
                'who is ready holds, and nobody else',
            );
        }
    }

    public function test_blanks_of_one_thing_and_ticks_of_one_sheet_are_all_kept(): void
    {
        [$item] = $this->shelf();
        $plan = $this->begun();
        $cuts = array_slice(array_keys($this->cuts($plan)), 0, 8);
        $answers = $this->together([
            [
                $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.name' => 'Moss mesh']]),
                $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.price' => '7.25']]),
            ],
            [
                $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.low' => '4 yd']]),
                $this->ask('POST', "/shelf/$item->id/edits", ['set' => ['item.hatch' => 'waves']]),
            ],
            ...array_map(
                fn (array $some): array => array_map(
                    fn (string $cut): array => $this->ask('POST', "/plans/$plan->id/cut-sheet/ticks", ['cut' => $cut, 'done' => '1']),
                    $some,
                ),
                array_chunk($cuts, 2),
            ),
        ]);
        $this->assertSame(
            [],
            array_filter(array_column($answers, 0), fn (int $status): bool => $status >= 400),
            json_encode($answers) ?: '',
        );
        $slip = ShelfItem::query()->findOrFail($item->id)->slip();
        $this->assertSame(
            ['Moss mesh', '7.25', '144 in', 'waves'],
            [$slip->text('name'), $slip->write()['price'], $slip->write()['low'], $slip->text('hatch')],
        );
        $this->assertEqualsCanonicalizing($cuts, $plan->fresh()?->tickedCuts());
    }

    /** @return array{ShelfItem, ShelfStock} one roll of the mesh that the bee stall's plan uses */
    private function shelf(): array
    {
        $mesh = $this->begun('garden-club-bee-stall')->plan()->wound()[0];
        SavedPlan::query()->delete();
        $item = ShelfItem::begin(
            'mesh',
            array_intersect_key($mesh->slip->write(), array_flip(['name', 'colour', 'hatch', 'width', 'roll', 'price'])),
        );
        [$roll] = $item->take([new OnHand(1, Length::inches(360))]);

        return [$item, $roll];
    }

    private function usesShelf(SavedPlan $plan): bool
    {
        return $plan->plan()->wound()[0]->onHand() !== [];
    }

    /** @return array<string, true> the keys of its cuts */
    private function cuts(SavedPlan $plan): array
    {
        preg_match_all('/name="cut" value="([^"]+)"/', (string) $this->get("/plans/$plan->id/cut-sheet")->getContent(), $found);

        return array_fill_keys($found[1], true);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function ask(string $method, string $to, array $fields = []): array
    {
        return ['method' => $method, 'to' => $to, 'fields' => $fields];
    }

    /**
     * @param  list<array<string, mixed>>  $asks
     * @param  array<string, string>  $settings
     */
    private function client(array $asks, array $settings = []): Process
    {
        return new Process([PHP_BINARY, __DIR__.'/Clients/client.php'], base_path(), $settings + [
            'APP_ENV' => 'testing', 'APP_KEY' => config('app.key'), 'DB_DATABASE' => $this->file(), 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array',
        ], implode('', array_map(fn (array $ask): string => json_encode($ask, JSON_THROW_ON_ERROR)."\n", $asks)), 60);
    }

    /**
     * Each client sends its own, all at once.
     *
     * @param  list<list<array<string, mixed>>>  $clients
     * @param  array<string, string>  $settings
     * @return list<array{int, string}> the status of every answer, and what was refused
     */
    private function together(array $clients, array $settings = []): array
    {
        $processes = array_map(fn (array $asks): Process => $this->client($asks, $settings), $clients);
        array_map(fn (Process $process) => $process->start(), $processes);

        return array_merge(...array_map(function (Process $process): array {
            $process->wait();
            $this->assertTrue($process->isSuccessful(), $process->getErrorOutput().$process->getOutput());

            return array_map(
                fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
                explode("\n", trim($process->getOutput())),
            );
        }, $processes));
    }
}
