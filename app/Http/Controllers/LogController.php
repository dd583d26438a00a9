<?php

namespace App\Http\Controllers;

use App\Blanks\Problem;
use App\Blanks\Typed;
use App\Devices\Scale;
use App\Http\KeptDrawing;
use App\Log\Book;
use App\Log\EntryPage;
use App\Log\Learn;
use App\Log\LogExport;
use App\Log\NewEntry;
use App\Log\Remake;
use App\Log\Writing;
use App\Models\Build;
use App\Models\LogEntry;
use App\Models\SavedPlan;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The logbook: finished pieces, written down. */
final class LogController
{
    private const A_PAGE = 24;

    public function index(Request $request): View
    {
        $book = Book::asked($request);

        return view('log.index', [
            'book' => $book,
            'entries' => $book->entries()->with('photos:id,log_entry_id,wide,high,alt,created_at')
                ->paginate(self::A_PAGE)->withQueryString(),
            // To find them all pieces are measured, so only where somebody asks.
            'parts' => $request->boolean('files') ? count(LogExport::parts($book)) : null,
            'years' => $book->years(),
            'techniques' => Book::techniques(),
            'plans' => Book::plans(),
            'all' => Book::offered($book->plan),
            'deleted' => LogEntry::onlyTrashed()->select('id', 'name', 'deleted_at')->orderByDesc('deleted_at')->limit(12)->get(),
        ]);
    }

    /** By hand, of a piece that was made before. */
    public function store(Request $request): RedirectResponse
    {
        $plan = SavedPlan::query()->with('revision')->find($request->integer('plan'));
        if ($plan === null) {
            return back()->with(
                'refused',
                'Choose the plan that the piece was made by. What it teaches is held against what its plan said.',
            );
        }

        $step = $request->has('step') ? $plan->revisions()->findOrFail($request->integer('step')) : null;

        return redirect()->route('log.show', NewEntry::byHand($plan, step: $step))
            ->with('said', 'Write what you measured; whatever you leave out is simply not counted. All is saved at once.');
    }

    /** From the bench, with all that it knows. */
    public function fromBuild(Build $build): RedirectResponse
    {
        if (! $build->isFinished()) {
            return redirect()->route('builds.record', $build)->with(
                'refused',
                'It is not finished yet. Finish it at the final check; then it goes into the log.',
            );
        }

        $entry = NewEntry::ofBuild($build);

        return redirect()->route('log.show', $entry)->with('said', $entry->wasRecentlyCreated
            ? 'Minutes, rolls and what happened come from the bench. Measure the piece and write the rest.'
            : 'This is what was written of it before.');
    }

    public function show(LogEntry $entry): EntryPage
    {
        return new EntryPage($entry);
    }

    public function update(Request $request, LogEntry $entry): EntryPage|RedirectResponse
    {
        $was = Typed::of((array) $request->input('was'));
        // What stands there as the page showed it was not written now: another window may have changed it meanwhile.
        $typed = array_filter(
            Typed::of((array) $request->input('set')),
            fn (string $text, int|string $address): bool => ! isset($was[$address]) || $was[$address] !== $text,
            ARRAY_FILTER_USE_BOTH,
        );
        try {
            Writing::in($entry, $typed);
        } catch (BlankRefused $refused) {
            return new EntryPage($entry->refresh(), Problem::of($refused, 422, $typed));
        }

        return redirect()->route('log.show', $entry);
    }

    /** What the scale on the bench says. */
    public function weigh(LogEntry $entry, Scale $scale): RedirectResponse
    {
        try {
            $weight = $scale->read()->shown();
            Writing::in($entry, ['entry.weight' => $weight]);
        } catch (Refused $refused) {
            return redirect()->route('log.show', $entry)->with('refused', $refused->getMessage());
        }

        return redirect()->route('log.show', $entry)->with('said', "It weighs $weight, as the scale says.");
    }

    /** How it was planned, as a drawing. */
    public function picture(Request $request, LogEntry $entry): Response
    {
        return KeptDrawing::answer($request, $entry->picture ?? abort(404));
    }

    /** The piece once more: a new plan as it was really made, with what lies on the shelf today and at today's prices. */
    public function remake(LogEntry $entry): RedirectResponse
    {
        $remade = Remake::of($entry);

        return redirect()->route('plans.show', $remade->plan)->with('said', $remade->words());
    }

    public function destroy(LogEntry $entry): RedirectResponse
    {
        DB::transaction(function () use ($entry): void {
            $entry->delete();
            Learn::anew();
        });

        return redirect()->route('log.index')->with('takenDown', [
            'name' => $entry->name, 'restore' => route('log.restore', $entry->id), 'words' => 'What it taught is not counted any more.',
        ]);
    }

    public function restore(LogEntry $entry): RedirectResponse
    {
        DB::transaction(fn () => NewEntry::back($entry));

        return redirect()->route('log.show', $entry)->with('said', "\"$entry->name\" is in the log again, and counts again.");
    }
}
