<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MixBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\PaintBlank;
use Davrin\Core\Blank\PlaceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Colour\Deal;
use Davrin\Core\Colour\Dealing;
use Davrin\Core\Craft;
use Davrin\Core\Demand\Element;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\RunsFromEndToEnd;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Technique\Technique;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\TiePick;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Ties\Ties;

/** Makes a plan of a plan document whose outline the schema has checked. */
final readonly class PlanReader
{
    /** @var LastBuilt<Form> */
    private LastBuilt $lastForm;

    /** @var LastBuilt<Ties> */
    private LastBuilt $lastTies;

    public function __construct(private Craft $craft)
    {
        $this->lastForm = new LastBuilt;
        $this->lastTies = new LastBuilt;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $carrying  addresses of the slips whose kind was just changed: there, what no longer fits
     *                                  takes its default instead of being refused
     *
     * @throws Fault
     */
    public function read(array $document, array $carrying = []): Plan
    {
        $heading = Slip::load([new TextBlank('name', 'the name of the plan', 'New wreath', 80)], array_intersect_key($document, ['name' => 1]), '');
        $settings = new Settings(Slip::load(Settings::blanks(), self::part($document, 'settings'), '/settings'));
        $units = $settings->units();
        [$formKind, $formSlip] = $this->form(self::part($document, 'form'), in_array('form', $carrying, true));
        try {
            $form = self::below('/form', fn () => $this->build($formKind, $formSlip, $settings));
        } catch (Fault $fault) {
            // Measures of another kind of form that make none of this kind give way to its usual ones.
            $formSlip = in_array('form', $carrying, true)
                ? Slip::carry($this->formBlanks($formKind), array_intersect_key(self::part($document, 'form'), ['kind' => 1, 'price' => 1, 'direction' => 1]))
                : throw $fault;
            $form = $this->build($formKind, $formSlip, $settings);
        }
        $written = self::list($document, 'ties') ?: [[]];
        $ties = $this->lastTies->orBuilt(self::key($formSlip, $settings, [$written, $carrying]), fn (): Ties => $this->ties($written, $formKind, $form, $units, $carrying));
        $meshes = $this->meshes(self::list($document, 'meshes'));

        return new Plan(
            $heading,
            $formKind,
            $formSlip,
            $form,
            $ties,
            array_values($meshes),
            $this->layers(self::list($document, 'layers'), $meshes, $ties, $form, $units, $carrying),
            new Packs(Slip::load(Packs::ofStems(), self::part($document, 'stems'), '/stems')),
            new Packs(Slip::load(Packs::ofZipTies(), self::part($document, 'zipTies'), '/zipTies')),
            $settings,
        );
    }

    private function build(FormKind $kind, Slip $slip, Settings $settings): Form
    {
        return $this->lastForm->orBuilt(self::key($slip, $settings), fn (): Form => $this->built($kind, $slip, $settings));
    }

    /** @param  array<array-key, mixed>  $more  what is built on the form */
    private static function key(Slip $form, Settings $settings, array $more = []): string
    {
        return json_encode([$form->write(), $settings->units(), $settings->wiresFromInside(), $more], JSON_THROW_ON_ERROR);
    }

    private function built(FormKind $kind, Slip $slip, Settings $settings): Form
    {
        $count = new Count($slip->text('direction') === 'clockwise', $slip->count('startAt'), $settings->wiresFromInside());
        $form = $kind->build($slip, $count, $settings->units());
        $form->mustHaveRoom();
        if ($slip->count('startAt') > $form->starts()) {
            throw Fault::at('/startAt', sprintf('The count can begin at 1 to %d here: 1 is where the form begins, 2 the next crossbar clockwise.', $form->starts()));
        }

        return $form;
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @return array{FormKind, Slip}
     */
    private function form(array $written, bool $carry): array
    {
        $kind = $this->craft->forms[self::chosen($this->kindChoice(), $written, '/form')];

        return [$kind, self::slip($this->formBlanks($kind), $written, '/form', $carry)];
    }

    /** @return list<Blank<covariant mixed>> */
    public function formBlanks(FormKind $kind): array
    {
        $ways = $kind instanceof RunsFromEndToEnd ? $kind->ways() : ['clockwise', 'anticlockwise'];

        return [
            $this->kindChoice(),
            ...$kind->blanks(),
            new MoneyBlank('price', 'the price of the form', Money::cents(175), Money::cents(99_999)),
            new ChoiceBlank('direction', 'the way round that ties are counted', 'clockwise', ['clockwise' => $ways[0], 'anticlockwise' => $ways[1]]),
            new CountBlank('startAt', 'where the count begins', 1, 1, 40),
        ];
    }

    private function kindChoice(): ChoiceBlank
    {
        return new ChoiceBlank('kind', 'the kind of form', 'ring', array_map(fn (FormKind $kind): string => $kind->name(), $this->craft->forms));
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @param  list<string>  $carrying
     */
    private function ties(array $list, FormKind $kind, Form $form, Units $units, array $carrying): Ties
    {
        $ties = Ties::none();
        $ids = [];
        foreach ($list as $index => $written) {
            $id = self::id($written, 't'.($index + 1));
            if (in_array($id, $ids, true)) {
                throw Fault::at("/ties/$index/id", "The id \"$id\" stands twice. Give each layout its own.");
            }
            $ids[] = $id;
            $carry = in_array("ties.$id", $carrying, true);
            $choice = $this->layoutChoice($kind, $form);
            $layout = $this->craft->layouts[$carry ? Slip::carry([$choice], array_intersect_key($written, ['layout' => 1]))->text('layout') : self::chosen($choice, $written, "/ties/$index")];
            $ties = self::below("/ties/$index", fn () => $this->tie($ties, $id, $layout, $written, $kind, $form, $units, $carry));
        }

        return $ties;
    }

    /** @param  array<array-key, mixed>  $written */
    private function tie(Ties $ties, string $id, TieLayout $layout, array $written, FormKind $kind, Form $form, Units $units, bool $carry): Ties
    {
        $blanks = $this->tiesBlanks($layout, $kind, $form);
        $slip = self::slip($blanks, $written, '', $carry);
        try {
            $rows = $layout->rows($form, $slip, $units);
        } catch (Fault $fault) {
            // What a changed form has no room for takes its default; where that has none either, the fault stands.
            $key = ltrim($fault->pointer, '/');
            $slip = $carry && $slip->has($key) ? $slip->withDefault($key) : throw $fault;
            $rows = $layout->rows($form, $slip, $units);
        }

        return $ties->with($form, $id, $layout, $slip, $rows, StemKind::from($slip->text('stem')));
    }

    private function layoutChoice(FormKind $kind, Form $form): ChoiceBlank
    {
        $fitting = array_filter($this->craft->layouts, fn (TieLayout $layout): bool => $layout->fits($form));
        $usual = isset($fitting[$kind->usualLayout()]) ? $kind->usualLayout() : 'n-a-section';

        return ChoiceBlank::ofPlan('layout', 'the layout of the ties', $usual, array_map(fn (TieLayout $layout): string => $layout->name(), $fitting));
    }

    /** @return list<Blank<covariant mixed>> */
    public function tiesBlanks(TieLayout $layout, FormKind $kind, Form $form): array
    {
        $stems = [];
        foreach (StemKind::cases() as $stem) {
            $stems[$stem->value] = $stem->words();
        }

        return [$this->layoutChoice($kind, $form), ...$layout->blanks($form), new ChoiceBlank('stem', 'what a tie takes', $layout->usualStem()->value, $stems)];
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @return non-empty-array<string, Mesh>
     */
    private function meshes(array $list): array
    {
        $meshes = [];
        foreach ($list as $index => $written) {
            $id = self::id($written, 'm'.($index + 1));
            $slip = self::slip(Mesh::blanks(), $written, "/meshes/$index", false);
            $mesh = new Mesh($id, $slip);
            if (! $mesh->safe()->isPositive()) {
                throw Fault::at("/meshes/$index/trim", 'The trim and the allowance leave nothing of the roll. Write less of both, or a longer roll.');
            }
            $meshes[$id] = isset($meshes[$id]) ? throw Fault::at("/meshes/$index/id", "The id \"$id\" stands twice. Give each mesh its own.") : $mesh;
        }

        return $meshes === [] ? throw Fault::at('/meshes', 'A plan needs at least one mesh.') : $meshes;
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @param  non-empty-array<string, Mesh>  $meshes
     * @param  list<string>  $carrying
     * @return list<Layer>
     */
    private function layers(array $list, array $meshes, Ties $ties, Form $form, Units $units, array $carrying): array
    {
        [$layers, $taken] = [[], []];
        foreach ($list as $index => $written) {
            $id = self::id($written, 'l'.($index + 1));
            $pointer = "/layers/$index";
            $chosen = $this->craft->techniques[self::chosen($this->techniqueChoice(), $written, $pointer)];
            $carry = in_array("layers.$id", $carrying, true);
            $groups = array_column($ties->groups, null, 'id');
            $choice = $this->groupChoice($ties);
            $of = array_intersect_key($written, ['ties' => 1]);
            $group = $groups[($carry ? Slip::carry([$choice], $of) : Slip::load([$choice], $of, $pointer))->text('ties')];
            $dealing = $this->dealing($chosen, $written, $pointer, $carry);
            $slip = self::slip($this->layerBlanks($chosen, $dealing, $meshes, $ties, $group, self::tiesOn($written, $group)), $written, $pointer, $carry);
            if (isset($layers[$id])) {
                throw Fault::at("$pointer/id", "The id \"$id\" stands twice. Give each layer its own.");
            }
            $rows = self::below("$pointer/on", fn () => $slip->place('on')->rows($group));
            $layers[$id] = self::below($pointer, fn () => Layer::of($chosen, self::footing($id, $slip, $chosen, $dealing, $meshes, $group, $rows, $form, $taken, $units)));
            array_push($taken, ...array_merge(...array_map(fn (Element $element): array => $element->ties, $layers[$id]->work->elements)));
        }

        return array_values($layers);
    }

    /**
     * @param  non-empty-array<string, Mesh>  $meshes
     * @param  non-empty-list<TieRow>  $rows
     * @param  list<int>  $taken
     */
    private static function footing(string $id, Slip $slip, Technique $technique, Dealing $dealing, array $meshes, TieGroup $group, array $rows, Form $form, array $taken, Units $units): Footing
    {
        [$use, $mix] = [$technique->meshes(), $slip->mix('mesh')];
        $pieces = $use->counted || ! $use->dealt ? $mix->count() : $use->usual;
        $deal = new Deal($rows, $group, $form, $mix, max(1, $pieces), $use->dealt ? $slip->painted(PaintBlank::KEY) : [], array_map(fn (Mesh $mesh): string => $mesh->name(), $meshes));
        $dealt = array_map(fn (array $ids): array => array_map(fn (string $mesh): Mesh => $meshes[$mesh], $ids), $dealing->deal($deal));

        return new Footing($id, $slip, $dealt[$rows[0]->ties[0]->number], $group, $rows, $form, $taken, $units, $dealt, $dealing, $deal);
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
     * @param  non-empty-array<string, Mesh>  $meshes
     * @param  int  $on  how many of the ties it stands on
     * @return list<Blank<covariant mixed>>
     */
    public function layerBlanks(Technique $technique, Dealing $dealing, array $meshes, Ties $ties, TieGroup $group, int $on): array
    {
        $names = array_map(fn (Mesh $mesh): string => $mesh->name(), $meshes);

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
    private function dealing(Technique $technique, array $written, string $pointer, bool $carry): Dealing
    {
        if (! $technique->meshes()->dealt) {
            return $this->craft->dealings['alike'];
        }
        $choice = $this->dealingChoice($technique);
        $order = array_intersect_key($written, ['order' => 1]);

        return $this->craft->dealings[($carry ? Slip::carry([$choice], $order) : Slip::load([$choice], $order, $pointer))->text('order')];
    }

    private function dealingChoice(Technique $technique): ChoiceBlank
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
        return new ChoiceBlank('technique', 'the technique', 'ruffle', array_map(fn (Technique $technique): string => $technique->name(), $this->craft->techniques));
    }

    /**
     * @param  list<Blank<covariant mixed>>  $blanks
     * @param  array<array-key, mixed>  $written
     */
    private static function slip(array $blanks, array $written, string $pointer, bool $carry): Slip
    {
        unset($written['id']);

        return $carry ? Slip::carry($blanks, $written) : Slip::load($blanks, $written, $pointer);
    }

    /** @param  array<array-key, mixed>  $written */
    private static function chosen(ChoiceBlank $choice, array $written, string $pointer): string
    {
        return Slip::load([$choice], array_intersect_key($written, [$choice->key() => 1]), $pointer)->text($choice->key());
    }

    /** @param  array<array-key, mixed>  $written */
    private static function id(array $written, string $default): string
    {
        return is_string($written['id'] ?? null) ? $written['id'] : $default;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function part(array $document, string $key): array
    {
        return is_array($document[$key] ?? null) ? $document[$key] : [];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array<array-key, mixed>>
     */
    private static function list(array $document, string $key): array
    {
        return array_values(array_filter(self::part($document, $key), is_array(...)));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     */
    private static function below(string $pointer, callable $make): mixed
    {
        try {
            return $make();
        } catch (Fault $fault) {
            throw Fault::at($pointer.$fault->pointer, $fault->getMessage());
        }
    }
}
