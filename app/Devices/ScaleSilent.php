<?php

namespace App\Devices;

use Davrin\Core\Words\Refused;

/** The scale gives no weight. */
final class ScaleSilent extends Refused
{
    public static function off(): self
    {
        return new self('The scale does not answer. Switch it on, or type the weight that you read on another one.');
    }

    public static function unsteady(): self
    {
        return new self('The scale has not come to rest. Let go of the roll, wait a moment and read it again.');
    }

    public static function empty(): self
    {
        return new self('Nothing lies on the scale. Lay the roll on it, with its core, and read it again.');
    }
}
