<?php

namespace App\Log;

use App\Bench\BuildRecord;
use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\Build;
use App\Models\LogEntry;
use App\Models\PlanRevision;
use App\Models\SavedPlan;
use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Compute\Work;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Log\LogFile;
use Davrin\Core\Log\Observed;
use Davrin\Core\Log\PlannedRolls;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\Season;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Result\Result;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Begins an entry of the log: of a build with all that the bench knows of it, or by hand of a piece that was made by a plan. */
final readonly class NewEntry
{
    /** Of a build there is one entry; one that was taken out of the log comes back. */
    public static function ofBuild(Build $build): LogEntry
    {
        return DB::transaction(function () use ($build): LogEntry {
            $build->refresh();
            /** @var ?LogEntry $there */
            $there = LogEntry::withTrashed()->where('build_id', $build->id)->orderBy('deleted_at')->orderByDesc('id')->first();
            if ($there !== null) {
                return $there->trashed() ? self::back($there) : $there;
            }
            $plan = $build->pieces()[0]->plan;
            $rolls = array_values(array_filter($build->version()->benchRolls(), fn (BenchRoll $roll): bool => $roll->number > 0));

            return self::begin($plan, $build->plan_id, [
                'build_id' => $build->id,
                'times' => self::timed($build, $plan),
                'rolls' => array_slice(self::benchRolls($plan, $rolls), 0, LogFile::MOST_LINES),
                'spoiled' => self::spoiled($rolls),
                'notes' => array_slice(BuildRecord::of($build)->notes, 0, LogFile::MOST_LINES),
            ], ($build->finished_at ?? now())->format('Y-m-d'), $build->copies);
        });
    }

    /** Into the log again, with all that was written of it. To be called in a transaction. */
    public static function back(LogEntry $entry): LogEntry
    {
        $entry->restore();
        Learn::anew();

        return $entry;
    }

    /**
     * Of a piece that was made before: all is still to be said.
     *
     * @param  ?PlanRevision  $step  of the plan, as it was when the piece was made; null for as it was cut, or is now
     */
    public static function byHand(SavedPlan $saved, ?string $day = null, ?PlanRevision $step = null): LogEntry
    {
        return DB::transaction(function () use ($saved, $day, $step): LogEntry {
            $saved->refresh();
            $plan = $step === null
                ? $saved->planOnSheet()
                : app(PlanFile::class)->reopen($step->document, app(LearnedNow::class)->figures());
            $made = $step->id ?? ($saved->isChangedSinceCut() ? $saved->cut_revision_id : $saved->revision_id);
            $result = app(Engine::class)->figures($plan);

            return self::begin($plan, $saved->id, [
                'revision_id' => $made,
                'times' => array_map(fn (WorkTime $its): array => $its->asData(), self::work($plan, $result, 1)),
                'rolls' => array_map(fn (RollTruth $its): array => $its->asData(), PlannedRolls::ofOne($result)),
                'spoiled' => [],
                'notes' => [],
            ], $day ?? Carbon::now()->format('Y-m-d'), 1);
        });
    }

    /** @param  array<string, mixed>  $of */
    private static function begin(Plan $plan, int $saved, array $of, string $day, int $copies): LogEntry
    {
        $entry = new LogEntry([
            'plan_id' => $saved,
            'document' => app(PlanFile::class)->write($plan),
            'terms' => app(House::class)->terms()->write(),
            'sheet' => ['name' => $plan->name(), 'made' => $day, 'season' => Season::of($day)->value, 'copies' => $copies],
            'told' => [], 'sums' => [], 'observed' => [],
            'picture' => self::picture($plan),
            ...$of,
        ]);
        Writing::settle($entry);

        return $entry;
    }

    /** Its drawing, as it hangs on the wall, compressed. */
    public static function picture(Plan $plan): string
    {
        $result = app(Engine::class)->figures($plan);

        return (string) gzencode(
            view('plans.picture', ['drawing' => new FormDrawing($plan, $result, Side::Front), 'result' => $result])->render(),
            6,
        );
    }

    /** @return list<WorkTime> */
    private static function work(Plan $plan, Result $said, int $copies): array
    {
        $guessed = app(PlanFile::class)->reopen(app(PlanFile::class)->write($plan), LearnedFigures::none());

        return Observed::work($guessed, app(Engine::class)->figures($guessed), $said, $copies);
    }

    /**
     * The kinds of work of a build, with how long those took that somebody stood at.
     *
     * @return list<array<string, mixed>>
     */
    private static function timed(Build $build, Plan $plan): array
    {
        $said = app(Engine::class)->figures($plan);
        $times = [];
        foreach (self::work($plan, $said, $build->copies) as $time) {
            $times[$time->scope->key()] = $time;
        }
        $guesses = self::guesses($plan, $said);
        [$seconds, $marks] = [BuildRecord::seconds($build), $build->marks()];
        $took = [];
        foreach ($build->walk()->units as $unit) {
            $its = ($marks[$unit->key] ?? null) === Mark::Done ? $seconds[$unit->key] ?? 0 : 0;
            $work = $its > 0 ? Work::of($plan, $unit->step) : null;
            if ($work !== null && isset($times[$work->scope->key()])) {
                $took[$work->scope->key()][] = [$unit, $its];
            }
        }

        return array_map(function (string $key, WorkTime $time) use ($took, $guesses): array {
            $its = $took[$key] ?? [];
            $said = array_sum(array_map(fn (array $one): float => $one[0]->minutes, $its));

            return ($its === [] ? $time : new WorkTime(
                $time->scope,
                $time->words,
                count($its),
                array_sum(array_map(fn (array $one): float => $one[0]->minutes * ($guesses[$one[0]->step->key] ?? 1.0), $its)),
                $said,
                round(array_sum(array_column($its, 1)) / 60, 2),
                max(count($its), $time->count),
            ))->asData();
        }, array_keys($times), $times);
    }

    /**
     * How many times what Davrin says of a step the starting guess is.
     *
     * @return array<string, float> by step
     */
    private static function guesses(Plan $plan, Result $said): array
    {
        $guessed = app(PlanFile::class)->reopen(app(PlanFile::class)->write($plan), LearnedFigures::none());
        $minutes = array_column(array_map(
            fn (BuildStep $step): array => [$step->key, $step->minutes],
            app(Engine::class)->figures($guessed)->build,
        ), 1, 0);
        $times = [];
        foreach ($said->build as $step) {
            $times[$step->key] = $step->minutes > 0.0 ? ($minutes[$step->key] ?? $step->minutes) / $step->minutes : 1.0;
        }

        return $times;
    }

    /**
     * New and full rolls, by their label; those that gave out held what came off them.
     *
     * @param  list<BenchRoll>  $rolls
     * @return list<array<string, string|int|null>>
     */
    private static function benchRolls(Plan $plan, array $rolls): array
    {
        $truths = [];
        foreach ($rolls as $roll) {
            $wound = $plan->materials->all[$roll->material] ?? null;
            $isByLabel = in_array($roll->origin, PlannedRolls::BY_LABEL, true) && $roll->cuts !== [];
            if ($wound instanceof Wound && ! $wound->isMeasured() && $isByLabel) {
                $truths[] = RollTruth::byLabel($wound, $roll->number)->held($roll->isSpent ? $roll->length : null)->asData();
            }
        }

        return $truths;
    }

    /**
     * @param  list<BenchRoll>  $rolls
     * @return array<string, int> in units of length, by material
     */
    private static function spoiled(array $rolls): array
    {
        $spoiled = [];
        foreach ($rolls as $roll) {
            if ($roll->cuts !== []) {
                $spoiled[$roll->material] = ($spoiled[$roll->material] ?? 0) + Length::sum([$roll->wasted()])->units;
            }
        }

        return $spoiled;
    }
}
