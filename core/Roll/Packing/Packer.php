<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * Lays pieces on rolls: as few unmet as can be, then as little money for rolls to buy, then as few full rolls opened, all
 * three against a bound that proves them; then what LeftoverScore says. Quick ways are tried first, the relaxation is asked only where they
 * leave a gap. It takes so many tries and no more, so that the same task always comes out the same.
 */
final class Packer
{
    /** How often pieces are revalued when a better way is sought, and when any way is. */
    private const TRIES = 6;

    private const TRIES_AFTER_ALL = 60;

    /** With more sizes than this one try costs more than the relaxation, which is then solved first. */
    private const MANY_SIZES = 20;

    /** Limits up to which the longest leftover is searched for closely. */
    private const CLOSE_SIZES = 10;

    private const CLOSE_ROLLS = 20;

    private const CLOSE_TARGETS = 4;

    /** Effort where the caller sets none. */
    private const STEPS = 40_000_000;

    private readonly SubsetSums $reach;

    /** The task that proofs are made on: this one if its pieces lie on the grid, else a loosened one. */
    private readonly PackingTask $loose;

    private readonly SubsetSums $looseReach;

    /** @param  array<int, int>  $counts  of each size, what is laid */
    private function __construct(private readonly PackingTask $task, private readonly array $counts, private readonly Effort $effort)
    {
        $this->loose = $task->loosened();
        $this->reach = new SubsetSums(max([0, ...$task->rooms]), $task->sizes, $counts, $effort);
        $this->looseReach = $task->isExact
            ? $this->reach
            : new SubsetSums(max([0, ...$this->loose->rooms]), $this->loose->sizes, $counts, $effort);
    }

    /** @param  bool  $polished  whether what LeftoverScore says counts, too: no less is unmet or opened for it */
    public static function pack(PackingTask $task, bool $polished = true, ?Effort $effort = null): Packed
    {
        $effort ??= Effort::of(self::STEPS);
        $choices = RollChoices::of($task, array_map($task->count(...), array_keys($task->kinds)));
        [$counts, $leastUnmet, $onAll] = self::met($task, $choices->all()->rolls, $effort->part(2));
        $unmet = array_map(fn (int $wanted, int $laid): int => $wanted - $laid, $task->counts, $counts);
        [$choice, $fit, $least] = (new self($task, $counts, $effort->upTo(intdiv($effort->left() * 3, 4))))->cheapest($choices, $onAll);
        $bound = array_sum($unmet) === $leastUnmet ? new Bound($leastUnmet, ...$least->cost()) : new Bound($leastUnmet, 0, 0);

        return new Packed(
            $polished ? (new self($task, $counts, $effort))->polish($choice, $fit) : $fit,
            $unmet,
            $choice->money,
            $choice->opened,
            $task->isExact ? $bound : null,
        );
    }

    /**
     * As many pieces as there is room for. Short ones come before long ones, since that meets the most.
     *
     * @param  array<int, int>  $all  rolls by kind
     * @return array{array<int, int>, int, ?list<Pattern>} how many of each size, how many stay unmet at the least, and how they fit on all
     */
    private static function met(PackingTask $task, array $all, Effort $effort): array
    {
        $counts = $task->counts;
        $longest = max([0, ...array_map(fn (int $kind): int => $task->kinds[$kind]->length, array_keys(array_filter($all)))]);
        $forced = 0;
        foreach (array_keys($task->sizes) as $index) {
            if ($task->lengths[$index] > $longest) {
                $forced += $counts[$index];
                $counts[$index] = 0;
            }
        }
        // With endless rolls that hold the longest piece, every piece is met.
        foreach ($task->kinds as $kind => $its) {
            if ($its->count === null && $its->length === $longest) {
                return [$counts, $forced, null];
            }
        }
        $without = fn (int $left): self => new self($task, $task->withoutLongest($counts, $left), $effort);
        $last = array_sum($counts);
        [$left, $sure, $isSure, $fit] = [0, 0, true, null];
        while ($left < $last) {
            $packer = $without($left);
            $fit = $packer->isTooLong($all) ? false : $packer->fit($all);
            if (is_array($fit)) {
                break;
            }
            if ($effort->isSpent()) {
                $left = ExponentialSearch::first($left + 1, $last, fn (int $left): bool => is_array($without($left)->fit($all))) ?? $last;
                $isSure = false;
            } elseif ($fit === null) {
                [$left, $isSure] = [$left + 1, false];
            } else {
                $left = ExponentialSearch::first(
                    $left + 1,
                    $last,
                    fn (int $left): bool => ! $without($left)->isProvenTooMuchFor($all),
                ) ?? $last;
                $sure = $isSure ? $left : $sure;
            }
        }

        // If the search is not certain how many stay unmet, the relaxation gives a lower bound.
        return [
            $without($left)->counts,
            $forced + (
                $isSure
                    ? $sure
                    : max($sure, Relaxation::ofMost($task->sizes, $counts, array_intersect_key($task->rooms, $all), $all, $effort)->least)
            ),
            is_array($fit) ? $fit : null,
        ];
    }

