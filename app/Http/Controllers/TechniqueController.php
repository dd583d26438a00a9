<?php

namespace App\Http\Controllers;

use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Contracts\View\View;

final class TechniqueController
{
    public function __invoke(Craft $craft, PlanReader $reader, Engine $engine): View
    {
        return view('guide.index', [
            'samples' => array_map(fn (PartKind $technique): Sample => Sample::of($technique, $reader, $engine), $craft->parts),
        ]);
    }
}
