<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Roll\Packing\Choices;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\Pattern;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Roll\Packing\RunShare;
use Davrin\Core\Roll\Packing\Task;

/**
 * Lays runs and pieces on rolls, those of every mesh at once, since strands of different meshes may be tied together: runs
 * first, in build order, on the rolls in several orders; then pieces, by the Packer. The best of what comes out is taken.
 */
final class RollPlanner
{
    /** So many plans of meshes are remembered. */
    private const KNOWN = 64;

    /** No more ways of keeping to lots are tried than this. */
    private const MOST_LOTS = 60;

    /** After so many stretches as far as rolls reach, parts are not tried any more. */
    private const MOST_WHOLE = 6;

    /** Of so many choices of rolls that are cheaper than was found. */
    private const MOST_CHOICES = 12;

    /** @var array<string, array<string, RollPlan>> by what was asked, the latest first */
    private array $known = [];

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies  by the id of the mesh
     * @return array<string, RollPlan> by the id of the mesh
     */
    public function plan(array $runs, array $cuts, array $supplies): array
    {
        $runs = self::apart($runs);
        [$cutsOf, $plans] = [[], []];
        foreach ($cuts as $cut) {
            $cutsOf[$cut->mesh][] = $cut;
        }
        foreach (self::tied($runs, array_keys($supplies)) as $meshes) {
            $its = array_flip($meshes);
            $plans += $this->known(
                array_values(array_filter($runs, fn (Run $run): bool => isset($its[$run->strands[0]]))),
                array_merge([], ...array_map(fn (string $mesh): array => $cutsOf[$mesh] ?? [], $meshes)),
                array_intersect_key($supplies, $its),
            );
        }

        return array_map(fn (string $mesh): RollPlan => $plans[$mesh], array_combine(array_keys($supplies), array_keys($supplies)));
    }

    /**
     * What was planned of the same before is the same again: most edits, and most that are tried, change one mesh.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @return array<string, RollPlan>
     */
    private function known(array $runs, array $cuts, array $supplies): array
    {
        $key = md5(serialize([$runs, $cuts, $supplies]));
        $plans = $this->known[$key] ?? $this->planned($runs, $cuts, $supplies);
        $this->known = [$key => $plans] + (count($this->known) < self::KNOWN ? $this->known : array_slice($this->known, 0, intdiv(self::KNOWN, 2), true));

        return $plans;
    }

