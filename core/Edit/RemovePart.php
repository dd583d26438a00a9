<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** Takes a part away. */
final readonly class RemovePart implements Edit
{
    use LosesNothing;

    public function __construct(private string $id) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        return $reader->read(DocumentList::of($plan, 'parts')->without($this->id));
    }

    public function words(Plan $before, Plan $after): string
    {
        return PartWords::of($before, $this->id).' taken away';
    }

    public function asData(): array
    {
        return ['do' => 'remove-part', 'id' => $this->id];
    }
}
