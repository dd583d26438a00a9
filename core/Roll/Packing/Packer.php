<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

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

    private Reach $reach;

    /** @param  array<int, int>  $counts  of each size, what is laid */
    private function __construct(private readonly Task $task, private array $counts)
    {
        $this->reach = new Reach(max([0, ...$task->rooms]), $task->sizes, $counts);
    }

    /** @param  bool  $polished  whether what Merit says counts, too: no less is unmet or opened for it */
    public static function pack(Task $task, bool $polished = true): Packed
    {
        $all = [];
        foreach (array_keys($task->kinds) as $kind) {
            $all[$kind] = $task->count($kind);
        }
        [$counts, $leastUnmet] = self::met($task, $all);
        $unmet = array_map(fn (int $wanted, int $laid): int => $wanted - $laid, $task->counts, $counts);
        $packer = new self($task, $counts);
        $needed = $packer->needed();
        $least = null;
        foreach (Choices::of($task, $all, $needed) as $choice) {
            if ($packer->roomIn($choice->rolls) < $needed) {
                continue;
            }
            $fit = $packer->fit($choice->rolls);
            if ($fit === false) {
                continue;
            }
            $least ??= $choice;
            if ($fit !== null) {
                $proven = array_sum($unmet) === $leastUnmet;

                return new Packed(
                    $polished ? $packer->polish($choice, $fit) : $fit, $unmet, $choice->money, $choice->opened,
                    $leastUnmet, $proven ? $least->money : 0, $proven ? $least->opened : 0,
                );
            }
        }

        throw new \LogicException('What is laid at all is laid on some choice of rolls.');
    }

    /**
     * What no way of cutting can better, where runs are laid beside the pieces.
     *
     * @param  int  $unmet  of the plan that is looked at: no more is asked than whether it can be bettered
     * @param  int  $money  cents
     * @return array{int, int, int} the fewest unmet, the least cents, the fewest full rolls opened
     */
    public static function least(Task $task, int $unmet, int $money, int $opened): array
    {
        [$sizes, $counts, $runs] = [$task->sizes, $task->counts, []];
        $needed = array_sum(array_map(fn (int $size, int $count): int => $size * $count, $sizes, $counts));
        foreach ($task->runs as $run) {
            $from = count($sizes);
            foreach ($run->steps as $length => $count) {
                $sizes[] = intdiv($length, $task->step);
                $counts[] = $count;
                $needed += intdiv($length, $task->step) * $count;
            }
            $runs[] = [intdiv($run->tails, $task->step), $from, count($sizes)];
            $needed += intdiv($run->tails, $task->step);
        }
        if (! $task->isExact) {
            return [0, 0, 0];
        }
        $most = array_map(fn (RollKind $kind): int => min($kind->count ?? PHP_INT_MAX, array_sum($counts)), $task->kinds);
        if ($unmet > 0) {
            return [Relaxation::ofMost($sizes, $counts, $task->rooms, $most, $runs)->least, 0, 0];
        }
        foreach (Choices::of($task, $most, $needed) as $choice) {
            if ([$choice->money, $choice->opened] >= [$money, $opened] || Relaxation::ofAll($sizes, $counts, array_intersect_key($task->rooms, $choice->rolls), $choice->rolls, $runs)->least === 0) {
                return [0, min($money, $choice->money), [$choice->money, $choice->opened] >= [$money, $opened] ? $opened : $choice->opened];
            }
        }

        return [0, $money, $opened];
    }

    /**
     * As many pieces as there is room for, short ones rather than long ones: so most are met.
     *
     * @param  array<int, int>  $all  rolls by kind
     * @return array{array<int, int>, int} how many of each size, and how many stay unmet at the least
     */
    private static function met(Task $task, array $all): array
    {
        $counts = $task->counts;
        $longest = max([0, ...array_map(fn (int $kind): int => $all[$kind] > 0 ? $task->rooms[$kind] : 0, array_keys($all))]);
        $forced = 0;
        foreach ($task->sizes as $index => $size) {
            if ($size > $longest) {
                $forced += $counts[$index];
                $counts[$index] = 0;
            }
        }
        // Where there are as many rolls as it takes of a kind that holds every piece, all are met.
        foreach ($task->kinds as $kind => $its) {
            if ($its->count === null && $task->rooms[$kind] === $longest) {
                return [$counts, $forced];
            }
        }
        $fits = $counts;
        $isSure = true;
        $sure = $forced;
        while (array_sum($counts) > 0) {
            $packer = new self($task, $counts);
            $fit = $packer->needed() > $packer->roomIn($all) ? false : $packer->fit($all);
            if (is_array($fit)) {
                break;
            }
            $isSure = $isSure && $fit === false;
            foreach ($counts as $index => $count) {
                if ($count > 0) {
                    $counts[$index]--;
                    break;
                }
            }
            $sure += $isSure ? 1 : 0;
        }
        if (! $isSure) {
            $sure = max($sure, $forced + ($task->isExact ? Relaxation::ofMost($task->sizes, $fits, $task->rooms, $all)->least : 0));
        }

        return [$counts, $sure];
    }

    /** How many steps all pieces take together. */
    private function needed(): int
    {
        $needed = 0;
        foreach ($this->counts as $index => $count) {
            $needed += $count * $this->task->sizes[$index];
        }

        return $needed;
    }

    /**
     * How many steps these rolls can give, each as full as the pieces make it.
     *
     * @param  array<int, int>  $rolls  by kind
     */
    private function roomIn(array $rolls): int
    {
        $room = 0;
        foreach ($rolls as $kind => $count) {
            $room += $count * $this->reach->upTo($this->task->rooms[$kind]);
        }

        return $room;
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
        $laid = Ways::firstFit($this->task->sizes, $this->counts, array_map($roomOf, $kinds));
        if ($laid !== null) {
            return self::patterns($kinds, $laid);
        }
        $rooms = array_intersect_key($this->task->rooms, $rolls);
        $fit = $this->task->isExact ? Tight::fit($this->task->sizes, $this->counts, $rooms, $rolls) : null;
        if ($fit !== null) {
            return $fit;
        }
        foreach ([$kinds, array_reverse($kinds)] as $order) {
            $fit = $this->quickly($order, array_map($roomOf, $order));
            if ($fit !== null) {
                return $fit;
            }
        }
        $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $rooms, $rolls);
        if ($relaxation->least > 0) {
            return $this->task->isExact ? false : null;
        }

        return Dive::from($this->task->sizes, $this->counts, $rooms, $rolls, $relaxation->patterns)
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
        $laid = Ways::firstFit($this->task->sizes, $this->counts, $rooms)
            ?? Ways::fullest($this->task->sizes, $this->counts, $rooms, false)
            ?? Ways::fullest($this->task->sizes, $this->counts, $rooms, true)
            ?? Ways::bestFit($this->task->sizes, $this->counts, $rooms);

        return $laid === null ? $this->byWorth($kinds, $rooms, count($this->task->sizes) > self::MANY_SIZES ? 0 : self::TRIES) : self::patterns($kinds, $laid);
    }

    /**
     * @param  array<int, int>  $kinds
     * @param  array<int, int>  $rooms
     * @return ?list<Pattern>
     */
    private function byWorth(array $kinds, array $rooms, int $tries): ?array
    {
        foreach (Ways::byWorth($this->task->sizes, $this->counts, $rooms, $tries) as $laid) {
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
            $relaxation = Relaxation::ofAll($this->task->sizes, $this->counts, $its, $rolls);
            $cuts = $relaxation->least > 0 ? null : Dive::from($this->task->sizes, $this->counts, $its, $rolls, $relaxation->patterns);
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
            $laid = Ways::fullest($this->task->sizes, $this->counts, $rooms, $withLongest);
            if ($laid !== null) {
                yield self::patterns($order, $laid);
            }
        }
        foreach (Ways::byWorth($this->task->sizes, $this->counts, $rooms, self::TRIES) as $laid) {
            yield self::patterns($order, $laid);
        }
    }
}
