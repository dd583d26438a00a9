<?php

declare(strict_types=1);

namespace Davrin\Core\Roll;

/**
 * Where the strands of a run end and begin anew: as far as their rolls reach, or, from some stretch on, in so many parts alike.
 * Three rolls serve two strands in three parts, each roll in two of them; as far as they reach they would leave the third one over.
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
