<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Words\Fault;

/** Which wires a layout goes round. */
final class SeatChoice
{
    public static function blank(Form $form): ChoiceBlank
    {
        $seats = [];
        foreach ($form->frame->seats() as $seat) {
            $seats[$seat->key()] = $form->names->of($seat);
        }
        $pairs = $form->frame->pairs();
        $usual = $pairs === [] ? $form->frame->seats()[0] : $pairs[intdiv(count($pairs), 2)];

        return ChoiceBlank::ofPlan('pair', 'the wires', $usual->key(), $seats);
    }

    /** @throws Fault for wires that the form has not */
    public static function of(Form $form, Slip $slip): Seat
    {
        $seat = Seat::read($slip->text('pair'));

        return $seat !== null && $form->frame->has($seat) ? $seat : throw Fault::at('/pair', 'The form has no such wires.');
    }
}
