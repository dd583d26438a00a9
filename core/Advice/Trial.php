<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Compute\PlanComputation;
use Davrin\Core\Compute\RollComputation;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Result;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Refused;
use WeakMap;

/**
 * Tries edits before they are offered as remedies. Each is computed, so that none promises what the engine does not deliver; one
 * that raises a new concern is not offered.
 */
final class Trial
{
    /** Effort for reading an edited plan, for each of its ties and pieces. */
    private const READING = 200;

    private readonly Effort $effort;

    private bool $wasCutShort = false;

    /** @var WeakMap<Part, int> how many concerns each part has */
    private readonly WeakMap $concerns;

    /**
     * @param  int  $steps  that looking for remedies may take
     * @param  int  $took  how many the plan itself took: those of a remedy take about as many
     */
    public function __construct(
        int $steps,
        private readonly int $took,
        private readonly PlanComputation $planWork,
        private readonly RollComputation $meshWork,
        private readonly PlanReader $reader,
    ) {
        $this->effort = Effort::of($steps);
        $this->concerns = new WeakMap;
    }

    public function spent(): int
    {
        return $this->effort->spent();
    }

    /** Whether remedies were left out, since there are too many to try. */
    public function wasCutShort(): bool
    {
        return $this->wasCutShort;
    }

    public function isSpent(): bool
    {
        return $this->effort->isSpent();
    }

    /**
     * The plan with this written in it; null where that is refused, or where it raises a concern that was not there before.
     *
     * @param  array<string, string>  $fill
     */
    public function edited(Plan $plan, array $fill): ?Plan
    {
        $edited = $this->applied($plan, new FillBlanks($fill));

        return $edited === null || $this->concerns($edited) > $this->concerns($plan) ? null : $edited;
    }

    /**
     * Tests the wound materials after an edit.
     *
     * @param  array<string, string>  $fill
     * @param  callable(list<RollOutcome>): bool  $do
     */
    public function meshesDo(Plan $plan, array $fill, callable $do): bool
    {
        return $this->planDoes($plan, $fill, fn (Plan $edited): bool => $do($this->onRolls($edited)));
    }

    /** @return list<RollOutcome> the materials of an edited plan on their rolls */
    public function onRolls(Plan $edited): array
    {
        return $this->meshWork->onRolls($edited, $this->effort);
    }

    /**
     * Tests the plan after an edit.
     *
     * @param  array<string, string>  $fill
     * @param  callable(Plan): bool  $does
     */
    public function planDoes(Plan $plan, array $fill, callable $does): bool
    {
        $edited = $this->edited($plan, $fill);

        return $edited !== null && $does($edited);
    }

    /** The plan after an edit; null where that is refused, or no effort is left to look at it. */
    public function applied(Plan $plan, Edit $edit): ?Plan
    {
        if ($this->effort->isSpent()) {
            $this->wasCutShort = true;

            return null;
        }
        try {
            $edited = $edit->apply($plan, $this->reader);
        } catch (Refused) {
            return null;
        }
        $this->effort->spend(self::READING * count($edited->ties->all()));
        foreach ($edited->parts as $part) {
            if (! in_array($part, $plan->parts, true)) {
                $this->effort->spend(
                    self::READING * (
                        count($part->demand->elements)
                        + count($part->demand->cuts)
                    ) + ($part->on->colourTask?->effort->spent() ?? 0) + count($part->on->ties()) ** 2,
                );
            }
        }

        return $edited;
    }

    /**
     * Its result, computed with as much effort as the plan itself so that the two can be compared; null where that much is not
     * left.
     */
    public function computed(Plan $edited): ?Result
    {
        if ($this->effort->left() < $this->took) {
            $this->wasCutShort = true;

            return null;
        }
        $effort = Effort::of(PlanComputation::STEPS);
        $result = $this->planWork->of($edited, $effort);
        $this->effort->spend($effort->spent());

        return $result;
    }

    /** @return list<string> the keys of all kinds of part */
    public function kinds(): array
    {
        return $this->reader->parts->kinds();
    }

    /**
     * The largest number from $least to $most that will do, each tried from the largest down: a smaller one need not do where a
     * larger one does.
     *
     * @param  callable(int): bool  $does
     */
    public function mostOfAny(int $least, int $most, callable $does): ?int
    {
        for ($number = $most; $number >= $least && ! $this->effort->isSpent(); $number--) {
            if ($does($number)) {
                return $number;
            }
        }
        $this->wasCutShort = $this->wasCutShort || $number >= $least;

        return null;
    }

    /**
     * The largest number from $least to $most that will do, where a smaller one does whenever a larger one does.
     *
     * @param  callable(int): bool  $does
     */
    public function most(int $least, int $most, callable $does): ?int
    {
        if ($least > $most || ! $does($least)) {
            return null;
        }
        while ($least < $most) {
            $middle = intdiv($least + $most + 1, 2);
            $does($middle) ? $least = $middle : $most = $middle - 1;
        }

        return $least;
    }

    /**
     * The smallest number from $least to $most that will do, where a larger one does whenever a smaller one does.
     *
     * @param  callable(int): bool  $does
     */
    public function least(int $least, int $most, callable $does): ?int
    {
        // Counting down from the largest it is the most that can be taken off.
        $off = $this->most(0, $most - $least, fn (int $off): bool => $does($most - $off));

        return $off === null ? null : $most - $off;
    }

    private function concerns(Plan $plan): int
    {
        return array_sum(array_map(fn (Part $part): int => $this->concerns[$part] ??= count($part->concerns()), $plan->parts));
    }
}
