<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Form\Form;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Ties\Tie;

/** How large one element gets, in inches; an estimate, with how it comes about. */
final readonly class Size
{
    /**
     * @param  float  $reach  how far it stands out from its row across the form
     * @param  string  $reachBecause  "half the width of the mesh"
     * @param  float  $span  how far it stretches along its row to each side of its middle, for drawings
     * @param  float  $depth  how far it stands up from the table
     * @param  float  $hangs  how far it hangs below its tie
     * @param  bool  $roundTheBand  whether it goes round all the wires, so that its middle is theirs and not its row
     * @param  float  $trails  how far its ends trail from it; pictures make room for that, and no measure of the piece counts it
     * @param  ?LearnedFigure  $reachLearned  what its reach was corrected by; null where it is a starting guess
     * @param  ?LearnedFigure  $depthLearned  what its depth was corrected by
     */
    public function __construct(
        public float $reach,
        public string $reachBecause,
        public float $span,
        public float $depth,
        public string $depthBecause,
        public float $hangs = 0.0,
        public bool $roundTheBand = false,
        public float $trails = 0.0,
        public ?LearnedFigure $reachLearned = null,
        public ?LearnedFigure $depthLearned = null,
    ) {}

    /** Corrected by what the log has taught. */
    public function learned(?LearnedFigure $reach, ?LearnedFigure $depth): self
    {
        return new self(
            $this->reach * ($reach->value ?? 1.0),
            $this->reachBecause,
            $this->span,
            $this->depth * ($depth->value ?? 1.0),
            $this->depthBecause,
            $this->hangs,
            $this->roundTheBand,
            $this->trails,
            $reach ?? $this->reachLearned,
            $depth ?? $this->depthLearned,
        );
    }

    /** Where its reach comes from: "a starting guess", "0.95 times the starting guess, learned from 5 pieces". */
    public function reachFrom(): string
    {
        return $this->reachLearned?->timesWords() ?? 'a starting guess';
    }

    /** Whether it rests on what was measured, not on guesses alone. */
    public function isMeasured(): bool
    {
        return $this->reachLearned !== null || $this->depthLearned !== null;
    }

    /** Whether it is more than what lies on something else, as ribbon does. */
    public function standsOut(): bool
    {
        return $this->reach > 0.0;
    }

    /**
     * How far out from the middle of the form the middle of one on this tie lies, in inches; on a crossbar, which has no outward
     * side, as the crow flies.
     */
    public function out(Form $form, Tie $tie): float
    {
        if ($tie->seat->isCrossbar()) {
            return $tie->place->point()->length();
        }

        return $tie->place->out() + ($this->roundTheBand ? $form->frame->middleFrom($tie->seat) : 0.0);
    }
}
