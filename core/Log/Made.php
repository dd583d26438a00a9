<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Weight;

/** What was measured of a finished piece; what nobody measured is null. */
final readonly class Made
{
    /**
     * @param  list<WorkTime>  $times
     * @param  list<RollTruth>  $rolls
     * @param  array<string, Length>  $spoiled  what of each material was cut for all copies and is of no use, by its id in the plan
     */
    public function __construct(
        public ?Length $wide = null,
        public ?Length $high = null,
        public ?Length $opening = null,
        public ?Length $depth = null,
        public ?Weight $weight = null,
        public Verdict $verdict = Verdict::Unsaid,
        public array $times = [],
        public array $rolls = [],
        public array $spoiled = [],
        public int $copies = 1,
    ) {}
}
