<?php

declare(strict_types=1);

namespace Davrin\Core\Vary;

use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;
use JsonSerializable;

/**
 * One figure of a plan from one value to another, step by step, with what the plan comes to at each: rolls, cost, size, fullness. Where
 * a roll more is opened between two steps, the last step of the ruler before it and the first after it are worked out too.
 */
final readonly class Sweep implements JsonSerializable
{
    public const MOST_POINTS = 60;

    /** More changes are counted, not told one by one. */
    private const MOST_SAID = 3;

    /** So many steps up and down from what it is are shown where nobody says from where to where. */
    private const AROUND = 8;

    /**
     * @param  list<SweepPoint>  $points  from the least up
     * @param  int  $from  units of length, or a count
     */
    private function __construct(
        public Plan $plan,
        public Varied $varied,
        public int $from,
        public int $to,
        public int $step,
        public array $points,
    ) {}

    /**
     * @param  string  $from  as it is typed; empty for the usual
     *
     * @throws Fault where nothing can be read there, or it is too much
     */
    public static function of(
        Plan $plan,
        Varied $varied,
        Engine $engine,
        PlanReader $reader,
        string $from = '',
        string $to = '',
        string $step = '',
    ): self {
        $ruler = self::ruler($plan, $varied);
        $read = fn (string $typed, string $what, int $usual): int => $typed === ''
            ? $usual
            : self::read($varied, $typed, $plan->units(), $what);
        $step = $read($step, 'step', $ruler);
        $around = ($varied->isLength ? self::AROUND : intdiv(self::AROUND, 2)) * $step;
        $from = $read($from, 'from', max(min($step, $varied->now), $varied->now - $around));
        $to = $read($to, 'to', $varied->now + $around);
        self::mustBePossible($plan, $varied, $from, $to, $step);

        $at = fn (int $value): SweepPoint => self::point($plan, $varied, $value, $engine, $reader);
        $points = [];
        for ($value = $from; $value <= $to; $value += $step) {
            $points[$value] = $at($value);
        }
        if ($varied->now > $from && $varied->now < $to) {
            $points[$varied->now] ??= $at($varied->now);
        }
        ksort($points);
        foreach (self::breaksWithin(array_values($points), $ruler, $at) as $point) {
            $points[$point->value] = $point;
        }
        ksort($points);

        return new self($plan, $varied, $from, $to, $step, array_values($points));
    }

    /** @return list<SweepPoint> those that can be made */
    public function made(): array
    {
        return array_values(array_filter($this->points, fn (SweepPoint $point): bool => $point->tally !== null));
    }

    /** @return list<array{SweepPoint, SweepPoint}> neighbours between which the number of opened rolls changes */
    public function breaks(): array
    {
        $breaks = [];
        $made = $this->made();
        foreach (array_slice($made, 1) as $index => $next) {
            if ($next->rolls !== $made[$index]->rolls || ($next->short > 0) !== ($made[$index]->short > 0)) {
                $breaks[] = [$made[$index], $next];
            }
        }

        return $breaks;
    }

    /** @return list<string> what a maker learns from it, in sentences */
    public function sentences(): array
    {
        $rolls = fn (SweepPoint $point): string => Words::count($point->rolls, 'roll')
            .($point->short > 0 ? ' and is '.Words::count($point->short, 'piece').' short' : '');
        $breaks = $this->breaks();
        $said = count($breaks) > self::MOST_SAID ? [sprintf(
            'The rolls change %d times: the columns and the table tell where.',
            count($breaks),
        )] : array_map(fn (array $break): string => sprintf(
            '%s opens %s; %s opens %s.',
            $break[0]->shown,
            $rolls($break[0]),
            $break[1]->shown,
            $rolls($break[1]),
        ), $breaks);
        foreach (array_slice($breaks, 0, self::MOST_SAID) as [$last]) {
            $safe = array_filter($this->made(), fn (SweepPoint $its): bool => $its->isSafeOn($last->rolls));
            $most = $safe === [] ? null : end($safe);
            if ($most !== null && $most->value < $last->value) {
                $said[] = sprintf('If rolls come short, %d are only sure up to %s.', $last->rolls, $most->shown);
            }
        }
        $first = $this->made()[0] ?? null;

        return $said !== [] || $first === null ? $said : [sprintf('All of them open %s.', $rolls($first))];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => 'davrin-sweep',
            'version' => 1,
            'name' => $this->plan->name(),
            'varied' => $this->varied->key,
            'what' => $this->varied->label,
            'points' => $this->points,
            'said' => $this->sentences(),
        ];
    }

    /** As a maker writes it: "7 1/4 in", "8". */
    public function shown(int $value): string
    {
        return self::words($this->varied, $value, $this->plan->units());
    }

    private static function ruler(Plan $plan, Varied $varied): int
    {
        return $varied->isLength ? $plan->units()->step()->units : 1;
    }

    private static function point(Plan $plan, Varied $varied, int $value, Engine $engine, PlanReader $reader): SweepPoint
    {
        $shown = self::words($varied, $value, $plan->units());
        try {
            $other = $value === $varied->now ? $plan : (new FillBlanks($varied->written($value)))->apply($plan, $reader);

            return SweepPoint::of($value, $shown, $value === $varied->now, $engine->figures($other));
        } catch (Refused $refused) {
            return SweepPoint::refused($value, $shown, $refused->getMessage());
        }
    }

    /**
     * Between two steps whose rolls differ, the place where they do, to a step of the ruler: longer pieces never open fewer rolls.
     *
     * @param  list<SweepPoint>  $points
     * @param  callable(int): SweepPoint  $at
     * @return iterable<SweepPoint>
     */
    private static function breaksWithin(array $points, int $ruler, callable $at): iterable
    {
        foreach (array_slice($points, 1) as $index => $next) {
            $last = $points[$index];
            $steps = intdiv($next->value - $last->value, $ruler);
            if ($last->rollCounts() !== $next->rollCounts() && $steps > 1) {
                $middle = $at($last->value + intdiv($steps, 2) * $ruler);
                yield $middle;
                yield from self::breaksWithin([$last, $middle, $next], $ruler, $at);
            }
        }
    }

    private static function read(Varied $varied, string $typed, Units $units, string $what): int
    {
        if ($varied->isLength) {
            try {
                return LengthText::read($typed, $units)->units;
            } catch (Refused $refused) {
                throw Fault::at("/$what", $refused->getMessage());
            }
        }

        return preg_match('/^\d{1,4}$/D', trim($typed)) === 1 ? (int) $typed : throw Fault::at("/$what", sprintf(
            '"%s" is not a whole number. Write digits only, like "6".',
            mb_substr($typed, 0, 40),
        ));
    }

    private static function mustBePossible(Plan $plan, Varied $varied, int $from, int $to, int $step): void
    {
        $said = fn (int $value): string => self::words($varied, $value, $plan->units());
        if ($step < self::ruler($plan, $varied)) {
            throw Fault::at('/step', sprintf('The smallest step is %s.', $said(self::ruler($plan, $varied))));
        }
        if ($from < 0 || $to <= $from) {
            throw Fault::at('/to', sprintf(
                'From %s to %s there is nothing to try. The second has to be more than the first.',
                $said($from),
                $said($to),
            ));
        }
        if (intdiv($to - $from, $step) >= self::MOST_POINTS) {
            throw Fault::at('/step', sprintf(
                'From %s to %s by %s are %d steps; up to %d are tried at once. Take steps of %s, or try a part of it.',
                $said($from),
                $said($to),
                $said($step),
                intdiv($to - $from, $step) + 1,
                self::MOST_POINTS,
                $said(self::roundedUp(intdiv($to - $from, self::MOST_POINTS - 1) + 1, self::ruler($plan, $varied))),
            ));
        }
    }

    private static function roundedUp(int $value, int $ruler): int
    {
        return intdiv($value + $ruler - 1, $ruler) * $ruler;
    }

    private static function words(Varied $varied, int $value, Units $units): string
    {
        return $varied->isLength ? $units->exact(Length::ofUnits($value)) : (string) $value;
    }
}
