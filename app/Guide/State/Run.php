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
 * Mesh that runs along the wires off its roll, seen from the side: "run 3" so many bubbles so far; "measured" shows the pitch of the
 * next, "tail" what is left at the start, "shrinking" bubbles that get smaller, "loops" loops pulled up between the wires, "two"
 * strands at once, "off" a roll that ends.
 */
final class Run implements State
{
    private const PITCH = 4.0;

    public function name(): string
    {
        return 'run';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $many = (int) $said->number(0, 3.0);
        $scene = Scene::of(21.0, 15.0)->line('wire', Point::list([[-10, 3], [10, 3]]));
        [$x, $isLoops] = [-8.0, $said->is('loops')];
        if ($said->is('tail')) {
            $scene = $scene->curve('mesh-side', Point::list([[$x - 2.2, 4.4], [$x - 1.0, 3.8], [$x, 3.0]]))
                ->measure(new Point($x - 2.2, 5.2), new Point($x, 5.2), $said->length(2.0));
        }
        for ($which = 0; $which < $many; $which++) {
            $size = $said->is('shrinking') ? 1.0 - 0.2 * $which : 1.0;
            $to = $x + ($isLoops ? 2.4 : self::PITCH) * $size;
            foreach ($said->is('two') ? ['a', 'b'] : ['a'] as $strand => $ink) {
                $high = ($isLoops ? 6.0 : 4.2 - 1.1 * $strand) * $size;
                $scene = $scene->patch(new Patch(0, Path::smooth(Point::list([
                    [$x, 3.0], [$x + ($to - $x) * ($isLoops ? 0.1 : -0.05), 3 - $high * 0.6], [($x + $to) / 2, 3 - $high],
                    [$to - ($to - $x) * ($isLoops ? 0.1 : -0.05), 3 - $high * 0.6], [$to, 3.0], [($x + $to) / 2, 3.4],
                ]), closed: true), Path::smooth(Point::list([
                    [$x + ($to - $x) * 0.3, 2.6], [($x + $to) / 2, 3 - $high * 0.75], [$to - ($to - $x) * 0.3, 2.6],
                ]), closed: false)), $ink);
            }
            $scene = $scene->curve('stem', Point::list([[$to, 3.6], [$to + 0.3, 2.8], [$to - 0.3, 2.2], [$to + 0.9, 1.2]]));
            $x = $to;
        }
        if ($said->is('measured')) {
            $scene = $scene->curve('mesh-side', Point::list([[$x, 3.0], [$x + 2.6, 2.4], [$x + 5.0, 2.8]]))
                ->measure(new Point($x, 5.0), new Point($x + 5.0, 5.0), $isLoops ? 'twice the height' : 'the pitch');
        }
        if ($said->is('off')) {
            $scene = $scene->curve('mesh-side', Point::list([[$x, 3.0], [$x + 1.0, 3.9], [$x + 2.0, 4.6]]))
                ->curve('metal', Point::list([[$x - 0.6, 3.8], [$x, 2.6], [$x + 0.6, 3.8]]));
        }

        return $said->is('shrinking') ? $scene->wrong($x - 1.2, 1.6, 2.6) : $scene;
    }
}
