<?php

namespace App\Shelf;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\CutBatch;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Supply\Origin;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Works a cut sheet off: what was cut leaves the shelf, what is left goes back. All of it in one go, and undone in one. */
final readonly class CutOff
{
    /**
     * @param  string  $name  of what was cut
     * @param  Length  $keepFrom  a leftover as long as this goes back
     * @param  string  $job  that all its movements bear
     */
    private function __construct(
        private string $name,
        public Length $keepFrom,
        public ?SavedPlan $plan,
        public string $job,
    ) {}

    /** What was cut elsewhere than by a cut sheet, under a job of its own. */
    public static function as(string $name, Length $keepFrom, SavedPlan $plan, string $job): self
    {
        return new self($name, $keepFrom, $plan, $job);
    }

    /** @throws NotReady */
    public static function of(SavedPlan $plan): void
    {
        DB::transaction(function () use ($plan): void {
            $plan->refresh()->mustNotBeTakenDown();
            $wasReady = $plan->isReady();
            $build = self::begunBySheet($plan);
            // What it holds is cut for it now.
            $build?->reservations()->delete();
            // Who cuts without having held it finds out here whether another plan does.
            Holding::make($plan, $build);
            $result = app(Engine::class)->figures($plan->plan());
            $meshes = array_map(fn (WoundResult $mesh): array => [$mesh->wound, $mesh->plan], $result->wound);
            $plan->reservations()->delete();
            $job = (new self($plan->name, $plan->plan()->settings->keepFrom(), $plan, (string) Str::uuid()))
                ->move($meshes, $result->goods);
            $plan->update([
                'ready_at' => null, 'cut_at' => now(), 'cut_job' => $job, 'cut_revision_id' => $plan->revision_id, 'was_ready' => $wasReady,
            ]);
            $build?->update(['sheet_job' => $job, 'taken' => BenchShelf::all($build->version()->benchRolls())]);
        });
    }

    /**
     * The build that a cut sheet cuts for: the first that is on the bench as the sheet has it, and has cut nothing from the shelf.
     */
    private static function begunBySheet(SavedPlan $plan): ?Build
    {
        $builds = Build::underWay($plan)->where('copies', 1)->get();
        if ($builds->isEmpty()) {
            return null;
        }
        $result = app(Engine::class)->figures($plan->plan());
        $rolls = BenchRolls::laidOut($plan->plan(), $result, 1, app(RollPlanner::class));
        $onSheet = json_encode(array_map(fn (BenchRoll $roll): array => $roll->asData(), $rolls));
        $isAsOnSheet = fn (Build $build): bool => $build->isAsBegun() && $build->sheet_job === null
            && json_encode($build->version()->rolls) === $onSheet;

        return $builds->first($isAsOnSheet);
    }

    /**
     * Plans that are cut together: what they hold themselves is given back first, what others hold stays theirs.
     *
     * @throws NotReady
     */
    public static function ofBatch(CutBatch $batch): void
    {
        DB::transaction(function () use ($batch): void {
            $batch->refresh();
            if ($batch->cut_at !== null) {
                throw NotReady::cutAlready();
            }
            if ($batch->isShort()) {
                throw NotReady::togetherShort();
            }
            /** @var Collection<int, SavedPlan> $ready */
            $ready = SavedPlan::query()->whereKey(array_column($batch->shares, 'plan'))->whereNotNull('ready_at')->get();
            foreach ($ready as $plan) {
                $plan->giveBack();
            }
            Holding::free(
                array_map(fn (BatchMaterial $mesh): RollPlan => $mesh->rolls, $batch->worked()->materials),
                $batch->worked()->goods,
            );
            $job = (new self($batch->name, $batch->keepFrom(), null, (string) Str::uuid()))->move(
                array_map(fn (BatchMaterial $mesh): array => [$mesh->wound, $mesh->rolls], $batch->worked()->materials),
                $batch->worked()->goods,
            );
            $batch->update(['cut_at' => now(), 'cut_job' => $job, 'were_ready' => $ready->modelKeys()]);
        });
    }

    /**
     * What was cut of it goes back whole, where nothing stands in the way. What was ready before is ready again, if it can be.
     *
     * @return list<string> the plans that are, by name
     */
    public static function undo(SavedPlan|CutBatch $cut): array
    {
        return DB::transaction(function () use ($cut): array {
            $cut->refresh();
            if ($cut->cut_job === null) {
                throw NotReady::notCut();
            }
            foreach (self::moved([$cut->cut_job, Build::endOf($cut->cut_job)]) as $movement) {
                $movement->stock->undo($movement);
            }
            $ready = $cut->heldBefore();
            [$job, $its] = [$cut->cut_job, $cut instanceof SavedPlan ? ['cut_revision_id' => null] : []];
            $cut->update(['cut_at' => null, 'cut_job' => null] + $its);
            self::openAgain($job);

            return array_values(array_filter(array_map(
                fn (SavedPlan $plan): ?string => Holding::again($plan) ? $plan->name : null,
                $ready,
            )));
        });
    }

    /** What was built of what was cut in a job is open again, with nothing of it taken, and holds what it needs, as far as that is free. */
    private static function openAgain(string $job): void
    {
        /** @var list<Build> $builds */
        $builds = Build::withTrashed()->where('job', $job)->orWhere('sheet_job', $job)->orderBy('id')->get()->all();
        foreach ($builds as $build) {
            $isBySheet = $build->sheet_job === $job;
            $undone = $isBySheet ? BenchShelf::all($build->firstVersion()->benchRolls()) : $build->taken;
            $taken = $build->taken;
            // What the bench itself has cut since then is not undone with the sheet.
            foreach ($undone as $key => $units) {
                $taken[$key] = max(0, ($taken[$key] ?? 0) - $units);
            }
            $build->update([
                'taken' => array_filter($taken),
                'sheet_job' => $isBySheet ? null : $build->sheet_job,
                'finished_at' => null,
                'finished_tick' => null,
            ]);
            BenchShelf::hold($build->refresh());
        }
    }

    /**
     * What a build has cut or moved at its end is undone with the build alone: it knows what it took. What broke at the bench is not.
     *
     * @throws NotReady
     */
    public static function mustNotBeOfABuild(ShelfMovement $movement): void
    {
        /** @var ?Build $build */
        $build = $movement->job === null ? null : Build::withTrashed()->with('plan')->where('job', Build::jobOf($movement->job))->first();
        $isBroken = $movement->job === $build?->job && $movement->stock->kind === StockKind::Heap;
        if ($build !== null && ! $isBroken) {
            throw NotReady::movedByABuild($build->name);
        }
    }

    /**
     * What was moved in some jobs and not undone since, the latest first.
     *
     * @param  list<string>  $jobs
     * @return Collection<int, ShelfMovement>
     */
    public static function moved(array $jobs): Collection
    {
        return ShelfMovement::query()->with('stock.item')->whereIn('job', $jobs)->whereNull('undone_at')->orderByDesc('id')->get();
    }

    /**
     * @param  list<array{Wound, RollPlan}>  $meshes
     * @param  list<GoodsUse>  $goods
     * @return string the job that all its movements bear
     */
    private function move(array $meshes, array $goods): string
    {
        foreach ($meshes as [$mesh, $rolls]) {
            foreach ($rolls->rolls as $roll) {
                $stock = $roll->stock->item === null ? null : ShelfStock::query()->with('item')->find($roll->stock->item);
                match (true) {
                    $stock instanceof ShelfStock => $this->cutFrom($stock, $roll),
                    $roll->stock->origin === Origin::New => $this->layBack($roll, $mesh),
                    default => null,
                };
            }
        }

        foreach ($goods as $use) {
            $this->takeGoods($use);
        }

        return $this->job;
    }

    /**
     * What is counted leaves its heap; what a new pack has over belongs to what is on the shelf of the same, where there is some.
     *
     * @throws NotReady where another plan holds what was used
     */
    public function takeGoods(GoodsUse $use): void
    {
        foreach ($use->fromShelf() as $id => $pieces) {
            $heap = ShelfStock::query()->with('item')->find($id);
            // Where fewer are there than were counted on, all of them are used.
            $some = min($pieces, $heap->amount ?? 0);
            if ($heap instanceof ShelfStock && $some > 0) {
                $heap->mustBeFree($some);
                $heap->move(MovementKind::Cut, -$some, "used for $this->name", $this->plan, $this->job);
            }
        }
        $item = $use->leftOver() > 0 ? MaterialFromShelf::item($use->good) : null;
        if ($item !== null) {
            $item->takePieces(
                $use->leftOver(),
                "left over of $this->name",
            )->movements()->update(['job' => $this->job, 'plan_id' => $this->plan?->id]);
        }
    }

    private function cutFrom(ShelfStock $stock, RollUse $roll): void
    {
        if ($stock->kind === StockKind::Loose) {
            $stock->move(MovementKind::Cut, -1, $this->words(), $this->plan, $this->job);
            $this->layEnd($stock->item, $roll->left(), $roll->stock->lot);

            return;
        }
        $stock->move(MovementKind::Cut, -$roll->used()->units, $this->words(), $this->plan, $this->job);
        // What another plan holds of it is no waste, however short.
        if ($stock->amount > 0 && $stock->amount < $this->keepFrom->units && $stock->held($this->plan) === 0) {
            $stock->move(MovementKind::Gone, -$stock->amount, 'an end too short to keep', $this->plan, $this->job);
        }
    }

    /** What is left of a new roll belongs to what is on the shelf of the same mesh, where there is some. */
    private function layBack(RollUse $roll, Wound $mesh): void
    {
        $item = MaterialFromShelf::item($mesh);
        if ($item !== null) {
            $this->layEnd($item, $roll->left(), $roll->stock->lot);
        }
    }

    /** What is long enough to be kept goes on the shelf. */
    public function layEnd(ShelfItem $item, Length $left, ?string $lot): void
    {
        if (! $left->isZero() && ! $left->isLessThan($this->keepFrom)) {
            foreach ($item->take([new OnHand(1, $left, lot: $lot)], "left over of $this->name") as $its) {
                $its->movements()->update(['job' => $this->job, 'plan_id' => $this->plan?->id]);
            }
        }
    }

    private function words(): string
    {
        return "cut for $this->name";
    }
}
