<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;

/** A tie where a strand of a run ends and begins anew, from the next roll or the same: both ends are tied in there. */
final readonly class RollChange
{
    /**
     * @param  Length  $wouldNeed  what the first roll would have to hold for one element more
     * @param  bool  $isFull  whether it is counted for less than that; else the strand ends because another one does
     */
    public function __construct(
        public string $part,
        public int $tie,
        public Element $after,
        public int $fromRoll,
        public int $toRoll,
        public Length $wouldNeed,
        public bool $isFull,
    ) {}
}
