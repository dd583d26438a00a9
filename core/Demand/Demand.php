<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/**
 * What something asks for: the elements it makes, the pieces and runs of wound material for them, counted goods, and the steps
 * of making it. The form, a layout of ties, a part and the finishing each have one; everything downstream adds them up.
 */
final readonly class Demand
{
    /**
     * @param  list<Element>  $elements
     * @param  list<Cut>  $cuts
     * @param  list<Run>  $runs
     * @param  list<GoodsNeed>  $goods  before any roll has ended under way
     * @param  list<BuildStep>  $steps
     */
    private function __construct(
        public array $elements,
        public array $cuts,
        public array $runs,
        public array $goods = [],
        public array $steps = [],
    ) {}

    public static function none(): self
    {
        return new self([], [], []);
    }

    /** @param  list<Element>  $elements  that nothing is cut for */
    public static function ofElements(array $elements): self
    {
        return new self($elements, [], []);
    }

    /** @param  list<Cut>  $cuts  those of an element one after another */
    public static function ofCuts(array $cuts): self
    {
        return new self(
            array_values(array_column(array_map(fn (Cut $cut): array => [$cut->element->id, $cut->element], $cuts), 1, 0)),
            $cuts,
            [],
        );
    }

    public static function ofRuns(Run ...$runs): self
    {
        $elements = array_merge(
            ...array_map(fn (Run $run): array => array_map(fn (Step $step): Element => $step->element, $run->steps), array_values($runs)),
        );

        return new self($elements, [], array_values($runs));
    }

    /** How many pieces are cut for it, and steps of strands laid. */
    public function pieces(): int
    {
        return count($this->cuts) + array_sum(array_map(fn (Run $run): int => count($run->steps) * count($run->strands), $this->runs));
    }

    /** How often the cutter comes down for it before any roll has ended under way: once a piece, once a strand of a run. */
    public function strokes(): int
    {
        return count($this->cuts) + array_sum(array_map(fn (Run $run): int => count($run->strands), $this->runs));
    }

    /**
     * The same of other elements, with what they take.
     *
     * @param  list<Element>  $elements
     * @param  list<Cut>  $cuts
     * @param  list<Run>  $runs
     * @param  list<GoodsNeed>  $goods
     */
    public function otherwise(array $elements, array $cuts, array $runs, array $goods): self
    {
        return new self($elements, $cuts, $runs, $goods, $this->steps);
    }

    public function taking(GoodsNeed ...$goods): self
    {
        return new self($this->elements, $this->cuts, $this->runs, [...$this->goods, ...array_values($goods)], $this->steps);
    }

    public function inSteps(BuildStep ...$steps): self
    {
        return new self($this->elements, $this->cuts, $this->runs, $this->goods, [...$this->steps, ...array_values($steps)]);
    }
}
