<?php

namespace App\Bench;

use App\Models\Build;
use App\Models\BuildTick;
use App\Models\BuildVersion;
use App\Shelf\Standing;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Demand\Phase;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** What is written down of a build: what was made, how long each kind of step took, the rolls as they really were, what went wrong. */
final readonly class BuildRecord
{
    /**
     * @param  list<array{step: string, done: int, of: int, planned: float, took: float}>  $steps  minutes, planned for what was done
     * @param  list<array{name: string, planned: string, gave: string}>  $rolls
     * @param  list<array{at: string, words: string}>  $notes
     * @param  list<BuildVersion>  $versions
     */
    private function __construct(
        public array $steps,
        public array $rolls,
        public array $notes,
        public array $versions,
        public int $done,
        public int $of,
        public int $skipped,
    ) {}

    public static function of(Build $build): self
    {
        $walk = $build->walk();
        $now = Standing::of($build, $walk);
        [$marks, $seconds] = [$build->marks(), self::seconds($build)];
        $isDone = fn (Unit $unit): bool => ($marks[$unit->key] ?? null) === Mark::Done;
        /** @var list<BuildVersion> $versions */
        $versions = $build->versions()->orderBy('id')->get()->all();

        return new self(
            self::steps($walk, $isDone, $seconds),
            self::rolls($build, $now),
            self::notes($build, $walk),
            $versions,
            count(array_filter($walk->units, $isDone)),
            count($walk->units),
            count(array_keys($marks, Mark::Skipped, true)),
        );
    }

    /** @return array<string, int> how long each unit took at last, by key; none where nobody stood at it */
    public static function seconds(Build $build): array
    {
        $timed = $build->ticksThatCount()->where('deed', Mark::Done->value)->where('seconds', '>', 0);

        return $timed->orderBy('id')->pluck('seconds', 'unit')->all();
    }

    /**
     * @param  callable(Unit): bool  $isDone
     * @param  array<string, int>  $seconds
     * @return list<array{step: string, done: int, of: int, planned: float, took: float}>
     */
    private static function steps(Walk $walk, callable $isDone, array $seconds): array
    {
        $steps = [];
        foreach ($walk->units as $unit) {
            $name = match ($unit->deed) {
                Deed::Tie => 'ties',
                Deed::Cut, Deed::Fetch => 'cuts',
                // What is done for a sign or a bow is told with it.
                Deed::Make => in_array($unit->step->phase, [Phase::Sign, Phase::Bow], true) ? $unit->step->phase->words() : $unit->group,
                Deed::Whole => $unit->step->phase->words(),
            };
            $steps[$name] ??= ['step' => $name, 'done' => 0, 'of' => 0, 'planned' => 0.0, 'took' => 0.0];
            $steps[$name]['of']++;
            if ($isDone($unit)) {
                $steps[$name]['done']++;
                $steps[$name]['planned'] += $unit->minutes;
                $steps[$name]['took'] += ($seconds[$unit->key] ?? 0) / 60;
            }
        }

        return array_values($steps);
    }

    /** @return list<array{name: string, planned: string, gave: string}> */
    private static function rolls(Build $build, Situation $now): array
    {
        $units = $now->units();
        $cut = fn (BenchRoll $roll): Length => Length::sum(array_map(fn ($its): Length => $its->length, $now->cutFrom($roll)));

        return array_values(array_map(fn (BenchRoll $roll): array => [
            'name' => ($now->wound($roll->material)?->name() ?? $roll->material).", roll $roll->number"
                .($roll->lot === null ? '' : ", lot $roll->lot"),
            'planned' => $roll->isSpent
                ? 'held '.$units->exact($roll->length).', and gave out'
                : 'a '.$roll->origin->value.' of '.$units->exact($roll->length),
            'gave' => $cut($roll)->isZero() ? 'nothing was cut from it' : sprintf(
                '%s cut in %s%s%s%s',
                $units->exact($cut($roll)),
                Words::count(count(array_filter($now->cutFrom($roll), fn ($its): bool => $its->id !== null)), 'piece'),
                $roll->wasted()->isZero() ? '' : ', '.$units->exact($roll->wasted()).' of it spoiled',
                $roll->isSpent ? '' : ', '.$units->available($roll->length->minus($cut($roll))).' left',
                self::notOnTheShelf($build, $roll, $cut($roll), $units),
            ),
        ], array_filter($now->rolls, fn (BenchRoll $roll): bool => $roll->number > 0)));
    }

    /** Where less left the shelf than was cut, since less was there: "; only 24 in of that was on the shelf". */
    private static function notOnTheShelf(Build $build, BenchRoll $roll, Length $cut, Units $units): string
    {
        $taken = Length::ofUnits($build->taken[$roll->key] ?? 0);

        return match (true) {
            ! $build->isFinished(), $roll->item === null, ! $taken->isLessThan($cut) => '',
            $taken->isZero() => '; none of that was on the shelf',
            default => "; only {$units->exact($taken)} of that was on the shelf",
        };
    }

    /** @return list<array{at: string, words: string}> */
    private static function notes(Build $build, Walk $walk): array
    {
        $names = array_column(array_map(fn (Unit $unit): array => [$unit->key, $unit->short()], $walk->units), 1, 0);

        /** @var list<BuildTick> $notes */
        $notes = $build->ticks()->where('deed', Mark::Note->value)->orderBy('id')->get()->all();

        return array_map(fn (BuildTick $note): array => ['at' => $names[$note->unit] ?? '', 'words' => $note->note], $notes);
    }
}
