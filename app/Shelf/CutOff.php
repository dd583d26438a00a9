<?php

namespace App\Shelf;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfMovement;
use App\Models\ShelfStock;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Mesh;
use Davrin\Core\Plan\OnHand;
use Davrin\Core\Roll\Origin;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Shelf\MovementKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Works a cut sheet off: what was cut leaves the shelf, what is left goes back. All of it in one go, and undone in one. */
final readonly class CutOff
{
    private string $job;

    private Length $keepFrom;

    private function __construct(private SavedPlan $plan)
    {
        $this->job = (string) Str::uuid();
        $this->keepFrom = $plan->plan()->settings->keepFrom();
    }

    /** @throws NotReady */
    public static function of(SavedPlan $plan): void
    {
        DB::transaction(function () use ($plan): void {
            $plan->refresh();
            // Who cuts without having held it finds out here whether another plan does.
            Holding::make($plan);
            (new self($plan))->move();
        });
    }

    /** What was cut of it goes back whole, where nothing stands in the way. */
    public static function undo(SavedPlan $plan): void
    {
        DB::transaction(function () use ($plan): void {
            $plan->refresh();
            if ($plan->cut_job === null) {
                throw NotReady::notCut();
            }
            foreach (ShelfMovement::query()->with('stock.item')->where('job', $plan->cut_job)->whereNull('undone_at')->orderByDesc('id')->get() as $movement) {
                $movement->stock->undo($movement);
            }
            $plan->update(['cut_at' => null, 'cut_job' => null]);
        });
    }

    private function move(): void
    {
        $result = app(Engine::class)->work($this->plan->plan());
        foreach ($result->meshes as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                $stock = $roll->stock->item === null ? null : ShelfStock::query()->with('item')->find($roll->stock->item);
                match (true) {
                    $stock instanceof ShelfStock => $this->cutFrom($stock, $roll),
                    $roll->stock->origin === Origin::New => $this->layBack($roll, $mesh->mesh),
                    default => null,
                };
            }
        }
        $this->plan->reservations()->delete();
        $this->plan->update(['ready_at' => null, 'cut_at' => now(), 'cut_job' => $this->job]);
    }

    private function cutFrom(ShelfStock $stock, RollUse $roll): void
    {
        if ($stock->kind === StockKind::Loose) {
            $stock->move(MovementKind::Cut, -1, $this->words(), $this->plan, $this->job);
            $this->layEnd($stock->item, $roll);

            return;
        }
        $stock->move(MovementKind::Cut, -$roll->used()->units, $this->words(), $this->plan, $this->job);
        // What another plan holds of it is no waste, however short.
        if ($stock->amount > 0 && $stock->amount < $this->keepFrom->units && $stock->held($this->plan) === 0) {
            $stock->move(MovementKind::Gone, -$stock->amount, 'an end too short to keep', $this->plan, $this->job);
        }
    }

    /** What is left of a new roll belongs to what is on the shelf of the same mesh, where there is some. */
    private function layBack(RollUse $roll, Mesh $mesh): void
    {
        $item = MeshFromShelf::item($mesh);
        if ($item !== null) {
            $this->layEnd($item, $roll);
        }
    }

    private function layEnd(ShelfItem $item, RollUse $roll): void
    {
        if (! $roll->left()->isZero() && ! $roll->left()->isLessThan($this->keepFrom)) {
            foreach ($item->take([new OnHand(1, $roll->left(), lot: $roll->stock->lot)], "left over of {$this->plan->name}") as $left) {
                $left->movements()->update(['job' => $this->job, 'plan_id' => $this->plan->id]);
            }
        }
    }

    private function words(): string
    {
        return "cut for {$this->plan->name}";
    }
}
