<?php

namespace App\Exceptions;

use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use Illuminate\Support\Str;

/** Why a plan cannot hold what it needs, or not be changed while it holds it. */
final class NotReady extends Refused
{
    private const PLAN_AGAIN = 'Plan it again from what is free.';

    /** The same where it is planned again already: what stands in the way, with a space behind it. */
    public function withoutAdvice(): string
    {
        return rtrim(Str::chopEnd($this->getMessage(), self::PLAN_AGAIN)).' ';
    }

    public static function short(): self
    {
        return new self('The plan is short of mesh, so it cannot be made ready. What can be done about it stands under the warning.');
    }

    public static function togetherShort(): self
    {
        return new self(
            'There is not mesh enough for all of these, so they cannot be cut off. Take fewer copies, or take more mesh into their plans.',
        );
    }

    public static function takenDown(string $plan): self
    {
        return new self("\"$plan\" was taken down from the wall in another window, so nothing was done. Hang it up again first: it is at "
            .'the foot of the wall.');
    }

    /** What was taken to be on hand is there no more. */
    public static function notThere(): self
    {
        return new self('What is taken to be on hand here is not on the shelf any more. '.self::PLAN_AGAIN);
    }

    /**
     * @param  list<string>  $left  what is free of it: "60 in"
     * @param  list<string>  $plans  those that hold the rest
     */
    public static function heldElsewhere(string $item, array $left, array $plans): self
    {
        return new self(self::left($item, $left, $plans).self::PLAN_AGAIN);
    }

    /**
     * What is made of it already cannot be planned again.
     *
     * @param  list<string>  $left  what is free of it: "60 in"
     * @param  list<string>  $plans  those that hold the rest
     */
    public static function usedButHeld(string $item, array $left, array $plans): self
    {
        return new self(
            self::left($item, $left, $plans)
                .'Give that back first, on the page of that plan, or put that build away: what was used here is not there for it any more.',
        );
    }

    /**
     * @param  list<string>  $left  what is free of it: "60 in", "6 x 20 in", "48"
     * @param  list<string>  $plans  those that hold the rest
     */
    private static function left(string $item, array $left, array $plans): string
    {
        $isOne = count($left) === 1 && preg_match('/^(?!1\b)\d+( x |$)/', $left[0]) !== 1;

        return sprintf(
            '%s%s %s free. %s',
            $left === [] ? 'No ' : Words::list($left).' of ',
            $item,
            $isOne || $left === [] ? 'is' : 'are',
            $plans === []
                ? ''
                : Words::list(array_map(fn (string $plan): string => "\"$plan\"", $plans)).(
                    count($plans) === 1
                        ? ' holds'
                        : ' hold'
                ).' the rest. ',
        );
    }

    public static function movedByABuild(string $build): self
    {
        return new self("\"$build\" took this at the bench. Undo it there: open the build again, and take the cut back.");
    }

    /** @param  list<string>  $holders  by name */
    public static function stillHeld(string $item, array $holders): self
    {
        return new self(sprintf(
            '%s is reserved by %s. Unreserve it there first, or put that build away.',
            $item,
            Words::list(array_map(fn (string $holder): string => "\"$holder\"", $holders)),
        ));
    }

    /** @param  string  $left  "150 in", "6 x 20 in" */
    public static function doesNotAddUp(string $material, string $left): self
    {
        return new self(sprintf(
            'The plan counts on more %s than is there: of what it takes to be on hand, the shelf has only %s. %s',
            $material,
            $left,
            self::PLAN_AGAIN,
        ));
    }

    /** What the plan takes for its material is something else on the shelf. */
    public static function anotherThing(string $material, string $item): self
    {
        return new self(sprintf(
            'What the plan takes for %s is %s on the shelf, of another kind or width. Take %s from the shelf again.',
            $material,
            $item,
            $material,
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

    /** @param  string  $held  "130 in of Sage mesh" */
    public static function holds(string $held): self
    {
        return new self(
            sprintf(
                'This plan is ready and holds %s. Give that back first, and change it then: it can be made ready again afterwards.',
                $held,
            ),
        );
    }

    public static function onTheBench(): self
    {
        return new self(
            'This plan is on the bench, which holds what it needs. Go on there: what is cut leaves the shelf when the build is finished. '
                .'Or put the build away first.',
        );
    }

    /** @param  string  $why  a sentence */
    public static function usedSinceItWasFinished(string $item, string $why): self
    {
        return new self(
            "The build stays finished: what its end moved of $item on the shelf cannot be taken back. $why To go on, begin another build "
                .'of its plan.',
        );
    }

    public static function noSuchCut(): self
    {
        return new self(
            'That cut is not on the sheet any more: the plan was changed since this page was shown. Load the page again to see its '
                .'cuts as they are now.',
        );
    }
}
