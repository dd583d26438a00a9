<?php

namespace App\Shelf;

use App\Models\SavedPlan;
use App\Models\ShelfStock;
use Davrin\Core\Refused;
use Davrin\Core\Result\Words;

/** Why a plan cannot hold what it needs, or not be changed while it holds it. */
final class NotReady extends Refused
{
    public static function short(): self
    {
        return new self('The plan is short of mesh, so it cannot be made ready. What can be done about it stands under the warning.');
    }

    public static function togetherShort(): self
    {
        return new self('There is not mesh enough for all of these, so they cannot be cut off. Take fewer copies, or take more mesh into their plans.');
    }

    /** @param  list<ShelfStock>  $lacking */
    public static function heldElsewhere(?SavedPlan $plan, array $lacking): self
    {
        if ($lacking === []) {
            return new self('What is taken to be on hand here is not on the shelf any more. Plan it anew from what is free.');
        }
        $item = $lacking[0]->item;
        [$left, $plans] = [[], []];
        foreach ($item->stock()->where('amount', '>', 0)->with('reservations.plan')->get() as $stock) {
            $left[] = $stock->setRelation('item', $item)->shown($stock->free($plan));
            foreach ($stock->reservations as $reservation) {
                if ($reservation->plan_id !== $plan?->id) {
                    $plans[$reservation->plan_id] = "\"{$reservation->plan->name}\"";
                }
            }
        }

        return new self(sprintf(
            'Of %s %s. %sPlan it anew from what is free.',
            $item->name,
            $left === [] ? 'nothing is left' : Words::list($left).(count($left) === 1 ? ' is left' : ' are left'),
            $plans === [] ? '' : Words::list(array_values($plans)).(count($plans) === 1 ? ' holds' : ' hold').' the rest. ',
        ));
    }

    public static function cutAlready(): self
    {
        return new self('All of it is cut already. Undo that first, where it was not so.');
    }

    public static function notCut(): self
    {
        return new self('Nothing of this plan is cut, or it was undone already. The shelf is as it was.');
    }

    public static function holds(SavedPlan $plan): self
    {
        return new self(sprintf('This plan is ready and holds %s. Give that back first, and change it then: it can be made ready again afterwards.', $plan->holdsWords()));
    }

    public static function noSuchCut(): self
    {
        return new self('That cut is not on the sheet any more: the plan was changed since this page was shown. Load the page again to see its cuts as they are now.');
    }
}
