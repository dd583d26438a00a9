<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** What is done at one unit of the work. */
enum Deed: string
{
    case Tie = 'tie';
    case Cut = 'cut';
    case Fetch = 'fetch';
    case Make = 'make';
    case Whole = 'whole';
}
