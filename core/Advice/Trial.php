<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Compute\PlanComputation;
use Davrin\Core\Compute\RollComputation;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PartLots;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
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
        return $this->planDoes($plan, $fill, fn (Plan $edited): bool => $do($this->meshWork->onRolls($edited, $this->effort)));
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

    /**
     * An edit with the difference it makes; null where no effort is left to compute it.
     *
     * @param  array<string, string>  $fill
     * @param  list<string>  $meshes  whose use is told
     * @param  string  $first  what is said before all else
     */
    public function remedy(Plan $plan, Result $before, string $label, array $fill, array $meshes, string $first = ''): ?Remedy
    {
        $after = $this->resultOf($plan, $edit = new FillBlanks($fill));

        return $after === null ? null : new Remedy($label, $first.Difference::between($before, $after, $meshes, $plan->units()), $edit);
    }

    /** The plan without one of its parts, with the difference that makes. */
    public function leavingOut(Plan $plan, Result $before, Part $part): ?Remedy
    {
        $after = $this->resultOf($plan, $edit = new RemovePart($part->id));

        return $after === null
            ? null
            : new Remedy("Leave these {$part->kind->noun()[1]} out", Difference::between($before, $after, [], $plan->units()), $edit);
    }

    /**
     * Two lots of a mesh by turns, with the difference that makes.
     *
     * @param  bool  $onlyIfLess  whether it is offered only where fewer pieces are short then, or less is bought
     */
    public function partingLots(Plan $plan, Result $before, WoundResult $mesh, bool $onlyIfLess = false): ?Remedy
    {
        $parted = $this->applied($plan, $edit = PartLots::of($mesh->wound->id));
        $after = $parted === null ? null : $this->worked($parted);
        $lacks = fn (Result $result): array => [
            array_sum(array_map(fn (WoundResult $its): int => $its->plan->unmetPieces, $result->wound)),
            array_sum(array_map(fn (WoundResult $its): int => $its->plan->money()->cents, $result->wound)),
        ];
        if ($parted === null || $after === null || ($onlyIfLess && $lacks($after) >= $lacks($before))) {
            return null;
        }
        $its = [$mesh->wound->id, ...array_diff(array_column($parted->wound(), 'id'), array_column($plan->wound(), 'id'))];

        return new Remedy('Take the two lots by turns', Difference::between($before, $after, $its, $plan->units()), $edit);
    }

    /** The plan after an edit; null where that is refused, or no effort is left to look at it. */
    private function applied(Plan $plan, Edit $edit): ?Plan
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

    private function resultOf(Plan $plan, Edit $edit): ?Result
    {
        $edited = $this->applied($plan, $edit);

        return $edited === null ? null : $this->worked($edited);
    }

    /**
     * Its result, computed with as much effort as the plan itself so that the two can be compared; null where that much is not
     * left.
     */
    private function worked(Plan $edited): ?Result
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
     * The longest piece or pitch of a part, in steps of the ruler and shorter than it is, that will do; where a shorter one
     * does whenever a longer one does.
     *
     * @param  array{int, int}  $leastPart  of what it is now
     * @param  callable(array<string, string>): bool  $does
     * @return array{string, array<string, string>}|null what to call it, and what to write
     */
    public function shorter(Plan $plan, Part $part, array $leastPart, callable $does): ?array
    {
        if (! $part->kind instanceof CutToLength) {
            return null;
        }
        $wanted = $part->on->length($part->kind->lengthKey())->units;
        $step = $plan->units()->step()->units;
        $best = $this->most(
            intdiv($wanted * $leastPart[0], $leastPart[1] * $step) + 1,
            intdiv($wanted - 1, $step),
            fn (int $steps): bool => $does(self::lengthOf($part, $part->kind, $steps * $step)),
        );

        return $best === null ? null : self::named($plan, $part, $part->kind, $best * $step);
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
        $wanted = $part->on->length($part->kind->lengthKey())->units;
        $step = $plan->units()->step()->units;
        $steps = $this->least(
            intdiv($wanted, $step) + 1,
            intdiv($wanted * 3, 2 * $step),
            fn (int $steps): bool => $does(self::lengthOf($part, $part->kind, $steps * $step)),
        );

        return $steps === null ? null : self::named($plan, $part, $part->kind, $steps * $step);
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

    /** @return array{string, array<string, string>} */
    private static function named(Plan $plan, Part $part, CutToLength $kind, int $units): array
    {
        return [$kind->cutTo($plan->units()->exact(Length::ofUnits($units))), self::lengthOf($part, $kind, $units)];
    }

    /** @return array<string, string> */
    private static function lengthOf(Part $part, CutToLength $kind, int $units): array
    {
        return ["parts.$part->id.".$kind->lengthKey() => LengthText::canonical(Length::ofUnits($units))];
    }

    private function concerns(Plan $plan): int
    {
        return array_sum(array_map(fn (Part $part): int => $this->concerns[$part] ??= count($part->concerns()), $plan->parts));
    }
}
