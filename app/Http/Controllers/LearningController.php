<?php

namespace App\Http\Controllers;

use App\Log\AccuracyPlot;
use App\Log\Learn;
use App\Log\Told;
use App\Models\HeldFigure;
use App\Models\LogEntry;
use App\Settings\LearnedNow;
use Davrin\Core\Log\Accuracy;
use Davrin\Core\Log\Compared;
use Davrin\Core\Log\Lesson;
use Davrin\Core\Log\Past;
use Davrin\Core\Words\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What the log has taught, and how good estimates were. */
final class LearningController
{
    /** Entries that are held against each other: those looked at and those they learn from. */
    private const MOST = 400;

    public function index(): View
    {
        $held = Learn::held();
        $lessons = array_column(array_map(fn (Lesson $lesson): array => [$lesson->key(), $lesson], Learn::lessons()), 1, 0);
        $told = array_map(fn (Lesson $lesson): Told => Told::of($lesson, $held[$lesson->key()] ?? null), array_values($lessons));

        // What is used stands before what rests on too few yet.
        usort($told, fn (Told $a, Told $b): int => $a->isUsed() === $b->isUsed() ? 0 : ($a->isUsed() ? -1 : 1));

        return view('log.learning', [
            'told' => collect($told)->groupBy(fn (Told $its): string => $its->lesson->subject->value),
            'alone' => HeldFigure::query()->whereNotIn('key', array_keys($lessons))->orderBy('words')->get(),
            'entries' => LogEntry::query()->count(),
        ]);
    }

    public function hold(Request $request): RedirectResponse
    {
        $key = (string) $request->string('figure');
        try {
            $lesson = Learn::hold($key, (string) $request->string('value'));
        } catch (Refused $refused) {
            return redirect()->to(route('learning').'#'.Told::anchor($key))->withInput()->with('refused', $refused->getMessage());
        }

        return redirect()->to(route('learning').'#'.Told::anchor($key))
            ->with('said', "Held: $lesson->words. Plans use it from now on, whatever the log says.");
    }

    public function letGo(Request $request): RedirectResponse
    {
        $key = (string) $request->string('figure');
        Learn::letGo($key);

        return redirect()->to(route('learning').'#'.Told::anchor($key))->with('said', 'Let go: what the log says counts again.');
    }

    public function accuracy(): View
    {
        /** @var list<LogEntry> $latest */
        $latest = LogEntry::latestFirst()->limit(self::MOST)->get()->all();
        $past = array_map(fn (LogEntry $entry): Past => $entry->past(), array_reverse($latest));

        return view('log.accuracy', [
            'plots' => array_map(fn (Compared $its): AccuracyPlot => new AccuracyPlot($its), Accuracy::of($past)),
            'entries' => count($past),
        ]);
    }

    /** What was learned, as a plan file holds it: so that a plan can be worked with it elsewhere. */
    public function save(LearnedNow $learned): Response
    {
        return response($learned->figures()->file(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="davrin-learned.json"',
        ]);
    }
}
