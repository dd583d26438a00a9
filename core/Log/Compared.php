<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

/** Past estimates of one kind beside what came, by starting guesses and by what the other pieces teach. */
final readonly class Compared
{
    /**
     * @param  list<array{id: int, name: string, real: float, before: float, after: float}>  $points  the latest last
     */
    public function __construct(public Compares $what, public array $points) {}

    /** How far estimates were off on average, by starting guesses. */
    public function before(): float
    {
        return $this->mean(array_column($this->points, 'before'));
    }

    /** How far they would have been off on average, by what the other pieces teach. */
    public function after(): float
    {
        return $this->mean(array_column($this->points, 'after'));
    }

    /** @param  list<float>  $said */
    private function mean(array $said): float
    {
        $off = array_map(fn (float $real, float $its): float => match ($this->what) {
            // An allowance is kept where a roll comes no shorter.
            Compares::Rolls => max(0.0, $real - $its),
            Compares::Fullness => $real === $its ? 0.0 : 1.0,
            default => abs($real - $its),
        }, array_column($this->points, 'real'), $said);

        return $off === [] ? 0.0 : array_sum($off) / count($off);
    }
}
