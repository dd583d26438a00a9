<?php

namespace App\Models;

use App\Exceptions\NotReady;
use App\Models\Concerns\IsLaidByFiles;
use App\Settings\House;
use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Colour\Family;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\MaterialKind;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Shelf\Measuring;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A kind of thing that lies on the shelf: what is said of it, and what there is of it.
 *
 * @property int $id
 * @property string $ware
 * @property string $name
 * @property array<string, mixed> $said as its blanks write it
 * @property int $width in units of length; 0 where it has none
 * @property ?Carbon $archived_at
 * @property Collection<int, ShelfStock> $stock
 */
final class ShelfItem extends Model
{
    use IsLaidByFiles;

    protected $guarded = [];

    protected $casts = ['said' => 'array', 'archived_at' => 'datetime'];

    private ?Slip $slip = null;

    /**
     * @param  array<string, mixed>  $said  what is not said takes its usual
     *
     * @throws Refused
     */
    public static function begin(string $ware, array $said): self
    {
        return DB::transaction(function () use ($ware, $said): self {
            $item = new self(['ware' => $ware]);
            $item->say(Slip::load($item->blanks(), $said, ''));
            $item->save();

            return $item;
        });
    }

    /** @return HasMany<ShelfStock, $this> */
    public function stock(): HasMany
    {
        return $this->hasMany(ShelfStock::class);
    }

    public function ware(): MaterialKind
    {
        return app(Craft::class)->materials[$this->ware];
    }

    public function slip(): Slip
    {
        return $this->slip ??= Slip::load($this->blanks(), $this->said, '');
    }

    /** @return list<Blank<covariant mixed>> */
    private function blanks(): array
    {
        return $this->ware()->shelfBlanks(app(House::class)->currency());
    }

    /**
     * Writes one blank anew.
     *
     * @throws Refused
     */
    public function write(string $key, string $typed): void
    {
        DB::transaction(function () use ($key, $typed): void {
            $this->refresh();
            $this->say($this->slip()->with($key, $typed, app(House::class)->units()));
            $this->save();
        });
    }

    public function refresh(): static
    {
        $this->slip = null;

        return parent::refresh();
    }

    private function say(Slip $slip): void
    {
        $this->slip = $slip;
        $this->fill(
            [
                'said' => $slip->write(),
                'name' => $slip->text('name'),
                'family' => Family::of($slip->text('colour'))->value,
                'width' => $slip->has('width') ? $slip->length('width')->units : 0,
            ],
        );
    }

    /**
     * Puts more of it on the shelf. A roll lies by itself; pieces alike lie together.
     *
     * @param  list<OnHand>  $came
     * @return list<ShelfStock>
     */
    public function take(array $came, string $words = 'put on the shelf', string $kept = ''): array
    {
        return DB::transaction(function () use ($came, $words, $kept): array {
            $there = [];
            foreach ($came as $one) {
                $kind = StockKind::of($one->length, $one->count, $this->slip()->length('roll'));
                for ($roll = $kind === StockKind::Loose ? $one->count : 1; $roll <= $one->count; $roll++) {
                    $there[] = $this->lay(
                        $kind,
                        $one->length,
                        $kind === StockKind::Loose ? $one->count : $one->length->units,
                        $one->isByLabel($this->slip()->length('roll')) ? 'by label' : 'measured',
                        $one->lot,
                        $words,
                        $kept,
                    );
                }
            }

            return $there;
        });
    }

    /** So many pieces more of what is counted. */
    public function takePieces(int $count, string $words = 'put on the shelf', string $kept = ''): ShelfStock
    {
        return DB::transaction(fn (): ShelfStock => $this->lay(StockKind::Heap, Length::zero(), $count, 'counted', null, $words, $kept));
    }

    private function lay(StockKind $kind, Length $piece, int $amount, string $known, ?string $lot, string $words, string $kept): ShelfStock
    {
        $stock = $this->stock()->create(
            ['kind' => $kind, 'piece' => $piece->units, 'amount' => 0, 'known' => $known, 'lot' => $lot, 'kept' => $kept],
        );
        $stock->move(MovementKind::Came, $amount, $words);

        return $stock;
    }

    /** What there is of it together: units of length, or pieces. */
    public function together(): int
    {
        return $this->stock->sum(
            fn (ShelfStock $stock): int => $stock->kind === StockKind::Loose ? $stock->amount * $stock->piece : $stock->amount,
        );
    }

    public function isLow(): bool
    {
        $mark = $this->ware()->isWound() ? $this->slip()->lengthIfAny('low')?->units : $this->slip()->count('low');

        return $mark !== null && $this->together() < $mark;
    }

    /** "25 yd", "48 stems". */
    public function togetherWords(): string
    {
        $count = $this->together();

        return $this->ware()->isWound()
            ? app(House::class)->units()->roll(Length::ofUnits($count))
            : Words::count($count, ...$this->ware()->noun());
    }

    public function widthWords(): string
    {
        return self::widths([$this->width])[$this->width];
    }

    /**
     * @param  iterable<int>  $widths  in units of length
     * @return array<int, string> the same in words, by width
     */
    public static function widths(iterable $widths): array
    {
        $words = [];
        foreach ($widths as $width) {
            $words[$width] = app(House::class)->units()->exact(Length::ofUnits($width));
        }

        return $words;
    }

    /** "10.8 g a square foot", where a new roll and its core were weighed; null where they were not. */
    public function weightWords(): ?string
    {
        if (! $this->ware()->isWound()) {
            return null;
        }
        [$new, $core] = [$this->slip()->weightIfAny('newWeight'), $this->slip()->weightIfAny('coreWeight')];

        return $new === null || $core === null
            ? null
            : Measuring::byArea($this->slip()->length('roll'), $this->slip()->length('width'), $new, $core, app(House::class)->units());
    }

    /** @throws NotReady where a plan or a build holds some of it */
    public function archive(): void
    {
        DB::transaction(function (): void {
            $holders = $this->stock()->with('reservations.plan', 'reservations.build.plan')->has('reservations')->get()
                ->flatMap(fn (ShelfStock $stock): array => $stock->holders())->unique()->values()->all();
            if ($holders !== []) {
                throw NotReady::stillHeld($this->name, $holders);
            }
            $this->update(['archived_at' => now()]);
        });
    }

    public function isArchived(): bool
    {
        return $this->archived_at !== null;
    }
}
