<?php

namespace App\Models;

use Davrin\Core\Shelf\MovementKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change of what is left of one thing on the shelf.
 *
 * @property int $id
 * @property int $shelf_stock_id
 * @property ?int $plan_id
 * @property MovementKind $kind
 * @property int $amount
 * @property string $words
 * @property ?string $job what was done in one go
 * @property Carbon $created_at
 * @property ?Carbon $undone_at
 * @property ShelfStock $stock
 */
final class ShelfMovement extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['kind' => MovementKind::class, 'undone_at' => 'datetime'];

    /** @return BelongsTo<ShelfStock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(ShelfStock::class, 'shelf_stock_id');
    }
}
