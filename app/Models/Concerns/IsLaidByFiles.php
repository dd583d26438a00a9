<?php

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Builder;

/** What a file is putting on the shelf is not there until all of it is. */
trait IsLaidByFiles
{
    protected static function bootIsLaidByFiles(): void
    {
        self::addGlobalScope('laid', fn (Builder $query) => $query->whereNull($query->qualifyColumn('laid_by')));
    }
}
