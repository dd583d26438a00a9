<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;

/** Lays the strands of runs on rolls, tie by tie. Strands of one run never come off the same roll at once. */
final readonly class RunLaying
{
    /** @param  array<string, OpenRolls>  $rolls  by the id of the mesh */
    public function __construct(private array $rolls, private RunSplits $stretches) {}

    public function lay(Run $run): LaidRun
    {
        $changes = [];
        [$steps, $strands] = [$run->steps, $run->strands];
        [$now, $last, $part] = [[], null, null];
        for ($stretch = 0; $steps !== []; $stretch++) {
            $inParts = $run->sooner && $stretch >= $this->stretches->whole;
            [$next, $lacking] = $this->openFor($strands, $run, $steps[0], $inParts);
            if ($lacking !== []) {
                return new LaidRun($changes, array_fill_keys($lacking, array_map(fn (Step $step): Element => $step->element, $steps)));
            }
            foreach ($now as $strand => $roll) {
                [$mesh, $before] = [$strands[$strand], $last ?? throw new \LogicException('A roll that was begun has given something.')];
                $changes[$mesh][] = new RollChange(
                    $run->part,
                    $before->to,
                    $before->element,
                    $roll,
                    $next[$strand],
                    $this->rolls[$mesh]->used($roll)->plus($steps[0]->length()),
                    $steps[0]->length()->isMoreThan($this->rolls[$mesh]->left($roll)),
                );
            }
            $now = $next;
            $part ??= $inParts ? intdiv(count($steps) + $this->stretches->parts - 1, $this->stretches->parts) : null;
            $this->onEach($strands, $now, SegmentKind::StartTail, $run, $last->to ?? $steps[0]->from, null);
            for ($laid = 0; $steps !== [] && $laid !== $part && $this->allHaveRoom($strands, $now, $run, $steps[0]); $laid++) {
                $last = array_shift($steps);
                $this->onEach($strands, $now, SegmentKind::Step, $run, $last->to, $last);
            }
            $this->onEach($strands, $now, SegmentKind::EndTail, $run, $last->to ?? $run->steps[0]->from, null);
        }

        return new LaidRun($changes, []);
    }

    /**
     * A roll for each strand with room for the next step and both tails, and the meshes that have no such roll.
     *
     * @param  list<string>  $strands
     * @return array{list<int>, list<string>}
     */
    private function openFor(array $strands, Run $run, Step $step, bool $roomiest): array
    {
        [$taken, $found, $lacking] = [[], [], []];
        $needed = $run->tails()->plus($step->length());
        foreach ($strands as $mesh) {
            // A strand alone goes on with its roll.
            $roll = $roomiest && count(array_keys($strands, $mesh, true)) > 1
                ? $this->rolls[$mesh]->roomiest($needed, $taken[$mesh] ?? [])
                : $this->rolls[$mesh]->firstWithRoom($needed, $taken[$mesh] ?? []);
            if ($roll === null) {
                $lacking[] = $mesh;

                continue;
            }
            $found[] = [$mesh, $roll];
            $taken[$mesh][] = $roll;
        }
        foreach ($lacking === [] ? [] : array_reverse($found) as [$mesh, $roll]) {
            $this->rolls[$mesh]->giveBack($roll);
        }

        return [array_column($found, 1), array_values(array_unique($lacking))];
    }

    /**
     * @param  list<string>  $strands
     * @param  list<int>  $now
     */
    private function allHaveRoom(array $strands, array $now, Run $run, Step $step): bool
    {
        foreach ($strands as $strand => $mesh) {
            if ($step->length()->plus($run->endTail)->isMoreThan($this->rolls[$mesh]->left($now[$strand]))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $strands
     * @param  list<int>  $now
     */
    private function onEach(array $strands, array $now, SegmentKind $kind, Run $run, int $tie, ?Step $step): void
    {
        $length = match ($kind) {
            SegmentKind::StartTail => $run->startTail,
            SegmentKind::EndTail => $run->endTail,
            default => $step?->length() ?? throw new \LogicException('A step is laid with its element.'),
        };
        foreach ($strands as $strand => $mesh) {
            $this->rolls[$mesh]->put($now[$strand], $kind, $length, $run->part, $tie, $step?->element);
        }
    }
}
