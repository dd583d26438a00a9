<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Refused;

/**
 * The shortest and the longest length of one combination that do all that is wished, in steps of the ruler. What a piece costs, fills
 * and takes never shrinks as its pieces get longer, so both ends are found without trying what lies between.
 */
final class Lengths
{
    /** From half of what is usual to twice that. */
    private const RANGE = 2;

    /** A piece is no shorter than this part of the width of its mesh, or than what is usual: shorter ones do not stand (a guess). */
    private const OF_WIDTH = 0.75;

    /** @var array<int, ?array{Plan, Shape}> by steps of the ruler; null where it cannot be made */
    private array $drafted = [];

    /** @var array<int, Result> */
    private array $worked = [];

    private readonly int $step;

    private readonly int $usual;

    private readonly int $least;

    private readonly int $most;

    /** @param  list<Criterion>  $order  what is best first */
    public function __construct(
        private readonly Combination $of,
        private readonly Drafts $drafts,
        private readonly Engine $engine,
        private readonly Limits $limits,
        private readonly array $order,
    ) {
        $plan = $drafts->plan($of);
        $this->step = $plan->units()->step()->units;
        $part = $plan->part(Drafts::PART);
        $usual = $part->on->slip->length($drafts->kind($of)->lengthKey());
        $this->usual = max(1, intdiv($usual->units, $this->step));
        $wide = (int) ceil(self::OF_WIDTH * $part->on->width()->units / $this->step);
        $this->least = max(1, intdiv($this->usual, self::RANGE), min($this->usual, $wide));
        $this->most = $this->usual * self::RANGE;
        $this->drafted[$this->usual] = [$plan, Shape::of($plan)];
    }

    /** @return list<Suggestion> none, one, or the shortest, the longest, and the best between them where it is neither */
    public function found(): array
    {
        $low = $this->shortest();
        $high = $low === null ? null : $this->longest($low);
        if ($low === null || $high === null) {
            return [];
        }
        $tried = array_filter(
            [$low, $high, ...$this->withLessWaste($low, $high), ...$this->asOpenRollsGive($low, $high)],
            fn (int $steps): bool => $this->isEnough($steps),
        );
        $value = fn (int $steps): array => array_map(
            fn (Criterion $its): float => ($metrics = $this->metrics($steps)) === null ? INF : round($its->of($metrics), 6),
            $this->order,
        );
        $best = $tried === [] ? [] : [array_reduce(
            $tried,
            fn (?int $best, int $steps): int => $best === null || $value($steps) < $value($best) ? $steps : $best,
        )];
        $found = [];
        foreach (array_unique([...array_intersect($tried, [$low, $high]), ...$best]) as $steps) {
            $metrics = $steps === null ? null : $this->metrics($steps);
            $found = $metrics === null ? $found : [...$found, new Suggestion($this->of, $this->length((int) $steps), false, $metrics)];
        }

        return $found;
    }

    /** Where nothing does: what the shortest that is not thin would need besides. */
    public function nearMiss(): ?NearMiss
    {
        $length = $this->length($this->shortest() ?? $this->most);
        try {
            $plan = $this->drafts->plan($this->of, $length, asNeeded: true);
        } catch (Refused) {
            return null;
        }
        $metrics = Metrics::of($plan, $this->engine->figures($plan), Shape::of($plan));
        $missed = $this->limits->above($metrics) + $this->limits->tooSmall($metrics->shape);

        return count($missed) === 1 ? new NearMiss((string) array_key_first($missed), reset($missed), $this->of->technique) : null;
    }

    /** The fewest steps of which none is too little. */
    private function shortest(): ?int
    {
        return self::firstThatDoes($this->least, $this->most, (int) ceil($this->usual * $this->byFullness(0)), function (int $steps): bool {
            $shape = $this->drafted($steps)[1] ?? null;

            return $shape !== null && $this->limits->tooSmall($shape) === [];
        });
    }

    /** The most steps of which none is too much. */
    private function longest(int $from): ?int
    {
        // From the longest down it is the first that does.
        $off = self::firstThatDoes(
            0,
            $this->most - $from,
            $this->most - (int) floor($this->usual * min($this->byFullness(1), $this->onRolls())),
            fn (int $off): bool => $this->isEnough($this->most - $off, withWaste: false),
        );
        // What is paid for ends too short to keep may be too much there, and a little less below.
        for ($steps = $off === null ? $from - 1 : $this->most - $off; $steps >= $from && ! $this->isEnough($steps);) {
            $steps--;
        }

        return $steps < $from ? null : $steps;
    }

