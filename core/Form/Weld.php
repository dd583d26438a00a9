<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Measure\Length;

/** What is wrong with a weld: how far further clockwise it sits than it should, along the outermost wire, or that it sticks out. */
final readonly class Weld
{
    public function __construct(public int $crossbar, public Length $further, public bool $sticksOut) {}
}
