<?php

declare(strict_types=1);

namespace Davrin\Core\Colour\Kind;

use Davrin\Core\Ties\TieRow;

/**
 * In turn, and where the ends of a closed row would meet alike, one of another colour is taken out half-way round and put
 * between them.
 */
final class InTurnClosed extends InTurn
{
    public const KEY = 'in-turn-closed';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'alternating, one moved where the ends would match';
    }

    protected function row(array $meshes, TieRow $row): array
    {
        $order = parent::row($meshes, $row);
        $last = count($order) - 1;
        if (! $row->closed || $last < 3 || $order[$last] !== $order[0]) {
            return $order;
        }
        // From half-way round on, the nearest first.
        $places = range(1, $last - 1);
        usort($places, fn (int $a, int $b): int => abs(2 * $a - $last) <=> abs(2 * $b - $last) ?: $a <=> $b);
        foreach ($places as $place) {
            if ($order[$place] !== $order[0] && $order[$place - 1] !== $order[$place + 1]) {
                return [...array_slice($order, 0, $place), ...array_slice($order, $place + 1), $order[$place]];
            }
        }

        return $order;
    }

    protected function moved(int $colours): array
    {
        return [];
    }
}
