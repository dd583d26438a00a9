<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * One step in a plan's history: the document as it was after it, and what was done. Ids are never used twice.
 *
 * @property int $id
 * @property int $plan_id
 * @property string $document
 * @property string $words
 * @property ?int $before_id the step it was made from; null for the first
 * @property Carbon $created_at
 * @property ?PlanCard $card what is worked out of it already
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'plan_revisions';

    protected $guarded = [];

    /** @return HasOne<PlanCard, $this> */
    public function card(): HasOne
    {
        return $this->hasOne(PlanCard::class, 'revision_id');
    }
}
