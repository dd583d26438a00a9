<?php

namespace App\Http\Controllers;

use App\Bench\BenchPage;
use App\Bench\PlanAnew;
use App\Bench\PutAway;
use App\Bench\StartBuild;
use App\Drawing\Side;
use App\Http\Requests\TickRequest;
use App\Models\Build;
use App\Models\SavedPlan;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;

/** At the bench: a plan is built step by step, and ticked as it is. */
final class BuildController
{
    /** So many builds are listed that are under way, and so many that are finished. */
    private const LISTED = 60;

    /** Of so many it is told what comes next. */
    private const TOLD = 12;

    public function index(): View
    {
        $latest = Build::query()->with('plan')->latest('updated_at')->latest('id')->limit(self::LISTED);
        /** @var list<Build> $open */
        $open = (clone $latest)->whereNull('finished_at')->get()->all();
        $told = array_slice($open, 0, self::TOLD);

        $finished = $latest->whereNotNull('finished_at')->get()->all();

        return view('bench.index', [
            // However many were finished since, what is under way is there.
            'builds' => ['Under way' => $open, 'Finished' => $finished],
            'counts' => Build::countedOf([...$open, ...$finished]),
            'deleted' => Build::onlyTrashed()->with('plan')->latest('deleted_at')->limit(12)->get(),
            'ahead' => array_column(array_map(fn (Build $build): array => [$build->id, (new BenchPage($build))->ahead()], $told), 1, 0),
        ]);
    }

    /** What is asked before it begins. */
    public function begin(SavedPlan $plan, Engine $engine): View
    {
        /** @var list<Build> $builds */
        $builds = Build::query()->with('plan')->where('plan_id', $plan->id)->latest('id')->limit(self::LISTED)->get()->all();

        return view('bench.begin', [
            'saved' => $plan,
            'counts' => Build::countedOf($builds),
            'result' => $engine->figures($plan->planOnSheet()),
            'builds' => $builds,
        ]);
    }

    public function store(Request $request, SavedPlan $plan): RedirectResponse
    {
        $copies = trim((string) $request->string('pieces', '1'));
        if (preg_match('/^\d{1,3}$/', $copies) !== 1 || (int) $copies < 1 || (int) $copies > Build::MOST_COPIES) {
            return redirect()->route('builds.begin', $plan)->withInput()->withErrors([
                'pieces' => sprintf(
                    'Write how many pieces you make, from 1 to %d. "%s" is not such a number.',
                    Build::MOST_COPIES,
                    $copies,
                ),
            ]);
        }
        try {
            [$build, $notHeld] = StartBuild::of(
                $plan,
                (int) $copies,
                WalkOrder::tryFrom((string) $request->string('order')) ?? WalkOrder::ByStep,
                CopyOrder::tryFrom((string) $request->string('together')) ?? CopyOrder::OneByOne,
            );
        } catch (Refused $why) {
            return redirect()->route('builds.begin', $plan)->withInput()->withErrors(['pieces' => $why->getMessage()]);
        }

        return redirect()->route('builds.show', $build)->with('refused', $notHeld);
    }

    public function show(Request $request, Build $build): View|RedirectResponse
    {
        if ($build->isFinished()) {
            Session::reflash();

            return redirect()->route('builds.record', $build);
        }
        $asked = $request->query('at');
        $side = $request->query('side');

        return view('bench.show', ['page' => new BenchPage(
            $build,
            is_string($asked) ? $asked : null,
            is_string($side) ? Side::tryFrom($side) : null,
        )]);
    }

    /** What was ticked since, by this window or another. */
    public function ticks(Request $request, Build $build): JsonResponse
    {
        $since = $request->query('since');
        $build->mustBeUnderWay();

        return $this->since($build, is_numeric($since) ? (int) $since : 0, []);
    }

    public function tick(TickRequest $request, Build $build): JsonResponse|RedirectResponse
    {
        $kept = $build->take($request->ticks());
        if ($request->isJson()) {
            return $this->since($build, $request->since(), $kept);
        }

        return $kept === []
            ? redirect()->route('builds.show', $build)->with('refused', 'This build has no such step any more. Here is where it stands.')
            : redirect()->route('builds.show', $build);
    }

    public function order(Request $request, Build $build): RedirectResponse
    {
        DB::transaction(function () use ($request, $build): void {
            $build->refresh()->mustBeUnderWay();
            $build->update([
                'walk_order' => WalkOrder::tryFrom((string) $request->string('order')) ?? $build->walk_order,
                'copy_order' => CopyOrder::tryFrom((string) $request->string('together')) ?? $build->copy_order,
            ]);
        });

        return redirect()->route('builds.show', $build);
    }

    public function destroy(Build $build): RedirectResponse
    {
        $held = PutAway::of($build);

        return redirect()->route('builds.index')->with('takenDown', [
            'name' => $build->name,
            'words' => 'All that was ticked is kept with it.'.($held === null ? '' : " It gave back $held."),
            'restore' => route('builds.restore', $build),
        ]);
    }

    public function restore(Build $build): RedirectResponse
    {
        $held = PutAway::undo($build);

        return redirect()->route('builds.show', $build)->with('said', $held === null ? null : "It holds $held again.");
    }

    /** What others hold or have used of its rolls is looked for elsewhere. */
    public function replan(Build $build): RedirectResponse
    {
        return redirect()->route('builds.show', $build)->with('said', PlanAnew::of($build));
    }

    /** @param  list<string>  $kept */
    private function since(Build $build, int $since, array $kept): JsonResponse
    {
        $ticks = $build->ticks()->where('id', '>', $since)->orderBy('id')->limit(TickRequest::MOST)->get(['id', 'token', 'unit', 'deed']);

        return response()->json([
            'kept' => $kept,
            'ticks' => $ticks->map(fn ($tick): array => [
                'unit' => $tick->unit,
                'deed' => $tick->deed->value,
                'token' => $tick->token,
            ])->all(),
            'seq' => $ticks->last()->id ?? $since,
            'version' => $build->version()->id,
            'csrf' => csrf_token(),
        ]);
    }
}
