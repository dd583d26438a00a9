<?php

namespace App\Vary;

use Davrin\Core\Measure\LengthText;
use Davrin\Core\Result\Tally;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\SweepPoint;

/** A sweep as it is drawn: a column of rolls for each value, and below it how cost, size and fullness go. Units of the drawing. */
final readonly class SweepChart
{
    public const WIDE = 640;

    /** How high the columns of rolls may get, and where they stand. */
    public const FLOOR = 190;

    private const HIGHEST = 150;

    /** A line below the columns: how high it is, and how far below the one before. */
    public const BAND = 46;

    private const ROLL = 15.0;

    private const LABEL = 46.0;

    private float $apart;

    /** @var list<SweepPoint> */
    public array $points;

    private float $roll;

    public function __construct(public Sweep $sweep)
    {
        $this->points = $sweep->made();
        $this->apart = self::WIDE / max(1, count($this->points));
        $most = max([1, ...array_map(fn (SweepPoint $its): int => max($its->rolls, $its->safe ?? 0), $this->points)]);
        $this->roll = min(self::ROLL, self::HIGHEST / $most);
    }

    public function high(): int
    {
        return self::FLOOR + 26 + count($this->lines()) * self::BAND;
    }

    /** The middle of the column of a point. */
    public function x(int $index): float
    {
        return round(($index + 0.5) * $this->apart, 2);
    }

    public function wide(): float
    {
        return round(min(34.0, $this->apart * 0.72), 2);
    }

    /**
     * The rolls of a point from the floor up: those that are opened, and those that it may take besides should they come short.
     *
     * @return list<array{float, bool}> the top of each, and whether it is only needed then
     */
    public function rolls(SweepPoint $point): array
    {
        $rolls = [];
        for ($number = 1; $number <= max($point->rolls, $point->safe ?? 0); $number++) {
            $rolls[] = [round(self::FLOOR - $number * $this->roll, 2), $number > $point->rolls];
        }

        return $rolls;
    }

    public function rollHigh(): float
    {
        return round($this->roll * 0.8, 2);
    }

    /** Whether there is room to write a value under its column. */
    public function isLabelled(int $index): bool
    {
        $every = (int) ceil(self::LABEL / $this->apart);

        return $index % $every === 0 || $this->points[$index]->isNow;
    }

    /** @return list<array{int, string}> after which points rolls are added or saved, and how many: "+ 3 rolls" */
    public function breaks(): array
    {
        $breaks = [];
        foreach ($this->sweep->breaks() as [$last, $next]) {
            $more = $next->rolls - $last->rolls;
            $breaks[] = [
                (int) array_search($last, $this->points, true),
                $more === 0 ? ($next->short > 0 ? 'short' : 'enough') : sprintf('%s%d', $more > 0 ? '+' : '', $more),
            ];
        }

        return $breaks;
    }

    /** Where the line of a break stands. */
    public function edge(int $after): float
    {
        return round(($after + 1) * $this->apart, 2);
    }

    /** @return list<array{label: string, path: string, least: string, most: string, now: ?array{float, float}}> */
    public function lines(): array
    {
        $of = [
            'cost' => [
                fn (SweepPoint $its): float => (float) $its->cost?->cents,
                fn (SweepPoint $its): string => (string) $its->cost?->shown(),
            ],
            'size' => [
                fn (SweepPoint $its): float => self::inches($its->tally),
                fn (SweepPoint $its): string => (string) $its->tally?->across->shown,
            ],
            'fullness' => [fn (SweepPoint $its): float => (float) $its->tally?->fullness->value, $this->fullness(...)],
        ];

        return $this->points === [] ? [] : array_map(
            fn (string $label, array $its): array => $this->line($label, ...$its),
            array_keys($of),
            $of,
        );
    }

    /**
     * @param  callable(SweepPoint): float  $number
     * @param  callable(SweepPoint): string  $words
     * @return array{label: string, path: string, least: string, most: string, now: ?array{float, float}}
     */
    private function line(string $label, callable $number, callable $words): array
    {
        $numbers = array_map($number, $this->points);
        [$least, $most] = [min([0.0, ...$numbers]) < 0 ? 0.0 : min($numbers ?: [0.0]), max($numbers ?: [0.0])];
        $y = fn (float $its): float => round(30 - ($most > $least ? ($its - $least) / ($most - $least) : 0.5) * 22, 2);
        $now = array_search(true, array_column($this->points, 'isNow'), true);

        return [
            'label' => $label,
            'path' => 'M'.implode('L', array_map(
                fn (float $its, int $index): string => $this->x($index).' '.$y($its),
                $numbers,
                array_keys($numbers),
            )),
            'least' => $words($this->points[0]),
            'most' => $words($this->points[count($this->points) - 1]),
            'now' => $now === false ? null : [$this->x((int) $now), $y($numbers[$now])],
        ];
    }

    private static function inches(?Tally $tally): float
    {
        return $tally === null ? 0.0 : LengthText::read((string) $tally->across->value, null)->toInches();
    }

    /** "93.8, thin": what it is stands beside it. */
    public function fullness(SweepPoint $point): string
    {
        return trim(str_replace('fullness', '', (string) $point->tally?->fullness->shown));
    }
}
