<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\MeshResult;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Words;
use Davrin\Core\Roll\Origin;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\Segment;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Technique\Caution;

/** What is cut from which roll, in working order, with what each cut is for: the sheet that lies beside the cutter. */
final readonly class CutSheet
{
    /**
     * @param  list<SheetRoll>  $rolls
     * @param  list<string>  $ways  how to cut, a sentence each
     * @param  list<Caution>  $cautions
     * @param  list<string>  $toBuy  new rolls that the shelf does not have: "1 roll of Sage mesh"
     */
    private function __construct(public array $rolls, public array $ways, public array $cautions, public array $toBuy) {}

    public static function of(Plan $plan, Result $result, CutOrder $order): self
    {
        $rolls = [];
        foreach ($result->meshes as $mesh) {
            foreach ($mesh->plan->rolls as $roll) {
                $rolls[] = self::roll($plan, $mesh, $roll);
            }
        }
        if ($order === CutOrder::LongestFirst) {
            usort($rolls, fn (SheetRoll $a, SheetRoll $b): int => $b->longest()->units <=> $a->longest()->units);
        }

        return new self($rolls, self::ways($rolls), $rolls === [] ? [] : [Caution::Cutter], self::toBuy($result));
    }

    /** How many there are to tick. */
    public function count(): int
    {
        return array_sum(array_map(fn (SheetRoll $roll): int => count($roll->cuts), $this->rolls));
    }

    private static function roll(Plan $plan, MeshResult $mesh, RollUse $roll): SheetRoll
    {
        $units = $plan->units();
        $cuts = [];
        foreach ($roll->segments as $number => $segment) {
            $cuts[] = new SheetCut("{$mesh->mesh->id}-$roll->number-$number", $segment, $segment->from->plus($segment->length), self::for($plan, $segment), $segment->kind !== SegmentKind::Piece);
        }
        $left = $roll->left();
        $goesBack = ! $left->isLessThan($plan->settings->keepFrom()) && ! $left->isZero();

        return new SheetRoll(
            $mesh->mesh, $roll, $cuts,
            sprintf('Roll %d, a %s of %s%s', $roll->number, $roll->stock->origin->value, $units->exact($roll->length), $roll->stock->lot === null ? '' : ", lot {$roll->stock->lot}"),
            $goesBack ? sprintf('%s, %s wide, %s%s', $mesh->mesh->name(), $units->exact($mesh->mesh->width()), $units->available($left), $roll->stock->lot === null ? '' : ", lot {$roll->stock->lot}") : null,
        );
    }

    private static function for(Plan $plan, Segment $segment): string
    {
        $noun = $plan->layer($segment->layer)->technique->noun()[0];

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
            ...($has(fn (SheetRoll $roll): bool => $isCut($roll) && ! $roll->mesh->isStrands()) ? ['Pieces: rotary cutter and ruler on the mat, or scissors along a mark. Let each roll up by itself; it frays less.'] : []),
            ...($has(fn (SheetRoll $roll): bool => $roll->mesh->isStrands()) ? ['Strands: draw them off, lay them side by side, cut the bunch with scissors.'] : []),
            ...($has($isTied) ? ['Runs are not cut between ties: measure from tie to tie as you go, and cut once, behind the end tail.'] : []),
        ];
    }

    /** @return list<string> */
    private static function toBuy(Result $result): array
    {
        $buy = [];
        foreach ($result->meshes as $mesh) {
            $count = count($mesh->plan->from(Origin::New));
            $buy = [...$buy, ...($count === 0 ? [] : [Words::count($count, 'new roll').' of '.$mesh->mesh->name()])];
        }

        return $buy;
    }
}
