<?php

namespace App\Guide\State;

use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Point;

/**
 * A tool or a small thing: "tool cutter", "scissors", "gun", "pliers", "clip", "stapler", "ziptie", "heat", "needle"; "open" or
 * "closed", "drop" with glue, "wrong".
 */
final class Tool implements State
{
    public function name(): string
    {
        return 'tool';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $which = $said->oneOf(
            ['cutter', 'scissors', 'gun', 'pliers', 'clip', 'stapler', 'ziptie', 'heat', 'ball', 'pick', 'sign', 'note'],
            'scissors',
        );
        $table = Scene::of(18.0, 13.0);
        $scene = match ($which) {
            'cutter' => $this->cutter($table, $said),
            'gun' => $this->gun($table, $said),
            'pliers' => $this->pliers($table, $said),
            'clip' => $this->clip($table, $said),
            'stapler' => $this->stapler($table, $said),
            'ziptie' => $this->ziptie($table, $said),
            'heat' => $this->heat($table),
            'ball' => $this->ball($table, $said),
            'pick' => $this->pick($table, $said),
            'sign' => $this->sign($table, $said),
            'note' => $this->note($table, $said),
            default => $this->scissors($table, $said),
        };

        return $said->is('wrong') ? $scene->wrong($said->number(0, 3.0), $said->number(1, 0.0), $said->number(2, 3.0)) : $scene;
    }

    private function cutter(Scene $scene, Said $said): Scene
    {
        $scene = $scene->area('mat', Scene::rectangle(0.0, 3.6, 17.0, 4.6))
            ->curve('metal', Scene::circle(2.6, 1.2, 2.4), closed: true)
            ->area('grip', Point::list([[0.6, 0.2], [-6.6, -4.2], [-7.6, -2.4], [-0.2, 2.2]]));
        if ($said->is('closed')) {
            $scene = $scene->curve('grip', Scene::circle(2.6, 1.2, 2.7), closed: true);
        }
        if ($said->is('ruler')) {
            $scene = $scene->area('ruler', Scene::rectangle(0.0, 4.0, 16.0, 1.5));
        }

        return $said->is('away') ? $scene->arrow(new Point(4.6, -2.4), new Point(6.6, -2.2), new Point(8.4, -2.0)) : $scene;
    }

    private function scissors(Scene $scene, Said $said): Scene
    {
        $wide = $said->is('closed') ? 0.4 : 2.6;

        return $scene->line('blade', Point::list([[-3.0, $wide * 0.8], [7.6, -$wide]]))
            ->line('blade', Point::list([[-3.0, -$wide * 0.8], [7.6, $wide]]))
            ->curve('grip-line', Scene::circle(-5.0, 1.8 + $wide * 0.3, 2.2, 1.5), closed: true)
            ->curve('grip-line', Scene::circle(-5.0, -1.8 - $wide * 0.3, 2.2, 1.5), closed: true);
    }

    private function gun(Scene $scene, Said $said): Scene
    {
        $scene = $scene->area('mat', Scene::rectangle(0.0, 5.0, 17.0, 2.0))
            ->area('grip', Point::list([[-4.0, -3.0], [3.0, -3.0], [3.6, -1.0], [-1.0, -0.6], [-2.2, 3.6], [-4.6, 3.6]]))
            ->area('metal', Point::list([[3.0, -2.6], [6.4, -1.9], [6.4, -1.5], [3.4, -1.2]]))
            ->line('glue-stick', Point::list([[-8.0, -2.2], [-4.0, -2.2]]));
        if ($said->is('drop')) {
            $scene = $scene->curve('glue', Scene::circle(6.8, 1.0, 0.7, 1.0), closed: true)
                ->curve('glue', Scene::circle(6.8, 3.7, 1.4, 0.5), closed: true);
        }

        return $said->is('unplugged') ? $scene->curve('cord', Point::list([[-3.6, 3.6], [-5.0, 5.4], [-7.6, 5.2]]))
            ->arrow(new Point(-7.6, 3.4), new Point(-8.4, 3.0)) : $scene;
    }

    private function pliers(Scene $scene, Said $said): Scene
    {
        $wide = $said->is('closed') ? 0.3 : 1.4;

        return $scene->curve('grip-line', Point::list([[-7.6, 2.6 + $wide], [-3.0, 1.6], [0.4, 0.0]]))
            ->curve('grip-line', Point::list([[-7.6, -2.6 - $wide], [-3.0, -1.6], [0.4, 0.0]]))
            ->curve('blade', Point::list([[0.4, 0.0], [2.6, $wide], [4.6, $wide * 0.6]]))
            ->curve('blade', Point::list([[0.4, 0.0], [2.6, -$wide], [4.6, -$wide * 0.6]]))
            ->curve('stem', Point::list([[4.8, 5.4], [4.5, 0.0], [5.0, -5.4]]));
    }

    private function clip(Scene $scene, Said $said): Scene
    {
        return $scene->area('wood', Point::list([[-6.0, -1.4], [5.0, -0.5], [5.0, -0.05], [-6.0, $said->is('open') ? -2.4 : -0.4]]))
            ->area('wood', Point::list([[-6.0, 1.4], [5.0, 0.5], [5.0, 0.05], [-6.0, $said->is('open') ? 2.4 : 0.4]]))
            ->curve('metal', Scene::circle(0.6, 0.0, 1.0), closed: true);
    }

