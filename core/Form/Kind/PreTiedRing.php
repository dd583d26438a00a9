<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\CountsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** A ring that is sold with stems already on it, often 18 of them, but any number to a row. */
final class PreTiedRing extends WireRing
{
    public function key(): string
    {
        return 'pre-tied-ring';
    }

    public function name(): string
    {
        return 'pre-tied ring';
    }

    public function sentence(): string
    {
        return 'On a {kind}, its wires {wires} across, with {crossbars} crossbars, welds {welds}, that came with {preTied} stems to '
            .'a row from the inside out';
    }

    public function blanks(): array
    {
        return [...parent::blanks(), new CountsBlank('preTied', 'the stems already on each row', [6, 12], 1, 5, 1, 60)];
    }

    public function usualLayout(): string
    {
        return 'as-it-came';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        return $this->ring($slip, $count, $units, $slip->counts('preTied'));
    }

    public function describe(Slip $slip, Units $units): string
    {
        return parent::describe($slip, $units).sprintf(
            ', with stems already on it: %s to a row from the inside out',
            Words::list($slip->counts('preTied')),
        );
    }
}
