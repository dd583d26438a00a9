<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;

/**
 * Lays runs and pieces of one mesh on rolls of one length: runs first, in build order, then pieces, the longest first,
 * each on the first roll with room for it.
 */
final class RollPlanner
{
    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  Length  $length  what each roll holds
     * @param  ?int  $limit  how many rolls there are; null for as many as it takes
     */
    public function plan(array $runs, array $cuts, Length $length, ?int $limit): RollPlan
    {
        $rolls = new OpenRolls($length, $limit);
        [$changes, $unmet] = [[], []];
        foreach ($runs as $run) {
            [$runChanges, $runUnmet] = $this->layRun($run, $rolls);
            array_push($changes, ...$runChanges);
            array_push($unmet, ...$runUnmet);
        }
        usort($cuts, fn (Cut $a, Cut $b): int => $b->length->units <=> $a->length->units);
        foreach ($cuts as $cut) {
            $roll = $rolls->firstWithRoom($cut->length);
            $roll === null
                ? $unmet[] = $cut->element
                : $rolls->put($roll, SegmentKind::Piece, $cut->length, $cut->element->layer, $cut->element->ties[0], $cut->element);
        }

        return new RollPlan($rolls->all(), $changes, $unmet);
    }

    /** @return array{list<RollChange>, list<Element>} where it changes rolls, and the poofs that no roll was left for */
    private function layRun(Run $run, OpenRolls $rolls): array
    {
        $changes = [];
        $steps = $run->steps;
        $roll = null;
        $last = null;
        while ($steps !== []) {
            $next = $rolls->firstWithRoom($run->tails()->plus($steps[0]->length()), after: $roll);
            if ($next === null) {
                break;
            }
            if ($roll !== null && $last !== null) {
                $changes[] = new RollChange($run->layer, $last->to, $last->element, $roll, $next, $rolls->used($roll)->plus($steps[0]->length()));
            }
            $roll = $next;
            $rolls->put($roll, SegmentKind::StartTail, $run->startTail, $run->layer, $last->to ?? $steps[0]->from, null);
            while ($steps !== [] && ! $steps[0]->length()->plus($run->endTail)->isMoreThan($rolls->left($roll))) {
                $last = array_shift($steps);
                $rolls->put($roll, SegmentKind::Poof, $last->length(), $run->layer, $last->to, $last->element);
            }
            $rolls->put($roll, SegmentKind::EndTail, $run->endTail, $run->layer, $last->to ?? $run->steps[0]->from, null);
        }

        return [$changes, array_map(fn (Step $step): Element => $step->element, $steps)];
    }
}
