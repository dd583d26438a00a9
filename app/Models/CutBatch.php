<?php

namespace App\Models;

use App\Cut\Cuttable;
use App\Cut\SheetPage;
use App\Exceptions\NotReady;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Batch\Share;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Engine\Thoroughness;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Result\Advice;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Words;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Plans that are cut together, as they were when that was begun.
 *
 * @property int $id
 * @property string $name
 * @property non-empty-list<array{plan: int, copies: int, document: string}> $shares
 * @property list<string> $ticked
 * @property ?Carbon $cut_at when all of it was cut
 * @property ?string $cut_job what was moved on the shelf then
 * @property list<int> $were_ready the plans that held what they need before it was cut, by id
 * @property Carbon $created_at
 */
final class CutBatch extends Model implements Cuttable
{
    use SoftDeletes;

    protected $guarded = [];

    protected $attributes = ['ticked' => '[]', 'were_ready' => '[]'];

    protected $casts = ['shares' => 'array', 'ticked' => 'array', 'cut_at' => 'datetime', 'were_ready' => 'array'];

    private ?BatchResult $worked = null;

    /** @var ?non-empty-list<Share> */
    private ?array $plans = null;

    /**
     * @param  non-empty-list<SavedPlan>  $plans
     * @param  array<int, int>  $copies  by the id of the plan
     */
    public static function of(array $plans, array $copies): self
    {
        return new self([
            'name' => mb_strimwidth(
                Words::list(
                    array_map(
                        fn (SavedPlan $plan): string => $plan->name.($copies[$plan->id] === 1 ? '' : " x {$copies[$plan->id]}"),
                        $plans,
                    ),
                ),
                0,
                200,
                ' ...',
            ),
            'shares' => array_map(
                fn (SavedPlan $plan): array => [
                    'plan' => $plan->id,
                    'copies' => $copies[$plan->id],
                    // With what was learned by then: a batch stays as it was begun.
                    'document' => app(PlanFile::class)->write($plan->plan()),
                ],
                $plans,
            ),
        ]);
    }

    /** What is cut and used for all of it. */
    public function worked(): BatchResult
    {
        return $this->worked ??= Batch::of($this->plans(), app(RollPlanner::class));
    }

    public function sheet(CutOrder $order, bool $warned = true): SheetPage
    {
        $first = $this->plans()[0]->plan;
        $rolls = [];
        foreach ($this->worked()->materials as $place => $mesh) {
            $rolls["mesh$place"] = $mesh->rolls;
        }

        return new SheetPage(
            $this->name,
            CutSheet::ofBatch($this->worked(), $order, $warned ? $this->warnings() : []),
            $order,
            $rolls,
            $first->units(),
            $this->keepFrom(),
            'Cut together',
            route('together', ['copies' => array_column($this->shares, 'copies', 'plan')]),
            $this->planLinks(),
            $this->isShort(),
            $this->ticked,
            ShelfStock::keptFor($rolls),
        );
    }

    /** @return list<array{string, ?string}> what each of its plans is called, how many of it, and where it hangs, if it does */
    private function planLinks(): array
    {
        $there = SavedPlan::query()->find(array_column($this->shares, 'plan'))->keyBy('id');

        return array_map(fn (Share $share, array $its): array => [
            $share->plan->name().($share->copies > 1 ? " x $share->copies" : ''),
            $there->has($its['plan']) ? route('plans.show', $its['plan'], false) : null,
        ], $this->plans(), $this->shares);
    }

    /** @return list<string> what its plans warn of, each with whose it is, but for their rolls: here they are cut from others */
    private function warnings(): array
    {
        $said = fn (Plan $plan): array => array_map(
            fn (Advice $advice): string => "{$plan->name()}: {$advice->words()}",
            array_filter(
                app(Engine::class)->warned($plan, Thoroughness::NotAtAll)->advice,
                fn (Advice $advice): bool => $advice->materials === [],
            ),
        );

        return array_merge(...array_map(fn (Share $share): array => array_values($said($share->plan)), $this->plans()));
    }

    /** A leftover as long as this goes back on the shelf. */
    public function keepFrom(): Length
    {
        return $this->plans()[0]->plan->settings->keepFrom();
    }

    public function isShort(): bool
    {
        return $this->worked()->isShort();
    }

    /** @return list<string> the plans that are not any more as they are cut here */
    public function changed(): array
    {
        $now = SavedPlan::query()->with('revision')->find(array_column($this->shares, 'plan'))->keyBy('id');

        return array_values(array_map(
            fn (array $share): string => app(PlanFile::class)->reopen($share['document'])->name(),
            array_filter(
                $this->shares,
                fn (array $share): bool => ! isset($now[$share['plan']])
                    || $now[$share['plan']]->revision->document !== app(PlanFile::class)->designIn($share['document']),
            ),
        ));
    }

    public function tickedCuts(): array
    {
        return $this->ticked;
    }

    public function tick(string $cut, bool $done): void
    {
        DB::transaction(function () use ($cut, $done): void {
            $this->refresh();
            if ($this->cut_at !== null) {
                throw NotReady::cutAlready();
            }
            $others = array_values(array_diff($this->ticked, [$cut]));
            $this->update(['ticked' => $done ? [...$others, $cut] : $others]);
        });
    }

    /** @return list<SavedPlan> plans that held what they need before it was cut, and are not changed or cut since */
    public function heldBefore(): array
    {
        $documents = array_column($this->shares, 'document', 'plan');
        /** @var list<SavedPlan> $plans */
        $plans = SavedPlan::query()->with('revision')->whereKey($this->were_ready)->whereNull(['ready_at', 'cut_at'])->get()->all();

        return array_values(array_filter(
            $plans,
            fn (SavedPlan $plan): bool => $plan->revision->document === app(PlanFile::class)->designIn($documents[$plan->id] ?? ''),
        ));
    }

    public function cutAt(): ?Carbon
    {
        return $this->cut_at;
    }

    public function sheetUrl(): string
    {
        return route('batches.show', $this, false);
    }

    /** @return non-empty-list<Share> */
    private function plans(): array
    {
        return $this->plans ??= array_map(
            fn (array $share): Share => new Share(app(PlanFile::class)->reopen($share['document']), $share['copies']),
            $this->shares,
        );
    }
}
