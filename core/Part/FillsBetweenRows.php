<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** Can go on between the rows once they are made. */
interface FillsBetweenRows
{
    /** @return array<string, string> what to write in its blanks so that it does */
    public function filling(): array;
}
