<?php

namespace App\Guide\State;

use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;

/** On the form, drawn by the editor's own drawing of it: "onform"; the page draws the sample itself. */
final class OnForm implements State
{
    public const NAME = 'onform';

    public function name(): string
    {
        return self::NAME;
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        return Scene::round($sample?->room() ?? Scene::of(10.0, 10.0)->box);
    }
}
