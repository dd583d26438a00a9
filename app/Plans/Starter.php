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
            self::Poofs => '24 ties on the middle wires, one run of two meshes tied together',
            self::Square => '12 ties on corners and crossbars, one 18 in piece on each and another across it',
            self::Stick => '20 ties on a 36 in stick, a crossed pair of 11 in pieces on each',
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
                    ['id' => 'm1', 'name' => 'Dusk blue mesh', 'colour' => '#54758f', 'hatch' => 'waves'],
                    ['id' => 'm2', 'name' => 'Cream mesh', 'colour' => '#e6dcbf', 'hatch' => 'dots'],
                ],
                'parts' => [['kind' => 'poof-run', 'material' => ['m1', 'm2']]],
            ],
            self::Square => [
                'name' => 'New square',
                'form' => ['kind' => 'rectangle', 'price' => '3.50'],
                'materials' => [['name' => 'Sage mesh']],
                'parts' => [['length' => '18 in'], ['kind' => 'second-across', 'length' => '18 in']],
            ],
            self::Stick => [
                'name' => 'New swag',
                'form' => ['kind' => 'stick', 'price' => '0.75'],
                'materials' => [
                    ['id' => 'm1', 'name' => 'Dusk blue mesh', 'colour' => '#54758f', 'hatch' => 'waves'],
                    ['id' => 'm2', 'name' => 'Cream mesh', 'colour' => '#e6dcbf', 'hatch' => 'dots'],
                ],
                'parts' => [['kind' => 'crossed-curled-ruffles', 'material' => ['m1', 'm2'], 'length' => '11 in']],
            ],
            self::Bare => ['name' => 'New wreath', 'materials' => [['name' => 'Sage mesh']]],
        });
    }
}
