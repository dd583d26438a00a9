<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;

/** What the log says of one thing: what was guessed, what really came, how many pieces say so, and how sure that is. */
final readonly class Lesson
{
    /**
     * @param  string  $words  what it is of
     * @param  float  $guess  the starting guess, in the unit of its observations; of rolls and waste in percent
     * @param  float  $real  what the log says instead, in the same unit
     * @param  float  $value  the same as a learned figure holds it
     * @param  array{float, float}  $middleHalf  between which the middle half of what was measured lies, in the unit of the guess
     * @param  list<float>  $slips  what was left aside, in the unit of the guess
     */
    public function __construct(
        public Subject $subject,
        public Scope $scope,
        public string $words,
        public float $guess,
        public float $real,
        public float $value,
        public int $from,
        public Sureness $sureness,
        public array $middleHalf,
        public array $slips = [],
    ) {}

    public function key(): string
    {
        return $this->subject->value.'|'.$this->scope->key();
    }

    /** Null while too few pieces say so. */
    public function figure(): ?LearnedFigure
    {
        [$least, $most] = $this->subject->bounds();

        return $this->sureness === Sureness::TooFew
            ? null
            : new LearnedFigure($this->subject, $this->scope, max($least, min($most, $this->value)), $this->from);
    }
}
