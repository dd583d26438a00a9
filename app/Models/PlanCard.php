<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the wall tells of one step of a plan, and how it is drawn.
 *
 * @property int $revision_id
 * @property string $version of the application that worked it out
 * @property array{name: string, figures: list<string>, cost: string, verdict: ?string, isShort: bool, seen: string} $told
 * @property ?string $picture an SVG document, compressed; null until it was first asked for
 */
final class PlanCard extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'revision_id';

    protected $guarded = [];

    protected $casts = ['told' => 'array'];

    /** Whether this version of the application worked it out. */
    public function isCurrent(): bool
    {
        return $this->version === config('app.version');
    }
}
