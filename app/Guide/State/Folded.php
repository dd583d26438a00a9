<?php

namespace App\Guide\State;

use App\Drawing\Patch;
use App\Drawing\Path;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Point;

/**
 * A piece with its ends folded back, seen from the side that the folds lie on: "folded 20 10 1"; so far that they overlap: "folded 20
 * 10 12".
 */
final class Folded implements State
{
    public function name(): string
    {
        return 'folded';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        [$long, $wide, $fold] = [$said->number(0, 20.0), $said->number(1, 10.0), $said->number(2, 1.0)];
        $left = max(2.0, $long - 2 * $fold);
        $scene = Scene::of($long + 6, $wide + 5)->patch(new Patch(0, Path::closed(Scene::rectangle(0.0, 0.0, $left, $wide))));
        foreach ([1, -1] as $side) {
            $end = $side * ($left / 2 - $fold);
            $flap = Path::closed(Point::list([
                [$side * $left / 2, -$wide / 2], [$end, -$wide / 2], [$end, $wide / 2], [$side * $left / 2, $wide / 2],
            ]));
            $scene = $scene->patch(new Patch(0, $flap, '', $said->is('slack') && $side === 1 ? '' : $flap))
                ->arrow(
                    new Point($side * ($left / 2 + 1.8), -$wide / 2 - 0.8),
                    new Point($side * $left / 2, -$wide / 2 - 1.5),
                    new Point($side * max(0.5, $left / 2 - $fold * 0.7), -$wide / 2 - 0.4),
                );
        }
        $scene = $scene->measure(
            new Point(-$left / 2, $scene->box->bottom - 1.7),
            new Point($left / 2, $scene->box->bottom - 1.7),
            $said->length($left),
        );

        return $said->is('wrong') ? $scene->wrong($left / 2 - $fold / 2, 0.0, max(2.0, $wide * 0.35)) : $scene;
    }
}
