<?php

namespace App\Plans;

use App\Drawing\FormDrawing;
use App\Models\SavedPlan;
use Davrin\Core\Result\Result;

/** One plan on the wall. */
final readonly class HungPlan
{
    public function __construct(public SavedPlan $saved, public Result $result, public FormDrawing $drawing) {}
}
