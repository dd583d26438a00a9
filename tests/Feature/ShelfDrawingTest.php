<?php

namespace Tests\Feature;

use App\Models\ShelfItem;
use App\Shelf\MaterialFromShelf;
use App\Shelf\ShelfThings;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** Things on their boards, to scale. */
final class ShelfDrawingTest extends FeatureCase
{
    public function test_a_roll_is_as_thick_as_what_is_left_on_it(): void
    {
        $things = $this->things('mesh', ['newAcross' => '4 1/2 in', 'coreAcross' => '1 1/2 in'], '10 yd, 180 in, 1 in');
        // Half of the mesh fills half of the ring: the root of (1 1/2 squared + half of 18) in across.
        $this->assertEqualsWithDelta(
            [4.5 * ShelfThings::SCALE, sqrt(2.25 + 9) * ShelfThings::SCALE],
            array_slice(array_column($things->things, 'width'), 0, 2),
            0.06,
        );
        $this->assertEqualsWithDelta(1.52 * ShelfThings::SCALE, $things->things[2]['width'], 0.1);
        $this->assertSame([4.5 * ShelfThings::SCALE], array_values(array_unique(array_column($things->things, 'ghost'))));
        $this->assertSame([1.0, 0.5], array_slice(array_column($things->things, 'part'), 0, 2));
    }

    public function test_wide_rolls_stand_higher_than_narrow_ones_and_all_on_the_board(): void
    {
        [$narrow, $wide] = [$this->things('mesh', ['width' => '6 in'], '5 yd'), $this->things('mesh', ['width' => '21 in'], '5 yd')];
        $this->assertEqualsWithDelta(
            [6 * ShelfThings::SCALE, 21 * ShelfThings::SCALE],
            [$narrow->things[0]['height'], $wide->things[0]['height']],
            0.1,
        );
        foreach ([$narrow, $wide] as $things) {
            $this->assertEqualsWithDelta($things->height, $things->things[0]['y'] + $things->things[0]['height'], 0.1);
        }
    }

    public function test_what_finds_no_room_on_the_board_is_counted(): void
    {
        $things = $this->things('mesh', [], '12 x 10 yd by label');
        $this->assertSame(12, count($things->things) + $things->more);
        $this->assertGreaterThan(0, $things->more);
        foreach ($things->things as $thing) {
            $this->assertLessThanOrEqual(172.0, $thing['x'] + $thing['width']);
        }
        $this->assertSame("12\u{A0}x\u{A0}10\u{A0}yd", $things->words());
    }

    public function test_loose_pieces_lie_stacked_and_packs_are_as_full_as_they_are(): void
    {
        $loose = $this->things('mesh', [], '6 x 20 in');
        $this->assertSame(['loose', 21.0], [$loose->things[0]['kind'], $loose->things[0]['height']]);
        $stems = ShelfItem::begin('stems', ['pack' => 25]);
        $stems->takePieces(62);
        $things = new ShelfThings($stems->fresh('stock'));
        $this->assertSame([1.0, 1.0, 0.48], array_column($things->things, 'part'));
        $this->assertSame(['25 of 25', '25 of 25', '12 of 25'], array_column($things->things, 'words'));
        $this->assertSame('62 stems', $things->words());
    }

    public function test_nothing_left_is_drawn_as_nothing(): void
    {
        foreach (['mesh', 'sign'] as $ware) {
            $things = new ShelfThings(ShelfItem::begin($ware, [])->fresh('stock'));
            $this->assertSame([[], 0, 'nothing left'], [$things->things, $things->more, $things->words()]);
        }
        $this->get('/shelf')->assertOk()->assertSee('nothing left');
    }

    public function test_it_is_low_below_its_mark_and_only_where_there_is_one(): void
    {
        $low = fn (string $ware, array $said): bool => ShelfItem::begin($ware, $said)->load('stock')->isLow();
        $this->assertSame(
            [false, true, false, true],
            [$low('mesh', []), $low('mesh', ['low' => '10 yd']), $low('glue', []), $low('glue', ['low' => 5])],
        );
        $item = ShelfItem::begin('mesh', ['low' => '100 in']);
        $item->take((new OnHandBlank('came', ''))->read('60 in, 2 x 20 in', Units::Inches));
        $this->assertSame([false, 100 * Length::PER_INCH], [$item->fresh('stock')->isLow(), $item->fresh('stock')->together()]);
    }

    public function test_what_a_plan_takes_to_be_on_hand_is_in_its_words_without_numbers_of_the_shelf(): void
    {
        $this->assertSame(
            '131 in, 2 x 20 in lot B7, 360 in by label',
            MaterialFromShelf::words(['131 in (shelf 4)', '2 x 20 in lot B7 (shelf 5)', '360 in by label']),
        );
        $this->assertSame('nothing', MaterialFromShelf::words([]));
    }

    /** @param  array<string, mixed>  $said */
    private function things(string $ware, array $said, string $came): ShelfThings
    {
        $item = ShelfItem::begin($ware, $said);
        $item->take((new OnHandBlank('came', ''))->read($came, Units::Inches));

        return new ShelfThings($item->fresh('stock'));
    }
}
