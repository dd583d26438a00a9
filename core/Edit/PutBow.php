<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;

/** Puts a bow in a plan: a copy of it, of the plan's ribbons where it has them, else of the bow's own. */
final readonly class PutBow implements Edit
{
    use LosesNothing;

    /** What a bow that is kept says of its place; in a plan it stands where it usually does. */
    private const PLACE = ['id' => 1, 'at' => 1, 'turned' => 1];

    /** @param  Plan  $bow  of which the first part is the bow */
    public function __construct(private Plan $bow) {}

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        $bow = $this->bow->parts[0]->on;
        $ids = [];
        foreach ($bow->wound() as $ribbon) {
            $its = self::alike($plan, $ribbon);
            if ($its === null) {
                $place = 1 + (int) array_key_last(
                    array_filter(array_values($plan->materials->all), fn (Material $material): bool => $material instanceof Wound),
                );
                $known = array_keys($plan->materials->all);
                $plan = $reader->read(DocumentList::of($plan, 'materials')->with('r', $ribbon->slip->write(), $place));
                $its = (string) array_values(array_diff(array_keys($plan->materials->all), $known))[0];
            }
            $ids[$ribbon->id] = $its;
        }
        $written = array_diff_key($bow->slip->write(), self::PLACE);
        $written['material'] = array_map(fn (Material $its): string => $ids[$its->id], $bow->materials);

        return (new AddPart($written))->apply($plan, $reader);
    }

    public function words(Plan $before, Plan $after): string
    {
        return $this->bow->parts[0]->kind->name().' put on';
    }

    public function asData(): array
    {
        return ['do' => 'put-bow'];
    }

    /** The ribbon of a plan that is called the same and is as wide. */
    private static function alike(Plan $plan, Wound $ribbon): ?string
    {
        foreach ($plan->wound() as $its) {
            if ([$its->kind->key(), $its->name()] === [$ribbon->kind->key(), $ribbon->name()] && $its->width()->equals($ribbon->width())) {
                return $its->id;
            }
        }

        return null;
    }
}
