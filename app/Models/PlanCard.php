<?php

namespace App\Models;

use App\Settings\LearnedNow;
use Illuminate\Database\Eloquent\Model;

/**
 * What the wall tells of one step of a plan, and how it is drawn.
 *
 * @property int $revision_id
 * @property string $version of the application that worked it out, and of what was learned
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

    /** Whether this version of the application worked it out, with what is learned by now. */
    public function isCurrent(): bool
    {
        return $this->version === self::now();
    }

    /** What it is worked out by: the application, and what was learned. */
    public static function now(): string
    {
        return trim(config('app.version').' '.app(LearnedNow::class)->mark());
    }
}
