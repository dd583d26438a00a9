<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One step in a plan's history: the document as it was after it, and what was done. Ids are never used twice.
 *
 * @property int $id
 * @property int $plan_id
 * @property string $document
 * @property string $words
 * @property Carbon $created_at
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'plan_revisions';

    protected $guarded = [];
}
