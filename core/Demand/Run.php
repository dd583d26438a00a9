<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/** Continuous mesh tied again and again. It may change rolls only at a tie, and each roll pays both tails. */
final readonly class Run
{
    /** @param  non-empty-list<Step>  $steps */
    public function __construct(
        public string $layer,
        public Length $startTail,
        public array $steps,
        public Length $endTail,
    ) {}

    public function tails(): Length
    {
        return $this->startTail->plus($this->endTail);
    }
}
