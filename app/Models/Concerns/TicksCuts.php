<?php

namespace App\Models\Concerns;

use App\Exceptions\NotReady;
use Illuminate\Support\Facades\DB;

/** What is ticked on a plan's cut sheet. */
trait TicksCuts
{
    /** @return list<string> the cuts that are ticked; those of the plan as it was before do not count */
    public function tickedCuts(): array
    {
        return ($this->ticked['revision'] ?? null) === $this->sheetRevision() ? $this->ticked['cuts'] : [];
    }

    /** The step that its cut sheet is of: once it is cut, that at which it was. */
    private function sheetRevision(): ?int
    {
        return $this->cut_at === null ? $this->revision_id : $this->cut_revision_id;
    }

    public function tick(string $cut, bool $done): void
    {
        DB::transaction(function () use ($cut, $done): void {
            $this->refresh()->mustNotBeTakenDown();
            if ($this->cut_at !== null) {
                throw NotReady::cutAlready();
            }
            $others = array_values(array_diff($this->tickedCuts(), [$cut]));
            $this->update(['ticked' => ['revision' => $this->revision_id, 'cuts' => $done ? [...$others, $cut] : $others]]);
        });
    }
}
