<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

/** Which rolls could be opened, the cheapest choice first: by the money for those to buy, then by how many are opened, then the roomiest. */
final class Choices
{
    /** After so many choices that are too small for their pieces, whoever asks gets all that there is. */
    private const MOST = 20_000;

    /**
     * @param  array<int, int>  $most  how many of each kind could be wanted
     * @param  int  $least  how much room they must have together with what is open
     * @return \Generator<Choice>
     */
    public static function of(Task $task, array $most, int $least): \Generator
    {
        [$open, $closed] = [[], []];
        $room = 0;
        foreach ($most as $kind => $count) {
            if ($count === 0) {
                continue;
            }
            if ($task->kinds[$kind]->isOpen()) {
                $open[$kind] = $count;
                $room += $count * $task->rooms[$kind];
            } else {
                $closed[] = $kind;
            }
        }
        /** @var \SplMinHeap<array<int, int>> $heap of money, opened, the room they lack, the last kind that was added to, and how many of each */
        $heap = new \SplMinHeap;
        $heap->insert([0, 0, 0, 0, ...array_fill(0, count($closed), 0)]);
        for ($turn = 0; ! $heap->isEmpty(); $turn++) {
            [$money, $opened, $lacks, $last] = $choice = $heap->extract();
            $counts = array_slice($choice, 4);
            if ($turn > self::MOST) {
                $counts = array_map(fn (int $kind): int => $most[$kind], $closed);
                $money = array_sum(array_map(fn (int $kind): int => $most[$kind] * $task->kinds[$kind]->price, $closed));
                [$opened, $lacks] = [array_sum($counts), -$least];
            }
            if ($room - $lacks >= $least) {
                yield new Choice($money, $opened, $open + array_filter(array_combine($closed, $counts)));
            }
            if ($turn > self::MOST) {
                return;
            }
            for ($place = $last; $place < count($closed); $place++) {
                $kind = $closed[$place];
                if ($counts[$place] < $most[$kind]) {
                    $next = $counts;
                    $next[$place]++;
                    $heap->insert([$money + $task->kinds[$kind]->price, $opened + 1, $lacks - $task->rooms[$kind], $place, ...$next]);
                }
            }
        }
    }
}
