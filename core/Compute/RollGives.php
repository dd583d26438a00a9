<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Roll\RollOutcome;
use Davrin\Core\Words\Figure;

/** How many pieces or steps of each length that is cut from a material one full roll gives, and how many what is left still makes. */
final readonly class RollGives
{
    /** So many lengths are named. */
    private const MOST_NAMED = 3;

    /** @param  list<LengthOfARoll>  $lengths  each once */
    private function __construct(private Plan $plan, private RollOutcome $on, private array $lengths) {}

    public static function of(Plan $plan, RollOutcome $on): self
    {
        $lengths = [];
        foreach ($plan->partsOf($on->wound) as $part) {
            foreach (LengthOfARoll::takenBy($part, $on->wound->id) as $length) {
                $lengths[$length->key()] = isset($lengths[$length->key()]) ? $lengths[$length->key()]->beside($length) : $length;
            }
        }

        return new self($plan, $on, array_slice(array_values($lengths), 0, self::MOST_NAMED));
    }

    /** Null where nothing is cut from it. */
    public function aRoll(): ?Figure
    {
        $units = $this->plan->units();
        [$nominal, $safe] = [$this->on->wound->nominal(), $this->on->wound->safe()];
        $because = array_map(fn (LengthOfARoll $its): string => sprintf(
            '%s / %s = %d%s',
            $its->tails->isZero() ? $units->exact($nominal) : "({$units->exact($nominal)} - {$units->exact($its->tails)} of tails)",
            $units->exact($its->length),
            $its->on($nominal),
            $its->on($safe) === $its->on($nominal)
                ? ''
                : sprintf(', and %d at its safe length of %s', $its->on($safe), $units->exact($safe)),
        ), $this->lengths);
        $counts = array_map(fn (LengthOfARoll $its): int => $its->on($nominal), $this->lengths);

        return $because === [] ? null : $this->figure('a roll gives %s', $this->lengths, $counts, false, $because);
    }

    /** Of pieces, since a run goes on from what is left: null where none are cut from it, or nothing is opened. */
    public function leftovers(): ?Figure
    {
        $units = $this->plan->units();
        $pieces = array_values(array_filter($this->lengths, fn (LengthOfARoll $its): bool => ! $its->isOfRun));
        if ($pieces === [] || $this->on->plan->rolls === []) {
            return null;
        }
        [$because, $counts] = [[], array_fill(0, count($pieces), 0)];
        foreach ($this->on->plan->rolls as $roll) {
            $more = array_map(fn (LengthOfARoll $its): int => $its->on($roll->left()), $pieces);
            $counts = array_map(fn (int $before, int $its): int => $before + $its, $counts, $more);
            if (array_sum($more) > 0 && count($because) < RollComputation::MOST_REASONS) {
                $because[] = "roll $roll->number: {$units->available($roll->left())} left, ".implode(' or ', array_map(
                    fn (int $count, LengthOfARoll $its): string => "$count of {$units->exact($its->length)}",
                    $more,
                    $pieces,
                ));
            }
        }

        return $this->figure(
            'the rest makes %s',
            $pieces,
            $counts,
            true,
            $because === [] ? ['no roll has enough left for one more'] : $because,
        );
    }

    /**
     * @param  list<LengthOfARoll>  $lengths
     * @param  list<int>  $counts  how many of each
     * @param  bool  $more  whether they are more than are asked for
     * @param  non-empty-list<string>  $because
     */
    private function figure(string $sentence, array $lengths, array $counts, bool $more, array $because): Figure
    {
        $said = implode(' or ', array_map(fn (LengthOfARoll $its, int $count): string => implode(' ', [
            $count === 0 ? ($more ? 'none' : 'no') : $count,
            ...($more ? ($count === 0 ? [] : ['more']) : [$count === 1 ? $its->one : $its->many]),
            ...(count($this->lengths) > 1 ? ['of '.$this->plan->units()->exact($its->length)] : []),
        ]), $lengths, $counts));

        return new Figure(sprintf($sentence, 'so many'), $counts[0], $said, $because, said: sprintf($sentence, $said));
    }
}
