<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** One piece of the log, for looking at how good estimates were: what was measured of it, and what its size follows from. */
final readonly class Past
{
    /**
     * @param  list<Observation>  $observed
     * @param  list<WorkTime>  $times
     * @param  ?array{guess: float, said?: float, real: float, slope: float}  $size  in inches: by starting guesses, as measured, and by how
     *                        much it grows with the multiple of the reach; null where it was not measured
     * @param  list<float>  $allowed  how much shorter than its label each roll that was measured was taken to be, in percent
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $observed,
        public array $times,
        public ?array $size,
        public array $allowed,
    ) {}
}
