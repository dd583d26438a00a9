<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Price\Terms;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Fault;

/** A finished piece as a file of the log says it. */
final readonly class LoggedPiece
{
    /**
     * @param  Plan  $plan  as it was made, with what was learned then
     * @param  Terms  $terms  what it was priced by
     * @param  Slip  $slip  what is written in its sentences
     * @param  list<WorkTime>  $times
     * @param  list<RollTruth>  $rolls
     * @param  array<string, Length>  $spoiled  by the id of the material
     * @param  list<array{at: string, words: string}>  $notes
     */
    public function __construct(
        public Plan $plan,
        public Terms $terms,
        public Slip $slip,
        public array $times,
        public array $rolls,
        public array $spoiled,
        public array $notes,
    ) {}

    /**
     * What is to be asked of it once it is worked out.
     *
     * @param  Result  $result  of its plan
     *
     * @throws Fault where more was spoiled than can have been
     */
    public function check(Result $result): void
    {
        Fault::under('/spoiled', fn () => MustBePossible::spoiled($this->plan, $result, $this->slip->count('copies'), $this->spoiled));
    }
}
