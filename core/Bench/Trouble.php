<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Words\Fault;

/** Something that goes wrong at the bench: what is asked about it, and the ways to go on. Each is registered in Troubles. */
interface Trouble
{
    public function key(): string;

    /** As a choice: "A roll gave out". */
    public function title(): string;

    /** The sentence that is asked; {key} stands for a blank. */
    public function sentence(): string;

    /** @return ?list<Blank<covariant mixed>> null where it cannot happen as the work stands */
    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array;

    /**
     * @return list<Way> the best first
     *
     * @throws Fault where what is written cannot be
     */
    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array;

    /** What is kept of it: "roll 1 of Sage mesh gave 11 pieces". */
    public function words(Situation $now, Slip $slip): string;
}
