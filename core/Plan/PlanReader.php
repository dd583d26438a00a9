<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Blank\TextBlank;
use Davrin\Core\Blank\WeightBlank;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\RunsFromEndToEnd;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Material\CountedKind;
use Davrin\Core\Material\Good;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\Materials;
use Davrin\Core\Material\Wound;
use Davrin\Core\Material\WoundKind;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Layout\NASection;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;
use LogicException;

/** Makes a plan of a plan document whose outline the schema has checked. */
final readonly class PlanReader
{
    /** Limit on the wound materials of one plan. */
    public const MOST_WOUND = 12;

    /** How many sets of materials are remembered, since remedies try other rolls in between. */
    private const MATERIALS = 8;

    /** @var LastBuilt<Form> */
    private LastBuilt $lastForm;

    /** @var LastBuilt<Ties> */
    private LastBuilt $lastTies;

    /** @var LastBuilt<LearnedFigures> */
    private LastBuilt $lastLearned;

    /** @var LastBuilt<Materials> */
    private LastBuilt $lastMaterials;

    public PartReader $parts;

    public function __construct(private Craft $craft)
    {
        $this->parts = new PartReader($craft);
        $this->lastForm = new LastBuilt;
        $this->lastTies = new LastBuilt;
        $this->lastLearned = new LastBuilt(self::MATERIALS);
        $this->lastMaterials = new LastBuilt(self::MATERIALS);
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
        $heading = Slip::load(
            [new TextBlank('name', 'the name of the plan', 'New wreath', 80)],
            array_intersect_key($document, ['name' => 1]),
            '',
        );
        $learned = $this->learned(Written::list($document, 'learned'));
        $settings = new Settings(Slip::load(Settings::blanks(), Written::part($document, 'settings'), '/settings'));
        $units = $settings->units();
        [$formKind, $formSlip] = $this->form(
            Written::part($document, 'form'),
            $settings->currency(),
            in_array('form', $carrying, true),
        );
        try {
            $form = Written::below('/form', fn () => $this->build($formKind, $formSlip, $settings));
        } catch (Fault $fault) {
            // Measures carried over from another kind of form that do not make a form of this kind are replaced by the usual
            // ones.
            $formSlip = in_array('form', $carrying, true)
                ? Slip::carry(
                    $this->formBlanks($formKind, $settings->currency()),
                    array_intersect_key(Written::part($document, 'form'), ['kind' => 1, 'price' => 1, 'direction' => 1]),
                )
                : throw $fault;
            $form = $this->build($formKind, $formSlip, $settings);
        }
        // Where nothing is said of ties they are the usual ones; an empty list says that there are none.
        $written = array_key_exists('ties', $document) ? Written::list($document, 'ties') : [[]];
        $ties = $this->lastTies->orBuilt(
            self::key($formSlip, $settings, [$written, $carrying]),
            fn (): Ties => $this->ties($written, $formKind, $form, $units, $carrying),
        );
        $list = Written::list($document, 'materials');
        $materials = $this->lastMaterials->orBuilt(
            serialize([$list, array_intersect($carrying, $this->addresses($list)), $settings->currency(), $document['learned'] ?? []]),
            fn (): Materials => new Materials($this->materials($list, $settings->currency(), $carrying, $learned)),
        );
        $written = Written::list($document, 'parts');
        $materials = $this->withGoods($materials, $settings->currency(), $this->parts->goodsThatAreMissing($written, $materials));
        $parts = Design::sized($this->parts->read($written, $materials, $ties, $form, $units, $carrying), $form, $learned);
        $finish = new Finish(
            Written::slip(Finish::blanks($form), Written::part($document, 'finish'), '/finish', in_array('finish', $carrying, true)),
            $form,
        );

        return new Plan(
            $heading,
            $formKind,
            $formSlip,
            $form,
            $ties,
            $this->withGoods($materials, $settings->currency(), PlanDemand::of($form, $ties, $parts, $finish)->kindsOfGoods()),
            $parts,
            $finish,
            $settings,
            $learned,
        );
    }

    /** @param  list<array<array-key, mixed>>  $written */
    private function learned(array $written): LearnedFigures
    {
        return $written === []
            ? LearnedFigures::none()
            : $this->lastLearned->orBuilt(serialize($written), fn (): LearnedFigures => LearnedFigures::read($written));
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
        $form->frame->mustHaveRoom();
        if ($slip->count('startAt') > $form->starts()) {
            throw Fault::at(
                '/startAt',
                sprintf('The count can begin at 1 to %d here: 1 is where the form begins, 2 the next crossbar clockwise.', $form->starts()),
            );
        }

        return $form;
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @return array{FormKind, Slip}
     */
    private function form(array $written, Currency $currency, bool $carry): array
    {
        $kind = $this->craft->forms[Written::chosen($this->kindChoice(), $written, '/form')];

        return [$kind, Written::slip($this->formBlanks($kind, $currency), $written, '/form', $carry)];
    }

    /** @return list<Blank<covariant mixed>> */
    public function formBlanks(FormKind $kind, Currency $currency): array
    {
        $ways = $kind instanceof RunsFromEndToEnd ? $kind->ways() : ['clockwise', 'anticlockwise'];

        return [
            $this->kindChoice(),
            ...$kind->blanks(),
            new MoneyBlank('price', 'the price of the form', Money::cents(175, $currency), Money::cents(999_999, $currency)),
            new WeightBlank('weighs', 'what the form weighs', 'not known'),
            new ChoiceBlank(
                'direction',
                'the way round that ties are counted',
                'clockwise',
                ['clockwise' => $ways[0], 'anticlockwise' => $ways[1]],
            ),
            new CountBlank('startAt', 'where the count begins', 1, 1, 40),
        ];
    }

    private function kindChoice(): ChoiceBlank
    {
        return new ChoiceBlank(
            'kind',
            'the kind of form',
            'ring',
            array_map(fn (FormKind $kind): string => $kind->name(), $this->craft->forms),
        );
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
            $chosen = $carry
                ? Slip::carry([$choice], array_intersect_key($written, ['layout' => 1]))->text('layout')
                : Written::chosen($choice, $written, "/ties/$index");
            $layout = $this->craft->layouts[$chosen];
            $ties = Written::below("/ties/$index", fn () => $this->tie($ties, $id, $layout, $written, $kind, $form, $units, $carry));
        }

        return $ties;
    }

    /** @param  array<array-key, mixed>  $written */
    private function tie(
        Ties $ties,
        string $id,
        TieLayout $layout,
        array $written,
        FormKind $kind,
        Form $form,
        Units $units,
        bool $carry,
    ): Ties {
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

        return $ties->with($form, $id, $layout, $slip, $rows, Fastening::from($slip->text('stem')), $slip->text('numbered') === 'together');
    }

    private function layoutChoice(FormKind $kind, Form $form): ChoiceBlank
    {
        $fitting = array_filter($this->craft->layouts, fn (TieLayout $layout): bool => $layout->fits($form));
        $usual = isset($fitting[$kind->usualLayout()]) ? $kind->usualLayout() : NASection::KEY;

        return ChoiceBlank::ofPlan(
            'layout',
            'the layout of the ties',
            $usual,
            array_map(fn (TieLayout $layout): string => $layout->name(), $fitting),
        );
    }

    /** @return list<Blank<covariant mixed>> */
    public function tiesBlanks(TieLayout $layout, FormKind $kind, Form $form): array
    {
        $stems = [];
        foreach (Fastening::cases() as $stem) {
            $stems[$stem->value] = $stem->words();
        }

        return [
            $this->layoutChoice($kind, $form),
            ...$layout->blanks($form),
            new ChoiceBlank('stem', 'what a tie takes', $layout->usualFastening()->value, $stems),
            new ChoiceBlank(
                'numbered',
                'how its ties are numbered',
                'after',
                ['after' => 'after those before', 'together' => 'round the form together with those before'],
            ),
        ];
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @return list<string>
     */
    private function addresses(array $list): array
    {
        return array_map(
            fn (array $written, int $index): string => 'materials.'.Written::id($written, 'm'.($index + 1)),
            $list,
            array_keys($list),
        );
    }

    /**
     * @param  list<array<array-key, mixed>>  $list
     * @param  list<string>  $carrying
     * @return non-empty-array<string, Material>
     */
    private function materials(array $list, Currency $currency, array $carrying, LearnedFigures $learned): array
    {
        [$materials, $isCut] = [[], false];
        foreach ($list as $index => $written) {
            $id = Written::id($written, 'm'.($index + 1));
            $kind = $this->craft->materials[Written::chosen($this->materialChoice(), $written, "/materials/$index")];
            $slip = Written::slip(
                $this->materialBlanks($kind, $currency),
                $written,
                "/materials/$index",
                in_array("materials.$id", $carrying, true),
            );
            $material = self::material($id, $kind, $slip, $learned);
            if ($material instanceof Wound && ! $material->safe()->isPositive()) {
                throw Fault::at(
                    "/materials/$index/trim",
                    'The trim and the allowance leave nothing of the roll. Write less of both, or a longer roll.',
                );
            }
            $isCut = $isCut || $material instanceof Wound;
            $materials[$id] = isset($materials[$id])
                ? throw Fault::at("/materials/$index/id", "The id \"$id\" stands twice. Give each material its own.")
                : $material;
        }

        if (count(array_filter($materials, fn (Material $material): bool => $material instanceof Wound)) > self::MOST_WOUND) {
            throw Fault::at(
                '/materials',
                sprintf('A plan holds up to %d meshes and other materials that are cut from rolls. Take one away first.', self::MOST_WOUND),
            );
        }

        return $materials === [] || ! $isCut
            ? throw Fault::at('/materials', 'A plan needs at least one mesh, or another material that is cut from a roll.')
            : $materials;
    }

    private static function material(string $id, MaterialKind $kind, Slip $slip, ?LearnedFigures $learned = null): Material
    {
        return match (true) {
            $kind instanceof WoundKind => new Wound($id, $kind, $slip, $learned),
            $kind instanceof CountedKind => new Good($id, $kind, $slip),
            default => throw new LogicException("Material \"{$kind->key()}\" is neither cut nor counted."),
        };
    }

    /**
     * Goods that something asks for and the plan does not list are those that are usual.
     *
     * @param  list<string>  $kinds  that are asked for, by key
     */
    private function withGoods(Materials $materials, Currency $currency, array $kinds): Materials
    {
        foreach ($kinds as $kind) {
            if ($materials->ofKind($kind) === null) {
                for ($id = $kind, $number = 2; isset($materials->all[$id]); $number++) {
                    $id = "$kind-$number";
                }
                $materials = $materials->with(
                    self::material(
                        $id,
                        $this->craft->materials[$kind],
                        Slip::load($this->materialBlanks($this->craft->materials[$kind], $currency), ['kind' => $kind], ''),
                    ),
                );
            }
        }

        return $materials;
    }

    /** @return list<Blank<covariant mixed>> */
    public function materialBlanks(MaterialKind $kind, Currency $currency): array
    {
        return [$this->materialChoice(), ...$kind->planBlanks($currency)];
    }

    private function materialChoice(): ChoiceBlank
    {
        return new ChoiceBlank(
            'kind',
            'the kind of material',
            (string) array_key_first($this->craft->materials),
            array_map(fn (MaterialKind $kind): string => $kind->name(), $this->craft->materials),
        );
    }
}
