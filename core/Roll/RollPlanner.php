<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\Bound;
use Davrin\Core\Roll\Packing\LowerBound;
use Davrin\Core\Roll\Packing\RollChoices;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/**
 * Lays runs and pieces on rolls, those of every mesh at once, since strands of different meshes may be tied together: runs
 * first, in build order, on the rolls in several orders; then pieces, by the Packer. The best of what comes out is taken.
 */
final class RollPlanner
{
    /** So many plans of meshes are remembered. */
    private const KNOWN = 64;

    /** How many ways of keeping to one lot are tried. */
    private const MOST_LOTS = 60;

    /** Splitting what is left in equal parts is tried after this many full stretches at most. */
    private const MOST_WHOLE = 6;

    /** How many cheaper choices of rolls are tried. */
    private const MOST_CHOICES = 12;

    /** Effort for planning one mesh, or several that are tied together. */
    private const STEPS = 8_000_000;

    /** @var array<string, PlannedBefore> by what was asked, the latest first */
    private array $known = [];

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies  by the id of the mesh
     * @param  ?Effort  $effort  what all of it may take; each mesh, or those tied together, may take no more than so much of it
     * @return array<string, RollPlan> by the id of the mesh
     */
    public function plan(array $runs, array $cuts, array $supplies, ?Effort $effort = null): array
    {
        $runs = self::apart($runs);
        [$cutsOf, $plans] = [[], []];
        foreach ($cuts as $cut) {
            $cutsOf[$cut->material][] = $cut;
        }
        foreach (self::tied($runs, array_keys($supplies)) as $meshes) {
            $its = array_flip($meshes);
            $plans += $this->planTied(
                array_values(array_filter($runs, fn (Run $run): bool => isset($its[$run->strands[0]]))),
                array_merge([], ...array_map(fn (string $mesh): array => $cutsOf[$mesh] ?? [], $meshes)),
                array_intersect_key($supplies, $its),
                $effort?->upTo(self::STEPS) ?? Effort::of(self::STEPS),
            );
        }

        return array_map(fn (string $mesh): RollPlan => $plans[$mesh], array_combine(array_keys($supplies), array_keys($supplies)));
    }

    /**
     * Of meshes that are tied together. Where the same rolls are enough even should each come as short as it may, they are cut so
     * that each piece of it is sure; how long the longest leftover gets comes after that.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @return array<string, RollPlan>
     */
    private function planTied(array $runs, array $cuts, array $supplies, Effort $effort): array
    {
        $plans = $this->known($runs, $cuts, $supplies, $effort);
        $areSafe = array_filter($plans, fn (RollPlan $plan): bool => ! $plan->supply->isSafe && ! $plan->isSafeAsLaid()) === [];
        if ($areSafe) {
            return $plans;
        }
        $asShort = self::asShort($supplies, $plans);
        $judged = $this->known($runs, $cuts, $asShort, $effort);
        if (! self::buyTheSame($judged, $plans)) {
            return $plans;
        }
        $laid = $this->known($runs, $cuts, $asShort, $effort, true);

        if (! self::buyTheSame($laid, $plans)) {
            return $plans;
        }

        return array_combine(array_keys($plans), array_map(
            fn (string $mesh): RollPlan => $laid[$mesh]->atNominal($supplies[$mesh]->newRolls(), $plans[$mesh]->proof),
            array_keys($plans),
        ));
    }

    /**
     * The same supplies with every roll as short as it may come, and no more new ones than these plans take where there are as
     * many as needed.
     *
     * @param  array<string, Supply>  $supplies  by the id of the mesh
     * @param  array<string, RollPlan>  $plans
     * @return array<string, Supply>
     */
    public static function asShort(array $supplies, array $plans): array
    {
        return array_map(
            fn (string $mesh): Supply => $supplies[$mesh]->asShort()->withNew(
                $supplies[$mesh]->newRolls() ?? count($plans[$mesh]->from(Origin::New)),
            ),
            array_combine(array_keys($supplies), array_keys($supplies)),
        );
    }

