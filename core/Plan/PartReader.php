<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\Deal;
use Davrin\Core\Colour\Dealing;
use Davrin\Core\Colour\DealsByCount;
use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Mix;
use Davrin\Core\Material\MixBlank;
use Davrin\Core\Material\Wound;
use Davrin\Core\Material\WoundSet;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Ties\PlaceBlank;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TiePick;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;
use WeakMap;

/** Makes the layers of a plan of what is written of them: each on its ties, in its technique, its meshes dealt out. */
final readonly class PartReader
{
    /** So many layers on the same ties, of the same meshes, are remembered: most edits change one of them. */
    private const KNOWN = 48;

    /** So many pieces are planned for one piece of work. */
    public const MOST_PIECES = 6_000;

    /** What looking for the best orders of colours may take, shared by the layers that ask for one. */
    private const COLOUR_STEPS = 24_000_000;

    /** @var WeakMap<WoundSet, WeakMap<Ties, LastBuilt<Part>>> */
    private WeakMap $known;

    public function __construct(private Craft $craft)
    {
        $this->known = new WeakMap;
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @param  list<string>  $carrying
     * @return list<Part>
     */
    public function read(array $list, WoundSet $meshes, Ties $ties, Form $form, Units $units, array $carrying): array
    {
        [$layers, $taken] = [[], []];
        $known = $this->known($meshes, $ties);
        $steps = intdiv(self::COLOUR_STEPS, max(1, count(array_filter($list, fn (array $written): bool => ($this->craft->dealings[is_string($written['order'] ?? null) ? $written['order'] : ''] ?? null) instanceof DealsByCount))));
        foreach ($list as $index => $written) {
            $id = Written::id($written, 'l'.($index + 1));
            if (isset($layers[$id])) {
                throw Fault::at("/layers/$index/id", "The id \"$id\" stands twice. Give each layer its own.");
            }
            $carry = in_array("layers.$id", $carrying, true);
            $layers[$id] = $known->orBuilt(
                serialize([$id, $written, $taken, $units, $carry, $steps]),
                fn (): Part => $this->layer($id, $written, "/layers/$index", $meshes->all, $ties, $form, $taken, $units, $carry, $steps),
            );
            array_push($taken, ...array_merge(...array_map(fn (Element $element): array => $element->ties, $layers[$id]->work->elements)));
        }

        $pieces = array_sum(array_map(fn (Part $layer): int => $layer->work->pieces(), $layers));
        if ($pieces > self::MOST_PIECES) {
            throw Fault::at('/layers', sprintf('That makes %s pieces together. Davrin plans up to %s in one plan: take fewer ties, or fewer lines.', number_format($pieces), number_format(self::MOST_PIECES)));
        }

        return array_values($layers);
    }

    /** @return LastBuilt<Part> */
    private function known(WoundSet $meshes, Ties $ties): LastBuilt
    {
        /** @var WeakMap<Ties, LastBuilt<Part>> $byTies */
        $byTies = $this->known[$meshes] ?? new WeakMap;
        /** @var LastBuilt<Part> $known */
        $known = $byTies[$ties] ?? new LastBuilt(self::KNOWN);
        $byTies[$ties] = $known;
        $this->known[$meshes] = $byTies;

        return $known;
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @param  non-empty-array<string, Wound>  $meshes
     * @param  list<int>  $taken
     * @param  int  $steps  that looking for the best order of its colours may take
     */
    private function layer(string $id, array $written, string $pointer, array $meshes, Ties $ties, Form $form, array $taken, Units $units, bool $carry, int $steps): Part
    {
        $chosen = $this->craft->techniques[Written::chosen($this->techniqueChoice(), $written, $pointer)];
        $groups = array_column($ties->groups, null, 'id');
        $choice = $this->groupChoice($ties);
        $of = array_intersect_key($written, ['ties' => 1]);
        $group = $groups[($carry ? Slip::carry([$choice], $of) : Slip::load([$choice], $of, $pointer))->text('ties')];
        $dealing = $this->dealing($chosen, $written, $pointer, $carry);
        $slip = Written::slip($this->blanks($chosen, $dealing, $meshes, $ties, $group, self::tiesOn($written, $group)), $written, $pointer, $carry);
        $rows = Written::below("$pointer/on", fn () => $slip->object('on', TiePick::class)->rows($group));

        return Written::below($pointer, fn () => Part::of($chosen, self::footing($id, $slip, $chosen, $dealing, $meshes, $group, $rows, $form, $taken, $units, $steps)));
    }

    /**
     * @param  non-empty-array<string, Wound>  $meshes
     * @param  non-empty-list<TieRow>  $rows
     * @param  list<int>  $taken
     */
    private static function footing(string $id, Slip $slip, PartKind $technique, Dealing $dealing, array $meshes, TieGroup $group, array $rows, Form $form, array $taken, Units $units, int $steps): PartContext
    {
        [$use, $mix] = [$technique->meshes(), $slip->object('mesh', Mix::class)];
        $pieces = $use->counted || ! $use->dealt ? $mix->count() : $use->usual;
        $deal = new Deal($rows, $group, $form, $mix, max(1, $pieces), $use->dealt ? $slip->numbered(PaintBlank::KEY) : [], array_map(fn (Wound $mesh): string => $mesh->name(), $meshes), $steps);
        $dealt = array_map(fn (array $ids): array => array_map(fn (string $mesh): Wound => $meshes[$mesh], $ids), $dealing->deal($deal));

        return new PartContext($id, $slip, $dealt[$rows[0]->ties[0]->number], $group, $rows, $form, $taken, $units, $dealt, $dealing, $deal);
    }

    /**
     * How many ties a layer stands on; all of its layout where that is not readable, which is said at its blank.
     *
     * @param  array<array-key, mixed>  $written
     */
    private static function tiesOn(array $written, TieGroup $group): int
    {
        try {
            $rows = TiePick::read(is_string($written['on'] ?? null) ? $written['on'] : '')?->rows($group) ?? $group->rows;
        } catch (Fault) {
            $rows = $group->rows;
        }

        return array_sum(array_map(fn (TieRow $row): int => count($row->ties), $rows));
    }

    /**
     * @param  non-empty-array<string, Wound>  $meshes
     * @param  int  $on  how many of the ties it stands on
     * @return list<Blank<covariant mixed>>
     */
    public function blanks(PartKind $technique, Dealing $dealing, array $meshes, Ties $ties, TieGroup $group, int $on): array
    {
        $names = array_map(fn (Wound $mesh): string => $mesh->name(), $meshes);

        return [
            $this->techniqueChoice(),
            new MixBlank('mesh', 'the mesh', $names, $dealing->meshes($technique->meshes(), $on)),
            ...($technique->meshes()->dealt ? [$this->dealingChoice($technique), new PaintBlank($group, $names)] : []),
            $this->groupChoice($ties),
            PlaceBlank::on($group),
            ...$technique->blanks(),
        ];
    }

    /** @param  array<array-key, mixed>  $written */
    private function dealing(PartKind $technique, array $written, string $pointer, bool $carry): Dealing
    {
        if (! $technique->meshes()->dealt) {
            return $this->craft->dealings['alike'];
        }
        $choice = $this->dealingChoice($technique);
        $order = array_intersect_key($written, ['order' => 1]);

        return $this->craft->dealings[($carry ? Slip::carry([$choice], $order) : Slip::load([$choice], $order, $pointer))->text('order')];
    }

    private function dealingChoice(PartKind $technique): ChoiceBlank
    {
        $suiting = array_filter($this->craft->dealings, fn (Dealing $dealing): bool => $dealing->suits($technique->meshes()));

        return new ChoiceBlank('order', 'how the colours are dealt', 'alike', array_map(fn (Dealing $dealing): string => $dealing->name(), $suiting));
    }

    private function groupChoice(Ties $ties): ChoiceBlank
    {
        $groups = [];
        foreach ($ties->groups as $index => $group) {
            $numbers = array_map(fn (Tie $tie): int => $tie->number, $group->ties());
            $groups[$group->id] = sprintf('layout %d, ties %d to %d', $index + 1, min($numbers), max($numbers));
        }

        return ChoiceBlank::ofPlan('ties', 'the ties it stands on', $ties->groups[0]->id, $groups);
    }

    /** @return list<string> the keys of all techniques */
    public function techniques(): array
    {
        return array_keys($this->craft->techniques);
    }

    private function techniqueChoice(): ChoiceBlank
    {
        return new ChoiceBlank('technique', 'the technique', 'ruffle', array_map(fn (PartKind $technique): string => $technique->name(), $this->craft->techniques));
    }
}
