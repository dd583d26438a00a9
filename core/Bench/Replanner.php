<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Colour\PaintBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\DiffersByTie;
use Davrin\Core\Part\Otherwise;
use Davrin\Core\Part\OtherwiseBlank;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Refused;

/** Changes what is still to be made of a piece of work, and lays it on what there is. What is made is never touched. */
final readonly class Replanner
{
    public function __construct(private Engine $engine, private PlanReader $reader, private RollPlanner $planner) {}

    /** @param  list<string>  $materials  that are laid anew, by id, beside those of which other pieces are to be cut now */
    public function rest(Situation $now, array $materials, bool $buys): RestPlan
    {
        return Rest::of($now, $materials, $buys, $this->planner);
    }

    /**
     * The work after an edit of one of its plans; null where that cannot be, or where something that is made or cut would be another.
     *
     * @param  bool  $figures  whether its figures are wanted, or only what is to be cut
     */
    public function edited(Situation $now, int $copy, Edit $edit, bool $figures = true): ?Situation
    {
        $piece = $now->pieces[$copy];
        try {
            $plan = $edit->apply($piece->plan, $this->reader);
        } catch (Refused) {
            return null;
        }

        return self::keepsWhatIsMade($now, $piece, $plan)
            ? $now->withPlan($copy, $plan, $figures ? $this->engine->figures($plan) : $piece->result)
            : null;
    }

    /**
     * The same with some elements at another length, or none.
     *
     * @param  array<int, list<Element>>  $elements  of one part, by copy
     * @param  ?Length  $length  null where they are left out
     */
    public function otherwise(Situation $now, string $part, array $elements, ?Length $length, bool $figures = true): ?Situation
    {
        foreach ($elements as $copy => $its) {
            $now = $its === [] || $now === null ? $now : $this->edited($now, $copy, new FillBlanks([
                "parts.$part.".OtherwiseBlank::KEY => OtherwiseBlank::typed(array_replace(
                    Otherwise::of($now->pieces[$copy]->plan->part($part)->on),
                    array_fill_keys(array_map(fn (Element $element): int => $element->ties[0] ?? 0, $its), $length),
                )),
            ]), $figures);
        }

        return $now;
    }

    /**
     * The same with other meshes on some ties. Where that would deal the others anew, each of those keeps by hand what it has.
     *
     * @param  array<int, string>  $meshes  by the number of the tie
     */
    public function painted(Situation $now, int $copy, Part $part, array $meshes): ?Situation
    {
        $its = array_values(array_filter($now->pieces[$copy]->plan->parts, fn (Part $other): bool => $other->id === $part->id))[0] ?? $part;
        $has = [];
        foreach ($its->demand->cuts as $cut) {
            $has[$cut->element->ties[0] ?? 0] = $cut->material;
        }

        return $this->byHand($now, $copy, $part, array_replace($its->on->colourTask->painted ?? [], $meshes))
            ?? $this->byHand($now, $copy, $part, array_replace($has, $meshes));
    }

    /** @param  array<int, string>  $painted  by the number of the tie */
    private function byHand(Situation $now, int $copy, Part $part, array $painted): ?Situation
    {
        ksort($painted);

        return $this->edited($now, $copy, new FillBlanks(["parts.$part->id.".PaintBlank::KEY => PaintBlank::typed($painted)]));
    }

    /**
     * Elements of a part that nothing of is cut or made yet, by copy.
     *
     * @param  ?string  $material  only those that take it, by id
     * @return array<int, list<Element>>
     */
    public function untouched(Situation $now, string $part, ?string $material = null): array
    {
        $untouched = [];
        foreach ($now->pieces as $copy => $piece) {
            $its = array_filter($piece->plan->parts, fn (Part $other): bool => $other->id === $part);
            [$cut, $takes] = [[], []];
            foreach (BenchRolls::idsOf($piece->plan, $copy) as $id => $of) {
                $cut += isset($now->cut[$id]) ? [$of->element->id => true] : [];
                $takes += $of->material === $material ? [$of->element->id => true] : [];
            }
            $untouched[$copy] = array_values(array_filter(
                (array_values($its)[0] ?? null)->demand->elements ?? [],
                fn (Element $element): bool => ! isset($cut[$element->id]) && ! $now->isMade($copy, $element->id)
                    && ($material === null || isset($takes[$element->id]) || $piece->plan->part($part)->demand->runs !== []),
            ));
        }

        return $untouched;
    }

    /** @return list<Part> parts that take a material, of which something is to be cut yet, and which may differ from tie to tie */
    public function partsToCut(Situation $now, string $material): array
    {
        $wound = $now->wound($material);

        return $wound === null ? [] : array_values(array_filter(
            $now->first()->plan->parts,
            fn (Part $part): bool => $part->kind instanceof DiffersByTie
                && $part->on->group !== null
                && in_array($material, array_map(fn (Wound $its): string => $its->id, $part->on->wound()), true)
                && array_merge([], ...array_values($this->untouched($now, $part->id, $material))) !== [],
        ));
    }

    private static function keepsWhatIsMade(Situation $now, BenchPiece $piece, Plan $plan): bool
    {
        $said = fn (?Cut $cut): ?array => $cut === null ? null : [$cut->element->id, $cut->material, $cut->length->units];
        $before = BenchRolls::idsOf($piece->plan, $piece->copy);
        $after = BenchRolls::idsOf($plan, $piece->copy);
        foreach ($before as $id => $cut) {
            if (isset($now->cut[$id]) && $said($after[$id] ?? null) !== $said($cut)) {
                return false;
            }
        }
        $elements = [];
        foreach ($plan->parts as $part) {
            foreach ($part->demand->elements as $element) {
                $elements["$piece->copy/$element->id"] = true;
            }
        }
        $mine = array_filter(array_keys($now->made), fn (string $made): bool => str_starts_with($made, "$piece->copy/"));

        return array_filter($mine, fn (string $made): bool => ! isset($elements[$made])) === [] && self::runsStay($now, $piece, $plan);
    }

    /** What is laid of a run is as long as it was. */
    private static function runsStay(Situation $now, BenchPiece $piece, Plan $plan): bool
    {
        $lengths = function (Plan $of) use ($now, $piece): array {
            $lengths = [];
            foreach ($of->demand->runs() as $run) {
                foreach ($run->steps as $step) {
                    $lengths += $now->isMade($piece->copy, $step->element->id)
                        ? [$step->element->id => [$run->strands, $step->length()->units]]
                        : [];
                }
            }

            return $lengths;
        };

        return $lengths($piece->plan) === $lengths($plan);
    }
}
