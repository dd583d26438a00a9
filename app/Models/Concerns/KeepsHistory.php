<?php

namespace App\Models\Concerns;

use App\Exceptions\NotReady;
use App\Exceptions\StalePlan;
use App\Models\PlanRevision;
use App\Settings\LearnedNow;
use Closure;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Words\Refused;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A plan's documents, one for each step, and which of them it stands at. */
trait KeepsHistory
{
    /** The plan as it was last opened, at which revision and with what learned: a plan is read once. */
    private ?Plan $opened = null;

    private ?string $openedAt = null;

    public static function start(Plan $plan, string $words): self
    {
        return DB::transaction(function () use ($plan, $words) {
            $saved = self::query()->create(['name' => $plan->name(), 'revision_id' => null]);
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

    /** @return HasMany<PlanRevision, $this> as an address names them */
    public function steps(): HasMany
    {
        return $this->revisions();
    }

    public function plan(): Plan
    {
        if ($this->opened === null || $this->openedAt !== $this->reading($this->revision_id)) {
            [$this->opened, $this->openedAt] = [
                app(PlanFile::class)->reopen($this->revision->document, LearnedNow::read($this->worksWith())),
                $this->reading($this->revision_id),
            ];
        }

        return $this->opened;
    }

    /** At which step and with what was learned it is read. */
    private function reading(?int $revision): string
    {
        return "$revision ".LearnedNow::markOf($this->worksWith());
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
                $this->record($after, $edit->words($before, $after));
                $lost = $edit->lost($before, $after);
            }
        });

        return $lost;
    }

    /**
     * What was changed at the bench is a step of its plan too, whatever that holds of the shelf. To be called in a transaction. A plan that
     * was changed elsewhere or taken down meanwhile stays as it is.
     *
     * @param  string  $document  that the bench worked by until then
     */
    public function followTheBench(Plan $plan, string $document, string $words): void
    {
        $this->refresh();
        $design = app(PlanFile::class)->designIn($document);
        if (! $this->trashed() && $this->revision->document === $design && app(PlanFile::class)->design($plan) !== $design) {
            $this->record($plan, $words);
        }
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

    /**
     * Makes the plan again what it was after a step, as a step of its own, which can be undone.
     *
     * @throws StalePlan
     */
    public function bringBack(PlanRevision $step, int $seen): void
    {
        $this->change($seen, function () use ($step): void {
            if ($step->id !== $this->revision_id) {
                $words = 'brought back: '.Str::chopStart($step->words, 'brought back: ');
                $this->record(app(PlanFile::class)->reopen($step->document), $words);
            }
        });
    }

    /** The step that the one it stands at was made from: what undo goes back to. */
    public function previous(): ?PlanRevision
    {
        return $this->revision->before_id === null ? null : $this->revisions()->find($this->revision->before_id);
    }

    /** The step that was made from this one, where something was undone: what redo goes on to, the latest where there are several. */
    public function following(): ?PlanRevision
    {
        /** @var ?PlanRevision */
        return $this->revisions()->where('before_id', $this->revision_id)->orderByDesc('id')->first();
    }

    /** What a search finds a plan by: its name, its form, what it is made of, and how. */
    public static function searchedBy(Plan $plan): string
    {
        $words = [$plan->name(), $plan->formKind->name()];
        foreach ($plan->parts as $part) {
            $words[] = $part->kind->name();
        }
        foreach ($plan->wound() as $material) {
            $words[] = $material->name();
        }

        return mb_strtolower(implode(' · ', array_unique((array) preg_replace('/^an? /', '', $words))));
    }

    /**
     * The steps that lead to how the plan stands, which undo goes back through; the others were undone.
     *
     * @return array<int, true> by id
     */
    public function stepsKept(): array
    {
        $before = $this->revisions()->pluck('before_id', 'id');
        for ($kept = [], $step = $this->revision_id; $step !== null && ! isset($kept[$step]); $step = $before[$step] ?? null) {
            $kept[$step] = true;
        }

        return $kept;
    }

    private function change(int $seen, Closure $change): void
    {
        DB::transaction(function () use ($seen, $change) {
            $this->refresh()->mustNotBeTakenDown();
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
        $revision = $this->revisions()->create([
            'document' => app(PlanFile::class)->design($plan), 'words' => $words, 'before_id' => $this->revision_id,
        ]);
        [$this->opened, $this->openedAt] = [$plan, $this->reading((int) $revision->getKey())];
        $this->moveTo($revision);
    }

    private function moveTo(?PlanRevision $revision): void
    {
        if ($revision !== null) {
            $this->setRelation('revision', $revision);
            $this->revision_id = $revision->id;
            $this->update(['name' => $this->plan()->name(), 'words' => self::searchedBy($this->plan())]);
        }
    }
}
