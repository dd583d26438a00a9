<?php

declare(strict_types=1);

namespace Davrin\Core\Form\Kind;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Count;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\FormKind;
use Davrin\Core\Form\Frame;
use Davrin\Core\Geometry\Rings;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A rim, spokes and a hub. Little of it is covered: one spray at the hub, and a wire near the top so that it does not tip forward. */
final class Wheel implements FormKind
{
    public function key(): string
    {
        return 'wheel';
    }

    public function name(): string
    {
        return 'wheel';
    }

    public function sentence(): string
    {
        return 'On a {kind}, its rim {rim} across, its hub {hub} across, with {spokes} spokes';
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('rim', 'the width of the rim', Length::inches(18), Length::inches(4), Length::inches(96)),
            LengthBlank::of('hub', 'the width of the hub', Length::inches(4), Length::inches(0, 1, 2), Length::inches(48)),
            new CountBlank('spokes', 'the number of spokes, and so of sections,', 8, 2, 24),
        ];
    }

    public function usualLayout(): string
    {
        return 'n-a-section';
    }

    public function build(Slip $slip, Count $count, Units $units): Form
    {
        [$rim, $hub, $spokes] = [$slip->length('rim')->toInches() / 2, $slip->length('hub')->toInches() / 2, $slip->count('spokes')];
        if ($hub > $rim - 0.5) {
            throw Fault::at(
                '/hub',
                sprintf('A hub %s across leaves no room for spokes. Write less, or a larger rim.', $units->exact($slip->length('hub'))),
            );
        }

        return new Form(
            new Frame(
                new Rings($rim),
                [0.0, $rim - $hub],
                array_map(fn (int $number): float => 2 * M_PI * $rim * $number / $spokes, range(0, $spokes - 1)),
                [],
            ),
            $count,
            names: ['1' => 'rim', '2' => 'hub', 'crossbar' => 'spoke'],
            filledBy: 'the hub and its spokes',
        );
    }

    public function describe(Slip $slip, Units $units): string
    {
        return sprintf(
            'A wheel with a rim %s across, a hub %s across and %s',
            $units->place($slip->length('rim')),
            $units->place($slip->length('hub')),
            Words::count($slip->count('spokes'), 'spoke'),
        );
    }
}
