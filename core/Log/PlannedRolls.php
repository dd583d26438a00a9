<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Refused;

/** The rolls that a plan opens of which only the label is known: what they really hold is to be told when they are used up. */
final class PlannedRolls
{
    /** Of which only the label is known. */
    public const BY_LABEL = [Origin::New, Origin::Full];

    /** Nobody writes down more of them. */
    private const MOST = 60;

    /** @return list<RollTruth> */
    public static function ofOne(Result $result): array
    {
        return array_merge([], ...array_map(fn ($its): array => self::of($its->wound, $its->plan), $result->wound));
    }

    /**
     * Of several made together: what one leaves serves the next.
     *
     * @param  list<RollTruth>  $told  of which all are kept
     * @return list<RollTruth>
     */
    public static function ofSeveral(Plan $plan, int $copies, array $told, RollPlanner $planner): array
    {
        try {
            $batch = Batch::of([new Share($plan, $copies)], $planner);
        } catch (Refused) {
            // More than is cut together in a day: what is told already is all that is asked for.
            return $told;
        }
        foreach ($batch->materials as $material) {
            $its = self::of($material->wound, $material->rolls);
            $there = count(array_filter($told, fn (RollTruth $roll): bool => $roll->material === $material->wound->id));
            $told = [...$told, ...array_slice($its, $there, max(0, self::MOST - count($told)))];
        }

        return $told;
    }

    /** @return list<RollTruth> */
    private static function of(Wound $wound, RollPlan $plan): array
    {
        $whole = $wound->isMeasured()
            ? []
            : array_filter($plan->rolls, fn (RollUse $roll): bool => in_array($roll->stock->origin, self::BY_LABEL, true));

        return array_map(
            fn (int $at): RollTruth => RollTruth::byLabel($wound, $at + 1),
            array_keys(array_values($whole)),
        );
    }
}
