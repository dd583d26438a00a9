<?php

namespace App\Compare;

use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\SavedPlan;
use App\Prices\PricedPlan;
use App\Settings\House;
use Davrin\Core\Compare\Comparison;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Box;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Refused;

/** Which plans are compared, and which could be; their drawings are to one scale. */
final readonly class Comparing
{
    private const OFFERED = 40;

    /**
     * @param  list<SavedPlan>  $chosen
     * @param  list<SavedPlan>  $others  to choose from
     * @param  list<FormDrawing>  $drawings  of those that are chosen
     * @param  ?Comparison  $comparison  null where there are fewer than two
     * @param  ?Box  $frame  that each of the drawings is shown in
     * @param  string  $place  where the prices are asked
     */
    private function __construct(
        public array $chosen,
        public array $others,
        public array $drawings,
        public ?Comparison $comparison,
        public ?Box $frame,
        public string $place,
    ) {}

    /** @param  mixed  $typed  ids of plans */
    public static function of(mixed $typed, string $sought, House $house): self
    {
        $ids = array_values(array_unique(array_filter(
            array_map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, is_array($typed) ? array_values($typed) : []),
            fn (int $id): bool => $id > 0,
        )));
        $ids = array_slice($ids, 0, Comparison::MOST);
        /** @var list<SavedPlan> $found */
        $found = SavedPlan::query()->with('revision.card')->whereKey($ids)->get()->all();
        usort($found, fn (SavedPlan $a, SavedPlan $b): int => array_search($a->id, $ids, true) <=> array_search($b->id, $ids, true));
        /** @var list<SavedPlan> $others */
        $others = SavedPlan::found($sought)->with('revision.card')->whereKeyNot($ids)->limit(self::OFFERED)->get()->all();
        $worked = array_map(fn (SavedPlan $saved): array => self::worked($saved, $house), $found);
        $drawings = array_map(
            fn (array $its, int $index): FormDrawing => new FormDrawing($its[0], $its[1], Side::Front, prefix: "compared-$index-"),
            $worked,
            array_keys($worked),
        );
        $terms = $house->terms();

        return new self(
            $found,
            $others,
            $drawings,
            count($worked) < 2 ? null : Comparison::of($worked),
            $drawings === [] ? null : self::frame($drawings),
            $terms->places[array_key_first($terms->places)]->name(),
        );
    }

    /** @return array{Plan, Result, ?Money} with what to ask at the first place of sale */
    private static function worked(SavedPlan $saved, House $house): array
    {
        $plan = $saved->plan();
        try {
            $price = PricedPlan::of($saved, $house->terms(), 1, null, '', null)->price->asked;
        } catch (Refused) {
            // In another currency than the fees, or with fees that leave no price.
            $price = null;
        }

        return [$plan, app(Engine::class)->figures($plan), $price];
    }

    /** @param  non-empty-list<FormDrawing>  $drawings */
    private static function frame(array $drawings): Box
    {
        $points = [];
        foreach ($drawings as $drawing) {
            $frame = $drawing->frame();
            array_push($points, new Point($frame->left, $frame->top), new Point($frame->right, $frame->bottom));
        }

        return Box::around($points);
    }
}
