<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/** An order of colours along one row. */
final readonly class Spaced
{
    /**
     * @param  list<int>  $order  the colour of each tie
     * @param  bool  $proven  whether no order is better
     * @param  list<int>  $alike  places whose next one bears the same colour, background left aside
     */
    public function __construct(public array $order, public bool $proven, public array $alike) {}
}
