<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use stdClass;

/** Makes a plan document of one version into one of the next. */
interface Upgrade
{
    /** The version it starts from. */
    public function from(): int;

    public function upgrade(stdClass $document): stdClass;
}
