<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\TieLayout;

/**
 * One tie on each corner and so many on each side: on its crossbars where it has as many, else evenly between the corners.
 * A mesh run never starts on a corner.
 */
final class CornersAndSides implements TieLayout
{
    public function key(): string
    {
        return 'corners-and-sides';
    }

    public function name(): string
    {
        return 'corners and sides';
    }

    public function fits(Form $form): bool
    {
        return $form->closed() && count($form->corners($form->frame->seats()[0])) >= 2;
    }

    public function sentence(): string
    {
        return 'Prep it {layout}: one tie on each corner and {aSide} a side, on the {pair}.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [new CountBlank('aSide', 'the number of ties on a side', 2, 0, 40), SeatChoice::blank($form)];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        $seat = SeatChoice::of($form, $slip);
        $corners = $form->corners($seat);
        $aSide = $slip->count('aSide');
        $spots = [];
        foreach ($corners as $index => $corner) {
            $next = $corners[$index + 1] ?? $corners[0] + $form->length($seat);
            $spots[] = new Spot($seat, $corner, corner: true);
            array_push(
                $spots,
                ...array_map(fn (float $distance): Spot => new Spot($seat, $distance), $this->side($form, $seat, $corner, $next, $aSide)),
            );
        }

        return [Row::inOrder($form, $spots, true)];
    }

    /** @return list<float> */
    private function side(Form $form, Seat $seat, float $from, float $to, int $aSide): array
    {
        $crossbars = [];
        for ($section = 1; $section <= $form->frame->crossbars(); $section++) {
            // A side may go on beyond where the count begins.
            $start = $form->sections->start($seat, $section);
            $start += $start < $from ? $form->length($seat) : 0.0;
            $crossbars = [...$crossbars, ...($start > $from + 0.01 && $start < $to - 0.01 ? [$start] : [])];
        }

        return count($crossbars) === $aSide
            ? $crossbars
            : array_map(fn (int $tie): float => $from + ($to - $from) * $tie / ($aSide + 1), $aSide === 0 ? [] : range(1, $aSide));
    }
}
