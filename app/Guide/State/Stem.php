<?php

namespace App\Guide\State;

use App\Drawing\Elements\Wings;
use App\Drawing\Patch;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * A stem on two wires, close up: "stem behind" laid behind them, "stem up" both ends forward, "stem twice" twisted twice, "stem open"
 * the ends spread for the mesh, "stem closed" twisted over it, "stem back" twisted the other way, which undoes it, "stem half" cut in
 * two, "stem end" tucked in.
 */
final class Stem implements State
{
    public function name(): string
    {
        return 'stem';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $stage = $said->oneOf(['behind', 'up', 'twice', 'open', 'closed', 'back', 'half', 'two', 'end'], 'behind');
        $scene = Scene::of(15.0, 16.0);
        if ($stage === 'half') {
            return $scene->curve('stem', Point::list([[-6.5, -1.0], [-3, -0.6], [-0.4, -1.1]]))
                ->curve('stem', Point::list([[0.4, -1.1], [3, -0.6], [6.5, -1.0]]))
                ->line('metal', Point::list([[-1.4, 3.0], [0.6, -2.6]]))->line('metal', Point::list([[1.4, 3.0], [-0.6, -2.6]]))
                ->measure(new Point(-6.5, 3.4), new Point(-0.4, 3.4), $said->length(6.0));
        }
        $wires = fn (Scene $its): Scene => $its->line('wire', Point::list([[-7, -2], [7, -2]]))
            ->line('wire', Point::list([[-7, 2], [7, 2]]));
        if ($stage === 'behind') {
            return $wires($scene->line('stem', Point::list([[0, -5.6], [0, 5.6]])))
                ->arrow(new Point(3.2, 5.0), new Point(2.4, 2.0), new Point(0.6, 0.4));
        }
        $round = $wires($scene)->curve('stem', Point::list([[-0.5, 2.7], [-0.75, 0.0], [-0.3, -2.6]]));
        if ($stage === 'up') {
            return $round->curve('stem', Point::list([[-0.3, -2.6], [-2.0, -4.0], [-3.4, -5.8]]))
                ->curve('stem', Point::list([[-0.5, 2.7], [0.9, 1.0], [1.2, -2.0], [3.4, -5.8]]))
                ->arrow(new Point(4.4, 1.0), new Point(4.0, -2.0), new Point(3.4, -4.6));
        }
        if ($stage === 'closed' || $stage === 'end') {
            foreach ([1, -1] as $side) {
                $its = Wings::frilled(new Place(0.0, -0.2, 0.0), 3.6, $side * 6.4, 2.0)->patch(0);
                $round = $round->patch(new Patch(0, $its->edge, $its->folds, $its->shade, $its->shine));
            }
        }
        $many = ['twice' => 2, 'closed' => 3, 'back' => 1, 'end' => 3, 'two' => 2][$stage] ?? 0;
        $y = $stage === 'open' ? -1.2 : -2.8;
        for ($turn = 0; $turn < $many; $turn++) {
            $top = $y - $turn * 0.8;
            $round = $round->curve('stem', Point::list([[-0.55, $top], [0.1, $top - 0.4], [0.55, $top - 0.8]]))
                ->curve('stem', Point::list([[0.55, $top], [-0.1, $top - 0.4], [-0.55, $top - 0.8]]));
        }
        $top = $y - $many * 0.8;
        if ($stage === 'end') {
            return $round->curve('stem', Point::list([[-0.4, $top], [-1.6, $top + 0.8], [-1.9, $top + 2.6]]))
                ->curve('stem', Point::list([[0.4, $top], [1.6, $top + 0.8], [1.9, $top + 2.6]]))
                ->arrow(new Point(4.6, $top - 0.4), new Point(3.6, $top + 0.6), new Point(2.3, $top + 2.2));
        }
        $far = $stage === 'open' ? 5.4 : 3.6;
        $round = $round->curve('stem', Point::list([[-0.5, $top], [-$far * 0.6, $top - 0.6], [-$far, $top - 1.2]]))
            ->curve('stem', Point::list([[0.5, $top], [$far * 0.6, $top - 0.6], [$far, $top - 1.2]]));
        if ($stage === 'open') {
            return $round;
        }
        $turned = $stage === 'back' ? -1 : 1;
        $round = $round->arrow(...Point::list([
            [-$turned * 2.2, $top + 1.2], [0.0, $top + 2.0], [$turned * 2.2, $top + 1.2], [$turned * 2.6, $top + 0.4],
        ]));

        return $stage === 'back' ? $round->wrong(0.0, $top + 0.6, 2.8) : $round;
    }
}
