<?php

namespace App\Plans;

use App\Models\SavedPlan;
use Davrin\Core\Effort\Effort;
use Illuminate\Pagination\LengthAwarePaginator;

/** The plans as they hang on the wall: each drawn, all to one scale, with the figures a maker looks for first. */
final readonly class Wall
{
    /** What drawing the cards of a page may take before it is shown; the others are drawn one by one afterwards. */
    private const STEPS = 8_000_000;

    public function __construct(private Card $card) {}

    /**
     * @param  LengthAwarePaginator<int, SavedPlan>  $plans
     * @return LengthAwarePaginator<int, HungPlan>
     */
    public function hang(LengthAwarePaginator $plans): LengthAwarePaginator
    {
        $account = Effort::of(self::STEPS);

        return $plans->through(
            fn (SavedPlan $saved): HungPlan => new HungPlan(
                $saved,
                $this->card->drawn($saved) ?? ($account->isSpent() ? null : $this->card->draw($saved, $account)),
            ),
        );
    }
}
