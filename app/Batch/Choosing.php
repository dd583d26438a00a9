<?php

namespace App\Batch;

use App\Models\SavedPlan;

/** Which plans on the wall are to be cut together, and how many of each: as far as what was typed can be read. */
final readonly class Choosing
{
    public const MOST_COPIES = 40;

    private const MOST_PLANS = 60;

    /**
     * @param  list<SavedPlan>  $plans  to choose from, the latest
     * @param  list<SavedPlan>  $chosen
     * @param  array<int, int>  $copies  by the id of the plan
     */
    private function __construct(public array $plans, public array $chosen, public array $copies) {}

    /** @param  mixed  $typed  how many, by the id of the plan */
    public static function of(mixed $typed): self
    {
        $copies = array_filter(
            array_map(
                fn (mixed $count): int => is_numeric($count) ? max(0, min(self::MOST_COPIES, (int) $count)) : 0,
                array_filter(is_array($typed) ? $typed : [], is_int(...), ARRAY_FILTER_USE_KEY),
            ),
        );
        /** @var list<SavedPlan> $plans */
        $plans = SavedPlan::found()->with('revision')->limit(self::MOST_PLANS)->get()->all();
        /** @var list<SavedPlan> $chosen */
        $chosen = SavedPlan::found()->with('revision')->whereKey(array_keys($copies))->get()->all();

        return new self($plans, $chosen, $copies);
    }
}
