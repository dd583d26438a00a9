<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Frame;
use Davrin\Core\Form\Weld;
use Davrin\Core\Form\WeldsBlank;
use Davrin\Core\Form\Wires;
use Davrin\Core\Geometry\Rings;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * A round form of concentric wires joined by crossbars, one of them at 12 o'clock. The default is the usual 14 in ring:
 * wires 14, 12, 10 and 8 in across, 6 crossbars.
 */
class WireRing implements FormKind
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
        return 'On a {kind}, its wires {wires} across, with {crossbars} crossbars, welds {welds}';
    }

    public function blanks(): array
    {
        $wires = array_map(fn (int $inches): Length => Length::inches($inches), [14, 12, 10, 8]);

        return [
            new LengthsBlank('wires', 'the wires of the ring', $wires, 1, 6),
            new CountBlank('crossbars', 'the number of crossbars, and so of sections,', 6, 1, 24),
            new WeldsBlank('welds', 'the welds'),
        ];
    }

    public function usualLayout(): string
    {
        return 'inner-mid-two-outer';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        return $this->ring($slip, $count, $units, []);
    }

    public function describe(Slip $slip, Units $units): string
    {
        $wires = $slip->lengths('wires');

        return sprintf(
            'A %s %s across with %s, %s across from the outside in, joined by %s into %s',
            $this->name(),
            $units->place($wires[0]),
            Words::count(count($wires), 'wire'),
            implode(', ', array_map($units->place(...), $wires)),
            Words::count($slip->count('crossbars'), 'crossbar'),
            Words::count($slip->count('crossbars'), 'section'),
        );
    }

    /**
     * @param  list<int>  $preTied
     *
     * @throws Fault where the wires are not in order from the outside in, too close, too small or too large, or a weld is not on the ring
     */
    protected function ring(Slip $slip, Count $count, Units $units, array $preTied): Form
    {
        $diameters = $slip->lengths('wires');
        [$least, $most, $gap] = [Length::inches(1), Length::inches(96), Length::inches(0, 1, 4)];
        foreach ($diameters as $index => $diameter) {
            $text = $units->exact($diameter);
            if ($diameter->isLessThan($least) || $diameter->isMoreThan($most)) {
                throw Fault::at(
                    '/wires',
                    sprintf(
                        'A wire %s across is not one that a wreath is made on. Write %s to %s.',
                        $text,
                        $units->exact($least),
                        $units->exact($most),
                    ),
                );
            }
            if ($index > 0 && $diameter->plus($gap)->isMoreThan($diameters[$index - 1])) {
                throw Fault::at(
                    '/wires',
                    sprintf(
                        'Wires go from the outside in, each at least %s smaller across: %s cannot follow %s.',
                        $units->needed($gap),
                        $text,
                        $units->exact($diameters[$index - 1]),
                    ),
                );
            }
        }
        $radius = $diameters[0]->toInches() / 2;

        $stickingOut = array_filter($slip->objects('welds', Weld::class), fn (Weld $weld): bool => $weld->sticksOut);

        return new Form(
            new Frame(
                new Rings($radius),
                [0.0, ...array_map(fn (Length $diameter): float => $radius - $diameter->toInches() / 2, array_slice($diameters, 1))],
                $this->crossbars($slip, $radius, $units),
                Wires::pairs(count($diameters)),
                stickingOut: array_values(array_map(fn (Weld $weld): int => $weld->crossbar, $stickingOut)),
            ),
            $count,
            preTied: $preTied,
        );
    }

    /** @return list<float> */
    private function crossbars(Slip $slip, float $radius, Units $units): array
    {
        $crossbars = $slip->count('crossbars');
        $section = 2 * M_PI * $radius / $crossbars;
        $spots = array_map(fn (int $number): float => $number * $section, range(0, $crossbars - 1));
        foreach ($slip->objects('welds', Weld::class) as $weld) {
            if ($weld->crossbar < 1 || $weld->crossbar > $crossbars) {
                throw Fault::at(
                    '/welds',
                    sprintf('There is no crossbar %d: the ring has %d, counted clockwise from 12 o\'clock.', $weld->crossbar, $crossbars),
                );
            }
            if ($weld->crossbar === 1 && ! $weld->further->isZero()) {
                throw Fault::at(
                    '/welds',
                    'Crossbar 1 is the one at 12 o\'clock, wherever that is: hang the ring so that it is, and measure the others from it.',
                );
            }
            $spots[$weld->crossbar - 1] += $weld->further->toInches();
        }
        foreach ($spots as $index => $spot) {
            if ($spot - ($spots[$index - 1] ?? -INF) < 0.25 || 2 * M_PI * $radius - $spot < 0.25) {
                throw Fault::at(
                    $crossbars > 1 && $section < 0.25 ? '/crossbars' : '/welds',
                    sprintf(
                        'Crossbar %d would stand on or beyond its neighbour. Sections are at least %s long.',
                        $index + 1,
                        $units->needed(Length::inches(0, 1, 4)),
                    ),
                );
            }
        }

        return array_values($spots);
    }
}