    /**
     * @param  array<string, RollPlan>  $plans
     * @param  array<string, RollPlan>  $others
     */
    private static function buyTheSame(array $plans, array $others): bool
    {
        return array_filter(
            array_keys($plans),
            fn (string $mesh): bool => ! $plans[$mesh]->buysTheSameAs($others[$mesh]),
        ) === [];
    }

    /**
     * Results for the same demand are remembered: most edits and trials change only one mesh.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @param  ?bool  $polished  whether leftovers count, too; where nothing is said, they do unless it is only to be judged at safe length
     * @return array<string, RollPlan>
     */
    private function known(array $runs, array $cuts, array $supplies, Effort $effort, ?bool $polished = null): array
    {
        $polished ??= array_filter($supplies, fn (Supply $supply): bool => $supply->isSafe) === [];
        $key = md5(serialize([$runs, $cuts, $supplies, $polished]));
        $known = $this->known[$key] ?? null;
        if ($known === null || ! $known->isTheSameWith($effort)) {
            $most = $effort->left();
            $known = PlannedBefore::with($effort, $most, $this->planned($runs, $cuts, $supplies, $effort, $polished));
        } else {
            $effort->spend($known->spent);
        }
        $this->known = [$key => $known] + (
            count($this->known) < self::KNOWN
                ? $this->known
                : array_slice($this->known, 0, intdiv(self::KNOWN, 2), true)
        );

        return $known->plans;
    }

    /**
     * Of meshes that are tied together.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @return array<string, RollPlan>
     */
    private function planned(array $runs, array $cuts, array $supplies, Effort $effort, bool $polished): array
    {
        $best = [];
        [$choices, $areAll] = self::choices(array_map(fn (Supply $supply): array => $supply->byLot(), $supplies));
        foreach ($choices as $chosen) {
            $laying = new Laying($runs, $cuts, $chosen, $effort, $polished);
            foreach (self::orders($runs, $chosen) as $order) {
                if ($best !== [] && $effort->isSpent()) {
                    $areAll = false;
                    break 2;
                }
                $plans = $laying->lay($order, RunSplits::asFarAsTheyReach());
                $best = $best === [] || (self::objective($plans) <=> self::objective($best)) < 0
                    ? self::provenTogether($plans, $best)
                    : self::provenTogether($best, $plans);
            }
        }
        foreach (array_unique(array_merge([], ...array_map(fn (Run $run): array => $run->strands, $runs))) as $mesh) {
            $best = $this->bettered($runs, $cuts, $best, $mesh, $effort, $polished);
        }

        return $areAll ? $best : array_map(fn (RollPlan $plan): RollPlan => $plan->provenBy(null), $best);
    }

    /**
     * Strands that do not end together are runs side by side.
     *
     * @param  list<Run>  $runs
     * @return list<Run>
     */
    private static function apart(array $runs): array
    {
        return array_merge(
            [],
            ...array_map(fn (Run $run): array => $run->together ? [$run] : array_map($run->of(...), $run->strands), $runs),
        );
    }

    /**
     * Groups of meshes that share a run; a mesh that shares none is a group of its own.
     *
     * @param  list<Run>  $runs
     * @param  list<string>  $meshes
     * @return list<list<string>>
     */
    private static function tied(array $runs, array $meshes): array
    {
        $groups = array_map(fn (string $mesh): array => [$mesh], $meshes);
        foreach ($runs as $run) {
            $its = array_filter($groups, fn (array $group): bool => array_intersect($group, $run->strands) !== []);
            $groups = [...array_diff_key($groups, $its), array_merge(...$its)];
        }

        return $groups;
    }

