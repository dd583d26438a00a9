<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Material;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** Takes materials from the shelf as they lie there: what is said of each, and what is on hand of it. */
final readonly class TakeFromShelf implements Edit
{
    use LosesNothing;

    /**
     * @param  non-empty-array<string, array<string, mixed>>  $written  by the id of the material, as a plan file holds it; what is not
     *                 there stays
     */
    public function __construct(private array $written) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $document = $plan->write();
        foreach ($this->written as $id => $its) {
            if (! isset($plan->materials->all[$id])) {
                throw Fault::noBlank("materials.$id");
            }
            $document['materials'] = array_map(
                fn (mixed $mesh): mixed => is_array($mesh) && $mesh['id'] === $id ? [...$mesh, ...$its] : $mesh,
                (array) $document['materials'],
            );
        }

        return $reader->read($document);
    }

    public function words(Plan $before, Plan $after): string
    {
        return Material::names(array_values(array_intersect_key($after->materials->all, $this->written))).' as on the shelf';
    }

    public function asData(): array
    {
        return ['do' => 'take-materials', 'materials' => $this->written];
    }
}