    private function stapler(Scene $scene, Said $said): Scene
    {
        $thin = $said->is('thin');

        return $scene->area('wood', Scene::rectangle(0.0, 3.0, 15.0, $thin ? 0.8 : 3.0))
            ->line('metal', Point::list([[-1.6, $thin ? 4.4 : 3.4], [-1.0, 1.4], [1.4, 1.4], [0.8, $thin ? 4.4 : 3.4]]))
            ->curve('stem', Point::list([[-6.0, 1.2], [0.0, 1.5], [6.0, 1.2]]))
            ->area('grip', Point::list([[-4.0, -4.6], [4.0, -4.6], [4.0, -2.6], [-4.0, -1.4]]));
    }

    private function ziptie(Scene $scene, Said $said): Scene
    {
        $scene = $scene->line('wire', Point::list([[-1.4, -6], [-1.4, 6]]))->line('wire', Point::list([[1.4, -6], [1.4, 6]]));
        $scene = $said->is('open')
            ? $scene->curve('ziptie', Point::list([[-6.0, 2.0], [-2.0, 1.2], [3.0, 0.6], [7.0, -1.6]]))
            : $scene->curve('ziptie', Scene::circle(0.0, 0.0, 2.6, 1.2), closed: true);
        $scene = $scene->area('grip', Scene::rectangle($said->is('open') ? -6.2 : 2.7, $said->is('open') ? 2.0 : 0.2, 1.2, 1.4));

        return $said->is('end') ? $scene->curve('ziptie', Point::list([[2.8, 0.2], [5.0, -1.4], [7.6, -2.0]])) : $scene;
    }

    private function heat(Scene $scene): Scene
    {
        return $scene->area('glass', Scene::rectangle(0.0, 4.0, 16.0, 1.6))
            ->area('grip', Point::list([[-7.0, -4.6], [-1.6, -1.6], [-2.4, -0.2], [-7.8, -3.2]]))
            ->line('hot', Point::list([[-2.0, -0.9], [2.2, 3.0]]))
            ->area('ribbon-flat', Scene::rectangle(4.0, 3.0, 7.0, 0.5));
    }

    private function ball(Scene $scene, Said $said): Scene
    {
        $scene = $scene->curve('stem', Point::list([[-5.0, 5.0], [-3.0, 2.0], [0.0, 0.4]]));

        return $said->is('off')
            ? $scene->curve('petal', Scene::circle(5.0, 4.0, 1.9), closed: true)
            : $scene->curve('petal', Scene::circle(1.4, -0.8, 1.9), closed: true);
    }

    private function pick(Scene $scene, Said $said): Scene
    {
        $many = (int) $said->number(3, 3.0);
        for ($stem = 0; $stem < $many; $stem++) {
            $x = $said->is('apart') ? ($stem - ($many - 1) / 2) * 4.4 : ($stem - ($many - 1) / 2) * 1.6;
            $foot = $said->is('apart') ? $x : 0.0;
            $scene = $scene->curve('cord', Point::list([[$foot, 5.4], [($x + $foot) / 2, 1.0], [$x, -2.6]]))
                ->curve(
                    $said->oneOf(['leaf', 'berry'], 'petal'),
                    Scene::circle($x, -3.6, 1.5, $said->is('leaf') ? 2.4 : null),
                    closed: true,
                );
        }

        return $said->is('doubled') ? $scene
            ->line('metal', Point::list([[0.3, 5.6], [0.3, 0.0]]))
            ->line('tape', Point::list([[0.1, 4.4], [0.1, 1.4]])) : $scene;
    }

    private function sign(Scene $scene, Said $said): Scene
    {
        $scene = $scene->area('wood', Scene::rectangle(0.0, 0.0, 13.0, 8.0));
        if ($said->is('face')) {
            return $scene->text(0.0, 0.5, 'WELCOME');
        }
        foreach ($said->is('bare') ? [] : [-4.0, 4.0] as $x) {
            $scene = $scene->curve('stem', Point::list([[$x - 1.4, -5.6], [$x, -1.6], [$x + 0.2, 1.6], [$x + 1.6, 5.6]]));
            $scene = $said->is('glued') ? $scene->area('felt', Scene::rectangle($x, 0.0, 2.4, 1.8)) : $scene;
        }

        return $said->is('hook') ? $scene->curve('metal', Point::list([[-1.6, -4.0], [0.0, -6.0], [1.6, -4.0]])) : $scene;
    }

    private function note(Scene $scene, Said $said): Scene
    {
        $scene = $scene->area('paper', Scene::rectangle(0.0, 0.0, 12.0, 9.0));
        for ($line = 0; $line < (int) $said->number(3, 3.0); $line++) {
            $scene = $scene->line('pencil', Point::list([[-4.6, -2.8 + $line * 1.9], [$line % 2 === 0 ? 4.4 : 2.4, -2.8 + $line * 1.9]]));
        }

        return $scene;
    }
}
