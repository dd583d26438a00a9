<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** The everyday form. The default is the usual 14 in ring: wires 14, 12, 10 and 8 in across, 6 crossbars. */
final class WireRingKind implements FormKind
{
    public function key(): string
    {
        return 'ring';
    }

    public function name(): string
    {
        return 'wire ring';
    }

    public function sentence(): string
    {
        return 'On a {kind}, its wires {wires} across, with {crossbars} crossbars, bought at {price}.';
    }

    public function blanks(): array
    {
        $wires = array_map(fn (int $inches): Length => Length::inches($inches), [14, 12, 10, 8]);

        return [
            new LengthsBlank('wires', 'the wires of the ring', $wires, 2, 6),
            new CountBlank('crossbars', 'the number of crossbars, and so of sections,', 6, 1, 24),
        ];
    }

    public function build(Slip $slip, Units $units): WireRing
    {
        return WireRing::of($slip->lengths('wires'), $slip->count('crossbars'), $units);
    }
}
