<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** Builds a part earlier by one, or later. */
final readonly class MovePart implements Edit
{
    use LosesNothing;

    public function __construct(private string $id, private bool $earlier) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        return $reader->read(DocumentList::of($plan, 'parts')->moved($this->id, $this->earlier ? -1 : 1));
    }

    public function words(Plan $before, Plan $after): string
    {
        return PartWords::of($before, $this->id).($this->earlier ? ' made earlier' : ' made later');
    }

    public function asData(): array
    {
        return ['do' => $this->earlier ? 'part-earlier' : 'part-later', 'id' => $this->id];
    }
}
