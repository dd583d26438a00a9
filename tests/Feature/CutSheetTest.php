<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Davrin\Core\PlanFile\PlanFile;
use Tests\Core\NastyPlans;

final class CutSheetTest extends FeatureCase
{
    public function test_it_shows_every_cut_to_scale_and_as_a_box_to_tick(): void
    {
        $plan = $this->hang('barn-wedding-part-rolls');
        $page = $this->get("/plans/$plan->id/cut-sheet")->assertOk()->assertSee('Cut away from the hand')->assertSee('Have at hand: 1 new roll of Sage mesh');
        $this->assertCount(24, $this->find($page, '//input[@data-tick]'));
        $this->assertSame(['6 x 22 in', '12 x 14 in', '6 x 8 in'], $this->texts($page, "//*[@class='alike']/b"));
        $this->assertContains('tie 1 22 in', $this->texts($page, '//label'));
        $this->assertCount(24, $this->find($page, "//*[name()='svg']//*[name()='rect'][contains(@class,'cut')]"));
        $this->assertSame(['Back on the shelf: Sage mesh, 10 in wide, 12 in'], $this->texts($page, "//*[@class='goes-back']"));
    }

    public function test_ticks_are_kept_until_the_plan_changes(): void
    {
        $plan = $this->hang('barn-wedding-part-rolls');
        $this->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'sage-1-0', 'done' => '1'], ['HX-Request' => 'true'])->assertNoContent();
        $this->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'sage-1-1', 'done' => '1'])->assertRedirect("/plans/$plan->id/cut-sheet");
        $this->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'sage-9-9', 'done' => '1']);
        $ticked = fn (): array => array_map(
            fn ($box): string => $box->parentNode->parentNode->getElementsByTagName('input')->item(1)->getAttribute('value'),
            $this->find($this->get("/plans/$plan->id/cut-sheet"), '//main//input[@checked]'),
        );
        $this->assertSame(['sage-1-0', 'sage-1-1'], $ticked());
        $this->post("/plans/$plan->id/cut-sheet/ticks", ['cut' => 'sage-1-0']);
        $this->assertSame(['sage-1-1'], $ticked());
        $this->edit($plan, ['set' => ['parts.inner.length' => '21 in']]);
        $this->assertSame([], $ticked());
    }

    public function test_rolls_are_ordered_as_the_maker_chooses(): void
    {
        $plan = $this->hang('library-reading-week');
        $first = fn (string $order): string => $this->texts(
            $this->get("/plans/$plan->id/cut-sheet?order=$order")->assertOk(),
            "//section[contains(@class,'sheet-roll')]/h2",
        )[0];
        $this->assertNotSame('', $first('longest'));
        $this->assertSame($first('colour'), $first('nonsense'));
        $this->get("/plans/$plan->id/cut-sheet?order[]=x")->assertOk();
    }

    public function test_it_is_a_pdf_on_letter_and_on_a4(): void
    {
        foreach (['barn-wedding-part-rolls', 'fair-gate-three-strands', 'pavilion-six-layers'] as $name) {
            $plan = $this->hang($name);
            $letter = $this->get("/plans/$plan->id/cut-sheet.pdf")->assertOk()->assertHeader(
                'Content-Type',
                'application/pdf',
            )->getContent();
            $this->assertStringStartsWith('%PDF-', (string) $letter);
            $this->assertStringContainsString('/MediaBox [0.000000 0.000000 612.000000 792.000000]', (string) $letter);
            $this->assertStringContainsString(
                '595.276000 841.890000',
                (string) $this->get("/plans/$plan->id/cut-sheet.pdf?paper=a4")->getContent(),
            );
        }
    }

    public function test_a_bare_form_has_nothing_to_cut_and_says_so(): void
    {
        $plan = $this->hang('barn-wedding-part-rolls');
        foreach (['inner', 'outer', 'across'] as $layer) {
            $this->edit($plan, ['do' => 'remove-part', 'id' => $layer]);
        }
        $this->get("/plans/$plan->id/cut-sheet")->assertOk()->assertSee('Nothing is cut for this plan yet');
        $this->get("/plans/$plan->id/cut-sheet.pdf")->assertOk();
    }

    public function test_a_long_sheet_comes_in_pages_and_counts_all_its_ticks(): void
    {
        $plan = SavedPlan::start(app(PlanFile::class)->read(NastyPlans::file(NastyPlans::all()['short pieces off tiny rolls'])), 'opened');
        $page = $this->get("/plans/$plan->id/cut-sheet?page=2")->assertOk()->assertSee('Page 2 of 20')->assertSee(
            '0</b> of 4608 ticked',
            false,
        );
        $this->assertCount(240, $this->find($page, '//input[@data-tick]'));
        $this->assertLessThan(800_000, strlen((string) $page->getContent()));
        $this->assertSame(
            ['page=1', 'page=3'],
            array_map(
                fn ($link): string => substr($link->getAttribute('href'), -6),
                $this->find($page, "//nav[contains(@class,'pages')]/a"),
            ),
        );
        $cut = $this->find($page, "//input[@name='cut']")[0]->getAttribute('value');
        $this->post(
            "/plans/$plan->id/cut-sheet/ticks",
            ['cut' => $cut, 'done' => '1', 'page' => '2'],
        )->assertRedirect("/plans/$plan->id/cut-sheet?page=2");
        $this->get("/plans/$plan->id/cut-sheet?page=999")->assertSee('Page 20 of 20')->assertSee('1</b> of 4608 ticked', false);
    }

    public function test_a_cut_that_is_not_on_the_sheet_any_more_is_not_ticked_and_said_so(): void
    {
        $plan = $this->hang('garden-club-scraps');
        $this->post(
            "/plans/$plan->id/cut-sheet/ticks",
            ['cut' => 'sage-9-9', 'done' => '1'],
            ['HX-Request' => 'true'],
        )->assertStatus(422)->assertSee('not on the sheet any more');
        $this->from("/plans/$plan->id/cut-sheet")->post(
            "/plans/$plan->id/cut-sheet/ticks",
            ['cut' => 'sage-9-9', 'done' => '1'],
        )->assertRedirect("/plans/$plan->id/cut-sheet")->assertSessionHas('refused');
        $this->assertSame([], $plan->fresh()->tickedCuts());
    }
}
