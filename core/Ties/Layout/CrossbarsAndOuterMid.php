<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\Slip;

/** In each section one tie on the two inner wires at the crossbar; on the two outer wires one at the crossbar and one at the middle. */
final class CrossbarsAndOuterMid extends TwoRows
{
    public function key(): string
    {
        return 'crossbars-outer-mid';
    }

    public function name(): string
    {
        return 'crossbars + outer mid';
    }

    public function sentence(): string
    {
        return 'Prep it {layout}'.SectionChoice::SENTENCE
            .': one tie at the crossbar on the {=inner}; on the {=outer} one at the crossbar and one at mid section.';
    }

    protected function inner(float $long): array
    {
        return [0.0];
    }

    protected function outer(float $long, Slip $slip): array
    {
        return [0.0, $long / 2];
    }
}
