<?php

namespace Tests\Feature;

use App\Models\ShelfItem;

/** Labels for what goes back on the shelf, and for what lies there. */
final class LabelPrinterTest extends FeatureCase
{
    use HasSage;

    public function test_a_cut_sheet_prints_a_label_for_each_rest_that_is_kept(): void
    {
        $plan = $this->plan($this->sage('131 in lot B7, 62 in'), 'First', '19 in');
        $this->get("/plans/$plan->id/cut-sheet")->assertSee('Print 2 labels for what goes back');
        $this->post("/plans/$plan->id/cut-sheet/labels")->assertRedirect("/plans/$plan->id/cut-sheet")->assertSessionHas(
            'said',
            '2 labels are printed.',
        );
        $page = $this->get('/labels')->assertSee('58 labels left on its roll');
        $this->assertSame(
            ['Sage mesh 17 in 10 in wide, lot B7', 'Sage mesh 189 in 10 in wide'],
            $this->texts($page, "//ol[@class='labels']/li"),
        );
        $this->assertCount(2, $this->find($page, "//*[@class='label-band']"));
    }

    public function test_several_plans_cut_together_print_theirs(): void
    {
        $this->post('/together', ['copies' => [$this->hang()->id => 2]]);
        $this->post('/together/1/labels')->assertSessionHas('said', '3 labels are printed.');
        $this->assertCount(3, $this->find($this->get('/labels'), "//ol[@class='labels']/li"));
    }

    public function test_what_lies_on_the_shelf_gets_its_label(): void
    {
        $sage = $this->sage('6 x 20 in lot B7');
        $this->post('/stock/1/label')->assertRedirect("/shelf/$sage->id")->assertSessionHas(
            'said',
            'Its label is printed: Sage mesh, 10 in wide, 6 x 20 in, lot B7.',
        );
        ShelfItem::begin('stems', ['name' => 'Stems, white'])->takePieces(1);
        $this->post('/stock/2/label')->assertSessionHas('said', 'Its label is printed: Stems, white, 1 stem.');
        $this->assertStringContainsString('print its label', (string) $this->get("/shelf/$sage->id")->getContent());
    }

    public function test_a_printer_that_stops_prints_none_and_says_why(): void
    {
        $plan = $this->plan($this->sage('131 in, 62 in'), 'First', '19 in');
        $labels = "/plans/$plan->id/cut-sheet/labels";
        $this->post('/labels', ['do' => 'off']);
        $this->from('/shelf')->post($labels)->assertRedirect('/shelf')->assertSessionHas(
            'refused',
            'The label printer does not answer. Switch it on and print again, or write the labels by hand: what belongs on them '
                .'stands on the sheet.',
        );
        $this->post('/labels', ['do' => 'on']);
        $this->post('/labels', ['do' => 'end']);
        $this->from('/shelf')->post($labels)->assertSessionHas(
            'refused',
            'That takes 2 labels, and the printer has 1 left on its roll. Put a new roll in and print again; none was printed.',
        );
        $this->get('/labels')->assertSee('Nothing printed yet')->assertSee('Put a new roll in');
        $this->post('/labels', ['do' => 'roll']);
        $this->post($labels)->assertSessionHas('said');
        $this->post('/labels', ['do' => 'tear'])->assertRedirect('/labels');
        $this->get('/labels')->assertSee('Nothing printed yet')->assertSee('58 labels left');
    }

    public function test_where_nothing_goes_back_there_is_nothing_to_print(): void
    {
        $plan = $this->plan($this->sage('38 in'), 'First', '19 in', 'ties 1, 2');
        $this->get("/plans/$plan->id/cut-sheet")->assertDontSee('for what goes back');
        $this->from('/shelf')->post("/plans/$plan->id/cut-sheet/labels")->assertSessionHas(
            'refused',
            'Nothing goes back on the shelf from here, so there is no label to print.',
        );
    }
}
