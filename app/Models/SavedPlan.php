<?php

namespace App\Models;

use App\Cut\Cuttable;
use App\Cut\SheetPage;
use App\Exceptions\NotReady;
use App\Models\Concerns\IsMadeReady;
use App\Models\Concerns\KeepsHistory;
use App\Models\Concerns\TicksCuts;
use App\Settings\LearnedNow;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A plan on disk: its history of documents, and which of them it stands at. Every change is one transaction.
 *
 * @property int $id
 * @property string $name
 * @property string $words what a search finds it by
 * @property ?int $revision_id
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property ?Carbon $deleted_at
 * @property ?Carbon $ready_at when it began to hold what it needs of the shelf; null where it does not
 * @property ?Carbon $cut_at when what it needs was cut
 * @property ?string $cut_job what was moved on the shelf then
 * @property ?int $cut_revision_id the step that it stood at then
 * @property bool $was_ready whether it held what it needed until then
 * @property ?array{revision: int, cuts: list<string>} $ticked what is ticked on its cut sheet
 * @property ?string $kept_learned what was learned when it was made ready or cut, which it is worked with since; null where it is neither
 * @property Collection<int, ShelfReservation> $reservations
 * @property PlanRevision $revision
 */
final class SavedPlan extends Model implements Cuttable
{
    use IsMadeReady, KeepsHistory, SoftDeletes, TicksCuts;

    protected $table = 'plans';

    protected $guarded = [];

    protected $casts = ['ready_at' => 'datetime', 'cut_at' => 'datetime', 'was_ready' => 'boolean', 'ticked' => 'array'];

    protected static function booted(): void
    {
        // What was held, or is cut, stays as it was worked out then, whatever is learned later.
        self::saving(function (self $plan): void {
            if (! $plan->isReady() && $plan->cut_at === null) {
                $plan->kept_learned = null;
            } elseif ($plan->kept_learned === null) {
                $plan->kept_learned = app(LearnedNow::class)->written();
            }
        });
    }

    /** What was learned, as it is kept: then, where it is held or cut, else so far. */
    public function worksWith(): string
    {
        return $this->kept_learned ?? app(LearnedNow::class)->written();
    }

    /**
     * To be asked in the transaction that changes it: another window may have taken it down meanwhile.
     *
     * @throws NotReady
     */
    public function mustNotBeTakenDown(): void
    {
        if ($this->trashed()) {
            throw NotReady::takenDown($this->name);
        }
    }

    public function sheet(CutOrder $order, bool $warned = true): SheetPage
    {
        $plan = $this->planOnSheet();
        $result = $warned ? app(Engine::class)->warned($plan) : app(Engine::class)->figures($plan);
        $rolls = [];
        foreach ($result->wound as $mesh) {
            $rolls[$mesh->wound->id] = $mesh->plan;
        }

        return new SheetPage(
            $this->name,
            CutSheet::of($plan, $result, $order),
            $order,
            $rolls,
            $plan->units(),
            $plan->settings->keepFrom(),
            $this->name,
            route('plans.show', $this),
            [],
            $result->verdict->short,
            $this->tickedCuts(),
            ShelfStock::keptFor($rolls),
        );
    }

    /** The plan as its cut sheet has it: once it is cut, as it was then, whatever it has become. */
    public function planOnSheet(): Plan
    {
        return $this->isChangedSinceCut()
            ? app(PlanFile::class)->reopen(
                $this->revisions()->findOrFail($this->cut_revision_id)->document,
                LearnedNow::read($this->worksWith()),
            )
            : $this->plan();
    }

    /** Whether it is not any more as it was cut. */
    public function isChangedSinceCut(): bool
    {
        return $this->cut_at !== null && $this->cut_revision_id !== null && $this->cut_revision_id !== $this->revision_id;
    }

    /** @return list<self> what held what it needs before it was cut, and is as it was then */
    public function heldBefore(): array
    {
        return $this->was_ready && ! $this->isChangedSinceCut() && ! $this->trashed() ? [$this] : [];
    }

    public function cutAt(): ?Carbon
    {
        return $this->cut_at;
    }

    public function sheetUrl(): string
    {
        return route('cuts.show', $this, false);
    }

    /**
     * Those that bear all words of a search, changed last first.
     *
     * @return Builder<self>
     */
    public static function found(string $sought = ''): Builder
    {
        /** @var Builder<self> $plans */
        $plans = self::query()->orderByDesc('updated_at')->orderByDesc('id');
        foreach (preg_split('/[\s,·]+/u', mb_strtolower($sought), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $plans->whereRaw('instr(words, ?) > 0', [$word]);
        }

        return $plans;
    }
}
