<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Mesh;
use Davrin\Core\Roll\RollPlan;

/** One mesh of a batch: cut for all its plans together, and what it would come to were each cut alone from new rolls. */
final readonly class BatchMesh
{
    /**
     * @param  array<string, string>  $for  whose each element is, by its id: "Barn wedding, 2nd: ruffle at tie 7"
     * @param  int  $openedApart  full rolls, were each cut alone from new rolls of its own
     * @param  Money  $moneyApart  for new rolls then
     */
    public function __construct(public Mesh $mesh, public RollPlan $rolls, private array $for, public int $openedApart, public Money $moneyApart) {}

    public function for(Element $element): string
    {
        return $this->for[$element->id];
    }

    /** @return list<string> what no roll is left for */
    public function unmet(): array
    {
        return array_map($this->for(...), $this->rolls->unmet);
    }
}
