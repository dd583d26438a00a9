<?php

namespace Database\Seeders;

use App\Models\ShelfItem;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Units;

/** What lies on the shelf of the demo's bench: whole rolls, begun ones, loose pieces, and what holds them together. */
final class DemoShelf
{
    private const MILL = 'the mill shop';

    private const MARKET = 'the craft market';

    /** @var list<array{string, array<string, string>, string, string}> the ware, what is said of it, what there is, and where it is kept */
    private const WOUND = [
        ['mesh', ['name' => 'Sage mesh', 'colour' => '#7f9a76', 'newWeight' => '310 g', 'coreWeight' => '40 g', 'newAcross' => '4 1/2 in', 'coreAcross' => '1 1/2 in', 'price' => '6.75', 'paid' => '4.05', 'low' => '10 yd'], '10 yd by label, 131 in, 62 in, 18 in', 'board 1'],
        ['mesh', ['name' => 'Cream mesh', 'colour' => '#ede3c8', 'hatch' => 'dots', 'price' => '6.75', 'paid' => '6.75', 'low' => '10 yd'], '2 x 10 yd by label, 212 in', 'board 1'],
        ['mesh', ['name' => 'Teal mesh', 'colour' => '#1d6a6b', 'weave' => 'metallic', 'price' => '7.50', 'paid' => '5.00', 'low' => '20 yd'], '3 x 10 yd by label lot T1, 10 yd by label lot T4, 96 in lot T1', 'board 1'],
        ['mesh', ['name' => 'Gold mesh', 'colour' => '#c59a2d', 'hatch' => 'bars', 'weave' => 'metallic', 'price' => '7.50', 'paid' => '5.00', 'low' => '10 yd'], '10 yd by label, 44 in, 8 x 20 in', 'board 1'],
        ['mesh', ['name' => 'Rust mesh', 'colour' => '#a5502f', 'hatch' => 'waves', 'price' => '6.25', 'paid' => '6.25'], '148 in, 75 in', 'board 1'],
        ['mesh', ['name' => 'Plum mesh', 'colour' => '#6d3a5f', 'hatch' => 'cross', 'price' => '6.25', 'paid' => '3.10'], '10 yd by label', 'board 1'],
        ['mesh', ['name' => 'White foil mesh', 'colour' => '#f4f2ec', 'hatch' => 'dashes', 'weave' => 'foil', 'edge' => 'loose', 'price' => '8.25', 'paid' => '8.25'], '190 in, 40 in', 'board 1'],
        ['mesh', ['name' => 'Moss poly-jute', 'colour' => '#5d6b3c', 'weave' => 'poly-jute', 'body' => 'full-bodied', 'price' => '9.00', 'paid' => '7.20'], '10 yd by label, 57 in', 'board 2'],
        ['mesh', ['name' => 'Natural burlap', 'colour' => '#b99a6b', 'hatch' => 'cross', 'weave' => 'burlap', 'body' => 'burlap', 'width' => '5 1/2 in', 'roll' => '10 yd', 'price' => '8.00', 'paid' => '8.00'], '10 yd by label, 84 in', 'board 2'],
        ['mesh', ['name' => 'Charcoal mesh', 'colour' => '#3c4143', 'hatch' => 'bars', 'price' => '6.25', 'paid' => '6.25', 'allowance' => '2 %'], '10 yd by label', 'board 2'],
        ['mesh', ['name' => 'Wide sky mesh', 'colour' => '#8db4d6', 'width' => '21 in', 'price' => '9.50', 'paid' => '9.50', 'body' => 'see-through'], '10 yd by label, 165 in', 'floor'],
        ['mesh', ['name' => 'Wide cream mesh', 'colour' => '#ede3c8', 'hatch' => 'dots', 'width' => '21 in', 'price' => '9.50', 'paid' => '7.60'], '240 in', 'floor'],
        ['mesh', ['name' => 'Wide leaf mesh', 'colour' => '#4d8a4a', 'hatch' => 'slant', 'width' => '21 in', 'price' => '9.50', 'paid' => '4.75'], '2 x 10 yd by label', 'floor'],
        ['mesh', ['name' => 'Dusk blue, narrow', 'colour' => '#54758f', 'hatch' => 'waves', 'width' => '6 in', 'roll' => '5 yd', 'price' => '2.25', 'paid' => '1.80', 'allowance' => '2 %', 'low' => '10 yd'], '4 x 5 yd by label, 71 in', 'basket'],
        ['mesh', ['name' => 'Honey, narrow', 'colour' => '#dba53a', 'hatch' => 'dots', 'width' => '6 in', 'roll' => '5 yd', 'price' => '2.25', 'paid' => '1.80', 'allowance' => '2 %'], '2 x 5 yd by label, 33 in, 12 x 9 in', 'basket'],
        ['mesh', ['name' => 'Cream, narrow', 'colour' => '#ede3c8', 'width' => '6 in', 'roll' => '5 yd', 'price' => '2.25', 'paid' => '2.25', 'allowance' => '2 %'], '3 x 5 yd by label', 'basket'],
        ['mesh', ['name' => 'Kite red, narrow', 'colour' => '#bf3030', 'hatch' => 'bars', 'width' => '6 in', 'roll' => '5 yd', 'price' => '2.25', 'paid' => '2.25', 'allowance' => '2 %', 'low' => '10 yd'], '102 in, 6 x 9 in', 'basket'],
        ['mesh', ['name' => 'Violet tulle', 'colour' => '#8f74b5', 'hatch' => 'waves', 'weave' => 'tulle', 'body' => 'see-through', 'width' => '6 in', 'roll' => '25 yd', 'price' => '4.00', 'paid' => '4.00'], '600 in', 'basket'],
        ['strands', ['name' => 'Raffia, straw', 'colour' => '#d3b878', 'hatch' => 'dashes', 'width' => '1/2 in', 'roll' => '100 yd', 'price' => '6.00', 'paid' => '6.00'], '2000 in', 'hook'],
        ['ribbon', ['name' => 'Cream grosgrain', 'colour' => '#f0e7d2', 'hatch' => 'stripes', 'width' => '1 1/2 in', 'price' => '4.50', 'paid' => '3.00', 'wired' => 'soft', 'sides' => 'two', 'low' => '3 yd'], '10 yd by label, 140 in', 'drawer 1'],
        ['ribbon', ['name' => 'Teal stripe', 'colour' => '#1d6a6b', 'hatch' => 'stripes', 'width' => '2 1/2 in', 'price' => '6.50', 'paid' => '6.50'], '10 yd by label', 'drawer 1'],
        ['ribbon', ['name' => 'Gold lamé', 'colour' => '#c59a2d', 'hatch' => 'prints', 'width' => '2 1/2 in', 'price' => '7.00', 'paid' => '4.90', 'frays' => 'frays'], '220 in, 40 in', 'drawer 1'],
        ['ribbon', ['name' => 'Bee print', 'colour' => '#f2d15c', 'hatch' => 'prints', 'width' => '2 1/2 in', 'price' => '7.50', 'paid' => '7.50', 'print' => 'upright'], '10 yd by label', 'drawer 2'],
        ['ribbon', ['name' => 'Book print', 'colour' => '#c9b28f', 'hatch' => 'prints', 'width' => '4 in', 'price' => '8.50', 'paid' => '8.50', 'print' => 'upright', 'low' => '3 yd'], '88 in', 'drawer 2'],
        ['ribbon', ['name' => 'Sage sheer', 'colour' => '#9db396', 'hatch' => 'waves', 'width' => '1 1/2 in', 'roll' => '3 yd', 'price' => '2.50', 'paid' => '1.25', 'wired' => 'sheer', 'sides' => 'two', 'frays' => 'frays'], '3 x 3 yd by label', 'drawer 2'],
        ['ribbon', ['name' => 'Kite tails', 'colour' => '#bf3030', 'hatch' => 'stripes', 'width' => '0.875 in', 'roll' => '30 ft', 'price' => '3.25', 'paid' => '3.25'], '30 ft by label, 54 in, 10 x 12 in', 'drawer 2'],
    ];

