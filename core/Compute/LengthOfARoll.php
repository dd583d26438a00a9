<?php

declare(strict_types=1);

namespace Davrin\Core\Compute;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Part;

/** One length that a part takes of a material again and again, and what so many of them are called. */
final readonly class LengthOfARoll
{
    /** @param  Length  $tails  that each roll pays beside them, where they are steps of a run */
    private function __construct(
        public Length $length,
        public Length $tails,
        public bool $isOfRun,
        public string $one,
        public string $many,
    ) {}

    /** @return list<self> */
    public static function takenBy(Part $part, string $material): array
    {
        [$one, $many] = $part->kind->noun();
        $cuts = array_filter($part->demand->cuts, fn (Cut $cut): bool => $cut->material === $material);
        $isOneEach = count($part->demand->cuts) === count($part->demand->elements);
        [$piece, $pieces] = $isOneEach ? [$one, $many] : ['piece', 'pieces'];
        $taken = [];
        foreach ($cuts as $cut) {
            $taken[$cut->length->units] = new self($cut->length, Length::zero(), false, $piece, $pieces);
        }
        foreach ($part->demand->runs as $run) {
            $strands = count(array_keys($run->strands, $material, true));
            $of = $strands > 1 ? ' of one strand' : '';
            if ($strands > 0) {
                $pitch = $run->steps[count($run->steps) - 1]->pitch;
                $taken["{$pitch->units} in a run"] = new self($pitch, $run->tails(), true, $one.$of, $many.$of);
            }
        }

        return array_values($taken);
    }

    /** The same for what is cut to one length, whatever becomes of it. */
    public function key(): string
    {
        return "{$this->length->units}/{$this->tails->units}/".(int) $this->isOfRun;
    }

    /** What another part takes of the same length, too. */
    public function beside(self $other): self
    {
        return $other->one === $this->one ? $this : new self($this->length, $this->tails, $this->isOfRun, 'piece', 'pieces');
    }

    /** How many come off so much. */
    public function on(Length $there): int
    {
        return intdiv(max(0, $there->minus($this->tails)->units), max(1, $this->length->units));
    }
}
