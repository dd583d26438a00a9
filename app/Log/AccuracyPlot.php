<?php

namespace App\Log;

use App\Settings\House;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Log\Compared;
use Davrin\Core\Log\Compares;
use Davrin\Core\Measure\Units;
use LogicException;

/** Past estimates of one kind as a small plot: across what came, upward what was said. */
final readonly class AccuracyPlot
{
    /** The side of the plot, and the room for its marks, in its own units. */
    public const SIDE = 220;

    private const MARGIN = 14;

    private float $least;

    private float $most;

    public function __construct(public Compared $of)
    {
        $of->points === [] && throw new LogicException('There is nothing to plot.');
        $all = array_merge(array_column($of->points, 'real'), array_column($of->points, 'before'), array_column($of->points, 'after'));
        $room = max(max($all) - min($all), 1.0) * 0.08;
        [$this->least, $this->most] = [min($all) - $room, max($all) + $room];
    }

    /** Across, or upward from the foot. */
    public function at(float $value): float
    {
        return round(self::MARGIN + ($value - $this->least) / ($this->most - $this->least) * (self::SIDE - 2 * self::MARGIN), 1);
    }

    public function up(float $value): float
    {
        return self::SIDE - $this->at($value);
    }

    /** @return list<array{at: float, shown: string}> */
    public function ticks(): array
    {
        if ($this->of->what === Compares::Fullness) {
            return array_map(fn (float $its): array => ['at' => $its, 'shown' => $this->shown($its)], [-1.0, 0.0, 1.0]);
        }
        // Marks stand at round numbers of what is shown, which is not what is kept where the house measures in centimetres.
        [$one, $least, $most] = [$this->one(), $this->least / $this->one(), $this->most / $this->one()];
        $step = 10 ** floor(log10(($most - $least) / 2));
        $step = ($most - $least) / $step > 6 ? $step * 2 : $step;
        $ticks = [];
        for ($count = (int) ceil($least / $step); $count * $step <= $most; $count++) {
            $ticks[] = ['at' => $count * $step * $one, 'shown' => $this->shown($count * $step * $one, false)];
        }

        return $ticks;
    }

    public function shown(float $value, bool $unit = true): string
    {
        return match ($this->of->what) {
            Compares::Size => LearnedFigure::number($value / $this->one(), 1).($unit ? ($this->one() === 1.0 ? ' in' : ' cm') : ''),
            Compares::Minutes => LearnedFigure::number($value, 1).($unit ? ' min' : ''),
            Compares::Fullness => [-1 => 'thin', 0 => 'usual', 1 => 'very full'][(int) $value] ?? '',
            Compares::Rolls => LearnedFigure::number($value, 1).($unit ? ' %' : ''),
        };
    }

    /** "2.1 in", "1 of 12 wrong" */
    public function off(float $mean): string
    {
        return match ($this->of->what) {
            Compares::Fullness => sprintf('%d of %d wrong', round($mean * count($this->of->points)), count($this->of->points)),
            Compares::Rolls => LearnedFigure::number($mean, 2).' % shorter than allowed for',
            default => $this->shown($mean).' off',
        };
    }

    /** What the plot says, in a sentence. */
    public function words(): string
    {
        [$before, $after] = [$this->of->before(), $this->of->after()];

        return sprintf(
            'By starting guesses %s%s; by what the others teach %s%s.',
            $this->off($before),
            $this->of->what === Compares::Fullness ? '' : ', on average',
            $this->off($after),
            match (true) {
                $before < 1e-9 => '',
                $after > $before + 1e-9 => ', which is worse: look at what was left aside',
                $after < $before - 1e-9 => sprintf(', %d %% better', round((1 - $after / $before) * 100)),
                default => '',
            },
        );
    }

    /** How much of what is kept is one of what is shown. */
    private function one(): float
    {
        return $this->of->what === Compares::Size ? 1 / app(House::class)->units()->perInch() : 1.0;
    }
}
