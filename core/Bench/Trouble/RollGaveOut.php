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
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Words\Fault;

/** A roll held less than its label says. */
final class RollGaveOut implements Trouble
{
    use OfRolls;

    public const KEY = 'gave-out';

    private const MOST = 2_000;

    public function key(): string
    {
        return self::KEY;
    }

    public function title(): string
    {
        return 'A roll gave out';
    }

    public function sentence(): string
    {
        return '{roll} gave out. Whole pieces, or poofs, it gave: {gave}.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $roll = self::rollBlank($now, self::inHand($now), $at);
        $its = $roll === null ? null : $now->roll($roll->default());

        return $roll === null || $its === null ? null : [
            $roll,
            new CountBlank('gave', 'how many it gave', count(array_filter(self::pieces($its), $now->isCut(...))), 0, self::MOST),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $roll = self::roll($now, $slip);
        [$pieces, $gave] = [self::pieces($roll), $slip->count('gave')];
        if ($gave > count($pieces)) {
            throw Fault::at('/gave', sprintf(
                '%s was to give %d. Write up to so many, or choose another roll.',
                self::named($now, $roll),
                count($pieces),
            ));
        }
        // What is cut already counts first, then what was to come next.
        usort($pieces, fn (BenchCut $a, BenchCut $b): int => $now->isCut($b) <=> $now->isCut($a));
        [$given, $lacking] = [array_slice($pieces, 0, $gave), array_slice($pieces, $gave)];
        $then = self::after($now, $roll, $given, $lacking);

        return array_map(
            fn (Way $way): Way => $way->besides(self::unitsOf($walk, $given), self::unitsOf($walk, $lacking)),
            Refill::ways($replanner, $then, $roll->material),
        );
    }

    public function words(Situation $now, Slip $slip): string
    {
        return lcfirst(self::named($now, self::roll($now, $slip))).' gave '.$slip->count('gave');
    }

    private static function roll(Situation $now, Slip $slip): BenchRoll
    {
        return $now->roll($slip->text('roll')) ?? throw Fault::at('/roll', 'That roll is not on the bench any more. Choose another.');
    }

    /**
     * @param  list<BenchCut>  $given
     * @param  list<BenchCut>  $lacking
     */
    private static function after(Situation $now, BenchRoll $roll, array $given, array $lacking): Situation
    {
        [$cut, $made] = [$now->cut, $now->made];
        foreach ($given as $its) {
            $its->isPiece() ? $cut[(string) $its->id] = true : $made[(string) $its->element()] = true;
        }
        foreach ($lacking as $its) {
            unset($cut[(string) $its->id]);
            if (! $its->isPiece()) {
                unset($made[(string) $its->element()]);
            }
        }
        $then = $now->done($cut, $made);
        $held = Length::sum(array_map(fn (BenchCut $its): Length => $its->length, $then->cutFrom($roll)));

        return $then->withRolls(array_map(
            fn (BenchRoll $its): BenchRoll => $its->key === $roll->key ? $its->spentAt($held) : $its,
            $now->rolls,
        ));
    }
}
