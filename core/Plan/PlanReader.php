<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\RunsFromEndToEnd;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Wound;
use Davrin\Core\Material\WoundSet;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;

/** Makes a plan of a plan document whose outline the schema has checked. */
final readonly class PlanReader
{
    /** Remedies try the plan with other rolls in between. */
    private const MESH_SETS = 8;

    /** @var LastBuilt<Form> */
    private LastBuilt $lastForm;

    /** @var LastBuilt<Ties> */
    private LastBuilt $lastTies;

    /** @var LastBuilt<WoundSet> */
    private LastBuilt $lastMeshes;

    public PartReader $layers;

    public function __construct(private Craft $craft)
    {
        $this->layers = new PartReader($craft);
        $this->lastForm = new LastBuilt;
        $this->lastTies = new LastBuilt;
        $this->lastMeshes = new LastBuilt(self::MESH_SETS);
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
        $settings = new Settings(Slip::load(Settings::blanks(), Written::part($document, 'settings'), '/settings'));
        $units = $settings->units();
        [$formKind, $formSlip] = $this->form(Written::part($document, 'form'), in_array('form', $carrying, true));
        try {
            $form = Written::below('/form', fn () => $this->build($formKind, $formSlip, $settings));
        } catch (Fault $fault) {
            // Measures of another kind of form that make none of this kind give way to its usual ones.
            $formSlip = in_array('form', $carrying, true)
                ? Slip::carry($this->formBlanks($formKind), array_intersect_key(Written::part($document, 'form'), ['kind' => 1, 'price' => 1, 'direction' => 1]))
                : throw $fault;
            $form = $this->build($formKind, $formSlip, $settings);
        }
        $written = Written::list($document, 'ties') ?: [[]];
        $ties = $this->lastTies->orBuilt(self::key($formSlip, $settings, [$written, $carrying]), fn (): Ties => $this->ties($written, $formKind, $form, $units, $carrying));
        $list = Written::list($document, 'meshes');
        $meshes = $this->lastMeshes->orBuilt(serialize($list), fn (): WoundSet => new WoundSet($this->meshes($list)));

        return new Plan(
            $heading,
            $formKind,
            $formSlip,
            $form,
            $ties,
            array_values($meshes->all),
            $this->layers->read(Written::list($document, 'layers'), $meshes, $ties, $form, $units, $carrying),
            new Good(Slip::load(Good::ofStems(), Written::part($document, 'stems'), '/stems')),
            new Good(Slip::load(Good::ofZipTies(), Written::part($document, 'zipTies'), '/zipTies')),
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
        $kind = $this->craft->forms[Written::chosen($this->kindChoice(), $written, '/form')];

        return [$kind, Written::slip($this->formBlanks($kind), $written, '/form', $carry)];
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
            $id = Written::id($written, 't'.($index + 1));
            if (in_array($id, $ids, true)) {
                throw Fault::at("/ties/$index/id", "The id \"$id\" stands twice. Give each layout its own.");
            }
            $ids[] = $id;
            $carry = in_array("ties.$id", $carrying, true);
            $choice = $this->layoutChoice($kind, $form);
            $layout = $this->craft->layouts[$carry ? Slip::carry([$choice], array_intersect_key($written, ['layout' => 1]))->text('layout') : Written::chosen($choice, $written, "/ties/$index")];
            $ties = Written::below("/ties/$index", fn () => $this->tie($ties, $id, $layout, $written, $kind, $form, $units, $carry));
        }

        return $ties;
    }

    /** @param  array<array-key, mixed>  $written */
    private function tie(Ties $ties, string $id, TieLayout $layout, array $written, FormKind $kind, Form $form, Units $units, bool $carry): Ties
    {
        $blanks = $this->tiesBlanks($layout, $kind, $form);
        $slip = Written::slip($blanks, $written, '', $carry);
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
     * @return non-empty-array<string, Wound>
     */
    private function meshes(array $list): array
    {
        $meshes = [];
        foreach ($list as $index => $written) {
            $id = Written::id($written, 'm'.($index + 1));
            $slip = Written::slip(Wound::blanks(), $written, "/meshes/$index", false);
            $mesh = new Wound($id, $slip);
            if (! $mesh->safe()->isPositive()) {
                throw Fault::at("/meshes/$index/trim", 'The trim and the allowance leave nothing of the roll. Write less of both, or a longer roll.');
            }
            $meshes[$id] = isset($meshes[$id]) ? throw Fault::at("/meshes/$index/id", "The id \"$id\" stands twice. Give each mesh its own.") : $mesh;
        }

        return $meshes === [] ? throw Fault::at('/meshes', 'A plan needs at least one mesh.') : $meshes;
    }
}
