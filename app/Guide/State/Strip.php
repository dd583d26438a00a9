<?php

namespace App\Guide\State;

use App\Drawing\Elements\RibbonStrip;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\State;
use App\Techniques\Sample;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/**
 * Ribbon cut to length: "strip 12 2.5" so long and wide, "x 3" so many; its ends "dovetail", "slant" or straight; "lengthwise"
 * folded, with the cut from the fold outward; "pinched" at its middle, "loop" to a loop; "crossed" an X; "fan" fan-folded; "board"
 * wound on one; "frayed"; "sealed"; "upside".
 */
final class Strip implements State
{
    public function name(): string
    {
        return 'strip';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        [$long, $wide, $many] = [$said->number(0, 12.0), $said->number(1, 2.5), (int) $said->number(2, 1.0)];

        return match ($said->oneOf(['lengthwise', 'fan', 'board', 'pinched', 'loop', 'hanging', 'curled', 'wave', 'strands'], 'flat')) {
            'lengthwise' => $this->lengthwise($said, $long, $wide),
            'fan' => $this->fan($said, $long, $wide, max(2, $many)),
            'board' => $this->board($said, $long, $wide, max(2, $many)),
            'pinched' => $this->pinched($said, $long, $wide, $many),
            'loop' => $this->loop($said, $long, $wide, $many),
            'hanging' => $this->hanging($said, $long, $wide, max(1, $many)),
            'curled' => $this->curled($said, $long, $wide),
            'wave' => $this->wave($said, $long),
            'strands' => $this->strands($said, $long, max(1, $many)),
            default => $this->flat($said, $long, $wide, $many),
        };
    }

    private function flat(Said $said, float $long, float $wide, int $many): Scene
    {
        $scene = Scene::of($long + 5, $many * ($wide + 0.5) + 5);
        for ($which = 0; $which < $many; $which++) {
            $y = ($which - ($many - 1) / 2) * ($wide + 0.5);
            $scene = $scene->patch(self::patch($said, $long, $wide, $y), $which % 2 === 1 && $said->is('two') ? 's' : 'r');
            if ($said->is('print')) {
                // A little house, which has to stand upright when the tail hangs to the right.
                foreach ([-1, 1] as $side) {
                    $x = $side * $long / 4;
                    $roof = $said->is('upside') && $side === -1 ? 0.9 : -0.9;
                    $scene = $scene->area('paper', Point::list([
                        [$x - 0.7, $y - $roof * 0.8], [$x + 0.7, $y - $roof * 0.8], [$x + 0.7, $y], [$x, $y + $roof],
                        [$x - 0.7, $y],
                    ]));
                    $scene = $said->is('upside') && $side === -1 ? $scene->wrong($x, $y, 1.5) : $scene;
                }
            }
        }
        if ($said->is('frayed')) {
            foreach ([-0.3, 0.0, 0.3] as $part) {
                $scene = $scene->curve('thread', Point::list([
                    [$long / 2, $part * $wide], [$long / 2 + 1.2, $part * $wide + 0.4],
                    [$long / 2 + 1.9, $part * $wide - 0.2],
                ]));
            }
            $scene = $scene->wrong($long / 2, 0.0, $wide * 0.8);
        }
        if ($said->is('sealed')) {
            $scene = $scene->curve('flame', Point::list([
                [$long / 2 + 0.9, 1.8], [$long / 2 + 0.3, 0.6], [$long / 2 + 0.9, -1.4], [$long / 2 + 1.5, 0.6],
            ]), closed: true);
        }

        return $said->is('bare') ? $scene : $scene->measure(
            new Point(-$long / 2, $scene->box->bottom - 1.6),
            new Point($long / 2, $scene->box->bottom - 1.6),
            $said->length($long),
        );
    }

    public static function patch(Said $said, float $long, float $wide, float $y, float $x = 0.0): Patch
    {
        [$half, $up] = [$long / 2, $wide / 2];
        $at = fn (float $along, float $out): Point => new Point($x + $along, $y + $out);
        $tip = fn (int $side): array => match (true) {
            $said->is('dovetail') => [$at($side * $half, -$side * $up), $at($side * ($half - 0.9), 0.0), $at($side * $half, $side * $up)],
            $said->is('slant') => [$at($side * ($half - 1.2), -$side * $up), $at($side * $half, $side * $up)],
            default => [$at($side * $half, -$side * $up), $at($side * $half, $side * $up)],
        };
        $edge = fn (float $part): string => Path::line([$at(-$half + 0.9, $part * $up), $at($half - 0.9, $part * $up)]);

        return new Patch(0, Path::closed([...$tip(1), ...$tip(-1)]), $edge(0.8).$edge(-0.8));
    }

