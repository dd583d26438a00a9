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
 * A piece as it lies there: its woven edges straight, its cut ends raw. "flat 20 10": so long and so wide; "x 3": so many; "folded 1" and
 * "overlapped 4": its ends are folded back so far; "crooked" is cut so; "frayed" comes apart; "from" comes off the roll.
 */
final class Flat implements State
{
    /** How far raw ends stand out, in inches. */
    private const RAW = 0.22;

    /** How far a piece lies below the one before it, where there are several. */
    private const DOWN = 0.35;

    public function name(): string
    {
        return 'flat';
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        [$long, $wide, $many] = [$said->number(0, 20.0), $said->number(1, 10.0), (int) $said->number(2, 1.0)];
        $scene = Scene::of($long + 6, $wide + 5 + self::DOWN * $wide * ($many - 1));
        for ($which = 0; $which < $many; $which++) {
            $y = ($which - ($many - 1) / 2) * self::DOWN * $wide;
            $scene = $scene->patch($this->piece($said, $long, $wide, $y), $which % 2 === 1 && $said->is('two') ? 'b' : $said->ink())
                ->line('woven', Point::list([[-$long / 2, $y - $wide / 2], [$long / 2, $y - $wide / 2]]))
                ->line('woven', Point::list([[-$long / 2, $y + $wide / 2], [$long / 2, $y + $wide / 2]]));
        }
        if ($said->is('frayed')) {
            $scene = $this->threads($scene, $long, $wide)->wrong($long / 2, 0.0, $wide * 0.45);
        }

        return $said->is('plain') ? $scene : $scene->measure(
            new Point(-$long / 2, $scene->box->bottom - 1.7),
            new Point($long / 2, $scene->box->bottom - 1.7),
            $said->length($long),
        );
    }

    private function piece(Said $said, float $long, float $wide, float $y): Patch
    {
        $lean = $said->is('crooked') ? 1.6 : 0.0;
        $end = function (int $side) use ($long, $wide, $y, $lean): array {
            $points = [];
            for ($step = 0; $step <= 12; $step++) {
                $points[] = new Point(
                    $side * ($long / 2 + ($step % 2 === 0 ? 0.0 : self::RAW)) + $lean * ($step / 12 - 0.5),
                    $y + $wide * (0.5 - $step / 12),
                );
            }

            return $points;
        };
        $edge = Path::closed([...$end(1), ...array_reverse($end(-1))]);
        $fold = match (true) {
            $said->is('folded') => min(2.0, $long / 6),
            $said->is('overlapped') => $long / 4,
            default => 0.0,
        };
        $line = fn (float $x): string => Path::line(Point::list([[$x, $y - $wide / 2], [$x, $y + $wide / 2]]));
        $flap = fn (float $from, float $to): string => Path::closed(Point::list([
            [$from, $y - $wide / 2], [$to, $y - $wide / 2], [$to, $y + $wide / 2], [$from, $y + $wide / 2],
        ]));

        return new Patch(
            0,
            $edge,
            $fold > 0.0 ? $line($long / 2 - $fold).$line(-$long / 2 + $fold) : '',
            $fold > 0.0 ? $flap($long / 2 - $fold, $long / 2).$flap(-$long / 2, -$long / 2 + $fold) : '',
        );
    }

    private function threads(Scene $scene, float $long, float $wide): Scene
    {
        for ($step = 1; $step < 6; $step++) {
            $y = $wide * ($step / 6 - 0.5);
            $scene = $scene->curve('thread', Point::list([
                [$long / 2, $y], [$long / 2 + 1.0, $y + 0.4], [$long / 2 + 1.6 + $step % 2, $y - 0.3],
            ]));
        }

        return $scene;
    }
}
