<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/**
 * A kind of part that lies flat, its ends tucked under its neighbours: its outer row goes on first, with the ribbon there, and the inner
 * row over it.
 */
interface FlatOnTheForm {}
