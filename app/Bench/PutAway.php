<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Shelf\BenchShelf;
use App\Shelf\Standing;
use Illuminate\Support\Facades\DB;

/**
 * Puts a build away: what is ticked as cut leaves the shelf, and what it still holds is given back. Taken up again it holds what of that
 * is still free.
 */
final readonly class PutAway
{
    /**
     * @return ?string what it gave back, in words; null where it held nothing
     *
     * @throws NotReady where another plan or build holds what was cut
     */
    public static function of(Build $build): ?string
    {
        return DB::transaction(function () use ($build): ?string {
            $build->refresh();
            if (! $build->isFinished() && ! $build->trashed()) {
                BenchShelf::settle($build, Standing::atTheBench($build, $build->walk()));
                BenchShelf::hold($build);
            }
            $held = $build->reservations()->exists() ? $build->holdsWords() : null;
            $build->reservations()->delete();
            $build->delete();

            return $held;
        });
    }

    /** @return ?string what it holds again, in words; null where that is nothing */
    public static function undo(Build $build): ?string
    {
        return DB::transaction(function () use ($build): ?string {
            $build->refresh()->restore();
            BenchShelf::hold($build);

            return $build->reservations()->exists() ? $build->holdsWords() : null;
        });
    }
}
