<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;

/** Where a strand of a run goes from one roll to the next, or is cut there and goes on from the same: both ends are tied at this tie. */
final readonly class RollChange
{
    /** @param  Length  $wouldNeed  what the first roll would have to hold for one element more */
    public function __construct(
        public string $part,
        public int $tie,
        public Element $after,
        public int $fromRoll,
        public int $toRoll,
        public Length $wouldNeed,
    ) {}
}
