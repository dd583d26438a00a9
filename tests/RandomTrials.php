<?php

namespace Tests;

use Eris\TestTrait;

/** Tests with many made-up inputs: bin/test tries a small fixed sample of them, bin/soak all of them with numbers of its own. */
trait RandomTrials
{
    use TestTrait;

    /** How many of so many trials are made here: a quarter, and ten at least. */
    private function trials(int $all): int
    {
        return getenv('TRIALS') === 'all' ? $all : max(10, intdiv($all, 4));
    }
}
