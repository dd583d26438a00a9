<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\SavedPlan;
use App\Shelf\BenchShelf;
use App\Shelf\Holding;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Lays a plan on the bench. What it needs of the shelf the build holds; where others hold that, it is planned anew from what is free.
 * What was cut before is ticked as cut.
 */
final readonly class StartBuild
{
    /**
     * @return array{Build, ?string} and what is otherwise than the plan says, where anything is
     *
     * @throws Fault where that is too much
     * @throws NotReady where the plan was taken down
     */
    public static function of(SavedPlan $plan, int $copies, WalkOrder $order, CopyOrder $copyOrder): array
    {
        return DB::transaction(function () use ($plan, $copies, $order, $copyOrder): array {
            $plan->refresh()->mustNotBeTakenDown();
            $before = $copies === 1 ? self::putAwayWith($plan) : null;
            $isCut = $copies === 1 && (Build::cutsWait($plan) || $before?->isCutByItsSheet() === true);
            $design = $plan->planOnSheet();
            $told = null;
            if (! $isCut) {
                // What the plan holds is the build's from now on.
                $plan->reservations()->delete();
                $plan->update(['ready_at' => null]);
                [$design, $told] = self::fromWhatIsFree($plan, $design, $copies);
            }
            $result = app(Engine::class)->figures($design);
            $rolls = BenchRolls::laidOut($design, $result, $copies, app(RollPlanner::class));
            $pieces = array_map(fn (int $copy): BenchPiece => new BenchPiece($copy, $design, $result), range(1, $copies));
            $walk = Walk::of($pieces, $rolls, $order, $copyOrder);
            if (count($walk->units) > Build::MOST_UNITS) {
                throw Fault::at('', sprintf(
                    'That is %s things to do; the bench walks up to %s. Take fewer copies at once.',
                    number_format(count($walk->units)),
                    number_format(Build::MOST_UNITS),
                ));
            }
            $build = Build::query()->create([
                'plan_id' => $plan->id,
                'copies' => $copies,
                'walk_order' => $order,
                'copy_order' => $copyOrder,
                'job' => (string) Str::uuid(),
                // What was cut by the cut sheet has left the shelf.
                'taken' => $isCut ? BenchShelf::all($rolls) : [],
                'sheet_job' => $isCut ? $plan->cut_job : null,
            ]);
            $build->versions()->create([
                'words' => 'as planned',
                'documents' => [app(PlanFile::class)->write($design)],
                'rolls' => array_map(fn (BenchRoll $roll): array => $roll->asData(), $rolls),
                'moved' => [],
                'units' => $walk->keys(),
            ]);
            if ($copies === 1) {
                self::takeOver($plan, $before, $build, $isCut, $told === null ? $walk : null, $rolls);
            }
            $build->refresh();
            BenchShelf::hold($build);

            return [$build, $told];
        });
    }

    /**
     * A single build of the plan that was put away as it was begun, where no other is on the bench: what the cut sheet cut for it goes to
     * the next one.
     */
    private static function putAwayWith(SavedPlan $plan): ?Build
    {
        if (Build::underWay($plan)->where('copies', 1)->exists()) {
            return null;
        }
        /** @var ?Build $before */
        $before = Build::onlyTrashed()->has('versions', '=', 1)->where(['plan_id' => $plan->id, 'copies' => 1])->whereNull('finished_at')
            ->latest('deleted_at')->latest('id')->first();

        $isAsBegun = $before?->taken === [] || ($before?->sheet_job !== null && $before->sheet_job === $plan->cut_job);

        return $isAsBegun ? $before : null;
    }

    /**
     * The plan with what is free on the shelf, where others hold or have used what it says is on hand.
     *
     * @return array{Plan, ?string} and what is to be told of it
     */
    private static function fromWhatIsFree(SavedPlan $plan, Plan $design, int $copies): array
    {
        $why = Holding::obstacle($design, $copies);
        if ($why === null) {
            return [$design, null];
        }
        $built = $plan->cut_at === null ? '' : 'What was cut for this plan is built already. ';
        foreach ([MaterialFromShelf::anew($design, null), MaterialFromShelf::nothing($design)] as $edit) {
            try {
                $anew = $edit?->apply($design, app(PlanReader::class));
            } catch (Refused) {
                // What is there does not fit it.
                continue;
            }
            if ($anew !== null && Holding::obstacle($anew, $copies) === null) {
                $toBuy = app(Engine::class)->figures($anew)->toBuy();

                return [$anew, $built.$why->withoutAdvice().'So this build is planned from what is free on the shelf now.'
                    .($toBuy === [] || $copies > 1 ? '' : ' To buy: '.Words::list($toBuy).'.')];
            }
        }

        return [$design, $built.$why->getMessage()];
    }

    /**
     * What was cut, or ticked, by the cut sheet is not cut again: it is the build's that is begun first, and not another's as well.
     *
     * @param  bool  $isCut  whether the sheet was worked off for this build
     * @param  ?Walk  $walk  null where it was planned anew, so that its cuts are others than those of the sheet
     * @param  list<BenchRoll>  $rolls
     */
    private static function takeOver(SavedPlan $plan, ?Build $before, Build $build, bool $isCut, ?Walk $walk, array $rolls): void
    {
        $others = Build::withTrashed()->where(['plan_id' => $plan->id, 'copies' => 1])->whereKeyNot($build->id);
        if ($walk === null || ($before === null && ! $isCut && $others->exists())) {
            return;
        }
        $cut = self::cutBefore($plan, $isCut, $walk, $rolls);
        $build->say(Mark::Done, $cut);
        if ($before !== null) {
            $before->say(Mark::Undone, array_values(array_intersect($cut, array_keys($before->marks(), Mark::Done, true))));
            $before->update($isCut ? ['sheet_job' => null, 'taken' => []] : []);
        }
    }

    /**
     * @param  bool  $isCut  whether the sheet was worked off for this build
     * @param  list<BenchRoll>  $rolls
     * @return list<string> units, by key
     */
    private static function cutBefore(SavedPlan $plan, bool $isCut, Walk $walk, array $rolls): array
    {
        // What was ticked for a piece that is built already was cut for that one.
        [$ticked, $cut] = [$plan->cut_at === null ? array_flip($plan->tickedCuts()) : [], []];
        foreach ($rolls as $roll) {
            foreach ($roll->cuts as $at => $its) {
                $cut += $its->id !== null && ($isCut || isset($ticked["$roll->key-$at"])) ? [$its->id => true] : [];
            }
        }

        return array_values(array_map(fn (Unit $unit): string => $unit->key, array_filter(
            $walk->units,
            fn (Unit $unit): bool => $unit->deed === Deed::Cut && isset($cut[$unit->cut ?? '']),
        )));
    }
}
