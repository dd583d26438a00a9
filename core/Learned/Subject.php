<?php

declare(strict_types=1);

namespace Davrin\Core\Learned;

/** What the log corrects. Each is learned by itself, for a scope. */
enum Subject: string
{
    /** Of a kind of work: how many times the starting guess it takes. */
    case Minutes = 'minutes';

    /** How many times the starting guess an element stands out from its row. */
    case Reach = 'reach';

    /** How many times the starting guess an element is deep. */
    case Depth = 'depth';

    /** Square inches of mesh per inch of form, below which it is thin. */
    case Thin = 'thin';

    /** Square inches of mesh per inch of form, above which it is very full. */
    case Full = 'full';

    /** How much shorter than its label a roll may be, in percent. */
    case Shortfall = 'shortfall';

    /** How much more than what is used gets spoiled, in percent of what is used. */
    case Waste = 'waste';

    /** As a heading. */
    public function words(): string
    {
        return match ($this) {
            self::Minutes => 'Minutes',
            self::Reach => 'How far pieces stand out',
            self::Depth => 'How deep pieces are',
            self::Thin => 'When it looks thin',
            self::Full => 'When it looks very full',
            self::Shortfall => 'How short rolls come',
            self::Waste => 'What gets spoiled',
        };
    }

    /**
     * What can be held: nobody works in no time, and a roll that lacks a quarter is no roll.
     *
     * @return array{float, float}
     */
    public function bounds(): array
    {
        return match ($this) {
            self::Minutes => [0.05, 20.0],
            self::Reach, self::Depth => [0.2, 4.0],
            self::Thin, self::Full => [10.0, 999.0],
            self::Shortfall => [0.0, 25.0],
            self::Waste => [0.0, 50.0],
        };
    }

    /** Whether it stands in place of a starting guess in percent, not as a multiple of one. */
    public function isPercent(): bool
    {
        return $this === self::Shortfall || $this === self::Waste;
    }

    /** Whether it is how many times a starting guess. */
    public function isFactor(): bool
    {
        return in_array($this, [self::Minutes, self::Reach, self::Depth], true);
    }
}
