<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfItem;
use Illuminate\Http\UploadedFile;

/** The shelf speaks in inches, or in centimetres where the house is set so. */
final class ShelfUnitsTest extends FeatureCase
{
    use HasSage;

    public function test_what_lies_there_is_shown_in_the_units_of_the_house(): void
    {
        $sage = $this->sage('10 yd by label, 131 in, 6 x 20 in');
        $this->followingRedirects()->from('/shelf')->post(
            '/units',
            ['units' => 'centimetres'],
        )->assertSee('The shelf speaks in centimetres.')->assertSee('Speak in inches');
        $this->assertContains(
            '25.4 cm wide: 9.14 m, 332.5 cm, 6 x 50.8 cm',
            array_map(
                fn (string $text): string => str_replace("\u{A0}", ' ', $text),
                $this->texts($this->get('/shelf'), "//*[@class='meant']"),
            ),
        );
        $this->assertSame(['914 cm', '332.5 cm', '6 x 50.8 cm'], $this->texts($this->get("/shelf/$sage->id"), '//article/div/b'));
        $this->assertSame(['25.4 cm'], $this->texts($this->get('/scraps'), "//select[@name='width']/option"));
    }

    public function test_a_number_without_a_unit_is_in_the_units_of_the_house(): void
    {
        $this->post('/units', ['units' => 'centimetres']);
        $sage = $this->sage('9 m');
        $this->post("/shelf/$sage->id/edits", ['set' => ['item.width' => '25']]);
        $this->assertSame('25 cm', $sage->fresh()->said['width']);
        $this->post("/shelf/$sage->id/stock", ['came' => '300']);
        $stock = $sage->stock()->latest('id')->firstOrFail();
        $this->assertSame('300 cm', $stock->shown($stock->amount));
        $this->post("/stock/$stock->id/measure", ['way' => 'tape', 'tape' => '280']);
        $this->assertSame('280 cm', $stock->fresh()->shown($stock->fresh()->amount));
        $this->post(
            '/shelf-files',
            ['file' => UploadedFile::fake()->createWithContent('shelf.csv', "name,width,left\nMoss mesh,25,120\n")],
        );
        $this->get('/shelf-files/1')->assertSee('Moss mesh, 25 cm wide')->assertSee('1 of 120 cm');
    }

    public function test_plans_begun_from_then_on_take_over_the_units_and_others_keep_theirs(): void
    {
        $this->post('/plans', ['starter' => 'ruffles']);
        $this->post('/units', ['units' => 'centimetres']);
        $this->post('/plans', ['starter' => 'ruffles']);
        $this->assertSame(
            ['inches', 'centimetres'],
            SavedPlan::query()->with('revision')->orderBy('id')->get()->map(fn (SavedPlan $plan): string => $plan->plan()->units()->value)->all(),
        );
    }

    public function test_other_units_are_refused_and_change_nothing(): void
    {
        $this->from('/shelf')->post('/units', ['units' => 'cubits'])->assertRedirect('/shelf')->assertSessionHas(
            'refused',
            'Lengths are shown in inches or in centimetres. Choose one of the two.',
        );
        $this->get('/shelf')->assertSee('The shelf speaks in inches.');
    }

    public function test_a_mark_that_nobody_made_is_called_so(): void
    {
        $item = ShelfItem::begin('glue', ['name' => 'Glue sticks']);
        $this->assertSame('no mark', $this->blank($this->get("/shelf/$item->id"), 'item.low')->getAttribute('value'));
        $this->post("/shelf/$item->id/edits", ['set' => ['item.low' => '5']]);
        $this->assertSame('5', $this->blank($this->get("/shelf/$item->id"), 'item.low')->getAttribute('value'));
        $this->post("/shelf/$item->id/edits", ['set' => ['item.low' => 'No mark']]);
        $this->assertSame(0, $item->fresh()->said['low']);
    }
}
