<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;

/** One mesh for another in the whole plan, and the other for it. */
final readonly class ExchangeMaterials implements Edit
{
    use LosesNothing;

    /** Where parts name meshes. */
    private const KEYS = ['material', 'painted'];

    private function __construct(private string $one, private string $other) {}

    /** By their ids. */
    public static function of(string $one, string $other): self
    {
        return new self($one, $other);
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $known = array_column($plan->wound(), 'id');
        if (array_diff([$this->one, $this->other], $known) !== []) {
            throw Fault::at('/materials', 'That mesh is not in the plan any more. Choose another.');
        }
        $document = $plan->write();
        $document['parts'] = array_map(function (mixed $part): mixed {
            if (! is_array($part)) {
                return $part;
            }
            foreach (array_intersect(self::KEYS, array_keys($part)) as $key) {
                $part[$key] = is_array($part[$key]) ? array_map($this->exchanged(...), $part[$key]) : $this->exchanged($part[$key]);
            }

            return $part;
        }, (array) $document['parts']);

        return $reader->read($document);
    }

    public function words(Plan $before, Plan $after): string
    {
        $names = array_map(fn ($mesh): string => $mesh->name(), array_column($before->wound(), null, 'id'));

        return sprintf('%s and %s exchanged', $names[$this->one], $names[$this->other]);
    }

    public function asData(): array
    {
        return ['do' => 'exchange', 'id' => $this->one, 'to' => $this->other];
    }

    /** "a", "a: 2" or "3 and 5: a" with the other for it. */
    private function exchanged(mixed $entry): mixed
    {
        $exchange = [$this->one => $this->other, $this->other => $this->one];

        return is_string($entry)
            ? implode(': ', array_map(fn (string $part): string => $exchange[$part] ?? $part, explode(': ', $entry)))
            : $entry;
    }
}
