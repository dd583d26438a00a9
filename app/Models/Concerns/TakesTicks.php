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
