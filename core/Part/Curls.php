<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Words\Fault;

/** Mesh rolled to a curl: each turn of a curl of diameter d takes pi x d (docs/craft-figures.md). */
final class Curls
{
    public static function diameter(Length $usual): LengthBlank
    {
        return LengthBlank::of('curl', 'how far across a curl is', $usual, Length::inches(0, 1, 4), Length::inches(4));
    }

    /** @return list<Blank<covariant mixed>> for a piece both ends of which are rolled */
    public static function atBothEnds(): array
    {
        return [new CountBlank('turns', 'the turns of a curl', 2, 1, 6), self::diameter(Length::inches(0, 1, 2))];
    }

    /** What the curl at one end takes, in inches. */
    public static function takes(PartContext $on): float
    {
        return $on->slip->count('turns') * M_PI * $on->length('curl')->toInches();
    }

    /** @throws Fault where the two curls use more than the piece */
    public static function mustFit(PartContext $on): void
    {
        $curls = Length::ofUnits((int) ceil(2 * self::takes($on) * Length::PER_INCH));
        if ($curls->isMoreThan($on->length('length'))) {
            throw Fault::at('/turns', sprintf(
                'Rolled %d turns to %s, the two ends take %s, and the piece has %s. Roll fewer turns or tighter, or cut longer.',
                $on->slip->count('turns'),
                $on->units->exact($on->length('curl')),
                $on->units->needed($curls),
                $on->units->exact($on->length('length')),
            ));
        }
    }

    /** How often a piece goes round when all of it is rolled: length / (pi x diameter), to a tenth. */
    public static function turns(Length $length, Length $diameter): string
    {
        return LengthText::decimal((int) round($length->units / (M_PI * $diameter->units) * 10), 10, 1);
    }

    /** @throws Fault where it does not even go round once */
    public static function mustGoRound(PartContext $on): void
    {
        $round = M_PI * $on->length('curl')->units;
        if ($on->length('length')->units < $round) {
            throw Fault::at('/curl', sprintf(
                'A piece of %s does not go once round a tube %s across, which takes %s. Roll tighter, or cut longer.',
                $on->units->exact($on->length('length')),
                $on->units->exact($on->length('curl')),
                $on->units->needed(Length::ofUnits((int) ceil($round))),
            ));
        }
    }
}
