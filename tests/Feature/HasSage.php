<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Shelf\MaterialFromShelf;
use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Testing\TestResponse;

/** Sage mesh on the shelf, and plans that are cut from it. */
trait HasSage
{
    private function sage(string $came): ShelfItem
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Sage mesh']);
        $item->take((new OnHandBlank('came', 'what came'))->read($came, Units::Inches));

        return $item;
    }

    private function plan(ShelfItem $item, string $name, string $length, string $on = 'every tie'): SavedPlan
    {
        return $this->cutFrom($item, ['name' => $name, 'materials' => [[]], 'parts' => [['length' => $length, 'on' => $on]]]);
    }

    private function threeLayers(ShelfItem $item): SavedPlan
    {
        return $this->cutFrom($item, json_decode((string) file_get_contents(database_path('demo/barn-wedding-part-rolls.json')), true));
    }

    /** @param  array<string, mixed>  $document */
    private function cutFrom(ShelfItem $item, array $document): SavedPlan
    {
        $plan = SavedPlan::start(app(PlanReader::class)->read($document), 'begun');
        $plan->edit(new TakeFromShelf([$plan->plan()->wound()[0]->id => MaterialFromShelf::written($item, $plan)]), $plan->revision_id);

        return $plan;
    }

    /** @return list<string> */
    private function lefts(ShelfItem $item): array
    {
        return $item->stock()->where('amount', '>', 0)->get()->sortBy(
            fn (ShelfStock $stock): array => [$stock->kind->value === 'loose', $stock->id],
        )
            ->map(fn (ShelfStock $stock): string => $stock->shown($stock->amount))->values()->all();
    }

    private function ready(SavedPlan $plan): TestResponse
    {
        return $this->from("/plans/$plan->id")->post("/plans/$plan->id/ready");
    }
}
