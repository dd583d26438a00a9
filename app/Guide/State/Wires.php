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
 * A stretch of the form with its ties, seen from the front: "wires" four wires and three crossbars, so two sections. Which rows have
 * ties: "inner", "middle", "outer", so many a section as its number says; "inner-crossbars" on the crossbars, "inner-both" on these
 * and between, "inner-two" close to them. "zigzag" steps from row to row, "scattered" goes by no pattern, "corner" is the corner of a
 * square, "stick" a flat stick.
 * "filled" has mesh on the ties, "gap" lacks one.
 */
final class Wires implements State
{
    public const NAME = 'wires';

    private const HALF = 9.0;

    /** The wires, from the outermost. */
    private const WIRES = [-3.0, -1.0, 1.0, 3.0];

    private const CROSSBARS = [-6.0, 0.0, 6.0];

    private const ROWS = ['outer' => -2.0, 'middle' => 0.0, 'inner' => 2.0];

    /** Ties that somebody put where they were wanted. */
    private const SCATTERED = [
        [-7.4, -2.0], [-4.4, 2.0], [-2.8, -2.0], [-1.0, 0.0], [1.6, 2.0], [2.8, -2.0], [5.0, 0.0], [7.6, -2.0],
    ];

    /** How a zigzag steps, again and again. */
    private const STEPS = ['inner', 'middle', 'outer', 'middle'];

    public function name(): string
    {
        return self::NAME;
    }

    public function draw(Said $said, ?Sample $sample): Scene
    {
        $kind = $said->oneOf(['zigzag', 'scattered', 'corner', 'stick'], 'rows');
        $scene = match ($kind) {
            'corner' => $this->corner(Scene::of(2 * self::HALF + 1, 15.0)),
            'stick' => Scene::of(2 * self::HALF + 1, 13.0)->area('wood', Scene::rectangle(0.0, 0.0, 2 * self::HALF, 3.6)),
            default => $this->straight(Scene::of(2 * self::HALF + 1, 13.0)),
        };
        $ties = match ($kind) {
            'corner' => $this->cornerTies($said),
            'stick' => $this->stickTies($said),
            'zigzag' => $this->zigzag($said),
            'scattered' => self::SCATTERED,
            default => $this->rows($said),
        };
        $missing = $said->is('gap') ? intdiv(count($ties), 2) : -1;
        foreach ($ties as $at => [$x, $y]) {
            $scene = match (true) {
                $at === $missing => $scene->wrong($x, $y, 1.6),
                $said->is('filled') => $this->piece($scene, $x, $y),
                default => $this->tie($scene, $x, $y, $said->is('numbered') ? $at + 1 : null),
            };
        }

        return $scene;
    }

    private function straight(Scene $scene): Scene
    {
        foreach (self::WIRES as $y) {
            $scene = $scene->line('wire', Point::list([[-self::HALF, $y], [self::HALF, $y]]));
        }
        foreach (self::CROSSBARS as $x) {
            $scene = $scene->line('wire', Point::list([[$x, -3.0], [$x, 3.0]]));
        }

        return $scene;
    }

    private function corner(Scene $scene): Scene
    {
        foreach ([0.0, 2.0] as $in) {
            $scene = $scene->line('wire', Point::list([[-self::HALF, -5.0 + $in], [6.0 - $in, -5.0 + $in], [6.0 - $in, 7.0]]));
        }

        return $scene->line('wire', Point::list([[-4.0, -5.0], [-4.0, -3.0]]))->line('wire', Point::list([[6.0, 3.0], [4.0, 3.0]]));
    }

    /** @return list<array{float, float}> */
    private function cornerTies(Said $said): array
    {
        return array_slice([[5.0, -4.0], [-4.0, -4.0], [0.5, -4.0], [5.0, 3.0], [5.0, -0.5]], 0, (int) $said->number(0, 5.0));
    }

    /** @return list<array{float, float}> */
    private function stickTies(Said $said): array
    {
        $ties = [];
        for ($group = 0; $group < 3; $group++) {
            $x = -7.2 + $group * 5.6;
            array_push($ties, [$x, -1.9], [$x, 1.9], [$x + 2.8, 0.0]);
        }

        return array_slice($ties, 0, (int) $said->number(0, 9.0));
    }

    /** @return list<array{float, float}> */
    private function zigzag(Said $said): array
    {
        return array_map(
            fn (int $at): array => [-5.5 + $at, self::ROWS[self::STEPS[$at % count(self::STEPS)]]],
            range(0, max(0, (int) $said->number(0, 12.0) - 1)),
        );
    }

    /** @return list<array{float, float}> */
    private function rows(Said $said): array
    {
        $ties = [];
        foreach (array_reverse(self::ROWS) as $row => $y) {
            foreach ($said->is($row) ? $this->along($said, $row) : [] as $x) {
                $ties[] = [$x, $y];
            }
        }

        return $ties;
    }

    /** @return list<float> */
    private function along(Said $said, string $row): array
    {
        $places = [];
        foreach ([[-6.0, 0.0], [0.0, 6.0]] as [$from, $to]) {
            $many = max(1, (int) $said->number(0, 1.0));
            $places = [...$places, ...match (true) {
                $said->is("$row-crossbars") => [$from],
                $said->is("$row-both") => [$from, ($from + $to) / 2],
                $said->is("$row-two") => [$from + 1.5, $to - 1.5],
                default => array_map(fn (int $i): float => $from + ($to - $from) * ($i + 0.5) / $many, range(0, $many - 1)),
            }];
        }

        return $said->is("$row-crossbars") || $said->is("$row-both") ? [...$places, 6.0] : $places;
    }

    private function piece(Scene $scene, float $x, float $y): Scene
    {
        foreach ([1, -1] as $side) {
            $its = Wings::frilled(new Place($x, $y, 0.0), 1.7, $side * 1.45, $x)->patch(0);
            $scene = $scene->patch(new Patch(0, $its->edge, $its->folds, $its->shade, $its->shine));
        }

        return $scene;
    }

    private function tie(Scene $scene, float $x, float $y, ?int $number): Scene
    {
        $scene = $scene->curve('stem', Point::list([[$x - 0.15, $y + 1.25], [$x + 0.3, $y], [$x - 0.15, $y - 1.25]]))
            ->curve('stem', Point::list([[$x - 0.1, $y - 1.2], [$x - 0.7, $y - 1.7]]))
            ->curve('stem', Point::list([[$x - 0.1, $y - 1.2], [$x + 0.7, $y - 1.7]]));

        return $number === null ? $scene : $scene->text($x, $y + 2.6, (string) $number);
    }
}
