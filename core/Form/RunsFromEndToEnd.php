<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

/** An open form whose ends have names: ties are not counted clockwise on it, but from one end to the other. */
interface RunsFromEndToEnd
{
    /** @return array{string, string} the way it begins itself, and the other: "from the top down", "from the bottom up" */
    public function ways(): array;
}
