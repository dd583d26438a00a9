<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Greenery;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;
use Davrin\Core\Part\LiesUnderOthers;

/** Sprigs of leaves, cut from a bush or a garland. */
final class Greenery extends Extras implements LiesUnderOthers
{
    public function key(): string
    {
        return 'greenery';
    }

    public function name(): string
    {
        return 'greenery';
    }

    public function noun(): array
    {
        return ['sprig', 'sprigs'];
    }

    protected function good(): string
    {
        return 'greenery';
    }

    protected function usualSize(): Length
    {
        return Length::inches(5);
    }

    protected function comesApart(): bool
    {
        return true;
    }

    protected function goodNoun(): array
    {
        return ['bunch of greenery', 'bunches of greenery'];
    }

    protected function stemBlanks(): array
    {
        return [self::weakStems()];
    }
}
