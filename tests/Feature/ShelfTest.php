<?php

namespace Tests\Feature;

use App\Devices\PlayedScale;
use App\Models\ShelfItem;
use App\Models\ShelfStock;
use Database\Seeders\DemoShelf;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShelfTest extends FeatureCase
{
    public function test_an_empty_shelf_says_how_to_fill_it(): void
    {
        $this->get('/shelf')->assertOk()->assertSee('The shelf is empty');
    }

    public function test_things_stand_on_their_boards_drawn_by_what_is_left(): void
    {
        $sage = $this->sage('10 yd by label, 131 in, 62 in, 6 x 20 in');
        $page = $this->get('/shelf')->assertOk();
        $this->assertSame(
            ['Sage mesh', '10 in wide: 10 yd, 131 in, 62 in, 6 x 20 in'],
            array_map(
                fn (string $text): string => str_replace("\u{A0}", ' ', $text),
                [...$this->texts($page, "//*[@class='plate']/b"), ...$this->texts($page, "//*[@class='meant']")],
            ),
        );
        $widths = array_map(
            fn ($rect): float => (float) $rect->getAttribute('width'),
            $this->find($page, "//*[name()='svg'][contains(@class,'things')]//*[name()='rect'][contains(@fill,'url')]"),
        );
        $this->assertCount(3, $widths);
        $this->assertTrue($widths[0] > $widths[1] && $widths[1] > $widths[2]);
        $this->assertSame(
            ['360 in, board 1', '131 in, board 1', '62 in, board 1', '6 x 20 in, board 1'],
            $this->texts($page, "//*[name()='svg'][contains(@class,'things')]//*[name()='title']"),
        );
        $this->assertSame(673 * 4064, $sage->fresh()->together());
    }

    public function test_the_shelf_is_searched_and_filtered(): void
    {
        DemoShelf::lay();
        $names = fn (string $query): array => $this->texts($this->get("/shelf?$query")->assertOk(), "//*[@class='plate']/b");
        $this->assertCount(40, $names(''));
        $this->assertSame(
            ['Cream mesh', 'Sage mesh'],
            array_values(array_intersect($names('kind=mesh&width=40640'), ['Cream mesh', 'Sage mesh', 'Wide sky mesh'])),
        );
        $this->assertSame(['Teal mesh', 'Teal stripe'], $names('colour=teal'));
        $this->assertSame(['Book print', 'Bee print', 'Sage sheer', 'Kite tails'], $names('q=drawer%202'));
        $this->assertSame(['Paper bees'], $names('q=bees&kind=pick'));
        $this->get('/shelf?q=100%25_nothing')->assertSee('Nothing on the shelf is like that');
        $this->get('/shelf?q[]=x&width=x&colour=none&kind[]=1')->assertOk();
        $low = $this->texts($this->get('/shelf'), "//*[@class='plate'][.//*[@class='low']]/b");
        $this->assertContains('Stems, white', $low);
        $this->assertNotContains('Sage mesh', $low);
    }

    public function test_every_ware_is_put_on_the_shelf_told_in_its_sentence_and_taken_more_of(): void
    {
        foreach (app(Craft::class)->materials as $key => $ware) {
            $this->post('/shelf', ['ware' => $key])->assertRedirect();
            $item = ShelfItem::query()->latest('id')->firstOrFail();
            $page = $this->get("/shelf/$item->id")->assertOk();
            foreach ($ware->shelfBlanks(Currency::UsDollar) as $blank) {
                $this->blank($page, "item.{$blank->key()}");
            }
            $this->post(
                "/shelf/$item->id/stock",
                ['came' => $ware->isWound() ? '2 x 10 yd by label' : '25'],
            )->assertRedirect("/shelf/$item->id");
            $this->assertGreaterThan(0, $item->fresh()->together());
        }
        $this->post('/shelf', ['ware' => 'elephant'])->assertRedirect();
    }

    public function test_what_is_said_of_a_thing_is_written_anew_or_refused_and_kept(): void
    {
        $item = $this->sage('10 yd');
        $this->post(
            "/shelf/$item->id/edits",
            ['set' => ['item.name' => 'Sage, foil edge', 'item.paid' => '3.90']],
        )->assertRedirect("/shelf/$item->id");
        $this->assertSame(['Sage, foil edge', '3.90'], [$item->fresh()->name, $item->fresh()->said['paid']]);
        $page = $this->post("/shelf/$item->id/edits", ['set' => ['item.width' => 'wide']])->assertStatus(422)->assertSee('is not a length');
        $this->assertSame('wide', $this->blank($page, 'item.width')->getAttribute('value'));
        $this->post("/shelf/$item->id/edits", ['set' => ['item.nothing' => 'x']])->assertStatus(422);
        $this->assertSame('10 in', $item->fresh()->said['width']);
    }

    public function test_what_comes_is_read_as_people_write_it_or_refused_with_what_was_typed(): void
    {
        $item = $this->sage('10 yd');
        $this->from("/shelf/$item->id")->post(
            "/shelf/$item->id/stock",
            ['came' => 'some', 'kept' => 'attic'],
        )->assertRedirect("/shelf/$item->id")->assertSessionHasInput('came', 'some');
        $this->get("/shelf/$item->id")->assertSee('is not a length')->assertSee('value="some"', false);
        $this->assertSame(1, $item->stock()->count());
    }

    public function test_a_roll_is_weighed_and_the_weights_of_new_rolls_are_remembered(): void
    {
        $item = $this->sage('10 yd by label');
        $stock = $item->stock()->firstOrFail();
        $this->measure(
            $stock,
            ['way' => 'weight', 'newWeight' => '310', 'coreWeight' => '40 g', 'now' => '175 g'],
        )->assertRedirect("/shelf/$item->id")->assertSessionHas('said', '180 in are left, weighed.');
        $this->assertSame([180 * 4064, 'weighed', 'part'], [$stock->fresh()->amount, $stock->fresh()->known, $stock->fresh()->kind->value]);
        $this->assertSame(['310 g', '40 g'], [$item->fresh()->said['newWeight'], $item->fresh()->said['coreWeight']]);
    }

    public function test_how_heavy_a_mesh_is_follows_from_its_roll_where_that_was_weighed(): void
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Sage mesh', 'newWeight' => '310 g', 'coreWeight' => '40 g']);
        // 270 g on 10 in x 360 in, which is 25 square feet.
        $this->get("/shelf/$item->id")->assertSee('10.8 g a square foot');
        $item->write('coreWeight', 'not weighed');
        $this->get("/shelf/$item->id")->assertOk()->assertDontSee('a square foot');
        $this->assertNull(ShelfItem::begin('sign', [])->weightWords());
    }

    public function test_a_roll_is_measured_across_by_its_cuts_or_with_the_tape(): void
    {
        $stock = $this->sage('10 yd by label')->stock()->firstOrFail();
        $this->measure(
            $stock,
            ['way' => 'across', 'newAcross' => '4 1/2', 'coreAcross' => '1 1/2', 'across' => '3.3'],
        )->assertSessionHas('said', '172 3/4 in are left, by its diameter.');
        $this->measure($stock->fresh(), ['way' => 'tape', 'tape' => '170 in'])->assertSessionHas('said', '170 in are left, measured.');
        $this->measure(
            $stock->fresh(),
            ['way' => 'cuts', 'cuts' => '4 x 19 in, 22'],
        )->assertSessionHas('said', '72 in are left, by what was cut.');
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function nonsense(): iterable
    {
        yield 'lighter than the core' => [
            ['way' => 'weight', 'newWeight' => '310', 'coreWeight' => '40', 'now' => '35'],
            'lighter than its core',
        ];
        yield 'no weight' => [['way' => 'weight', 'newWeight' => '310', 'coreWeight' => '40', 'now' => 'light'], 'is not a weight'];
        yield 'longer than new' => [['way' => 'tape', 'tape' => '400 in'], '400 in cannot be left on a roll that held 10 yd'];
        yield 'less than nothing' => [['way' => 'tape', 'tape' => '-4 in'], 'cannot be left'];
        yield 'nothing said' => [['way' => 'cuts'], 'A length is missing'];
        yield 'more cut than there was' => [['way' => 'cuts', 'cuts' => '40 x 10 in'], 'cannot be cut from 360 in'];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('nonsense')]
    public function test_a_measure_that_cannot_be_is_refused_and_what_was_typed_stays(array $typed, string $says): void
    {
        $stock = $this->sage('10 yd by label')->stock()->firstOrFail();
        $this->measure($stock, $typed)->assertRedirect("/shelf/$stock->shelf_item_id");
        $page = $this->get("/shelf/$stock->shelf_item_id")->assertSee($says);
        foreach (array_diff_key($typed, ['way' => 1]) as $field => $value) {
            $this->assertNotEmpty($this->find($page, "//*[@id='stock-$stock->id']//input[@name='$field' and @value='$value']"));
        }
        $this->assertSame(360 * 4064, $stock->fresh()->amount);
    }

    public function test_what_is_no_roll_is_counted_anew_and_nothing_is_measured_the_wrong_way(): void
    {
        $stems = ShelfItem::begin('stems', [])->takePieces(100);
        $loose = $this->sage('6 x 20 in, 131 in')->stock()->where('kind', 'loose')->firstOrFail();
        $this->measure($stems, ['way' => 'count', 'count' => '88'])->assertSessionHas('said', '88 are left, counted.');
        $this->measure($loose, ['way' => 'count', 'count' => '4'])->assertSessionHas('said', '4 x 20 in are left, counted.');
        $this->assertSame([88, 4], [$stems->fresh()->amount, $loose->fresh()->amount]);
        $this->measure($stems, ['way' => 'count', 'count' => 'many'])->assertSessionHas('refused')->assertSessionHasInput('count', 'many');
        $roll = ShelfStock::query()->where('kind', 'part')->firstOrFail();
        foreach ([[$stems, ['way' => 'tape', 'tape' => '9 in']], [$loose, ['way' => 'weight', 'now' => '9 g']], [$roll, ['way' => 'count', 'count' => '3']]] as [$stock, $typed]) {
            $this->measure($stock, $typed)->assertRedirect("/shelf/$stock->shelf_item_id")->assertSessionHas('refused');
        }
        $this->assertSame([88, 4, 131 * 4064], [$stems->fresh()->amount, $loose->fresh()->amount, $roll->fresh()->amount]);
        $this->get("/shelf/$stems->shelf_item_id")->assertOk()->assertSee('count them')->assertSee('counted: 88');
    }

    public function test_the_scale_is_played_and_read_and_says_why_it_cannot(): void
    {
        $stock = $this->sage('10 yd by label')->stock()->firstOrFail();
        $read = fn () => $this->get("/shelf/$stock->shelf_item_id?scale=1&stock=$stock->id");
        $read()->assertSee('Nothing lies on the scale');
        $this->post('/scale', ['weight' => '6.2 oz', 'state' => 'steady'])->assertRedirect('/scale');
        $this->get('/scale')->assertSee('6.2 oz');
        $this->assertSame('6.2 oz', $this->find($read(), "//input[@name='now']")[0]->getAttribute('value'));
        foreach (['unsteady' => 'has not come to rest', 'off' => 'does not answer'] as $state => $says) {
            $this->post('/scale', ['weight' => '175 g', 'state' => $state]);
            $read()->assertOk()->assertSee($says);
        }
        $this->from('/scale')->post(
            '/scale',
            ['weight' => 'a lot', 'state' => 'steady'],
        )->assertRedirect('/scale')->assertSessionHasInput('weight', 'a lot');
        $this->assertSame('175 g', app(PlayedScale::class)->lies()['weight']);
        app(PlayedScale::class)->lay(Weight::grams(99), 'steady');
        $this->assertSame('99 g', app(PlayedScale::class)->read()->shown());
    }

    public function test_what_happened_is_told_and_undone_or_says_what_stands_in_the_way(): void
    {
        $stock = $this->sage('10 yd by label')->stock()->firstOrFail();
        $this->measure($stock, ['way' => 'cuts', 'cuts' => '100 in']);
        $this->measure($stock->fresh(), ['way' => 'tape', 'tape' => '200 in']);
        $page = $this->get("/shelf/$stock->shelf_item_id");
        $this->assertSame(
            ['measured with the tape: 200 in', 'cut since: 100 in', 'put on the shelf'],
            $this->texts($page, "//ol[@class='history']/li/span"),
        );
        [$came, $cut, $tape] = $stock->movements()->orderBy('id')->get()->all();
        $this->from('/shelf')->post("/movements/$came->id/undo")->assertRedirect('/shelf');
        $this->get('/shelf')->assertSee('It was measured since');
        $this->from('/shelf')->post("/movements/$cut->id/undo")->assertRedirect('/shelf')->assertSessionHas('refused');
        $this->post("/movements/$tape->id/undo")->assertSessionHas('said', 'Undone: measured with the tape: 200 in.');
        $this->post("/movements/$cut->id/undo")->assertSessionHas('said');
        $this->assertSame([360 * 4064, 'full'], [$stock->fresh()->amount, $stock->fresh()->kind->value]);
    }

    public function test_a_roll_that_is_used_up_is_off_the_shelf_until_that_is_undone(): void
    {
        $item = $this->sage('131 in');
        $stock = $item->stock()->firstOrFail();
        $this->post("/stock/$stock->id/gone")->assertRedirect("/shelf/$item->id");
        $this->get("/shelf/$item->id")->assertSee('Nothing just now');
        $this->post("/movements/{$stock->movements()->latest('id')->first()->id}/undo");
        $this->assertSame(131 * 4064, $stock->fresh()->amount);
    }

    public function test_a_thing_is_put_away_and_brought_back_with_all_that_happened_to_it(): void
    {
        $item = $this->sage('131 in');
        $this->followingRedirects()->post("/shelf/$item->id/away")->assertSee('is put away');
        $this->assertSame([], $this->texts($this->get('/shelf'), "//*[@class='plate']/b"));
        $this->assertSame(['Sage mesh'], $this->texts($this->get('/shelf?away=1'), "//*[@class='plate']/b"));
        $this->followingRedirects()->post("/shelf/$item->id/restore")->assertSee('is on the shelf again')->assertSee('131 in');
    }

    public function test_where_a_roll_is_kept_and_its_lot_are_noted(): void
    {
        $stock = $this->sage('131 in')->stock()->firstOrFail();
        $this->post("/stock/$stock->id/note", ['kept' => 'crate 4', 'lot' => 'B7'])->assertRedirect();
        $this->get("/shelf/$stock->shelf_item_id")->assertSee('lot B7, crate 4');
        $typed = ['stock' => (string) $stock->id, 'way' => 'note', 'kept' => 'attic', 'lot' => 'a lot, really'];
        $page = $this->from("/shelf/$stock->shelf_item_id")->followingRedirects()->post("/stock/$stock->id/note", $typed)->assertSee(
            '"a lot, really" cannot be the name of a lot. Write up to 16 letters and figures',
        );
        $this->assertSame(['crate 4', 'B7'], [$stock->fresh()->kept, $stock->fresh()->lot]);
        $this->assertSame(
            ['attic', 'a lot, really'],
            array_map(
                fn (string $name): string => $this->find($page, "//details[@open]//input[@name='$name']")[0]->getAttribute('value'),
                ['kept', 'lot'],
            ),
        );
        $this->assertSame(
            ['', 'attic'],
            array_map(fn ($input): string => $input->getAttribute('value'), $this->find($page, "//input[@name='kept']")),
            'the other form keeps to its own',
        );
        $this->post("/stock/$stock->id/note", ['kept' => '', 'lot' => ' ']);
        $this->assertSame(['', null], [$stock->fresh()->kept, $stock->fresh()->lot]);
    }

    private function sage(string $came): ShelfItem
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Sage mesh']);
        $item->take((new OnHandBlank('came', 'what came'))->read($came, Units::Inches), kept: 'board 1');

        return $item->fresh();
    }

    /** @param  array<string, string>  $typed */
    private function measure(ShelfStock $stock, array $typed)
    {
        return $this->from("/shelf/$stock->shelf_item_id")->post("/stock/$stock->id/measure", $typed + ['stock' => (string) $stock->id]);
    }

    public function test_very_many_rolls_of_one_mesh_come_in_pages(): void
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Moss mesh']);
        $item->take(array_map(fn (int $inches): OnHand => new OnHand(1, Length::inches($inches)), range(101, 150)));
        $page = $this->get("/shelf/$item->id")->assertOk()->assertSee('1 to 40 of 50, the longest first');
        $this->assertLessThan(400_000, strlen((string) $page->getContent()));
        $this->get("/shelf/$item->id?rolls=2")->assertSee('41 to 50 of 50')->assertSee('101 in')->assertDontSee('Shorter ones');
        $this->get('/shelf')->assertOk()->assertSee("and\u{A0}26\u{A0}more\u{A0}lengths");
    }
}
