<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Seat;

/** Where a tie is to be: on what, and how many inches from where the count begins. */
final readonly class Spot
{
    public function __construct(public Seat $seat, public float $distance, public bool $corner = false) {}
}
