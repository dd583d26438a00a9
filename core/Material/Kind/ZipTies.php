<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\SoldByThePiece;

/** Zip ties: for the ends of runs, for strips that are closed at the back, for the joints of a form. */
final readonly class ZipTies extends SoldByThePiece
{
    public const KEY = 'zip-ties';

    public function __construct()
    {
        parent::__construct(self::KEY, ['zip tie', 'zip ties'], 'Zip ties', '#3b3b3b', 100, 300);
    }

    public function called(Slip $slip): string
    {
        return 'zip ties';
    }

    public function planSentence(): string
    {
        return 'Zip ties come {pack} in a pack, at {price} a pack, paid {paid}; weight of one {weighs}';
    }
}
