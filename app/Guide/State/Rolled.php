<?php

namespace App\Guide\State;

use App\Drawing\Elements\Curl;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * Mesh that is rolled up: "rolled 20 10 1" both ends towards the middle to curls so far across, "clipped" where clips hold them;
 * "rolled tube 10 1" the whole piece to a tube; "rolled corner 12 10" from corner to corner; "sprung": it comes undone.
 */
final class Rolled implements State
{
    public function name(): string
    {
        return 'rolled';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        return match ($said->oneOf(['tube', 'corner'], 'ends')) {
            'tube' => $this->tube($said),
            'corner' => $this->corner($said),
            default => $this->ends($said),
        };
    }

    private function ends(Said $said): Scene
    {
        [$long, $wide, $across] = [$said->number(0, 20.0), $said->number(1, 10.0), $said->number(2, 1.0)];
        $left = $long * 0.55;
        $scene = Scene::of($long * 0.55 + 8, $wide + 5)->patch(new Patch(0, Path::closed(Scene::rectangle(0.0, 0.0, $left, $wide))));
        foreach ([1, -1] as $side) {
            $isSprung = $said->is('sprung') && $side === 1;
            $scene = $scene->patch(Curl::patch(
                0,
                new Place($side * $left / 2, 0.0, 0.0),
                $wide / 2,
                $across * ($isSprung ? 1.9 : 0.95),
                $isSprung ? 1.2 : 3.0,
            ))->arrow(
                new Point($side * ($left / 2 + 2.2), -$wide / 2 - 0.4),
                new Point($side * ($left / 2 + 0.8), -$wide / 2 - 1.5),
                new Point($side * ($left / 2 - 0.8), -$wide / 2 - 0.9),
            );
            if ($said->is('clipped')) {
                $scene = $scene->area('metal', Scene::rectangle($side * $left / 2, 0.0, 2.0 * $across + 0.6, 0.9));
            }
        }

        return $said->is('wrong') ? $scene->wrong($left / 2, 0.0, $wide * 0.42) : $scene;
    }

    private function tube(Said $said): Scene
    {
        [$wide, $across, $many] = [$said->number(0, 10.0), $said->number(1, 1.0), (int) $said->number(2, 1.0)];
        $scene = Scene::of($wide + 4, max(5.0, $many * ($across + 0.6) + 4));
        for ($which = 0; $which < $many; $which++) {
            $y = ($which - ($many - 1) / 2) * ($across + 0.5);
            $scene = $scene->patch(
                Curl::patch(0, new Place(0.0, $y, 90.0), $wide / 2, $across * ($said->is('sprung') && $which === 0 ? 1.4 : 0.5), 3.2),
                $which % 2 === 1 && $said->is('two') ? 'b' : $said->ink(),
            );
        }

        return $said->is('wrong') ? $scene->wrong(0.0, 0.0, 2.6) : $scene;
    }

    private function corner(Said $said): Scene
    {
        [$long, $wide] = [$said->number(0, 12.0), $said->number(1, 10.0)];
        $corner = fn (float $x, float $y): Point => new Point($x * $long / 2, $y * $wide / 2);

        return Scene::of($long + 5, $wide + 4)
            ->patch(new Patch(0, Path::closed([$corner(-1, -0.45), $corner(-1, 1), $corner(1, 1), $corner(1, -1), $corner(-0.35, -1)])))
            ->patch(Curl::patch(0, new Place(-$long * 0.34, -$wide * 0.36, 42.0), $long * 0.26, 0.55, 2.5))
            ->arrow($corner(-1.1, -1.1), $corner(-0.6, -0.6), $corner(0.2, 0.3));
    }
}
