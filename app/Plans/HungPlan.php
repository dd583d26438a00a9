<?php

namespace App\Plans;

use App\Models\SavedPlan;

/** One plan on the wall. */
final readonly class HungPlan
{
    /** @param  ?string  $card  what is drawn and told of it; null where that is still to be worked out */
    public function __construct(public SavedPlan $saved, public ?string $card) {}
}
