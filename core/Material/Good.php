<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;

/** What is bought by the pack and used by the piece: chenille stems, zip ties, picks. */
final readonly class Good extends Material
{
    public function __construct(string $id, public CountedKind $counted, Slip $slip)
    {
        parent::__construct($id, $counted, $slip);
    }

    public function name(): string
    {
        return $this->counted->called($this->slip);
    }

    /** How many come in a pack. */
    public function pack(): int
    {
        return $this->slip->count('pack');
    }

    /** @return list<PiecesOnHand> what is there already */
    public function onHand(): array
    {
        return $this->slip->objects('onHand', PiecesOnHand::class);
    }

    /**
     * The same with what another plan has on hand of it; what both name, as the same thing on the shelf or in the same words, is there
     * once.
     */
    public function beside(self $other): self
    {
        $all = [
            ...$this->onHand(),
            ...array_filter($other->onHand(), fn (PiecesOnHand $there): bool => ! in_array($there, $this->onHand(), false)),
        ];
        $written = array_map(fn (PiecesOnHand $there): string => $there->words(), $all);

        return new self($this->id, $this->counted, $this->slip->with('onHand', $written, Units::Inches));
    }

    /** What one weighs; null where nobody weighed it. */
    public function weighs(): ?Weight
    {
        return $this->slip->weightIfAny(SoldByThePiece::WEIGHS);
    }

    /** How many pieces are there already. */
    public function there(): int
    {
        return array_sum(array_column($this->onHand(), 'count'));
    }
}
