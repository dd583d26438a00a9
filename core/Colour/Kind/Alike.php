<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\ColourOrder;
use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Material\MaterialUse;

/** Every element is made of the same. */
final class Alike implements ColourOrder
{
    public function key(): string
    {
        return 'alike';
    }

    public function name(): string
    {
        return 'all alike';
    }

    public function suits(MaterialUse $use): bool
    {
        return true;
    }

    public function materials(MaterialUse $use, int $ties): MaterialUse
    {
        return $use;
    }

    public function deal(ColourTask $colourTask): array
    {
        $dealt = [];
        foreach ($colourTask->ties() as $tie) {
            $dealt[$tie->number] = isset($colourTask->painted[$tie->number])
                ? array_fill(0, $colourTask->pieces, $colourTask->painted[$tie->number])
                : $colourTask->mix->pieces();
        }

        return $dealt;
    }

    public function concerns(ColourTask $colourTask): array
    {
        return [];
    }
}
