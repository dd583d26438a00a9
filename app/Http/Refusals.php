<?php

namespace App\Http;

use App\Blanks\Problem;
use App\Editor\EditorPage;
use App\Editor\View;
use App\Exceptions\DiskTrouble;
use App\Exceptions\StaleBuild;
use App\Exceptions\StalePlan;
use App\Models\SavedPlan;
use Davrin\Core\Words\Refused;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\ViewException;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * What a maker sees when something cannot be done: in the editor the plan as it is, with what was typed still in its
 * blanks and a sentence beside it; elsewhere the page they came from, with the sentence.
 */
final class Refusals
{
    private const PAGE_EXPIRED = 'This page was open so long that it had to be renewed. What you wrote is still in its blank but not '
        .'saved: press Enter in it to save it.';

    public function __invoke(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refused::class, StalePlan::class]);
        // Not 422: what was ticked was no mistake, and the bench keeps it until the build is open again.
        $exceptions->render(fn (StaleBuild $why, Request $request) => $this->answer($request, $why->getMessage(), 409));
        $exceptions->render(fn (Refused $why, Request $request) => $this->answer($request, $why->getMessage(), 422, $why));
        $exceptions->render(fn (StalePlan $why, Request $request) => $this->answer($request, $why->getMessage(), 409));
        $exceptions->render(fn (ValidationException $why, Request $request) => $this->answer($request, $why->getMessage(), 422));
        $exceptions->render(fn (PDOException $why, Request $request) => $this->trouble($request, DiskTrouble::of($why)));
        $exceptions->render(fn (ViewException $why, Request $request) => $this->trouble($request, DiskTrouble::of($why)));
        // A full disk takes no log either.
        $exceptions->report(fn (PDOException $why) => DiskTrouble::of($why) === null);
        $exceptions->render(
            fn (HttpException $why, Request $request) => $why->getStatusCode() === 419 ? $this->answer(
                $request,
                self::PAGE_EXPIRED,
                419,
            ) : null,
        );
    }

    private function answer(Request $request, string $sentence, int $status, ?Refused $why = null): Response
    {
        // The bench asks beside its page, and tries again what was not taken for a while.
        if ($request->expectsJson()) {
            return response()->json(['message' => $sentence], $status);
        }
        $plan = $request->routeIs('plans.edit', 'plans.undo', 'plans.redo') ? $this->plan($request) : null;
        if ($plan === null) {
            // What a page does beside itself, as a tick, is answered with the sentence alone.
            return $request->routeIs('cuts.tick', 'batches.tick') && $request->hasHeader('HX-Request')
                ? response($sentence, $status, ['Content-Type' => 'text/plain; charset=utf-8'])
                : $this->back($sentence);
        }
        $typed = (array) $request->input('set', []);
        $problem = $why === null ? Problem::said($sentence, $status, $typed) : Problem::of($why, $status, $typed);

        return (new EditorPage($plan, View::of($plan, $request), $problem))->toResponse($request);
    }

    private function plan(Request $request): ?SavedPlan
    {
        $plan = $request->route('plan');

        return SavedPlan::query()->find($plan instanceof SavedPlan ? $plan->getKey() : $plan);
    }

    private function back(string $sentence): RedirectResponse
    {
        return redirect()->back(fallback: route('plans.index'))->withInput()->with('refused', $sentence);
    }

    /** Where the plan can still be read it is shown, with what was typed; else there is nothing to go back to. */
    private function trouble(Request $request, ?DiskTrouble $trouble): ?Response
    {
        if ($trouble === null) {
            return null;
        }
        if ($trouble->canBeRead() && ! $request->isMethod('GET') && ! $request->isMethod('HEAD')) {
            try {
                return $this->answer($request, $trouble->sentence(), 503);
            } catch (PDOException) {
                // Not even that.
            }
        }

        $isWriting = ! $request->isMethod('GET') && ! $request->isMethod('HEAD');

        return response()->view('errors.disk', ['sentence' => $trouble->sentence($isWriting)], 503);
    }
}
