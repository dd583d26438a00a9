<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\ShelfStock;
use App\Shelf\CutOff;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Supply\Origin;
use Illuminate\Support\Facades\DB;

/** Ends a build: what was cut and used has left the shelf, what is over goes back, and nothing is held any more. */
final readonly class FinishBuild
{
    /** @throws NotReady where another plan holds what was cut */
    public static function of(Build $build): void
    {
        DB::transaction(function () use ($build): void {
            $build->refresh();
            if ($build->isFinished()) {
                return;
            }
            $plan = $build->plan->refresh();
            [$wasReady, $isCutBefore] = [$plan->isReady(), $plan->cut_at !== null];
            $now = Standing::of($build, $build->walk());
            $off = CutOff::as($plan->name, $now->first()->plan->settings->keepFrom(), $plan, $build->job);
            BenchShelf::settle($build, $now);
            if ($build->copies === 1) {
                $plan->reservations()->delete();
            }
            self::layBack($build, $now, $off, $isCutBefore);
            foreach ($isCutBefore ? [] : self::goods($build, $now) as $use) {
                $off->takeGoods($use);
            }
            $plan->update([
                'ready_at' => $plan->reservations()->exists() ? $plan->ready_at : null,
                ...($isCutBefore || $build->copies > 1 ? [] : [
                    'cut_at' => now(),
                    'cut_job' => $build->job,
                    'cut_revision_id' => $plan->revision_id,
                    'was_ready' => $wasReady,
                ]),
            ]);
            $build->update(['finished_at' => now()]);
        });
    }

    /** Opened again, to go on; the shelf stays as it is. */
    public static function reopen(Build $build): void
    {
        DB::transaction(fn () => $build->refresh()->update(['finished_at' => null]));
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

    /** @return list<GoodsUse> */
    private static function goods(Build $build, Situation $now): array
    {
        return $build->copies === 1 ? $now->first()->result->goods : Batch::of(array_map(
            fn (BenchPiece $piece): Share => new Share($piece->plan, 1),
            array_values($now->pieces),
        ), app(RollPlanner::class))->goods;
    }
}
