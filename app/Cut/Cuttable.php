<?php

namespace App\Cut;

use Davrin\Core\Cut\CutOrder;
use Illuminate\Support\Carbon;

/** What has a cut sheet that is ticked and worked off: a plan, or several that are cut together. */
interface Cuttable
{
    /** @param  bool  $warned  whether the warnings of the plan are on it; those take longer to find than to cut by */
    public function sheet(CutOrder $order, bool $warned = true): SheetPage;

    /** @return list<string> the keys of the cuts that are ticked */
    public function tickedCuts(): array;

    public function tick(string $cut, bool $done): void;

    public function cutAt(): ?Carbon;

    /** "/plans/3/cut-sheet": where its sheet is shown and worked off; ticks and PDF lie under it. */
    public function sheetUrl(): string;
}
