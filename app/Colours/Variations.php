<?php

namespace App\Colours;

use Davrin\Core\Colour\Grey;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\ExchangeMeshes;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Mesh;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** A plan as it is, with its meshes exchanged, and in the colours of the maker's own palette. */
final readonly class Variations
{
    /** More side by side are not compared any more. */
    private const MOST = 9;

    public function __construct(private PlanReader $reader, private Engine $engine) {}

    /**
     * @param  list<string>  $palette  colours, "#1d6a6b"
     * @return list<Variation>
     */
    public function of(Plan $plan, array $palette): array
    {
        $variations = [new Variation('v0', 'As it is', $plan, $this->engine->work($plan), [])];
        foreach ([...$this->inPalette($plan, $palette), ...$this->exchanged($plan)] as [$label, $edit, $sent]) {
            if (count($variations) < self::MOST) {
                $edited = $edit->apply($plan, $this->reader);
                $variations[] = new Variation('v'.count($variations), $label, $edited, $this->engine->work($edited), $sent);
            }
        }

        return $variations;
    }

    /** @return list<string> what an eye that sees no hues makes of the meshes that are used */
    public function inGreys(Plan $plan): array
    {
        $said = [];
        $meshes = self::used($plan);
        foreach ($meshes as $index => $one) {
            foreach (array_slice($meshes, $index + 1) as $other) {
                [$a, $b] = [$one->slip, $other->slip];
                $contrast = Grey::contrast($a->text('colour'), $b->text('colour'));
                $said[] = sprintf('%s and %s: %s to 1, %s.', $one->name(), $other->name(), number_format($contrast, 1), match (true) {
                    $contrast >= Grey::WELL_APART => 'well told apart in greys',
                    $contrast >= Grey::TOLD_APART => 'told apart in greys',
                    $a->text('hatch') !== $b->text('hatch') => 'hardly told apart in greys but by their hatch',
                    default => 'hardly told apart in greys, and their hatches are the same: give one another hatch',
                });
            }
        }

        return $said;
    }

    /** @return list<array{string, Edit, array<string, string|array<string, string>>}> */
    private function exchanged(Plan $plan): array
    {
        $pairs = [];
        $used = array_map(fn (Mesh $mesh): string => $mesh->id, self::used($plan));
        foreach ($plan->meshes as $index => $one) {
            foreach (array_slice($plan->meshes, $index + 1) as $other) {
                if (array_intersect([$one->id, $other->id], $used) !== []) {
                    $pairs[] = [sprintf('%s and %s exchanged', $one->name(), $other->name()), ExchangeMeshes::of($one->id, $other->id), ['do' => 'exchange', 'id' => $one->id, 'to' => $other->id]];
                }
            }
        }

        return $pairs;
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
            foreach (self::used($plan) as $index => $mesh) {
                $fill["meshes.$mesh->id.colour"] = $palette[($index + $turn) % count($palette)];
            }
            $found[] = ['In your colours, '.implode(', ', $fill), new FillBlanks($fill), ['set' => $fill]];
        }

        return $found;
    }

    /** @return list<Mesh> */
    private static function used(Plan $plan): array
    {
        return array_values(array_filter($plan->meshes, fn (Mesh $mesh): bool => $plan->layersOf($mesh) !== []));
    }
}
