<?php

namespace Tests\Feature;

use App\Models\ShelfItem;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A shelf that was filled before strands were a kind of material of their own. */
final class OldShelfTest extends FeatureCase
{
    private const OLD = [
        'name' => 'Natural raffia',
        'colour' => '#c9a66b',
        'hatch' => 'dashes',
        'width' => '1/2 in',
        'body' => 'strands',
        'roll' => '100 yd',
        'allowance' => '0 %',
        'price' => '4.00',
        'weave' => 'raffia',
        'edge' => 'loose',
        'newWeight' => '500 g',
        'coreWeight' => '',
        'newAcross' => '',
        'coreAcross' => '',
        'paid' => '3.10',
        'supplier' => 'the market',
        'low' => '10 yd',
    ];

    public function test_raffia_becomes_strands_and_keeps_what_was_said_of_it_and_mesh_stays_mesh(): void
    {
        $raffia = $this->mesh(self::OLD);
        $mesh = $this->mesh(['name' => 'Sage mesh', 'body' => 'burlap'] + self::OLD);
        $this->migration()->up();

        $slip = ShelfItem::query()->findOrFail($raffia)->slip();
        $this->assertSame(
            ['1/2 in', '3600 in', '3.10', 'the market', '360 in'],
            array_values(array_intersect_key($slip->write(), ['width' => 1, 'roll' => 1, 'paid' => 1, 'supplier' => 1, 'low' => 1])),
        );
        $this->assertSame('strands', ShelfItem::query()->findOrFail($raffia)->ware);
        $this->assertSame(
            ['mesh', 'burlap'],
            [ShelfItem::query()->findOrFail($mesh)->ware, ShelfItem::query()->findOrFail($mesh)->slip()->text('body')],
        );
        $this->get("/shelf/$raffia")->assertOk()->assertSee('Natural raffia')->assertDontSee('both edges');
        $this->get('/shelf')->assertOk()->assertSee('Natural raffia');
    }

    public function test_going_back_and_forth_loses_nothing_that_strands_say(): void
    {
        $raffia = $this->mesh(self::OLD);
        $this->migration()->up();
        $said = ShelfItem::query()->findOrFail($raffia)->said;
        $this->migration()->down();
        $this->assertSame(
            ['mesh', 'strands'],
            [ShelfItem::query()->findOrFail($raffia)->ware, ShelfItem::query()->findOrFail($raffia)->said['body']],
        );
        $this->migration()->up();
        $this->assertEqualsCanonicalizing($said, ShelfItem::query()->findOrFail($raffia)->said);
    }

    /** @param  array<string, string>  $said */
    private function mesh(array $said): int
    {
        return DB::table('shelf_items')->insertGetId(
            ['ware' => 'mesh', 'name' => $said['name'], 'said' => json_encode($said), 'family' => 'brown', 'width' => 2032],
        );
    }

    private function migration(): Migration
    {
        return require database_path('migrations/2026_11_28_000000_make_strands_a_material_of_their_own.php');
    }
}
