<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A price that was decided on, with the cost sheet it rests on as it was that day. No later change of a plan, a price or a setting
 * rewrites it.
 *
 * @property int $id
 * @property ?int $plan_id the plan it is for; null where that is gone for good
 * @property ?int $revision_id the step of it that was priced
 * @property string $name of the plan then
 * @property string $place where it is sold
 * @property int $copies that were reckoned with
 * @property string $asked as it was shown
 * @property array<string, mixed> $sheet all that its page shows
 * @property Carbon $created_at
 * @property ?Carbon $deleted_at
 * @property ?SavedPlan $plan
 */
final class KeptPrice extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $casts = ['sheet' => 'array'];

    /** @return BelongsTo<SavedPlan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(SavedPlan::class, 'plan_id');
    }

    /** @return Builder<self> the latest first */
    public static function latestFirst(): Builder
    {
        return self::query()->latest('id');
    }
}
