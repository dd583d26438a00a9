<?php

namespace App\Guide;

use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Settings\House;
use App\Techniques\Sample;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Guide\Practice;
use Davrin\Core\Log\MinutesText;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/** One element for practice: what is cut for it, from what, how it is made, what to count, and what came of it. */
final readonly class TryOne
{
    /** So many short rolls and loose pieces are looked at. */
    private const LOOKED_AT = 60;

    /** How long a piece or what is left of a roll is: pieces are counted, rolls measured. */
    private const LENGTH = "(case when kind = 'loose' then piece else amount end)";

    /** @var list<string> what is wrong with what was typed */
    public array $refused;

    /** @var list<string> what is said of the try */
    public array $said;

    public function __construct(public Drawn $drawn, public Sample $sample, public string $reach, public string $minutes)
    {
        [$said, $refused] = [[], []];
        foreach ([[$reach, $this->ofReach(...)], [$minutes, $this->ofMinutes(...)]] as [$typed, $answer]) {
            try {
                $said[] = trim($typed) === '' ? null : $answer($typed);
            } catch (Refused $why) {
                $refused[] = $why->getMessage();
            }
        }
        [$this->said, $this->refused] = [array_values(array_filter($said)), $refused];
    }

    public function page(): GuidePage
    {
        return $this->drawn->page;
    }

    /** What it takes of the mesh, and off what on the shelf: the shortest that is long enough, so that no roll is opened for it. */
    public function cut(): string
    {
        $units = app(House::class)->units();
        $takes = $this->sample->takes();
        $cut = sprintf('Cut %s of mesh %s wide', $units->needed($takes), $units->exact($this->sample->width()));
        $width = $this->sample->width();
        $meshes = ShelfItem::query()->where('ware', Mesh::KEY)
            ->whereNull('archived_at')
            ->whereBetween('width', [$width->units, $width->plus(Length::inches(Practice::WIDER))->units]);
        /** @var list<ShelfStock> $longEnough */
        $longEnough = ShelfStock::query()->with('item', 'reservations')->whereIn('shelf_item_id', $meshes->select('id'))
            ->whereIn('kind', [StockKind::Loose->value, StockKind::Part->value])->where('amount', '>', 0)
            ->whereRaw(self::LENGTH.' >= ?', [$takes->units])->orderByRaw(self::LENGTH)->limit(self::LOOKED_AT)->get()->all();
        $stock = array_values(array_filter($longEnough, fn (ShelfStock $its): bool => self::isFree($its, $takes)))[0] ?? null;

        return $stock !== null
            ? sprintf(
                '%s, off the %s of %s that lie on the shelf: no roll has to be opened for it.',
                $cut,
                self::shown($stock),
                $stock->item->name,
            )
            : "$cut. Nothing short enough to be spared lies on the shelf, so take it off any roll, or cut newspaper for the first try.";
    }

    /** @return list<string> what is there when it is done */
    public function counts(): array
    {
        [$one, $many] = $this->sample->technique->noun();
        $elements = count($this->sample->part()->elements);

        return [
            'Count: '.Words::count($elements, $one, $many).' made, '.Words::count($this->sample->ties(), 'tie').' used.',
            ...($this->page()->twist === null ? [] : ['Two twists under the mesh, two or three over it, all turned the same way.']),
        ];
    }

    /** @return list<string> what to look for, before it is called done */
    public function checks(): array
    {
        return [
            'Pull at it gently: it must not slide or turn on its tie.',
            "Does it look like this? \"{$this->page()->wrong->says}\" Then: {$this->page()->mend}",
            'No stem end stands out towards you.',
        ];
    }

    private function ofReach(string $typed): string
    {
        $units = app(House::class)->units();
        $said = $this->sample->part()->size->reach;
        $measured = LengthText::read($typed, $units);

        return $said > 0.0
            ? Practice::reach($said, $measured, $units)
            : 'It lies on the mesh and does not stand out, so there is nothing to hold that against.';
    }

    private function ofMinutes(string $typed): string
    {
        return Practice::minutes($this->sample->minutesEach(), MinutesText::read($typed));
    }

    private static function isFree(ShelfStock $stock, Length $takes): bool
    {
        return $stock->free() >= ($stock->kind === StockKind::Loose ? 1 : $takes->units);
    }

    private static function shown(ShelfStock $stock): string
    {
        return $stock->shown($stock->free());
    }
}
