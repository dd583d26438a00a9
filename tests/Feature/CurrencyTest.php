<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfForm;
use App\Models\ShelfItem;
use Davrin\Core\Plan\PlanReader;
use Illuminate\Support\Facades\DB;

/** In what the house counts its prices: the shelf, and the plans that are begun. */
final class CurrencyTest extends FeatureCase
{
    use HasSage;

    public function test_the_shelf_counts_in_the_chosen_currency_and_its_prices_keep_their_figures(): void
    {
        $item = ShelfItem::begin('mesh', ['price' => '6.50', 'paid' => '3.25']);
        ShelfItem::begin('stems', ['price' => 'not known']);
        $this->from('/shelf')->post('/currency', ['currency' => 'JPY', 'may_round' => '1'])->assertRedirect('/shelf')
            ->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'Japanese yen') && str_contains($said, 'nothing is converted'));
        $fresh = ShelfItem::query()->findOrFail($item->id);
        $this->assertSame(['7', '3'], [$fresh->said['price'], $fresh->said['paid']]);
        $this->get("/shelf/$item->id")->assertOk()->assertSee('¥7')->assertDontSee('$7');
        $this->assertSame(['not known'], [ShelfItem::query()->firstWhere('ware', 'stems')?->said['price']]);
        $this->post("/shelf/$item->id/edits", ['set' => ['item.price' => '6.50']])->assertSee('is not a price in Japanese yen');
        $this->from('/shelf')->post('/currency', ['currency' => 'KWD']);
        $this->assertSame('6.500', ShelfItem::query()->findOrFail($item->id)->said['price'], 'exact again');
        $this->from('/shelf')->post('/currency', ['currency' => 'shells'])->assertSessionHas('refused');
        $this->get('/shelf')->assertOk()->assertSee('Kuwaiti dinars');
    }

    public function test_it_is_asked_before_prices_are_rounded_and_nothing_is_changed_until_it_is_said(): void
    {
        $items = array_map(fn (string $price): ShelfItem => ShelfItem::begin('mesh', ['price' => $price, 'paid' => 'not known']), ['6.75', '4.05', '8.00']);
        $this->from('/shelf')->post('/currency', ['currency' => 'JPY'])->assertSessionMissing('said');
        $this->get('/shelf')->assertSee('2 of 3 prices have decimals that Japanese yen do not have: $6.75 becomes ¥7, $4.05 becomes ¥4.')
            ->assertSee('Keep US dollars')->assertSee('US dollars');
        $this->assertSame(['6.75', '4.05', '8.00'], $this->prices($items));
        // What has all its decimals there is not asked about.
        $this->from('/shelf')->post('/currency', ['currency' => 'EUR'])->assertSessionHas('said')->assertSessionHas('undo');
        $this->from('/shelf')->post('/currency', ['currency' => 'KWD'])->assertSessionHas('said');
        $this->assertSame(['6.750', '4.050', '8.000'], $this->prices($items));
    }

    /** There and back over any currencies: what nobody wrote over is what it was, and what somebody wrote stays. */
    public function test_no_change_of_currency_loses_a_decimal(): void
    {
        $currencies = ['JPY', 'KWD', 'USD', 'KRW', 'EUR', 'OMR', 'ISK'];
        for ($seed = 1; $seed <= 12; $seed++) {
            mt_srand($seed);
            $this->post('/currency', ['currency' => 'USD', 'may_round' => '1']);
            ShelfItem::query()->delete();
            $this->post('/prices/edits', ['do' => 'add-box']);
            $box = $this->terms()['boxes'][0]['id'];
            $this->post('/prices/edits', ['set' => ["boxes.$box.postage" => $postage = sprintf('%d.%02d', mt_rand(0, 40), mt_rand(0, 99))]]);
            $exact = array_map(fn (): string => sprintf('%d.%02d', mt_rand(0, 40), mt_rand(0, 99)), range(1, 4));
            $items = array_map(fn (string $price): ShelfItem => ShelfItem::begin('mesh', ['price' => $price]), $exact);
            for ($turn = 0; $turn < 5; $turn++) {
                $this->post('/currency', ['currency' => $currencies[mt_rand(0, 6)], 'may_round' => '1'])->assertSessionHas('said');
            }
            $this->post('/currency', ['currency' => 'JPY', 'may_round' => '1']);
            $this->post("/shelf/{$items[0]->id}/edits", ['set' => ['item.price' => '9']]);
            $exact[0] = '9.00';
            $this->post('/currency', ['currency' => 'USD', 'may_round' => '1']);
            $this->assertSame($exact, $this->prices($items), "seed $seed");
            $this->assertSame($postage, $this->terms()['boxes'][0]['postage'], "seed $seed");
        }
    }

    public function test_a_change_of_currency_or_units_is_undone_by_a_click(): void
    {
        $item = ShelfItem::begin('mesh', ['price' => '6.75', 'paid' => '4.05']);
        $undo = $this->from('/shelf')->post('/currency', ['currency' => 'JPY', 'may_round' => '1'])->getSession()->get('undo');
        $this->get('/shelf')->assertSee('Undo');
        $this->post($undo['to'], $undo['fields']);
        $this->assertSame(['6.75', '4.05'], [$item->refresh()->said['price'], $item->said['paid']]);
        $this->get('/shelf')->assertSee('US dollars');
        $undo = $this->from('/shelf')->post('/units', ['units' => 'centimetres'])->getSession()->get('undo');
        $this->assertSame(['to' => route('units'), 'fields' => ['units' => 'inches']], $undo);
    }

    public function test_a_figure_that_is_too_much_in_another_currency_leaves_all_as_it_was(): void
    {
        $this->post('/currency', ['currency' => 'JPY']);
        $item = ShelfItem::begin('mesh', ['price' => '20000']);
        $this->from('/shelf')->post('/currency', ['currency' => 'USD'])
            ->assertSessionHas('refused', fn (string $said): bool => str_contains($said, 'between $0.00 and $9999.99; $20000.00 is not'));
        $this->get("/shelf/$item->id")->assertOk()->assertSee('¥20000');

        $item->update(['said' => ['price' => '700'] + $item->said]);
        $this->post('/prices/edits', ['do' => 'add-box']);
        $this->post('/prices/edits', ['set' => ['boxes.b1.postage' => '15000']])->assertRedirect();
        $this->from('/shelf')->post('/currency', ['currency' => 'USD'])
            ->assertSessionHas('refused', fn (string $said): bool => str_contains($said, '$15000.00 is not'));
        $this->assertSame('700', ShelfItem::query()->findOrFail($item->id)->said['price'], 'nothing was half done');
        $this->get('/prices')->assertOk()->assertSee('¥15000');
        $this->get('/shelf')->assertOk()->assertSee('Japanese yen');
    }

    public function test_a_plan_begins_in_the_currency_of_the_house_and_keeps_its_own(): void
    {
        $before = SavedPlan::start(app(PlanReader::class)->read(['materials' => [[]]]), 'begun');
        $this->post('/currency', ['currency' => 'EUR']);
        $this->post('/plans');
        $begun = SavedPlan::query()->latest('id')->firstOrFail();
        $this->assertSame(
            ['€6.50', '$6.50'],
            array_map(fn (SavedPlan $plan): string => $plan->plan()->wound()[0]->price()->shown(), [$begun, $before->fresh()]),
        );
        $this->get("/plans/$begun->id")->assertOk()->assertSee('€')->assertDontSee('$1.75');
    }

    public function test_the_shelf_gives_a_plan_its_prices_only_where_both_count_alike(): void
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Sage mesh', 'price' => '9.00', 'paid' => '4.50']);
        $plan = $this->cutFrom($item, ['materials' => [['price' => '6.50']], 'parts' => [[]]]);
        $prices = fn (SavedPlan $plan): array => [
            $plan->plan()->wound()[0]->price()->shown(), $plan->plan()->wound()[0]->paid()?->shown(),
        ];
        $this->assertSame(['$9.00', '$4.50'], $prices($plan));
        $this->post('/currency', ['currency' => 'GBP']);
        $this->assertSame(['$6.50', null], $prices($this->cutFrom($item, ['materials' => [['price' => '6.50']], 'parts' => [[]]])));
    }

    public function test_a_form_on_the_shelf_keeps_the_currency_it_was_put_there_with(): void
    {
        $euros = app(PlanReader::class)->read(['form' => ['price' => '2.40'], 'settings' => ['currency' => 'EUR'], 'materials' => [[]]]);
        $form = ShelfForm::keep($euros, 'Ring');
        $this->assertSame('€2.40', $form->plan()->formPrice()->shown());
        foreach (['EUR' => '€2.40', 'USD' => '$3.10'] as $currency => $price) {
            $plan = SavedPlan::start(app(PlanReader::class)->read(
                ['form' => ['price' => '3.10'], 'settings' => ['currency' => $currency], 'materials' => [[]]],
            ), 'begun');
            $this->post("/plans/$plan->id/edits", ['revision' => $plan->revision_id, 'do' => 'take-form', 'id' => (string) $form->id]);
            $this->assertSame($price, $plan->fresh()->plan()->formPrice()->shown());
        }
    }

    /** @param  list<ShelfItem>  $items */
    private function prices(array $items): array
    {
        return array_map(fn (ShelfItem $item): string => ShelfItem::query()->findOrFail($item->id)->said['price'], $items);
    }

    /** @return array<string, mixed> */
    private function terms(): array
    {
        return json_decode((string) DB::table('settings')->where('key', 'prices')->value('value'), true);
    }
}
