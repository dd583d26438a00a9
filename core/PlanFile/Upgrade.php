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

    /**
     * Where in the older document that stood which is at a JSON pointer in the upgraded one, so that a fault names a place of the file.
     *
     * @param  stdClass  $document  the older one
     */
    public function pointer(string $pointer, stdClass $document): string;
}
