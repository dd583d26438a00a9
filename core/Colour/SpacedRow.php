<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** An order of colours along one row. */
final readonly class SpacedRow
{
    /**
     * @param  list<int>  $order  the colour of each tie
     * @param  bool  $proven  whether no order is better
     * @param  list<int>  $alike  places whose next one bears the same colour, background left aside
     */
    public function __construct(public array $order, public bool $proven, public array $alike) {}

    /** The same order round a closed row, starting so many places later. */
    public function begunAt(int $place): self
    {
        $ties = count($this->order);

        return new self(
            [...array_slice($this->order, $place), ...array_slice($this->order, 0, $place)],
            $this->proven,
            array_map(fn (int $alike): int => ($alike - $place + $ties) % $ties, $this->alike),
        );
    }
}
