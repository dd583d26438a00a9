<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Ties\StemKind;

/** What one layer makes, and what it takes: pieces to cut, or runs, and what holds them beside the stems of their ties. */
final readonly class Demand
{
    /**
     * @param  non-empty-list<Element>  $elements
     * @param  list<Cut>  $cuts
     * @param  list<Run>  $runs
     * @param  StemKind  $stem  what each element brings of its own
     * @param  int  $zipTies  that it takes before any roll has ended under way
     */
    private function __construct(
        public array $elements,
        public array $cuts,
        public array $runs,
        public StemKind $stem = StemKind::None,
        public int $zipTies = 0,
    ) {}

    /** @param  non-empty-list<Cut>  $cuts  those of an element one after another */
    public static function ofCuts(array $cuts): self
    {
        return new self(array_values(array_column(array_map(fn (Cut $cut): array => [$cut->element->id, $cut->element], $cuts), 1, 0)), $cuts, []);
    }

    public static function ofRuns(Run ...$runs): self
    {
        $elements = array_merge(...array_map(fn (Run $run): array => array_map(fn (Step $step): Element => $step->element, $run->steps), array_values($runs)));

        return new self($elements === [] ? throw new \LogicException('A layer makes something.') : $elements, [], array_values($runs));
    }

    /** How many pieces are cut for it, and steps of strands laid. */
    public function pieces(): int
    {
        return count($this->cuts) + array_sum(array_map(fn (Run $run): int => count($run->steps) * count($run->strands), $this->runs));
    }

    /** The same, each element held by a stem of its own, and so many zip ties. */
    public function heldBy(StemKind $stem, int $zipTies): self
    {
        return new self($this->elements, $this->cuts, $this->runs, $stem, $zipTies);
    }
}
