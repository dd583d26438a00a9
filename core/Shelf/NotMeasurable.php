<?php

declare(strict_types=1);

namespace Davrin\Core\Shelf;

use Davrin\Core\Words\Refused;

/** What was measured of a roll cannot be so. */
final class NotMeasurable extends Refused
{
    public static function lighterThanCore(string $now, string $core): self
    {
        return new self("A roll that weighs $now is lighter than its core of $core. Weigh it again, or correct what the core weighs.");
    }

    public static function thinnerThanCore(string $now, string $core): self
    {
        return new self("A roll $now across is thinner than its core of $core. Measure it again, or correct the core.");
    }

    public static function moreThanNew(string $now, string $new): self
    {
        return new self("$now is more than the new roll, which was $new. Measure it again, or correct the new roll.");
    }

    public static function coreIsAll(string $core, string $new): self
    {
        return new self("A core of $core leaves no mesh on a new roll of $new. Correct one of the two.");
    }

    public static function longerThanNew(string $now, string $new): self
    {
        return new self("$now cannot be left on a roll that held $new when it was new.");
    }

    public static function notThatWay(): self
    {
        return new self(
            'Rolls are weighed or measured, and what is no roll is counted. Load the page again and choose a way that stands there.',
        );
    }

    public static function cutMore(string $cut, string $left): self
    {
        return new self("$cut cannot be cut from $left.");
    }
}
