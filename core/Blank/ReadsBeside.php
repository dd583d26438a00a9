<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/**
 * A blank that keeps something of what was written before, where it is typed anew: what is not shown cannot be typed.
 *
 * @template T
 */
interface ReadsBeside
{
    /**
     * @param  T  $before  the value that was there, as read() gives it
     * @return T
     */
    public function readBeside(mixed $raw, ?Units $bare, mixed $before): mixed;
}
