<?php

declare(strict_types=1);

namespace Tests\Core\Anchor;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Part\Size;

/** A kind of part as somebody might add one: counted goods, or nothing at all, wherever it is told to stand. */
final readonly class ToyPart implements PartKind
{
    public function __construct(private string $key, private AnchorKind $anchor, private MaterialUse $use) {}

    public function key(): string
    {
        return $this->key;
    }

    public function name(): string
    {
        return "a $this->key";
    }

    public function noun(): array
    {
        return [$this->key, "{$this->key}s"];
    }

    public function materials(): MaterialUse
    {
        return $this->use;
    }

    public function anchor(): AnchorKind
    {
        return $this->anchor;
    }

    public function sentence(PartContext $on): string
    {
        return 'Put {kind} there: {=count}.';
    }

    public function words(PartContext $on): array
    {
        return [];
    }

    public function blanks(): array
    {
        return [];
    }

    public function demand(PartContext $on): Demand
    {
        $places = $on->anchor->places ?: [null];
        $elements = array_map(
            fn (?Place $place, int $index): Element => Element::elsewhere($on->id, $index + 1, $place),
            $places,
            array_keys($places),
        );

        return Demand::ofElements($elements)->taking(...array_map(
            fn (Material $material): GoodsNeed => GoodsNeed::pieces(
                $material->kind->key(),
                count($elements),
                $material->id,
            ), $on->materials,
        ));
    }

    public function steps(PartContext $on, Demand $demand): array
    {
        return [
            new BuildStep(
                "parts.$on->id",
                Phase::Making,
                "Put {$this->key}s there.",
                'fingers',
                array_column($demand->elements, 'id'),
                0.7 * count($demand->elements),
                [Caution::HotGlue],
            ),
        ];
    }

    public function size(PartContext $on): Size
    {
        return new Size(2.0, 'half of one', 2.0, 4.0, 'as it stands');
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function cautions(): array
    {
        return [Caution::HotGlue];
    }

    public function concerns(PartContext $on): array
    {
        return [];
    }

    public function example(): Example
    {
        return Example::onWires();
    }
}
