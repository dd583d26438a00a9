<?php

declare(strict_types=1);

namespace Davrin\Core\Roll\Packing;

use Davrin\Core\Effort\Effort;

/**
 * What no way of cutting can better, where runs are laid beside the pieces, or pieces do not lie on the grid. It bounds, because all
 * that it
 * rests on asks for less than any plan does: pieces are no longer and rolls no shorter than they are (Task::loosened), a roll may be cut in
 * fractions (Relaxation), the parts of a run may be as short as a step, each roll that gives to it paying its tails, and of all choices
 * that
 * cost as much the one that holds most stands for the others (Choices). A choice that is too little even so is too little.
 */
final readonly class LowerBound
{
    /**
     * @param  array<int, int>  $sizes  of pieces, then of the steps of each run
     * @param  array<int, int>  $counts
     * @param  list<array{int, int, int}>  $runs  as the Knapsack has them
     * @param  int  $needed  how long all of it is together, in steps
     */
    private function __construct(
        private PackingTask $task,
        private array $sizes,
        private array $counts,
        private array $runs,
        private int $needed,
        private Effort $effort,
    ) {}

    /** @param  Bound  $enough  what is found so far: no more is asked than whether that can be bettered */
    public static function of(PackingTask $task, Bound $enough, Effort $effort): Bound
    {
        $task = $task->loosened();
        $all = self::asked($task, $task->counts, $effort);
        $unmet = $enough->unmet === 0 ? 0 : $all->unmet();
        if ($unmet < $enough->unmet || ($unmet > 0 && $task->runs !== [])) {
            return new Bound($unmet, 0, 0);
        }

        return new Bound(
            $unmet,
            ...self::asked($task, $task->withoutLongest($task->counts, $unmet), $effort)->cost([$enough->money, $enough->opened]),
        );
    }

    /** @param  array<int, int>  $counts  of the pieces */
    private static function asked(PackingTask $task, array $counts, Effort $effort): self
    {
        [$sizes, $runs, $needed] = [$task->sizes, [], $task->together($counts)];
        foreach ($task->runs as $run) {
            [$from, $tails] = [count($sizes), intdiv($run->tails, $task->step)];
            foreach ($run->steps as $length => $count) {
                if ($length >= $task->step) {
                    $sizes[] = intdiv($length, $task->step);
                    $counts[] = $count;
                    $needed += intdiv($length, $task->step) * $count;
                }
            }
            $runs[] = [$tails, $from, count($sizes)];
            $needed += $tails;
        }

        return new self($task, $sizes, $counts, $runs, $needed, $effort);
    }

    /** Lower bound on the pieces and steps that stay unmet when every roll is used. */
    private function unmet(): int
    {
        return Relaxation::ofMost(
            $this->sizes,
            $this->counts,
            $this->task->rooms,
            $this->most(),
            $this->effort->part(2),
            $this->runs,
        )->least;
    }

    /**
     * Cost of the cheapest choice of rolls that cannot be proven too small.
     *
     * @param  array{int, int}  $enough  money and full rolls opened: whether a dearer one is too little, too, is not asked
     * @return array{int, int}
     */
    private function cost(array $enough): array
    {
        $choices = RollChoices::of($this->task, $this->most())->from($this->needed);
        for ($least = new RollChoice(0, 0, []); $choices->valid(); $choices->send($this->isTooLittle(...))) {
            $least = $choices->current();
            if ($least->cost() >= $enough || ! $this->isTooLittle($least)) {
                break;
            }
        }

        return $least->cost();
    }

    private function isTooLittle(RollChoice $choice): bool
    {
        return Relaxation::ofAll(
            $this->sizes,
            $this->counts,
            array_intersect_key($this->task->rooms, $choice->rolls),
            $choice->rolls,
            $this->effort->part(4),
            $this->runs,
        )->least > 0;
    }

    /** @return array<int, int> how many rolls of each kind could be wanted: one for each piece and step at the most */
    private function most(): array
    {
        return array_map(fn (RollKind $kind): int => min($kind->count ?? PHP_INT_MAX, array_sum($this->counts)), $this->task->kinds);
    }
}
