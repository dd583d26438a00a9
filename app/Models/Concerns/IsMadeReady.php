<?php

namespace App\Models\Concerns;

use App\Models\ShelfReservation;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** A plan that is ready holds what it needs of the shelf, until it is cut, begun at the bench, taken down or given back. */
trait IsMadeReady
{
    use HoldsShelf;

    /** @return HasMany<ShelfReservation, $this> its own; what its builds hold is theirs */
    public function reservations(): HasMany
    {
        $reservations = $this->hasMany(ShelfReservation::class, 'plan_id');
        $reservations->whereNull('build_id');

        return $reservations;
    }

    public function isReady(): bool
    {
        return $this->ready_at !== null;
    }

    /**
     * Gives back what it holds of the shelf.
     *
     * @return string what that was, in words
     */
    public function giveBack(): string
    {
        return DB::transaction(function (): string {
            $this->refresh();
            $words = $this->holdsWords();
            $this->reservations()->delete();
            $this->update(['ready_at' => null]);

            return $words;
        });
    }
}
