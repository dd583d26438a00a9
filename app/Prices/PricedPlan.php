<?php

namespace App\Prices;

use App\Models\KeptPrice;
use App\Models\SavedPlan;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Money;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Parcel;
use Davrin\Core\Price\Price;
use Davrin\Core\Price\SellingPlace;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;

/** A plan on the wall with its cost sheet and what to ask for it at each place of sale. */
final readonly class PricedPlan
{
    /**
     * @param  array<string, Price>  $prices  by the id of the place, each at the price that is worked out there
     * @param  Price  $price  at the place that is looked at, at the price that is tried
     */
    private function __construct(public SavedPlan $saved, public CostSheet $sheet, public array $prices, public Price $price) {}

    /**
     * @param  ?int  $minutes  that one takes; null for what is worked out
     * @param  string  $place  the id of the place that is looked at; the first where there is none of it
     * @param  ?Money  $tried  null for the price that is worked out
     *
     * @throws Fault where it cannot be priced
     */
    public static function of(SavedPlan $saved, Terms $terms, int $copies, ?int $minutes, string $place, ?Money $tried): self
    {
        $plan = $saved->plan();
        $result = app(Engine::class)->figures($plan);
        $batch = $copies === 1 ? null : Batch::of([new Share($plan, $copies)], app(RollPlanner::class));
        $sheet = CostSheet::of($plan, $result, $batch, $terms, $minutes);
        $parcel = Parcel::of($plan, $result, $terms);
        $prices = array_map(fn (SellingPlace $its): Price => Price::at($sheet, $its, $parcel), $terms->places);
        $its = isset($prices[$place]) ? $place : (string) array_key_first($prices);

        $price = $tried === null ? $prices[$its] : Price::at($sheet, $terms->places[$its], $parcel, $tried);

        return new self($saved, $sheet, $prices, $price);
    }

    /** @return array<string, mixed> all that its page shows, in words (SheetWords) */
    public function said(): array
    {
        return SheetWords::of($this->price, $this->saved->plan()->units());
    }

    /** Decides on the price: it is kept with its sheet as it is today. */
    public function keep(): KeptPrice
    {
        return KeptPrice::query()->create([
            'plan_id' => $this->saved->id,
            'revision_id' => $this->saved->revision_id,
            'name' => $this->sheet->name,
            'place' => $this->price->place->name(),
            'copies' => $this->sheet->copies,
            'asked' => $this->price->asked->shown(),
            'sheet' => $this->said(),
        ]);
    }

    /**
     * From which price to which one can be tried by hand: from well below what loses money to twice what is asked.
     *
     * @return array{int, int} in the smallest unit of the currency
     */
    public function range(): array
    {
        return [max(1, intdiv($this->price->breakEven->cents * 7, 10)), max(2, $this->price->friendly->cents * 2)];
    }

    /** The id of the place that is looked at. */
    public function at(): string
    {
        return (string) array_search($this->price->place, $this->sheet->terms->places, true);
    }
}
