<?php

namespace App\Bench;

use App\Models\Build;
use App\Shelf\BenchShelf;
use Illuminate\Support\Facades\DB;

/** Puts a build away, which gives back what it holds of the shelf, and takes it up again, which holds what of that is still free. */
final readonly class PutAway
{
    /** @return ?string what it gave back, in words; null where it held nothing */
    public static function of(Build $build): ?string
    {
        return DB::transaction(function () use ($build): ?string {
            $build->refresh();
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
