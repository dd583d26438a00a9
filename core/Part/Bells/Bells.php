<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Bells;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;

/** Bells that are wired on and can be heard. */
final class Bells extends Extras
{
    public function key(): string
    {
        return 'bells';
    }

    public function name(): string
    {
        return 'bells';
    }

    public function noun(): array
    {
        return ['bell', 'bells'];
    }

    protected function good(): string
    {
        return 'bell';
    }

    protected function usualSize(): Length
    {
        return Length::inches(1, 1, 2);
    }

    protected function usualWay(): string
    {
        return 'wire';
    }
}
