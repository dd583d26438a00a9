<?php

namespace App\Log;

use App\Models\HeldFigure;
use App\Models\LogEntry;
use App\Settings\LearnedNow;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Log\Learner;
use Davrin\Core\Log\Lesson;
use Davrin\Core\Words\Fault;
use Illuminate\Support\Facades\DB;

/** Learns from the whole log, and keeps what is used from now on. */
final class Learn
{
    private const AT_ONCE = 200;

    /** To be called in the transaction that changes the log, or what is held. */
    public static function anew(): void
    {
        app(LearnedNow::class)->keep(Learner::figures(self::lessons(), array_values(self::held())));
    }

    /** @return array<string, LearnedFigure> what the maker holds, by subject and scope */
    public static function held(): array
    {
        $held = [];
        /** @var HeldFigure $its */
        foreach (HeldFigure::query()->orderBy('id')->get() as $its) {
            $held[$its->key] = $its->figure();
        }

        return $held;
    }

    /** @return list<Lesson> */
    public static function lessons(): array
    {
        $observed = [];
        /** @var LogEntry $entry */
        foreach (LogEntry::query()->select('id', 'observed')->lazyById(self::AT_ONCE) as $entry) {
            $observed[$entry->id] = $entry->observations();
        }

        return Learner::learn($observed);
    }

    /**
     * Holds a figure, whatever the log says from now on.
     *
     * @param  string  $key  of a lesson
     *
     * @throws Fault
     */
    public static function hold(string $key, string $typed): Lesson
    {
        return DB::transaction(function () use ($key, $typed): Lesson {
            $lesson = self::lesson($key);
            $figure = LearnedFigures::read([[
                'figure' => $lesson->subject->value,
                'of' => $lesson->scope->of,
                'material' => $lesson->scope->material,
                'source' => $lesson->scope->source,
                'value' => LearnedFigure::number(Told::of($lesson, self::held()[$key] ?? null)->valueOf($typed), 6),
                'from' => $lesson->from,
                'by' => 'maker',
            ]])->all()[0];
            HeldFigure::query()->updateOrCreate(['key' => $lesson->key()], ['figure' => $figure->write(), 'words' => $lesson->words]);
            self::anew();

            return $lesson;
        });
    }

    /** From now on what the log says counts again. */
    public static function letGo(string $key): void
    {
        DB::transaction(function () use ($key): void {
            HeldFigure::query()->where('key', $key)->delete();
            self::anew();
        });
    }

    private static function lesson(string $key): Lesson
    {
        foreach (self::lessons() as $lesson) {
            if ($lesson->key() === $key) {
                return $lesson;
            }
        }

        throw Fault::at('', 'Nothing in the log says so any more. Load the page again.');
    }
}
