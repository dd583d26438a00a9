<?php

namespace Tests\Feature;

use App\Drawing\PartDrawing;
use App\Drawing\Shape;

/** Reads SVG path data back into points: M, L, Q, Z and relative cubic curves, which is what the drawings are made of. */
trait ReadsPaths
{
    /** @return list<array{float, float}> every point that a path goes through, in drawing units */
    private function pathPoints(string $path): array
    {
        $points = [];
        [$x, $y] = [0.0, 0.0];
        preg_match_all('/([MLQcZz])([^MLQcZz]*)/', $path, $parts, PREG_SET_ORDER);
        foreach ($parts as [, $command, $numbers]) {
            $each = ['Q' => 4, 'c' => 6][$command] ?? 2;
            $values = preg_split('/\s+/', trim($numbers), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $this->assertSame(0, count($values) % $each, $path);
            foreach (array_chunk(array_map(floatval(...), $values), $each) as $chunk) {
                [$toX, $toY] = array_slice($chunk, -2);
                $points[] = [$x, $y] = $command === 'c' ? [$x + $toX, $y + $toY] : [$toX, $toY];
            }
        }

        return $points;
    }

    /** @return list<array{float, float}> the outline of a shape, patch by patch */
    private function outline(Shape $shape): array
    {
        $points = [];
        foreach ($shape->patches as $patch) {
            foreach ($this->pathPoints($patch->edge) as [$x, $y]) {
                array_push($points, [$x, $y], ...($patch->mirrored ? [[-$x, $y]] : []));
            }
        }

        return $points;
    }

    /** @return array{float, float} how wide and how high a shape is, in drawing units */
    private function extentOf(Shape $shape): array
    {
        [$xs, $ys] = [array_column($this->outline($shape), 0), array_column($this->outline($shape), 1)];

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }

    /** @return list<array{float, float}> where the outlines of a layer's elements go on the form, in drawing units */
    private function placed(PartDrawing $layer): array
    {
        $points = [];
        $outlines = array_map($this->outline(...), $layer->shapes);
        foreach ($layer->elements as $element) {
            $turn = deg2rad($element['turn']);
            foreach ($outlines[$element['shape']] as [$x, $y]) {
                $points[] = [$element['x'] + $x * cos($turn) - $y * sin($turn), $element['y'] + $x * sin($turn) + $y * cos($turn)];
            }
        }

        return $points;
    }
}
