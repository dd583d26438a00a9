<?php

namespace App\Batch;

use App\Models\SavedPlan;

/** Which plans on the wall are to be cut together, and how many of each: as far as what was typed can be read. */
final readonly class Choosing
{
    public const MOST_COPIES = 40;

    private const MOST_PLANS = 30;

    /**
     * @param  list<SavedPlan>  $plans  to choose from: those that are chosen, and the latest of those that are looked for
     * @param  list<SavedPlan>  $chosen
     * @param  array<int, int>  $copies  by the id of the plan
     * @param  int  $others  how many more there are than are shown
     */
    private function __construct(public array $plans, public array $chosen, public array $copies, public int $others) {}

    /**
     * @param  mixed  $typed  how many, by the id of the plan
     * @param  string  $sought  words that the plans to choose from bear
     */
    public static function of(mixed $typed, string $sought = ''): self
    {
        $copies = array_filter(
            array_map(
                fn (mixed $count): int => is_numeric($count) ? max(0, min(self::MOST_COPIES, (int) $count)) : 0,
                array_filter(is_array($typed) ? $typed : [], is_int(...), ARRAY_FILTER_USE_KEY),
            ),
        );
        /** @var list<SavedPlan> $chosen */
        $chosen = SavedPlan::found()->with('revision.card')->whereKey(array_keys($copies))->get()->all();
        $others = SavedPlan::found($sought)->whereKeyNot(array_keys($copies));
        $count = $others->count();
        /** @var list<SavedPlan> $latest */
        $latest = $others->with('revision.card')->limit(self::MOST_PLANS)->get()->all();

        return new self([...$chosen, ...$latest], $chosen, $copies, $count - count($latest));
    }
}
