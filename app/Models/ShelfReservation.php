<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * What a plan that is ready, or a build on the bench, holds of one thing on the shelf.
 *
 * @property int $plan_id
 * @property ?int $build_id the build of that plan which holds it; null where the plan itself does
 * @property int $shelf_stock_id
 * @property int $amount units of length of a roll, else pieces
 * @property SavedPlan $plan
 * @property ?Build $build
 * @property ShelfStock $stock
 */
final class ShelfReservation extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        $plan = $this->belongsTo(SavedPlan::class, 'plan_id');
        $plan->withoutGlobalScope(SoftDeletingScope::class);

        return $plan;
    }

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        $build = $this->belongsTo(Build::class, 'build_id');
        $build->withoutGlobalScope(SoftDeletingScope::class);

        return $build;
    }

    /** @return BelongsTo<ShelfStock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(ShelfStock::class, 'shelf_stock_id');
    }

    /** Whether a plan, or a build, is the one that holds it. */
    public function isHeldBy(SavedPlan|Build|null $holder): bool
    {
        return match (true) {
            $holder === null => false,
            $holder instanceof Build => $this->build_id === $holder->id,
            default => $this->build_id === null && $this->plan_id === $holder->id,
        };
    }

    /** Who holds it, by name: "Barn door", "Barn door x 3, begun Nov 3, on the bench". */
    public function holder(): string
    {
        return $this->build === null ? $this->plan->name : "{$this->build->name}, on the bench";
    }
}
