<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** How a maker counts: which way round, from which crossbar, and wires from the outside or the inside. */
final readonly class Count
{
    /** @param  int  $startAt  1 is where the form itself begins (12 o'clock on a ring), 2 the next crossbar clockwise, and on */
    public function __construct(public bool $clockwise = true, public int $startAt = 1, public bool $wiresFromInside = false) {}
}
