<?php

namespace App\Colours;

use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\ExchangeMaterials;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** A plan as it is, with its meshes exchanged, and in the colours of the maker's own palette. */
final readonly class Variations
{
    /** More side by side are not compared any more. */
    private const MOST = 9;

    /** What working all of them out may take; where that is used up, fewer are compared. */
    private const STEPS = 48_000_000;

    public function __construct(private PlanReader $reader, private Engine $engine) {}

    /**
     * @param  list<string>  $palette  colours, "#1d6a6b"
     * @return list<Variation>
     */
    public function of(Plan $plan, array $palette): array
    {
        $account = Effort::of(self::STEPS);
        $variations = [new Variation('v0', 'As it is', $plan, $this->engine->figures($plan, $account), [])];
        foreach ([...$this->inPalette($plan, $palette), ...$this->exchanged($plan)] as [$label, $edit, $sent]) {
            if (count($variations) < self::MOST && ! $account->isSpent()) {
                $edited = $edit->apply($plan, $this->reader);
                $account->spend(array_sum(array_map(fn (Part $part): int => $part->on->colourTask?->effort->spent() ?? 0, $edited->parts)));
                $variations[] = new Variation('v'.count($variations), $label, $edited, $this->engine->figures($edited, $account), $sent);
            }
        }

        return $variations;
    }

    /** @return list<array{string, Edit, array<string, string|array<string, string>>}> */
    private function exchanged(Plan $plan): array
    {
        $pairs = [];
        $used = array_map(fn (Wound $mesh): string => $mesh->id, $plan->usedWound());
        $meshes = self::meshes($plan->wound());
        foreach ($meshes as $index => $one) {
            foreach (array_slice($meshes, $index + 1) as $other) {
                if (array_intersect([$one->id, $other->id], $used) !== []) {
                    $pairs[] = [
                        sprintf('%s and %s exchanged', $one->name(), $other->name()),
                        ExchangeMaterials::of($one->id, $other->id),
                        ['do' => 'exchange', 'id' => $one->id, 'to' => $other->id],
                    ];
                }
            }
        }

        return $pairs;
    }

    /**
     * What makes a base: ribbon is not exchanged with it, nor coloured with it.
     *
     * @param  list<Wound>  $wound
     * @return list<Wound>
     */
    private static function meshes(array $wound): array
    {
        return array_values(array_filter($wound, fn (Wound $mesh): bool => $mesh->wound->makesABase()));
    }

    /**
     * The colours of the palette on the meshes that are used, each time one further.
     *
     * @param  list<string>  $palette
     * @return list<array{string, Edit, array<string, string|array<string, string>>}>
     */
    private function inPalette(Plan $plan, array $palette): array
    {
        $found = [];
        foreach (array_keys($palette) as $turn) {
            $fill = [];
            foreach (self::meshes($plan->usedWound()) as $index => $mesh) {
                $fill["materials.$mesh->id.colour"] = $palette[($index + $turn) % count($palette)];
            }
            $found[] = ['In your colours, '.implode(', ', $fill), new FillBlanks($fill), ['set' => $fill]];
        }

        return $found;
    }
}
