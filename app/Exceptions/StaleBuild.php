<?php

namespace App\Exceptions;

use Davrin\Core\Words\Refused;

/** Why what went wrong was not acted on. */
final class StaleBuild extends Refused
{
    public static function changed(): self
    {
        return new self('The work was planned anew in another window meanwhile. Here is how it stands now: say again what went wrong.');
    }

    public static function finished(): self
    {
        return new self('This build was finished, and the shelf is settled. Open it again first, on its record, then go on.');
    }

    public static function putAway(): self
    {
        return new self('This build was put away in another window. Take it up again first: it is at the foot of the list of builds.');
    }

    public static function noSuchWay(): self
    {
        return new self('That way out is not open any more, as the work or the shelf has changed. Here is what can be done now.');
    }
}
