<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\CutToLength;
use Davrin\Core\Part\Part;
use Davrin\Core\Words\Words;

/** The ways to go on where a material is not enough for what is still to be made of it. */
final readonly class Refill
{
    /** A piece that is shorter than this part of what was planned is another piece (a guess). */
    private const SHORTEST = 0.5;

    /** No more of a part than this is left out, unless a sign hides it (a guess). */
    private const MOST_BARE = 6;

    /** No more meshes are offered than this instead. */
    private const MOST_OTHERS = 2;

    private const NUMBERS = [1 => 'one', 'two', 'three', 'four', 'five', 'six'];

    private function __construct(private Replanner $replanner, private Situation $now, private string $material) {}

    /**
     * @param  string  $material  that is not enough, by id
     * @return list<Way>
     */
    public static function ways(Replanner $replanner, Situation $now, string $material): array
    {
        $refill = new self($replanner, $now, $material);
        $wound = $now->wound($material);
        if ($wound === null) {
            return [];
        }
        $here = $replanner->rest($now, [$material], false);
        $isEnough = $here->unmet === [];

        return array_values(array_filter([
            $isEnough ? $refill->fromWhatIsHere($here) : null,
            $isEnough ? null : $refill->bought($wound),
            ...($isEnough ? [] : $refill->shorter()),
            ...($isEnough ? [] : $refill->bare($here)),
            ...($isEnough ? [] : $refill->ofAnother($wound, $here)),
        ]));
    }

    private function fromWhatIsHere(RestPlan $here): Way
    {
        $rolls = array_map(fn (string $key): ?BenchRoll => self::named($here, $key), $here->new);
        $isSame = $here->opened === 0 && array_filter($here->new, fn (string $key): bool => $this->now->roll($key) === null) === [];

        return new Way(
            'here',
            match (true) {
                $isSame => 'Go on with what is there',
                $here->opened > 0 => 'Open '.(count($rolls) === 1 ? 'another roll' : self::number($here->opened).' more '
                    .($here->opened === 1 ? 'roll' : 'rolls')),
                default => 'Cut the rest from what lies on the shelf',
            },
            [...$this->rollWords($here), ...$this->lotWords($here)],
            $this->now->withRolls($here->rolls),
        );
    }

    private function bought(Wound $wound): ?Way
    {
        $plan = $this->replanner->rest($this->now, [$this->material], true);
        if ($plan->bought === 0 || $plan->unmet !== []) {
            return null;
        }

        return new Way(
            'buy',
            sprintf('Buy %s of %s', self::number($plan->bought).($plan->bought === 1 ? ' roll' : ' rolls'), $wound->name()),
            [
                ...$this->rollWords($plan),
                ($plan->cents === 0 ? '' : $wound->money($plan->cents)->shown().' more. ').'Take the old end along: dye lots vary.',
            ],
            $this->now->withRolls($plan->rolls),
        );
    }

    /** @return list<?Way> the rest of each part at the longest length that what is there gives */
    private function shorter(): array
    {
        return array_map(function (Part $part): ?Way {
            if (! $part->kind instanceof CutToLength) {
                return null;
            }
            $rest = $this->replanner->untouched($this->now, $part->id, $this->material);
            $planned = self::lengthOf($part, array_merge([], ...array_values($rest))[0] ?? null);
            $step = $this->now->units()->step()->units;
            $longest = $planned === null ? null : $this->longest($part, $rest, intdiv($planned->units - 1, $step), $step);
            if ($planned === null || $longest === null || $longest->toInches() < self::SHORTEST * $planned->toInches()) {
                return null;
            }
            $then = $this->replanner->otherwise($this->now, $part->id, $rest, $longest);
            $plan = $then === null ? null : $this->replanner->rest($then, [$this->material], false);
            $units = $this->now->units();
            $count = count(array_merge([], ...array_values($rest)));

            return $plan === null || $plan->unmet !== [] ? null : new Way(
                "shorter-$part->id",
                sprintf('Cut the rest shorter: %s of %s', Words::count($count, 'piece'), $units->available($longest)),
                [
                    ...$this->rollWords($plan),
                    sprintf(
                        'Each is %s shorter, %d %% less mesh in the last %d of %d.',
                        $units->needed($planned->minus($longest)),
                        (int) round(100 * (1 - $longest->toInches() / $planned->toInches())),
                        $count,
                        count($part->demand->elements) * count($this->now->pieces),
                    ),
                    ...$this->looks($then),
                ],
                $then->withRolls($plan->rolls),
            );
        }, $this->replanner->partsToCut($this->now, $this->material));
    }

    /**
     * The longest at which all of the rest fits; shorter pieces fit wherever longer ones do.
     *
     * @param  array<int, list<Element>>  $rest
     * @param  int  $most  steps of the ruler
     */
    private function longest(Part $part, array $rest, int $most, int $step): ?Length
    {
        [$least, $best] = [1, null];
        while ($least <= $most) {
            $middle = intdiv($least + $most, 2);
            $length = Length::ofUnits($middle * $step);
            $then = $this->replanner->otherwise($this->now, $part->id, $rest, $length, false);
            if ($then !== null && $this->replanner->rest($then, [$this->material], false)->unmet === []) {
                [$best, $least] = [$length, $middle + 1];
            } else {
                // Below a length that the part does not take there is none either, but above there may be.
                $then === null && $length->toInches() < 2.0 ? $least = $middle + 1 : $most = $middle - 1;
            }
        }

        return $best;
    }

    /** @return list<?Way> as many as there is mesh for, and the others left out where they are seen least */
    private function bare(RestPlan $here): array
    {
        return array_map(function (Part $part) use ($here): ?Way {
            $missing = count(array_unique(array_filter(array_map(
                fn (BenchCut $cut): ?string => $cut->part === $part->id ? $cut->element() : null,
                $here->unmet,
            ))));
            $rest = $this->replanner->untouched($this->now, $part->id, $this->material);
            if ($part->demand->runs !== [] || $missing === 0 || $missing >= count(array_merge([], ...array_values($rest))) + 1) {
                return null;
            }
            [$left, $hidden, $ties] = [[], 0, []];
            foreach ($this->now->pieces as $copy => $piece) {
                $order = LeastSeen::first($piece->plan, $rest[$copy] ?? []);
                $left[$copy] = array_slice($order, 0, max(0, $missing - count(array_merge([], ...array_values($left)))));
                $hidden += count(LeastSeen::behindTheSign($piece->plan, $left[$copy]));
                $ties[$copy] = array_map(fn (Element $element): int => $element->ties[0] ?? 0, $left[$copy]);
            }
            $isTooMuch = max(array_map(count(...), $ties)) * self::MOST_BARE > count($part->demand->elements);
            if (count(array_merge(...$ties)) !== $missing || ($hidden < $missing && $isTooMuch)) {
                return null;
            }
            $then = $this->replanner->otherwise($this->now, $part->id, $left, null);
            $plan = $then === null ? null : $this->replanner->rest($then, [$this->material], false);

            return $plan === null || $plan->unmet !== [] ? null : new Way(
                "bare-$part->id",
                match (true) {
                    $hidden === $missing => "Leave {$this->tiesOf($ties)} bare, behind the sign",
                    default => "Leave {$this->tiesOf($ties)} bare",
                },
                [
                    ...$this->rollWords($plan),
                    $hidden === $missing
                        ? 'Nobody sees them there.'
                        : sprintf('%s bare, where it is seen least: pull the neighbours together over it.', Words::count($missing, 'tie')),
                    ...$this->looks($then),
                ],
                $then->withRolls($plan->rolls),
            );
        }, $this->replanner->partsToCut($this->now, $this->material));
    }

    /** @return list<?Way> another mesh of the plan for what is lacking, where it is seen least */
    private function ofAnother(Wound $wound, RestPlan $here): array
    {
        $plan = $this->now->first()->plan;
        $others = array_filter($plan->wound(), fn (Wound $other): bool => $other->id !== $wound->id
            && $other->kind->key() === $wound->kind->key()
            && $other->width()->equals($wound->width()));
        $ways = [];
        foreach ($this->replanner->partsToCut($this->now, $this->material) as $part) {
            foreach ($part->kind->materials()->variesByTie && $part->demand->runs === [] ? $others : [] as $other) {
                $ways[] = count(array_filter($ways)) < self::MOST_OTHERS ? $this->painted($part, $other, $here) : null;
            }
        }

        return $ways;
    }

    private function painted(Part $part, Wound $other, RestPlan $here): ?Way
    {
        $missing = [];
        foreach ($here->unmet as $cut) {
            $missing += $cut->part === $part->id ? [(string) $cut->element() => $cut->copy] : [];
        }
        $rest = $this->replanner->untouched($this->now, $part->id, $this->material);
        [$then, $ties] = [$this->now, []];
        foreach ($this->now->pieces as $copy => $piece) {
            $count = count(array_keys($missing, $copy, true));
            $its = LeastSeen::spread($piece->plan, $rest[$copy] ?? [], $count);
            if (count($its) < $count) {
                return null;
            }
            $on = array_map(fn (Element $element): int => $element->ties[0] ?? 0, $its);
            $then = $its === [] || $then === null
                ? $then
                : $this->replanner->painted($then, $copy, $part, array_fill_keys($on, $other->id));
            $ties[$copy] = $on;
        }
        $plan = $then === null || array_merge(...$ties) === [] ? null : $this->replanner->rest($then, [$this->material, $other->id], false);

        return $plan === null || $plan->unmet !== [] ? null : new Way(
            "other-$part->id-$other->id",
            "Take {$other->name()} for {$this->tiesOf($ties)}",
            [
                ...$this->rollWords($plan),
                max(array_map(count(...), $ties)) > 1 ? 'Spread evenly, so that it looks meant.' : 'There it is seen least.',
                ...$this->looks($then),
            ],
            $then->withRolls($plan->rolls),
        );
    }

    /**
     * "ties 4 and 5"; of several pieces of work which.
     *
     * @param  array<int, list<int>>  $ties  by copy
     */
    private function tiesOf(array $ties): string
    {
        $words = [];
        foreach (array_filter($ties) as $copy => $its) {
            $words[] = Words::ties($its).(count($this->now->pieces) > 1 ? " of piece $copy" : '');
        }

        return Words::list($words);
    }

    /** @return list<string> */
    private function rollWords(RestPlan $plan): array
    {
        return array_map(
            fn (string $words): string => "$words.",
            $plan->words($this->now->units(), $this->now),
        );
    }

    /** @return list<string> where the rest comes of another lot than what is made */
    private function lotWords(RestPlan $plan): array
    {
        $lots = [];
        foreach ($this->now->rolls as $roll) {
            if ($roll->material === $this->material && $roll->lot !== null && array_filter($roll->cuts, $this->now->isCut(...)) !== []) {
                $lots[] = $roll->lot;
            }
        }
        $new = array_filter(array_map(fn (string $key): ?string => self::named($plan, $key)?->lot, $plan->new));
        $others = array_values(array_unique(array_diff($new, $lots)));

        return $lots === [] || $others === [] ? [] : [sprintf(
            'It is of lot %s, what is made is of lot %s: lay them side by side in daylight first.',
            Words::list($others),
            Words::list(array_values(array_unique($lots))),
        )];
    }

    /** @return list<string> what of the finished piece comes out otherwise (estimates) */
    private function looks(Situation $then): array
    {
        $changed = array_filter(
            array_keys($then->pieces),
            fn (int $copy): bool => $then->pieces[$copy]->plan->write() !== $this->now->pieces[$copy]->plan->write(),
        );
        $copy = reset($changed) ?: array_key_first($then->pieces);
        [$before, $after] = [$this->now->pieces[$copy]->result->tally, $then->pieces[$copy]->result->tally];
        $figures = [[$before->across, $after->across], [$before->opening, $after->opening], [$before->fullness, $after->fullness]];
        $words = [];
        foreach ($figures as [$was, $is]) {
            if ($was->shown !== $is->shown) {
                $words[] = ucfirst($is->said()).' instead of '.str_replace("$was->label ", '', $was->said()).'.';
            }
        }

        return $words;
    }

    private static function lengthOf(Part $part, ?Element $element): ?Length
    {
        foreach ($part->demand->cuts as $cut) {
            if ($cut->element->id === $element?->id) {
                return $cut->length;
            }
        }
        foreach ($part->demand->runs as $run) {
            foreach ($run->steps as $step) {
                if ($step->element->id === $element?->id) {
                    return $step->pitch;
                }
            }
        }

        return null;
    }

    private static function named(RestPlan $plan, string $key): ?BenchRoll
    {
        return array_values(array_filter($plan->rolls, fn (BenchRoll $roll): bool => $roll->key === $key))[0] ?? null;
    }

    private static function number(int $number): string
    {
        return self::NUMBERS[$number] ?? (string) $number;
    }
}
