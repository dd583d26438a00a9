<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Batch\Share;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Material\Wound;
use Davrin\Core\Material\WoundKind;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\SaysHowToCut;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;

/** What is cut from which roll, in working order, with what each cut is for: the sheet that lies beside the cutter. */
final readonly class CutSheet
{
    /** Of what is at risk so many cuts are named one by one. */
    private const MOST_NAMED = 3;

    /**
     * @param  list<SheetRoll>  $rolls
     * @param  list<string>  $warnings  of the plan, but for those that mean certain rolls and stand there
     * @param  list<string>  $ways  how to cut, a sentence each
     * @param  list<Caution>  $cautions
     * @param  list<string>  $toBuy  new rolls that the shelf does not have: "1 roll of Sage mesh"
     */
    private function __construct(
        public array $rolls,
        public array $warnings,
        public array $ways,
        public array $cautions,
        public array $toBuy,
    ) {}

    /** Of a plan, with the warnings of its result. */
    public static function of(Plan $plan, Result $result, CutOrder $order): self
    {
        [$rolls, $warnings, $ofRolls] = [[], [], []];
        foreach ($result->advice as $advice) {
            foreach ($advice->rolls as $material => $numbers) {
                foreach ($numbers as $number) {
                    $ofRolls[$material][$number][] = $advice->words();
                }
            }
            $warnings = $advice->rolls === [] ? [...$warnings, $advice->words()] : $warnings;
        }
        foreach ($result->wound as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                $rolls[] = self::roll(
                    $mesh->wound->id,
                    $mesh->wound,
                    $roll,
                    $plan->units(),
                    $plan->settings->keepFrom(),
                    fn (string $part): array => [null, $plan->part($part)],
                    $ofRolls[$mesh->wound->id][$roll->number] ?? [],
                );
            }
        }

        return self::sheet(
            $rolls,
            $warnings,
            $order,
            array_map(fn (WoundResult $mesh): array => [$mesh->wound, $mesh->plan], $result->wound),
            self::waysOfParts($plan),
        );
    }

    /**
     * Of plans that are cut together: each cut says whose it is. Rolls bear "mesh0" and so on as key; the units and the least length
     * to keep of the first plan hold for all.
     *
     * @param  list<string>  $warnings  of the plans, but for what they say of their own rolls
     */
    public static function ofBatch(BatchResult $batch, CutOrder $order, array $warnings = []): self
    {
        [$meshes, $first] = [$batch->materials, $batch->shares[0]->plan];
        $rolls = [];
        foreach ($meshes as $place => $mesh) {
            foreach ($mesh->rolls->rolls as $roll) {
                $rolls[] = self::roll(
                    "mesh$place",
                    $mesh->wound,
                    $roll,
                    $first->units(),
                    $first->settings->keepFrom(),
                    fn (string $part): array => [$mesh->part($part)->whose, $mesh->part($part)->part],
                    [],
                );
            }
        }

        return self::sheet(
            $rolls,
            $warnings,
            $order,
            array_map(fn (BatchMaterial $mesh): array => [$mesh->wound, $mesh->rolls], $meshes),
            array_merge(...array_map(self::waysOfShare(...), $batch->shares)),
        );
    }

    /** @return list<string> how to cut parts of one of several plans, with its name and for how many of it */
    private static function waysOfShare(Share $share): array
    {
        $whose = $share->plan->name().($share->copies > 1 ? ", for each of $share->copies" : '');

        return array_map(fn (string $way): string => "$whose: ".lcfirst($way), self::waysOfParts($share->plan));
    }

    /** @return list<string> how to cut those parts of a plan that have a way of their own */
    private static function waysOfParts(Plan $plan): array
    {
        return array_values(array_filter(array_map(
            fn (Part $part): ?string => $part->kind instanceof SaysHowToCut ? $part->kind->howToCut($part->on) : null,
            $plan->parts,
        )));
    }

    /** @return list<Label> for what goes back on the shelf */
    public function labels(): array
    {
        return array_values(array_filter(array_map(fn (SheetRoll $roll): ?Label => $roll->label, $this->rolls)));
    }

    /** Whether anything on it is warned of, at its head or at a roll. */
    public function isWarned(): bool
    {
        return $this->warnings !== []
            || array_filter($this->rolls, fn (SheetRoll $roll): bool => $roll->warnings !== []) !== [];
    }

    /** How many there are to tick. */
    public function count(): int
    {
        return array_sum(array_map(fn (SheetRoll $roll): int => count($roll->cuts), $this->rolls));
    }

    /**
     * @param  list<SheetRoll>  $rolls
     * @param  list<string>  $warnings
     * @param  list<array{Wound, RollPlan}>  $meshes
     * @param  list<string>  $ofParts  how to cut some of its parts
     */
    private static function sheet(array $rolls, array $warnings, CutOrder $order, array $meshes, array $ofParts = []): self
    {
        if ($order === CutOrder::LongestFirst) {
            usort($rolls, fn (SheetRoll $a, SheetRoll $b): int => $b->longest()->units <=> $a->longest()->units);
        }

        $cautions = array_map(fn (SheetRoll $roll): Caution => $roll->wound->wound->cuttingCaution(), $rolls);

        return new self(
            $rolls,
            $warnings,
            [...self::ways($rolls), ...$ofParts],
            array_values(array_unique($cautions, SORT_REGULAR)),
            self::toBuy($meshes),
        );
    }

    /**
     * @param  callable(string): array{?string, Part}  $of  which piece of work a part belongs to, and the part
     * @param  list<string>  $warnings  of the plan that mean this roll
     */
    private static function roll(
        string $key,
        Wound $mesh,
        RollUse $roll,
        Units $units,
        Length $keepFrom,
        callable $of,
        array $warnings,
    ): SheetRoll {
        $cuts = [];
        foreach ($roll->segments as $number => $segment) {
            [$whose, $part] = $of($segment->part);
            $cuts[] = new SheetCut(
                "$key-$roll->number-$number",
                $segment,
                $segment->from->plus($segment->length),
                self::for($part, $segment),
                $segment->kind !== SegmentKind::Piece,
                $whose,
            );
        }
        $left = $roll->left();
        $goesBack = ! $left->isLessThan($keepFrom) && ! $left->isZero();

        return new SheetRoll(
            $key, $mesh, $roll, $cuts,
            sprintf(
                'Roll %d, a %s of %s%s',
                $roll->number,
                $roll->stock->origin->value,
                $units->exact($roll->length),
                $roll->stock->lot === null ? '' : ", lot {$roll->stock->lot}",
            ),
            [...self::risk($roll, $cuts, $units), ...$warnings],
            $goesBack
                ? new Label(
                    $mesh->name(),
                    $units->available($left),
                    $units->exact($mesh->width()),
                    $roll->stock->lot,
                    $mesh->slip->text('colour'),
                    $mesh->slip->text('hatch'),
                )
                : null,
        );
    }

    /**
     * What does not come off it should it be as short as it may.
     *
     * @param  list<SheetCut>  $cuts
     * @return list<string>
     */
    private static function risk(RollUse $roll, array $cuts, Units $units): array
    {
        $beyond = array_values(array_filter($cuts, fn (SheetCut $cut): bool => $cut->total->isMoreThan($roll->stock->safe)));

        return $beyond === [] ? [] : [sprintf(
            'At risk. Only %s of this roll is safe. What lies beyond: %s.',
            $units->available($roll->stock->safe),
            count($beyond) > self::MOST_NAMED
                ? sprintf('the last %d, from %s on', count($beyond), $beyond[0]->for)
                : implode('; ', array_column($beyond, 'for')),
        )];
    }

    private static function for(Part $part, Segment $segment): string
    {
        $noun = $part->kind->noun()[0];

        return match (true) {
            $segment->kind === SegmentKind::StartTail => "start tail at tie $segment->tie",
            $segment->kind === SegmentKind::EndTail => "end tail at tie $segment->tie",
            $segment->tie === null => "$noun {$segment->element?->number}",
            $segment->kind === SegmentKind::Step => "$noun {$segment->element?->number}, to tie $segment->tie",
            default => "$noun at tie $segment->tie",
        };
    }

    /**
     * @param  list<SheetRoll>  $rolls
     * @return list<string>
     */
    private static function ways(array $rolls): array
    {
        $has = fn (callable $is): bool => array_filter($rolls, $is) !== [];
        $isTied = fn (SheetRoll $roll): bool => array_filter($roll->cuts, fn (SheetCut $cut): bool => $cut->isTied) !== [];
        $isCut = fn (SheetRoll $roll): bool => array_filter($roll->cuts, fn (SheetCut $cut): bool => ! $cut->isTied) !== [];

        return [
            ...($rolls === [] ? [] : ['Clean the end of each roll first: one straight cut across.']),
            ...self::waysOfCutting(array_values(array_filter($rolls, $isCut))),
            ...(
                $has($isTied)
                    ? ['Runs are not cut between ties: measure from tie to tie as you go, and cut once, behind the end tail.']
                    : []
            ),
        ];
    }

    /**
     * How each kind of material is cut, what is drawn off last.
     *
     * @param  list<SheetRoll>  $rolls  that pieces are cut from
     * @return list<string>
     */
    private static function waysOfCutting(array $rolls): array
    {
        $kinds = array_map(fn (SheetRoll $roll): WoundKind => $roll->wound->wound, $rolls);
        usort($kinds, fn (WoundKind $a, WoundKind $b): int => $a->isDrawnOff() <=> $b->isDrawnOff());

        return array_values(array_unique(array_map(fn (WoundKind $kind): string => $kind->wayOfCutting(), $kinds)));
    }

    /**
     * @param  list<array{Wound, RollPlan}>  $meshes
     * @return list<string>
     */
    private static function toBuy(array $meshes): array
    {
        return array_values(array_filter(array_map(fn (array $its): ?string => $its[1]->toBuy($its[0]->name()), $meshes)));
    }
}
