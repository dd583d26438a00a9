<?php

namespace App\Suggest;

use App\Models\ShelfForm;
use App\Models\ShelfItem;
use App\Settings\House;
use App\Settings\LearnedNow;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Suggest\Given;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** What a search for something to make may use: forms, and what lies free on the shelf. */
final class FromTheShelf
{
    private const MOST_MESHES = 100;

    private const MOST_OTHERS = 20;

    private const MOST_FORMS = 4;

    /** What every piece needs; a sign is another matter. */
    private const NEEDED = ['stems', 'zip-ties'];

    /** @return array<string, string> what can be chosen as a form, by key */
    public static function forms(): array
    {
        $forms = ['usual' => 'a ring, as it is usual', 'any' => 'any of my forms'];
        foreach (ShelfForm::query()->orderBy('name')->limit(60)->pluck('name', 'id') as $id => $name) {
            $forms["f$id"] = (string) $name;
        }

        return $forms;
    }

    /** @return array<int, string> the meshes that can be asked for by name, by id */
    public static function meshes(): array
    {
        return ShelfItem::query()->where('ware', Mesh::KEY)->whereNull('archived_at')->orderBy('name')->limit(self::MOST_MESHES)
            ->pluck('name', 'id')->all();
    }

    /**
     * @param  string  $form  one of forms()
     * @param  list<int>  $only  meshes that are wished, by id; none for any
     */
    public static function given(House $house, string $form, array $only): Given
    {
        [$wound, $goods] = [[], []];
        foreach (self::things($only) as $item) {
            $written = ['kind' => $item->ware()->key()]
                + MaterialFromShelf::said($item, $house->currency())
                + ($item->ware()->isWound() ? ['label' => 'label'] : [])
                + MaterialFromShelf::onHand($item, null);
            if ($item->ware()->isWound()) {
                $wound[] = $written;
            } else {
                $goods[$item->ware()->key()] = self::more($goods[$item->ware()->key()] ?? null, $written);
            }
        }

        return Given::read([
            'forms' => self::chosen($house, $form),
            'materials' => $wound,
            'goods' => array_values($goods),
            'settings' => $house->settings(),
            'learned' => app(LearnedNow::class)->figures()->write(),
        ]);
    }

    /**
     * What is wound, and what every piece needs.
     *
     * @param  list<int>  $only  meshes that are wished, by id; none for any
     * @return list<ShelfItem>
     */
    private static function things(array $only): array
    {
        $wound = array_keys(array_filter(app(Craft::class)->materials, fn (MaterialKind $kind): bool => $kind->isWound()));

        return [
            ...self::of([Mesh::KEY], self::MOST_MESHES, $only),
            ...self::of(array_values(array_diff($wound, [Mesh::KEY])), self::MOST_OTHERS),
            ...self::of(self::NEEDED, self::MOST_OTHERS),
        ];
    }

    /**
     * @param  list<string>  $wares
     * @param  int  $most  of more those that there is something of
     * @param  list<int>  $only  by id; none for any
     * @return list<ShelfItem>
     */
    private static function of(array $wares, int $most, array $only = []): array
    {
        $things = ShelfItem::query()->withExists(['stock as is_there' => fn (Builder $stock): Builder => $stock->where('amount', '>', 0)]);
        $things->whereNull('archived_at')->whereIn('ware', $wares)->orderByDesc('is_there')->orderBy('id')->limit($most);
        if ($only !== []) {
            $things->whereIn('id', $only);
        }
        /** @var list<ShelfItem> $all */
        $all = $things->get()->all();

        return $all;
    }

    /**
     * The one of two goods of a kind of which there is more.
     *
     * @param  ?array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    private static function more(?array $one, array $other): array
    {
        $count = fn (?array $its): int => array_sum(array_map(intval(...), (array) ($its['onHand'] ?? [])));

        return $count($one) >= $count($other) && $one !== null ? $one : $other;
    }

    /** @return list<array{name: string, form: array<string, mixed>}> */
    private static function chosen(House $house, string $form): array
    {
        $of = fn (ShelfForm $its): array => ['name' => $its->name, 'form' => $its->formIn($house->currency())];
        $ring = ['name' => 'Ring', 'form' => app(PlanReader::class)->read(['materials' => [[]], 'parts' => []])->formSlip->write()];
        if ($form === 'any') {
            /** @var Collection<int, ShelfForm> $kept */
            $kept = ShelfForm::query()->orderBy('id')->limit(self::MOST_FORMS - 1)->get();

            return [$ring, ...$kept->map($of)->all()];
        }
        $its = preg_match('/^f(\d{1,9})$/D', $form, $found) === 1 ? ShelfForm::query()->find((int) $found[1]) : null;

        return [$its === null ? $ring : $of($its)];
    }
}
