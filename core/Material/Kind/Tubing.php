<?php

declare(strict_types=1);

namespace Davrin\Core\Material\Kind;

use Davrin\Core\Material\SoldOnRolls;
use Davrin\Core\Measure\Length;

/** Mesh tubing: a soft round cord of mesh, tied into bows and wound over bars. */
final readonly class Tubing extends SoldOnRolls
{
    public function __construct()
    {
        parent::__construct(
            'tubing',
            'tubing',
            'Gold tubing',
            '#c59a2d',
            'bars',
            Length::inches(0, 3, 8),
            Length::inches(0, 1, 8),
            Length::inches(4),
            Length::yards(30),
            500,
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
        return 'Tubing: scissors, straight across; tuck or tape each end before it comes apart.';
    }
}
