<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\OneMeshEach;
use Davrin\Core\Ties\TieRow;

/** In turn from the top down, the left side as the right one; on an open row from both ends to its middle. */
final class Mirrored extends OneMeshEach
{
    /** Degrees within which two ties lie at the same height. */
    private const SAME = 1.0;

    public function key(): string
    {
        return 'mirrored';
    }

    public function name(): string
    {
        return 'alternating, mirrored';
    }

    protected function dealt(ColourTask $colourTask): array
    {
        $meshes = $colourTask->mix->pieces();
        $dealt = [];
        foreach ($colourTask->rows as $row) {
            $steps = $this->steps($row);
            foreach ($row->ties as $tie) {
                $dealt[$tie->number] = $meshes[$steps[$tie->number] % count($meshes)];
            }
        }

        return $dealt;
    }

    /** @return array<int, int> how many steps from the top or from the nearer end each tie is, by its number */
    private function steps(TieRow $row): array
    {
        $count = count($row->ties);
        $from = [];
        foreach ($row->ties as $place => $tie) {
            $from[$tie->number] = $row->closed
                ? abs(rad2deg(atan2($tie->place->x, -$tie->place->y)))
                : (float) min($place, $count - 1 - $place);
        }
        asort($from);
        [$steps, $step, $before] = [[], -1, null];
        foreach ($from as $tie => $way) {
            $step += $before === null || $way - $before > ($row->closed ? self::SAME : 0.5) ? 1 : 0;
            $steps[$tie] = $step;
            $before = $way;
        }

        return $steps;
    }
}
