<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Models\Build;
use App\Models\SavedPlan;
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
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Lays a plan on the bench. What it needs is held on the shelf, where it is free; what was cut before is ticked as cut. */
final readonly class StartBuild
{
    /**
     * @return array{Build, ?string} and why nothing is held, where that is so
     *
     * @throws Fault where that is too much
     */
    public static function of(SavedPlan $plan, int $copies, WalkOrder $order, CopyOrder $copyOrder): array
    {
        return DB::transaction(function () use ($plan, $copies, $order, $copyOrder): array {
            $plan->refresh();
            $isCut = $copies === 1 && Build::cutsWait($plan);
            $notHeld = $copies > 1 || $isCut ? null : self::hold($plan);
            $design = $plan->cut_at === null || $isCut ? $plan->planOnSheet() : self::fromWhatIsFree($plan);
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
            ]);
            $build->versions()->create([
                'words' => 'as planned',
                'documents' => [app(PlanFile::class)->write($design)],
                'rolls' => array_map(fn (BenchRoll $roll): array => $roll->asData(), $rolls),
                'moved' => [],
                'units' => $walk->keys(),
            ]);
            $build->say(Mark::Done, $copies > 1 ? [] : self::cutBefore($plan, $isCut, $walk, $rolls));

            return [$build->refresh(), $notHeld];
        });
    }

    /** Where it cannot be held, the work begins all the same; where nothing is taken from the shelf, there is nothing to hold. */
    private static function hold(SavedPlan $plan): ?string
    {
        if (! MaterialFromShelf::isTakenBy($plan->plan())) {
            return null;
        }
        if ($plan->cut_at !== null) {
            return 'What was cut for this plan is built already. This one is planned from what is free on the shelf now. Nothing is held '
                .'for it: what is cut leaves the shelf when it is finished.';
        }
        try {
            Holding::make($plan);

            return null;
        } catch (NotReady $why) {
            $plan->refresh();

            return 'Nothing is held on the shelf for it: '.$why->getMessage();
        }
    }

    /** A plan whose own rolls are used, as it was cut, with what is free now in their place. */
    private static function fromWhatIsFree(SavedPlan $plan): Plan
    {
        try {
            return MaterialFromShelf::anew($plan)?->apply($plan->planOnSheet(), app(PlanReader::class)) ?? $plan->planOnSheet();
        } catch (Refused) {
            // What is there does not fit it: at the bench the rolls turn out as they are.
            return $plan->planOnSheet();
        }
    }

    /**
     * What was cut, or ticked, by the cut sheet is not cut again.
     *
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
