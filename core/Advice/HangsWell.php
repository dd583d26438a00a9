<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Estimate\WeightEstimate;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Finish;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Words;

/** A piece that is heavier than its hook carries, that hangs askew, or whose open back is seen through glass. */
final readonly class HangsWell implements Rule
{
    public const HEAVY = 'hook';

    public const ASKEW = 'askew';

    public const SEEN = 'back-seen';

    private const ABOUT = 'finish';

    /** More degrees than this out of level are seen (a guess). */
    private const LEVEL = 3.0;

    public function look(Plan $plan, Result $result): array
    {
        $weight = WeightEstimate::of($plan, $result->goods);

        return array_values(array_filter([self::hook($plan, $weight), self::askew($plan, $weight), self::seen($plan->finish)]));
    }

    private static function hook(Plan $plan, WeightEstimate $weight): ?Warning
    {
        $hook = $plan->finish->hook();

        return $hook === null || $weight->grams * 100 <= $hook->hundredths ? null : new Warning(
            self::HEAVY,
            self::ABOUT,
            [],
            'Too heavy for its hook.',
            sprintf(
                'What is known of it comes to %d g%s, and the hook is rated for %s.',
                (int) round($weight->grams),
                $weight->unknown === [] ? '' : ' without '.Words::list($weight->unknown),
                $hook->shown(),
            ),
            [],
            fn (): array => [],
            'Hang it on a stronger hook.',
        );
    }

    /** Out of level by the angle between straight down and the way from where it hangs to the middle of its weight. */
    private static function askew(Plan $plan, WeightEstimate $weight): ?Warning
    {
        $hangs = $plan->finish->hangsAt()->point();
        $middle = $weight->middle;
        $way = $middle?->minus($hangs);
        // What hangs in its middle turns as it likes, and says nothing of how it was meant.
        if ($middle === null || $way === null || $way->y <= 0.5 || abs($degrees = rad2deg(atan2($way->x, $way->y))) <= self::LEVEL) {
            return null;
        }

        return new Warning(
            self::ASKEW,
            self::ABOUT,
            [],
            'It hangs askew.',
            sprintf(
                'By what is known of its weight it hangs about %d degrees out of level: its %s side is the heavier.',
                (int) round($degrees),
                $way->x > 0.0 ? 'right' : 'left',
            ),
            [],
            fn (): array => self::aboveTheMiddle($plan, $hangs, $middle->x),
            'Move what is heavy towards the middle.',
        );
    }

    /**
     * The same height on the form, straight above the middle of its weight.
     *
     * @return list<Proposal>
     */
    private static function aboveTheMiddle(Plan $plan, Point $hangs, float $x): array
    {
        $far = hypot($x, $hangs->y);
        $angle = (int) round(rad2deg(atan2($x, -$hangs->y)));
        $inches = $plan->units()->exact(Length::inches(0, (int) round($far * 8), 8));

        return [Proposal::filling(["Hang it by a spot at $angle degrees", ['finish.'.Finish::HANG_AT => "$inches at $angle degrees"]])];
    }

    private static function seen(Finish $finish): ?Warning
    {
        return ! $finish->isSeenFromBehind() || ! $finish->isOpen() ? null : new Warning(
            self::SEEN,
            self::ABOUT,
            [],
            'Its back is seen.',
            'Through the glass the stems, the ties and the hollow of the form are seen.',
            [],
            fn (): array => array_map(
                fn (string $words, string $key): Proposal => Proposal::filling([$words, ['finish.'.Finish::BACK => $key]]),
                ['Cover it with felt', 'Cover it with a board'],
                ['felt', 'board'],
            ),
        );
    }
}
