<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Colour\Deal;
use Davrin\Core\Colour\Dealing;
use Davrin\Core\Material\MaterialUse;

/** Every element is made of the same. */
final class Alike implements Dealing
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

    public function deal(Deal $deal): array
    {
        $dealt = [];
        foreach ($deal->ties() as $tie) {
            $dealt[$tie->number] = isset($deal->painted[$tie->number]) ? array_fill(0, $deal->pieces, $deal->painted[$tie->number]) : $deal->mix->pieces();
        }

        return $dealt;
    }

    public function concerns(Deal $deal): array
    {
        return [];
    }
}
