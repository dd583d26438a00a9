<?php

namespace App\Devices;

use Davrin\Core\Measure\Weight;

/** The scale on the bench. */
interface Scale
{
    /** @throws ScaleSilent where it says nothing that can be relied on */
    public function read(): Weight;
}
