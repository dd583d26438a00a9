<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a plan that is ready holds of one thing on the shelf.
 *
 * @property int $plan_id
 * @property int $shelf_stock_id
 * @property int $amount units of length of a roll, else pieces
 * @property SavedPlan $plan
 * @property ShelfStock $stock
 */
final class ShelfReservation extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(SavedPlan::class, 'plan_id');
    }

    /** @return BelongsTo<ShelfStock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(ShelfStock::class, 'shelf_stock_id');
    }
}
