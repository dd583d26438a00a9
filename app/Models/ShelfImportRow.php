<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One row of a file: what it says, or why it is refused.
 *
 * @property int $id
 * @property int $shelf_import_id
 * @property int $line
 * @property ?string $refused
 * @property list<string> $cells as they stand in the file
 * @property ?string $ware
 * @property ?string $said
 * @property ?string $stock
 * @property ?string $alike the same for rows that say the same
 */
final class ShelfImportRow extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['cells' => 'array'];
}
