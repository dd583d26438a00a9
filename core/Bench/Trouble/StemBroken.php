<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Cost\GoodsUse;

/** A stem, a zip tie or another thing that is counted broke or was lost. */
final class StemBroken implements Trouble
{
    private const MOST = 500;

    public function key(): string
    {
        return 'stem-broken';
    }

    public function title(): string
    {
        return 'A stem broke';
    }

    public function sentence(): string
    {
        return '{count} of the {good} broke or went missing.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $names = [];
        foreach (self::used($now) as $use) {
            $names[$use->good->id] = $use->what();
        }

        return $names === [] ? null : [
            ChoiceBlank::ofPlan('good', 'what broke', (string) array_key_first($names), $names),
            new CountBlank('count', 'how many', 1, 1, self::MOST),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $count = $slip->count('count');
        $use = array_values(array_filter(self::used($now), fn (GoodsUse $its): bool => $its->good->id === $slip->text('good')))[0] ?? null;
        if ($use === null) {
            return [];
        }
        $over = $use->leftOver() + array_sum(array_map(fn ($there): int => $there->count, $use->good->onHand()))
            - array_sum($use->fromShelf());

        return [new Way(
            'another',
            $count === 1 ? 'Take another' : "Take $count others",
            [$over >= $count
                ? sprintf('Of the %s %d were over; that leaves %d.', $use->what(), $over, $over - $count)
                : sprintf('None of the %s that were counted is over: it takes another pack, or halves of what you have.', $use->what())],
            $now,
            spent: [$use->good->id => $count],
            replans: false,
        )];
    }

    public function words(Situation $now, Slip $slip): string
    {
        $names = array_column(array_map(fn (GoodsUse $use): array => [$use->good->id, $use->what()], self::used($now)), 1, 0);

        return $slip->count('count').' of the '.($names[$slip->text('good')] ?? 'stems').' broke';
    }

    /** @return list<GoodsUse> */
    private static function used(Situation $now): array
    {
        return array_values(array_filter($now->first()->result->goods, fn (GoodsUse $use): bool => $use->pieces > 0));
    }
}
