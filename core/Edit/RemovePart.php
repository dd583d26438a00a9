<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Words;

/** Takes a part away, or several at once. */
final readonly class RemovePart implements Edit
{
    use LosesNothing;

    /** @var non-empty-list<string> */
    private array $ids;

    public function __construct(string $id, string ...$others)
    {
        $this->ids = [$id, ...array_values($others)];
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        return $reader->read(DocumentList::of($plan, 'parts')->without(...$this->ids));
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
