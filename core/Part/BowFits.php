<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;

/** "This is all that is left of the roll": what a bow can be made of it, one figure at a time, all others as they are. */
final class BowFits
{
    private const MOST_COUNT = 40;

    /**
     * The most of each figure that the bow can have so that no ribbon takes more than that.
     *
     * @param  Length  $left  of each ribbon
     * @return array<string, Length|int|null> by blank; null where not even the least of it can be made
     */
    public static function of(Bow $bow, Slip $slip, int $ribbons, Length $left, Units $units): array
    {
        $fits = [];
        foreach (array_keys($bow->scales()) as $key) {
            $fits[$key] = self::most($bow, $slip, $ribbons, $key, $left, $units);
        }

        return $fits;
    }

    /** The most of one figure, rounded down to the step of the ruler; it takes the more the larger it is. */
    public static function most(Bow $bow, Slip $slip, int $ribbons, string $key, Length $left, Units $units): Length|int|null
    {
        $now = $slip->write()[$key];
        $step = is_int($now) ? 1 : $units->step()->units;
        $value = fn (int $steps): Length|int => is_int($now) ? $steps : Length::ofUnits($steps * $step);
        $lasts = fn (int $steps): ?bool => self::lasts($bow, $slip, $ribbons, $key, $value($steps), $left);
        // Something smaller than it is now that cannot be made is too small, something larger too large.
        $isNow = is_int($now) ? $now : intdiv(max(array_map(fn (Length $its): int => $its->units, self::lengths($slip, $key))), $step);
        [$least, $most] = [0, is_int($now) ? self::MOST_COUNT : intdiv($left->units, $step)];
        while ($least < $most) {
            $tried = intdiv($least + $most + 1, 2);
            $lasts($tried) ?? $tried < $isNow ? $least = $tried : $most = $tried - 1;
        }

        return $lasts($least) === true ? $value($least) : null;
    }

    /** Whether no ribbon takes more than is left of it; null where it cannot be made at all. */
    private static function lasts(Bow $bow, Slip $slip, int $ribbons, string $key, Length|int $value, Length $left): ?bool
    {
        try {
            $takes = [];
            $written = is_int($value) ? (string) $value : LengthText::canonical($value);
            foreach ($bow->pieces($slip->with($key, $written, Units::Inches), $ribbons) as $piece) {
                $takes[$piece->ribbon] = ($takes[$piece->ribbon] ?? Length::zero())->plus($piece->length());
            }

            return array_filter($takes, fn (Length $its): bool => $its->isMoreThan($left)) === [];
        } catch (Refused) {
            return null;
        }
    }

    /** @return non-empty-list<Length> */
    private static function lengths(Slip $slip, string $key): array
    {
        $written = $slip->write()[$key];
        $lengths = is_array($written) ? $slip->lengths($key) : [$slip->length($key)];

        return $lengths === [] ? [Length::zero()] : $lengths;
    }
}
