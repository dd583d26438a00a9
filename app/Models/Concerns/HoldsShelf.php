<?php

namespace App\Models\Concerns;

use Davrin\Core\Words\Words;

/** What a plan that is ready, or a build on the bench, holds of the shelf. */
trait HoldsShelf
{
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
