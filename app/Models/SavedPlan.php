<?php

namespace App\Models;

use App\Cut\Cuttable;
use App\Cut\SheetPage;
use App\Exceptions\NotReady;
use App\Exceptions\StalePlan;
use Closure;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A plan on disk: its history of documents, and which of them it stands at. Every change is one transaction.
 *
 * @property int $id
 * @property string $name
 * @property ?int $revision_id
 * @property Carbon $updated_at
 * @property ?Carbon $deleted_at
 * @property ?Carbon $ready_at when it began to hold what it needs of the shelf; null where it does not
 * @property ?Carbon $cut_at when what it needs was cut
 * @property ?string $cut_job what was moved on the shelf then
 * @property ?array{revision: int, cuts: list<string>} $ticked what is ticked on its cut sheet
 * @property Collection<int, ShelfReservation> $reservations
 * @property PlanRevision $revision
 */
final class SavedPlan extends Model implements Cuttable
{
    use SoftDeletes;

    protected $table = 'plans';

    protected $guarded = [];

    protected $casts = ['ready_at' => 'datetime', 'cut_at' => 'datetime', 'ticked' => 'array'];

    /** The plan as it was last opened, and at which revision: a plan is read once. */
    private ?Plan $opened = null;

    private ?int $openedAt = null;

    public static function start(Plan $plan, string $words): self
    {
        return DB::transaction(function () use ($plan, $words) {
            $saved = self::query()->create(['name' => $plan->name()]);
            $saved->record($plan, $words);

            return $saved;
        });
    }

    /** @return BelongsTo<PlanRevision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class, 'revision_id');
    }

    /** @return HasMany<PlanRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PlanRevision::class, 'plan_id');
    }

    /** @return HasMany<ShelfReservation, $this> */
    public function reservations(): HasMany
    {
        return $this->hasMany(ShelfReservation::class, 'plan_id');
    }

    public function isReady(): bool
    {
        return $this->ready_at !== null;
    }

    /**
     * Gives back what it holds of the shelf.
     *
     * @return string what that was, in words
     */
    public function giveBack(): string
    {
        return DB::transaction(function (): string {
            $this->refresh();
            $words = $this->holdsWords();
            $this->reservations()->delete();
            $this->update(['ready_at' => null]);

            return $words;
        });
    }

    /** "130 in and 60 in of Sage mesh", "nothing of the shelf". */
    public function holdsWords(): string
    {
        $held = [];
        foreach ($this->reservations()->with('stock.item')->get() as $reservation) {
            $held[$reservation->stock->item->name][] = $reservation->stock->shown($reservation->amount);
        }

        return $held === []
            ? 'nothing of the shelf'
            : Words::list(
                array_map(fn (string $name, array $amounts): string => Words::list($amounts)." of $name", array_keys($held), $held),
            );
    }

    public function sheet(CutOrder $order): SheetPage
    {
        $result = app(Engine::class)->figures($this->plan());
        $rolls = [];
        foreach ($result->wound as $mesh) {
            $rolls[$mesh->wound->id] = $mesh->plan;
        }

        return new SheetPage(
            $this->name, CutSheet::of(
                $this->plan(),
                $result,
                $order,
            ), $order, $rolls, $this->plan()->units(), $this->plan()->settings->keepFrom(),
            $this->name, route('plans.show', $this), false, $result->verdict->short,
        );
    }

    public function cutAt(): ?Carbon
    {
        return $this->cut_at;
    }

    public function sheetUrl(): string
    {
        return route('cuts.show', $this, false);
    }

    /** @return list<string> the cuts that are ticked; those of the plan as it was before do not count */
    public function tickedCuts(): array
    {
        return ($this->ticked['revision'] ?? null) === $this->revision_id ? $this->ticked['cuts'] : [];
    }

    public function tick(string $cut, bool $done): void
    {
        DB::transaction(function () use ($cut, $done): void {
            $this->refresh();
            $others = array_values(array_diff($this->tickedCuts(), [$cut]));
            $this->update(['ticked' => ['revision' => $this->revision_id, 'cuts' => $done ? [...$others, $cut] : $others]]);
        });
    }

    public function plan(): Plan
    {
        if ($this->opened === null || $this->openedAt !== $this->revision_id) {
            [$this->opened, $this->openedAt] = [app(PlanFile::class)->reopen($this->revision->document), $this->revision_id];
        }

        return $this->opened;
    }

    /**
     * @param  int  $seen  the revision that the one who edits has before them
     * @return list<string> what of the plan did not fit any more, in words
     *
     * @throws StalePlan|Refused
     */
    public function edit(Edit $edit, int $seen): array
    {
        $lost = [];
        $this->change($seen, function () use ($edit, &$lost) {
            $before = $this->plan();
            $after = $edit->apply($before, app(PlanReader::class));
            if ($after->write() !== $before->write()) {
                $this->revisions()->where('id', '>', $this->revision_id)->delete();
                $this->record($after, $edit->words($before, $after));
                $lost = $edit->lost($before, $after);
            }
        });

        return $lost;
    }

    /** @throws StalePlan */
    public function undo(int $seen): void
    {
        $this->change($seen, fn () => $this->moveTo($this->previous()));
    }

    /** @throws StalePlan */
    public function redo(int $seen): void
    {
        $this->change($seen, fn () => $this->moveTo($this->following()));
    }

    /** The step before the one it stands at: what undo goes back to. */
    public function previous(): ?PlanRevision
    {
        return $this->step('<', 'desc');
    }

    /** The step after, where something was undone: what redo goes on to. */
    public function following(): ?PlanRevision
    {
        return $this->step('>', 'asc');
    }

    /** @return Builder<self> */
    public static function latestFirst(): Builder
    {
        /** @var Builder<self> */
        return self::query()->with('revision')->orderByDesc('updated_at')->orderByDesc('id');
    }

    private function step(string $than, string $order): ?PlanRevision
    {
        /** @var ?PlanRevision */
        return $this->revisions()->where('id', $than, $this->revision_id)->orderBy('id', $order)->first();
    }

    private function change(int $seen, Closure $change): void
    {
        DB::transaction(function () use ($seen, $change) {
            $this->refresh();
            if ($this->revision_id !== $seen) {
                throw new StalePlan;
            }
            if ($this->isReady()) {
                throw NotReady::holds($this->holdsWords());
            }
            $change();
        });
    }

    private function record(Plan $plan, string $words): void
    {
        $revision = $this->revisions()->create(['document' => app(PlanFile::class)->write($plan), 'words' => $words]);
        [$this->opened, $this->openedAt] = [$plan, $revision->getKey()];
        $this->moveTo($revision);
    }

    private function moveTo(?PlanRevision $revision): void
    {
        if ($revision !== null) {
            $this->setRelation('revision', $revision);
            $this->revision_id = $revision->id;
            $this->update(['name' => $this->plan()->name()]);
        }
    }
}
