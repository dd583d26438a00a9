<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;

/** A stretch of a roll and what it is for. */
final readonly class Segment
{
    /**
     * @param  Length  $from  from the free end of the roll
     * @param  string  $part  the part it is for
     * @param  ?int  $tie  the tie it bears: a piece's own, the one a poof ends at, the one a tail hangs at; none where it stands on none
     * @param  ?Element  $element  none for a tail
     */
    public function __construct(
        public SegmentKind $kind,
        public Length $from,
        public Length $length,
        public string $part,
        public ?int $tie,
        public ?Element $element,
    ) {}
}
