<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/** A blank that keeps something of what was written before, where it is typed anew: what is not shown cannot be typed. */
interface ReadsBeside
{
    /** @param  mixed  $before  the value that was there, as read() gives it */
    public function readBeside(mixed $raw, ?Units $bare, mixed $before): mixed;
}
