<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A photograph of a finished piece, drawn anew from its pixels, so that nothing of where and when it was taken is left in it.
 *
 * @property int $id
 * @property int $log_entry_id
 * @property string $jpeg
 * @property int $wide
 * @property int $high
 * @property ?Carbon $created_at
 * @property string $alt what is seen on it, in words
 */
final class LogPhoto extends Model
{
    /** An entry holds no more. */
    public const MOST = 8;

    public const LONGEST_ALT = 200;

    protected $guarded = [];

    /** @return BelongsTo<LogEntry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(LogEntry::class, 'log_entry_id');
    }

    public function url(): string
    {
        // Another house may have had one of the same number at the same address.
        return route('log.photo', [$this->log_entry_id, $this->id, 'v' => $this->created_at?->timestamp], false);
    }
}
