<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;

/** Gives what hangs on one tie another mesh by hand, or takes that back where it has it already. */
final readonly class PaintTie implements Edit
{
    use LosesNothing;

    private function __construct(private int $tie, private string $mesh) {}

    /** @param  string  $mesh  its id */
    public static function with(int $tie, string $mesh): self
    {
        return new self($tie, $mesh);
    }

    /** The part whose element on a tie is painted: of those that may differ from tie to tie, the one built last. */
    public static function partOn(Plan $plan, int $tie): ?Part
    {
        $parts = array_filter($plan->parts, fn (Part $part): bool => $part->kind->materials()->variesByTie
            && array_filter($part->on->ties(), fn (Tie $its): bool => $its->number === $tie) !== []);

        return $parts === [] ? null : $parts[array_key_last($parts)];
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $part = self::partOn($plan, $this->tie) ?? throw Fault::at(
            '/parts',
            "Nothing on tie $this->tie can be painted: cut pieces can, runs are of one mesh from end to end.",
        );
        $painted = $part->on->colourTask->painted ?? [];
        $painted = ($painted[$this->tie] ?? null) === $this->mesh
            ? array_diff_key($painted, [$this->tie => 1])
            : array_replace($painted, [$this->tie => $this->mesh]);
        $document = $plan->write();
        $document['parts'] = array_map(
            fn (mixed $its): mixed => is_array($its) && $its['id'] === $part->id
                ? [
                    ...$its,
                    PaintBlank::KEY => array_map(fn (int $tie, string $mesh): string => "$tie: $mesh", array_keys($painted), $painted),
                ]
                : $its,
            (array) $document['parts'],
        );

        return $reader->read($document);
    }

    public function words(Plan $before, Plan $after): string
    {
        $colourTask = self::partOn($after, $this->tie)?->on->colourTask;
        $painted = $colourTask?->painted[$this->tie] ?? null;

        return $colourTask === null || $painted === null
            ? "tie $this->tie no longer painted"
            : "tie $this->tie painted {$colourTask->names[$painted]}";
    }

    public function asData(): array
    {
        return ['do' => 'paint', 'id' => (string) $this->tie, 'to' => $this->mesh];
    }
}
