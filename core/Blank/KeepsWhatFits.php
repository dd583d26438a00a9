<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/** A blank of several values, which keeps those that still fit when what it stands on changes. */
interface KeepsWhatFits
{
    /** @param  mixed  $raw  what a plan file holds */
    public function keep(mixed $raw): mixed;
}
