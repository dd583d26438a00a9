<?php

namespace App\Cut;

use App\Drawing\Ink;
use TCPDF;

/** The pattern of a mesh on paper, so that colours are told apart in black and white too: the same as on the screen. */
final class PdfHatch
{
    /** Millimetres from line to line. */
    private const STEP = 1.9;

    /** Over a rectangle that is filled already, in millimetres. */
    public static function over(TCPDF $paper, Ink $ink, float $x, float $y, float $wide, float $high): void
    {
        $lines = self::lines($ink->hatch, $wide, $high);
        if ($lines === []) {
            return;
        }
        $paper->StartTransform();
        $paper->Rect($x, $y, $wide, $high, 'CNZ');
        $paper->SetLineStyle(['width' => $ink->hatch === 'bars' ? 0.5 : 0.3, 'color' => Ink::rgb($ink->dark), 'dash' => 0]);
        foreach ($lines as $line) {
            $points = [];
            foreach ($line as [$right, $down]) {
                array_push($points, $x + $right, $y + $down);
            }
            $paper->PolyLine($points);
        }
        $paper->StopTransform();
    }

    /** @return list<non-empty-list<array{float, float}>> lines through points, from the upper left corner */
    private static function lines(string $hatch, float $wide, float $high): array
    {
        $across = self::steps(-$high, $wide);
        $down = self::steps(0.0, $high);

        return match ($hatch) {
            'slant' => array_map(fn (float $at): array => [[$at, $high], [$at + $high, 0.0]], $across),
            'cross' => [
                ...array_map(fn (float $at): array => [[$at, $high], [$at + $high, 0.0]], $across),
                ...array_map(fn (float $at): array => [[$at, 0.0], [$at + $high, $high]], $across),
            ],
            'bars' => array_map(fn (float $at): array => [[$at, 0.0], [$at, $high]], self::steps(0.6, $wide)),
            'stripes' => array_merge(...array_map(
                fn (float $at): array => [[[$at, 0.0], [$at, $high]], [[$at + 0.5, 0.0], [$at + 0.5, $high]]],
                self::steps(0.3, $wide),
            )),
            'checks' => [
                ...array_map(fn (float $at): array => [[$at, 0.0], [$at, $high]], self::steps(0.0, $wide)),
                ...array_map(fn (float $at): array => [[0.0, $at], [$wide, $at]], $down),
            ],
            'prints' => [
                ...self::short($wide, $down, 0.6, 2 * self::STEP),
                ...self::short($wide, self::steps(0.5, $high), 0.2, self::STEP),
            ],
            'dots' => self::short($wide, $down, 0.25, 2 * self::STEP),
            'dashes' => self::short($wide, $down, 1.3, 2 * self::STEP),
            'waves' => array_map(fn (float $at): array => array_map(
                fn (float $right): array => [$right, $at + 0.35 * sin($right * M_PI / self::STEP)],
                [...range(0.0, max(0.3, $wide), 0.3), $wide],
            ), $down),
            default => [],
        };
    }

    /**
     * Short strokes in rows, every other row moved on by half.
     *
     * @param  list<float>  $down
     * @return list<non-empty-list<array{float, float}>>
     */
    private static function short(float $wide, array $down, float $length, float $step): array
    {
        $strokes = [];
        foreach ($down as $row => $at) {
            for ($right = $row % 2 === 0 ? 0.5 : 0.5 + $step / 2; $right < $wide; $right += $step) {
                $strokes[] = [[$right, $at], [$right + $length, $at]];
            }
        }

        return $strokes;
    }

    /** @return list<float> */
    private static function steps(float $from, float $to): array
    {
        $steps = [];
        for ($at = $from + self::STEP / 2; $at < $to; $at += self::STEP) {
            $steps[] = $at;
        }

        return $steps;
    }
}
