<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Fault;

/** Refuses what cannot have been measured of a piece, with the reason and how to mend it. */
final class MustBePossible
{
    /** A form may have been measured a little too large. */
    private const SLACK = 0.25;

    /** One kind of work on one piece takes no more than a day. */
    public const MOST_MINUTES = 1440;

    /** No roll holds so many times what its label says. */
    private const MOST_LABELS = 2;

    /**
     * @throws Fault whose pointer names the blank: "/wide"
     */
    public static function size(Plan $plan, Made $made): void
    {
        $units = $plan->units();
        $box = $plan->form->box();
        foreach (['wide' => [$made->wide, $box->wide()], 'high' => [$made->high, $box->high()]] as $key => [$said, $form]) {
            if ($said !== null && $said->toInches() < $form - self::SLACK) {
                throw Fault::at("/$key", sprintf(
                    'The form alone is %s %s, so the finished piece is no %s %s. Measure it from tip to tip, or mend the form in the plan.',
                    self::shown($form, $units), $key, $units->exact($said), $key,
                ));
            }
        }
        $inside = min($box->wide(), $box->high()) - 2 * $plan->form->frame->band();
        if ($made->opening !== null && $plan->form->closed() && $made->opening->toInches() > $inside + self::SLACK) {
            throw Fault::at('/opening', sprintf(
                'The form alone is open %s inside its wires, so the finished piece is not open %s. Measure the hole in the middle.',
                self::shown($inside, $units), $units->exact($made->opening),
            ));
        }
    }

    /**
     * @throws Fault
     */
    public static function minutes(string $work, float $minutes, int $copies): void
    {
        $most = self::MOST_MINUTES * $copies;
        if ($minutes < 0.0 || $minutes > $most) {
            throw Fault::at('', sprintf(
                '%s for %s %s. Up to %s min are taken for %s, a day: write minutes, not seconds.',
                number_format($minutes, $minutes === floor($minutes) ? 0 : 1).' min',
                $work,
                $minutes < 0.0 ? 'is less than nothing' : 'is '.self::long($minutes),
                number_format($most),
                $copies === 1 ? 'one kind of work on one piece' : "one kind of work on $copies pieces",
            ));
        }
    }

    /**
     * @throws Fault
     */
    public static function roll(RollTruth $roll, Units $units): void
    {
        if ($roll->held !== null && ($roll->held->isNegative() || $roll->held->isMoreThan($roll->label->times(self::MOST_LABELS)))) {
            throw Fault::at('', sprintf(
                '%s says %s on its label and cannot have held %s. Write what it gave with what was left on it.',
                $roll->words, $units->exact($roll->label), $units->exact($roll->held),
            ));
        }
    }

    /**
     * @param  Result  $result  of the plan
     * @param  array<string, Length>  $spoiled  of all copies, by the id of the material
     *
     * @throws Fault whose pointer names the material: "/m1"
     */
    public static function spoiled(Plan $plan, Result $result, int $copies, array $spoiled): void
    {
        $used = Observed::used($result, $copies);
        foreach ($spoiled as $id => $its) {
            Fault::under("/$id", fn () => self::spoiledOf(
                $plan->materials->all[$id]->name(), $its, $used[$id] ?? Length::zero(), $plan->units(),
            ));
        }
    }

    /** @throws Fault */
    private static function spoiledOf(string $name, Length $spoiled, Length $used, Units $units): void
    {
        $most = $used->times(self::MOST_LABELS);
        if (! $used->isPositive()) {
            throw Fault::at('', "Nothing of $name is cut for it, so nothing of it can be spoiled. Leave it out.");
        }
        if ($spoiled->isNegative() || $spoiled->isMoreThan($most)) {
            throw Fault::at('', sprintf(
                '%s of %s was used, and %s of it spoiled is more than twice that. Write the length that was thrown away.',
                $units->needed($used), $name, $units->exact($spoiled),
            ));
        }
    }

    private static function long(float $minutes): string
    {
        $days = $minutes / self::MOST_MINUTES;

        return match (true) {
            $days >= 7 => sprintf('%.1f weeks', $days / 7),
            $days >= 1 => sprintf('%.1f days', $days),
            default => sprintf('%.1f hours', $minutes / 60),
        };
    }

    private static function shown(float $inches, Units $units): string
    {
        return $units->place(Length::nearInches($inches));
    }
}
