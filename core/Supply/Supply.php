<?php

declare(strict_types=1);

namespace Davrin\Core\Supply;

use Davrin\Core\Measure\Length;

/** What there is of one mesh to work with, judged by its nominal or its safe length. */
final readonly class Supply
{
    /**
     * @param  list<Stock>  $stock
     * @param  bool  $isSafe  whether every roll counts as short as it may come
     * @param  bool  $mixesLots  whether rolls of different lots may be cut for one plan
     * @param  Length  $keepFrom  a leftover as long as this is kept
     */
    public function __construct(public array $stock, public bool $isSafe, public bool $mixesLots, public Length $keepFrom) {}

    public function length(Stock $stock): Length
    {
        return $this->isSafe ? $stock->safe : $stock->nominal;
    }

    /** How much more a roll is said to hold than it is counted for here. */
    public function heldBack(Stock $stock): Length
    {
        return $stock->nominal->minus($this->length($stock));
    }

    /** The same, each roll counted as short as it may come. */
    public function asShort(): self
    {
        return new self($this->stock, true, $this->mixesLots, $this->keepFrom);
    }

    /** The same, each roll counted for what it is said to hold. */
    public function atNominal(): self
    {
        return new self($this->stock, false, $this->mixesLots, $this->keepFrom);
    }

    /** @return non-empty-list<self> one for each lot that may be kept to; what bears no lot goes with all */
    public function byLot(): array
    {
        $lots = $this->lots();

        return count($lots) < 2
            ? [$this]
            : array_map(
                fn (string $lot): self => $this->with(fn (Stock $stock): bool => $stock->lot === null || $stock->lot === $lot),
                $lots,
            );
    }

    /** @return list<string> the lots that must be kept apart; none where they may mix */
    public function lots(): array
    {
        return $this->mixesLots
            ? []
            : array_values(
                array_unique(
                    array_filter(
                        array_map(fn (Stock $stock): ?string => $stock->lot, $this->stock),
                        fn (?string $lot): bool => $lot !== null,
                    ),
                ),
            );
    }

    /** How much of counted rolls there is together. */
    public function together(): Length
    {
        return Length::sum(array_map(fn (Stock $stock): Length => $this->length($stock)->times($stock->count ?? 0), $this->stock));
    }

    /** Nothing but what there is of this lot. */
    public function ofLot(string $lot): self
    {
        return $this->with(fn (Stock $stock): bool => $stock->lot === $lot);
    }

    public function withoutLot(string $lot): self
    {
        return $this->with(fn (Stock $stock): bool => $stock->lot !== $lot);
    }

    /** The same where lots may mix. */
    public function mixed(): self
    {
        return new self($this->stock, $this->isSafe, true, $this->keepFrom);
    }

    /** @param  callable(Stock): bool  $is */
    private function with(callable $is): self
    {
        return new self(array_values(array_filter($this->stock, $is)), $this->isSafe, $this->mixesLots, $this->keepFrom);
    }

    /** How many new rolls there may be; null for as many as needed. */
    public function newRolls(): ?int
    {
        $new = array_filter($this->stock, fn (Stock $stock): bool => $stock->origin === Origin::New);

        return $new === [] ? 0 : reset($new)->count;
    }

    /** The same, with no more new rolls than so many. */
    public function withNew(?int $count): self
    {
        return $this->keeping(fn (Stock $stock): ?int => $stock->origin === Origin::New ? $count : $stock->count);
    }

    /**
     * The same, with so many of each.
     *
     * @param  callable(Stock): ?int  $count
     */
    public function keeping(callable $count): self
    {
        $keep = fn (Stock $stock): Stock => $count($stock) === $stock->count ? $stock : $stock->withCount($count($stock));

        return new self(array_map($keep, $this->stock), $this->isSafe, $this->mixesLots, $this->keepFrom);
    }

    /** The longest that one of them is. */
    public function longest(): Length
    {
        return Length::ofUnits(max([0, ...array_map(fn (Stock $stock): int => $stock->nominal->units, $this->stock)]));
    }
}
