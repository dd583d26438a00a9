<?php

declare(strict_types=1);

namespace Davrin\Core\Batch;

use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Money;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Supply\Origin;
use JsonSerializable;

/** One mesh of a batch: cut for all its plans together, and what it would come to were each cut alone from new rolls. */
final readonly class BatchMaterial implements JsonSerializable
{
    /**
     * @param  array<string, BatchPart>  $parts  by the key that elements and segments name
     * @param  int  $openedApart  full rolls, were each cut alone from new rolls of its own
     * @param  Money  $moneyApart  for new rolls then
     * @param  ?string  $lot  that it is cut from alone, where other pieces of work are cut from another
     */
    public function __construct(
        public Wound $wound,
        public RollPlan $rolls,
        private array $parts,
        public int $openedApart,
        public Money $moneyApart,
        public ?string $lot = null,
    ) {}

    /** "Sage mesh", "Sage mesh, lot B7" */
    public function name(): string
    {
        return $this->wound->name().($this->lot === null ? '' : ", lot $this->lot");
    }

    public function part(string $key): BatchPart
    {
        return $this->parts[$key];
    }

    /** "Barn wedding, no. 2: ruffle at tie 7" */
    public function for(Element $element): string
    {
        $its = $this->parts[$element->part];
        $noun = $its->part->kind->noun()[0];

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

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name(),
            'kind' => $this->wound->kind->key(),
            'used' => LengthText::canonical($this->rolls->used()),
            'left' => LengthText::canonical($this->rolls->left()),
            'rolls' => count($this->rolls->rolls),
            'newRolls' => count($this->rolls->from(Origin::New)),
            'opened' => $this->rolls->opened(),
            'openedApart' => $this->openedApart,
            'money' => $this->wound->money($this->rolls->cents())->canonical(),
            'moneyApart' => $this->moneyApart->canonical(),
            'isBest' => $this->rolls->isProvenBest(),
            'cuts' => $this->rolls->rolls,
            'unmet' => $this->unmet(),
        ];
    }
}
