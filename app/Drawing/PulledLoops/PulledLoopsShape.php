<?php

namespace App\Drawing\PulledLoops;

use App\Drawing\Elements\ElementShape;
use App\Drawing\Patch;
use App\Drawing\Path;
use App\Drawing\Piece;
use App\Drawing\Shape;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Geometry\Point;

/** A loop for each gap between the wires, squeezed together at the tie: open in the middle, one beside the other. */
final class PulledLoopsShape implements ElementShape
{
    public function draw(Piece $piece): Shape
    {
        $loops = max(1, $piece->form->frame->wires() - 1);
        $patches = [];
        foreach (range(0, $loops - 1) as $loop) {
            $turn = $loops === 1 ? 0.0 : ($loop / ($loops - 1) - 0.5) * 120.0 + 6 * $piece->whim($loop);
            foreach (range(0, $piece->pieces() - 1) as $strand) {
                $patches[] = $this->loop(
                    $strand,
                    new Place(0.0, 0.0, $turn + 8 * $strand),
                    $piece->measure('height') * (1 - 0.14 * $strand),
                    min($piece->width() / 2, $piece->measure('height') * 0.42) * (1 - 0.2 * $strand),
                );
            }
        }

        return new Shape($patches);
    }

    /** A band of mesh standing up in a loop: its outline with a hole, seen from the side. */
    private function loop(int $strand, Place $at, float $height, float $half): Patch
    {
        $drop = fn (float $size, float $foot): array => array_map(
            fn (array $part): Point => $at->beside(
                $half * $size * $part[0],
                $height * ($foot + (1 - $foot - 0.12 * (1 - $size)) * $part[1]),
            ),
            [
                [0.0, 0.0], [0.45, 0.32], [0.92, 0.62], [0.86, 0.88], [0.4, 0.99],
                [0.0, 1.0], [-0.4, 0.99], [-0.86, 0.88], [-0.92, 0.62], [-0.45, 0.32],
            ],
        );
        $ribs = '';
        foreach ([-0.5, 0.5] as $side) {
            $ribs .= Path::bend(
                $at->beside(0.0, $height * 0.06),
                $at->beside($half * $side * 1.5, $height * 0.6),
                $at->beside($half * $side * 1.3, $height * 0.86),
            );
        }

        return new Patch(
            $strand,
            Path::smooth($drop(1.0, 0.0), closed: true).Path::smooth(array_reverse($drop(0.5, 0.3)), closed: true),
            $ribs,
            '',
            '',
        );
    }
}
