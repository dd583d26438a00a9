<?php

namespace App\Prices;

use App\Batch\Choosing;
use App\Models\SavedPlan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Price\OfferedRolls;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Illuminate\Http\Request;

/** Which plan the rolls on offer are held against, and what comes of it. */
final readonly class OffersPage
{
    private const OFFERED = 60;

    /**
     * @param  array<int, string>  $plans  to choose from: names by id
     * @param  array<string, string>  $materials  of the plan that is chosen, names by id
     * @param  array<string, OfferedRolls>  $offers  by the id of the offer, the cheapest first
     */
    private function __construct(
        public array $plans,
        public ?SavedPlan $plan,
        public array $materials,
        public ?string $material,
        public string $typedCopies,
        public array $offers,
        public ?string $refused,
    ) {}

    public static function of(Request $request, Terms $terms): self
    {
        $plans = SavedPlan::query()->orderByDesc('updated_at')->orderByDesc('id')->limit(self::OFFERED)->pluck('name', 'id')->all();
        $find = fn (?int $id): ?SavedPlan => SavedPlan::query()->with('revision')->find($id);
        $plan = $find($request->integer('plan')) ?? $find(array_key_first($plans));
        $given = $request->input('copies');
        $typed = is_string($given) ? trim(mb_substr($given, 0, 20)) : '';
        $isNumber = preg_match('/^[1-9]\d{0,2}$/D', $typed) === 1 && (int) $typed <= Choosing::MOST_COPIES;
        $refused = $isNumber || $typed === ''
            ? null
            : sprintf('Write a whole number from 1 to %d here; "%s" is not one.', Choosing::MOST_COPIES, $typed);
        $materials = [];
        foreach ($plan?->plan()->usedWound() ?? [] as $wound) {
            $materials[$wound->id] = $wound->name();
        }
        $sought = (string) $request->string('material');
        $material = isset($materials[$sought]) ? $sought : array_key_first($materials);
        $offers = [];
        try {
            $offers = $plan === null || $material === null
                ? []
                : self::cut($plan, $terms, (string) $material, $isNumber ? (int) $typed : 1);
        } catch (Refused $why) {
            $refused = $why->getMessage();
        }

        return new self(
            $plan === null ? $plans : $plans + [$plan->id => $plan->name],
            $plan,
            $materials,
            $material === null ? null : (string) $material,
            $typed,
            $offers,
            $refused,
        );
    }

    /**
     * @return array<string, OfferedRolls>
     *
     * @throws Refused
     */
    private static function cut(SavedPlan $saved, Terms $terms, string $material, int $copies): array
    {
        $plan = $saved->plan();
        if ($plan->settings->currency() !== $terms->currency) {
            throw Fault::at('/settings/currency', sprintf(
                'This plan counts in %s, and the offers in %s.',
                $plan->settings->currency()->name(),
                $terms->currency->name(),
            ));
        }

        return OfferedRolls::of($terms->offers, $plan, $material, $copies, app(PlanReader::class), app(RollPlanner::class));
    }
}
