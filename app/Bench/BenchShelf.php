<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\ShelfStock;
use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StockKind;

/** What a build does to the shelf: what is cut leaves it, what is still to be cut is held, and what gave out is gone. */
final readonly class BenchShelf
{
    /**
     * @param  list<BenchRoll>  $rolls
     * @return array<string, int> all that comes off each, in units of length, by its key
     */
    public static function all(array $rolls): array
    {
        return array_combine(
            array_map(fn (BenchRoll $roll): string => $roll->key, $rolls),
            array_map(fn (BenchRoll $roll): int => $roll->used()->units, $rolls),
        );
    }

    /**
     * What was cut since leaves the rolls on the shelf, and what was taken back at the bench is there again. To be called in a transaction.
     *
     * @throws NotReady where another plan holds what was cut
     */
    public static function settle(Build $build, Situation $now): void
    {
        [$taken, $job, $words] = [$build->taken, $build->job, "cut at the bench for {$build->plan->name}"];
        // What the cut sheet was worked off for meanwhile has left the shelf by that, whatever is ticked here.
        $isByItsSheet = $build->isCutByItsSheet();
        if ($isByItsSheet && $taken === []) {
            $taken = self::all($build->firstVersion()->benchRolls());
        }
        // What is given up or cut is not held any more.
        $shelf = self::stock($now->rolls);
        $build->plan->reservations()->whereIn('shelf_stock_id', array_keys($shelf))->delete();
        foreach ($now->rolls as $roll) {
            $stock = $shelf[$roll->item ?? 0] ?? null;
            if ($stock === null) {
                continue;
            }
            $off = $isByItsSheet ? max(self::off($now, $roll), $taken[$roll->key] ?? 0) : self::off($now, $roll);
            $more = $stock->kind === StockKind::Loose
                ? ($off > 0 ? 1 : 0) - (isset($taken[$roll->key]) ? 1 : 0)
                : $off - ($taken[$roll->key] ?? 0);
            $some = min($more, $stock->amount);
            if ($some > 0) {
                $stock->mustBeFree($some);
                $stock->move(MovementKind::Cut, -$some, $words, $build->plan, $job);
            } elseif ($more < 0 && ! $roll->isSpent) {
                $some = min(-$more, -(int) $stock->movements()->where('job', $job)->whereNull('undone_at')->sum('amount'));
                $some < 1 || $stock->move(MovementKind::PutBack, $some, "not cut after all for {$build->plan->name}", $build->plan, $job);
            }
            if ($roll->isSpent && $stock->amount > 0 && $stock->kind !== StockKind::Loose) {
                $stock->mustBeFree($stock->amount);
                $stock->move(MovementKind::Gone, -$stock->amount, 'gave out at the bench', $build->plan, $job);
            }
            $taken = $off > 0 ? [...$taken, $roll->key => $off] : array_diff_key($taken, [$roll->key => 1]);
        }
        $build->update(['taken' => $taken]);
    }

    /**
     * What is still to be cut is held, as far as it is free. To be called in a transaction, once what was cut has left.
     *
     * @throws NotReady where another plan holds it
     */
    public static function hold(Build $build, Situation $now): void
    {
        [$shelf, $isHeld] = [self::stock($now->rolls), false];
        foreach ($now->rolls as $roll) {
            $stock = $shelf[$roll->item ?? 0] ?? null;
            $rest = $roll->used()->units - self::off($now, $roll);
            $amount = match (true) {
                $stock === null, $rest <= 0 => 0,
                $stock->kind === StockKind::Loose => isset($build->taken[$roll->key]) ? 0 : 1,
                default => $rest,
            };
            if ($stock !== null && $amount > 0) {
                $stock->mustBeFree($amount);
                $reservation = $build->plan->reservations()->firstOrNew(['shelf_stock_id' => $stock->id], ['amount' => 0]);
                $reservation->fill(['amount' => $reservation->amount + $amount])->save();
                $isHeld = true;
            }
        }
        if ($isHeld && $build->plan->ready_at === null) {
            $build->plan->update(['ready_at' => now()]);
        }
    }

    /**
     * @param  list<BenchRoll>  $rolls
     * @return array<int, ShelfStock> what they are on the shelf, by what plans know it by; several may be of one pile
     */
    public static function stock(array $rolls): array
    {
        $ids = array_filter(array_map(fn (BenchRoll $roll): ?int => $roll->item, $rolls));

        return ShelfStock::query()->with('item')->findMany(array_unique($ids))->keyBy('id')->all();
    }

    /** How much of a roll is cut, its spoiled pieces and the tails of runs too, in units of length. */
    private static function off(Situation $now, BenchRoll $roll): int
    {
        return Length::sum(array_map(
            fn (BenchCut $cut): Length => $cut->length,
            $now->cutFrom($roll),
        ))->units;
    }
}