    /**
     * The cheapest choice of rolls that all pieces are found to fit on.
     *
     * @param  ?list<Pattern>  $lastResort  how they fit on all that there is, where that was looked for
     * @return array{RollChoice, list<Pattern>, RollChoice} how they do, and the cheapest choice that is not proven to be too little
     */
    private function cheapest(RollChoices $choices, ?array $lastResort): array
    {
        $ways = $choices->from($this->leastRoom());
        [$least, $isSure] = [new RollChoice(0, 0, []), true];
        while ($ways->valid()) {
            $choice = $ways->current();
            $least = $isSure ? $choice : $least;
            $isTooLong = $this->isTooLong($choice->rolls);
            $fit = $isTooLong ? false : $this->fit($choice->rolls);
            if (is_array($fit)) {
                return [$choice, $fit, $least];
            }
            $ways->send(match (true) {
                $isTooLong => fn (RollChoice $other): bool => $this->isTooLong($other->rolls),
                $this->effort->isSpent() => fn (RollChoice $other): bool => ! is_array($this->fit($other->rolls)),
                $fit === false => fn (RollChoice $other): bool => $this->isProvenTooMuchFor($other->rolls),
                default => null,
            });
            // A choice skipped because the effort ran out was not proven too small.
            $isSure = $isSure && $fit === false && ($isTooLong || ! $this->effort->isSpent());
        }

        return [$choices->all(), $lastResort ?? $this->onFirst($choices->all()), $least];
    }

    /** @return list<Pattern> on as many rolls as there are pieces */
    private function onFirst(RollChoice $all): array
    {
        $rolls = $this->order($all->rolls);

        return self::patterns(
            $rolls,
            $this->inUnits($rolls) ?? throw new \LogicException('What is laid at all is laid on all that there is.'),
        );
    }

    /** Lower bound on the room that all pieces take, in steps. A roll may hold nearly one step more than it is counted for. */
    private function leastRoom(): int
    {
        return max(0, $this->loose->together($this->counts) - ($this->task->isExact ? 0 : array_sum($this->counts)));
    }

    /**
     * Whether all pieces together are longer than what these rolls can give, each as full as the pieces make it.
     *
     * @param  array<int, int>  $rolls  by kind
     */
    private function isTooLong(array $rolls): bool
    {
        $room = 0;
        foreach ($rolls as $kind => $count) {
            $room += $count * $this->looseReach->upTo($this->loose->rooms[$kind]);
        }

        return $this->loose->together($this->counts) > $room;
    }

    /** @param  array<int, int>  $rolls  by kind */
    private function isProvenTooMuchFor(array $rolls): bool
    {
        return $this->isTooLong($rolls)
            || Relaxation::ofAll(
                $this->loose->sizes,
                $this->counts,
                array_intersect_key($this->loose->rooms, $rolls),
                $rolls,
                $this->effort->part(4),
            )->least > 0;
    }

    /**
     * Longest first, in units rather than grid steps, so that an exact fit is not lost where the grid is coarse.
     *
     * @param  list<array{int, int}>  $rolls  as they are ordered
     * @return ?array<int, array<int, int>>
     */
    private function inUnits(array $rolls): ?array
    {
        $lengths = array_map(fn (array $roll): int => $this->task->kinds[$roll[0]]->length, $rolls);

        return Heuristics::firstFit(
            $this->task->lengths,
            $this->counts,
            $lengths,
            $this->effort,
        ) ?? Heuristics::bestFit($this->task->lengths, $this->counts, $lengths, $this->effort);
    }

