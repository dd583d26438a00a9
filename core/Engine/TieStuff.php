<?php

declare(strict_types=1);

namespace Davrin\Core\Engine;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Plan\Packs;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Figure;
use Davrin\Core\Result\Words;
use Davrin\Core\Ties\StemKind;

/** What ties are tied with: halves and thirds of stems pooled and rounded up to whole stems, zip ties by the piece, both to packs. */
final readonly class TieStuff
{
    private function __construct(
        public int $stems,
        public int $stemPacks,
        public int $zipTies,
        public int $zipTiePacks,
        public Figure $stemsFigure,
        public Figure $packsFigure,
        public Figure $zipTiesFigure,
    ) {}

    public static function of(Plan $plan): self
    {
        [$exact, $because] = [BigRational::zero(), []];
        [$zipTies, $zipBecause] = [$plan->form->joints, $plan->form->joints > 0 ? [Words::count($plan->form->joints, 'joint').' of the form'] : []];
        foreach ($plan->ties->groups as $group) {
            [$ties, $kind] = [count($group->ties()), $group->stem];
            $because[] = sprintf('%s, each %s', Words::count($ties, 'tie'), $kind->words());
            if ($kind->tiesPerStem() > 0) {
                $exact = $exact->plus(BigRational::nd($ties, $kind->tiesPerStem()));
            }
            if ($kind === StemKind::ZipTie) {
                $zipTies += $ties;
                $zipBecause[] = Words::count($ties, 'tie');
            }
        }
        $stems = $exact->toScale(0, RoundingMode::CEILING)->toInt();

        return new self(
            $stems,
            self::packs($stems, $plan->stems),
            $zipTies,
            self::packs($zipTies, $plan->zipTies),
            new Figure('stems', $stems, Words::count($stems, 'stem'), $because === [] ? ['no tie'] : $because),
            new Figure('packs of stems', self::packs($stems, $plan->stems), Words::count(self::packs($stems, $plan->stems), 'pack'), [self::packWords($stems, 'stem', $plan->stems)]),
            new Figure('zip ties', $zipTies, Words::count($zipTies, 'zip tie'), $zipBecause === [] ? ['none is used'] : [...$zipBecause, self::packWords($zipTies, 'zip tie', $plan->zipTies)]),
        );
    }

    private static function packs(int $pieces, Packs $bought): int
    {
        return intdiv($pieces + $bought->pack() - 1, $bought->pack());
    }

    private static function packWords(int $pieces, string $piece, Packs $bought): string
    {
        return sprintf('%s from packs of %d, %d left over', Words::count($pieces, $piece), $bought->pack(), self::packs($pieces, $bought) * $bought->pack() - $pieces);
    }
}
