<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Money;
use Davrin\Core\Roll\RollPlan;

/** One mesh of a batch: cut for all its plans together, and what it would come to were each cut alone from new rolls. */
final readonly class BatchMaterial
{
    /**
     * @param  array<string, BatchPart>  $layers  by the key that elements and segments name
     * @param  int  $openedApart  full rolls, were each cut alone from new rolls of its own
     * @param  Money  $moneyApart  for new rolls then
     * @param  ?string  $lot  that it is cut from alone, where other pieces of work are cut from another
     */
    public function __construct(public Wound $mesh, public RollPlan $rolls, private array $layers, public int $openedApart, public Money $moneyApart, public ?string $lot = null) {}

    /** "Sage mesh", "Sage mesh, lot B7" */
    public function name(): string
    {
        return $this->mesh->name().($this->lot === null ? '' : ", lot $this->lot");
    }

    public function layer(string $key): BatchPart
    {
        return $this->layers[$key];
    }

    /** "Barn wedding, no. 2: ruffle at tie 7" */
    public function for(Element $element): string
    {
        $its = $this->layers[$element->layer];
        $noun = $its->layer->technique->noun()[0];

        return "$its->whose: ".match (count($element->ties)) {
            0 => "$noun $element->number",
            1 => "$noun at tie {$element->ties[0]}",
            default => "$noun to tie {$element->ties[1]}",
        };
    }

    /** @return list<string> what no roll is left for */
    public function unmet(): array
    {
        return array_map($this->for(...), $this->rolls->unmet);
    }
}
