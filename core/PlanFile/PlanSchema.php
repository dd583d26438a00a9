<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use Davrin\Core\Anchor\Surroundings;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\ColourOrder;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Material\CountedKind;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\Materials;
use Davrin\Core\Material\Wound;
use Davrin\Core\Material\WoundKind;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\Ties;

/** The JSON Schema (draft 2020-12) of a plan file, drawn from the blanks themselves so that the two cannot differ. */
final readonly class PlanSchema
{
    private const ID = ['description' => 'Names it within this file.', 'type' => 'string', 'pattern' => '^[a-z][a-z0-9-]{0,23}$'];

    public function __construct(private Craft $craft) {}

    /** @return array<string, mixed> */
    public function document(): array
    {
        $reader = new PlanReader($this->craft);
        $plan = $reader->read(['materials' => [[]], 'parts' => [[]]]);

        return [
            '$schema' => Schema::DRAFT,
            '$id' => 'urn:davrin:plan:'.Plan::VERSION,
            'title' => 'Davrin plan, version '.Plan::VERSION,
            'description' => 'One wreath design with the materials, prices, allowances and settings it is worked with. A key that is '
                .'left out takes its default.',
            '$defs' => ['length' => Schema::LENGTH_DEFINITION],
            ...self::object([
                'format' => ['const' => Plan::FORMAT],
                'version' => ['const' => Plan::VERSION],
                'name' => $plan->heading->blanks['name']->schema(),
                'form' => $this->kinds(
                    'kind',
                    array_map(fn (FormKind $kind): array => $reader->formBlanks($kind, Currency::UsDollar), $this->craft->forms),
                    'ring',
                    [],
                ),
                'ties' => [
                    'description' => 'Layouts of ties. Where nothing is said of them there is the one that is usual on the form; an '
                        .'empty list means none.',
                    'type' => 'array',
                    'maxItems' => 6,
                    'items' => $this->kinds(
                        'layout',
                        array_map(
                            fn (TieLayout $layout): array => $reader->tiesBlanks($layout, $plan->formKind, $plan->form),
                            $this->craft->layouts,
                        ),
                        null,
                        ['id' => self::ID],
                    ),
                ],
                'materials' => [
                    'description' => 'What it is made of: what is cut from rolls, and what is counted. Goods that are used and not '
                        .'listed are the usual ones.',
                    'type' => 'array',
                    'minItems' => 1,
                    'maxItems' => 40,
                    'items' => $this->kinds(
                        'kind',
                        array_map(
                            fn (MaterialKind $kind): array => $reader->materialBlanks($kind, Currency::UsDollar),
                            $this->craft->materials,
                        ),
                        (string) array_key_first($this->craft->materials),
                        ['id' => self::ID],
                    ),
                ],
                'parts' => [
                    'description' => 'In build order.',
                    'type' => 'array',
                    'maxItems' => 24,
                    'items' => $this->kinds(
                        'kind',
                        array_map(fn (PartKind $kind): array => $this->partBlanks($kind, $reader, $plan), $this->craft->parts),
                        (string) array_key_first($this->craft->parts),
                        ['id' => self::ID],
                    )],
                'finish' => self::object(self::blanks(array_values($plan->finish->slip->blanks)), []),
                'settings' => self::object(self::blanks(array_values($plan->settings->slip->blanks)), []),
                'learned' => [
                    'description' => 'What a log of made pieces has taught, instead of starting guesses. Where a plan is kept, what '
                        .'its house has learned stands in its place.',
                    'type' => 'array',
                    'maxItems' => LearnedFigures::MOST,
                    'items' => LearnedFigures::schema(),
                ],
            ], ['format', 'version', 'materials']),
        ];
    }

    /**
     * With all materials there could be, and another part before it.
     *
     * @return list<Blank<covariant mixed>>
     */
    private function partBlanks(PartKind $kind, PlanReader $reader, Plan $plan): array
    {
        $materials = new Materials($plan->materials->all);
        foreach ($kind->materials()->goods ?? $kind->materials()->wound ?? [] as $key) {
            $its = $this->craft->materials[$key];
            $slip = Slip::load($reader->materialBlanks($its, Currency::UsDollar), ['kind' => $key], '');
            $materials = match (true) {
                $its instanceof CountedKind => $materials->with(new Good($key, $its, $slip)),
                $its instanceof WoundKind => $materials->with(new Wound($key, $its, $slip)),
                default => $materials,
            };
        }
        $there = new Surroundings($plan->form, $plan->ties, $plan->units(), ['l1' => []], ['l1' => $plan->parts[0]->kind->noun()[1]]);

        return $reader->parts->blanks(
            $kind,
            $kind->materials()->isNone() ? null : $this->widest($kind),
            $materials,
            $there,
            $plan->ties->groups[0],
            Ties::MOST,
        );
    }

    /** The order of colours that takes the most materials: the others take some of what it takes. */
    private function widest(PartKind $kind): ColourOrder
    {
        $dealings = array_values($this->craft->colourOrders);
        $most = fn (ColourOrder $order): int => $order->materials($kind->materials(), Ties::MOST)->most;
        $widest = $dealings[0];
        foreach ($kind->materials()->variesByTie ? $dealings : [] as $order) {
            $widest = $order->suits($kind->materials()) && $most($order) > $most($widest) ? $order : $widest;
        }

        return $widest;
    }

    /** As it is published: indented, with a newline at its end. */
    public function text(): string
    {
        return json_encode(
            $this->document(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n";
    }

    /**
     * An object whose further keys depend on the kind that one of its keys names.
     *
     * @param  array<string, list<Blank<covariant mixed>>>  $kinds
     * @param  ?string  $default  the kind where none is named; null where that depends on the rest, and then no further keys can stand
     * @param  array<string, mixed>  $always
     * @return array<string, mixed>
     */
    private function kinds(string $key, array $kinds, ?string $default, array $always): array
    {
        $rules = $default === null ? [['if' => ['not' => ['required' => [$key]]], 'then' => self::object($always, [])]] : [];
        foreach ($kinds as $kind => $blanks) {
            $rules[] = [
                'if' => ['properties' => [$key => ['const' => $kind]], ...($kind === $default ? [] : ['required' => [$key]])],
                'then' => self::object([...$always, ...self::blanks($blanks)], []),
            ];
        }

        return [
            'type' => 'object',
            'properties' => [$key => ['enum' => array_keys($kinds), ...($default === null ? [] : ['default' => $default])]],
            'allOf' => $rules,
        ];
    }

    /**
     * @param  list<Blank<covariant mixed>>  $blanks
     * @return array<string, array<string, mixed>>
     */
    private static function blanks(array $blanks): array
    {
        $schemas = [];
        foreach ($blanks as $blank) {
            $schemas[$blank->key()] = $blank->schema();
        }

        return $schemas;
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required): array
    {
        return [
            'type' => 'object',
            ...($required === [] ? [] : ['required' => $required]),
            'properties' => $properties,
            'additionalProperties' => false,
        ];
    }
}
