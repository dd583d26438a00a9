<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * Lays pieces on rolls: as few unmet as can be, then as little money for rolls to buy, then as few full rolls opened, all
 * three against a bound that proves them; then what Merit says. Quick ways are tried first, the relaxation is asked only where they
 * leave a gap. It takes so many tries and no more, so that the same task always comes out the same.
 */
final class Packer
{
    /** How often worth is set anew where a better way is looked for, and where any is. */
    private const TRIES = 6;

    private const TRIES_AFTER_ALL = 60;

    /** With more sizes than this a try takes so long that the relaxation is asked first. */
    private const MANY_SIZES = 20;

    /** Where there are few sizes and rolls, the longest leftover is looked for more closely. */
    private const CLOSE_SIZES = 10;

    private const CLOSE_ROLLS = 20;

    private const CLOSE_TARGETS = 4;

    /** What laying may take, where nobody says otherwise. */
    private const STEPS = 40_000_000;

    private Reach $reach;

    /** @param  array<int, int>  $counts  of each size, what is laid */
    private function __construct(private readonly Task $task, private array $counts, private readonly Effort $effort)
    {
        $this->reach = new Reach(max([0, ...$task->rooms]), $task->sizes, $counts, $effort);
    }

    /** @param  bool  $polished  whether what Merit says counts, too: no less is unmet or opened for it */
    public static function pack(Task $task, bool $polished = true, ?Effort $effort = null): Packed
    {
        $effort ??= Effort::of(self::STEPS);
        $choices = Choices::of($task, array_map($task->count(...), array_keys($task->kinds)));
        [$counts, $leastUnmet, $onAll] = self::met($task, $choices->all()->rolls, $effort->part(2));
        $unmet = array_map(fn (int $wanted, int $laid): int => $wanted - $laid, $task->counts, $counts);
        [$choice, $fit, $least] = (new self($task, $counts, $effort->upTo(intdiv($effort->left() * 3, 4))))->cheapest($choices, $onAll);
        $bound = array_sum($unmet) === $leastUnmet ? new Bound($leastUnmet, ...$least->cost()) : new Bound($leastUnmet, 0, 0);
        $packed = new Packed($polished ? (new self($task, $counts, $effort))->polish($choice, $fit) : $fit, $unmet, $choice->money, $choice->opened, $bound);

        return $task->isExact ? $packed : $packed->boundBy(self::least($task->loosened(), $packed->cost(), $effort));
    }

    /**
     * What no way of cutting can better, where runs are laid beside the pieces.
     *
     * @param  Bound  $enough  what is found so far: no more is asked than whether that can be bettered
     */
    public static function least(Task $task, Bound $enough, Effort $effort): Bound
    {
        [$sizes, $counts, $runs] = [$task->sizes, $task->counts, []];
        $needed = array_sum(array_map(fn (int $size, int $count): int => $size * $count, $sizes, $counts));
        foreach ($task->runs as $run) {
            $from = count($sizes);
            foreach ($run->steps as $length => $count) {
                if ($length >= $task->step) {
                    $sizes[] = intdiv($length, $task->step);
                    $counts[] = $count;
                    $needed += intdiv($length, $task->step) * $count;
                }
            }
            $runs[] = [intdiv($run->tails, $task->step), $from, count($sizes)];
            $needed += intdiv($run->tails, $task->step);
        }
        $most = array_map(fn (RollKind $kind): int => min($kind->count ?? PHP_INT_MAX, array_sum($counts)), $task->kinds);
        if ($enough->unmet > 0) {
            return new Bound(Relaxation::ofMost($sizes, $counts, $task->rooms, $most, $effort, $runs)->least, 0, 0);
        }
        $isTooLittle = fn (Choice $choice): bool => Relaxation::ofAll($sizes, $counts, array_intersect_key($task->rooms, $choice->rolls), $choice->rolls, $effort->part(4), $runs)->least > 0;
        $choices = Choices::of($task, $most)->from($needed);
        for ($last = new Choice(0, 0, []); $choices->valid(); $choices->send($isTooLittle)) {
            $last = $choices->current();
            if ($last->cost() >= [$enough->money, $enough->opened] || ! $isTooLittle($last)) {
                break;
            }
        }

        return new Bound(0, ...$last->cost());
    }

