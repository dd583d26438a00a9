<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** The whole work, one thing after another: what is done, with what, at which place, and what was counted of it. */
final readonly class Walk
{
    /** @param  list<Unit>  $units  in the order they are done */
    private function __construct(public array $units) {}

    /**
     * @param  non-empty-list<BenchPiece>  $pieces
     * @param  list<BenchRoll>  $rolls  that all of them are cut from
     */
    public static function of(array $pieces, array $rolls, WalkOrder $order, CopyOrder $copies): self
    {
        $steps = [];
        foreach ($pieces as $at => $piece) {
            $units = (new UnitsOfPiece($piece, $rolls))->steps();
            $units = $order === WalkOrder::ByElement ? self::eachWithItsCuts($units) : $units;
            foreach ($units as $number => $its) {
                // Together: every piece of work at one step, before any goes on.
                $steps[] = [$copies === CopyOrder::Together ? [$number, $at] : [$at, $number], $its];
            }
        }
        usort($steps, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self(array_merge([], ...array_column($steps, 1)));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(fn (Unit $unit): string => $unit->key, $this->units);
    }

    /** Where a unit is; null where there is none of this key. */
    public function at(string $key): ?int
    {
        $at = array_search($key, $this->keys(), true);

        return $at === false ? null : $at;
    }

    /**
     * The cuts of an element come right before the first thing that is done with it, not all at once beforehand.
     *
     * @param  list<list<Unit>>  $steps
     * @return list<list<Unit>>
     */
    private static function eachWithItsCuts(array $steps): array
    {
        $cuts = [];
        foreach ($steps as $units) {
            foreach ($units as $unit) {
                if ($unit->deed === Deed::Cut && $unit->element !== null) {
                    $cuts[$unit->element->id][] = $unit;
                }
            }
        }
        $walk = [];
        foreach ($steps as $units) {
            $its = [];
            foreach ($units as $unit) {
                if ($unit->deed === Deed::Cut && $unit->element !== null) {
                    continue;
                }
                foreach ($unit->deed === Deed::Make && $unit->element !== null ? $cuts[$unit->element->id] ?? [] : [] as $cut) {
                    $its[] = $cut;
                }
                if ($unit->deed === Deed::Make && $unit->element !== null) {
                    unset($cuts[$unit->element->id]);
                }
                $its[] = $unit;
            }
            $walk[] = $its;
        }
        // What nothing is made with is cut first of all.
        $rest = array_merge([], ...array_values($cuts));

        return $rest === [] ? $walk : [$rest, ...$walk];
    }
}
