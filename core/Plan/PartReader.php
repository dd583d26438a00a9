<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Anchor\Anchor;
use Davrin\Core\Anchor\SeesWhatIsThere;
use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\ColourOrder;
use Davrin\Core\Colour\ColourTask;
use Davrin\Core\Colour\OrdersByCount;
use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Form;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Materials;
use Davrin\Core\Material\Mix;
use Davrin\Core\Material\MixBlank;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\DiffersByTie;
use Davrin\Core\Part\OtherwiseBlank;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use WeakMap;

/** Makes the parts of a plan of what is written of them: each where it stands, of its kind, its materials dealt out. */
final readonly class PartReader
{
    /** How many parts on the same ties and of the same materials are remembered: most edits change only one. */
    private const KNOWN = 48;

    /** Limit on the pieces of one plan. */
    public const MOST_PIECES = 6_000;

    /** Effort for the orders of colours of all parts together. */
    private const COLOUR_STEPS = 24_000_000;

    /** @var WeakMap<Materials, WeakMap<Ties, LastBuilt<Part>>> */
    private WeakMap $known;

    /** @var WeakMap<Part, PartPresence> */
    private WeakMap $presences;

    public function __construct(private Craft $craft)
    {
        $this->known = new WeakMap;
        $this->presences = new WeakMap;
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @param  list<string>  $carrying
     * @return list<Part>
     */
    public function read(array $list, Materials $materials, Ties $ties, Form $form, Units $units, array $carrying): array
    {
        [$parts, $taken] = [[], []];
        $known = $this->known($materials, $ties);
        $steps = intdiv(self::COLOUR_STEPS, max(1, count(array_filter($list, $this->ordersByCount(...)))));
        foreach ($list as $index => $written) {
            $id = Written::id($written, 'l'.($index + 1));
            if (isset($parts[$id])) {
                throw Fault::at("/parts/$index/id", "The id \"$id\" stands twice. Give each part its own.");
            }
            $carry = in_array("parts.$id", $carrying, true);
            $before = array_map($this->presence(...), $parts);
            $there = new Surroundings(
                $form,
                $ties,
                $units,
                array_map(fn (PartPresence $its): array => $its->places, $before),
                array_map(fn (PartPresence $its): string => $its->name, $before),
                $taken,
                array_merge(...array_map(fn (PartPresence $its): array => $its->room, array_values($before))),
                array_filter(array_map(fn (PartPresence $its): ?array => $its->offers, $before), is_array(...)),
            );
            $parts[$id] = $known->orBuilt(
                serialize(
                    [
                        $id,
                        $written,
                        $taken,
                        $this->seesWhatIsThere($written) ? array_map(fn (PartPresence $its): string => $its->digest, $before) : null,
                        $units,
                        $carry,
                        $steps,
                    ],
                ),
                fn (): Part => Written::below(
                    "/parts/$index",
                    fn (): Part => $this->part($id, $written, $materials, $there, $carry, $steps),
                ),
            );
            array_push($taken, ...array_merge(...array_map(fn (Element $element): array => $element->ties, $parts[$id]->demand->elements)));
        }

        $pieces = array_sum(array_map(fn (Part $part): int => $part->demand->pieces(), $parts));
        if ($pieces > self::MOST_PIECES) {
            throw Fault::at(
                '/parts',
                sprintf(
                    'That makes %s pieces together. Davrin plans up to %s in one plan: take fewer ties, or fewer lines.',
                    number_format($pieces),
                    number_format(self::MOST_PIECES),
                ),
            );
        }

        return array_values($parts);
    }

    /**
     * Kinds of material that the plan lacks though a part is made of them: for each such part the first kind that will do.
     *
     * @param  list<array<array-key, mixed>>  $list
     * @return list<string> by key
     */
    public function goodsThatAreMissing(array $list, Materials $materials): array
    {
        $missing = [];
        foreach ($list as $written) {
            $use = ($this->craft->parts[is_string($written['kind'] ?? null) ? $written['kind'] : ''] ?? null)?->materials();
            // Where a part does not say which goods it takes they are the usual ones, whatever else would do.
            $isUnsaid = $use?->goods !== null && ! isset($written['material']);
            $usual = $use?->usualKind();
            $isThere = $isUnsaid ? $materials->ofKind((string) $usual) !== null : $use === null || $materials->names($use) !== [];
            $usual = $isThere ? null : $usual;
            $missing = [...$missing, ...($usual === null ? [] : [$usual])];
        }

        return array_values(array_unique($missing));
    }

    /**
     * The blanks of a part, by its kind.
     *
     * @param  array<array-key, mixed>  $written
     * @return list<Blank<covariant mixed>>
     */
    public function blanks(
        PartKind $kind,
        ?ColourOrder $order,
        Materials $materials,
        Surroundings $there,
        ?TieGroup $group,
        int $ties,
        array $written = [],
        bool $carry = false,
    ): array {
        $names = $materials->names($kind->materials());

        return [
            $this->kindChoice(),
            ...(
                $names === []
                    ? []
                    : [
                        new MixBlank(
                            'material',
                            'the '.$kind->materials()->noun,
                            $names,
                            $order === null ? $kind->materials() : $order->materials($kind->materials(), $ties),
                        ),
                    ]
            ),
            ...(
                $order === null || $group === null || $names === [] || ! $kind->materials()->variesByTie
                    ? []
                    : [$this->colourOrderChoice($kind), new PaintBlank($group, $names)]
            ),
            ...$kind->anchor()->blanks($there, $written, $carry),
            ...($kind instanceof DiffersByTie && $group !== null ? [new OtherwiseBlank($group)] : []),
            ...$kind->blanks(),
        ];
    }

    /** @return list<string> the keys of all kinds */
    public function kinds(): array
    {
        return array_keys($this->craft->parts);
    }

    /** @return LastBuilt<Part> */
    private function known(Materials $materials, Ties $ties): LastBuilt
    {
        /** @var WeakMap<Ties, LastBuilt<Part>> $byTies */
        $byTies = $this->known[$materials] ?? new WeakMap;
        /** @var LastBuilt<Part> $known */
        $known = $byTies[$ties] ?? new LastBuilt(self::KNOWN);
        $byTies[$ties] = $known;
        $this->known[$materials] = $byTies;

        return $known;
    }

    /** @param  array<array-key, mixed>  $written */
    private function ordersByCount(array $written): bool
    {
        return ($this->craft->colourOrders[is_string($written['order'] ?? null) ? $written['order'] : ''] ?? null) instanceof OrdersByCount;
    }

    /**
     * Whether it stands on other parts or clear of them; only then does it depend on those before it.
     *
     * @param  array<array-key, mixed>  $written
     */
    private function seesWhatIsThere(array $written): bool
    {
        $kind = $this->craft->parts[is_string($written['kind'] ?? null) ? $written['kind'] : ''] ?? null;

        return $kind?->anchor() instanceof SeesWhatIsThere;
    }

    /** What later parts see of a part. Trials share most parts, so it is found once for each. */
    private function presence(Part $part): PartPresence
    {
        return $this->presences[$part] ??= PartPresence::of($part);
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @param  int  $steps  that looking for the best order of its colours may take
     */
    private function part(string $id, array $written, Materials $materials, Surroundings $there, bool $carry, int $steps): Part
    {
        $kind = $this->craft->parts[Written::chosen($this->kindChoice(), $written, '')];
        $anchor = self::anchorWhere($kind, $written, $there, $carry);
        $order = $anchor->group === null || $kind->materials()->isNone() ? null : $this->dealing($kind, $written, $carry);
        $blanks = $this->blanks($kind, $order, $materials, $there, $anchor->group, count($anchor->ties()), $written, $carry);
        $slip = Written::slip($blanks, $written, '', $carry);

        return Part::of(
            $kind,
            self::context($id, $slip, $kind, $order, $materials, $kind->anchor()->anchor($slip, $there), $there, $steps),
        );
    }

    /**
     * The place it stands on. Where that cannot be read, the usual place is taken here; the fault is told at its blank.
     *
     * @param  array<array-key, mixed>  $written
     */
    private static function anchorWhere(PartKind $kind, array $written, Surroundings $there, bool $carry): Anchor
    {
        $blanks = $kind->anchor()->blanks($there, $written, $carry);
        $its = array_intersect_key($written, array_flip(array_map(fn (Blank $blank): string => $blank->key(), $blanks)));
        try {
            return $kind->anchor()->anchor($carry ? Slip::carry($blanks, $its) : Slip::load($blanks, $its, ''), $there);
        } catch (Refused) {
            return $kind->anchor()->anchor(Slip::load($blanks, [], ''), $there);
        }
    }

    private static function context(
        string $id,
        Slip $slip,
        PartKind $kind,
        ?ColourOrder $order,
        Materials $materials,
        Anchor $anchor,
        Surroundings $there,
        int $steps,
    ): PartContext {
        $use = $kind->materials();
        if ($use->isNone()) {
            return new PartContext($id, $slip, [], null, $anchor, $there);
        }
        $mix = $slip->object('material', Mix::class);
        if ($order === null || $anchor->rows === [] || $anchor->group === null) {
            return new PartContext(
                $id,
                $slip,
                array_map(fn (string $its): Material => $materials->all[$its], $mix->pieces()),
                $mix,
                $anchor,
                $there,
            );
        }
        $pieces = $use->counted || ! $use->variesByTie ? $mix->count() : $use->usual;
        $colourTask = new ColourTask(
            $anchor->rows,
            $anchor->group,
            $there->form,
            $mix,
            max(1, $pieces),
            $use->variesByTie ? $slip->numbered(PaintBlank::KEY) : [],
            $materials->names($use),
            $steps,
        );
        $dealt = array_map(
            fn (array $ids): array => array_map(fn (string $its): Material => $materials->all[$its], $ids),
            $order->deal($colourTask),
        );

        return new PartContext($id, $slip, $dealt[$anchor->ties()[0]->number], $mix, $anchor, $there, $dealt, $order, $colourTask);
    }

    /** @param  array<array-key, mixed>  $written */
    private function dealing(PartKind $kind, array $written, bool $carry): ColourOrder
    {
        if (! $kind->materials()->variesByTie) {
            return $this->craft->colourOrders[$this->usualColourOrder()];
        }
        $choice = $this->colourOrderChoice($kind);
        $order = array_intersect_key($written, ['order' => 1]);

        return $this->craft->colourOrders[($carry ? Slip::carry([$choice], $order) : Slip::load([$choice], $order, ''))->text('order')];
    }

    private function colourOrderChoice(PartKind $kind): ChoiceBlank
    {
        $suiting = array_filter($this->craft->colourOrders, fn (ColourOrder $order): bool => $order->suits($kind->materials()));

        return new ChoiceBlank(
            'order',
            'how the colours are dealt',
            $this->usualColourOrder(),
            array_map(fn (ColourOrder $order): string => $order->name(), $suiting),
        );
    }

    /** The one that is registered first. */
    public function usualColourOrder(): string
    {
        return (string) array_key_first($this->craft->colourOrders);
    }

    private function kindChoice(): ChoiceBlank
    {
        return new ChoiceBlank(
            'kind',
            'the technique',
            (string) array_key_first($this->craft->parts),
            array_map(fn (PartKind $kind): string => $kind->name(), $this->craft->parts),
        );
    }
}
