<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\MeshWork;
use Davrin\Core\Engine\PlanWork;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Refused;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Words;
use Davrin\Core\Ties\TieGroup;

/**
 * Finds what can be done about a mesh that is not enough. Each remedy is an edit whose outcome is computed before it is
 * offered, so none promises what the engine does not deliver; and each makes the mesh safe, not only nominally enough.
 */
final readonly class Remedies
{
    /** A piece shorter than this part of what the maker wanted is another wreath, not a remedy (docs/decisions.md). */
    private const LEAST_PART = [2, 3];

    public function __construct(private PlanWork $planWork, private MeshWork $meshWork, private PlanReader $reader) {}

    /** @return list<Remedy> */
    public function forMesh(Plan $plan, Result $before, MeshResult $mesh): array
    {
        $found = array_filter([
            ...array_map(fn (Layer $layer): ?array => $this->shorter($plan, $layer), $plan->layersOf($mesh->mesh)),
            $this->fewerASection($plan, $mesh),
            $this->moreRolls($plan, $mesh),
        ]);

        return array_values(array_map(fn (array $remedy): Remedy => $this->remedy($plan, $before, $mesh, ...$remedy), $found));
    }

    /**
     * The longest piece, or pitch, in steps of the ruler that makes the mesh enough.
     *
     * @return array{string, array<string, string>}|null what to call it, and what to write in which blank
     */
    private function shorter(Plan $plan, Layer $layer): ?array
    {
        $key = $layer->technique->lengthKey();
        $wanted = $layer->slip->length($key)->units;
        $step = $plan->units()->step()->units;
        $least = intdiv($wanted * self::LEAST_PART[0], self::LEAST_PART[1] * $step) + 1;
        $fill = fn (int $steps): array => ["layers.$layer->id.$key" => LengthText::canonical(Length::ofUnits($steps * $step))];

        $best = $this->most($least, intdiv($wanted - 1, $step), fn (int $steps): bool => $this->isEnough($plan, $layer->mesh->id, $fill($steps)));

        return $best === null ? null : [$layer->technique->cutTo($plan->units()->exact(Length::ofUnits($best * $step))), $fill($best)];
    }

    /** @return array{string, array<string, string>}|null */
    private function fewerASection(Plan $plan, MeshResult $mesh): ?array
    {
        $group = array_values(array_filter(
            array_map(fn (Layer $layer): TieGroup => $layer->group, $plan->layersOf($mesh->mesh)),
            fn (TieGroup $group): bool => $group->slip->has('perSection'),
        ))[0] ?? null;
        if ($group === null) {
            return null;
        }
        $now = $group->slip->count('perSection');
        $least = intdiv($now * self::LEAST_PART[0] + self::LEAST_PART[1] - 1, self::LEAST_PART[1]);
        $fill = fn (int $count): array => ["ties.$group->id.perSection" => (string) $count];
        $best = $this->most($least, $now - 1, fn (int $count): bool => $this->isEnough($plan, $mesh->mesh->id, $fill($count)));

        return $best === null ? null : [Words::count($best, 'tie').' a section', $fill($best)];
    }

    /** @return array{string, array<string, string>}|null */
    private function moreRolls(Plan $plan, MeshResult $mesh): ?array
    {
        $there = $mesh->mesh->rolls() ?? count($mesh->plan->rolls);
        $fill = fn (int $rolls): array => ["meshes.{$mesh->mesh->id}.rolls" => (string) $rolls];
        foreach (array_unique([max($mesh->safeRolls ?? 0, $there + 1), $there + 2]) as $rolls) {
            if ($this->isEnough($plan, $mesh->mesh->id, $fill($rolls))) {
                return ['Have '.Words::count($rolls, 'roll').' at hand', $fill($rolls)];
            }
        }

        return null;
    }

    /**
     * The largest number from $least to $most that will do, where a smaller one does whenever a larger one does.
     *
     * @param  callable(int): bool  $does
     */
    private function most(int $least, int $most, callable $does): ?int
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

    /** @param  array<string, string>  $fill */
    private function isEnough(Plan $plan, string $mesh, array $fill): bool
    {
        try {
            $edited = (new FillBlanks($fill))->apply($plan, $this->reader);
        } catch (Refused) {
            return false;
        }

        return $this->meshWork->of($edited, array_column($edited->meshes, null, 'id')[$mesh])->verdict->isGood();
    }

    /** @param  array<string, string>  $fill */
    private function remedy(Plan $plan, Result $before, MeshResult $mesh, string $label, array $fill): Remedy
    {
        $edited = (new FillBlanks($fill))->apply($plan, $this->reader);

        return new Remedy($label, Difference::between($before, $this->planWork->of($edited), $mesh->mesh->id), $fill);
    }
}
