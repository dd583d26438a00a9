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
 * The whole piece: "ring" the bare form, "filled" with its mesh, "back" from behind. On it "hanger", "sign", "bow", "tilted", "felt",
 * "spots 5", "ends" stems that stick out, "sunk", "low", "things 3" that lie beside it.
 */
final class Ring implements State
{
    private const WIRES = [7.0, 6.0, 5.0, 4.0];

    public function name(): string
    {
        return 'ring';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $scene = Scene::of(26.0, 26.0);
        if ($said->is('filled')) {
            $scene = $this->mesh($scene, $said);
        }
        if (! $said->is('filled') || $said->is('back')) {
            $scene = $this->wires($scene);
        }
        foreach ($said->words as $word) {
            $scene = match ($word) {
                'felt' => $this->felt($scene),
                'ends' => $this->ends($scene),
                'hanger' => $this->hanger($scene, $said),
                'sign' => $this->sign($scene, $said),
                'bow' => $this->bow($scene, $said),
                'spots' => $this->spots($scene, $said),
                'gap' => $this->gap($scene),
                'fluffed' => $this->fluffed($scene),
                default => $scene,
            };
        }

        return $said->is('wrong') ? $scene->wrong($said->number(1, 0.0), $said->number(2, 0.0), $said->number(3, 4.5)) : $scene;
    }

    private function wires(Scene $scene): Scene
    {
        foreach (self::WIRES as $radius) {
            $scene = $scene->curve('wire', Scene::circle(0.0, 0.0, $radius), closed: true);
        }
        for ($bar = 0; $bar < 6; $bar++) {
            [$x, $y] = [sin($bar * M_PI / 3), -cos($bar * M_PI / 3)];
            $scene = $scene->line('wire', Point::list([[4 * $x, 4 * $y], [7 * $x, 7 * $y]]));
        }

        return $scene;
    }

    private function mesh(Scene $scene, Said $said): Scene
    {
        $points = [];
        for ($step = 0; $step < 36; $step++) {
            $far = $step % 2 === 0 ? 11.2 : 9.6;
            $points[] = new Point($far * sin($step * M_PI / 18), -$far * cos($step * M_PI / 18));
        }
        $folds = '';
        for ($step = 0; $step < 18; $step++) {
            [$x, $y] = [sin($step * M_PI / 9), -cos($step * M_PI / 9)];
            $folds .= Path::line(Point::list([[3.4 * $x, 3.4 * $y], [10.6 * $x, 10.6 * $y]]));
        }

        return $scene->patch(new Patch(0, Path::smooth($points, closed: true), $folds))
            ->curve('hole', Scene::circle(0.0, 0.0, $said->is('flat') ? 3.6 : 2.8), closed: true);
    }

    private function hanger(Scene $scene, Said $said): Scene
    {
        $x = $said->is('tilted') ? 3.0 : 0.0;

        return $scene->curve('metal', Point::list([[$x - 1.1, -6.2], [$x - 0.9, -8.4], [$x + 0.9, -8.4], [$x + 1.1, -6.2]]));
    }

    private function felt(Scene $scene): Scene
    {
        return $scene->curve('felt', Scene::circle(0.0, 0.0, 7.2), closed: true);
    }

    private function ends(Scene $scene): Scene
    {
        for ($tie = 0; $tie < 9; $tie++) {
            [$x, $y] = [sin($tie * 0.698), -cos($tie * 0.698)];
            $scene = $scene->curve('stem', Point::list([[6 * $x, 6 * $y], [8 * $x + $y, 8 * $y - $x], [10 * $x, 10 * $y]]));
        }

        return $scene;
    }

    private function sign(Scene $scene, Said $said): Scene
    {
        [$wide, $high, $y] = [$said->is('large') ? 17.0 : 9.0, $said->is('large') ? 11.0 : 5.4, $said->is('low') ? 3.4 : 0.0];
        $scene = $scene->area('wood', array_map(
            fn (Point $at): Point => $said->is('tilted') ? new Point($at->x + $at->y * 0.22, $at->y - $at->x * 0.22) : $at,
            Scene::rectangle(0.0, $y, $wide, $high),
        ));

        return $said->is('sunk') ? $scene
            ->curve('thread', Scene::circle(0.0, $y, $wide * 0.5, $high * 0.62), closed: true) : $scene
            ->text(0.0, $y + 0.5, 'WELCOME');
    }

    private function bow(Scene $scene, Said $said): Scene
    {
        $y = $said->is('over') ? 0.6 : 8.0;
        foreach ([1, -1] as $side) {
            $scene = $scene->patch(new Patch(0, Path::smooth(Point::list([
                [0.0, $y], [$side * 2.2, $y - 1.8], [$side * 4.2, $y - 0.4], [$side * 2.4, $y + 1.2],
            ]), closed: true)), 'r')
                ->patch(new Patch(0, Path::closed(Point::list([[0.0, $y], [$side * 1.0, $y + 4.2], [$side * 2.2, $y + 3.6]]))), 'r');
        }

        return $scene;
    }

    private function spots(Scene $scene, Said $said): Scene
    {
        $many = (int) $said->number(0, 5.0);
        for ($spot = 0; $spot < $many; $spot++) {
            $turn = $said->is('bunched') ? 0.5 + $spot * 0.35 : $spot * 2 * M_PI / $many;
            [$x, $y] = [7.4 * sin($turn), -7.4 * cos($turn)];
            $scene = $scene->curve(
                $said->oneOf(['berry', 'leaf'], 'petal'),
                Scene::circle($x, $y, 1.5, $said->is('leaf') ? 0.7 : null),
                closed: true,
            )
                ->curve('berry', Scene::circle($x, $y, 0.5), closed: true);
        }

        return $scene;
    }

    private function gap(Scene $scene): Scene
    {
        return $scene->curve('hole', Scene::circle(6.6, -3.4, 1.9), closed: true)
            ->line('wire', Point::list([[5.2, -4.4], [7.8, -2.4]]))->wrong(6.6, -3.4, 3.0);
    }

    private function fluffed(Scene $scene): Scene
    {
        foreach ([0.6, 2.1, 3.7, 5.2] as $turn) {
            [$x, $y] = [sin($turn), -cos($turn)];
            $scene = $scene->arrow(new Point(5 * $x, 5 * $y), new Point(8.5 * $x, 8.5 * $y), new Point(12 * $x, 12 * $y));
        }

        return $scene;
    }
}
