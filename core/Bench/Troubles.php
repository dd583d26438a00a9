<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Bench\Trouble\ColourShort;
use Davrin\Core\Bench\Trouble\Flaw;
use Davrin\Core\Bench\Trouble\Miscut;
use Davrin\Core\Bench\Trouble\OneShort;
use Davrin\Core\Bench\Trouble\OtherLot;
use Davrin\Core\Bench\Trouble\RollGaveOut;
use Davrin\Core\Bench\Trouble\SignCovers;
use Davrin\Core\Bench\Trouble\StemBroken;
use Davrin\Core\Bench\Trouble\Stopped;
use Davrin\Core\Bench\Trouble\TieMissed;
use Davrin\Core\Bench\Trouble\TooThin;

/** All that can go wrong, in the order it is asked. */
final class Troubles
{
    /** @return array<string, Trouble> by key */
    public static function all(): array
    {
        $troubles = [
            new RollGaveOut, new Flaw, new Miscut, new TieMissed, new StemBroken, new ColourShort, new OtherLot, new TooThin,
            new SignCovers, new OneShort, new Stopped,
        ];

        return array_combine(array_map(fn (Trouble $trouble): string => $trouble->key(), $troubles), $troubles);
    }
}
