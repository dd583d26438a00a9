<?php

declare(strict_types=1);

namespace Davrin\Core\Cost;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Davrin\Core\Demand\Run;
use Davrin\Core\Material\Good;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

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

    /** @param  list<RollOutcome>  $meshes */
    public static function of(Plan $plan, array $meshes): self
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
        foreach ($plan->layers as $layer) {
            [$elements, $kind] = [count($layer->work->elements), $layer->work->stem];
            if ($kind->tiesPerStem() > 0) {
                $exact = $exact->plus(BigRational::nd($elements, $kind->tiesPerStem()));
                $because[] = sprintf('%s, each %s of its own', Words::count($elements, ...$layer->technique->noun()), $kind->words());
            }
            $its = $layer->work->zipTies + self::changes($layer, $meshes);
            if ($its > 0) {
                $zipTies += $its;
                $zipBecause[] = sprintf('%d for the %s of %s', $its, $layer->technique->noun()[1], $layer->meshName());
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

    /**
     * Where ends are held by zip ties, a change of rolls takes one more: one for all strands that change together.
     *
     * @param  list<RollOutcome>  $meshes
     */
    private static function changes(Part $layer, array $meshes): int
    {
        if (array_filter($layer->work->runs, fn (Run $run): bool => $run->zipTied) === []) {
            return 0;
        }
        $changes = array_filter(array_merge(...array_map(fn (RollOutcome $mesh): array => $mesh->plan->changes, $meshes)), fn (RollChange $change): bool => $change->layer === $layer->id);
        $together = $layer->work->runs[0]->together;

        return $together ? count(array_unique(array_map(fn (RollChange $change): string => $change->after->id, $changes))) : count($changes);
    }

    private static function packs(int $pieces, Good $bought): int
    {
        return intdiv($pieces + $bought->pack() - 1, $bought->pack());
    }

    private static function packWords(int $pieces, string $piece, Good $bought): string
    {
        return sprintf('%s from packs of %d, %d left over', Words::count($pieces, $piece), $bought->pack(), self::packs($pieces, $bought) * $bought->pack() - $pieces);
    }
}
