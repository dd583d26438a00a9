<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Deco mesh, as it is sold and as it lies on the shelf. */
final readonly class Mesh extends SoldOnRolls
{
    public const KEY = 'mesh';

    public function __construct()
    {
        parent::__construct(
            self::KEY,
            'mesh',
            'Sage mesh',
            '#7f9a76',
            'slant',
            Length::inches(10),
            Length::inches(0, 1, 2),
            Length::inches(72),
            Length::yards(10),
            650,
        );
    }

    public function fills(Slip $slip): float
    {
        return match ($slip->text('body')) {
            'see-through' => 0.85,
            'full-bodied' => 1.15,
            default => 1.0,
        };
    }

    public function sort(Slip $slip): string
    {
        return match ($slip->text('body')) {
            'stiff' => 'stiff sheet',
            default => $slip->text('body').' mesh',
        };
    }

    protected function own(): array
    {
        return [
            new ChoiceBlank(
                'body',
                'what it is like',
                'plain',
                [
                    'plain' => 'plain',
                    'see-through' => 'see-through',
                    'full-bodied' => 'full-bodied',
                    'burlap' => 'burlap',
                    'stiff' => 'stiff sheet',
                ],
            ),
        ];
    }

    protected function ownOnTheShelf(): array
    {
        return [
            new ChoiceBlank(
                'weave',
                'the weave',
                'plain',
                [
                    'plain' => 'plain weave',
                    'metallic' => 'metallic stripe',
                    'foil' => 'foil edge',
                    'poly-jute' => 'poly-jute',
                    'burlap' => 'burlap',
                    'fabric' => 'fabric mesh',
                    'tubing' => 'tubing',
                    'tulle' => 'tulle',
                    'sheet' => 'stiff sheet',
                    'raffia' => 'raffia',
                ],
            ),
            new ChoiceBlank('edge', 'the edges', 'firm', ['firm' => 'both edges firm', 'loose' => 'one edge comes apart']),
        ];
    }
}
