<?php

declare(strict_types=1);

namespace Davrin\Core\Cut;

use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\Segment;

/** One stroke of the cutter, or one stretch of a run that is not cut but tied. */
final readonly class SheetCut
{
    /**
     * @param  string  $key  its own on the sheet, to tick it
     * @param  Length  $total  how much is off the roll once it is cut
     * @param  string  $for  "ruffle at tie 7", "start tail at tie 1"
     * @param  ?string  $whose  which piece of work it is for, where several are cut together: "Barn wedding, no. 2"
     */
    public function __construct(
        public string $key,
        public Segment $segment,
        public Length $total,
        public string $for,
        public bool $isTied,
        public ?string $whose = null,
    ) {}
}
