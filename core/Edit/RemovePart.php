<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Words;

/** Takes a part away, or several at once. */
final readonly class RemovePart implements Edit
{
    /** @var non-empty-list<string> */
    private array $ids;

    public function __construct(string $id, string ...$others)
    {
        $this->ids = [$id, ...array_values($others)];
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $standing = array_filter($plan->parts, fn (Part $part): bool => in_array($part->on->anchor->part, $this->ids, true));

        // What stands on it goes where such a part usually stands.
        return $reader->read(
            DocumentList::of($plan, 'parts')->without(...$this->ids),
            array_values(array_map(fn (Part $part): string => "parts.$part->id", $standing)),
        );
    }

    public function lost(Plan $before, Plan $after): array
    {
        return Losses::between($before, $after, []);
    }

    public function words(Plan $before, Plan $after): string
    {
        return Words::list(array_map(fn (string $id): string => PartWords::of($before, $id), $this->ids)).' taken away';
    }

    public function asData(): array
    {
        return ['do' => 'remove-part', 'id' => implode(',', $this->ids)];
    }
}
