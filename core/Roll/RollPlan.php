<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;

/** Which element comes from which roll of one mesh, what is left, and what no roll was left for. */
final readonly class RollPlan
{
    /**
     * @param  list<RollUse>  $rolls
     * @param  list<RollChange>  $changes
     * @param  list<Element>  $unmet
     */
    public function __construct(public array $rolls, public array $changes, public array $unmet) {}

    public function used(): Length
    {
        return Length::sum(array_map(fn (RollUse $roll): Length => $roll->used(), $this->rolls));
    }

    public function left(): Length
    {
        return Length::sum(array_map(fn (RollUse $roll): Length => $roll->left(), $this->rolls));
    }

    /** Ends that are left but too short to keep. */
    public function waste(Length $keepFrom): Length
    {
        return Length::sum(array_map(fn (RollUse $roll): Length => $roll->left()->isLessThan($keepFrom) ? $roll->left() : Length::zero(), $this->rolls));
    }

    /** @return array<string, list<int>> the rolls that each element comes from, by its id */
    public function rollsOf(): array
    {
        $rolls = [];
        foreach ($this->rolls as $roll) {
            foreach ($roll->segments as $segment) {
                if ($segment->element !== null && ! in_array($roll->number, $rolls[$segment->element->id] ?? [], true)) {
                    $rolls[$segment->element->id][] = $roll->number;
                }
            }
        }

        return $rolls;
    }
}
