<?php

namespace App\Shelf;

use App\Drawing\FormDrawing;
use App\Drawing\Ink;
use App\Drawing\Side;
use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Material\WoundKind;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\LiesOnOthers;
use Davrin\Core\Part\Pieces;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Scrap\Scrap;
use Davrin\Core\Scrap\ScrapBase;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/** What can be made from begun rolls and loose pieces alone, of one width: looked at, and begun as a plan. */
final readonly class FromScraps
{
    /** @var array<string, ShelfItem> those of which something is begun or loose, by the id of their mesh in the plan */
    public array $items;

    /** @var array<string, Ink> */
    public array $inks;

    public ScrapBase $base;

    /** The length that would fill every tie, where the one that is wanted does not. */
    public ?Length $longest;

    public ?Plan $plan;

    public int $ties;

    public int $width;

    /**
     * @param  list<ShelfItem>  $begun
     * @param  int  $width  in units of length; 0 for that of which there is most
     *
     * @throws Refused
     */
    public function __construct(array $begun, int $width, public string $technique, public Length $piece, public ?ShelfForm $form)
    {
        $this->width = $width > 0 ? $width : self::mostOf($begun);
        [$items, $scraps] = [[], []];
        foreach ($begun as $item) {
            if ($item->width === $this->width) {
                $items["m$item->id"] = $item;
                $scraps[] = new Scrap("m$item->id", self::free($item));
            }
        }
        $this->items = $items;
        $this->inks = array_map(
            fn (ShelfItem $item): Ink => Ink::from($item->slip()->text('colour'), $item->slip()->text('hatch'), "scrap-$item->id"),
            $items,
        );
        $this->ties = $this->read([])->ties->count();
        $this->base = ScrapBase::of($scraps, $piece, $this->ties);
        $this->longest = $this->base->missing === 0 ? null : ScrapBase::longest($scraps, $piece, $this->ties, app(House::class)->units());
        $this->plan = $this->base->taken === [] ? null : $this->read($this->part());
    }

    /** @param  list<ShelfItem>  $begun */
    private static function mostOf(array $begun): int
    {
        $together = [0 => 0];
        foreach ($begun as $item) {
            $together[$item->width] = ($together[$item->width] ?? 0) + $item->together();
        }
        arsort($together);

        return array_key_first($together);
    }

    /** @return list<ShelfItem> */
    public static function begun(): array
    {
        $begun = [];
        $items = ShelfItem::query()->with('stock.reservations')->whereIn('ware', self::kinds())->whereNull('archived_at');
        /** @var ShelfItem $item */
        foreach ($items->orderBy('name')->get() as $item) {
            $item->stock->each(fn (ShelfStock $stock) => $stock->setRelation('item', $item));
            $begun = [...$begun, ...(self::free($item) === [] ? [] : [$item])];
        }

        return $begun;
    }

    /** @return list<string> the kinds of material that a base is made of, by key */
    private static function kinds(): array
    {
        return array_keys(
            array_filter(app(Craft::class)->materials, fn (MaterialKind $kind): bool => $kind instanceof WoundKind && $kind->makesABase()),
        );
    }

    /** @return array<string, string> the kinds of part that take one piece a tie, by key */
    public static function techniques(): array
    {
        $pieces = array_filter(app(Craft::class)->parts, fn ($technique): bool => $technique instanceof Pieces
            && $technique->materials()->variesByTie
            && ! $technique instanceof LiesOnOthers);

        return array_map(fn ($technique): string => $technique->noun()[1], $pieces);
    }

    public function result(): ?Result
    {
        return $this->plan === null ? null : app(Engine::class)->figures($this->plan);
    }

    public function drawing(Result $result): ?FormDrawing
    {
        return $this->plan === null ? null : new FormDrawing($this->plan, $result, Side::Front, prefix: 'scraps-');
    }

    public function begin(): ?SavedPlan
    {
        return $this->plan === null ? null : SavedPlan::start($this->plan, 'begun from scraps');
    }

    /** "75 in gives 5, 6 x 20 in give 6": what each roll of it gives at this length. */
    public function gives(ShelfItem $item): string
    {
        return implode(', ', array_map(function (OnHand $there): string {
            $length = app(House::class)->units()->exact($there->length);

            return sprintf(
                '%s %s %d',
                $there->count > 1 ? "$there->count x $length" : $length,
                $there->count > 1 ? 'give' : 'gives',
                (new Scrap('', [$there]))->pieces($this->piece),
            );
        }, self::free($item)));
    }

    /** @return list<OnHand> what is begun or loose of it and free */
    public static function free(ShelfItem $item): array
    {
        return array_values($item->stock->filter(
            fn (ShelfStock $stock): bool => in_array($stock->kind, [StockKind::Part, StockKind::Loose], true) && $stock->amount > 0,
        )
            ->map(fn (ShelfStock $stock): ?OnHand => $stock->onHand())->filter()->all());
    }

    /** @return array<string, mixed> */
    private function part(): array
    {
        $taken = $this->base->taken;
        $all = array_sum($taken);

        return [
            'materials' => array_map(
                fn (string $id): array => ['id' => $id, 'kind' => $this->items[$id]->ware, ...$this->mesh($this->items[$id])],
                array_keys($taken),
            ),
            'parts' => [[
                'kind' => $this->technique, 'length' => LengthText::canonical($this->piece),
                ...(
                    count($taken) === 1
                        ? ['material' => array_key_first($taken)]
                        : [
                            'material' => array_map(fn (string $id, int $count): string => "$id: $count", array_keys($taken), $taken),
                            'order' => 'by-count',
                        ]
                ),
                ...($all < $this->ties ? ['on' => 'ties '.Words::ranges(range(1, $all))] : []),
            ]],
        ];
    }

    /** @return array<string, mixed> */
    private function mesh(ShelfItem $item): array
    {
        return [
            ...MaterialFromShelf::said($item, Currency::from($this->settings()['currency'])),
            'label' => 'label',
            'onHand' => (new OnHandBlank('onHand', ''))->write(self::free($item)),
            'lots' => 'mixed',
        ];
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        return [...app(House::class)->settings(), ...$this->form->settings ?? []];
    }

    /** @param  array<string, mixed>  $more */
    private function read(array $more): Plan
    {
        return app(PlanReader::class)->read([
            'name' => 'From scraps',
            ...($this->form === null ? [] : ['form' => $this->form->form]),
            'settings' => $this->settings(),
            'materials' => [[]],
            'parts' => [],
            'learned' => app(LearnedNow::class)->figures()->write(),
            ...$more,
        ]);
    }
}