    private function lengthwise(Said $said, float $long, float $wide): Scene
    {
        $half = $long / 2;
        $fold = Path::line(Point::list([[-$half, $wide / 4], [$half, $wide / 4]]));
        $scene = Scene::of($long + 4, $wide + 5)
            ->patch(new Patch(0, Path::closed(Scene::rectangle(0.0, 0.0, $long, $wide / 2)), $fold), 'r')
            ->text(-$half + 2.4, $wide / 4 + 1.3, 'the fold');
        [$from, $to] = Point::list([[$half - 1.2, $wide / 4], [$half, -$wide / 4]]);
        [$from, $to] = $said->is('wrong') ? Point::list([[$half - 1.2, -$wide / 4], [$half, $wide / 4]]) : [$from, $to];
        $scene = $scene->line('cutline', [$from, $to])->arrow(new Point($from->x - 2.2, $from->y + ($from->y > 0 ? 2.4 : -2.4)), $from);

        return $said->is('wrong') ? $scene->wrong($half - 0.5, 0.0, 1.5) : $scene;
    }

    private function fan(Said $said, float $long, float $wide, int $layers): Scene
    {
        $scene = Scene::of($long + 5, $layers * 0.9 + 7);
        $points = [];
        for ($layer = 0; $layer <= $layers; $layer++) {
            $y = -$layers * 0.45 + $layer * 0.9;
            $side = $layer % 2 === 0 ? -1 : 1;
            array_push($points, new Point(-$side * $long / 2, $y), new Point($side * $long / 2, $y + 0.35));
        }
        $scene = $scene->line('ribbon-side', $points);
        foreach ($said->is('cut') ? [-1, 1] : [] as $side) {
            $scene = $scene->line('cutline', Point::list([
                [$side * ($long / 2 - 0.8), -$layers * 0.45 - 1.0], [$side * ($long / 2 - 0.8), $layers * 0.45 + 1.6],
            ]));
        }
        $scene = $scene->measure(
            new Point(-$long / 2, $scene->box->bottom - 1.6), new Point($long / 2, $scene->box->bottom - 1.6), $said->length($long),
        );

        return $said->is('wrong') ? $scene->wrong($long / 2 - 0.8, 0.0, 2.4) : $scene;
    }

    private function board(Said $said, float $long, float $wide, int $turns): Scene
    {
        $scene = Scene::of(max($long, $turns * ($wide + 0.4)) + 6, $long + 5)
            ->area('wood', Scene::rectangle(0.0, 0.0, $turns * ($wide + 0.4) + 2.0, $long));
        for ($turn = 0; $turn < $turns; $turn++) {
            $x = ($turn - ($turns - 1) / 2) * ($wide + 0.4);
            $scene = $scene->patch(new Patch(0, Path::closed(Point::list([
                [$x - $wide / 2 - 0.2, -$long / 2 - 0.2], [$x + $wide / 2 - 0.2, -$long / 2 - 0.2],
                [$x + $wide / 2 + 0.2, $long / 2 + 0.2], [$x - $wide / 2 + 0.2, $long / 2 + 0.2],
            ]))), 'r');
        }
        foreach ($said->is('cut') ? [-1, 1] : [] as $side) {
            $far = $turns * ($wide + 0.4) / 2 + 1.6;
            $scene = $scene->line('cutline', Point::list([[-$far, $side * $long / 2], [$far, $side * $long / 2]]));
        }
        if ($said->is('thick')) {
            $scene = $scene->area('wood', Scene::rectangle($scene->box->right - 1.6, 0.0, 1.6, $long))
                ->wrong($scene->box->right - 1.6, 0.0, 1.6);
        }

        return $scene->measure(new Point($scene->box->left + 0.8, -$long / 2), new Point($scene->box->left + 0.8, $long / 2), '');
    }

    private function pinched(Said $said, float $long, float $wide, int $many): Scene
    {
        $end = $said->oneOf(['dovetail', 'slant'], 'straight');
        $scene = Scene::of($long + 3, $said->is('crossed') ? $long * 0.9 : max($wide * 2 + 4, $many * 2.0 + 5));
        for ($which = 0; $which < $many; $which++) {
            $lean = match (true) {
                $said->is('crossed') => ($which % 2 === 0 ? -1 : 1) * 32.0,
                $many === 1 => 0.0,
                default => ($which / ($many - 1) - 0.5) * 34.0,
            };
            foreach ([90.0, -90.0] as $side) {
                $scene = $scene->patch(
                    (new RibbonStrip(new Place(0.0, 0.0, $lean + $side), $wide, $end, 0.8))->patch(0, $long / 2 * 0.95, 0.2),
                    $which % 2 === 1 ? 's' : 'r',
                );
            }
        }
        if ($said->is('tied')) {
            $scene = Pinched::stem($scene, 0.0, 1.0);
        }

        return $said->is('wrong') ? $scene->wrong(0.0, 0.0, 2.0) : $scene;
    }

