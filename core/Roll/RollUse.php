<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Supply\Stock;
use JsonSerializable;

/** One roll, from its free end, and what is left on it. */
final readonly class RollUse implements JsonSerializable
{
    /**
     * @param  Length  $length  what it is counted to hold
     * @param  list<Segment>  $segments  in the order they come off the roll
     */
    public function __construct(public int $number, public Stock $stock, public Length $length, public array $segments) {}

    public function atNominal(): self
    {
        return new self($this->number, $this->stock, $this->stock->nominal, $this->segments);
    }

    public function used(): Length
    {
        $last = $this->segments[count($this->segments) - 1] ?? null;

        return $last === null ? Length::zero() : $last->from->plus($last->length);
    }

    public function left(): Length
    {
        return $this->length->minus($this->used());
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'roll' => $this->number,
            'from' => $this->stock->origin->value,
            'lot' => $this->stock->lot,
            'item' => $this->stock->item,
            'length' => LengthText::canonical($this->length),
            'used' => LengthText::canonical($this->used()),
            'left' => LengthText::canonical($this->left()),
            'segments' => array_map(fn (Segment $segment): array => [
                'kind' => $segment->kind->value,
                'from' => LengthText::canonical($segment->from),
                'length' => LengthText::canonical($segment->length),
                'part' => $segment->part,
                'tie' => $segment->tie,
                'element' => $segment->element?->id,
            ], $this->segments),
        ];
    }
}
