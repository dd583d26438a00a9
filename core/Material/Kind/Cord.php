<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Cord, string and twine: wound over a cover, or hung from. */
final readonly class Cord extends SoldOnRolls
{
    public function __construct()
    {
        parent::__construct(
            'cord',
            'cord',
            'Natural cord',
            '#b99a6b',
            'dashes',
            Length::inches(0, 1, 8),
            Length::inches(0, 1, 16),
            Length::inches(2),
            Length::yards(10),
            300,
        );
    }

    public function makesABase(): bool
    {
        return false;
    }

    public function cutter(): string
    {
        return 'scissors';
    }

    public function wayOfCutting(): string
    {
        return 'Cord: scissors; a dot of glue or a knot keeps the end from coming apart.';
    }
}
