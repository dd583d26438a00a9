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
     * @param  string  $for  "tie 7", "bundle 3 at tie 3", "the start tail"
     */
    public function __construct(public string $key, public Segment $segment, public Length $total, public string $for, public bool $isTied) {}
}
