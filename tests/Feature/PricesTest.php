<?php

namespace Tests\Feature;

use App\Models\KeptPrice;
use App\Models\SavedPlan;
use App\Settings\House;
use Davrin\Core\Measure\Currency;
use Illuminate\Testing\TestResponse;

/** What a plan costs, what to ask for it, what is kept of a price, and what pieces are priced by. */
final class PricesTest extends FeatureCase
{
    public function test_the_cost_sheet_of_a_plan_shows_all_four_ways_and_what_an_hour_earns(): void
    {
        $plan = $this->hang('library-reading-week');
        $page = $this->get("/plans/$plan->id/price?copies=6&place=p1&asked=36.95&minutes=34")->assertOk();
        $this->assertSame(['$31.14', '$31.14', '$32.25', '$32.25'], array_slice($this->texts($page, '//tfoot//td'), 0, 4));
        $this->assertSame('$50.10', $this->texts($page, "//*[contains(@class, 'hour')]/b")[0]);
        $this->assertStringContainsString('Where $36.95 goes', (string) $page->getContent());
        $this->assertSame('materials of all 6', $this->texts($page, '//tfoot//th')[0]);
        $page->assertSee('No box of yours takes that, so postage is not counted');
        $this->assertStringContainsString('loses money', (string) $this->get("/plans/$plan->id/price?asked=5")->getContent());
    }

    public function test_what_cannot_be_tried_is_said_at_its_blank_and_stays_typed(): void
    {
        $plan = $this->hang('library-reading-week');
        foreach ([
            'copies' => ['many', '500', '-1'],
            'minutes' => ['a week', '10080'],
            'asked' => ['a lot', '0', '-4', '1e9'],
        ] as $field => $typed) {
            foreach ($typed as $its) {
                $page = $this->get("/plans/$plan->id/price?".http_build_query([$field => $its]))->assertOk();
                $this->assertCount(1, $this->find($page, "//*[@id='problem-$field']"), "$field $its");
                $this->assertSame($its, $this->find($page, "//input[@name='$field']")[0]->getAttribute('value'));
            }
        }
        $this->post("/plans/$plan->id/price", ['asked' => 'a lot'])->assertRedirect("/plans/$plan->id/price?asked=a%20lot");
        $this->assertSame(0, KeptPrice::query()->count());
    }

    public function test_a_price_that_is_kept_stays_as_it_was(): void
    {
        $plan = $this->hang('library-reading-week');
        $this->post("/plans/$plan->id/price", ['place' => 'p3', 'asked' => '21', 'copies' => '2'])->assertRedirect();
        $kept = KeptPrice::query()->firstOrFail();
        $this->assertSame(['$21.00', 'Wholesale', 2], [$kept->asked, $kept->place, $kept->copies]);
        $this->get("/prices/$kept->id")->assertOk()->assertSee('is kept, with this sheet as it is today');
        $before = $this->main($this->get("/prices/$kept->id"));

        $this->terms(['work.rate' => '60', 'places.p3.fee' => '40 %'])->assertRedirect();
        $this->edit($plan, ['set' => ['materials.m1.price' => '99']])->assertOk();
        $this->assertSame($before, $this->main($this->get("/prices/$kept->id")));
        $this->get('/prices')->assertSee('The plan has changed since');
        $this->assertStringNotContainsString($kept->sheet['cost'], (string) $this->get("/plans/$plan->id/price?copies=2&place=p3")->getContent());

        SavedPlan::query()->findOrFail($plan->id)->delete();
        $this->get('/prices')->assertSee('The plan does not hang any more');
        $this->delete("/prices/$kept->id")->assertRedirect('/prices');
        $this->get("/prices/$kept->id")->assertNotFound();
        $this->post("/prices/$kept->id/restore")->assertRedirect();
        $this->get("/prices/$kept->id")->assertOk();
    }

    public function test_it_is_taken_along_as_pdf_and_csv(): void
    {
        $plan = $this->hang('library-reading-week');
        $this->post("/plans/$plan->id/price")->assertRedirect();
        $kept = KeptPrice::query()->firstOrFail();
        foreach (["/plans/$plan->id/price.pdf?copies=3", "/prices/$kept->id.pdf?paper=a4"] as $pdf) {
            $this->assertStringStartsWith('%PDF-', (string) $this->get($pdf)->assertOk()->getContent());
        }
        $rows = array_map(
            fn (string $row): array => str_getcsv($row, escape: ''),
            explode("\n", trim((string) $this->get("/plans/$plan->id/price.csv?copies=6")->assertOk()->getContent())),
        );
        $this->assertSame(['Dusk blue mesh', '8 new rolls to buy', '$17.04', '$17.04', '$18.00', '$18.00'], array_slice($rows[1], 0, 6));
        $this->assertCount(1, array_filter($rows, fn (array $row): bool => $row[0] === 'an hour really earns'));
        $this->assertSame($this->get("/prices/$kept->id.csv")->getContent(), $this->get("/plans/$plan->id/price.csv")->getContent());
    }

