<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Craft;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Technique\Technique;
use Davrin\Core\Ties\StemKind;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\Ties;

/** Makes a plan of a plan document whose outline the schema has checked. */
final readonly class PlanReader
{
    public function __construct(private Craft $craft) {}

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
        $form = self::below('/form', fn () => $formKind->build($formSlip, $units));

        $written = self::list($document, 'ties')[0] ?? [];
        $tiesId = self::id($written, 't1');
        $layout = $this->layout($written);
        $tiesSlip = self::slip($this->tiesBlanks($layout, $form), $written, '/ties/0', in_array("ties.$tiesId", $carrying, true));
        $ties = self::below('/ties/0', fn () => Ties::on($form, $layout->rows($form, $tiesSlip, $units), StemKind::from($tiesSlip->text('stem'))));

        $meshes = $this->meshes(self::list($document, 'meshes'));

        return new Plan(
            $heading,
            $formKind,
            $formSlip,
            $form,
            $tiesId,
            $layout,
            $tiesSlip,
            $ties,
            array_values($meshes),
            $this->layers(self::list($document, 'layers'), $meshes, $ties, $units, $carrying),
            new Stems(Slip::load(Stems::blanks(), self::part($document, 'stems'), '/stems')),
            $settings,
        );
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
        return [$this->kindChoice(), ...$kind->blanks(), new MoneyBlank('price', 'the price of the form', Money::cents(175), Money::cents(99_999))];
    }

    private function kindChoice(): ChoiceBlank
    {
        return new ChoiceBlank('kind', 'the kind of form', 'ring', array_map(fn (FormKind $kind): string => $kind->name(), $this->craft->forms));
    }

    /** @param  array<array-key, mixed>  $written */
    private function layout(array $written): TieLayout
    {
        return $this->craft->layouts[self::chosen($this->layoutChoice(), $written, '/ties/0')];
    }

    private function layoutChoice(): ChoiceBlank
    {
        return new ChoiceBlank('layout', 'the layout of the ties', 'inner-mid-two-outer', array_map(fn (TieLayout $layout): string => $layout->name(), $this->craft->layouts));
    }

    /** @return list<Blank<covariant mixed>> */
    public function tiesBlanks(TieLayout $layout, Form $form): array
    {
        $stems = [];
        foreach (StemKind::cases() as $kind) {
            $stems[$kind->value] = $kind->words();
        }

        return [$this->layoutChoice(), ...$layout->blanks($form), new ChoiceBlank('stem', 'the stem of a tie', StemKind::Whole->value, $stems)];
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
    private function layers(array $list, array $meshes, Ties $ties, Units $units, array $carrying): array
    {
        $layers = [];
        foreach ($list as $index => $written) {
            $id = self::id($written, 'l'.($index + 1));
            $pointer = "/layers/$index";
            $chosen = $this->craft->techniques[self::chosen($this->techniqueChoice(), $written, $pointer)];
            $slip = self::slip($this->layerBlanks($chosen, $meshes, $ties), $written, $pointer, in_array("layers.$id", $carrying, true));
            if (isset($layers[$id])) {
                throw Fault::at("$pointer/id", "The id \"$id\" stands twice. Give each layer its own.");
            }
            $layers[$id] = self::below($pointer, fn () => Layer::of($id, $chosen, $meshes[$slip->text('mesh')], $slip, $ties, $units));
        }

        return array_values($layers);
    }

    /**
     * @param  non-empty-array<string, Mesh>  $meshes
     * @return list<Blank<covariant mixed>>
     */
    public function layerBlanks(Technique $technique, array $meshes, Ties $ties): array
    {
        return [
            $this->techniqueChoice(),
            ChoiceBlank::ofPlan('mesh', 'the mesh', array_key_first($meshes), array_map(fn (Mesh $mesh): string => $mesh->name(), $meshes)),
            ChoiceBlank::ofPlan('on', 'the place of the layer', Layer::EVERY_TIE, Layer::places($ties)),
            ...$technique->blanks(),
        ];
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
