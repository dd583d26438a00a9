<?php

namespace App\Log;

use App\Models\LogEntry;
use Brick\Math\BigRational;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Batch\Share;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Estimate\WeightEstimate;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Observed;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\SizeTold;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Parcel;
use Davrin\Core\Price\Price;
use Davrin\Core\Price\SellingPlace;
use Davrin\Core\Price\Terms;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Figure;
use Davrin\Core\Words\Refused;

/** What follows from what is written of a finished piece: what Davrin said of it, what it taught, and what a year adds up. */
final readonly class Reckoned
{
    /**
     * @param  array{used: array<string, int>,
     *     size: ?array{guess: float, said: float, words?: array{string, string}, real: float, slope: float}, allowed: list<float>,
     *     said: array<string, mixed>}  $told
     * @param  array<string, mixed>  $sums
     * @param  list<Observation>  $observed
     */
    private function __construct(
        public string $techniques,
        public string $words,
        public array $told,
        public array $sums,
        public array $observed,
    ) {}

    public static function of(LogEntry $entry): self
    {
        [$plan, $guessed] = [$entry->design(), $entry->guessed()];
        $engine = app(Engine::class);
        [$said, $guess] = [$engine->figures($plan), $engine->figures($guessed)];
        $made = $entry->made();
        $size = SizeTold::of($guessed, $made);
        $inches = SizeTold::of($plan, $made)->guess ?? $size->guess ?? 0.0;

        return new self(
            ','.implode(',', array_unique(array_map(fn (Part $part): string => $part->kind->key(), $plan->parts))).',',
            self::words($entry, $plan),
            [
                'used' => array_map(fn (Length $its): int => $its->units, Observed::used($said, $made->copies)),
                'size' => $size === null ? null : [
                    'guess' => $size->guess,
                    'said' => $inches,
                    'words' => [
                        $plan->units()->about($inches, $said->extent->isMeasured),
                        $plan->units()->place(Length::nearInches($size->real)),
                    ],
                    'real' => $size->real,
                    'slope' => $size->slope,
                ],
                'allowed' => self::allowed($entry, $guessed),
                'said' => self::said($plan, $said),
            ],
            self::sums($entry, $plan, $said),
            Observed::of($guessed, $guess, $made),
        );
    }

    /** @return array<string, ?string> what Davrin says of a plan, as the page of a piece holds it against what came */
    private static function said(Plan $plan, Result $result): array
    {
        $tally = $result->tally;
        $weighed = WeightEstimate::of($plan, $result->goods);
        $part = $weighed->unknown === [] || $weighed->grams <= 0.0 ? '' : ' of what was weighed';

        return ['weight' => $tally->weight->shown.$part] + array_map(fn (Figure $figure): string => $figure->shown, [
            'size' => $tally->across, 'opening' => $tally->opening, 'depth' => $tally->depth,
            'fullness' => $tally->fullness, 'minutes' => $tally->minutes, 'cost' => $tally->cost,
        ]) + ['verdict' => $result->fullness->verdict];
    }

    /** @return list<float> how much shorter than its label each roll that was measured was taken to be by the starting guess, in percent */
    private static function allowed(LogEntry $entry, Plan $guessed): array
    {
        $measured = array_filter($entry->rollTruths(), fn (RollTruth $roll): bool => $roll->held !== null);

        return array_values(array_map(function (RollTruth $roll) use ($guessed): float {
            $wound = $guessed->materials->all[$roll->material] ?? null;

            return $wound instanceof Wound ? $wound->allowance()->hundredths / 100 : 0.0;
        }, $measured));
    }

    private static function words(LogEntry $entry, Plan $plan): string
    {
        $slip = $entry->slip();
        $words = [
            $slip->text('name'), $slip->text('season'), $slip->text('occasion'), $slip->text('otherwise'), $slip->text('soldAt'),
            $slip->show('made', $plan->units()), $plan->name(), $plan->formKind->name(),
            ...array_map(fn (Part $part): string => $part->kind->name(), $plan->parts),
            ...array_map(fn (Wound $wound): string => $wound->name(), $plan->wound()),
        ];

        return mb_strtolower(implode(' · ', array_unique(array_filter($words))));
    }

    /**
     * Of all copies: what was cut, in units of length; minutes, and whether any of them were looked at; cents of materials; cents it was
     * sold for; cents that paid for the time; cents that stayed.
     *
     * @return array{units: int, minutes: float, timed: bool, currency: string, materials: int, sold: int, earned: ?string, kept: ?string}
     */
    private static function sums(LogEntry $entry, Plan $plan, Result $result): array
    {
        [$slip, $times] = [$entry->slip(), $entry->workTimes()];
        $copies = $slip->count('copies');
        $minutes = array_sum(array_map(fn (WorkTime $its): float => $its->together(), $times));
        [$sold, $batch] = [$slip->objectIfAny('soldFor', Money::class), self::batch($plan, $copies)];
        $price = $sold === null || $sold->cents === 0 ? null : self::price($entry, $plan, $result, $batch, $minutes / $copies, $sold);
        $cents = fn (?BigRational $each): ?string => $each === null
            ? null
            : (string) Money::rounded($each->multipliedBy($copies), $plan->settings->currency())->cents;

        return [
            'units' => Length::sum(Observed::used($result, $copies))->units,
            'minutes' => round($minutes, 2),
            'timed' => array_filter($times, fn (WorkTime $its): bool => $its->took !== null) !== [],
            'currency' => $plan->settings->currency()->value,
            'materials' => $batch->cost->total->cents ?? $result->cost->total->cents * $copies,
            'sold' => ($sold->cents ?? 0) * $copies,
            'earned' => $cents($price?->stays()->plus($price->sheet->labour())),
            'kept' => $cents($price?->stays()),
        ];
    }

    /** What all copies take together; null where there is one, or more than are cut together. */
    private static function batch(Plan $plan, int $copies): ?BatchResult
    {
        try {
            return $copies === 1 ? null : Batch::of([new Share($plan, $copies)], app(RollPlanner::class));
        } catch (Refused) {
            return null;
        }
    }

    /** The sale as it was priced then: at one of the places of that time where it bears such a name, else at one that takes nothing. */
    private static function price(LogEntry $entry, Plan $plan, Result $result, ?BatchResult $batch, float $minutes, Money $sold): ?Price
    {
        try {
            $terms = Terms::read($entry->terms);
            $sheet = CostSheet::of($plan, $result, $batch, $terms, (int) min(CostSheet::MOST_MINUTES, round($minutes)));
            $at = mb_strtolower(trim($entry->slip()->text('soldAt')));
            $place = array_values(array_filter(
                $terms->places,
                fn (SellingPlace $its): bool => mb_strtolower($its->name()) === $at,
            ))[0] ?? new SellingPlace(Slip::load(SellingPlace::blanks($terms->currency), ['fixed' => '0'], ''));

            return Price::at($sheet, $place, Parcel::of($plan, $result, $terms), $sold);
        } catch (Refused) {
            // Where plan and hour are counted in different currencies nothing can be said of what was earned.
            return null;
        }
    }
}