    /**
     * Where runs are laid as they come, a roll may be opened that another way saves: each cheaper choice of rolls that could hold it all is
     * tried, pieces before runs too, and ends before their rolls' where those may be.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, RollPlan>  $best
     * @return array<string, RollPlan>
     */
    private function bettered(array $runs, array $cuts, array $best, string $mesh, Effort $effort, bool $polished): array
    {
        $supplies = array_map(fn (RollPlan $plan): Supply => $plan->supply, $best);
        [$laying, $ways, $asked] = [
            new Laying($runs, $cuts, $supplies, $effort, $polished),
            self::stretches($runs, $mesh),
            RollDemand::of($runs, $cuts, $mesh),
        ];
        foreach (self::cheaper($asked, $best[$mesh]) as $allowed) {
            $isBetter = false;
            foreach (self::orders($runs, $supplies) as $order) {
                foreach ($ways as $stretches) {
                    foreach ($asked->cuts === [] ? [false] : [false, true] as $piecesFirst) {
                        if ($effort->isSpent()) {
                            return $best;
                        }
                        $plans = $laying->lay($order, $stretches, [$mesh => $allowed], $piecesFirst);
                        if ((self::objective($plans) <=> self::objective($best)) < 0) {
                            [$best, $isBetter] = [self::provenTogether($plans, $best), true];
                        }
                    }
                }
            }
            if ($isBetter) {
                break;
            }
        }

        return $best;
    }

    /**
     * How many of each stock, by its place, would be a cheaper choice than was made and could hold it all; all there are, where even
     * those were not enough.
     *
     * @return \Generator<array<int, ?int>>
     */
    private static function cheaper(RollDemand $asked, RollPlan $plan): \Generator
    {
        $stock = $plan->supply->stock;
        if ($plan->unmetPieces > 0) {
            yield array_map(fn (Stock $its): ?int => $its->count, $stock);

            return;
        }
        $task = $asked->task($plan->supply);
        $choices = RollChoices::of($task, array_map(fn (RollKind $kind): int => $kind->count ?? count($plan->rolls), $task->kinds));
        $ways = $choices->from(intdiv($asked->units(), $task->step));
        for ($tried = 0; $ways->valid() && $tried < self::MOST_CHOICES; $tried++) {
            if ($ways->current()->cost() >= [$plan->cents(), $plan->opened()]) {
                return;
            }
            yield $task->ofPlaces($ways->current()->rolls, count($stock));
            $ways->next();
        }
    }

    /**
     * The ways to split strands that are worth trying.
     *
     * @param  list<Run>  $runs
     * @return non-empty-list<RunSplits>
     */
    private static function stretches(array $runs, string $mesh): array
    {
        $strands = max([0, ...array_map(fn (Run $run): int => $run->sooner ? count(array_keys($run->strands, $mesh, true)) : 0, $runs)]);
        $ways = [RunSplits::asFarAsTheyReach()];
        for ($whole = 0; $strands > 1 && $whole < self::MOST_WHOLE; $whole++) {
            for ($parts = 2; $parts <= $strands + 2; $parts++) {
                $ways[] = RunSplits::inParts($whole, $parts);
            }
        }

        return $ways;
    }

    /**
     * What no other plan of a mesh can better, where runs are laid beside the pieces: each roll that gives to a run pays its tails, and
     * parts of it may be as short as a step. Of a run that ends as another mesh runs out it asks
     * for what is laid.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  Supply  $supply  that it could be planned from
     * @param  array<string, RollPlan>  $plans  of all meshes, by id
     */
    public function proof(array $runs, array $cuts, string $mesh, Supply $supply, array $plans, ?Effort $effort = null): Proof
    {
        $effort = $effort?->upTo(self::STEPS) ?? Effort::of(self::STEPS);
        $plan = $plans[$mesh];
        $asked = RollDemand::of(
            array_values(array_filter(array_map(fn (Run $run): ?Run => self::asFarAsOthersReach($run, $mesh, $plans), $runs))),
            $cuts,
            $mesh,
        );
        $enough = new Bound($plan->unmetPieces, $plan->cents(), $plan->opened());
        $proofs = array_map(
            fn (Supply $lot): Proof => Proof::of(LowerBound::of($asked->task($lot), $enough, $effort->part(2))),
            $supply->byLot(),
        );

        return array_reduce($proofs, fn (Proof $least, Proof $proof): Proof => $least->or($proof), $proofs[0]);
    }

