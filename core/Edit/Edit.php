<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;

/** A small named change to a plan. It gives another plan, or is refused and leaves the plan as it was. */
interface Edit
{
    /** @throws Refused */
    public function apply(Plan $plan, PlanReader $reader): Plan;

    /**
     * What of the plan did not fit any more after it and was left out or set back, in words.
     *
     * @return list<string>
     */
    public function lost(Plan $before, Plan $after): array;

    /** What it did, for the history: "the length of a piece: 19 in, now 18 1/2 in". */
    public function words(Plan $before, Plan $after): string;

    /**
     * The edit as plain data, as a page sends it and a result file holds it: what to do ("do", "id", "to"), or what to write in
     * which blanks ("set", by address).
     *
     * @return array<string, mixed>
     */
    public function asData(): array;
}
