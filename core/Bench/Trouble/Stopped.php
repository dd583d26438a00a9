<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Words\Words;

/** Enough for today. */
final class Stopped implements Trouble
{
    public const KEY = 'stopped';

    public function key(): string
    {
        return self::KEY;
    }

    public function title(): string
    {
        return 'Stopped for today';
    }

    public function sentence(): string
    {
        return 'Enough for today.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): array
    {
        return [];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        return [new Way('stop', 'Stop here', [
            'It opens where it was, on this machine or any other that reaches Davrin.',
            sprintf(
                '%s made so far, %s cut. What the plan holds of the shelf stays held.',
                Words::count(count($now->made), 'element'),
                Words::count(count($now->cut), 'piece'),
            ),
        ], $now, replans: false)];
    }

    public function words(Situation $now, Slip $slip): string
    {
        return 'stopped for the day';
    }
}
