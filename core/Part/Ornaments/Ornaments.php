<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Ornaments;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;

/** Balls and other ornaments with a loop, wired to the form so that they hang still. */
final class Ornaments extends Extras
{
    public function key(): string
    {
        return 'ornaments';
    }

    public function name(): string
    {
        return 'ornaments';
    }

    public function noun(): array
    {
        return ['ornament', 'ornaments'];
    }

    protected function good(): string
    {
        return 'ornament';
    }

    protected function usualSize(): Length
    {
        return Length::inches(2, 1, 2);
    }

    protected function usualWay(): string
    {
        return 'wire';
    }
}
