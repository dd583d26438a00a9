<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Flowers;

use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Extras;

/** Flower heads, one by one or cut from a bunch. */
final class Flowers extends Extras
{
    public function key(): string
    {
        return 'flowers';
    }

    public function name(): string
    {
        return 'flowers';
    }

    public function noun(): array
    {
        return ['flower', 'flowers'];
    }

    protected function good(): string
    {
        return 'flower';
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
        return ['bunch of flowers', 'bunches of flowers'];
    }

    protected function stemBlanks(): array
    {
        return [self::weakStems()];
    }
}
