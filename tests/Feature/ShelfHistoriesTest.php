<?php

namespace Tests\Feature;

use App\Bench\WrongPage;
use App\Models\Build;
use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfReservation;
use App\Models\ShelfStock;
use App\Shelf\MaterialFromShelf;
use App\Shelf\Standing;
use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\Way;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\StockKind;
use Eris\Generators;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\RandomTrials;

/**
 * Plans, builds, cut sheets and one shelf, in whatever order: what the shelf lost is what was cut, what is held is what is needed and
 * somebody's who can give it back, and every page is there.
 */
final class ShelfHistoriesTest extends FeatureCase
{
    use HasSage, RandomTrials;

    private const CAME = ['360 in', '2 x 360 in', '360 in, 100 in', '20 x 48 in', '12 x 30 in, 200 in', '30 in, 40 in, 50 in, 360 in', '5 x 360 in'];

    /** What was done so far, to be told where something does not hold. */
    private string $history = '';

    private ShelfItem $sage;

    private ShelfItem $stems;

    public function test_whatever_is_done_in_whatever_order_shelf_and_holds_add_up(): void
    {
        $this->limitTo($this->trials(40))->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $this->layOut($seed);
            for ($step = 0; $step < 14; $step++) {
                $this->doSomething();
                $this->mustAddUp();
            }
            foreach ($this->pages() as $page) {
                $this->mustAnswer($this->get($page), $page);
            }
        });
    }

    /** The numbers that trials begin with are no seed of the database. */
    protected function shouldSeed(): bool
    {
        return false;
    }

    private function layOut(int $seed): void
    {
        $this->history = "seed $seed";
        ShelfReservation::query()->delete();
        Build::query()->withTrashed()->forceDelete();
        CutBatch::query()->withTrashed()->forceDelete();
        SavedPlan::query()->withTrashed()->forceDelete();
        ShelfItem::query()->delete();
        $this->sage = $this->sage($this->one(self::CAME));
        $this->stems = ShelfItem::begin('stems', ['name' => 'Chenille stems']);
        $this->stems->takePieces(mt_rand(10, 80));
        foreach (['First', 'Second'] as $name) {
            $plan = $this->plan($this->sage, $name, $this->one(['19 in', '14 in', '20 1/2 in', '48 in']), $this->one(['every tie', 'row 1', 'ties 1 to 4']));
            $plan->edit(new TakeFromShelf(['stems' => MaterialFromShelf::written($this->stems, $plan)]), (int) $plan->revision_id);
        }
    }

    private function doSomething(): void
    {
        $plan = $this->one(SavedPlan::withTrashed()->get()->all());
        $builds = Build::withTrashed()->get()->all();
        $build = $builds === [] ? null : $this->one($builds);
        $what = mt_rand(0, 23);
        if ($build === null && $what < 12) {
            $what = 12;
        }
        [$said, $answer] = match (true) {
            $what <= 2 => ["tick some of build $build->id", $this->tick($build)],
            $what <= 4 => ["something goes wrong with build $build->id", $this->goWrong($build)],
            $what <= 6 => ["finish build $build->id", $this->post("/builds/$build->id/finish", ['all_the_same' => '1'])],
            $what === 7 => ["open build $build->id again", $this->post("/builds/$build->id/reopen")],
            $what === 8 => ["put build $build->id away", $this->delete("/builds/$build->id")],
            $what <= 10 => ["take build $build->id up again", $this->post("/builds/$build->id/restore")],
            $what === 11 => ["plan build $build->id from what is free", $this->post("/builds/$build->id/replan")],
            $what <= 13 => ["begin plan $plan->id", $this->post("/plans/$plan->id/build", ['pieces' => (string) mt_rand(1, 2)])],
            $what === 14 => ["make plan $plan->id ready", $this->post("/plans/$plan->id/ready")],
            $what === 15 => ["give back what plan $plan->id holds", $this->delete("/plans/$plan->id/ready")],
            $what === 16 => ["take plan $plan->id down", $this->delete("/plans/$plan->id")],
            $what === 17 => ["hang plan $plan->id up again", $this->post("/plans/$plan->id/restore")],
            $what === 18 => ["cut plan $plan->id off by its sheet", $this->post("/plans/$plan->id/cut-sheet", ['all' => '1'])],
            $what === 19 => ["undo the cuts of plan $plan->id", $this->delete("/plans/$plan->id/cut-sheet/cuts")],
            $what === 20 => ['cut two together', $this->cutTogether()],
            $what >= 22 => ['undo a movement', $this->post('/movements/'.$this->one(ShelfMovement::query()->pluck('id')->all()).'/undo')],
            default => ["change plan $plan->id", $this->change($plan)],
        };
        $this->history .= ", $said";
        $this->mustAnswer($answer, $said);
        $this->history .= session('refused') === null ? '' : ' ('.session('refused').')';
        $this->flushSession();
    }

    private function tick(Build $build): TestResponse
    {
        $marks = $build->marks();
        $open = array_slice(array_values(array_diff($build->version()->units, array_keys($marks))), 0, mt_rand(0, 30));
        $back = mt_rand(0, 3) === 0 ? array_slice(array_keys($marks), -mt_rand(1, 3)) : [];
        $ticks = [...array_map(fn (string $unit): array => [$unit, 'done'], $open), ...array_map(fn (string $unit): array => [$unit, 'undone'], $back)];

        return $ticks === [] ? $this->get("/builds/$build->id") : $this->postJson("/builds/$build->id/ticks", ['ticks' => array_map(
            fn (array $tick): array => ['token' => (string) Str::uuid(), 'unit' => $tick[0], 'deed' => $tick[1]],
            $ticks,
        )]);
    }

    private function goWrong(Build $build): TestResponse
    {
        if ($build->trashed() || $build->isFinished()) {
            return $this->post("/builds/$build->id/wrong", ['trouble' => 'gave-out', 'way' => 'buy', 'version' => $build->version()->id]);
        }
        $at = $this->one($build->version()->units);
        $trouble = $this->one(array_keys(WrongPage::of($build, $at, null, [])->titles));
        $ways = array_map(fn (Way $way): string => $way->key, WrongPage::of($build, $at, $trouble, [])->ways);
        $this->history .= ", $trouble";

        return $this->post("/builds/$build->id/wrong", ['trouble' => $trouble, 'at' => $at, 'way' => $ways === [] ? 'none' : $this->one($ways), 'version' => $build->version()->id]);
    }

    private function cutTogether(): TestResponse
    {
        $copies = SavedPlan::query()->pluck('id')->mapWithKeys(fn (int $id): array => [$id => '1'])->all();
        $answer = $this->post('/together', ['copies' => $copies]);
        $batch = CutBatch::query()->latest('id')->first();
        if ($batch === null || $copies === []) {
            return $answer;
        }

        return $batch->cut_at === null ? $this->post("/together/$batch->id", ['all' => '1']) : $this->delete("/together/$batch->id/cuts");
    }

    private function change(SavedPlan $plan): TestResponse
    {
        return $this->post("/plans/$plan->id/edits", ['set' => ['parts.l1.length' => $this->one(['12 in', '19 in', '30 in'])], 'revision' => $plan->revision_id]);
    }

    private function mustAnswer(TestResponse $answer, string $what): void
    {
        $this->assertLessThan(500, $answer->getStatusCode(), "$this->history: $what: ".self::fault($answer));
    }

    private static function fault(TestResponse $answer): string
    {
        $fault = $answer->exception;

        return $fault === null ? '' : "{$fault->getMessage()} at {$fault->getFile()}:{$fault->getLine()}";
    }

    /** @return list<string> */
    private function pages(): array
    {
        return [
            '/plans', '/builds', '/shelf', "/shelf/{$this->sage->id}", "/shelf/{$this->stems->id}", '/together',
            ...SavedPlan::query()->get()->flatMap(fn (SavedPlan $plan): array => ["/plans/$plan->id", "/plans/$plan->id/cut-sheet", "/plans/$plan->id/build"])->all(),
            ...Build::query()->get()->flatMap(fn (Build $build): array => ["/builds/$build->id", "/builds/$build->id/record", "/builds/$build->id/wrong"])->all(),
            ...CutBatch::query()->get()->map(fn (CutBatch $batch): string => "/together/$batch->id")->all(),
        ];
    }

    private function mustAddUp(): void
    {
        $stock = ShelfStock::query()->with('reservations', 'movements', 'item')->get()->keyBy('id');
        foreach ($stock as $its) {
            $this->assertSame($its->amount, (int) $its->movements->whereNull('undone_at')->sum('amount'), "$this->history: what is left is what came less what went");
            $this->assertLessThanOrEqual($its->amount, $its->held(), "$this->history: no inch is held twice");
        }
        foreach (ShelfReservation::query()->with('plan', 'build')->get() as $held) {
            $isThere = $held->build_id === null
                ? ! $held->plan->trashed() && $held->plan->isReady()
                : ! $held->build->trashed() && ! $held->build->isFinished();
            $this->assertTrue($isThere, "$this->history: who holds is there to give it back");
        }
        foreach (SavedPlan::query()->with('revision')->whereNotNull('ready_at')->get() as $plan) {
            $this->assertEquals($this->neededByPlan($plan, $stock->all()), $plan->reservations()->pluck('amount', 'shelf_stock_id')->sortKeys()->all(), "$this->history: plan $plan->id holds what it needs");
        }
        foreach (Build::withTrashed()->get() as $build) {
            $this->mustHoldAndTake($build, $stock->all());
        }
    }

    /**
     * @param  array<int, ShelfStock>  $stock
     * @return array<int, int> by the id of the stock
     */
    private function neededByPlan(SavedPlan $plan, array $stock): array
    {
        $result = app(Engine::class)->figures($plan->plan());
        $needed = [];
        foreach ($result->wound as $wound) {
            foreach ($wound->plan->rolls as $roll) {
                if ($roll->stock->item !== null) {
                    $needed[$roll->stock->item] = ($needed[$roll->stock->item] ?? 0) + ($stock[$roll->stock->item]->kind === StockKind::Loose ? 1 : $roll->used()->units);
                }
            }
        }
        foreach ($result->goods as $use) {
            foreach ($use->fromShelf() as $id => $count) {
                $needed[$id] = ($needed[$id] ?? 0) + $count;
            }
        }
        ksort($needed);

        return $needed;
    }

    /**
     * A build under way holds all of its rolls that has not left the shelf, or says what it lacks; one that is finished took what is
     * ticked as cut.
     *
     * @param  array<int, ShelfStock>  $stock
     */
    private function mustHoldAndTake(Build $build, array $stock): void
    {
        $now = Standing::atTheBench($build, $build->walk());
        [$gives, $cut] = [[], []];
        foreach ($now->rolls as $roll) {
            $its = $stock[$roll->item ?? 0] ?? null;
            if ($its !== null) {
                $isLoose = $its->kind === StockKind::Loose;
                $off = Length::sum(array_map(fn (BenchCut $cut): Length => $cut->length, $now->cutFrom($roll)))->units;
                $gives[$its->id] = ($gives[$its->id] ?? 0) + ($isLoose ? ($roll->cuts === [] ? 0 : 1) : $roll->used()->units);
                $cut[$its->id] = ($cut[$its->id] ?? 0) + ($isLoose ? ($off > 0 ? 1 : 0) : $off);
            }
        }
        $jobs = array_filter([$build->job, $build->sheet_job]);
        $moved = fn (int $id): int => -(int) ShelfMovement::query()->where('shelf_stock_id', $id)->whereIn('job', $jobs)
            ->whereIn('kind', ['cut', 'put back'])->whereNull('undone_at')->sum('amount');
        $held = $build->reservations()->pluck('amount', 'shelf_stock_id')->all();
        $isHeld = ! $build->trashed() && ! $build->isFinished();
        $lacks = $isHeld && str_contains((string) $this->get("/builds/$build->id")->getContent(), 'is held or used elsewhere');
        foreach ($gives as $id => $units) {
            $needed = $isHeld ? max(0, $units - $moved($id)) : 0;
            $has = $held[$id] ?? 0;
            // What is cut already is lacked by nobody, wherever it came from.
            $isCut = $cut[$id] >= $gives[$id];
            $this->assertTrue($has === $needed || (($lacks || $isCut) && $has < $needed), "$this->history: build $build->id holds $has of $needed of stock $id");
            if ($build->isFinished() && ! $build->isCutByItsSheet()) {
                $taken = $moved($id);
                $this->assertTrue($taken === $cut[$id] || ($taken < $cut[$id] && $stock[$id]->amount === 0), "$this->history: build $build->id took $taken of stock $id, and {$cut[$id]} is cut");
            }
        }
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }
}
