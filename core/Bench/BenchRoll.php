<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Measure\Length;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;

/** A roll as it lies at the bench, with what comes off it, from its free end. What comes of it stays with the build. */
final readonly class BenchRoll
{
    /**
     * @param  string  $key  its own within the build: "sage-1"
     * @param  string  $material  its id in the plan of the first piece of work that is cut from it
     * @param  int  $number  among the rolls of its material, from 1
     * @param  Length  $length  what it holds: by its label, or as it turned out
     * @param  Length  $safe  what can be relied on
     * @param  list<BenchCut>  $cuts
     * @param  ?int  $item  of the shelf
     * @param  bool  $isSpent  whether it gave out, or was left: nothing more comes off it
     */
    public function __construct(
        public string $key,
        public string $material,
        public int $number,
        public Origin $origin,
        public Length $length,
        public Length $safe,
        public array $cuts,
        public ?string $lot = null,
        public ?int $item = null,
        public bool $isSpent = false,
    ) {}

    /** Whether it is one of these, as the plan says they are on hand. */
    public function isOf(Stock $stock): bool
    {
        return [$this->item, $this->origin, $this->lot] === [$stock->item, $stock->origin, $stock->lot]
            && $this->length->equals($stock->nominal);
    }

    public function used(): Length
    {
        return Length::sum(array_map(fn (BenchCut $cut): Length => $cut->length, $this->cuts));
    }

    public function left(): Length
    {
        return $this->isSpent ? Length::zero() : $this->length->minus($this->used());
    }

    /** What came off it and is of no use. */
    public function wasted(): Length
    {
        return Length::sum(array_map(
            fn (BenchCut $cut): Length => $cut->length,
            array_values(array_filter($this->cuts, fn (BenchCut $cut): bool => $cut->isWaste())),
        ));
    }

    /** @param  list<BenchCut>  $cuts */
    public function with(array $cuts): self
    {
        return new self(
            $this->key,
            $this->material,
            $this->number,
            $this->origin,
            $this->length,
            $this->safe,
            $cuts,
            $this->lot,
            $this->item,
            $this->isSpent,
        );
    }

    /** As it turned out: it held no more than this. */
    public function spentAt(Length $length): self
    {
        return $this->holding($length, $length, true);
    }

    /** The same where no more than this of it is to be had; what there is of it is still cut from. */
    public function shortenedTo(Length $length): self
    {
        return $this->holding($length, $this->safe->isMoreThan($length) ? $length : $this->safe, $this->isSpent);
    }

    private function holding(Length $length, Length $safe, bool $isSpent): self
    {
        return new self(
            $this->key,
            $this->material,
            $this->number,
            $this->origin,
            $length,
            $safe,
            $this->cuts,
            $this->lot,
            $this->item,
            $isSpent,
        );
    }

    /** @return array<string, mixed> */
    public function asData(): array
    {
        return [
            'key' => $this->key,
            'material' => $this->material,
            'number' => $this->number,
            'origin' => $this->origin->value,
            'length' => $this->length->units,
            'safe' => $this->safe->units,
            'cuts' => array_map(fn (BenchCut $cut): array => $cut->asData(), $this->cuts),
            'lot' => $this->lot,
            'item' => $this->item,
            'spent' => $this->isSpent,
        ];
    }

    /**
     * @param  array{
     *     key: string, material: string, number: int, origin: string, length: int, safe: int, cuts: list<mixed>, lot: ?string, item: ?int,
     *     spent: bool,
     * }  $data
     */
    public static function fromData(array $data): self
    {
        return new self(
            $data['key'],
            $data['material'],
            $data['number'],
            Origin::from($data['origin']),
            Length::ofUnits($data['length']),
            Length::ofUnits($data['safe']),
            // @phpstan-ignore argument.type (as asData wrote them)
            array_map(fn (mixed $cut): BenchCut => BenchCut::fromData((array) $cut), $data['cuts']),
            $data['lot'],
            $data['item'],
            $data['spent'],
        );
    }
}
