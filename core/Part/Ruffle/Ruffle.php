<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Ruffle;

use Davrin\Core\Part\EasyToMake;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Part\Size;

/** One cut piece a tie, gathered across its width at mid length and pinched: two wings lie along the ring. */
final class Ruffle extends Pieces implements EasyToMake
{
    public const KEY = 'ruffle';

    public function key(): string
    {
        return self::KEY;
    }

    public function name(): string
    {
        return 'a ruffle';
    }

    public function noun(): array
    {
        return ['ruffle', 'ruffles'];
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=count} of {material}, {length} long. Gather each as {kind}, one on {on}.';
    }

    public function blanks(): array
    {
        return [self::lengthBlank(19)];
    }

    public function size(PartContext $on): Size
    {
        return self::wings($on, $on->length('length')->toInches() / 2);
    }

    protected function minutes(): float
    {
        return 1.0;
    }
}
