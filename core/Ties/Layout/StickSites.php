<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Words\Fault;

/** Sites evenly along a stick, by turns with two side ties and with one on the middle. */
final class StickSites implements TieLayout
{
    public function key(): string
    {
        return 'stick-sites';
    }

    public function name(): string
    {
        return 'two side ties, then one middle tie';
    }

    public function fits(Form $form): bool
    {
        return $form->sides !== [];
    }

    public function sentence(): string
    {
        return 'Prep it {layout}, and so on, at {sites} spots, the first with {startWith}, {first} from one end, the last {last} '
            .'from the other.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [
            new CountBlank('sites', 'the number of spots', 13, 2, 100),
            new ChoiceBlank('startWith', 'what the first spot has', 'pair', ['pair' => 'two side ties', 'single' => 'one middle tie']),
            LengthBlank::of('first', 'the distance of the first spot from its end', Length::inches(1), Length::zero(), Length::inches(60)),
            LengthBlank::of('last', 'the distance of the last spot from its end', Length::inches(1), Length::zero(), Length::inches(60)),
        ];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        [$first, $last, $sites] = [$slip->length('first')->toInches(), $slip->length('last')->toInches(), $slip->count('sites')];
        $room = $form->length(Seat::pair(1)) - $first - $last;
        if ($room < ($sites - 1) * 0.25) {
            throw Fault::at(
                '/sites',
                sprintf(
                    'Between its ends the stick has %s, too little for %d spots. Write fewer.',
                    $units->available(Length::ofUnits((int) (max(0.0, $room) * Length::PER_INCH))),
                    $sites,
                ),
            );
        }
        $spots = [];
        for ($site = 0; $site < $sites; $site++) {
            $at = $first + $room * $site / ($sites - 1);
            $isPair = ($site % 2 === 0) === ($slip->text('startWith') === 'pair');
            array_push(
                $spots,
                ...array_map(fn (Seat $seat): Spot => new Spot($seat, $at), $isPair ? [Seat::wire(2), Seat::wire(1)] : [Seat::pair(1)]),
            );
        }

        return [new Row($spots, false)];
    }
}
