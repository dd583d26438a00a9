<?php

namespace App\Models\Concerns;

use App\Exceptions\NotReady;
use App\Exceptions\StalePlan;
use App\Models\PlanRevision;
use Closure;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** A plan's documents, one for each step, and which of them it stands at. */
trait KeepsHistory
{
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
