<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** Strands tied together that may end before their rolls do, where that saves a roll. */
interface EndsSooner
{
    /** @return array<string, string> what to write in its blanks so that they do */
    public function endingSooner(): array;
}
