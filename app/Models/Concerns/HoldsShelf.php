<?php

namespace App\Models\Concerns;

use App\Models\ShelfReservation;
use Davrin\Core\Words\Words;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** What a plan that is ready holds of the shelf until it is cut. */
trait HoldsShelf
{
    /** @return HasMany<ShelfReservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(ShelfReservation::class, 'plan_id');
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

    /** "130 in and 60 in of Sage mesh", "nothing from the shelf". */
    public function holdsWords(): string
    {
        $held = [];
        foreach ($this->reservations()->with('stock.item')->get() as $reservation) {
            $held[$reservation->stock->item->name][] = $reservation->stock->shown($reservation->amount);
        }

        return $held === []
            ? 'nothing from the shelf'
            : Words::list(
                array_map(fn (string $name, array $amounts): string => Words::list($amounts)." of $name", array_keys($held), $held),
            );
    }
}
