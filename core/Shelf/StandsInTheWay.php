<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

use Davrin\Core\Words\Refused;

/** Why something that happened on the shelf cannot be undone just now. */
final class StandsInTheWay extends Refused
{
    public static function undoneAlready(): self
    {
        return new self('That is undone already.');
    }

    public static function measuredSince(): self
    {
        return new self('It was measured since, and what was measured knows of it. Undo the measuring first, or measure it anew.');
    }

    public static function usedSince(): self
    {
        return new self('Something was cut or measured of it since it came. Undo that first, or say that it is gone.');
    }

    public static function tooLittle(string $left, string $by): self
    {
        return new self("Only $left of it is left, and $by would have to go. Undo what was taken from it since first.");
    }

    public static function held(string $held, string $left): self
    {
        return new self("$held of it is reserved, and $left would be left. Give the reservation back first.");
    }

    public static function goneAlready(): self
    {
        return new self('Nothing of it is left: somebody took it off the shelf already.');
    }

    public static function lessThanNothing(string $left): self
    {
        return new self("Only $left of it is left, and more would have to go. Look at what is there and do it again.");
    }
}
