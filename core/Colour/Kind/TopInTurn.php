<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Material\MaterialUse;

/** The same meshes in every bundle, each of them on top in turn. */
final class TopInTurn extends InTurn
{
    public function key(): string
    {
        return 'top-in-turn';
    }

    public function name(): string
    {
        return 'rotating the top colour';
    }

    public function suits(MaterialUse $use): bool
    {
        return $use->counted;
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return $use;
    }

    protected function named(ColourTask $colourTask): array
    {
        return array_column($colourTask->mix->parts, 0);
    }

    protected function moved(int $colours): array
    {
        return [];
    }

    protected function otherOrders(ColourTask $colourTask, array $dealt): array
    {
        return [];
    }

    /** What lies on top was stacked last. */
    public function deal(ColourTask $colourTask): array
    {
        $parts = $colourTask->mix->parts;
        $meshes = $this->named($colourTask);

        return array_map(function (string $top) use ($parts, $meshes, $colourTask): array {
            $place = (int) array_search($top, $meshes, true);
            $stacked = [...array_slice($parts, $place + 1), ...array_slice($parts, 0, $place + 1)];

            return in_array($top, $meshes, true)
                ? array_merge(...array_map(fn (array $part): array => array_fill(0, max(1, $part[1]), $part[0]), $stacked))
                : array_fill(0, $colourTask->pieces, $top);
        }, $colourTask->withPaint($this->dealt($colourTask)));
    }
}