    /**
     * As many pieces as there is room for, short ones rather than long ones: so most are met.
     *
     * @param  array<int, int>  $all  rolls by kind
     * @return array{array<int, int>, int, ?list<Pattern>} how many of each size, how many stay unmet at the least, and how they fit on all
     */
    private static function met(Task $task, array $all, Effort $effort): array
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
        // Where there are as many rolls as it takes of a kind that holds every piece, all are met.
        foreach ($task->kinds as $kind => $its) {
            if ($its->count === null && $its->length === $longest) {
                return [$counts, $forced, null];
            }
        }
        $without = function (int $left) use ($task, $counts, $effort): self {
            foreach ($counts as $index => $count) {
                $counts[$index] -= min($count, $left);
                $left -= min($count, $left);
            }

            return new self($task, $counts, $effort);
        };
        $last = array_sum($counts);
        [$left, $sure, $isSure, $fit] = [0, 0, true, null];
        while ($left < $last) {
            $packer = $without($left);
            $fit = $packer->isTooLong($all) ? false : $packer->fit($all);
            if (is_array($fit)) {
                break;
            }
            if ($effort->isSpent()) {
                $left = Gallop::first($left + 1, $last, fn (int $left): bool => is_array($without($left)->fit($all))) ?? $last;
                $isSure = false;
            } elseif ($fit === null) {
                [$left, $isSure] = [$left + 1, false];
            } else {
                $left = Gallop::first($left + 1, $last, fn (int $left): bool => ! $without($left)->isProvenTooMuchFor($all)) ?? $last;
                $sure = $isSure ? $left : $sure;
            }
        }
        // Where it is not sure of itself how many stay out, the relaxation says so at the least.
        return [$without($left)->counts, $forced + ($isSure ? $sure : max($sure, Relaxation::ofMost($task->sizes, $counts, $task->rooms, $all, $effort)->least)), is_array($fit) ? $fit : null];
    }

    /**
     * The cheapest choice of rolls that all pieces are found to fit on.
     *
     * @param  ?list<Pattern>  $lastResort  how they fit on all that there is, where that was looked for
     * @return array{Choice, list<Pattern>, Choice} how they do, and the cheapest choice that is not proven to be too little
     */
    private function cheapest(Choices $choices, ?array $lastResort): array
    {
        $ways = $choices->from($this->leastRoom());
        [$least, $isSure] = [new Choice(0, 0, []), true];
        while ($ways->valid()) {
            $choice = $ways->current();
            $least = $isSure ? $choice : $least;
            $isTooLong = $this->isTooLong($choice->rolls);
            $fit = $isTooLong ? false : $this->fit($choice->rolls);
            if (is_array($fit)) {
                return [$choice, $fit, $least];
            }
            $ways->send(match (true) {
                $isTooLong => fn (Choice $other): bool => $this->isTooLong($other->rolls),
                $this->effort->isSpent() => fn (Choice $other): bool => ! is_array($this->fit($other->rolls)),
                $fit === false => fn (Choice $other): bool => $this->isProvenTooMuchFor($other->rolls),
                default => null,
            });
            // What is passed over with no effort left was not proven to be too little.
            $isSure = $isSure && $fit === false && ($isTooLong || ! $this->effort->isSpent());
        }

        return [$choices->all(), $lastResort ?? $this->onFirst($choices->all()), $least];
    }

    /** @return list<Pattern> on as many rolls as there are pieces */
    private function onFirst(Choice $all): array
    {
        $kinds = $this->order($all->rolls);

        return self::patterns($kinds, $this->inUnits($kinds) ?? throw new \LogicException('What is laid at all is laid on all that there is.'));
    }

    /** How much room all pieces take at the least, in steps. */
    private function leastRoom(): int
    {
        return $this->task->isExact ? $this->needed() : max(0, intdiv($this->needed(), $this->task->step) - array_sum($this->counts));
    }

    /**
     * Whether all pieces together are longer than these rolls.
     *
     * @param  array<int, int>  $rolls  by kind
     */
    private function isTooLong(array $rolls): bool
    {
        return $this->needed() > $this->roomIn($rolls);
    }

    /** @param  array<int, int>  $rolls  by kind */
    private function isProvenTooMuchFor(array $rolls): bool
    {
        return $this->isTooLong($rolls)
            || ($this->task->isExact && Relaxation::ofAll($this->task->sizes, $this->counts, array_intersect_key($this->task->rooms, $rolls), $rolls, $this->effort->part(4))->least > 0);
    }

    /** How long all pieces are together, in steps; in units, where they do not lie on the grid. */
    private function needed(): int
    {
        $needed = 0;
        foreach ($this->counts as $index => $count) {
            $needed += $count * ($this->task->isExact ? $this->task->sizes[$index] : $this->task->lengths[$index]);
        }

        return $needed;
    }

    /**
     * How much these rolls can give, each as full as the pieces make it: in steps, or in units, as what is needed.
     *
     * @param  array<int, int>  $rolls  by kind
     */
    private function roomIn(array $rolls): int
    {
        $room = 0;
        foreach ($rolls as $kind => $count) {
            $room += $count * ($this->task->isExact ? $this->reach->upTo($this->task->rooms[$kind]) : $this->task->kinds[$kind]->length);
        }

        return $room;
    }

    /**
     * Longest first, in units and not on the grid: what fits to the inch is not lost where the grid is coarse.
     *
     * @param  array<int, int>  $kinds  of each roll
     * @return ?array<int, array<int, int>>
     */
    private function inUnits(array $kinds): ?array
    {
        $lengths = array_map(fn (int $kind): int => $this->task->kinds[$kind]->length, $kinds);

        return Ways::firstFit($this->task->lengths, $this->counts, $lengths, $this->effort) ?? Ways::bestFit($this->task->lengths, $this->counts, $lengths, $this->effort);
    }

    /**
     * All pieces on these rolls.
     *
     * @param  array<int, int>  $rolls  by kind
     * @return list<Pattern>|false|null false where it is proven that they do not fit, null where no way was found
     */
    private function fit(array $rolls): array|false|null
    {
        $kinds = $this->order($rolls);
        $roomOf = fn (int $kind): int => $this->task->rooms[$kind];
        $laid = Ways::firstFit($this->task->sizes, $this->counts, array_map($roomOf, $kinds), $this->effort)
            ?? ($this->task->isExact ? null : $this->inUnits($kinds));
        if ($laid !== null) {
            return self::patterns($kinds, $laid);
        }
        if ($this->effort->isSpent()) {
            return null;
        }
        $rooms = array_intersect_key($this->task->rooms, $rolls);
        $fit = $this->task->isExact ? Tight::fit($this->task->sizes, $this->counts, $rooms, $rolls, $this->effort->part(2)) : null;
        if ($fit !== null) {
            return $fit;
        }
        foreach ([$kinds, array_reverse($kinds)] as $order) {
            $fit = $this->quickly($order, array_map($roomOf, $order));
            if ($fit !== null) {
                return $fit;
            }
        }
        $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $rooms, $rolls, $this->effort->part(2));
        if ($relaxation->least > 0) {
            return $this->task->isExact ? false : null;
        }

        return Dive::from($this->task->sizes, $this->counts, $rooms, $rolls, $relaxation->patterns, $this->effort->part(2))
            ?? $this->byWorth($order, array_map($roomOf, $order), self::TRIES_AFTER_ALL);
    }

    /**
     * Each roll by its kind: what is open from the shortest on, then what is opened from the shortest on.
     *
     * @param  array<int, int>  $rolls
     * @return array<int, int>
     */
    private function order(array $rolls): array
    {
        $kinds = array_keys($rolls);
        usort($kinds, fn (int $a, int $b): int => [! $this->task->kinds[$a]->isOpen(), $this->task->kinds[$a]->length, $a] <=> [! $this->task->kinds[$b]->isOpen(), $this->task->kinds[$b]->length, $b]);

        return array_merge(...array_map(fn (int $kind): array => array_fill(0, $rolls[$kind], $kind), $kinds));
    }

    /**
     * @param  array<int, int>  $kinds  of each roll
     * @param  array<int, int>  $rooms  of each roll
     * @return ?list<Pattern>
     */
    private function quickly(array $kinds, array $rooms): ?array
    {
        [$sizes, $counts] = [$this->task->sizes, $this->counts];
        $laid = Ways::firstFit($sizes, $counts, $rooms, $this->effort)
            ?? Ways::fullest($sizes, $counts, $rooms, $this->effort, false)
            ?? Ways::fullest($sizes, $counts, $rooms, $this->effort, true)
            ?? Ways::bestFit($sizes, $counts, $rooms, $this->effort);

        return $laid === null ? $this->byWorth($kinds, $rooms, count($this->task->sizes) > self::MANY_SIZES ? 0 : self::TRIES) : self::patterns($kinds, $laid);
    }

    /**
     * @param  array<int, int>  $kinds
     * @param  array<int, int>  $rooms
     * @return ?list<Pattern>
     */
    private function byWorth(array $kinds, array $rooms, int $tries): ?array
    {
        foreach (Ways::byWorth($this->task->sizes, $this->counts, $rooms, $tries, $this->effort->part(2)) as $laid) {
            return self::patterns($kinds, $laid);
        }

        return null;
    }

    /**
     * @param  array<int, int>  $kinds
     * @param  array<int, array<int, int>>  $laid
     * @return list<Pattern>
     */
    private static function patterns(array $kinds, array $laid): array
    {
        $patterns = [];
        foreach ($laid as $roll => $pieces) {
            if ($pieces !== []) {
                $patterns[] = new Pattern($kinds[$roll], $pieces);
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
    private function polish(Choice $choice, array $cuts): array
    {
        $best = Merit::of($this->task, $choice->rolls, $cuts);
        [$needed, $room] = [$this->needed(), $this->roomIn($choice->rolls)];
        $kinds = array_keys($choice->rolls);
        usort($kinds, fn (int $a, int $b): int => $this->task->kinds[$b]->length <=> $this->task->kinds[$a]->length);
        foreach ($kinds as $kind) {
            // What this roll has to give at the least, when all the others give what they can.
            $gives = $this->reach->from($needed - $room + $this->reach->upTo($this->task->rooms[$kind]));
            $mostLeft = $this->task->kinds[$kind]->length - ($gives ?? 0) * $this->task->step;
            if ($mostLeft < -$best[0] || ($mostLeft === -$best[0] && $this->isAsGoodAsCanBe($best, $choice))) {
                continue;
            }
            foreach ($this->tries($choice, $kind) as $laid) {
                $merit = Merit::of($this->task, $choice->rolls, $laid);
                if (($merit <=> $best) < 0) {
                    [$cuts, $best] = [$laid, $merit];
                }
                if ($mostLeft === -$best[0] && $this->isAsGoodAsCanBe($best, $choice)) {
                    break;
                }
            }
            $closer = $mostLeft > -$best[0] ? $this->closer($choice, $kind, (int) $gives, -$best[0]) : null;
            $merit = $closer === null ? $best : Merit::of($this->task, $choice->rolls, $closer);
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
    private function closer(Choice $choice, int $kind, int $gives, int $longest): ?array
    {
        if (count($this->task->sizes) > self::CLOSE_SIZES || array_sum($choice->rolls) > self::CLOSE_ROLLS) {
            return null;
        }
        // That roll is a kind of its own, as short as what it gives.
        $short = count($this->task->kinds);
        $rooms = array_intersect_key($this->task->rooms, $choice->rolls);
        $rolls = array_replace($choice->rolls, [$kind => $choice->rolls[$kind] - 1]) + [$short => 1];
        $target = $this->reach->from($gives);
        for ($turn = 0; $turn < self::CLOSE_TARGETS && $target !== null && $this->task->kinds[$kind]->length - $target * $this->task->step > $longest; $turn++) {
            $its = $rooms + [$short => $target];
            $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $its, $rolls, $this->effort->part(2));
            $cuts = $relaxation->least > 0 ? null : Dive::from($this->task->sizes, $this->counts, $its, $rolls, $relaxation->patterns, $this->effort->part(2));
            if ($cuts !== null) {
                return array_map(fn (Pattern $pattern): Pattern => $pattern->kind === $short ? new Pattern($kind, $pattern->pieces) : $pattern, $cuts);
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
    private function isAsGoodAsCanBe(array $merit, Choice $choice): bool
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
    private function tries(Choice $choice, int $kind): \Generator
    {
        $order = $this->order($choice->rolls);
        array_splice($order, (int) array_search($kind, $order, true), 1);
        $order[] = $kind;
        $rooms = array_map(fn (int $of): int => $this->task->rooms[$of], $order);
        foreach ([false, true] as $withLongest) {
            $laid = Ways::fullest($this->task->sizes, $this->counts, $rooms, $this->effort, $withLongest);
            if ($laid !== null) {
                yield self::patterns($order, $laid);
            }
        }
        foreach (Ways::byWorth($this->task->sizes, $this->counts, $rooms, self::TRIES, $this->effort->part(2)) as $laid) {
            yield self::patterns($order, $laid);
        }
    }
}
