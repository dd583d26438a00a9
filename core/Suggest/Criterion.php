<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

/** What makes one suggestion better than another. */
enum Criterion: string
{
    case Cheapest = 'cheapest';
    case LeastBought = 'least-bought';
    case Quickest = 'quickest';
    case Fullest = 'fullest';
    case Largest = 'largest';
    case Scraps = 'scraps';

    /** As a choice: "what is cheapest". */
    public function words(): string
    {
        return match ($this) {
            self::Cheapest => 'what is cheapest',
            self::LeastBought => 'what needs least bought',
            self::Quickest => 'what is quickest',
            self::Fullest => 'what is fullest',
            self::Largest => 'what is largest',
            self::Scraps => 'what uses up most opened rolls',
        };
    }

    /** As praise: "the cheapest". */
    public function praise(): string
    {
        return match ($this) {
            self::Cheapest => 'the cheapest',
            self::LeastBought => 'the one that needs least bought',
            self::Quickest => 'the quickest',
            self::Fullest => 'the fullest',
            self::Largest => 'the largest',
            self::Scraps => 'the one that uses up most of what is open',
        };
    }

    /** Where others are as good: "as cheap as any". */
    public function levelWith(): string
    {
        return match ($this) {
            self::Cheapest => 'as cheap as any',
            self::LeastBought => 'no more to buy than for any',
            self::Quickest => 'as quick as any',
            self::Fullest => 'as full as any',
            self::Largest => 'as large as any',
            self::Scraps => 'as good as any at using up what is open',
        };
    }

    /** Less is better. */
    public function of(Metrics $its): float
    {
        return match ($this) {
            self::Cheapest => (float) $its->cents,
            self::LeastBought => $its->rollsToBuy * 1000.0 + $its->packsToBuy,
            self::Quickest => (float) $its->minutes,
            self::Fullest => -$its->shape->ofMost,
            self::Largest => -$its->shape->across,
            self::Scraps => -$its->scraps,
        };
    }
}
