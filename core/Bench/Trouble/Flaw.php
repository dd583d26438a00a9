<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\Refill;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Words\Fault;

/** Some of a roll is torn, faded or creased, and is cut out. */
final class Flaw implements Trouble
{
    use OfRolls;

    public function key(): string
    {
        return 'flaw';
    }

    public function title(): string
    {
        return 'A flaw in a roll';
    }

    public function sentence(): string
    {
        return '{roll} has a flaw, and {lost} of it is cut out.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $roll = self::rollBlank($now, self::inHand($now), $at);

        return $roll === null ? null : [
            $roll,
            LengthBlank::of('lost', 'how much is cut out', Length::inches(6), Length::inches(0, 1, 8), Length::yards(200)),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $roll = $now->roll($slip->text('roll')) ?? throw Fault::at('/roll', 'That roll is not on the bench any more. Choose another.');
        $lost = $slip->length('lost');
        // It goes behind what is cut, before what is still to come.
        $cut = $now->cutFrom($roll);
        $there = $roll->length->minus(Length::sum(array_map(fn (BenchCut $its): Length => $its->length, $cut)));
        if ($lost->isMoreThan($there)) {
            throw Fault::at('/lost', sprintf(
                'No more than %s is left on %s. Write up to so much, or say that it gave out.',
                $now->units()->available($there),
                lcfirst(self::named($now, $roll)),
            ));
        }
        $rest = array_values(array_filter($roll->cuts, fn (BenchCut $its): bool => ! in_array($its, $cut, true)));
        $flaw = new BenchCut(null, SegmentKind::Piece, $lost, $now->first()->copy, '', null);
        $then = $now->withRolls(array_map(
            fn (BenchRoll $its): BenchRoll => $its->key === $roll->key ? $its->with([...$cut, $flaw, ...$rest]) : $its,
            $now->rolls,
        ));

        return Refill::ways($replanner, $then, $roll->material);
    }

    public function words(Situation $now, Slip $slip): string
    {
        $roll = $now->roll($slip->text('roll'));

        return sprintf(
            '%s cut out of %s for a flaw',
            $now->units()->exact($slip->length('lost')),
            $roll === null ? 'a roll' : lcfirst(self::named($now, $roll)),
        );
    }
}