    /** About how many times the usual length is as full as is wished, at the least (0) or at the most (1). */
    private function byFullness(int $bound): float
    {
        $shape = $this->drafted($this->usual)[1] ?? null;

        return $shape === null || $shape->ofLeast <= 0.0 ? 1.0 : $this->limits->fullnessOf($shape)[$bound] / $shape->ofLeast;
    }

    /**
     * Longer pieces leave other ends: where the shortest pays for ends too short to keep, some a little longer may cost less.
     *
     * @return list<int>
     */
    private function withLessWaste(int $low, int $high): array
    {
        $least = $this->metrics($low);
        for ($longer = [], $steps = $low + 1; $least !== null && $least->wasted > 0.0 && $steps <= $high; $steps++) {
            $its = $this->metrics($steps);
            // What is used alone costs as much by now.
            if ($its === null || $its->cents - $its->wasted > $least->cents) {
                break;
            }
            [$longer, $least] = [[...$longer, $steps], $its->cents < $least->cents ? $its : $least];
        }

        return $longer;
    }

    /**
     * The longest at which an opened roll or a loose piece still gives so many: where it is wished to use those up, the best is one of
     * these.
     *
     * @return list<int>
     */
    private function asOpenRollsGive(int $low, int $high): array
    {
        $lengths = [];
        $plan = in_array(Criterion::Scraps, $this->order, true) ? $this->drafted($this->usual)[0] ?? null : null;
        foreach ($plan === null ? [] : $this->worked($this->usual, $plan)->wound as $its) {
            foreach ($its->plan->supply->stock as $stock) {
                $there = $stock->origin->opens() ? 0 : intdiv($stock->safe->units, $this->step);
                for ($pieces = max(1, intdiv($there, $high)); $there > 0 && intdiv($there, $pieces) >= $low; $pieces++) {
                    $lengths[] = intdiv($there, $pieces);
                }
            }
        }

        return array_values(array_filter(array_unique($lengths), fn (int $steps): bool => $steps > $low && $steps < $high));
    }

    private function isEnough(int $steps, bool $withWaste = true): bool
    {
        [$plan, $shape] = $this->drafted($steps) ?? [null, null];
        if ($plan === null || $shape === null || $this->limits->tooLarge($shape) !== []) {
            return false;
        }
        $result = $this->worked($steps, $plan);

        return ! $result->verdict->short
            && ! $result->verdict->atRisk
            && $this->limits->above(Metrics::of($plan, $result, $shape), $withWaste) === [];
    }

    /** About how many times the usual length the rolls give: what there is over what that takes. */
    private function onRolls(): float
    {
        [$plan] = $this->drafted($this->usual) ?? [null];
        $part = (float) self::RANGE;
        foreach ($plan === null ? [] : $this->worked($this->usual, $plan)->wound as $its) {
            $missing = $its->verdict->short ? LengthText::read(ltrim((string) $its->slack->value, '-'), null)->toInches() : 0.0;
            $asked = $its->plan->used()->toInches() + $missing;
            $there = $its->plan->used()->toInches() + $its->plan->left()->toInches() + $its->plan->untouched()->toInches();
            $part = $asked > 0.0 ? min($part, $there / $asked) : $part;
        }

        return $part;
    }

    /**
     * The least number from $least to $most that does, where any larger one does too: sought outwards from a guess.
     *
     * @param  callable(int): bool  $does
     */
    private static function firstThatDoes(int $least, int $most, int $guess, callable $does): ?int
    {
        [$failed, $done, $at] = [$least - 1, $most + 1, $guess];
        for ($stride = 1; $done - $failed > 1; $stride *= 2) {
            $at = max($failed + 1, min($done - 1, $at));
            $does($at) ? $done = $at : $failed = $at;
            $at = match (true) {
                $done > $most => $at + $stride,
                $failed < $least => $at - $stride,
                default => intdiv($failed + $done, 2),
            };
        }

        return $done > $most ? null : $done;
    }

    private function metrics(int $steps): ?Metrics
    {
        [$plan, $shape] = $this->drafted($steps) ?? [null, null];

        return $plan === null || $shape === null ? null : Metrics::of($plan, $this->worked($steps, $plan), $shape);
    }

    /** @return ?array{Plan, Shape} */
    private function drafted(int $steps): ?array
    {
        if (! array_key_exists($steps, $this->drafted)) {
            try {
                $plan = $this->drafts->plan($this->of, $this->length($steps));
                $this->drafted[$steps] = [$plan, Shape::of($plan)];
            } catch (Refused) {
                $this->drafted[$steps] = null;
            }
        }

        return $this->drafted[$steps];
    }

    private function worked(int $steps, Plan $plan): Result
    {
        return $this->worked[$steps] ??= $this->engine->figures($plan);
    }

    private function length(int $steps): Length
    {
        return Length::ofUnits($steps * $this->step);
    }
}
