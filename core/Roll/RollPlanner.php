<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;

/**
 * Lays runs and pieces on rolls, those of every mesh at once, since strands of different meshes may be tied together: runs
 * first, in build order, then pieces, the longest first, each on the first roll with room for it.
 */
final class RollPlanner
{
    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies  by the id of the mesh
     * @return array<string, RollPlan> by the id of the mesh
     */
    public function plan(array $runs, array $cuts, array $supplies): array
    {
        $rolls = array_map(fn (Supply $supply): OpenRolls => new OpenRolls($supply), $supplies);
        [$changes, $unmet] = [array_map(fn (): array => [], $supplies), array_map(fn (): array => [], $supplies)];
        foreach ($runs as $run) {
            // Strands that do not end together are runs side by side.
            foreach ($run->together ? [$run->strands] : array_map(fn (string $strand): array => [$strand], $run->strands) as $strands) {
                $laid = $this->layRun($run, $strands, $rolls);
                foreach ($laid->changes as $mesh => $its) {
                    array_push($changes[$mesh], ...$its);
                }
                foreach ($laid->unmet as $mesh => $its) {
                    array_push($unmet[$mesh], ...$its);
                }
            }
        }
        usort($cuts, fn (Cut $a, Cut $b): int => $b->length->units <=> $a->length->units);
        foreach ($cuts as $cut) {
            $roll = $rolls[$cut->mesh]->firstWithRoom($cut->length);
            $roll === null
                ? $unmet[$cut->mesh][] = $cut->element
                : $rolls[$cut->mesh]->put($roll, SegmentKind::Piece, $cut->length, $cut->element->layer, $cut->element->ties[0] ?? null, $cut->element);
        }
        $plans = [];
        foreach ($rolls as $mesh => $its) {
            $plans[$mesh] = new RollPlan($its->all(), $changes[$mesh], array_values(array_column(array_map(fn (Element $element): array => [$element->id, $element], $unmet[$mesh]), 1, 0)));
        }

        return $plans;
    }

    /**
     * @param  list<string>  $strands
     * @param  array<string, OpenRolls>  $rolls
     */
    private function layRun(Run $run, array $strands, array $rolls): LaidRun
    {
        $changes = [];
        $steps = $run->steps;
        $now = [];
        $last = null;
        while ($steps !== []) {
            [$next, $lacking] = $this->openFor($strands, $run, $steps[0], $rolls);
            if ($lacking !== []) {
                return new LaidRun($changes, array_fill_keys($lacking, array_map(fn (Step $step): Element => $step->element, $steps)));
            }
            foreach ($now as $strand => $roll) {
                [$mesh, $before] = [$strands[$strand], $last ?? throw new \LogicException('A roll that was begun has given something.')];
                $changes[$mesh][] = new RollChange($run->layer, $before->to, $before->element, $roll, $next[$strand], $rolls[$mesh]->used($roll)->plus($steps[0]->length()));
            }
            $now = $next;
            $this->onEach($strands, $now, $rolls, SegmentKind::StartTail, $run, $last->to ?? $steps[0]->from, null);
            while ($steps !== [] && $this->allHaveRoom($strands, $now, $rolls, $run, $steps[0])) {
                $last = array_shift($steps);
                $this->onEach($strands, $now, $rolls, SegmentKind::Step, $run, $last->to, $last);
            }
            $this->onEach($strands, $now, $rolls, SegmentKind::EndTail, $run, $last->to ?? $run->steps[0]->from, null);
        }

        return new LaidRun($changes, []);
    }

    /**
     * A roll for each strand that holds the next step and both tails, or the meshes that have none.
     *
     * @param  list<string>  $strands
     * @param  array<string, OpenRolls>  $rolls
     * @return array{list<int>, list<string>}
     */
    private function openFor(array $strands, Run $run, Step $step, array $rolls): array
    {
        [$taken, $found, $lacking] = [[], [], []];
        foreach ($strands as $mesh) {
            $roll = $rolls[$mesh]->firstWithRoom($run->tails()->plus($step->length()), $taken[$mesh] ?? []);
            if ($roll === null) {
                $lacking[] = $mesh;

                continue;
            }
            $found[] = [$mesh, $roll];
            $taken[$mesh][] = $roll;
        }
        foreach ($lacking === [] ? [] : array_reverse($found) as [$mesh, $roll]) {
            $rolls[$mesh]->giveBack($roll);
        }

        return [array_column($found, 1), array_values(array_unique($lacking))];
    }

    /**
     * @param  list<string>  $strands
     * @param  list<int>  $now
     * @param  array<string, OpenRolls>  $rolls
     */
    private function allHaveRoom(array $strands, array $now, array $rolls, Run $run, Step $step): bool
    {
        foreach ($strands as $strand => $mesh) {
            if ($step->length()->plus($run->endTail)->isMoreThan($rolls[$mesh]->left($now[$strand]))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $strands
     * @param  list<int>  $now
     * @param  array<string, OpenRolls>  $rolls
     */
    private function onEach(array $strands, array $now, array $rolls, SegmentKind $kind, Run $run, int $tie, ?Step $step): void
    {
        $length = match ($kind) {
            SegmentKind::StartTail => $run->startTail,
            SegmentKind::EndTail => $run->endTail,
            default => $step?->length() ?? throw new \LogicException('A step is laid with its element.'),
        };
        foreach ($strands as $strand => $mesh) {
            $rolls[$mesh]->put($now[$strand], $kind, $length, $run->layer, $tie, $step?->element);
        }
    }
}
