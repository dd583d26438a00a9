<?php

declare(strict_types=1);

namespace Davrin\Core\Technique\Kind;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Work;
use Davrin\Core\Material\MeshUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Technique\Continuous;
use Davrin\Core\Technique\Footing;
use Davrin\Core\Technique\Size;

/** Continuous burlap pushed through the lattice: raised, pushed down, and on to the next. A rise takes 2 x rise + step. */
final class PushedRuffles extends Continuous
{
    public function key(): string
    {
        return 'pushed-ruffles';
    }

    public function name(): string
    {
        return 'pushed ruffles';
    }

    public function noun(): array
    {
        return ['rise', 'rises'];
    }

    public function meshes(): MeshUse
    {
        return MeshUse::single();
    }

    public function sentence(Footing $on): string
    {
        return 'Push {mesh} through the lattice as {technique} along {on}: {=count}, each raised {rise} and {step} on to the next.'
            .self::ending($on, '{startTail}');
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('rise', 'how far it is raised', Length::inches(1, 1, 2), Length::inches(0, 1, 4), Length::inches(8)),
            LengthBlank::of('step', 'the step to the next rise', Length::inches(1), Length::zero(), Length::inches(12)),
            ...self::tails(2, 2),
        ];
    }

    public function lengthKey(): string
    {
        return 'rise';
    }

    public function cutTo(string $length): string
    {
        return "Raise it $length";
    }

    public function leastRoll(Footing $on): array
    {
        return [Length::sum([$on->length('startTail'), $this->pitch($on), $on->length('endTail')]), 'A rise with its ends'];
    }

    public function work(Footing $on): Work
    {
        $steps = [];
        foreach ($on->rows as $row) {
            array_push($steps, ...$this->steps($on, $row, count($steps), Length::zero()));
        }

        return Work::ofRuns(self::asRun($on, $steps));
    }

    public function size(Footing $on): Size
    {
        $width = $on->width()->toInches();

        return new Size($width / 3, sprintf('a third of the width of %s burlap, pushed together', $on->units->exact($on->width())), $on->length('rise')->toInches() / 2 + $on->length('step')->toInches() / 2, $on->length('rise')->toInches() + 1, 'how far it is raised, and the form');
    }

    public function fullness(): ?array
    {
        return null;
    }

    public function minutes(): float
    {
        return 0.3;
    }

    protected function betweenTies(): bool
    {
        return false;
    }

    protected function pitch(Footing $on): Length
    {
        return $on->length('rise')->times(2)->plus($on->length('step'));
    }

    protected function reaching(Footing $on, Length $least): Length
    {
        return Length::ofUnits(max($on->length('rise')->units, Length::inches((int) ceil(($least->toInches() - $on->length('step')->toInches()) / 2))->units));
    }
}
