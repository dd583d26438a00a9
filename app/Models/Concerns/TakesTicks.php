<?php

namespace App\Models\Concerns;

use App\Exceptions\StaleBuild;
use App\Models\BuildTick;
use App\Models\BuildVersion;
use Davrin\Core\Bench\Mark;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What is ticked at the bench: each tick bears a token of its own and counts once, however often it is sent. */
trait TakesTicks
{
    /** @return HasMany<BuildTick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(BuildTick::class);
    }

    /**
     * Takes ticks in their order. One that was taken before is taken as it was; one for what this build has not is refused.
     *
     * @param  list<array{token: string, unit: string, deed: Mark, seconds: int, note: string, made_at: Carbon}>  $ticks
     * @return list<string> the tokens of those that are kept now
     *
     * @throws StaleBuild where it was finished or put away meanwhile: what is ticked then would never leave the shelf
     */
    public function take(array $ticks): array
    {
        return DB::transaction(function () use ($ticks): array {
            $this->refresh()->mustBeUnderWay();
            $units = [];
            // What was done by a version that was changed since was done.
            foreach ($this->versions()->get(['id', 'build_id', 'units']) as $version) {
                /** @var BuildVersion $version */
                $units += array_fill_keys($version->units, true);
            }
            $kept = [];
            foreach ($ticks as $tick) {
                if (isset($units[$tick['unit']])) {
                    BuildTick::query()->insertOrIgnore([
                        ...$tick,
                        'build_id' => $this->id,
                        'deed' => $tick['deed']->value,
                        'created_at' => now(),
                        'updated_at' => now(),
                    ]);
                    $kept[] = $tick['token'];
                }
            }

            return $kept;
        });
    }

    /**
     * How many units of some builds are done, of those that their last version has, and of how many.
     *
     * @param  iterable<self>  $builds
     * @return array<int, array{int, int}> by the id of the build
     */
    public static function countedOf(iterable $builds): array
    {
        $builds = collect($builds)->keyBy('id');
        $versions = BuildVersion::query()->whereIn('id', BuildVersion::query()->whereIn('build_id', $builds->keys())
            ->groupBy('build_id')->selectRaw('max(id)'))->get(['id', 'build_id', 'units'])->keyBy('build_id');
        // What was said of a unit last, by SQLite's own rule for a bare column beside max().
        $last = BuildTick::query()->toBase()->whereIn('build_ticks.build_id', $builds->keys())->where('deed', '!=', Mark::Note->value)
            ->join('builds', 'builds.id', '=', 'build_ticks.build_id')
            ->where(fn ($counts) => $counts->whereNull('finished_tick')->orWhereColumn('build_ticks.id', '<=', 'finished_tick'))
            ->groupBy('build_ticks.build_id', 'unit')->selectRaw('build_ticks.build_id, unit, deed, max(build_ticks.id)')->get();
        $done = [];
        foreach ($last as $tick) {
            if ($tick->deed === Mark::Done->value) {
                $done[$tick->build_id][$tick->unit] = true;
            }
        }

        return $builds->map(function (self $build) use ($versions, $done): array {
            $units = array_fill_keys($versions[$build->id]->units ?? [], true);

            return [count(array_intersect_key($done[$build->id] ?? [], $units)), count($units)];
        })->all();
    }

    /** @return HasMany<BuildTick, $this> those that count: none that came after the build was finished */
    public function ticksThatCount(): HasMany
    {
        $ticks = $this->ticks();
        if ($this->finished_tick !== null) {
            $ticks->where('id', '<=', $this->finished_tick);
        }

        return $ticks;
    }

    /** How many things were ticked after it was finished, by a version of Davrin that took them. */
    public function tickedTooLate(): int
    {
        return $this->finished_tick === null ? 0 : $this->ticks()->where('id', '>', $this->finished_tick)
            ->where('deed', '!=', Mark::Note->value)->distinct()->count('unit');
    }

    /** @return array<string, Mark> how each unit stands that something was said of, by key */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->ticksThatCount()->orderBy('id')->get(['id', 'unit', 'deed']) as $tick) {
            $marks[$tick->unit] = $tick->deed->counts() ? $tick->deed : $marks[$tick->unit] ?? null;
        }

        return array_filter($marks, fn (?Mark $mark): bool => $mark !== null && $mark !== Mark::Undone);
    }

    public function lastTick(): int
    {
        return (int) $this->ticks()->max('id');
    }
}
