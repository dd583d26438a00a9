<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Figure;
use Davrin\Core\Result\Words;
use Davrin\Core\Ties\StemKind;

/** Stems and packs: halves and thirds are pooled, rounded up to whole stems, then to packs. */
final readonly class StemCount
{
    private function __construct(public int $stems, public int $packs, public Figure $stemsFigure, public Figure $packsFigure) {}

    public static function of(Plan $plan): self
    {
        [$ties, $kind, $pack] = [$plan->ties->count(), $plan->ties->stem, $plan->stems->pack()];
        $stems = $kind === StemKind::None ? 0 : intdiv($ties + $kind->tiesPerStem() - 1, $kind->tiesPerStem());
        $packs = intdiv($stems + $pack - 1, $pack);

        return new self(
            $stems,
            $packs,
            new Figure('stems', $stems, Words::count($stems, 'stem'), [sprintf('%s, each %s', Words::count($ties, 'tie'), $kind->words())]),
            new Figure('packs of stems', $packs, Words::count($packs, 'pack'), [sprintf('%s from packs of %d, %d left over', Words::count($stems, 'stem'), $pack, $packs * $pack - $stems)]),
        );
    }
}
