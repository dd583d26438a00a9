<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A file of things that are to go on the shelf, while it is matched, read and looked over.
 *
 * @property int $id
 * @property string $name of the file
 * @property string $file where it waits, a name that no other has
 * @property string $separator
 * @property bool $is_utf8
 * @property list<string> $header
 * @property int $header_row the row that names the columns, from 0
 * @property array<string, int> $columns the place in the file, by what it says
 * @property string $state "matching", "reading", "read", "laying" or "done"
 * @property int $size bytes
 * @property int $at how far it is read
 * @property int $line the last line that was read
 * @property ?string $laying which laying of it is under way, by a token
 * @property Carbon $updated_at
 */
final class ShelfImport extends Model
{
    protected $guarded = [];

    protected $casts = ['is_utf8' => 'boolean', 'header' => 'array', 'columns' => 'array'];

    /** @return HasMany<ShelfImportRow, $this> */
    public function rows(): HasMany
    {
        return $this->hasMany(ShelfImportRow::class);
    }

    public function path(): string
    {
        return storage_path("app/imports/$this->file");
    }

    /** Whether it is still to be read and not there to read: somebody cleared it away. */
    public function isGone(): bool
    {
        return in_array($this->state, ['matching', 'reading'], true) && ! is_file($this->path());
    }

    /** How much of it is read, in percent. */
    public function percent(): int
    {
        return $this->size === 0 ? 100 : min(100, intdiv(100 * $this->at, $this->size));
    }

    /** How many rows of each kind it has so far. */
    public function good(): int
    {
        return $this->rows()->whereNull('refused')->count();
    }

    public function refused(): int
    {
        return $this->rows()->whereNotNull('refused')->count();
    }
}
