<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** Adds a material that is wound on rolls, told apart from what is there by its name, its colour and its pattern. */
final readonly class AddMaterial implements Edit
{
    use LosesNothing;

    /** @param  string  $kind  of material, by key */
    public function __construct(private string $kind = Mesh::KEY) {}

    private const COLOURS = ['#c9a66b', '#8c5a6e', '#4f7c94', '#b9703f', '#6f6a94', '#a3a05a'];

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $count = count($plan->wound());
        $patterns = array_keys(SoldOnRolls::HATCHES);

        // Behind the last that is cut, before what is counted.
        $place = 1 + (int) array_key_last(
            array_filter(array_values($plan->materials->all), fn (Material $material): bool => $material instanceof Wound),
        );

        return $reader->read(DocumentList::of($plan, 'materials')->with('m', [
            'kind' => $this->kind,
            'name' => ucfirst($this->kind).' '.($count + 1),
            'colour' => self::COLOURS[$count % count(self::COLOURS)],
            'hatch' => $patterns[$count % count($patterns)],
        ], $place));
    }

    public function words(Plan $before, Plan $after): string
    {
        return "a $this->kind added";
    }

    public function asData(): array
    {
        return ['do' => "add-$this->kind"];
    }
}
