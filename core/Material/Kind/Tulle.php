<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Tulle: fine net, softer than mesh, that lets the form show as thin mesh does. */
final readonly class Tulle extends SoldOnRolls
{
    public function __construct()
    {
        parent::__construct(
            'tulle',
            'tulle',
            'White tulle',
            '#f4f2ec',
            'dots',
            Length::inches(6),
            Length::inches(0, 1, 2),
            Length::inches(72),
            Length::yards(25),
            300,
        );
    }

    public function fills(Slip $slip): float
    {
        return 0.85;
    }
}
