<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\TieLayout;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Fault;

/**
 * A tie every so far along one line. On a closed one they are evenly spaced, as near to that distance as goes round; on an
 * open one they stand exactly so far apart, from the first on.
 */
final class EverySoFar implements TieLayout
{
    public function key(): string
    {
        return 'every-so-far';
    }

    public function name(): string
    {
        return 'evenly spaced';
    }

    public function fits(Form $form): bool
    {
        return true;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}: a tie every {every} along the {pair}, the first {first} from where the count begins.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [
            LengthBlank::of('every', 'the distance from tie to tie', Length::inches(2), Length::inches(0, 1, 4), Length::inches(48)),
            SeatChoice::blank($form),
            LengthBlank::of(
                'first',
                'the place of the first tie',
                $form->closed() ? Length::zero() : Length::inches(1),
                Length::zero(),
                Length::inches(120),
            ),
        ];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $seat = SeatChoice::of($form, $slip);
        [$every, $first, $length] = [$slip->length('every')->toInches(), $slip->length('first')->toInches(), $form->length($seat)];
        if ($first > $length + 1e-6) {
            throw Fault::at(
                '/first',
                sprintf(
                    'The %s is %s long. Write less for the first tie.',
                    $form->names->of($seat),
                    $units->available(Length::ofUnits((int) ($length * Length::PER_INCH))),
                ),
            );
        }
        $count = $form->closed() ? max(1, (int) round($length / $every)) : (int) floor(($length - $first) / $every + 1e-6) + 1;
        $step = $form->closed() ? $length / $count : $every;
        if ($count > Ties::MOST) {
            throw Fault::at(
                '/every',
                sprintf('That makes %d ties. Davrin plans up to %d on one form: write a larger distance.', $count, Ties::MOST),
            );
        }

        return [
            Row::inOrder(
                $form,
                array_map(fn (int $tie): Spot => new Spot($seat, $first + $tie * $step), range(0, $count - 1)),
                $form->closed(),
            ),
        ];
    }
}
