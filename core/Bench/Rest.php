<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use LogicException;

/**
 * Lays what is left of the work on what is left to cut it from. What is cut stays where it was cut; every other piece of the materials
 * concerned is laid anew, on safe lengths, as remedies are (docs/craft-figures.md, lengths of a roll).
 */
final class Rest
{
    private const STEPS = 6_000_000;

    /** @var array<string, array{BenchRoll, list<BenchCut>}> a roll that goes on, and what was cut from it, by key */
    private array $going = [];

    /** @var array<int, string> keys of the rolls that go on, by the number that the planner knows each by */
    private array $keys = [];

    /** @param  list<string>  $materials  those that are laid anew, by id */
    private function __construct(private readonly Situation $now, private readonly array $materials, private readonly bool $buys) {}

    /**
     * @param  list<string>  $materials  that ran short, by id
     * @param  bool  $buys  whether rolls may be bought for it
     */
    public static function of(Situation $now, array $materials, bool $buys, RollPlanner $planner): RestPlan
    {
        return (new self($now, self::tiedTo($now, [...$materials, ...self::changed($now)]), $buys))->planned($planner);
    }

    /**
     * Materials of which other pieces are to be cut than are on the rolls: an element that is left out takes its other meshes along.
     *
     * @return list<string> by id
     */
    private static function changed(Situation $now): array
    {
        [$asked, $laid] = [[], []];
        foreach ($now->pieces as $piece) {
            foreach (BenchRolls::idsOf($piece->plan, $piece->copy) as $id => $cut) {
                if (! isset($now->cut[$id])) {
                    $asked[$cut->material]["$id {$cut->length->units}"] = true;
                }
            }
        }
        foreach ($now->rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                if ($cut->isPiece() && ! $now->isCut($cut)) {
                    $laid[$roll->material]["$cut->id {$cut->length->units}"] = true;
                }
            }
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($asked + $laid)),
            fn (string $material): bool => array_diff_key($asked[$material] ?? [], $laid[$material] ?? []) !== []
                || array_diff_key($laid[$material] ?? [], $asked[$material] ?? []) !== [],
        ));
    }

    /**
     * With each material those that are run together with it: where one strand ends, the others end too.
     *
     * @param  list<string>  $materials
     * @return list<string>
     */
    private static function tiedTo(Situation $now, array $materials): array
    {
        foreach ($now->pieces as $piece) {
            foreach ($piece->plan->demand->runs() as $run) {
                if (array_intersect($run->strands, $materials) !== []) {
                    $materials = array_values(array_unique([...$materials, ...$run->strands]));
                }
            }
        }

        return $materials;
    }

    private function planned(RollPlanner $planner): RestPlan
    {
        $supplies = [];
        foreach ($this->materials as $material) {
            $wound = $this->now->wound($material);
            $supplies += $wound === null ? [] : [$material => $this->supply($wound)];
        }
        $plans = $planner->plan($this->runs(), $this->cuts(), $supplies, Effort::of(self::STEPS));
        [$rolls, $new, $bought, $opened, $cents, $unmet] = [[], [], 0, 0, 0, []];
        foreach ($this->now->rolls as $roll) {
            if (! in_array($roll->material, $this->materials, true) || $this->now->wound($roll->material) === null) {
                $rolls[] = $roll;
            }
        }
        foreach ($plans as $material => $plan) {
            [$its, $fresh] = $this->rolls((string) $material, $plan);
            array_push($rolls, ...$its);
            array_push($new, ...$fresh);
            foreach ($plan->rolls as $use) {
                // There are as many to be bought as it takes; of what is there, so many.
                $isBought = $use->stock->origin === Origin::New && $use->stock->count === null;
                $bought += $isBought ? 1 : 0;
                $cents += $isBought ? (int) $this->now->wound((string) $material)?->price()->cents : 0;
                $opened += $use->stock->origin->opens() && ! $isBought ? 1 : 0;
            }
            foreach ($its as $roll) {
                array_push($unmet, ...($roll->number === 0 ? $roll->cuts : []));
            }
        }

        return new RestPlan($rolls, $new, $bought, $opened, $unmet, $cents);
    }

    /** What is left to cut one material from: the rolls that go on, what lies on the shelf, and what is at hand or to be bought. */
    private function supply(Wound $wound): Supply
    {
        $keepFrom = $this->now->first()->plan->settings->keepFrom();
        [$stock, $opened] = [[], 0];
        foreach ($this->now->rolls as $roll) {
            if ($roll->material === $wound->id && $roll->number > 0) {
                $opened += $roll->origin === Origin::New ? 1 : 0;
                $cut = $this->now->cutFrom($roll);
                $this->going[$roll->key] = [$roll, $cut];
                $left = $roll->length->minus(Length::sum(array_map(fn (BenchCut $its): Length => $its->length, $cut)));
                if (! $roll->isSpent && $left->units > 0) {
                    $stock[] = $this->goingOn($roll, $left, $cut === []);
                }
            }
        }
        // What came under way has no rolls on the bench yet; what it has on hand the plan says.
        $there = $this->now->shelf[$wound->id] ?? [];
        $isNew = array_filter($this->now->rolls, fn (BenchRoll $roll): bool => $roll->material === $wound->id) === [];
        $shelf = $wound->supplyOf($isNew && $there === [] ? $wound->onHand() : $there, 0, $keepFrom, true)->stock;
        $atHand = $wound->rolls() === null ? 0 : max(0, $wound->rolls() - $opened);
        $new = fn (?int $count): Stock => new Stock(Origin::New, $wound->nominal(), $wound->safe(), $count, max(1, $wound->price()->cents));

        return new Supply(
            [...$stock, ...$shelf, ...($atHand > 0 ? [$new($atHand)] : []), ...($this->buys ? [$new(null)] : [])],
            true,
            $wound->mixesLots(),
            $keepFrom,
        );
    }

    /** A roll of the bench, known to the planner by a number below zero. */
    private function goingOn(BenchRoll $roll, Length $left, bool $isWhole): Stock
    {
        $number = -count($this->keys) - 1;
        $this->keys[$number] = $roll->key;
        $safe = $roll->safe->minus($roll->length->minus($left));

        return new Stock(
            $isWhole && $roll->origin !== Origin::New ? $roll->origin : Origin::Part,
            $left,
            $safe->isNegative() ? Length::zero() : $safe,
            1,
            0,
            $roll->lot,
            $number,
        );
    }

    /** @return list<Cut> the pieces that are still to be cut, each known by its copy */
    private function cuts(): array
    {
        $cuts = [];
        foreach ($this->now->pieces as $piece) {
            foreach (BenchRolls::idsOf($piece->plan, $piece->copy) as $id => $cut) {
                if (in_array($cut->material, $this->materials, true) && ! isset($this->now->cut[$id])) {
                    $cuts[] = new Cut($cut->element->ofPart((string) $piece->copy), $cut->material, $cut->length);
                }
            }
        }

        return $cuts;
    }

    /** @return list<Run> what is left of runs, each stretch with tails of its own */
    private function runs(): array
    {
        $runs = [];
        foreach ($this->now->pieces as $piece) {
            foreach ($piece->plan->demand->runs() as $run) {
                if (array_intersect($run->strands, $this->materials) !== []) {
                    foreach ($this->stretches($piece, $run) as $steps) {
                        $runs[] = $run->with($steps)->ofPart((string) $piece->copy);
                    }
                }
            }
        }

        return $runs;
    }

    /** @return list<non-empty-list<Step>> */
    private function stretches(BenchPiece $piece, Run $run): array
    {
        [$stretches, $current] = [[], []];
        foreach ($run->steps as $step) {
            if ($this->now->isMade($piece->copy, $step->element->id)) {
                $stretches = $current === [] ? $stretches : [...$stretches, $current];
                $current = [];
            } else {
                $current[] = $step;
            }
        }

        return $current === [] ? $stretches : [...$stretches, $current];
    }

    /** @return array{list<BenchRoll>, list<string>} all rolls of one material, and the keys of those that are cut from yet */
    private function rolls(string $material, RollPlan $plan): array
    {
        [$waiting, $rolls, $new] = [$this->idsByElement($material), [], []];
        $fresh = [];
        foreach ($plan->rolls as $use) {
            $cuts = array_map(function (Segment $segment) use (&$waiting): BenchCut {
                return self::cut($segment, $waiting);
            }, $use->segments);
            $fresh[] = [$use, $cuts];
        }
        [$number, $onGoing] = [0, []];
        foreach ($fresh as [$use, $cuts]) {
            $key = $this->keys[$use->stock->item ?? 0] ?? null;
            $onGoing += $key === null ? [] : [$key => $cuts];
        }
        foreach ($this->going as $key => [$roll, $cut]) {
            if ($roll->material === $material) {
                $number = max($number, $roll->number);
                $all = [...$cut, ...$onGoing[$key] ?? []];
                // One that was to be bought, and is not wanted any more, is not bought.
                $rolls = $all === [] && ! $roll->isSpent && $roll->origin === Origin::New ? $rolls : [...$rolls, $roll->with($all)];
                $new = isset($onGoing[$key]) ? [...$new, $key] : $new;
            }
        }
        foreach ($fresh as [$use, $cuts]) {
            if (! isset($this->keys[$use->stock->item ?? 0])) {
                $rolls[] = $this->newRoll($material, ++$number, $use, $cuts);
                $new[] = "$material-$number";
            }
        }
        $unmet = [...$this->unmet($waiting, $material), ...$this->unmetSteps($plan, $material)];

        return [
            $unmet === [] ? $rolls : [
                ...$rolls,
                new BenchRoll("$material-0", $material, 0, Origin::New, Length::zero(), Length::zero(), $unmet, isSpent: true),
            ],
            $new,
        ];
    }

    /** @param  list<BenchCut>  $cuts */
    private function newRoll(string $material, int $number, RollUse $use, array $cuts): BenchRoll
    {
        return new BenchRoll(
            "$material-$number",
            $material,
            $number,
            $use->stock->origin,
            $use->stock->nominal,
            $use->stock->safe,
            $cuts,
            $use->stock->lot,
            $use->stock->item,
        );
    }

    /** @return array<string, list<string>> the ids of pieces that are still to be cut, by element and length */
    private function idsByElement(string $material): array
    {
        $waiting = [];
        foreach ($this->now->pieces as $piece) {
            foreach (BenchRolls::idsOf($piece->plan, $piece->copy) as $id => $cut) {
                if ($cut->material === $material && ! isset($this->now->cut[$id])) {
                    $waiting["$piece->copy/{$cut->element->id} {$cut->length->units}"][] = $id;
                }
            }
        }

        return $waiting;
    }

    /** @param  array<string, list<string>>  $waiting */
    private static function cut(Segment $segment, array &$waiting): BenchCut
    {
        [$copy, $part] = explode('/', $segment->part, 2);
        $element = $segment->element?->id;
        $id = match (true) {
            $element === null => null,
            $segment->kind === SegmentKind::Piece => array_shift($waiting["$element {$segment->length->units}"])
                ?? throw new LogicException("More was laid for $element than was asked for."),
            default => "$element/0",
        };

        return new BenchCut($id, $segment->kind, $segment->length, (int) $copy, $part, $segment->tie);
    }

    /** @return list<BenchCut> steps of runs that there is no mesh for */
    private function unmetSteps(RollPlan $plan, string $material): array
    {
        $missing = array_fill_keys(array_map(fn (Element $element): string => $element->id, $plan->unmet), true);
        $unmet = [];
        foreach ($this->runs() as $run) {
            foreach (in_array($material, $run->strands, true) ? $run->steps : [] as $step) {
                [$copy, $part] = explode('/', $step->element->part, 2);
                $unmet = isset($missing[$step->element->id])
                    ? [...$unmet, new BenchCut("{$step->element->id}/0", SegmentKind::Step, $step->length(), (int) $copy, $part, $step->to)]
                    : $unmet;
            }
        }

        return $unmet;
    }

    /**
     * @param  array<string, list<string>>  $waiting
     * @return list<BenchCut>
     */
    private function unmet(array $waiting, string $material): array
    {
        $ids = array_fill_keys(array_merge([], ...array_values($waiting)), true);
        $unmet = [];
        foreach ($ids === [] ? [] : $this->now->pieces as $piece) {
            foreach (BenchRolls::idsOf($piece->plan, $piece->copy) as $id => $cut) {
                $unmet = isset($ids[$id]) && $cut->material === $material
                    ? [...$unmet, BenchRolls::piece($id, $cut, $piece->copy)]
                    : $unmet;
            }
        }

        return $unmet;
    }
}
