<?php

namespace App\Bows;

use App\Drawing\FormDrawing;
use App\Models\KeptBow;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;

/** A kept bow among others: its picture, its name, and what it takes. */
final readonly class ShownBow
{
    public FormDrawing $drawing;

    public Box $frame;

    public string $takes;

    public function __construct(public KeptBow $bow)
    {
        $plan = $bow->plan();
        $result = app(Engine::class)->figures($plan);
        $this->drawing = BowPage::drawing($plan, $result, "bow$bow->id-");
        $this->frame = BowPage::frame($result);
        $this->takes = $plan->parts[0]->kind->words($plan->parts[0]->on)['takes'];
    }
}