    /**
     * All pieces on these rolls.
     *
     * @param  array<int, int>  $rolls  by kind
     * @return list<Pattern>|false|null false where it is proven that they do not fit, null where no way was found
     */
    private function fit(array $rolls): array|false|null
    {
        $ordered = $this->order($rolls);
        $laid = Heuristics::firstFit($this->task->sizes, $this->counts, $this->roomsOf($ordered), $this->effort)
            ?? ($this->task->isExact ? null : $this->inUnits($ordered));
        if ($laid !== null) {
            return self::patterns($ordered, $laid);
        }
        if ($this->effort->isSpent()) {
            return null;
        }
        $rooms = array_intersect_key($this->task->rooms, $rolls);
        $fit = $this->task->isExact ? ExactFit::fit($this->task->sizes, $this->counts, $rooms, $rolls, $this->effort->part(2)) : null;
        if ($fit !== null) {
            return $fit;
        }
        foreach ([$ordered, array_reverse($ordered)] as $order) {
            $fit = $this->quickly($order);
            if ($fit !== null) {
                return $fit;
            }
        }
        $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $rooms, $rolls, $this->effort->part(2));
        if ($relaxation->least > 0) {
            return $this->task->isExact || $this->isProvenTooMuchFor($rolls) ? false : null;
        }

