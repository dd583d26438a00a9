<?php

namespace App\Bench;

use App\Exceptions\NotReady;
use App\Exceptions\StaleBuild;
use App\Models\Build;
use App\Shelf\BenchShelf;
use App\Shelf\Standing;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Words;
use Illuminate\Support\Facades\DB;

/** Lays what is still to be cut of a build on what is there for it, where others hold or have used some of its rolls. */
final readonly class PlanAnew
{
    /**
     * @return string what came of it, in words
     *
     * @throws NotReady|StaleBuild
     */
    public static function of(Build $build): string
    {
        return DB::transaction(function () use ($build): string {
            $build->refresh()->mustBeUnderWay();
            BenchShelf::settle($build, Standing::of($build, $build->walk()));
            BenchShelf::hold($build);
            $now = Standing::of($build, $build->walk());
            $lacks = BenchShelf::lacks($build, $now);
            if ($lacks === []) {
                return 'All that is still to be cut is there: nothing had to be planned again.';
            }
            $rest = app(Replanner::class)->rest(
                $now->withRolls(array_map(fn (BenchRoll $roll): BenchRoll => isset($lacks[$roll->key])
                    ? $roll->shortenedTo($roll->used()->minus($lacks[$roll->key]))
                    : $roll, $now->rolls)),
                array_values(array_unique(array_map(fn (string $key): string => (string) $now->roll($key)?->material, array_keys($lacks)))),
                true,
            );
            $lacking = self::words($build, $lacks);
            NextVersion::of($build, $now->withRolls($rest->rolls), "planned from what is free: $lacking was held or used elsewhere");
            BenchShelf::hold($build);

            return "$lacking is held or used elsewhere, so the rest is planned from what is free: "
                .implode('; ', $rest->words($now->units(), $now)).'.';
        });
    }

    /**
     * "342 in of Sage mesh", of all rolls together.
     *
     * @param  array<string, Length>  $lacks  by the key of the roll
     */
    public static function words(Build $build, array $lacks): string
    {
        $together = [];
        foreach ($build->version()->benchRolls() as $roll) {
            if (isset($lacks[$roll->key])) {
                $together[$roll->material] = ($together[$roll->material] ?? Length::zero())->plus($lacks[$roll->key]);
            }
        }
        $now = Standing::atTheBench($build, $build->walk());

        return Words::list(array_map(
            fn (string $material, Length $length): string => $now->units()->needed($length).' of '
                .($now->wound($material)?->name() ?? $material),
            array_keys($together),
            $together,
        ));
    }
}
