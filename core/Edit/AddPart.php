<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** Adds a part at the end of the build, of a material that nothing uses yet where there is one. */
final readonly class AddPart implements Edit
{
    use LosesNothing;

    private const MOST = 24;

    /** @param  array<string, mixed>  $written  what is known of it, as a plan file holds it */
    public function __construct(private array $written = []) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $parts = DocumentList::of($plan, 'parts');
        if ($parts->count() >= self::MOST) {
            throw Fault::at('/parts', sprintf('A plan holds up to %d parts. Take one away first.', self::MOST));
        }
        $unused = array_values(array_filter($plan->wound(), fn (Wound $wound): bool => $plan->partsOf($wound) === []));

        return $reader->read(
            $parts->with('l', $this->written === [] ? ['material' => ($unused[0] ?? $plan->wound()[0])->id] : $this->written),
        );
    }

    public function words(Plan $before, Plan $after): string
    {
        return 'a part added';
    }

    public function asData(): array
    {
        return ['do' => 'add-part'];
    }
}
