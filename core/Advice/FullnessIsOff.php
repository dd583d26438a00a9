<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Engine\FullnessWork;
use Davrin\Core\Plan\Layer;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Fullness;
use Davrin\Core\Result\MeshOnRolls;
use Davrin\Core\Result\Result;

/** So little mesh that the form shows, or so much that it will not lie. Said at the last layer that fills. */
final readonly class FullnessIsOff implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $layers = array_values(array_filter($plan->layers, fn (Layer $layer): bool => $layer->technique->fullness() !== null));
        if ($layers === [] || ! ($result->fullness->isThin() || $result->fullness->isVeryFull())) {
            return [];
        }
        $layer = $layers[count($layers) - 1];
        $amount = $result->fullness->figure->said();

        return [$result->fullness->isThin()
            ? new Advice('thin', "layers.$layer->id", [], 'Thin.', "At $amount the form may show.", [], $this->fuller($plan, $result, $layer))
            : new Advice('very-full', "layers.$layer->id", [], 'Very full.', sprintf('%s%s: it may not lie well, and mesh is spent that nobody sees.', count($layers) > 1 ? count($layers).' layers, ' : '', $amount), [], $this->leaner($plan, $result, $layer))];
    }

    /** @return list<Remedy> */
    private function fuller(Plan $plan, Result $result, Layer $layer): array
    {
        $longer = $this->trial->longer($plan, $layer, fn (array $fill): bool => $this->trial->planDoes($plan, $fill, fn (Plan $after): bool => ! self::fullness($after)->isThin()));
        $found = $longer !== null && $this->doesNotRunShort($plan, $longer[1]) ? [$longer] : [];
        $filling = ["layers.$layer->id.fill" => 'filling'];
        if ($layer->on->slip->has('fill') && count($layer->on->rows) > 1 && $this->trial->planDoes($plan, $filling, fn (Plan $after): bool => ! self::fullness($after)->isVeryFull()) && $this->doesNotRunShort($plan, $filling)) {
            $found[] = ['Fill between the rows', $filling];
        }

        return array_map(fn (array $remedy): Remedy => $this->trial->remedy($plan, $result, $remedy[0], $remedy[1], []), $found);
    }

    /** @return list<Remedy> */
    private function leaner(Plan $plan, Result $result, Layer $layer): array
    {
        $shorter = $this->trial->shorter($plan, $layer, [1, 2], fn (array $fill): bool => $this->trial->planDoes($plan, $fill, fn (Plan $after): bool => ! self::fullness($after)->isVeryFull()));

        return $shorter === null ? [] : [$this->trial->remedy($plan, $result, $shorter[0], $shorter[1], [])];
    }

    private static function fullness(Plan $plan): Fullness
    {
        return FullnessWork::of($plan, $plan->layers);
    }

    /** @param  array<string, string>  $fill */
    private function doesNotRunShort(Plan $plan, array $fill): bool
    {
        return $this->trial->meshesDo($plan, $fill, fn (array $after): bool => array_filter($after, fn (MeshOnRolls $mesh): bool => $mesh->verdict->short || $mesh->verdict->atRisk) === []);
    }
}
