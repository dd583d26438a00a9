<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Fault;

/** A round form of concentric wires joined by evenly spaced crossbars, one of them at 12 o'clock. */
final readonly class WireRing implements Form
{
    /** @param  list<Length>  $diameters from the outside in */
    private function __construct(public array $diameters, public int $crossbars) {}

    /**
     * @param  list<Length>  $diameters
     * @param  Units  $units  what a fault speaks in
     *
     * @throws Fault where the wires are not in order from the outside in, too close, too small or too large
     */
    public static function of(array $diameters, int $crossbars, Units $units = Units::Inches): self
    {
        [$least, $most, $gap] = [Length::inches(1), Length::inches(96), Length::inches(0, 1, 4)];
        foreach ($diameters as $index => $diameter) {
            $text = $units->exact($diameter);
            if ($diameter->isLessThan($least) || $diameter->isMoreThan($most)) {
                throw Fault::at('/wires', sprintf('A wire %s across is not one that a wreath is made on. Write %s to %s.', $text, $units->exact($least), $units->exact($most)));
            }
            if ($index > 0 && $diameter->plus($gap)->isMoreThan($diameters[$index - 1])) {
                throw Fault::at('/wires', sprintf('Wires go from the outside in, each at least %s smaller across: %s cannot follow %s.', $units->needed($gap), $text, $units->exact($diameters[$index - 1])));
            }
        }

        return new self($diameters, $crossbars);
    }

    public function wires(): int
    {
        return count($this->diameters);
    }

    public function sections(): int
    {
        return $this->crossbars;
    }

    public function sectionLength(WirePair $pair): float
    {
        return 2 * M_PI * $this->rowRadius($pair) / $this->crossbars;
    }

    public function at(WirePair $pair, int $section, float $along): Place
    {
        $radius = $this->rowRadius($pair);

        return Place::polar($radius, ($section - 1) * 360 / $this->crossbars + rad2deg($along / $radius));
    }

    public function reach(): float
    {
        return $this->diameters[0]->toInches() / 2;
    }

    public function describe(Units $units): string
    {
        return sprintf(
            'A wire ring %1$s across with %2$d wires, %3$s across from the outside in, joined by %4$d crossbars into %4$d sections. Section 1 begins at 12 o\'clock and the count goes clockwise, seen from the front.',
            $units->place($this->diameters[0]),
            $this->wires(),
            implode(', ', array_map($units->place(...), $this->diameters)),
            $this->crossbars,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'kind' => 'ring',
            'wires' => array_map(fn (Length $diameter): float => $diameter->toInches() / 2, $this->diameters),
            'crossbars' => array_map(fn (int $number): float => $number * 360 / $this->crossbars, range(0, $this->crossbars - 1)),
            'sections' => $this->sections(),
            'reach' => $this->reach(),
        ];
    }

    private function rowRadius(WirePair $pair): float
    {
        return ($this->diameters[$pair->outer - 1]->toInches() + $this->diameters[$pair->inner - 1]->toInches()) / 4;
    }
}