    /** @var list<array{string, array<string, string>, int, string}> */
    private const COUNTED = [
        ['stems', ['name' => 'Stems, moss green', 'colour' => '#4f6b4a', 'pack' => '100', 'price' => '3.50', 'paid' => '3.50', 'low' => '50'], 236, 'tin'],
        ['stems', ['name' => 'Stems, white', 'colour' => '#f4f2ec', 'pack' => '25', 'price' => '1.25', 'paid' => '1.25', 'low' => '25'], 17, 'tin'],
        ['stems', ['name' => 'Stems, gold tinsel', 'colour' => '#c59a2d', 'pack' => '25', 'price' => '1.75', 'paid' => '1.75', 'about' => 'slide: a dot of glue on the back'], 62, 'tin'],
        ['zip-ties', ['name' => 'Zip ties, 4 in', 'colour' => '#3b3b3b', 'pack' => '100', 'price' => '3.00', 'paid' => '3.00'], 140, 'tin'],
        ['sign', ['name' => 'Sign "Read on"', 'colour' => '#c9b28f', 'about' => '9 x 6 in, plywood', 'price' => '5.50', 'paid' => '5.50'], 2, 'board 3'],
        ['sign', ['name' => 'Sign, bee hive', 'colour' => '#dba53a', 'about' => '7 x 7 in, tin', 'price' => '6.00', 'paid' => '4.00'], 1, 'board 3'],
        ['sign', ['name' => 'Long board, blank', 'colour' => '#b58a5a', 'about' => '24 x 5 in, pine', 'price' => '4.00', 'paid' => '4.00'], 3, 'board 3'],
        ['pick', ['name' => 'Cream roses', 'colour' => '#efe2c5', 'price' => '1.80', 'paid' => '1.20'], 7, 'jar'],
        ['pick', ['name' => 'Fern spray', 'colour' => '#5e8a52', 'price' => '1.20', 'paid' => '1.20'], 11, 'jar'],
        ['pick', ['name' => 'Paper bees', 'colour' => '#e3b93c', 'price' => '0.60', 'paid' => '0.60', 'low' => '6'], 5, 'jar'],
        ['glue', ['name' => 'Glue sticks, full size', 'colour' => '#d9d2bd', 'pack' => '20', 'price' => '4.00', 'paid' => '4.00', 'low' => '10'], 31, 'drawer 3'],
        ['other', ['name' => 'Foam balls', 'colour' => '#eceae4', 'about' => '1 1/2 in', 'pack' => '12', 'price' => '2.40', 'paid' => '2.40'], 20, 'jar'],
        ['other', ['name' => 'Felt, charcoal', 'colour' => '#3c4143', 'about' => 'sheets of 9 x 12 in', 'pack' => '6', 'price' => '3.60', 'paid' => '3.60'], 4, 'drawer 3'],
        ['other', ['name' => 'Wire hangers', 'colour' => '#8d9189', 'about' => 'for swag spines', 'price' => '0.25', 'paid' => '0.25'], 9, 'behind the shelf'],
    ];

    public static function lay(): void
    {
        $read = new OnHandBlank('came', 'what came');
        foreach (self::WOUND as $index => [$ware, $said, $came, $kept]) {
            ShelfItem::begin($ware, $said + ['supplier' => $index % 3 === 0 ? self::MARKET : self::MILL])->take($read->read($came, Units::Inches), kept: $kept);
        }
        foreach (self::COUNTED as [$ware, $said, $count, $kept]) {
            $counts = array_map(intval(...), array_intersect_key($said, ['pack' => 1, 'low' => 1]));
            ShelfItem::begin($ware, [...$said, ...$counts, 'supplier' => self::MARKET])->takePieces($count, kept: $kept);
        }
    }
}