        return DivingHeuristic::from($this->task->sizes, $this->counts, $rooms, $rolls, $relaxation->patterns, $this->effort->part(2))
            ?? $this->byWorth($order, self::TRIES_AFTER_ALL);
    }

    /**
     * Open rolls first, then those to be opened, each from the shortest on.
     *
     * @param  array<int, int>  $rolls
     * @return list<array{int, int}> the kind of each roll, and which of its kind it is
     */
    private function order(array $rolls): array
    {
        $kinds = array_keys(array_filter($rolls));
        usort(
            $kinds,
            fn (int $a, int $b): int => [
                ! $this->task->kinds[$a]->isOpen(),
                $this->task->kinds[$a]->length,
                $a,
            ] <=> [! $this->task->kinds[$b]->isOpen(), $this->task->kinds[$b]->length, $b],
        );

        return array_merge(
            ...array_map(
                fn (int $kind): array => array_map(fn (int $number): array => [$kind, $number], range(0, $rolls[$kind] - 1)),
                $kinds,
            ),
        );
    }

    /**
     * @param  list<array{int, int}>  $rolls
     * @return list<int> how much each holds, in steps
     */
    private function roomsOf(array $rolls): array
    {
        return array_map(fn (array $roll): int => $this->task->rooms[$roll[0]], $rolls);
    }

    /**
     * @param  list<array{int, int}>  $rolls
     * @return ?list<Pattern>
     */
    private function quickly(array $rolls): ?array
    {
        [$sizes, $counts, $rooms] = [$this->task->sizes, $this->counts, $this->roomsOf($rolls)];
        $laid = Heuristics::firstFit($sizes, $counts, $rooms, $this->effort)
            ?? Heuristics::fullest($sizes, $counts, $rooms, $this->effort, false)
            ?? Heuristics::fullest($sizes, $counts, $rooms, $this->effort, true)
            ?? Heuristics::bestFit($sizes, $counts, $rooms, $this->effort);

        return $laid === null ? $this->byWorth($rolls, count($sizes) > self::MANY_SIZES ? 0 : self::TRIES) : self::patterns($rolls, $laid);
    }

    /**
     * @param  list<array{int, int}>  $rolls
     * @return ?list<Pattern>
     */
    private function byWorth(array $rolls, int $tries): ?array
    {
        foreach (Heuristics::byWorth($this->task->sizes, $this->counts, $this->roomsOf($rolls), $tries, $this->effort->part(2)) as $laid) {
            return self::patterns($rolls, $laid);
        }

        return null;
    }

    /**
     * @param  list<array{int, int}>  $rolls
     * @param  array<int, array<int, int>>  $laid
     * @return list<Pattern>
     */
    private static function patterns(array $rolls, array $laid): array
    {
        $patterns = [];
        foreach ($laid as $roll => $pieces) {
            if ($pieces !== []) {
                $patterns[] = new Pattern($rolls[$roll][0], $pieces, number: $rolls[$roll][1]);
            }
        }

        return $patterns;
    }

    /**
     * The same rolls cut better, where a better way is found.
     *
     * @param  list<Pattern>  $cuts
     * @return list<Pattern>
     */
    private function polish(RollChoice $choice, array $cuts): array
    {
        $best = LeftoverScore::of($this->task, $choice->rolls, $cuts);
        $needed = $this->task->together($this->counts);
        $room = array_sum(
            array_map(
                fn (int $kind, int $count): int => $count * $this->reach->upTo($this->task->rooms[$kind]),
                array_keys($choice->rolls),
                $choice->rolls,
            ),
        );
        $kinds = array_keys($choice->rolls);
        usort($kinds, fn (int $a, int $b): int => $this->task->kinds[$b]->left(0) <=> $this->task->kinds[$a]->left(0));
        foreach ($kinds as $kind) {
            // The least that this roll must give when all others give all they can.
            $gives = $this->reach->from($needed - $room + $this->reach->upTo($this->task->rooms[$kind]));
            $mostLeft = $this->task->kinds[$kind]->left(($gives ?? 0) * $this->task->step);
            if ($mostLeft < -$best[0] || ($mostLeft === -$best[0] && $this->isAsGoodAsCanBe($best, $choice))) {
                continue;
            }
            foreach ($this->tries($choice, $kind) as $laid) {
                $merit = LeftoverScore::of($this->task, $choice->rolls, $laid);
                if (($merit <=> $best) < 0) {
                    [$cuts, $best] = [$laid, $merit];
                }
                if ($mostLeft === -$best[0] && $this->isAsGoodAsCanBe($best, $choice)) {
                    break;
                }
            }
            $closer = $mostLeft > -$best[0] ? $this->closer($choice, $kind, (int) $gives, -$best[0]) : null;
            $merit = $closer === null ? $best : LeftoverScore::of($this->task, $choice->rolls, $closer);
            if ($closer !== null && ($merit <=> $best) < 0) {
                [$cuts, $best] = [$closer, $merit];
            }
        }

        return $cuts;
    }

    /**
     * A way that leaves more than so much on one roll of this kind, along the relaxation: the less it gives, from the least on, the
     * more is left on it.
     *
     * @param  int  $longest  the leftover that is to be bettered, in units
     * @return ?list<Pattern>
     */
    private function closer(RollChoice $choice, int $kind, int $gives, int $longest): ?array
    {
        if (count($this->task->sizes) > self::CLOSE_SIZES || array_sum($choice->rolls) > self::CLOSE_ROLLS) {
            return null;
        }
        // That roll is a kind of its own, as short as what it gives.
        $short = count($this->task->kinds);
        $rooms = array_intersect_key($this->task->rooms, $choice->rolls);
        $rolls = array_replace($choice->rolls, [$kind => $choice->rolls[$kind] - 1]) + [$short => 1];
        $target = $this->reach->from($gives);
        $saved = fn (int $target): int => $this->task->kinds[$kind]->left($target * $this->task->step);
        for ($turn = 0; $turn < self::CLOSE_TARGETS && $target !== null && $saved($target) > $longest; $turn++) {
            $its = $rooms + [$short => $target];
            $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $its, $rolls, $this->effort->part(2));
            $cuts = $relaxation->least > 0
                ? null
                : DivingHeuristic::from($this->task->sizes, $this->counts, $its, $rolls, $relaxation->patterns, $this->effort->part(2));
            if ($cuts !== null) {
                return array_map(
                    fn (Pattern $pattern): Pattern => $pattern->kind === $short ? new Pattern($kind, $pattern->pieces) : $pattern,
                    $cuts,
                );
            }
            $target = $this->reach->from($target + 1);
        }

        return null;
    }

    /**
     * Whether nothing but the longest leftover is kept, and every part roll gives what it can.
     *
     * @param  array<int, int>  $merit
     */
    private function isAsGoodAsCanBe(array $merit, RollChoice $choice): bool
    {
        if (count($this->task->sizes) < 2) {
            return true;
        }
        $gives = 0;
        foreach ($choice->rolls as $kind => $count) {
            if ($this->task->kinds[$kind]->isOpen()) {
                $gives += $count * $this->reach->upTo($this->task->rooms[$kind]) * $this->task->step;
            }
        }

        return $merit[1] <= 1 && -array_sum(array_slice($merit, 2)) === $gives;
    }

    /**
     * Ways to lay all pieces that leave as much as they can on a roll of this kind.
     *
     * @return \Generator<list<Pattern>>
     */
    private function tries(RollChoice $choice, int $kind): \Generator
    {
        $order = $this->order($choice->rolls);
        array_splice($order, (int) array_search([$kind, 0], $order, true), 1);
        $order[] = [$kind, 0];
        $rooms = $this->roomsOf($order);
        foreach ([false, true] as $withLongest) {
            $laid = Heuristics::fullest($this->task->sizes, $this->counts, $rooms, $this->effort, $withLongest);
            if ($laid !== null) {
                yield self::patterns($order, $laid);
            }
        }
        foreach (Heuristics::byWorth($this->task->sizes, $this->counts, $rooms, self::TRIES, $this->effort->part(2)) as $laid) {
            yield self::patterns($order, $laid);
        }
    }
}