    /**
     * A run without the steps that are not laid because another of its strands ends, while this one's mesh would have gone on; null where
     * none is left.
     *
     * @param  array<string, RollPlan>  $plans
     */
    private static function asFarAsOthersReach(Run $run, string $mesh, array $plans): ?Run
    {
        $unmet = array_map(
            fn (RollPlan $plan): array => array_flip(array_map(fn (Element $element): string => $element->id, $plan->unmet)),
            array_intersect_key($plans, array_flip($run->strands)),
        );
        $steps = array_values(array_filter($run->steps, fn (Step $step): bool => isset($unmet[$mesh][$step->element->id])
            || array_filter($unmet, fn (array $its): bool => isset($its[$step->element->id])) === []));

        return $steps === [] ? null : $run->with($steps);
    }

    /**
     * @param  array<string, non-empty-list<Supply>>  $byLot
     * @return array{list<array<string, Supply>>, bool} the choices, and whether they are all there are
     */
    private static function choices(array $byLot): array
    {
        $choices = [[]];
        $count = array_product(array_map(count(...), $byLot));
        foreach ($byLot as $mesh => $supplies) {
            $next = [];
            foreach ($choices as $choice) {
                foreach ($supplies as $supply) {
                    $next[] = $choice + [$mesh => $supply];
                }
            }
            $choices = array_slice($next, 0, self::MOST_LOTS);
        }

        return [$choices, $count === count($choices)];
    }

    /**
     * In which orders rolls are begun for runs: part rolls from the shortest, from the longest, or last.
     *
     * @param  list<Run>  $runs
     * @param  array<string, Supply>  $supplies
     * @return non-empty-list<array<string, list<int>>> the places of the stock, by mesh
     */
    private static function orders(array $runs, array $supplies): array
    {
        $strands = array_merge([], ...array_map(fn (Run $run): array => $run->strands, $runs));
        $orders = array_map(fn (callable $of): array => array_map(function (Supply $supply) use ($of): array {
            $places = array_keys($supply->stock);
            usort(
                $places,
                fn (int $a, int $b): int => [
                    ...$of($supply->stock[$a], $supply->length($supply->stock[$a])->units),
                    $a,
                ] <=> [...$of($supply->stock[$b], $supply->length($supply->stock[$b])->units), $b],
            );

            return $places;
        }, array_intersect_key($supplies, array_flip($strands))), [
            fn (Stock $stock, int $units): array => [$stock->origin->opens(), $stock->origin === Origin::New, $units],
            fn (Stock $stock, int $units): array => [$stock->origin->opens(), $stock->origin === Origin::New, -$units],
            fn (Stock $stock, int $units): array => [! $stock->origin->opens(), $stock->origin === Origin::New, -$units],
        ]);

        return array_values(array_unique($orders, SORT_REGULAR));
    }

    /**
     * @param  array<string, RollPlan>  $plans
     * @return list<int>
     */
    private static function objective(array $plans): array
    {
        $merit = [];
        foreach ($plans as $plan) {
            foreach ($plan->objective() as $part => $value) {
                $merit[$part] = ($merit[$part] ?? 0) + $value;
            }
        }

        return array_values($merit);
    }

    /**
     * The first of two plans, with the weaker of their proofs: a proof for one lot does not hold for another.
     *
     * @param  array<string, RollPlan>  $plans
     * @param  array<string, RollPlan>  $others
     * @return array<string, RollPlan>
     */
    private static function provenTogether(array $plans, array $others): array
    {
        foreach (array_intersect_key($plans, $others) as $mesh => $plan) {
            $other = $others[$mesh]->proof;
            $plans[$mesh] = $plan->provenBy($plan->proof === null || $other === null ? null : $plan->proof->or($other));
        }

        return $plans;
    }
}
