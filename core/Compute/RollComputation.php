<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollDemand;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Verdict;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Supply;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Words;

/**
 * Computes what one wound material has to supply and whether it does (docs/craft-figures.md, lengths of a roll). Figures are
 * shown at nominal length; the verdict looks at safe length too.
 */
final readonly class RollComputation
{
    /** How many rolls are listed one by one in the reasons of a figure. */
    public const MOST_REASONS = 60;

    public function __construct(private RollPlanner $planner) {}

    /** @return list<WoundResult> of every mesh of the plan, in its order */
    public function of(Plan $plan, Effort $effort): array
    {
        $onRolls = $this->onRolls($plan, $effort);
        $needed = $this->planRolls(
            $plan,
            array_map(
                fn (Wound $mesh): Supply => $mesh->supplyOf($mesh->onHand(), null, $plan->settings->keepFrom(), true),
                array_column($plan->wound(), null, 'id'),
            ),
            $effort,
        );
        $plans = array_combine(array_map(fn (RollOutcome $on): string => $on->wound->id, $onRolls), array_column($onRolls, 'plan'));

        return array_map(
            fn (RollOutcome $on): WoundResult => $this->withFigures(
                $plan,
                $on->withPlan($this->proven($plan, $on->wound, $plans, $effort)),
                $needed[$on->wound->id],
            ),
            $onRolls,
        );
    }

    /** @return list<RollOutcome> the same without a word on it: what is tried again and again where a remedy is sought */
    public function onRolls(Plan $plan, Effort $effort): array
    {
        $meshes = array_column($plan->wound(), null, 'id');
        $supplies = array_map(fn (Wound $mesh): Supply => $mesh->supply($plan->settings->keepFrom(), false), $meshes);
        $nominal = $this->planRolls($plan, $supplies, $effort);
        $safe = $this->planRolls($plan, RollPlanner::asShort($supplies, $nominal), $effort);
        $missing = [];
        foreach ($nominal as $rolls) {
            foreach ($rolls->unmet as $element) {
                $missing[$element->id] = true;
            }
        }

        return array_map(
            fn (Wound $mesh): RollOutcome => new RollOutcome(
                $mesh,
                $this->verdict($nominal[$mesh->id], $safe[$mesh->id], $missing),
                $nominal[$mesh->id],
                $safe[$mesh->id],
            ),
            $plan->wound(),
        );
    }

    /**
     * @param  array<string, Supply>  $supplies
     * @return array<string, RollPlan>
     */
    private function planRolls(Plan $plan, array $supplies, Effort $effort): array
    {
        return $this->planner->plan(self::runs($plan), self::cuts($plan), $supplies, $effort);
    }

    /** @param  array<string, RollPlan>  $plans  of all meshes */
    private function proven(Plan $plan, Wound $mesh, array $plans, Effort $effort): RollPlan
    {
        return $plans[$mesh->id]->proof === null
            ? $plans[$mesh->id]->provenBy(
                $this->planner->proof(
                    self::runs($plan),
                    self::cuts($plan),
                    $mesh->id,
                    $mesh->supply($plan->settings->keepFrom(), false),
                    $plans,
                    $effort,
                ),
            )
            : $plans[$mesh->id];
    }

    /** @return list<Run> */
    private static function runs(Plan $plan): array
    {
        return array_merge(...array_map(fn (Part $part): array => $part->demand->runs, $plan->parts));
    }

    /** @return list<Cut> */
    private static function cuts(Plan $plan): array
    {
        return array_merge(...array_map(fn (Part $part): array => $part->demand->cuts, $plan->parts));
    }

    /**
     * @param  RollPlan  $safe  on as many rolls of safe length
     * @param  array<string, true>  $missing  elements that are not made anyway, as some mesh runs out
     */
    private function verdict(RollPlan $nominal, RollPlan $safe, array $missing): Verdict
    {
        $short = $nominal->unmet !== [];
        $atRisk = ! $nominal->isSafeAsLaid()
            && array_filter($safe->unmet, fn (Element $element): bool => ! isset($missing[$element->id])) !== [];

        return new Verdict(
            $short,
            ! $short && $atRisk,
            ! $short && $nominal->rolls !== [] && $nominal->left()->plus($nominal->untouched())->isZero(),
        );
    }

    /** @param  RollPlan  $needed  on as many rolls of safe length as it takes */
    private function withFigures(Plan $plan, RollOutcome $on, RollPlan $needed): WoundResult
    {
        $units = $plan->units();
        $isByEye = $plan->isByEye($on->wound);
        $gives = RollGives::of($plan, $on);
        $figure = fn (Figure $figure): Figure => $isByEye ? $figure->asEstimate(Plan::BY_EYE) : $figure;

        return new WoundResult(
            $on,
            $needed->unmet === [] ? count($needed->from(Origin::New)) : null,
            $needed->unmet === [] ? $needed->opened() : null,
            $figure($this->used($plan, $on->plan)),
            $figure($this->rolls($on->plan, $on->wound, $units)),
            $figure($this->left($on->plan, $on->wound, $units)),
            $figure($this->slack($plan, $on)),
            $gives->aRoll() === null ? null : $figure($gives->aRoll()),
            $gives->leftovers() === null ? null : $figure($gives->leftovers()),
        );
    }

    private function used(Plan $plan, RollPlan $rolls): Figure
    {
        $units = $plan->units();
        $because = [];
        foreach (array_slice($rolls->rolls, 0, self::MOST_REASONS) as $roll) {
            $because[] = sprintf(
                '%s: %s = %s',
                self::rollWords($roll, $units),
                self::segmentWords($roll, $units),
                $units->exact($roll->used()),
            );
            foreach ($rolls->changes as $change) {
                if ($change->fromRoll === $roll->number) {
                    $because[] = $this->changeWords($plan, $change, $roll);
                }
            }
        }

        return new Figure('used', LengthText::canonical($rolls->used()), $units->needed($rolls->used()), [
            ...($because === [] ? ['no layer uses it'] : $because),
            ...self::more($rolls),
            ...(count($rolls->rolls) > 1 ? ['together '.$units->exact($rolls->used())] : []),
        ]);
    }

    /** @return list<string> */
    private static function more(RollPlan $plan): array
    {
        $more = count($plan->rolls) - self::MOST_REASONS;

        return $more > 0 ? ['and '.Words::count($more, 'roll').' more in the same way'] : [];
    }

    /** Why a run goes on from another roll: the last element would get too little, or it ends with its other strands. */
    private function changeWords(Plan $plan, RollChange $change, RollUse $roll): string
    {
        [$units, $noun] = [$plan->units(), $plan->part($change->part)->kind->noun()[0]];
        $goes = $change->toRoll === $roll->number ? 'begin again from this roll there' : "begin roll $change->toRoll there";
        if (! $change->isFull) {
            return sprintf('cut at tie %d with the other strands, and %s', $change->tie, $goes);
        }

        return sprintf(
            $change->wouldNeed->isMoreThan($roll->length)
                ? 'one %s more would need %s of %s and be too small: cut at tie %d, and %s'
                : 'one %s more would need %s, and no more than %s is sure: cut at tie %d, and %s',
            $noun,
            $units->exact($change->wouldNeed),
            $units->exact($change->wouldNeed->isMoreThan($roll->length) ? $roll->length : $roll->stock->safe),
            $change->tie,
            $goes,
        );
    }

    /** What comes off a roll, equal neighbours drawn together: "2 in + 19 x 9 in + 2 in". */
    private static function segmentWords(RollUse $roll, Units $units): string
    {
        $groups = [];
        foreach ($roll->segments as $segment) {
            $last = array_key_last($groups);
            $last !== null && $groups[$last][1]->equals($segment->length) && $groups[$last][2] === $segment->kind
                ? $groups[$last][0]++
                : $groups[] = [1, $segment->length, $segment->kind];
        }

        return implode(
            ' + ',
            array_map(fn (array $group): string => ($group[0] > 1 ? "$group[0] x " : '').$units->exact($group[1]), $groups),
        );
    }

    private function rolls(RollPlan $plan, Wound $mesh, Units $units): Figure
    {
        $count = count($plan->rolls);
        $there = $mesh->rolls() === null ? 'as many as needed' : Words::count($mesh->rolls(), 'new roll').' at hand';
        $onHand = $mesh->onHand() === [] ? '' : sprintf(', beside %s on hand', $mesh->slip->show('onHand', $units));

        return new Figure('rolls', $count, Words::count($count, 'roll'), [
            sprintf('%s on %s, %s%s', $units->exact($plan->used()), self::originWords($plan, $mesh, $units), $there, $onHand),
            ...$this->proofWords($plan, $mesh),
        ]);
    }

    /** "rolls of 360 in"; "1 new roll of 360 in, 2 part rolls". */
    private static function originWords(RollPlan $plan, Wound $mesh, Units $units): string
    {
        $of = 'of '.$units->exact($mesh->nominal());
        if (count($plan->from(Origin::New)) === count($plan->rolls)) {
            return "rolls $of";
        }
        $said = [];
        foreach (Origin::cases() as $origin) {
            $count = count($plan->from($origin));
            $said = [...$said, ...($count === 0 ? [] : [Words::count($count, $origin->value).($origin === Origin::New ? " $of" : '')])];
        }

        return Words::list($said);
    }

    /** @return list<string> how good the plan of cuts is */
    private function proofWords(RollPlan $plan, Wound $mesh): array
    {
        return match (true) {
            $plan->proof === null || $plan->rolls === [] => [],
            $plan->isProvenBest() => [
                'proven: no other way of cutting leaves less unmet, costs less for new rolls or opens fewer full rolls',
            ],
            $plan->proof->unmet < $plan->unmetPieces => [
                sprintf(
                    'not proven: %s short, and no less than %d may be possible',
                    Words::count($plan->unmetPieces, 'piece'),
                    $plan->proof->unmet,
                ),
            ],
            default => [
                sprintf(
                    'not proven: %s of new rolls and %s, and no less than %s and %d may be possible',
                    $mesh->money($plan->cents())->shown(),
                    Words::count($plan->opened(), 'full roll'),
                    $mesh->money($plan->proof->cents)->shown(),
                    $plan->proof->opened,
                ),
            ],
        };
    }

    private function left(RollPlan $plan, Wound $mesh, Units $units): Figure
    {
        $because = array_map(fn (RollUse $roll): string => sprintf(
            '%s: %s - %s = %s',
            self::rollWords($roll, $units),
            $units->exact($roll->length),
            $units->exact($roll->used()),
            $units->exact($roll->left()),
        ), array_slice($plan->rolls, 0, self::MOST_REASONS));
        $unopened = ($mesh->rolls() ?? 0) - count($plan->from(Origin::New));

        return new Figure('left', LengthText::canonical($plan->left()), $units->available($plan->left()), [
            ...($because === [] ? ['no roll is opened'] : $because),
            ...self::more($plan),
            ...($unopened > 0 ? [Words::count($unopened, 'roll').' not opened'] : []),
        ]);
    }

    /** "roll 3", "roll 1, a part roll of 62 in". */
    private static function rollWords(RollUse $roll, Units $units): string
    {
        return "roll $roll->number".match ($roll->stock->origin) {
            Origin::New => '',
            Origin::Full => ', full, from the shelf',
            default => sprintf(', a %s of %s', $roll->stock->origin->value, $units->exact($roll->length)),
        };
    }

    /**
     * The least spare length on any roll at its safe length, in units; below zero it is at risk, or so much is short. What fits only
     * because another roll is at hand is judged with that roll opened.
     */
    private function slack(Plan $plan, RollOutcome $on): Figure
    {
        [$mesh, $units] = [$on->wound, $plan->units()];
        if ($on->verdict->short) {
            return $this->missing($plan, $on->plan, $mesh);
        }
        $isWithMore = ! $on->verdict->atRisk && ! $on->plan->isSafeAsLaid();
        $least = null;
        foreach (($isWithMore ? $on->safePlan : $on->plan)->rolls as $roll) {
            $spare = $roll->stock->safe->minus($roll->used());
            $least = $least === null || $spare->isLessThan($least[0]) ? [$spare, $roll] : $least;
        }
        [$slack, $safe, $used] = $least === null
            ? [$mesh->safe(), $mesh->safe(), Length::zero()]
            : [$least[0], $least[1]->stock->safe, $least[1]->used()];

        return new Figure('slack', LengthText::canonical($slack), $units->available($slack), [
            ...($isWithMore ? [sprintf(
                'should the rolls come as short as they may, it takes %s instead of %d, and so many are at hand',
                Words::count(count($on->safePlan->rolls), 'roll'),
                count($on->plan->rolls),
            )] : []),
            $least === null || $least[1]->stock->origin === Origin::New
                ? $this->safeWords($mesh, $units)
                : sprintf('%s is safe up to %s', self::rollWords($least[1], $units), $units->exact($safe)),
            sprintf('%s safe - %s on the fullest roll = %s', $units->exact($safe), $units->exact($used), $units->exact($slack)),
        ]);
    }

    /** What no roll is left for, below zero, in units: pieces and steps without the tails that further rolls would take. */
    private function missing(Plan $plan, RollPlan $rolls, Wound $mesh): Figure
    {
        $asked = array_map(fn (Cut $cut): Length => $cut->length, RollDemand::of([], self::cuts($plan), $mesh->id)->cuts);
        foreach (RollDemand::of(self::runs($plan), [], $mesh->id)->runs as $run) {
            $strands = count(array_keys($run->strands, $mesh->id, true));
            array_push($asked, ...array_map(fn (Step $step): Length => $step->length()->times($strands), $run->steps));
        }
        $given = [];
        foreach ($rolls->rolls as $roll) {
            foreach ($roll->segments as $segment) {
                $given = $segment->element === null ? $given : [...$given, $segment->length];
            }
        }
        [$asked, $given, $units] = [Length::sum($asked), Length::sum($given), $plan->units()];

        return new Figure('slack', LengthText::canonical($given->minus($asked)), $units->available($given->minus($asked)), [
            sprintf('%s asked for, without tails, %s laid', $units->exact($asked), $units->exact($given)),
        ]);
    }

    private static function learned(Wound $mesh): string
    {
        $learned = $mesh->shortfall();

        return $learned === null ? '' : ' ('.$learned->words().')';
    }

    private function safeWords(Wound $mesh, Units $units): string
    {
        $trim = $mesh->slip->length('trim');
        $off = [
            ...($mesh->isMeasured() ? [] : [$mesh->allowance()->shown().' allowance'.self::learned($mesh)]),
            ...($trim->isZero() ? [] : [$units->exact($trim).' trim']),
        ];

        return $off === []
            ? sprintf('a roll holds %s, %s', $units->exact($mesh->nominal()), $mesh->isMeasured() ? 'measured' : 'by its label')
            : sprintf('%s less %s is safe up to %s', $units->exact($mesh->nominal()), Words::list($off), $units->exact($mesh->safe()));
    }
}
