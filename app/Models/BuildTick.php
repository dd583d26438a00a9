<?php

namespace App\Models;

use Davrin\Core\Bench\Mark;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What was said of one unit at the bench. None is ever changed or taken away: back is one of its own.
 *
 * @property int $id
 * @property int $build_id
 * @property string $token the browser's own for it, so that it counts once however often it is sent
 * @property string $unit by key
 * @property Mark $deed
 * @property int $seconds how long the unit took
 * @property string $note
 * @property Carbon $made_at by the clock of the browser
 */
final class BuildTick extends Model
{
    protected $guarded = [];

    protected $casts = ['deed' => Mark::class, 'made_at' => 'datetime'];
}
