<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Sign;

use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Words\Words;

/** What a sign is tied on with, at each of its fixings. */
enum HeldBy: string
{
    case Doubled = 'doubled';
    case Stem = 'stem';
    case Wire = 'wire';
    case ZipTie = 'zip-tie';

    public const KEY = 'with';

    public function words(): string
    {
        return match ($this) {
            self::Doubled => 'two stems twisted into a long one',
            self::Stem => 'a stem',
            self::Wire => 'a piece of wire',
            self::ZipTie => 'a zip tie',
        };
    }

    /** What so many fixings take. */
    public function need(int $fixings): GoodsNeed
    {
        [$kind, $each] = match ($this) {
            self::Doubled => [Stems::KEY, 2],
            self::Stem => [Stems::KEY, 1],
            self::Wire => ['wire', 1],
            self::ZipTie => [ZipTies::KEY, 1],
        };

        return GoodsNeed::pieces($kind, $each * $fixings)->because(
            Words::count($fixings, 'fixing').' of the sign, each '.$this->words(),
        );
    }
}
