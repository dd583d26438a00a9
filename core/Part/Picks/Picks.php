<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Picks;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;

/** Picks with flowers, berries or leaves: taken apart into stems, and each stem put where it shows. */
final class Picks extends Extras
{
    public const KEY = 'picks';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'picks';
    }

    public function noun(): array
    {
        return ['pick stem', 'pick stems'];
    }

    protected function good(): string
    {
        return 'pick';
    }

    protected function usualSize(): Length
    {
        return Length::inches(3);
    }

    protected function comesApart(): bool
    {
        return true;
    }

    protected function goodNoun(): array
    {
        return ['pick', 'picks'];
    }

    protected function stemBlanks(): array
    {
        return [self::weakStems()];
    }
}
