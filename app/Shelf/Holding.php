<?php

namespace App\Shelf;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\SavedPlan;
use App\Models\ShelfStock;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\Share;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Shelf\StockKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What a plan takes of the shelf, and whether it can have it. Two plans never hold the same inch. */
final readonly class Holding
{
    /**
     * @param  ?SavedPlan  $plan  whose hold does not stand in the way; null where any would
     * @param  array<int, list<RollUse>>  $uses  what is cut from each thing on the shelf, by the id of the stock
     * @param  array<int, int>  $pieces  how many are taken of what is counted, by the id of the stock
     */
    private function __construct(private ?SavedPlan $plan, private array $uses, private array $pieces = []) {}

    /**
     * Makes a plan ready. Where another plan holds its rolls and others are free that come to the very same, those are taken; where
     * they do not, it is told. A plan that is on the bench is not: its builds hold what they need.
     *
     * @param  ?Build  $cutFor  a build that gave back what it held, to be cut by the plan's sheet
     *
     * @throws NotReady
     */
    public static function make(SavedPlan $plan, ?Build $cutFor = null): void
    {
        DB::transaction(function () use ($plan, $cutFor): void {
            $plan->refresh()->mustNotBeTakenDown();
            if ($plan->cut_at !== null) {
                throw NotReady::cutAlready();
            }
            if ($cutFor === null && Build::underWay($plan)->exists()) {
                throw NotReady::onTheBench();
            }
            // What is reserved was looked at then; others may have cut from the same roll since.
            $plan->isReady() || Claim::mustAddUp($plan->plan());
            try {
                self::of($plan)->reserve();
            } catch (NotReady $why) {
                $anew = MaterialFromShelf::anew($plan->plan(), $plan);
                if (
                    $plan->isReady()
                    || $anew === null
                    || self::figures($anew->apply($plan->plan(), app(PlanReader::class))) !== self::figures($plan->plan())
                ) {
                    throw $why;
                }
                $plan->edit($anew, (int) $plan->revision_id);
                self::of($plan)->reserve();
            }
        });
    }

    /** Makes a plan ready that was so before, where what it held is still free. */
    public static function again(SavedPlan $plan): bool
    {
        try {
            self::make($plan);
        } catch (NotReady) {
            return false;
        }

        return true;
    }

    /** @return list<list<int>> what a maker would see change, of each material */
    private static function figures(Plan $plan): array
    {
        $result = app(Engine::class)->figures($plan);

        return [
            ...array_map(
                fn (WoundResult $its): array => [
                    $its->plan->unmetPieces,
                    $its->plan->cents(),
                    $its->plan->opened(),
                    $its->plan->used()->units,
                ],
                $result->wound,
            ),
            ...array_map(fn (GoodsUse $use): array => [$use->pieces, $use->packs], $result->goods),
        ];
    }

    /** @throws NotReady */
    private static function of(SavedPlan $plan): self
    {
        $result = app(Engine::class)->figures($plan->plan());
        if ($result->verdict->short) {
            throw NotReady::short();
        }

        return new self(
            $plan,
            self::uses(array_map(fn (WoundResult $mesh): RollPlan => $mesh->plan, $result->wound)),
            self::pieces($result->goods),
        );
    }

    /**
     * @param  list<GoodsUse>  $goods
     * @return array<int, int>
     */
    private static function pieces(array $goods): array
    {
        $pieces = [];
        foreach ($goods as $use) {
            foreach ($use->fromShelf() as $stock => $count) {
                $pieces[$stock] = ($pieces[$stock] ?? 0) + $count;
            }
        }

        return $pieces;
    }

    /** Why some copies of a plan cannot be cut from what it says is on hand; null where nothing stands in the way. */
    public static function obstacle(Plan $plan, int $copies): ?NotReady
    {
        try {
            Claim::mustAddUp($plan);
            if ($copies === 1) {
                $result = app(Engine::class)->figures($plan);
                self::free(array_map(fn (WoundResult $its): RollPlan => $its->plan, $result->wound), $result->goods);
            } else {
                $batch = Batch::of([new Share($plan, $copies)], app(RollPlanner::class));
                self::free(array_map(fn (BatchMaterial $its): RollPlan => $its->rolls, $batch->materials), $batch->goods);
            }
        } catch (NotReady $why) {
            return $why;
        }

        return null;
    }

    /**
     * Nobody but who cuts these holds them, and they are there.
     *
     * @param  list<RollPlan>  $rolls
     * @param  list<GoodsUse>  $goods
     *
     * @throws NotReady
     */
    public static function free(array $rolls, array $goods): void
    {
        (new self(null, self::uses($rolls), self::pieces($goods)))->stock();
    }

    /**
     * @param  list<RollPlan>  $rolls
     * @return array<int, list<RollUse>>
     */
    private static function uses(array $rolls): array
    {
        $uses = [];
        foreach ($rolls as $its) {
            foreach ($its->rolls as $roll) {
                if ($roll->stock->item !== null) {
                    $uses[$roll->stock->item][] = $roll;
                }
            }
        }

        return $uses;
    }

    private function reserve(): void
    {
        $stock = $this->stock();
        $this->plan?->reservations()->delete();
        foreach ($stock as $its) {
            $this->plan?->reservations()->create(['shelf_stock_id' => $its->id, 'amount' => $this->amount($its)]);
        }
        $this->plan?->update(['ready_at' => now()]);
    }

    /**
     * @return Collection<int, ShelfStock> by id
     *
     * @throws NotReady where another plan holds some of it, or it is not there any more
     */
    private function stock(): Collection
    {
        $stock = ShelfStock::query()->with(
            'reservations',
            'item',
        )->find([...array_keys($this->uses), ...array_keys($this->pieces)])->keyBy('id');
        $lacking = array_values(
            array_filter(
                [...array_keys($this->uses), ...array_keys($this->pieces)],
                fn (int $id): bool => ! isset($stock[$id]) || $stock[$id]->free($this->plan) < $this->amount($stock[$id]),
            ),
        );
        if ($lacking !== []) {
            throw $this->refusal(array_values(array_filter(array_map(fn (int $id): ?ShelfStock => $stock[$id] ?? null, $lacking))));
        }

        return $stock;
    }

    /** @param  list<ShelfStock>  $lacking  of which too little is free */
    private function refusal(array $lacking): NotReady
    {
        if ($lacking === []) {
            return NotReady::notThere();
        }
        $item = $lacking[0]->item;
        [$left, $holders] = [[], []];
        foreach ($item->stock()->where('amount', '>', 0)->with('reservations.plan', 'reservations.build.plan')->get() as $stock) {
            $left[] = $stock->setRelation('item', $item)->shown($stock->free($this->plan));
            array_push($holders, ...$stock->holders($this->plan));
        }

        return NotReady::heldElsewhere($item->name, $left, array_values(array_unique($holders)));
    }

    /** Of a roll the length that is cut, of loose pieces and of what is counted how many. */
    private function amount(ShelfStock $stock): int
    {
        if ($stock->kind === StockKind::Heap) {
            return $this->pieces[$stock->id] ?? 0;
        }
        $uses = $this->uses[$stock->id] ?? [];

        return $stock->kind === StockKind::Loose
            ? count($uses)
            : array_sum(array_map(fn (RollUse $roll): int => $roll->used()->units, $uses));
    }
}