    private function loop(Said $said, float $size, float $wide, int $loops): Scene
    {
        $scene = Scene::of(2 * $size + 8, $size * 1.2 + 9);
        $strip = fn (float $turn): RibbonStrip => new RibbonStrip(new Place(0.0, -1.0, $turn), $wide, 'dovetail', 0.8);
        foreach ($said->is('tails') ? [162.0, 198.0] : [] as $turn) {
            $scene = $scene->patch($strip($turn)->patch(0, $size * 1.1, 0.3), 'r');
        }
        for ($which = 0; $which < $loops; $which++) {
            $step = intdiv($which, 2);
            $turn = 90.0 + ($step - (intdiv($loops - 1, 2)) / 2) * 34.0;
            $its = $said->is('smaller') ? $size - 0.5 * ($step + 1) : ($said->is('uneven') && $which === 1 ? $size * 0.6 : $size);
            $scene = $scene->patch(
                $strip($which % 2 === 0 ? $turn : -$turn)->loop(0, $its),
                $which % 4 > 1 && $said->is('two') ? 's' : 'r',
            );
        }
        if ($said->is('twist')) {
            $scene = $scene->arrow(new Point(-1.4, -3.6), new Point(0.0, -2.6), new Point(1.4, -3.6), new Point(1.8, -4.2));
        }
        if ($said->is('tied')) {
            $scene = $scene->curve('stem', Point::list([[-0.5, -0.3], [0.0, -1.0], [0.5, -1.7]]))
                ->curve('stem', Point::list([[0.4, -0.4], [2.0, 0.6], [3.0, 2.4]]))
                ->curve('stem', Point::list([[-0.4, -0.4], [-2.0, 0.6], [-3.0, 2.4]]));
        }

        return $said->is('wrong') ? $scene->wrong(-$size * 0.5, -1.0, $size * 0.6) : $scene;
    }

    private function hanging(Said $said, float $long, float $wide, int $many): Scene
    {
        $scene = Scene::of($many * ($wide + 0.6) + 5, $long + 5)->line('wire', Point::list([
            [-$many * ($wide + 0.6) / 2 - 2, -$long / 2], [$many * ($wide + 0.6) / 2 + 2, -$long / 2],
        ]));
        for ($which = 0; $which < $many; $which++) {
            $its = $said->is('even') ? $long : $long * (1.0 - 0.13 * (($which * 3) % 5));
            $scene = $scene->patch((new RibbonStrip(
                new Place(($which - ($many - 1) / 2) * ($wide + 0.6), -$long / 2, 180.0),
                $wide,
                $said->oneOf(['dovetail', 'slant'], 'slant'),
                0.8,
            ))->patch(0, $its, 0.2), $which % 2 === 1 ? 's' : 'r');
        }

        return $said->is('wrong') ? $scene->wrong(0.0, $long * 0.25, 2.8) : $scene;
    }

    private function curled(Said $said, float $long, float $wide): Scene
    {
        $scene = Scene::of(10.0, $long + 4);
        $points = [];
        for ($step = 0; $step <= 24; $step++) {
            $points[] = new Point(1.5 * sin($step * M_PI / ($said->is('slack') ? 11 : 4)), -$long / 2 + $long * $step / 24);
        }

        $scene = $scene->curve('ribbon-side', $points);
        if ($said->is('rod')) {
            $scene = Scene::of(10.0, $long + 4)->line('rod', Point::list([[0, -$long / 2 - 1], [0, $long / 2 + 1]]))
                ->curve('ribbon-side', $points);
        }

        return $said->is('wrong') ? $scene->wrong(0.0, $long * 0.2, 2.4) : $scene;
    }

    /** Raffia or the like: loose, or bent together at the middle. */
    private function strands(Said $said, float $long, int $many): Scene
    {
        $scene = Scene::of($long + 4, 9.0);
        for ($which = 0; $which < $many; $which++) {
            $off = ($which - ($many - 1) / 2) * 0.8;
            $half = $said->is('even') ? $long / 2 : $long / 2 - 0.7 * (($which * 3) % 4);
            $scene = $scene->curve('strand', Point::list([
                [-$half, $off * 1.2], [-$half / 2, $off], [0.0, $said->is('bent') ? $off * 0.12 : $off], [$half / 2, $off],
                [$half, $off * 1.2],
            ]));
        }
        $scene = $said->is('bent') ? Pinched::stem($scene, 0.0, 1.0) : $scene;

        return $said->is('wrong') ? $scene->line('strand', Point::list([[3.0, 3.4], [8.0, 4.0]]))->wrong(5.5, 3.7, 2.4) : $scene;
    }

    /** Over one and under the next, along a row. */
    private function wave(Said $said, float $long): Scene
    {
        $scene = Scene::of($long + 4, 9.0);
        foreach ([-0.375, -0.125, 0.125, 0.375] as $at) {
            $scene = $scene->patch(new Patch(0, Path::smooth(Scene::circle($at * $long, 0.6, $long / 9, 2.6), closed: true)), 'a');
        }
        $points = array_map(fn (int $step): Point => new Point(
            -$long / 2 + $long * $step / 16,
            0.6 + ($said->is('tight') ? 0.3 : 2.2) * cos($step * M_PI / 2),
        ), range(0, 16));
        $scene = $scene->curve('ribbon-side', $points);

        return $said->is('wrong') ? $scene->wrong(0.0, 0.6, 2.4) : $scene;
    }
}
