<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** Takes away a layout of ties that nothing stands on; a piece that is all wound needs none. */
final readonly class RemoveTies implements Edit
{
    use LosesNothing;

    public function __construct(private string $id) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $document = DocumentList::of($plan, 'ties')->without($this->id);
        if (array_filter($plan->parts, fn (Part $part): bool => $part->on->group?->id === $this->id) !== []) {
            throw Fault::at('/ties', 'A layer stands on these ties. Put it on others first, or take it away.');
        }

        return $reader->read($document);
    }

    public function words(Plan $before, Plan $after): string
    {
        return 'a layout of ties taken away';
    }

    public function asData(): array
    {
        return ['do' => 'remove-ties', 'id' => $this->id];
    }
}
