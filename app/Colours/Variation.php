<?php

namespace App\Colours;

use App\Drawing\FormDrawing;
use App\Drawing\Side;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** A plan in other colours, beside others of its kind. */
final readonly class Variation
{
    public FormDrawing $drawing;

    /**
     * @param  string  $name  of its drawing in the page
     * @param  array<string, string|array<string, string>>  $edit  as the editor sends it; none for the plan as it is
     */
    public function __construct(public string $name, public string $label, public Plan $plan, public Result $result, public array $edit)
    {
        $this->drawing = new FormDrawing($plan, $result, Side::Front, prefix: "$name-");
    }
}
