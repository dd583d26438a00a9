<?php

namespace App\Plans;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** What a new plan can begin as. */
enum Starter: string
{
    case Ruffles = 'ruffles';
    case Poofs = 'poofs';
    case Square = 'square';
    case Stick = 'stick';
    case Bare = 'bare';

    public function title(): string
    {
        return match ($this) {
            self::Ruffles => 'Ruffles on a ring',
            self::Poofs => 'Poofs round a ring',
            self::Square => 'A square',
            self::Stick => 'A swag on a stick',
            self::Bare => 'A bare ring',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Ruffles => '18 ties in two rows, one 19 in piece on each',
            self::Poofs => '24 ties on the middle wires, one run of narrow mesh',
            self::Square => '12 ties on corners and crossbars, one 18 in piece on each',
            self::Stick => '20 ties on a 36 in stick, one 11 in piece on each',
            self::Bare => 'the 14 in ring, prepped; you add the mesh',
        };
    }

    public function plan(PlanReader $reader): Plan
    {
        return $reader->read(match ($this) {
            self::Ruffles => ['name' => 'New ruffle wreath', 'materials' => [['name' => 'Sage mesh']], 'parts' => [[]]],
            self::Poofs => [
                'name' => 'New poof wreath',
                'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
                'materials' => [
                    [
                        'name' => 'Dusk blue mesh',
                        'colour' => '#54758f',
                        'hatch' => 'waves',
                        'width' => '6 in',
                        'roll' => '5 yd',
                        'price' => '2.25',
                    ],
                ],
                'parts' => [['kind' => 'poof-run']],
            ],
            self::Square => [
                'name' => 'New square',
                'form' => ['kind' => 'rectangle', 'price' => '3.50'],
                'materials' => [['name' => 'Sage mesh']],
                'parts' => [['length' => '18 in']],
            ],
            self::Stick => [
                'name' => 'New swag',
                'form' => ['kind' => 'stick', 'price' => '0.75'],
                'materials' => [['name' => 'Dusk blue mesh', 'colour' => '#54758f', 'hatch' => 'waves']],
                'parts' => [['length' => '11 in']],
            ],
            self::Bare => ['name' => 'New wreath', 'materials' => [['name' => 'Sage mesh']]],
        });
    }
}
