<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/**
 * Which rolls could be opened, the cheapest choice first: by the money for those to buy, then by how many are opened. Of rolls at one
 * price the longest are taken: what fits on shorter ones fits on them, too. So one choice stands for all that buy as many at each price
 * and open as many that are there, and there are few.
 */
final readonly class RollChoices
{
    /** How many ways of buying are tried where rolls come at several prices. */
    private const MOST = 2_000;

    /**
     * @param  array<int, int>  $open  how many of each kind are open anyway
     * @param  list<int>  $free  the kind of each full roll that is there, the longest first
     * @param  list<array{int, list<int>}>  $paid  prices, and the kind of each roll that costs so much, the longest first
     */
    private function __construct(private PackingTask $task, private array $open, private array $free, private array $paid) {}

    /** @param  array<int, int>  $most  how many of each kind could be wanted */
    public static function of(PackingTask $task, array $most): self
    {
        $open = array_filter($most, fn (int $count, int $kind): bool => $count > 0 && $task->kinds[$kind]->isOpen(), ARRAY_FILTER_USE_BOTH);
        $closed = array_keys(
            array_filter($most, fn (int $count, int $kind): bool => $count > 0 && ! $task->kinds[$kind]->isOpen(), ARRAY_FILTER_USE_BOTH),
        );
        usort($closed, fn (int $a, int $b): int => [$task->rooms[$b], $a] <=> [$task->rooms[$a], $b]);
        $byPrice = [0 => []];
        foreach ($closed as $kind) {
            $byPrice[$task->kinds[$kind]->price] ??= [];
            array_push($byPrice[$task->kinds[$kind]->price], ...array_fill(0, $most[$kind], $kind));
        }
        ksort($byPrice);
        $free = $byPrice[0];
        unset($byPrice[0]);

        return new self(
            $task,
            $open,
            $free,
            array_map(fn (int $price, array $kinds): array => [$price, $kinds], array_keys($byPrice), array_values($byPrice)),
        );
    }

    /** Every roll there is. */
    public function all(): RollChoice
    {
        return $this->with(array_map(fn (array $its): int => count($its[1]), $this->paid), count($this->free));
    }

    /**
     * Every choice that has this much room. Where one is too little, whoever asks sends what tells of others whether they are, too: then
     * the next is the first that is not.
     *
     * @param  int  $least  how much room there must be at the least, in steps
     * @return \Generator<int, RollChoice, ?callable(RollChoice): bool, void>
     */
    public function from(int $least): \Generator
    {
        $ways = $this->waysToBuy($least);
        while ($ways->valid()) {
            $alike = $ways->current();
            $fewest = array_filter(
                array_map(fn (array $bought): ?int => $this->fewestFree($bought, $least), $alike),
                fn (?int $free): bool => $free !== null,
            );
            $isTooLittle = null;
            while ($fewest !== []) {
                $way = $this->cheapest($alike, $fewest);
                $isTooLittle = yield $this->with($alike[$way], $fewest[$way]);
                $next = $isTooLittle === null
                    ? $fewest[$way] + 1
                    : ExponentialSearch::first(
                        $fewest[$way] + 1,
                        count($this->free),
                        fn (int $free): bool => ! $isTooLittle($this->with($alike[$way], $free)),
                    );
                if ($next === null || $next > count($this->free)) {
                    unset($fewest[$way]);
                } else {
                    $fewest[$way] = $next;
                }
            }
            $ways->send(
                $isTooLittle === null ? null : fn (int $bought): bool => ! $isTooLittle($this->with([$bought], count($this->free))),
            );
        }
    }

    /**
     * What could be bought, the cheapest first, those that cost the same together. Where there is one price, what is sent tells of a
     * number of rolls whether it may do, if the last one did not.
     *
     * @return \Generator<int, list<list<int>>, ?callable(int): bool, void> how many at each price
     */
    private function waysToBuy(int $least): \Generator
    {
        if ($this->paid === []) {
            yield [[]];

            return;
        }
        if (count($this->paid) === 1) {
            $most = count($this->paid[0][1]);
            $count = ExponentialSearch::first(0, $most, fn (int $count): bool => $this->fewestFree([$count], $least) !== null);
            while ($count !== null && $count <= $most) {
                $mayDo = yield [[$count]];
                $count = $mayDo === null ? $count + 1 : ExponentialSearch::first($count + 1, $most, $mayDo);
            }

            return;
        }
        /** @var \SplMinHeap<array{int, int, list<int>}> $heap of money, the last price that was added to, and how many at each */
        $heap = new \SplMinHeap;
        $heap->insert([0, 0, array_fill(0, count($this->paid), 0)]);
        $alike = [];
        for ($turn = 0; ! $heap->isEmpty() && $turn < self::MOST; $turn++) {
            [$money, $last, $bought] = $heap->extract();
            for ($place = $last; $place < count($this->paid); $place++) {
                if ($bought[$place] < count($this->paid[$place][1])) {
                    $heap->insert(
                        [$money + $this->paid[$place][0], $place, array_values(array_replace($bought, [$place => $bought[$place] + 1]))],
                    );
                }
            }
            $alike[] = $bought;
            if ($heap->isEmpty() || $heap->top()[0] > $money) {
                yield $alike;
                $alike = [];
            }
        }
    }

    /**
     * The fewest rolls on hand that make up so much room; null where all together do not.
     *
     * @param  list<int>  $bought
     */
    private function fewestFree(array $bought, int $least): ?int
    {
        $room = $this->room($this->with($bought, 0));
        $fewest = 0;
        while ($room < $least) {
            if ($fewest === count($this->free)) {
                return null;
            }
            $room += $this->task->rooms[$this->free[$fewest++]];
        }

        return $fewest;
    }

    private function room(RollChoice $choice): int
    {
        $room = 0;
        foreach ($choice->rolls as $kind => $count) {
            $room += $count * $this->task->rooms[$kind];
        }

        return $room;
    }

    /**
     * Among ways that cost the same, the one that opens the fewest rolls, and among those the roomiest.
     *
     * @param  list<list<int>>  $ways
     * @param  non-empty-array<int, int>  $free  with how many rolls that are there, by way
     */
    private function cheapest(array $ways, array $free): int
    {
        $order = array_keys($free);
        if (count($order) > 1) {
            $key = function (int $way) use ($ways, $free): array {
                $choice = $this->with($ways[$way], $free[$way]);

                return [$choice->opened, -$this->room($choice), $way];
            };
            usort($order, fn (int $a, int $b): int => $key($a) <=> $key($b));
        }

        return $order[0];
    }

    /** @param  list<int>  $bought  how many at each price */
    private function with(array $bought, int $free): RollChoice
    {
        [$rolls, $money] = [$this->open, 0];
        foreach ($bought as $place => $count) {
            $money += $count * $this->paid[$place][0];
            foreach (array_count_values(array_slice($this->paid[$place][1], 0, $count)) as $kind => $its) {
                $rolls[$kind] = ($rolls[$kind] ?? 0) + $its;
            }
        }
        foreach (array_count_values(array_slice($this->free, 0, $free)) as $kind => $its) {
            $rolls[$kind] = ($rolls[$kind] ?? 0) + $its;
        }

        return new RollChoice($money, array_sum($bought) + $free, $rolls);
    }
}
