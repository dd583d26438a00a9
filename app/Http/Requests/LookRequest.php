<?php

namespace App\Http\Requests;

use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Davrin\Core\Colour\Family;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\MaterialKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody looks for on the shelf: words, a kind, a colour, a width. */
final class LookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function words(): string
    {
        return is_string($this->query('q')) ? mb_substr(trim($this->query('q')), 0, 60) : '';
    }

    public function ware(): string
    {
        return is_string($this->query('kind')) ? $this->query('kind') : '';
    }

    public function family(): ?Family
    {
        return is_string($this->query('colour')) ? Family::tryFrom($this->query('colour')) : null;
    }

    public function width(): int
    {
        return is_numeric($this->query('width')) ? (int) $this->query('width') : 0;
    }

    public function archived(): bool
    {
        return $this->query('away') === '1';
    }

    public function isNarrow(): bool
    {
        return $this->words() !== '' || $this->ware() !== '' || $this->family() !== null || $this->width() > 0;
    }

    /** @return Builder<ShelfItem> */
    public function items(): Builder
    {
        /** @var Builder<ShelfItem> $items */
        $items = ShelfItem::query();
        $this->archived() ? $items->whereNotNull('archived_at') : $items->whereNull('archived_at');
        if ($this->words() !== '') {
            $like = '%'.addcslashes($this->words(), '%_\\').'%';
            $items->where(function (Builder $any) use ($like): void {
                $any->whereRaw("name like ? escape '\\'", [$like])->orWhereIn(
                    'id',
                    ShelfStock::query()->whereRaw("kept like ? escape '\\'", [$like])->select('shelf_item_id'),
                );
            });
        }
        $columns = ['ware' => $this->ware(), 'family' => $this->family()?->value, 'width' => $this->width()];
        foreach (array_filter($columns) as $column => $wanted) {
            $items->where($column, $wanted);
        }

        // What is wound comes first, kind by kind, then what is counted.
        $wound = array_keys(array_filter(app(Craft::class)->materials, fn (MaterialKind $kind): bool => $kind->isWound()));
        $cases = implode(' ', array_map(fn (int $place): string => "when ? then $place", array_keys($wound)));
        $items->orderByRaw("case ware $cases else ".count($wound).' end', $wound)->orderByDesc('width')->orderBy('name')->orderBy('id');

        return $items;
    }
}
