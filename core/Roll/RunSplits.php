<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

/**
 * Where the strands of a run end and begin anew: after as many steps as their rolls hold, or, from some stretch on, in equal
 * parts. Two strands in three equal parts come off three rolls, each roll serving two parts; running each roll to its end would
 * leave the third over.
 */
final readonly class RunSplits
{
    /**
     * @param  int  $whole  so many stretches go as far as the rolls reach
     * @param  int  $parts  what is left then is laid in so many parts, on the rolls that most is left on
     */
    private function __construct(public int $whole, public int $parts) {}

    public static function asFarAsTheyReach(): self
    {
        return new self(PHP_INT_MAX, 1);
    }

    public static function inParts(int $whole, int $parts): self
    {
        return new self($whole, $parts);
    }
}
