<?php

namespace App\Models\Concerns;

use Illuminate\Support\Facades\DB;

/** What is ticked on a plan's cut sheet. */
trait TicksCuts
{
    /** @return list<string> the cuts that are ticked; those of the plan as it was before do not count */
    public function tickedCuts(): array
    {
        return ($this->ticked['revision'] ?? null) === $this->revision_id ? $this->ticked['cuts'] : [];
    }

    public function tick(string $cut, bool $done): void
    {
        DB::transaction(function () use ($cut, $done): void {
            $this->refresh();
            $others = array_values(array_diff($this->tickedCuts(), [$cut]));
            $this->update(['ticked' => ['revision' => $this->revision_id, 'cuts' => $done ? [...$others, $cut] : $others]]);
        });
    }
}
