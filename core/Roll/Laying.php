<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Roll\Packing\Packer;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\Pattern;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Supply\Supply;

/** One way of laying runs and pieces on rolls, for meshes that are tied together and so are laid at once. */
final readonly class Laying
{
    /** Effort for laying one step of one strand. */
    private const STEP = 200;

    /** @var array<string, RollDemand> by mesh */
    private array $asked;

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  array<string, Supply>  $supplies  by mesh
     * @param  bool  $polished  whether leftovers count, too
     */
    public function __construct(
        private array $runs,
        array $cuts,
        private array $supplies,
        private Effort $effort,
        private bool $polished = true,
    ) {
        $asked = [];
        foreach (array_keys($supplies) as $mesh) {
            $asked[$mesh] = RollDemand::of($runs, $cuts, $mesh);
        }
        $this->asked = $asked;
    }

    /**
     * @param  array<string, list<int>>  $orders  in which rolls are begun for runs: the places of the stock, by mesh
     * @param  array<string, array<int, ?int>>  $allowed  how many of each stock there are to choose from, by mesh, where that is limited
     * @return array<string, RollPlan>
     */
    public function lay(array $orders, RunSplits $stretches, array $allowed = [], bool $piecesFirst = false): array
    {
        [$rolls, $laidPieces] = [[], []];
        foreach ($this->supplies as $mesh => $supply) {
            $rolls[$mesh] = new OpenRolls($supply, $orders[$mesh] ?? [], $allowed[$mesh] ?? null);
            if ($piecesFirst) {
                $laidPieces[$mesh] = $this->layPieces($this->asked[$mesh]->cuts, $supply, $rolls[$mesh]);
            }
        }
        $laying = new RunLaying($rolls, $stretches);
        $this->effort->spend(
            self::STEP * array_sum(array_map(fn (Run $run): int => count($run->steps) * count($run->strands), $this->runs)),
        );
        [$changes, $unmet, $pieces] = [
            array_map(fn (): array => [], $this->supplies),
            array_map(fn (): array => [], $this->supplies),
            array_map(fn (): int => 0, $this->supplies),
        ];
        foreach ($this->runs as $run) {
            $laid = $laying->lay($run);
            foreach ($laid->changes as $mesh => $its) {
                array_push($changes[$mesh], ...$its);
            }
            foreach ($laid->unmet as $mesh => $its) {
                array_push($unmet[$mesh], ...$its);
                $pieces[$mesh] += count($its) * count(array_keys($run->strands, $mesh, true));
            }
        }
        $plans = [];
        foreach ($this->supplies as $mesh => $supply) {
            [$lacking, $proof] = $laidPieces[$mesh] ?? $this->layPieces($this->asked[$mesh]->cuts, $supply, $rolls[$mesh]);
            $elements = array_column(
                array_map(fn (Element $element): array => [$element->id, $element], [...$unmet[$mesh], ...$lacking]),
                1,
                0,
            );
            $plans[$mesh] = new RollPlan(
                $rolls[$mesh]->all(),
                $changes[$mesh],
                array_values($elements),
                $pieces[$mesh] + count($lacking),
                $supply,
                $this->asked[$mesh]->runs === [] ? $proof : null,
            );
        }

        return $plans;
    }

    /**
     * @param  list<Cut>  $cuts
     * @return array{list<Element>, ?Proof} what no roll was left for
     */
    private function layPieces(array $cuts, Supply $supply, OpenRolls $rolls): array
    {
        if ($cuts === []) {
            return [[], new Proof(0, 0, 0)];
        }
        $kinds = array_map(
            fn (int $number): RollKind => new RollKind($rolls->left($number)->units, 1, heldBack: $rolls->heldBack($number)->units),
            $rolls->numbers(),
        );
        $begun = count($kinds);
        foreach ($rolls->whole() as $place => $count) {
            $kinds[] = RollKind::of($supply, $supply->stock[$place], $count);
        }
        $task = RollDemand::pieces($cuts, $kinds, $supply->keepFrom);
        $packed = Packer::pack($task, $this->polished, $this->effort->part(2));
        // Each size in build order, so that neighbours on the form come off the same roll.
        $waiting = array_fill(0, count($task->sizes), []);
        foreach ($cuts as $cut) {
            $waiting[$task->sizeOf($cut->length->units)][] = $cut;
        }
        foreach ($this->inWorkingOrder($packed->cuts, $task, $begun) as [$place, $pattern]) {
            $roll = $place < $begun ? $rolls->numbers()[$place] : $rolls->begin($place - $begun);
            foreach ($pattern->pieces as $index => $count) {
                foreach (array_splice($waiting[$index], 0, $count) as $cut) {
                    $rolls->put(
                        $roll,
                        SegmentKind::Piece,
                        $cut->length,
                        $cut->element->part,
                        $cut->element->ties[0] ?? null,
                        $cut->element,
                    );
                }
            }
        }

        return [
            array_map(fn (Cut $cut): Element => $cut->element, array_merge(...$waiting)),
            $packed->bound === null ? null : Proof::of($packed->bound),
        ];
    }

    /**
     * What is open first, from the shortest on; then full rolls, then new ones, the fullest cut first.
     *
     * @param  list<Pattern>  $patterns
     * @return list<array{int, Pattern}> each with the place of its roll: those that are begun, then the stock
     */
    private function inWorkingOrder(array $patterns, PackingTask $task, int $begun): array
    {
        [$placed, $taken] = [[], []];
        foreach ($patterns as $pattern) {
            $taken[$pattern->kind] = ($taken[$pattern->kind] ?? -1) + 1;
            $place = $task->place($pattern->kind, $pattern->number ?? $taken[$pattern->kind]);
            $kind = $task->kinds[$pattern->kind];
            $used = array_sum(
                array_map(
                    fn (int $index, int $count): int => $count * $task->sizes[$index],
                    array_keys($pattern->pieces),
                    $pattern->pieces,
                ),
            );
            $placed[] = [[$place >= $begun, $kind->opens, $kind->price, $kind->length, $place, -$used], $place, $pattern];
        }
        usort($placed, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(fn (array $its): array => [$its[1], $its[2]], $placed);
    }
}
