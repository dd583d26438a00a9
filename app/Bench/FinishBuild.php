<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\ShelfStock;
use App\Shelf\BenchShelf;
use App\Shelf\CutOff;
use App\Shelf\MaterialFromShelf;
use App\Shelf\Standing;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Refused;
use Illuminate\Support\Facades\DB;

/** Ends a build: what was cut and used has left the shelf, what is over goes back, and nothing is held any more. */
final readonly class FinishBuild
{
    /** @throws NotReady where another plan or build holds what was cut */
    public static function of(Build $build): void
    {
        DB::transaction(function () use ($build): void {
            $build->refresh();
            if ($build->isFinished()) {
                return;
            }
            $build->mustNotBePutAway();
            $plan = $build->plan->refresh();
            $isCutBefore = $build->isCutByItsSheet();
            $now = Standing::of($build, $build->walk());
            $off = CutOff::as(
                $plan->name,
                $now->first()->plan->settings->keepFrom(),
                $plan,
                Build::endOf($build->job),
            );
            BenchShelf::settle($build, $now);
            self::layBack($build, $now, $off, $isCutBefore);
            foreach ($isCutBefore ? [] : BenchShelf::goods($build, $now) as $use) {
                $off->takeGoods($use);
            }
            // A sheet that was worked off and waits for its build stays that of the plan.
            if (! $isCutBefore && $build->copies === 1 && ! Build::cutsWait($plan)) {
                $plan->update([
                    'cut_at' => now(), 'cut_job' => $build->job, 'cut_revision_id' => $plan->revision_id, 'was_ready' => false,
                ]);
            }
            $build->update(['finished_at' => now(), 'finished_tick' => $build->lastTick()]);
        });
    }

    /**
     * Opened again, to go on. What went back on the shelf as it was finished comes off again, and what was used is there again, until it
     * is finished once more; what was cut stays cut, and what is not is held again, as far as it is free.
     *
     * @throws NotReady where something of that was used since
     */
    public static function reopen(Build $build): void
    {
        DB::transaction(function () use ($build): void {
            $build->refresh();
            if (! $build->isFinished()) {
                return;
            }
            $build->mustNotBePutAway();
            foreach (CutOff::moved([Build::endOf($build->job)]) as $movement) {
                try {
                    $movement->stock->undo($movement);
                } catch (Refused $why) {
                    throw NotReady::usedSinceItWasFinished($movement->stock->item->name, $why->getMessage());
                }
            }
            $build->update(['finished_at' => null, 'finished_tick' => null]);
            if ($build->plan->cut_job === $build->job) {
                $build->plan->update(['cut_at' => null, 'cut_job' => null, 'cut_revision_id' => null]);
            }
            BenchShelf::hold($build);
        });
    }

    /** @param  bool  $isCutBefore  whether the cut sheet was worked off, which laid back what was left of its own rolls */
    private static function layBack(Build $build, Situation $now, CutOff $off, bool $isCutBefore): void
    {
        $known = array_fill_keys(array_map(fn (BenchRoll $roll): string => $roll->key, $build->firstVersion()->benchRolls()), true);
        $shelf = BenchShelf::stock($now->rolls);
        foreach ($now->rolls as $roll) {
            if ($isCutBefore && isset($known[$roll->key])) {
                continue;
            }
            $wound = $now->wound($roll->material);
            $left = $roll->length->minus(Length::sum(array_map(fn ($cut): Length => $cut->length, $now->cutFrom($roll))));
            if ($wound !== null && ! $roll->isSpent && $now->cutFrom($roll) !== []) {
                self::end($roll, $shelf[$roll->item ?? 0] ?? null, $wound, $left, $off);
            }
        }
    }

    private static function end(BenchRoll $roll, ?ShelfStock $stock, Wound $wound, Length $left, CutOff $off): void
    {
        if ($stock === null) {
            $item = $roll->origin === Origin::New ? MaterialFromShelf::item($wound) : null;
            $item === null || $off->layEnd($item, $left, $roll->lot);
        } elseif ($stock->kind === StockKind::Loose) {
            $off->layEnd($stock->item, $left, $roll->lot);
        } elseif ($stock->amount > 0 && $left->isLessThan($off->keepFrom) && $stock->amount === $left->units && $stock->held() === 0) {
            $stock->move(MovementKind::Gone, -$stock->amount, 'an end too short to keep', $off->plan, $off->job);
        }
    }
}
