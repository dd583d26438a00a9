<?php

namespace App\Shelf;

use App\Models\Build;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Material\OnHand;

/** How a build stands, as the core wants to know it: what is ticked, and what else lies free on the shelf. */
final readonly class Standing
{
    public static function of(Build $build, Walk $walk): Situation
    {
        return self::atTheBench($build, $walk, self::shelf($build, $build->version()->benchRolls()));
    }

    /**
     * The same where nobody asks what else lies on the shelf.
     *
     * @param  array<string, list<OnHand>>  $shelf
     */
    public static function atTheBench(Build $build, Walk $walk, array $shelf = []): Situation
    {
        return new Situation($build->pieces(), $build->version()->benchRolls(), ...$build->progress($walk), shelf: $shelf);
    }

    /**
     * @param  list<BenchRoll>  $rolls  that the build has already
     * @return array<string, list<OnHand>> by the id of the material
     */
    private static function shelf(Build $build, array $rolls): array
    {
        [$there, $known] = [[], array_values(array_filter(array_map(fn (BenchRoll $roll): ?int => $roll->item, $rolls)))];
        foreach ($build->pieces() as $piece) {
            foreach ($piece->plan->usedWound() as $wound) {
                $item = isset($there[$wound->id]) ? null : MaterialFromShelf::item($wound);
                $there[$wound->id] ??= $item === null ? [] : MaterialFromShelf::lengths($item, $build, but: $known);
            }
        }

        return $there;
    }
}
