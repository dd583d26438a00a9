<?php

namespace App\Shelf;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\ShelfStock;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Cost\GoodsUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollPlanner;
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
     * What was cut since leaves the rolls on the shelf, and what was taken back at the bench is there again. What the build holds is given
     * back with it, to be held again by hold(). To be called in a transaction.
     *
     * @throws NotReady where another plan or build holds what was cut
     */
    public static function settle(Build $build, Situation $now): void
    {
        [$taken, $job, $words] = [$build->taken, $build->job, "cut at the bench for {$build->plan->name}"];
        $build->reservations()->delete();
        $shelf = self::stock($now->rolls);
        foreach ($now->rolls as $roll) {
            $stock = $shelf[$roll->item ?? 0] ?? null;
            if ($stock === null) {
                continue;
            }
            $before = $taken[$roll->key] ?? 0;
            // What the cut sheet was worked off for has left the shelf by that, whatever is ticked here.
            $off = $build->isCutByItsSheet() ? max(self::off($now, $roll), $before) : self::off($now, $roll);
            $after = $stock->kind === StockKind::Loose
                ? self::movePiece($stock, $off, $before, $build, $words)
                : $before + self::moveLength($stock, $off - $before, $roll->isSpent, $build, $words);
            if ($roll->isSpent && $stock->amount > 0 && $stock->kind !== StockKind::Loose) {
                $stock->mustBeFree($stock->amount);
                $stock->move(MovementKind::Gone, -$stock->amount, 'gave out at the bench', $build->plan, $job);
            }
            $taken = $after > 0 ? [...$taken, $roll->key => $after] : array_diff_key($taken, [$roll->key => 1]);
        }
        $build->update(['taken' => $taken]);
    }

    /** @return int how much of the roll left the shelf, or came back below 0: no more than there was of it */
    private static function moveLength(ShelfStock $stock, int $more, bool $isSpent, Build $build, string $words): int
    {
        $some = min($more, $stock->amount);
        if ($some > 0) {
            $stock->mustBeFree($some);
            $stock->move(MovementKind::Cut, -$some, $words, $build->plan, $build->job);

            return $some;
        }

        return $more < 0 && ! $isSpent ? -self::putBack($stock, -$more, $build) : 0;
    }

    /** @return int how much of the piece is taken now: the piece is there or it is not */
    private static function movePiece(ShelfStock $stock, int $off, int $before, Build $build, string $words): int
    {
        if ($off > 0 && $before === 0) {
            if ($stock->amount < 1) {
                return 0;
            }
            $stock->mustBeFree(1);
            $stock->move(MovementKind::Cut, -1, $words, $build->plan, $build->job);
        } elseif ($off === 0 && $before > 0) {
            self::putBack($stock, 1, $build);
        }

        return $off;
    }

    /** @return int how much of it came back: no more than this build took */
    private static function putBack(ShelfStock $stock, int $amount, Build $build): int
    {
        $some = min($amount, -(int) $stock->movements()->where('job', $build->job)->whereNull('undone_at')->sum('amount'));
        if ($some > 0) {
            $stock->move(MovementKind::PutBack, $some, "not cut after all for {$build->plan->name}", $build->plan, $build->job);
        }

        return max(0, $some);
    }

    /** What the build still needs of the shelf is held, as far as it is free. To be called in a transaction. */
    public static function hold(Build $build): void
    {
        $build->reservations()->delete();
        if ($build->isFinished() || $build->trashed()) {
            return;
        }
        $now = Standing::atTheBench($build, $build->walk());
        $needs = self::needs($build, $now, self::stock($now->rolls)) + self::pieces($build, $now);
        foreach (ShelfStock::query()->with('reservations')->findMany(array_keys($needs)) as $stock) {
            $amount = min($needs[$stock->id], $stock->free());
            if ($amount > 0) {
                $build->reservations()->create(['plan_id' => $build->plan_id, 'shelf_stock_id' => $stock->id, 'amount' => $amount]);
            }
        }
    }

    /**
     * What the build needs of rolls and is not there for it: it was used elsewhere, or others hold it.
     *
     * @return array<string, Length> by the key of the roll
     */
    public static function lacks(Build $build, Situation $now): array
    {
        $stock = self::stock($now->rolls);
        $held = $build->reservations()->pluck('amount', 'shelf_stock_id')->all();
        $lacks = [];
        foreach ($now->rolls as $roll) {
            $its = $stock[$roll->item ?? 0] ?? null;
            $need = self::need($build, $roll, $its);
            if ($its === null || $need === 0) {
                if ($roll->item !== null && $its === null && $roll->used()->units > self::off($now, $roll)) {
                    $lacks[$roll->key] = Length::ofUnits($roll->used()->units - self::off($now, $roll));
                }

                continue;
            }
            $there = min($need, $held[$its->id] ?? 0);
            $held[$its->id] = ($held[$its->id] ?? 0) - $there;
            // What is cut already is lacked by nobody.
            $toCut = $roll->used()->units - self::off($now, $roll);
            $lack = $its->kind === StockKind::Loose ? ($there < $need ? $toCut : 0) : min($toCut, $need - $there);
            if ($lack > 0) {
                $lacks[$roll->key] = Length::ofUnits($lack);
            }
        }

        return $lacks;
    }

    /**
     * @param  array<int, ShelfStock>  $stock  what the rolls are on the shelf, by id
     * @return array<int, int> units of length of each roll, or how many loose pieces, by the id of the stock
     */
    private static function needs(Build $build, Situation $now, array $stock): array
    {
        $needs = [];
        foreach ($now->rolls as $roll) {
            $its = $stock[$roll->item ?? 0] ?? null;
            $need = self::need($build, $roll, $its);
            if ($its !== null && $need > 0) {
                $needs[$its->id] = ($needs[$its->id] ?? 0) + $need;
            }
        }

        return $needs;
    }

    /** What a roll on the shelf still gives to the build, ticked as cut or not: all that has not left the shelf. */
    private static function need(Build $build, BenchRoll $roll, ?ShelfStock $stock): int
    {
        $taken = $build->taken[$roll->key] ?? 0;

        return match (true) {
            $stock === null => 0,
            $stock->kind === StockKind::Loose => $taken === 0 && $roll->cuts !== [] ? 1 : 0,
            default => max(0, $roll->used()->units - $taken),
        };
    }

    /** @return array<int, int> how many pieces of counted goods it takes as it is finished, by the id of the stock */
    private static function pieces(Build $build, Situation $now): array
    {
        $pieces = [];
        foreach ($build->isCutByItsSheet() ? [] : self::goods($build, $now) as $use) {
            foreach ($use->fromShelf() as $stock => $count) {
                $pieces[$stock] = ($pieces[$stock] ?? 0) + $count;
            }
        }

        return $pieces;
    }

    /** @return list<GoodsUse> of all its pieces together */
    public static function goods(Build $build, Situation $now): array
    {
        return $build->copies === 1 ? $now->first()->result->goods : Batch::of(array_map(
            fn (BenchPiece $piece): Share => new Share($piece->plan, 1),
            array_values($now->pieces),
        ), app(RollPlanner::class))->goods;
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
