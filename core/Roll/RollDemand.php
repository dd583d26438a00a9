<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Run;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\Packing\PackingTask;
use Davrin\Core\Roll\Packing\RollKind;
use Davrin\Core\Roll\Packing\RunShare;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;

/** The runs and cuts that one mesh has to supply. */
final readonly class RollDemand
{
    /**
     * @param  list<Run>  $runs  that have a strand of it
     * @param  list<Cut>  $cuts
     */
    private function __construct(public string $mesh, public array $runs, public array $cuts) {}

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     */
    public static function of(array $runs, array $cuts, string $mesh): self
    {
        return new self(
            $mesh,
            array_values(array_filter($runs, fn (Run $run): bool => in_array($mesh, $run->strands, true))),
            array_values(array_filter($cuts, fn (Cut $cut): bool => $cut->material === $mesh)),
        );
    }

    /** Lower bound on the mesh that takes, in units of length. */
    public function units(): int
    {
        $units = array_sum(array_map(fn (Cut $cut): int => $cut->length->units, $this->cuts));
        foreach ($this->runs as $run) {
            $units += $run->length()->units * count(array_keys($run->strands, $this->mesh, true));
        }

        return $units;
    }

    /** The packing task it makes on a supply, with runs as shares that each roll may give. */
    public function task(Supply $supply): PackingTask
    {
        return self::pieces(
            $this->cuts,
            array_map(fn (Stock $stock): RollKind => RollKind::of($supply, $stock, $stock->count), $supply->stock),
            $supply->keepFrom,
            $this->shares(),
        );
    }

    /**
     * @param  list<Cut>  $cuts
     * @param  list<RollKind>  $kinds
     * @param  list<RunShare>  $runs  beside them
     */
    public static function pieces(array $cuts, array $kinds, Length $keepFrom, array $runs = []): PackingTask
    {
        $pieces = [];
        foreach ($cuts as $cut) {
            $pieces[$cut->length->units] = ($pieces[$cut->length->units] ?? 0) + 1;
        }

        return PackingTask::of($pieces, $kinds, $keepFrom->units, $runs);
    }

    /** @return list<RunShare> */
    private function shares(): array
    {
        $shares = [];
        foreach ($this->runs as $run) {
            $strands = count(array_keys($run->strands, $this->mesh, true));
            $steps = [];
            foreach ($run->steps as $step) {
                $steps[$step->length()->units] = ($steps[$step->length()->units] ?? 0) + $strands;
            }
            $shares[] = new RunShare($run->tails()->units, $steps);
        }

        return $shares;
    }
}
