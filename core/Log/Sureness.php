<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** How far a learned figure can be relied on. */
enum Sureness: string
{
    case TooFew = 'too few yet';
    case FirstIdea = 'a first idea';
    case FairlySure = 'fairly sure';
    case Sure = 'sure';

    /** With fewer one slip would be half of what is known: the starting guess stands. */
    public const LEAST = 3;

    private const FAIRLY = 5;

    private const WELL = 10;

    /** Beyond such a part of the median that values scatter by, they say little, however many (guesses). */
    private const FAR = 0.15;

    private const CLOSE = 0.10;

    /**
     * @param  int  $from  how many pieces or rolls
     * @param  float  $scatter  how far they usually lie from what was learned, as a part of it
     */
    public static function of(int $from, float $scatter): self
    {
        return match (true) {
            $from < self::LEAST => self::TooFew,
            $from >= self::WELL && $scatter <= self::CLOSE => self::Sure,
            $from >= self::FAIRLY && $scatter <= self::FAR => self::FairlySure,
            default => self::FirstIdea,
        };
    }
}
