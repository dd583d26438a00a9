<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;

/** How much is left on a roll that nobody wants to unroll. What is left rounds down to the unit. */
final class Measuring
{
    /**
     * L = L0 (m - core) / (m0 - core).
     *
     * @param  Length  $new  what the roll held
     * @param  Weight  $newWeight  with its core
     *
     * @throws NotMeasurable
     */
    public static function byWeight(Length $new, Weight $newWeight, Weight $core, Weight $now): Length
    {
        if ($newWeight->hundredths <= $core->hundredths) {
            throw NotMeasurable::coreIsAll($core->shown(), $newWeight->shown());
        }
        if ($now->hundredths < $core->hundredths) {
            throw NotMeasurable::lighterThanCore($now->shown(), $core->shown());
        }
        if ($now->hundredths > $newWeight->hundredths) {
            throw NotMeasurable::moreThanNew($now->shown(), $newWeight->shown());
        }

        return Length::ofUnits(intdiv($new->units * ($now->hundredths - $core->hundredths), $newWeight->hundredths - $core->hundredths));
    }

    /**
     * L = L0 (D^2 - d^2) / (D0^2 - d^2): what is wound up fills the ring between the core and the outside.
     *
     * @param  Length  $new  what the roll held
     * @param  Length  $newAcross  the new roll
     * @param  Length  $core  across
     * @param  Length  $now  across
     *
     * @throws NotMeasurable
     */
    public static function byDiameter(Length $new, Length $newAcross, Length $core, Length $now, Units $units): Length
    {
        if (! $newAcross->isMoreThan($core)) {
            throw NotMeasurable::coreIsAll($units->exact($core), $units->exact($newAcross));
        }
        if ($now->isLessThan($core)) {
            throw NotMeasurable::thinnerThanCore($units->exact($now), $units->exact($core));
        }
        if ($now->isMoreThan($newAcross)) {
            throw NotMeasurable::moreThanNew($units->exact($now), $units->exact($newAcross));
        }
        $ring = fn (Length $across): int => $across->units ** 2 - $core->units ** 2;

        return Length::ofUnits(intdiv($new->units * $ring($now), $ring($newAcross)));
    }

    /** What is wound on a new roll weighs by its area: "10.8 g a square foot"; null where it weighs no more than its core. */
    public static function byArea(Length $new, Length $width, Weight $newWeight, Weight $core, Units $units): ?string
    {
        $grams = ($newWeight->hundredths - $core->hundredths) / 100 / ($new->toInches() * $width->toInches());

        return match (true) {
            $grams <= 0 => null,
            $units === Units::Metric => sprintf('%.0f g a square metre', $grams * (100 / 2.54) ** 2),
            default => sprintf('%.1f g a square foot', $grams * 144),
        };
    }

    /**
     * What was there, less what was cut since.
     *
     * @param  list<Length>  $cuts
     *
     * @throws NotMeasurable
     */
    public static function byCuts(Length $before, array $cuts, Units $units): Length
    {
        $left = $before->minus(Length::sum($cuts));

        return $left->isNegative() ? throw NotMeasurable::cutMore($units->exact(Length::sum($cuts)), $units->exact($before)) : $left;
    }
}
