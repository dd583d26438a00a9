<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\SoldByThePiece;

/** Chenille stems, which most ties are made with. */
final readonly class Stems extends SoldByThePiece
{
    public const KEY = 'stems';

    public function __construct()
    {
        parent::__construct(self::KEY, ['stem', 'stems'], 'Chenille stems', '#4f6b4a', 25, 125);
    }

    public function called(Slip $slip): string
    {
        return 'stems';
    }

    public function planSentence(): string
    {
        return 'Stems come {pack} in a pack, at {price} a pack, paid {paid}; weight of one {weighs}';
    }
}
