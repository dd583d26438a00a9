<?php

declare(strict_types=1);

namespace Davrin\Core\Part\PushedRuffles;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Continuous;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;

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

    public function example(): Example
    {
        return Example::onWires([28, 30, 32]);
    }

    public function materials(): MaterialUse
    {
        return MaterialUse::single();
    }

    public function sentence(PartContext $on): string
    {
        return 'Push {material} through the lattice as {kind} along {on}: {=count}, each raised {rise} and {step} on to the next.'
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

    public function leastRoll(PartContext $on): array
    {
        return [Length::sum([$on->length('startTail'), $this->pitch($on), $on->length('endTail')]), 'A rise with its ends'];
    }

    public function demand(PartContext $on): Demand
    {
        return Demand::ofRuns(self::asRun($on, $this->stepsAlongRows($on, $on->rows)));
    }

    public function size(PartContext $on): Size
    {
        $width = $on->width()->toInches();

        return new Size(
            $width / 3,
            sprintf('a third of the width of %s burlap, pushed together', $on->units->exact($on->width())),
            $on->length('rise')->toInches() / 2 + $on->length('step')->toInches() / 2,
            $on->length('rise')->toInches() + 1,
            'how far it is raised, and the form',
        );
    }

    public function fullness(): ?array
    {
        return null;
    }

    protected function minutes(): float
    {
        return 0.3;
    }

    protected function betweenTies(): bool
    {
        return false;
    }

    protected function pitch(PartContext $on): Length
    {
        return $on->length('rise')->times(2)->plus($on->length('step'));
    }

    protected function reaching(PartContext $on, Length $least): Length
    {
        return Length::ofUnits(
            max($on->length('rise')->units, Length::inches((int) ceil(($least->toInches() - $on->length('step')->toInches()) / 2))->units),
        );
    }
}