    /**
     * Of meshes that are tied together.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @return array<string, RollPlan>
     */
    private function planned(array $runs, array $cuts, array $supplies): array
    {
        $best = [];
        [$choices, $areAll] = self::choices(array_map(fn (Supply $supply): array => $supply->byLot(), $supplies));
        foreach ($choices as $chosen) {
            foreach (self::orders($runs, $chosen) as $order) {
                $plans = $this->laid($runs, $cuts, $chosen, $order, Stretches::asFarAsTheyReach());
                $best = $best === [] || (self::merit($plans) <=> self::merit($best)) < 0 ? self::provenTogether($plans, $best) : self::provenTogether($best, $plans);
            }
        }
        foreach (array_unique(array_merge([], ...array_map(fn (Run $run): array => $run->strands, $runs))) as $mesh) {
            $best = $this->bettered($runs, $cuts, $best, $mesh);
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
        return array_merge([], ...array_map(fn (Run $run): array => $run->together ? [$run] : array_map($run->of(...), $run->strands), $runs));
    }

    /**
     * Which meshes runs tie together; those that none does are by themselves.
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
    private function bettered(array $runs, array $cuts, array $best, string $mesh): array
    {
        $supplies = array_map(fn (RollPlan $plan): Supply => $plan->supply, $best);
        $ways = self::stretches($runs, $mesh);
        $its = array_values(array_filter($cuts, fn (Cut $cut): bool => $cut->mesh === $mesh));
        foreach (self::cheaper($runs, $its, $mesh, $best[$mesh]) as $allowed) {
            $isBetter = false;
            foreach (self::orders($runs, $supplies) as $order) {
                foreach ($ways as $stretches) {
                    foreach ($its === [] ? [false] : [false, true] as $piecesFirst) {
                        $plans = $this->laid($runs, $cuts, $supplies, $order, $stretches, [$mesh => $allowed], $piecesFirst);
                        if ((self::merit($plans) <=> self::merit($best)) < 0) {
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
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts  of this mesh
     * @return \Generator<array<int, ?int>>
     */
    private static function cheaper(array $runs, array $cuts, string $mesh, RollPlan $plan): \Generator
    {
        $stock = $plan->supply->stock;
        if ($plan->unmetPieces > 0) {
            yield array_map(fn (Stock $its): ?int => $its->count, $stock);

            return;
        }
        $task = self::task($cuts, array_map(fn (Stock $its): RollKind => self::kind($plan->supply, $its, $its->count), $stock), $plan->supply->keepFrom, self::shares($runs, $mesh));
        $tried = 0;
        foreach (Choices::of($task, array_map(fn (Stock $its): int => $its->count ?? count($plan->rolls), $stock), intdiv(self::asks($runs, $cuts, $mesh), $task->step)) as $choice) {
            if ([$choice->money, $choice->opened] >= [$plan->money()->cents, $plan->opened()] || $tried++ === self::MOST_CHOICES) {
                return;
            }
            yield array_replace(array_fill(0, count($stock), 0), $choice->rolls);
        }
    }

    /**
     * Where the strands of a mesh may end.
     *
     * @param  list<Run>  $runs
     * @return non-empty-list<Stretches>
     */
    private static function stretches(array $runs, string $mesh): array
    {
        $strands = max([0, ...array_map(fn (Run $run): int => $run->sooner ? count(array_keys($run->strands, $mesh, true)) : 0, $runs)]);
        $ways = [Stretches::asFarAsTheyReach()];
        for ($whole = 0; $strands > 1 && $whole < self::MOST_WHOLE; $whole++) {
            for ($parts = 2; $parts <= $strands + 2; $parts++) {
                $ways[] = Stretches::inParts($whole, $parts);
            }
        }

        return $ways;
    }

    /**
     * How much mesh is asked for at the least.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     */
    private static function asks(array $runs, array $cuts, string $mesh): int
    {
        $asked = array_sum(array_map(fn (Cut $cut): int => $cut->length->units, $cuts));
        foreach ($runs as $run) {
            $asked += $run->length()->units * count(array_keys($run->strands, $mesh, true));
        }

        return $asked;
    }

    /**
     * What no other plan can better, where runs are laid beside the pieces: each roll that gives to a run pays its tails, and
     * parts of it may be as short as a step.
     *
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     */
    public function proof(array $runs, array $cuts, string $mesh, Supply $supply, RollPlan $plan): Proof
    {
        $its = array_values(array_filter($cuts, fn (Cut $cut): bool => $cut->mesh === $mesh));
        $proofs = array_map(function (Supply $lot) use ($its, $runs, $mesh, $plan): Proof {
            $kinds = array_map(fn (Stock $stock): RollKind => self::kind($lot, $stock, $stock->count), $lot->stock);
            [$unmet, $money, $opened] = Packer::least(self::task($its, $kinds, $lot->keepFrom, self::shares($runs, $mesh)), $plan->unmetPieces, $plan->money()->cents, $plan->opened());

            return new Proof($unmet, Money::cents($money), $opened);
        }, $supply->byLot());

        return array_reduce($proofs, fn (Proof $least, Proof $proof): Proof => $least->or($proof), $proofs[0]);
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
            usort($places, fn (int $a, int $b): int => [...$of($supply->stock[$a], $supply->length($supply->stock[$a])->units), $a] <=> [...$of($supply->stock[$b], $supply->length($supply->stock[$b])->units), $b]);

            return $places;
        }, array_intersect_key($supplies, array_flip($strands))), [
            fn (Stock $stock, int $units): array => [$stock->origin->opens(), $stock->origin === Origin::New, $units],
            fn (Stock $stock, int $units): array => [$stock->origin->opens(), $stock->origin === Origin::New, -$units],
            fn (Stock $stock, int $units): array => [! $stock->origin->opens(), $stock->origin === Origin::New, -$units],
        ]);

        return array_values(array_unique($orders, SORT_REGULAR));
    }

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies
     * @param  array<string, list<int>>  $orders
     * @param  array<string, array<int, ?int>>  $allowed  how many of each stock there are to choose from, by mesh, where that is limited
     * @return array<string, RollPlan>
     */
    private function laid(array $runs, array $cuts, array $supplies, array $orders, Stretches $stretches, array $allowed = [], bool $piecesFirst = false): array
    {
        $cutsOf = array_map(fn (): array => [], $supplies);
        foreach ($cuts as $cut) {
            $cutsOf[$cut->mesh][] = $cut;
        }
        [$rolls, $laidPieces] = [[], []];
        foreach ($supplies as $mesh => $supply) {
            $rolls[$mesh] = new OpenRolls($supply, $orders[$mesh] ?? [], $allowed[$mesh] ?? null);
            if ($piecesFirst) {
                $laidPieces[$mesh] = $this->layPieces($cutsOf[$mesh], $supply, $rolls[$mesh]);
            }
        }
        $laying = new RunLaying($rolls, $stretches);
        [$changes, $unmet, $pieces] = [array_map(fn (): array => [], $supplies), array_map(fn (): array => [], $supplies), array_map(fn (): int => 0, $supplies)];
        foreach ($runs as $run) {
            $laid = $laying->lay($run);
            foreach ($laid->changes as $mesh => $its) {
                array_push($changes[$mesh], ...$its);
            }
            foreach ($laid->unmet as $mesh => $its) {
                array_push($unmet[$mesh], ...$its);
                $pieces[$mesh] += count($its) * count(array_keys($run->strands, $mesh, true));
            }
        }
        $plans = [];
        foreach ($supplies as $mesh => $supply) {
            [$lacking, $proof] = $laidPieces[$mesh] ?? $this->layPieces($cutsOf[$mesh], $supply, $rolls[$mesh]);
            $elements = array_column(array_map(fn (Element $element): array => [$element->id, $element], [...$unmet[$mesh], ...$lacking]), 1, 0);
            $plans[$mesh] = new RollPlan($rolls[$mesh]->all(), $changes[$mesh], array_values($elements), $pieces[$mesh] + count($lacking), $supply, self::shares($runs, $mesh) === [] ? $proof : null);
        }

        return $plans;
    }

    /**
     * @param  list<Cut>  $cuts
     * @return array{list<Element>, Proof} what no roll was left for
     */
    private function layPieces(array $cuts, Supply $supply, OpenRolls $rolls): array
    {
        if ($cuts === []) {
            return [[], new Proof(0, Money::cents(0), 0)];
        }
        $kinds = array_map(fn (int $number): RollKind => new RollKind($rolls->left($number)->units, 1), $rolls->numbers());
        $begun = count($kinds);
        foreach ($rolls->whole() as $place => $count) {
            $kinds[] = self::kind($supply, $supply->stock[$place], $count);
        }
        $task = self::task($cuts, $kinds, $supply->keepFrom);
        // At safe length nothing is asked but whether it is enough.
        $packed = Packer::pack($task, polished: ! $supply->isSafe);
        // Each size in build order, so that neighbours on the form come off the same roll.
        $waiting = array_fill(0, count($task->sizes), []);
        foreach ($cuts as $cut) {
            $waiting[$task->sizeOf($cut->length->units)][] = $cut;
        }
        foreach ($this->inWorkingOrder($packed->cuts, $task, $begun) as $pattern) {
            $roll = $pattern->kind < $begun ? $rolls->numbers()[$pattern->kind] : $rolls->begin($pattern->kind - $begun);
            foreach ($pattern->pieces as $index => $count) {
                foreach (array_splice($waiting[$index], 0, $count) as $cut) {
                    $rolls->put($roll, SegmentKind::Piece, $cut->length, $cut->element->layer, $cut->element->ties[0] ?? null, $cut->element);
                }
            }
        }

        return [
            array_map(fn (Cut $cut): Element => $cut->element, array_merge(...$waiting)),
            new Proof($packed->leastUnmet, Money::cents($packed->leastMoney), $packed->leastOpened),
        ];
    }

    /**
     * What is open first, from the shortest on; then full rolls, then new ones, the fullest cut first.
     *
     * @param  list<Pattern>  $patterns
     * @return list<Pattern>
     */
    private function inWorkingOrder(array $patterns, Task $task, int $begun): array
    {
        $key = function (Pattern $pattern) use ($task, $begun): array {
            $kind = $task->kinds[$pattern->kind];
            $used = array_sum(array_map(fn (int $index, int $count): int => $count * $task->sizes[$index], array_keys($pattern->pieces), $pattern->pieces));

            return [$pattern->kind >= $begun, $kind->opens, $kind->price, $kind->length, $pattern->kind, -$used];
        };
        usort($patterns, fn (Pattern $a, Pattern $b): int => $key($a) <=> $key($b));

        return $patterns;
    }

    private static function kind(Supply $supply, Stock $stock, ?int $count): RollKind
    {
        return new RollKind($supply->length($stock)->units, $count, $stock->price->cents, $stock->origin->opens());
    }

    /**
     * @param  list<Cut>  $cuts
     * @param  list<RollKind>  $kinds
     * @param  list<RunShare>  $runs
     */
    private static function task(array $cuts, array $kinds, Length $keepFrom, array $runs = []): Task
    {
        $pieces = [];
        foreach ($cuts as $cut) {
            $pieces[$cut->length->units] = ($pieces[$cut->length->units] ?? 0) + 1;
        }

        return Task::of($pieces, $kinds, $keepFrom->units, $runs);
    }

    /**
     * @param  list<Run>  $runs
     * @return list<RunShare>
     */
    private static function shares(array $runs, string $mesh): array
    {
        $shares = [];
        foreach ($runs as $run) {
            $strands = count(array_keys($run->strands, $mesh, true));
            $steps = [];
            foreach ($strands > 0 ? $run->steps : [] as $step) {
                $steps[$step->length()->units] = ($steps[$step->length()->units] ?? 0) + $strands;
            }
            if ($steps !== []) {
                $shares[] = new RunShare($run->tails()->units, $steps);
            }
        }

        return $shares;
    }

    /**
     * @param  array<string, RollPlan>  $plans
     * @return list<int>
     */
    private static function merit(array $plans): array
    {
        $merit = [];
        foreach ($plans as $plan) {
            foreach ($plan->merit() as $part => $value) {
                $merit[$part] = ($merit[$part] ?? 0) + $value;
            }
        }

        return array_values($merit);
    }

    /**
     * The first of two, proven as far as both are: what one lot proves does not bind another.
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
