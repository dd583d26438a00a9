<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Material;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** Takes away a material that nothing uses. */
final readonly class RemoveMaterial implements Edit
{
    use LosesNothing;

    public function __construct(private string $id) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $material = $plan->materials->all[$this->id] ?? throw Fault::noBlank($this->id);
        if ($plan->partsOf($material) !== []) {
            throw Fault::at('/materials', sprintf('%s is used by a layer. Give that layer another mesh first.', $material->name()));
        }
        if (array_filter($plan->wound(), fn (Material $other): bool => $other !== $material) === []) {
            throw Fault::at('/materials', 'A plan needs at least one mesh. Add another before you take this one away.');
        }

        return $reader->read(DocumentList::of($plan, 'materials')->without($this->id));
    }

    public function words(Plan $before, Plan $after): string
    {
        return ($before->materials->all[$this->id] ?? null)?->name().' taken away';
    }

    public function asData(): array
    {
        return ['do' => 'remove-material', 'id' => $this->id];
    }
}
