<?php

namespace App\Settings;

use Davrin\Core\Measure\Units;
use Illuminate\Support\Facades\DB;

/** What holds for the whole house. A plan has settings of its own, which begin as these. */
final class House
{
    private ?Units $units = null;

    /** By which the shelf shows lengths, and reads a number that has no unit. */
    public function units(): Units
    {
        $written = $this->units === null ? DB::table('settings')->where('key', 'units')->value('value') : null;

        return $this->units ??= Units::tryFrom(is_string($written) ? $written : '') ?? Units::Inches;
    }

    public function measureIn(Units $units): void
    {
        DB::table('settings')->upsert([['key' => 'units', 'value' => $units->value]], ['key']);
        $this->units = $units;
    }
}
