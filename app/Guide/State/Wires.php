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
 * A stretch of the form with its ties, seen from the front: "wires" four wires and two crossbars, so two sections. Where the ties stand: "inner",
 * "outer", "middle", "crossbar", "between", as many a section as "2" says; "filled" has mesh on them; "gap": one is missing; "numbered".
 */
final class Wires implements State
{
    private const HALF = 9.0;

    /** The wires from the outermost, and the crossbars. */
    private const WIRES = [-3.0, -1.0, 1.0, 3.0];

    private const CROSSBARS = [-6.0, 0.0, 6.0];

    private const ROWS = ['outer' => -2.0, 'middle' => 0.0, 'inner' => 2.0];

    public function name(): string
    {
        return 'wires';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $scene = Scene::of(2 * self::HALF + 1, 13.0);
        foreach (self::WIRES as $y) {
            $scene = $scene->line('wire', [new Point(-self::HALF, $y), new Point(self::HALF, $y)]);
        }
        foreach (self::CROSSBARS as $x) {
            $scene = $scene->line('wire', [new Point($x, -3.0), new Point($x, 3.0)]);
        }
        [$number, $mesh] = [0, []];
        foreach (self::ROWS as $row => $y) {
            foreach ($said->is($row) ? $this->places($said, $row) : [] as $x) {
                $number++;
                if ($said->is('gap') && $number === 4) {
                    $scene = $scene->wrong($x, $y, 1.6);

                    continue;
                }
                $said->is('filled') ? $mesh[] = [$x, $y] : $scene = $this->tie($scene, $x, $y, $said->is('numbered') ? $number : null);
            }
        }
        foreach ($mesh as [$x, $y]) {
            foreach ([1, -1] as $side) {
                $its = Wings::frilled(new Place($x, $y, 0.0), 1.7, $side * 1.45, $x)->patch(0);
                $scene = $scene->patch(new Patch(0, $its->edge, $its->folds, $its->shade, $its->shine));
            }
        }

        return $scene;
    }

    /** @return list<float> */
    private function places(Said $said, string $row): array
    {
        $sections = array_map(fn (int $at): array => [self::CROSSBARS[$at], self::CROSSBARS[$at + 1]], [0, 1]);
        $places = [];
        foreach ($sections as [$from, $to]) {
            $long = $to - $from;
            $places = [...$places, ...match (true) {
                $said->is("$row-crossbars") => [$from],
                $said->is("$row-both") => [$from, ($from + $to) / 2],
                $said->is("$row-two") => [$from + 1.5, $to - 1.5],
                default => array_map(
                    fn (int $i): float => $from + $long * ($i + 0.5) / max(1, (int) $said->number(0, 1.0)),
                    range(0, max(0, (int) $said->number(0, 1.0) - 1)),
                ),
            }];
        }

        return $said->is("$row-crossbars") || $said->is("$row-both") ? [...$places, self::CROSSBARS[2]] : $places;
    }

    private function tie(Scene $scene, float $x, float $y, ?int $number): Scene
    {
        $scene = $scene->curve('stem', [
            new Point($x - 0.15, $y + 1.25), new Point($x + 0.3, $y), new Point($x - 0.15, $y - 1.25),
        ])->curve('stem', [new Point($x - 0.1, $y - 1.2), new Point($x - 0.9, $y - 1.9)])->curve('stem', [
            new Point($x - 0.1, $y - 1.2), new Point($x + 0.9, $y - 1.9),
        ]);

        return $number === null ? $scene : $scene->text($x + 0.2, $y + 0.4, (string) $number);
    }
}
