<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Refused;

/**
 * Looks for what could be made: combination by combination, each with the real planner, as far as somebody lets it. It holds no state
 * between two stretches, so that it can be stopped and gone on with anywhere.
 */
final readonly class Search
{
    private Limits $limits;

    /** @var list<Criterion> */
    private array $order;

    /** @var list<Combination> */
    private array $all;

    private function __construct(
        private Engine $engine,
        Combinations $combinations,
        Wishes $wishes,
        private Drafts $drafts,
        private bool $withRibbon,
    ) {
        [$this->limits, $this->order] = [new Limits($wishes), $wishes->order()];
        $this->all = $combinations->all();
    }

    public static function over(Craft $craft, PlanReader $reader, Engine $engine, Wishes $wishes, Given $given): self
    {
        return new self(
            $engine,
            new Combinations($craft, $reader, $wishes, $given),
            $wishes,
            new Drafts($craft, $reader, $wishes, $given),
            $wishes->withRibbon(),
        );
    }

    /** How many combinations there are. */
    public function count(): int
    {
        return count($this->all);
    }

    /** Whether ribbon is wished and none is there. */
    public function lacksRibbon(): bool
    {
        return $this->withRibbon && ! $this->drafts->hasRibbon();
    }

    /**
     * Goes on from one combination, as long as it may; at least one is looked at.
     *
     * @param  callable(): bool  $goesOn
     */
    public function stretch(int $from, callable $goesOn): Stretch
    {
        [$found, $misses, $at] = [[], [], $from];
        do {
            if (! isset($this->all[$at])) {
                break;
            }
            [$fits, $miss] = $this->look($this->all[$at]);
            array_push($found, ...$fits);
            $misses = $miss === null ? $misses : [...$misses, $miss];
            $at++;
        } while ($goesOn());

        return new Stretch($at, $found, $misses);
    }

    /** @throws Refused where it cannot be made any more */
    public function plan(Suggestion $of): Plan
    {
        return $this->drafts->plan($of->of, $of->length, ribbon: $of->hasRibbon);
    }

    /** @return array{list<Suggestion>, ?NearMiss} */
    private function look(Combination $of): array
    {
        try {
            $lengths = new Lengths($of, $this->drafts, $this->engine, $this->limits, $this->order);
            $found = $lengths->found();
        } catch (Refused) {
            // It does not go on that form, or takes another number of materials.
            return [[], null];
        }
        if ($found !== [] && $this->withRibbon) {
            $found = array_values(array_filter(array_map($this->withRibbon(...), $found)));
        }

        return [$found, $found === [] ? $lengths->nearMiss() : null];
    }

    /** The same with ribbon sets on it, where that does. */
    private function withRibbon(Suggestion $its): ?Suggestion
    {
        if (! $this->drafts->hasRibbon()) {
            return null;
        }
        try {
            $plan = $this->drafts->plan($its->of, $its->length, ribbon: true);
        } catch (Refused) {
            return null;
        }
        $result = $this->engine->figures($plan);
        $metrics = Metrics::of($plan, $result, Shape::of($plan));

        return $result->verdict->short || $result->verdict->atRisk || $this->limits->above($metrics) !== []
            ? null
            : new Suggestion($its->of, $its->length, true, $metrics);
    }
}