    public function test_what_pieces_are_priced_by_is_written_in_sentences_and_undone(): void
    {
        $this->terms(['work.rate' => '18.50'])->assertRedirect('/prices');
        $this->post('/prices/edits', ['do' => 'add-box']);
        $this->assertSame('$18.50', $this->house()->terms()->work->money('rate')->shown());
        $this->post('/prices/undo')->assertRedirect();
        $this->assertSame([], $this->house()->terms()->boxes);
        $this->post('/prices/undo');
        $this->assertSame(['b1'], array_keys($this->house()->terms()->boxes));

        $page = $this->from('/prices')->followingRedirects()->post('/prices/edits', ['set' => ['places.p1.share' => '97 %']]);
        $page->assertSee('the margin can be 92.5 %');
        $blank = $this->blank($page, 'places.p1.share');
        $this->assertSame(['97 %', 'true'], [$blank->getAttribute('value'), $blank->getAttribute('aria-invalid')]);
        $this->post('/prices/edits', ['do' => 'remove-place', 'id' => 'p1']);
        $this->post('/prices/edits', ['do' => 'remove-place', 'id' => 'p2']);
        $this->from('/prices')->followingRedirects()->post('/prices/edits', ['do' => 'remove-place', 'id' => 'p3'])->assertSee('the last place of sale stays');
        $this->from('/prices')->followingRedirects()->post('/prices/edits', ['set' => ['nothing' => '1']])->assertOk()->assertSee('has no blank');
    }

    public function test_another_currency_keeps_the_figures_and_a_plan_in_the_old_one_is_told(): void
    {
        $plan = $this->hang('library-reading-week');
        $this->terms(['work.rate' => '18.50']);
        $this->house()->countIn(Currency::JapaneseYen, mayRound: true);
        $this->assertSame('¥19', $this->house()->terms()->work->money('rate')->shown());
        $this->get("/plans/$plan->id/price")->assertOk()->assertSee('This plan counts in US dollars, and your hour and fees in Japanese yen');
        $this->get("/plans/$plan->id/price.pdf")->assertRedirect();
        $this->post("/plans/$plan->id/price")->assertRedirect("/plans/$plan->id/price");
    }

    public function test_more_copies_than_are_cut_together_are_refused_with_a_way_back(): void
    {
        $plan = $this->hang('fair-gate-three-strands');
        $this->edit($plan, ['set' => ['ties.t1.perSection' => '30']])->assertOk();
        $page = $this->get("/plans/$plan->id/price?copies=40")->assertOk()->assertSee('up to 4000 are cut together. Take fewer copies.');
        $this->assertSame('40', $this->find($page, "//input[@name='copies']")[0]->getAttribute('value'));
        $this->get("/plans/$plan->id/price.csv?copies=40")->assertRedirect("/plans/$plan->id/price?copies=40");
        $this->post("/plans/$plan->id/price", ['copies' => '40'])->assertRedirect("/plans/$plan->id/price?copies=40");
        $this->assertSame(0, KeptPrice::query()->count());
    }

    public function test_the_bar_has_a_part_for_all_that_is_paid_and_a_loss_says_so(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $bar = fn (string $asked): array => array_map(
            fn ($item): string => trim((string) preg_replace('/\s+/', ' ', $item->textContent)),
            $this->find($this->get("/plans/$plan->id/price?place=p2&asked=$asked"), "//figure[@class='money']//li"),
        );
        $this->assertSame(
            ['mesh $9.77', 'form $3.50', 'all else $17.97', 'my time $17.00', 'overhead $3.12', 'what stays $48.64'],
            $bar('100'),
        );
        $this->assertSame('missing $11.36', last($bar('40')));
        $this->get("/plans/$plan->id/price?place=p2&asked=40")->assertSee('loses money')->assertSee('Ask $51.37 or more.');
    }

    public function test_terms_that_were_changed_in_another_window_are_changed_on_from_there(): void
    {
        $this->terms(['work.rate' => '18.00']);
        // A page that still shows the old rate writes another blank.
        $this->terms(['places.p2.fixed' => '1.50']);
        $terms = $this->house()->terms();
        $this->assertSame(['$18.00', '$1.50'], [$terms->work->money('rate')->shown(), $terms->places['p2']->slip->money('fixed')->shown()]);
        // What a blank shows comes back as it is, and changes nothing that could be undone.
        $this->terms(['work.rate' => '$18.00']);
        $this->post('/prices/undo');
        $this->assertSame('$0.00', $this->house()->terms()->places['p2']->slip->money('fixed')->shown());
    }

    public function test_rolls_on_offer_are_held_against_each_other_on_a_plan(): void
    {
        $this->get('/prices/rolls')->assertOk()->assertSee('No roll is on offer yet');
        $plan = $this->hang('library-reading-week');
        $this->post('/prices/edits', ['do' => 'add-offer']);
        $this->terms(['offers.o1.name' => 'Narrow', 'offers.o1.width' => '6', 'offers.o1.roll' => '5 yd', 'offers.o1.price' => '1.50']);
        $page = $this->get("/prices/rolls?plan=$plan->id&copies=2")->assertOk();
        $this->assertSame(['$0.30', '$0.20', 'one layer', '3'], array_slice($this->texts($page, '//tbody//td'), 0, 4));
        $this->get('/prices/rolls?copies=lots')->assertOk()->assertSee('Write a whole number from 1 to 40');
        $this->get('/prices/rolls?plan=99&material=none&copies[]=1')->assertOk();
        $this->from('/prices/rolls')->followingRedirects()->post('/prices/edits', ['set' => ['offers.o1.width' => 'wide']])->assertSee('is not a length');
        $this->post('/prices/edits', ['do' => 'remove-offer', 'id' => 'o1']);
        $this->assertSame([], $this->house()->terms()->offers);
    }

    private function terms(array $set): TestResponse
    {
        return $this->from('/prices')->post('/prices/edits', ['set' => $set]);
    }

    private function house(): House
    {
        $this->app->forgetScopedInstances();

        return app(House::class);
    }

    private function main(TestResponse $page): string
    {
        return implode(' ', $this->texts($page, '//main'));
    }
}
