<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

/** What one layer makes, and what it takes: pieces to cut, or a run. */
final readonly class Work
{
    /**
     * @param  non-empty-list<Element>  $elements
     * @param  list<Cut>  $cuts
     * @param  list<Run>  $runs
     */
    private function __construct(public array $elements, public array $cuts, public array $runs) {}

    /** @param  non-empty-list<Cut>  $cuts */
    public static function ofCuts(array $cuts): self
    {
        return new self(array_map(fn (Cut $cut): Element => $cut->element, $cuts), $cuts, []);
    }

    public static function ofRun(Run $run): self
    {
        return new self(array_map(fn (Step $step): Element => $step->element, $run->steps), [], [$run]);
    }
}
