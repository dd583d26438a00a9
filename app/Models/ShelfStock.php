<?php

namespace App\Models;

use App\Exceptions\NotReady;
use App\Models\Concerns\IsLaidByFiles;
use App\Settings\House;
use Closure;
use Davrin\Core\Cut\Label;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\PiecesOnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Shelf\Ledger;
use Davrin\Core\Shelf\Movement;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\StandsInTheWay;
use Davrin\Core\Shelf\StockKind;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * One roll, pieces of one length, or a heap of things that are counted, with all that happened to it.
 *
 * @property int $id
 * @property int $shelf_item_id
 * @property StockKind $kind
 * @property int $piece how long it was when it came, or one piece is, in units of length
 * @property int $amount what is left: units of length of a roll, else pieces
 * @property string $known how what is left is known
 * @property ?string $lot
 * @property string $kept where
 * @property ShelfItem $item
 * @property Collection<int, ShelfMovement> $movements
 * @property Collection<int, ShelfReservation> $reservations
 */
final class ShelfStock extends Model
{
    use IsLaidByFiles;

    protected $table = 'shelf_stock';

    protected $guarded = [];

    protected $casts = ['kind' => StockKind::class];

    /** @return BelongsTo<ShelfItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(ShelfItem::class, 'shelf_item_id');
    }

    /** @return HasMany<ShelfMovement, $this> */
    public function movements(): HasMany
    {
        return $this->hasMany(ShelfMovement::class);
    }

    /** @return HasMany<ShelfReservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(ShelfReservation::class);
    }

    /**
     * Where what some rolls are cut from is stored.
     *
     * @param  iterable<RollPlan>  $plans
     * @return array<int, string> by its id
     */
    public static function keptFor(iterable $plans): array
    {
        $ids = [];
        foreach ($plans as $plan) {
            foreach ($plan->rolls as $roll) {
                $ids[] = $roll->stock->item;
            }
        }

        return self::keptAt($ids);
    }

    /**
     * Where some of the shelf is stored.
     *
     * @param  array<?int>  $ids
     * @return array<int, string> by its id
     */
    public static function keptAt(array $ids): array
    {
        return self::query()->whereKey(array_filter(array_unique($ids)))->where('kept', '!=', '')->pluck('kept', 'id')->all();
    }

    /** @throws StandsInTheWay where less would be left than nothing, or than is held */
    public function move(MovementKind $kind, int $by, string $words, ?SavedPlan $plan = null, ?string $job = null): ShelfMovement
    {
        return DB::transaction(function () use ($kind, $by, $words, $plan, $job): ShelfMovement {
            $movement = $this->movements()->create(
                ['kind' => $kind, 'amount' => $by, 'words' => $words, 'plan_id' => $plan?->id, 'job' => $job],
            );
            $this->settle();

            return $movement;
        });
    }

    /**
     * What is left is so much, whatever was thought to be.
     *
     * @param  Closure(self): int  $left  by what is there now; units of length of a roll, else pieces
     *
     * @throws Refused where more is held
     */
    public function measure(MovementKind $kind, Closure $left, string $known, string $words): int
    {
        return DB::transaction(function () use ($kind, $left, $known, $words): int {
            $this->refresh();
            $amount = $left($this);
            if ($amount < $this->held()) {
                throw StandsInTheWay::held($this->shown($this->held()), $this->shown($amount));
            }
            $this->update(['known' => $known]);
            $this->move($kind, $amount - $this->amount, $words);

            return $amount;
        });
    }

    /** @throws StandsInTheWay where some of it is held, or nothing is left */
    public function useUp(): void
    {
        DB::transaction(function (): void {
            $this->refresh();
            if ($this->held() > 0) {
                throw StandsInTheWay::held($this->shown($this->held()), $this->shown(0));
            }
            if ($this->amount === 0) {
                throw StandsInTheWay::goneAlready();
            }
            $this->move(MovementKind::Gone, -$this->amount, 'used up or given away');
        });
    }

    /** @throws Refused where something stands in the way */
    public function undo(ShelfMovement $movement): void
    {
        DB::transaction(function () use ($movement): void {
            $this->refresh()->load('movements', 'reservations');
            $this->ledger()->without($movement->id, $this->held(), $this->shown(...));
            $movement->update(['undone_at' => now()]);
            $this->settle();
        });
    }

