<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\Share;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Fault;

/** The rolls that some copies of a plan are cut from, as they are laid out when the work begins. */
final class BenchRolls
{
    /** @var array<string, list<string>> the ids of pieces that are on no roll yet, by element, material and length */
    private array $waiting = [];

    /** @var array<string, int> how many stretches of runs an element has so far */
    private array $stretches = [];

    private function __construct(private readonly Plan $plan, private readonly int $copies)
    {
        for ($copy = 1; $copy <= $copies; $copy++) {
            foreach (self::idsOf($plan, $copy) as $id => $cut) {
                $this->waiting[self::queue($copy, $cut->element->id, $cut->material, $cut->length)][] = $id;
            }
        }
    }

    /**
     * @param  Result  $result  of one copy
     * @return list<BenchRoll>
     *
     * @throws Fault where that is too much to be cut together
     */
    public static function laidOut(Plan $plan, Result $result, int $copies, RollPlanner $planner): array
    {
        $rolls = new self($plan, $copies);

        return array_merge([], ...array_map(
            fn (array $its): array => $rolls->of(...$its),
            $copies === 1
                ? array_map(fn (WoundResult $mesh): array => [$mesh->wound, $mesh->plan], $result->wound)
                : array_map(
                    fn (BatchMaterial $mesh): array => [$mesh->wound, $mesh->rolls],
                    Batch::of([new Share($plan, $copies)], $planner)->materials,
                ),
        ));
    }

    /** @return array<string, Cut> the pieces of one copy by their ids: "1/outer.9/0" */
    public static function idsOf(Plan $plan, int $copy): array
    {
        [$ids, $known] = [[], []];
        foreach ($plan->demand->cuts() as $cut) {
            $number = $known[$cut->element->id] ?? 0;
            $known[$cut->element->id] = $number + 1;
            $ids["$copy/{$cut->element->id}/$number"] = $cut;
        }

        return $ids;
    }

    /** @return list<BenchRoll> those of one material, and what is on none under the number 0 */
    private function of(Wound $wound, RollPlan $plan): array
    {
        $rolls = array_map(fn (RollUse $roll): BenchRoll => new BenchRoll(
            "$wound->id-$roll->number",
            $wound->id,
            $roll->number,
            $roll->stock->origin,
            $roll->length,
            $roll->stock->safe,
            array_map(fn (Segment $segment): BenchCut => $this->cut($segment, $wound), $roll->segments),
            $roll->stock->lot,
            $roll->stock->item,
        ), $plan->rolls);
        $rolls = [...$rolls, ...self::untouched($wound, $rolls)];
        $unmet = $this->unmet($wound);

        return $unmet === [] ? $rolls : [
            ...$rolls,
            new BenchRoll("$wound->id-0", $wound->id, 0, Origin::New, Length::zero(), Length::zero(), $unmet, isSpent: true),
        ];
    }

    /**
     * What the plan says is on hand and nothing is cut from: it lies at the bench too. What it was to take from the shelf is looked for
     * there when it is wanted.
     *
     * @param  list<BenchRoll>  $rolls  that something is cut from
     * @return list<BenchRoll>
     */
    private static function untouched(Wound $wound, array $rolls): array
    {
        [$untouched, $number] = [[], count($rolls)];
        foreach ($wound->supply(Length::zero(), true)->stock as $stock) {
            for ($count = $stock->origin === Origin::New || $stock->item !== null ? 0 : (int) $stock->count; $count > 0; $count--) {
                foreach ($rolls as $at => $roll) {
                    if ($roll->isOf($stock)) {
                        unset($rolls[$at]);

                        continue 2;
                    }
                }
                $number++;
                $untouched[] = new BenchRoll(
                    "$wound->id-$number",
                    $wound->id,
                    $number,
                    $stock->origin,
                    $stock->nominal,
                    $stock->safe,
                    [],
                    $stock->lot,
                );
            }
        }

        return $untouched;
    }

    private function cut(Segment $segment, Wound $wound): BenchCut
    {
        [$copy, $part] = self::whose($segment->part);
        $element = $segment->element === null ? null : self::whose($segment->element->id)[1];
        $id = match (true) {
            $element === null => null,
            $segment->kind === SegmentKind::Piece => $this->next($copy, $element, $wound, $segment->length),
            default => $this->stretch($copy, $element),
        };

        return new BenchCut($id, $segment->kind, $segment->length, $copy, $part, $segment->tie);
    }

    /** The next piece of an element that is on no roll yet; of a mesh that is called the same, where two of the plan are. */
    private function next(int $copy, string $element, Wound $wound, Length $length): ?string
    {
        $its = self::queue($copy, $element, $wound->id, $length);
        foreach (isset($this->waiting[$its]) ? [$its] : array_keys($this->waiting) as $queue) {
            if ($queue === $its || (str_starts_with($queue, "$copy/$element/") && str_ends_with($queue, "/$length->units"))) {
                return array_shift($this->waiting[$queue]);
            }
        }

        return null;
    }

    private function stretch(int $copy, string $element): string
    {
        $number = $this->stretches["$copy/$element"] ?? 0;
        $this->stretches["$copy/$element"] = $number + 1;

        return "$copy/$element/$number";
    }

    /** @return list<BenchCut> */
    private function unmet(Wound $wound): array
    {
        $unmet = [];
        for ($copy = 1; $copy <= $this->copies; $copy++) {
            foreach (self::idsOf($this->plan, $copy) as $id => $cut) {
                $queue = self::queue($copy, $cut->element->id, $cut->material, $cut->length);
                if ($cut->material === $wound->id && in_array($id, $this->waiting[$queue] ?? [], true)) {
                    $unmet[] = self::piece($id, $cut, $copy);
                }
            }
        }

        return $unmet;
    }

    public static function piece(string $id, Cut $cut, int $copy): BenchCut
    {
        return new BenchCut($id, SegmentKind::Piece, $cut->length, $copy, $cut->element->part, $cut->element->ties[0] ?? null);
    }

    private static function queue(int $copy, string $element, string $material, Length $length): string
    {
        return "$copy/$element/$material/$length->units";
    }

    /** @return array{int, string} which copy and what of it: "0-2/outer.9" is outer.9 of the second */
    private static function whose(string $key): array
    {
        return preg_match('#^\d+-(\d+)/(.+)$#', $key, $found) === 1 ? [(int) $found[1], $found[2]] : [1, $key];
    }
}
