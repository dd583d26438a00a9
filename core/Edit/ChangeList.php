<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Fault;

/** Adds, takes away or moves a layer, a mesh or a layout of ties. */
final readonly class ChangeList implements Edit
{
    private const MOST_LAYERS = 12;

    private const MOST_MESHES = 12;

    private const MOST_LAYOUTS = 6;

    private function __construct(private string $what, private ?string $id = null, private int $by = 0) {}

    public static function addLayer(): self
    {
        return new self('add layer');
    }

    public static function removeLayer(string $id): self
    {
        return new self('remove layer', $id);
    }

    /** Earlier in the build by one, or later. */
    public static function moveLayer(string $id, bool $earlier): self
    {
        return new self('move layer', $id, $earlier ? -1 : 1);
    }

    public static function addMesh(): self
    {
        return new self('add mesh');
    }

    public static function removeMesh(string $id): self
    {
        return new self('remove mesh', $id);
    }

    /** Another layout of ties on the same form. */
    public static function addTies(): self
    {
        return new self('add ties');
    }

    public static function removeTies(string $id): self
    {
        return new self('remove ties', $id);
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $document = $plan->write();
        if ($this->what === 'add ties' || $this->what === 'remove ties') {
            $ties = array_values((array) $document['ties']);

            return $reader->read([...$document, 'ties' => $this->what === 'add ties' ? $this->withTies($plan, $ties) : $this->withoutTies($ties, $plan)]);
        }
        [$layers, $meshes] = [(array) $document['layers'], (array) $document['meshes']];
        [$layers, $meshes] = match ($this->what) {
            'add layer' => [$this->withLayer($plan, array_values($layers)), $meshes],
            'remove layer' => [$this->without($layers, $plan), $meshes],
            'move layer' => [$this->moved(array_values($layers), $plan), $meshes],
            'add mesh' => [$layers, $this->withMesh($plan, array_values($meshes))],
            default => [$layers, $this->withoutMesh($meshes, $plan)],
        };

        return $reader->read([...$document, 'layers' => $layers, 'meshes' => $meshes]);
    }

    public function lost(Plan $before, Plan $after): array
    {
        return [];
    }

    public function words(Plan $before, Plan $after): string
    {
        $layer = array_column($before->layers, null, 'id')[$this->id ?? ''] ?? null;
        $mesh = array_column($before->meshes, null, 'id')[$this->id ?? ''] ?? null;

        return match ($this->what) {
            'add layer' => 'a layer added',
            'remove layer' => sprintf('the %s of %s taken away', $layer?->technique->noun()[1], $layer?->meshName()),
            'move layer' => sprintf('the %s of %s made %s', $layer?->technique->noun()[1], $layer?->meshName(), $this->by < 0 ? 'earlier' : 'later'),
            'add mesh' => 'a mesh added',
            'add ties' => 'another layout of ties',
            'remove ties' => 'a layout of ties taken away',
            default => sprintf('%s taken away', $mesh?->name()),
        };
    }

    /**
     * @param  list<mixed>  $layers
     * @return list<mixed>
     */
    private function withLayer(Plan $plan, array $layers): array
    {
        if (count($layers) >= self::MOST_LAYERS) {
            throw Fault::at('/layers', sprintf('A plan holds up to %d layers. Take one away first.', self::MOST_LAYERS));
        }
        $unused = array_filter($plan->meshes, fn (Wound $mesh): bool => $plan->layersOf($mesh) === []);
        $mesh = (array_values($unused)[0] ?? $plan->meshes[0])->id;

        return [...$layers, ['id' => self::freeId('l', array_column($plan->layers, 'id')), 'mesh' => $mesh]];
    }

    /**
     * @param  list<mixed>  $meshes
     * @return list<mixed>
     */
    private function withMesh(Plan $plan, array $meshes): array
    {
        if (count($meshes) >= self::MOST_MESHES) {
            throw Fault::at('/meshes', sprintf('A plan holds up to %d meshes. Take one away first.', self::MOST_MESHES));
        }
        $hatches = array_keys(Wound::HATCHES);

        return [...$meshes, [
            'id' => self::freeId('m', array_column($plan->meshes, 'id')),
            'name' => 'Mesh '.(count($meshes) + 1),
            'colour' => ['#c9a66b', '#8c5a6e', '#4f7c94', '#b9703f', '#6f6a94', '#a3a05a'][count($meshes) % 6],
            'hatch' => $hatches[count($meshes) % count($hatches)],
        ]];
    }

    /**
     * @param  list<mixed>  $ties
     * @return list<mixed>
     */
    private function withTies(Plan $plan, array $ties): array
    {
        if (count($ties) >= self::MOST_LAYOUTS) {
            throw Fault::at('/ties', sprintf('A form holds up to %d layouts of ties here. Take one away first.', self::MOST_LAYOUTS));
        }

        return [...$ties, ['id' => self::freeId('t', array_column($plan->ties->groups, 'id')), 'layout' => 'n-a-section', 'stem' => 'half']];
    }

    /**
     * @param  list<mixed>  $ties
     * @return list<mixed>
     */
    private function withoutTies(array $ties, Plan $plan): array
    {
        $this->find($plan->ties->groups);
        if (in_array($this->id, array_map(fn (Part $layer): string => $layer->on->group->id, $plan->layers), true)) {
            throw Fault::at('/ties', 'A layer stands on these ties. Put it on others first, or take it away.');
        }
        if (count($ties) === 1) {
            throw Fault::at('/ties', 'A plan needs at least one layout of ties.');
        }

        return array_values(array_filter($ties, fn (mixed $item): bool => ! is_array($item) || $item['id'] !== $this->id));
    }

    /**
     * @param  array<mixed>  $layers
     * @return list<mixed>
     */
    private function without(array $layers, Plan $plan): array
    {
        $this->find($plan->layers);

        return array_values(array_filter($layers, fn (mixed $layer): bool => ! is_array($layer) || $layer['id'] !== $this->id));
    }

    /**
     * @param  list<mixed>  $layers
     * @return list<mixed>
     */
    private function moved(array $layers, Plan $plan): array
    {
        $from = $this->find($plan->layers);
        $to = $from + $this->by;
        if (isset($layers[$to])) {
            [$layers[$from], $layers[$to]] = [$layers[$to], $layers[$from]];
        }

        return array_values($layers);
    }

    /**
     * @param  array<mixed>  $meshes
     * @return list<mixed>
     */
    private function withoutMesh(array $meshes, Plan $plan): array
    {
        $mesh = $plan->meshes[$this->find($plan->meshes)];
        if ($plan->layersOf($mesh) !== []) {
            throw Fault::at('/meshes', sprintf('%s is used by a layer. Give that layer another mesh first.', $mesh->name()));
        }
        if (count($meshes) === 1) {
            throw Fault::at('/meshes', 'A plan needs at least one mesh. Add another before you take this one away.');
        }

        return array_values(array_filter($meshes, fn (mixed $item): bool => ! is_array($item) || $item['id'] !== $this->id));
    }

    /** @param  list<Part>|list<Wound>|list<TieGroup>  $items */
    private function find(array $items): int
    {
        $at = array_search($this->id, array_column($items, 'id'), true);

        return is_int($at) ? $at : throw Fault::noBlank((string) $this->id);
    }

    /** @param  list<string>  $taken */
    private static function freeId(string $letter, array $taken): string
    {
        $number = 1;
        while (in_array($letter.$number, $taken, true)) {
            $number++;
        }

        return $letter.$number;
    }
}