    /** What is left, from what happened; a roll that something was cut from is a part roll. */
    private function settle(): void
    {
        $this->load('movements')->loadMissing('item');
        $left = $this->ledger()->left();
        if ($left < 0) {
            throw StandsInTheWay::lessThanNothing($this->shown($this->amount));
        }
        $kind = $this->kind->isRoll() ? StockKind::of(Length::ofUnits($left), 1, $this->item->slip()->length('roll')) : $this->kind;
        $this->update(['amount' => $left, 'kind' => $kind]);
    }

    public function ledger(): Ledger
    {
        return new Ledger(
            $this->loadMissing('movements')->movements->sortBy('id')->values()->map(
                fn (ShelfMovement $movement): Movement => new Movement(
                    $movement->id,
                    $movement->kind,
                    $movement->amount,
                    $movement->undone_at !== null,
                ),
            )->all(),
        );
    }

    /** What plans that are ready and builds on the bench hold of it. */
    public function held(SavedPlan|Build|null $but = null): int
    {
        return $this->loadMissing('reservations')->reservations->reject(
            fn (ShelfReservation $reservation): bool => $reservation->isHeldBy($but),
        )->sum('amount');
    }

    public function free(SavedPlan|Build|null $for = null): int
    {
        return max(0, $this->amount - $this->held($for));
    }

    /** @throws NotReady where others hold some of that */
    public function mustBeFree(int $amount): void
    {
        if ($this->load('reservations.plan', 'reservations.build.plan')->free() < $amount) {
            throw NotReady::usedButHeld($this->item->name, [$this->shown($this->free())], $this->holders());
        }
    }

    /** @return list<string> who holds some of it, by name */
    public function holders(SavedPlan|Build|null $but = null): array
    {
        return array_values($this->reservations->reject(fn (ShelfReservation $its): bool => $its->isHeldBy($but))
            ->map(fn (ShelfReservation $its): string => $its->holder())->unique()->all());
    }

    /** An amount of it in words: "131 in", "6 x 20 in", "48". */
    public function shown(int $amount): string
    {
        return match ($this->kind) {
            StockKind::Heap => (string) $amount,
            StockKind::Loose => "$amount x ".self::units()->exact(Length::ofUnits($this->piece)),
            default => self::units()->available(Length::ofUnits($amount)),
        };
    }

    public function label(): Label
    {
        $slip = $this->item->slip();
        $isWound = $this->item->ware()->isWound();

        return new Label(
            $this->item->name, $isWound ? $this->shown($this->amount) : Words::count(
                $this->amount,
                ...$this->item->ware()->noun(),
            ), $isWound ? $this->item->widthWords() : null,
            $this->lot, $slip->text('colour'), $slip->has('hatch') ? $slip->text('hatch') : 'none',
        );
    }

    public static function units(): Units
    {
        return app(House::class)->units();
    }

    /** Pieces of it as a plan takes them, as far as they are free; null where none are. */
    public function piecesOnHand(SavedPlan|Build|null $for = null): ?PiecesOnHand
    {
        return $this->kind === StockKind::Heap && $this->free($for) > 0 ? new PiecesOnHand($this->free($for), $this->id) : null;
    }

    /** As a plan takes it, as far as it is free; null where nothing is. */
    public function onHand(SavedPlan|Build|null $for = null): ?OnHand
    {
        $free = $this->free($for);
        [$count, $length] = $this->kind === StockKind::Loose ? [$free, $this->piece] : [1, $free];
        // Less than an inch is an end, not a piece.
        if ($this->kind === StockKind::Heap || $count === 0 || $length < Length::PER_INCH) {
            return null;
        }

        return new OnHand(
            $count,
            Length::ofUnits($length - $length % intdiv(Length::PER_INCH, 32)),
            match (true) {
                $this->known === 'by label' => true,
                // What is as long as a new roll would be taken to be by its label.
                $length === $this->item->slip()->length('roll')->units => false,
                default => null,
            },
            $this->lot,
            $this->id,
        );
    }
}
