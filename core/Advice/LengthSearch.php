<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\PartWords;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;

/**
 * Looks for lengths of pieces or pitches, in steps of the ruler, that will do. Where rolls are taken as needed a shorter cut need not
 * do where a longer one does: it may open one roll fewer, and then use every inch of those. So every length is tried at which a roll
 * gives one piece more, from the longest down.
 */
final readonly class LengthSearch
{
    public function __construct(private Trial $trial) {}

    /**
     * Parts that are cut in the same way, so that one length can be written for all of them: those together that are as long.
     *
     * @param  list<Part>  $parts
     * @return list<non-empty-list<Part>> first all that are cut in one way, then those of one length among them
     */
    public static function groups(array $parts): array
    {
        $groups = [];
        foreach ($parts as $part) {
            if ($part->kind instanceof CutToLength) {
                $way = $part->kind->cutTo('');
                $groups[$way][] = $part;
                $groups[$way."\n".self::lengthOf($part)->units][] = $part;
            }
        }
        ksort($groups);

        // Where all are as long, both are the same.
        return array_values(array_filter(
            $groups,
            fn (array $group, string $key): bool => ! isset($groups[$way = explode("\n", $key)[0]])
                || $key === $way
                || count($groups[$way]) > count($group),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * The longest that the pieces or pitches of some parts may have so that rolls do: the same for all that are longer than that.
     *
     * @param  non-empty-list<Part>  $parts  cut in the same way
     * @param  array{int, int}  $leastPart  no piece gets shorter than this part of what it is
     * @param  callable(array<string, string>): bool  $does  with what is written in which blanks
     * @param  ?callable(array<string, int>): bool  $mayDo  told from how much of each material it takes, in units of length, by id;
     *                                                       does for less if for more
     * @param  ?callable(array<string, string>): bool  $couldDo  what has to hold besides, and holds of the shortest if of any
     * @return array{string, array<string, string>}|null what to call it, and what to write
     */
    public function longestOnRolls(
        Plan $plan,
        array $parts,
        array $leastPart,
        callable $does,
        ?callable $mayDo = null,
        ?callable $couldDo = null,
    ): ?array {
        $step = $plan->units()->step()->units;
        $lengths = array_map(fn (Part $part): int => self::lengthOf($part)->units, $parts);
        [$most, $least] = [intdiv(max($lengths) - 1, $step), intdiv(max($lengths) * $leastPart[0], $leastPart[1] * $step) + 1];
        // What not even the shortest does is not looked for; what is told from its needs alone comes first, as it costs least.
        if ($least > $most
            || ($mayDo !== null && ! $mayDo(self::needs($plan, $parts, $least * $step)))
            || ($couldDo !== null && ! $couldDo(self::filled($parts, $least * $step)))) {
            return null;
        }
        $failed = null;
        $best = $this->trial->mostOfAny($least, $most, function (int $steps) use ($plan, $parts, $step, $does, $mayDo, &$failed): bool {
            $cut = $mayDo === null || $mayDo(self::needs($plan, $parts, $steps * $step))
                ? self::howRollsAreCut($plan, $parts, $steps * $step)
                : null;
            if ($cut === null || $cut === $failed) {
                return false;
            }
            $failed = $cut === [] ? null : $cut;

            return $does(self::filled($parts, $steps * $step));
        });

        return $best === null ? null : $this->named($plan, $parts, $best * $step);
    }

    /**
     * The longest that a part's pieces or pitches may have, where a shorter one does whenever a longer one does.
     *
     * @param  array{int, int}  $leastPart  of what it is now
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    public function shorter(Plan $plan, Part $part, array $leastPart, callable $does): ?array
    {
        if (! $part->kind instanceof CutToLength) {
            return null;
        }
        [$wanted, $step] = [self::lengthOf($part)->units, $plan->units()->step()->units];
        $best = $this->trial->most(
            intdiv($wanted * $leastPart[0], $leastPart[1] * $step) + 1,
            intdiv($wanted - 1, $step),
            fn (int $steps): bool => $does(self::filled([$part], $steps * $step)),
        );

        return $best === null ? null : $this->named($plan, [$part], $best * $step);
    }

    /**
     * The shortest piece or pitch, longer than it is and up to half as long again, that will do.
     *
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null
     */
    public function longer(Plan $plan, Part $part, callable $does): ?array
    {
        if (! $part->kind instanceof CutToLength) {
            return null;
        }
        [$wanted, $step] = [self::lengthOf($part)->units, $plan->units()->step()->units];
        $fill = fn (int $steps): array => self::written($part, $steps * $step);
        $steps = $this->trial->least(
            intdiv($wanted, $step) + 1,
            intdiv($wanted * 3, 2 * $step),
            fn (int $steps): bool => $does($fill($steps)),
        );

        return $steps === null ? null : [
            $part->kind->cutTo($plan->units()->exact(Length::ofUnits($steps * $step))),
            $fill($steps),
        ];
    }

    /**
     * What decides whether rolls do once pieces are cut so long: how many pieces each roll gives, and whether that uses every inch of
     * it. Null where it is too much in any case; empty where other lengths are cut from the same rolls, so that all may decide.
     *
     * @param  non-empty-list<Part>  $parts
     * @return ?list<int>
     */
    private static function howRollsAreCut(Plan $plan, array $parts, int $longest): ?array
    {
        $ids = array_column($parts, 'id');
        $signature = [];
        foreach ($plan->wound() as $wound) {
            if (array_filter($parts, fn (Part $part): bool => $part->uses($wound)) === []) {
                continue;
            }
            [$needed, $sizes, $tails] = [0, [], []];
            foreach ($plan->partsOf($wound) as $part) {
                $cap = in_array($part->id, $ids, true) ? $longest : PHP_INT_MAX;
                foreach (self::sizes($part, $wound->id) as [$size, $pieces, $isLength]) {
                    if ($cap !== PHP_INT_MAX && ! $isLength) {
                        return [];
                    }
                    $needed += $pieces * min($size, $cap);
                    $sizes[min($size, $cap)] = true;
                }
                foreach ($part->demand->runs as $run) {
                    $tails[$run->tails()->units] = true;
                }
            }
            $supply = $wound->supply($plan->settings->keepFrom(), true);
            if ($wound->rolls() !== null && $needed > $supply->together()->units) {
                return null;
            }
            if (count($sizes) > 1 || count($tails) > 1) {
                return [];
            }
            foreach ($supply->stock as $stock) {
                foreach ([$stock->safe, $stock->nominal] as $length) {
                    $room = max(0, $length->units - (int) array_key_first($tails + [0 => true]));
                    array_push($signature, intdiv($room, $longest), $room % $longest === 0 ? 1 : 0);
                }
            }
        }

        return $signature;
    }

    /**
     * How much of each material it takes at the least, tails left aside, once some parts are cut so long.
     *
     * @param  non-empty-list<Part>  $parts
     * @return array<string, int> in units of length, by id
     */
    private static function needs(Plan $plan, array $parts, int $longest): array
    {
        $ids = array_column($parts, 'id');
        $needs = [];
        foreach ($plan->wound() as $wound) {
            $needs[$wound->id] = 0;
            foreach ($plan->partsOf($wound) as $part) {
                foreach (self::sizes($part, $wound->id) as [$size, $pieces, $isLength]) {
                    // What its length is not written of may shrink by any amount.
                    $needs[$wound->id] += $pieces * match (true) {
                        ! in_array($part->id, $ids, true) => $size,
                        $isLength => min($size, $longest),
                        default => 0,
                    };
                }
            }
        }

        return $needs;
    }

    /** @return list<array{int, int, bool}> lengths that a part takes of a material, how many of each, and whether it is what is written */
    private static function sizes(Part $part, string $material): array
    {
        $written = self::lengthOf($part)->units;
        $sizes = [];
        foreach ($part->demand->cuts as $cut) {
            if ($cut->material === $material) {
                $sizes[] = [$cut->length->units, 1, $cut->length->units === $written];
            }
        }
        foreach ($part->demand->runs as $run) {
            $strands = count(array_keys($run->strands, $material, true));
            foreach ($strands === 0 ? [] : $run->steps as $step) {
                $sizes[] = [$step->length()->units, $strands, $step->drop->isZero() && $step->pitch->units === $written];
            }
        }

        return $sizes;
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @return array{string, array<string, string>}
     */
    private function named(Plan $plan, array $parts, int $units): array
    {
        $kind = $parts[0]->kind;
        $label = $kind instanceof CutToLength ? $kind->cutTo($plan->units()->exact(Length::ofUnits($units))) : '';
        $fill = self::filled($parts, $units);
        $others = array_filter($plan->parts, fn (Part $part): bool => $part->kind instanceof CutToLength
            && array_filter($part->on->ids(), fn (string $id): bool => in_array($id, $parts[0]->on->ids(), true)) !== []);

        return [$label.match (true) {
            count($fill) > 1 => ', for '.(count($fill) === 2 ? 'both' : 'all '.count($fill)).' layers',
            count($others) > 1 => ', for '.PartWords::named(self::longerThan($parts, $units)[0]),
            default => '',
        }, $fill];
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @return array<string, string>
     */
    private static function filled(array $parts, int $units): array
    {
        return array_merge(...array_map(fn (Part $part): array => self::written($part, $units), self::longerThan($parts, $units)));
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @return list<Part>
     */
    private static function longerThan(array $parts, int $units): array
    {
        return array_values(array_filter($parts, fn (Part $part): bool => self::lengthOf($part)->units > $units));
    }

    /** @return array<string, string> */
    private static function written(Part $part, int $units): array
    {
        return $part->kind instanceof CutToLength
            ? ["parts.$part->id.".$part->kind->lengthKey() => $part->kind->shortenedTo($part->on, Length::ofUnits($units))]
            : [];
    }

    private static function lengthOf(Part $part): Length
    {
        return $part->kind instanceof CutToLength ? $part->kind->longest($part->on) : Length::zero();
    }
}
