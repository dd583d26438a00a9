<?php

declare(strict_types=1);

namespace Davrin\Core\Colour;

/**
 * The few colours that a picture is made of, by how much of it each takes up, and what little stands out from them: groups of pixels that
 * are alike to the eye (k-means in CIE 1976 L*a*b*, begun with colours as far apart as can be, so that a picture always gives the same).
 */
final class MainColours
{
    private const GROUPS = 8;

    private const ROUNDS = 12;

    /** Groups closer than that are told as one. */
    private const CLOSE = 14.0;

    /** What takes up less of the picture is left out, unless it stands out; and what stands out takes up this much at the least. */
    private const LEAST = 0.06;

    private const LEAST_ACCENT = 0.008;

    /** How strong a colour is that stands out (chroma in L*a*b*). */
    private const STRONG = 30.0;

    /**
     * @param  non-empty-list<array{int, int, int}>  $pixels  red, green and blue, 0 to 255
     * @return list<array{colour: string, share: float, isAccent: bool}> the largest first
     */
    public static function of(array $pixels): array
    {
        $labs = array_map(fn (array $rgb): array => ColourDistance::lab(self::hex($rgb)), $pixels);
        $middles = self::farApart($labs);
        $groups = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $groups = self::grouped($labs, $middles);
            $moved = array_map(
                fn (array $group, int $at): array => $group === [] ? $middles[$at] : self::middle($labs, $group),
                $groups,
                array_keys($groups),
            );
            if ($moved === $middles) {
                break;
            }
            $middles = $moved;
        }

        return self::told($pixels, $labs, self::merged($middles, $groups), count($pixels));
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $labs
     * @return non-empty-list<array{float, float, float}>
     */
    private static function farApart(array $labs): array
    {
        $middles = [self::middle($labs, array_keys($labs))];
        $nearest = array_map(fn (array $lab): float => self::squared($lab, $middles[0]), $labs);
        while (count($middles) < self::GROUPS && max($nearest) > 1.0) {
            $next = $labs[(int) array_search(max($nearest), $nearest, true)];
            $middles[] = $next;
            foreach ($labs as $at => $lab) {
                $nearest[$at] = min($nearest[$at], self::squared($lab, $next));
            }
        }

        return $middles;
    }

    /**
     * @param  list<array{float, float, float}>  $labs
     * @param  list<array{float, float, float}>  $middles
     * @return list<list<int>>
     */
    private static function grouped(array $labs, array $middles): array
    {
        $groups = array_fill(0, count($middles), []);
        foreach ($labs as $pixel => $lab) {
            [$best, $least] = [0, INF];
            foreach ($middles as $at => $middle) {
                $distance = self::squared($lab, $middle);
                if ($distance < $least) {
                    [$best, $least] = [$at, $distance];
                }
            }
            $groups[$best][] = $pixel;
        }

        return $groups;
    }

    /**
     * @param  list<array{float, float, float}>  $middles
     * @param  list<list<int>>  $groups
     * @return list<non-empty-list<int>>
     */
    private static function merged(array $middles, array $groups): array
    {
        $merged = [];
        foreach ($groups as $at => $group) {
            foreach (array_keys($merged) as $other) {
                if (sqrt(self::squared($middles[$at], $middles[$other])) < self::CLOSE) {
                    $merged[$other] = [...$merged[$other], ...$group];

                    continue 2;
                }
            }
            $merged[$at] = $group;
        }

        return array_values(array_filter($merged, fn (array $group): bool => $group !== []));
    }

    /**
     * @param  list<array{int, int, int}>  $pixels
     * @param  list<array{float, float, float}>  $labs
     * @param  list<non-empty-list<int>>  $groups
     * @return list<array{colour: string, share: float, isAccent: bool}>
     */
    private static function told(array $pixels, array $labs, array $groups, int $all): array
    {
        $told = [];
        foreach ($groups as $group) {
            $share = count($group) / $all;
            $lab = self::middle($labs, $group);
            $isAccent = $share < self::LEAST && hypot($lab[1], $lab[2]) >= self::STRONG && $share >= self::LEAST_ACCENT;
            if ($share >= self::LEAST || $isAccent) {
                $mean = fn (int $part): int => (int) round(
                    array_sum(array_map(fn (int $pixel): int => $pixels[$pixel][$part], $group)) / count($group),
                );
                $told[] = ['colour' => self::hex([$mean(0), $mean(1), $mean(2)]), 'share' => $share, 'isAccent' => $isAccent];
            }
        }
        usort($told, fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return $told;
    }

    /**
     * @param  list<array{float, float, float}>  $labs
     * @param  non-empty-list<int>|list<int>  $group
     * @return array{float, float, float}
     */
    private static function middle(array $labs, array $group): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($group as $pixel) {
            [$sum[0], $sum[1], $sum[2]] = [$sum[0] + $labs[$pixel][0], $sum[1] + $labs[$pixel][1], $sum[2] + $labs[$pixel][2]];
        }
        $count = max(1, count($group));

        return [$sum[0] / $count, $sum[1] / $count, $sum[2] / $count];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    private static function squared(array $one, array $other): float
    {
        return ($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2;
    }

    /** @param  array{int, int, int}  $rgb */
    private static function hex(array $rgb): string
    {
        return sprintf('#%02x%02x%02x', ...$rgb);
    }
}
