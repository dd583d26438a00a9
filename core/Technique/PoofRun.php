<?php

declare(strict_types=1);

namespace Davrin\Core\Technique;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Demand\Work;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Fault;

/**
 * Continuous mesh: measure a pitch from the last tie, gather, tie, repeat. On a closed row n poofs use n ties, the last
 * one ending where the first began; on an open one n + 1. Then the run drops to the next row.
 */
final class PoofRun implements Technique
{
    /** Mesh up to this width stands out by half of it, wider mesh by a third (a guess). */
    private const NARROW = 10;

    public function key(): string
    {
        return 'poof-run';
    }

    public function name(): string
    {
        return 'a run of poofs';
    }

    public function noun(): array
    {
        return ['poof', 'poofs'];
    }

    public function sentence(int $rows): string
    {
        return 'Tie {mesh} as {technique} on {on}: {=count}, each {pitch} from tie to tie. Leave a tail of {startTail} at the start and {endTail} at the end'
            .($rows > 1 ? ', and {drop} to drop to the next row.' : '.');
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('pitch', 'the pitch of a poof', Length::inches(9), Length::inches(1), Length::yards(20)),
            LengthBlank::of('startTail', 'the start tail', Length::inches(2), Length::zero(), Length::yards(2)),
            LengthBlank::of('endTail', 'the end tail', Length::inches(2), Length::zero(), Length::yards(2)),
            LengthBlank::of('drop', 'the drop to the next row', Length::zero(), Length::zero(), Length::yards(2)),
        ];
    }

    public function lengthKey(): string
    {
        return 'pitch';
    }

    public function cutTo(string $length): string
    {
        return "Pitch $length";
    }

    public function leastRoll(Slip $slip): array
    {
        return [Length::sum([$slip->length('startTail'), $slip->length('drop'), $slip->length('pitch'), $slip->length('endTail')]), 'A poof with its tails'];
    }

    public function work(string $layer, Slip $slip, array $rows): Work
    {
        $steps = [];
        foreach ($rows as $index => $row) {
            $ties = $row->ties;
            if (count($ties) < 2) {
                throw self::tooFew();
            }
            foreach ($row->closed ? $ties : array_slice($ties, 0, -1) as $position => $tie) {
                $number = count($steps) + 1;
                $to = $ties[($position + 1) % count($ties)]->number;
                $drop = $index > 0 && $position === 0 ? $slip->length('drop') : Length::zero();
                $steps[] = new Step(new Element("$layer.$number", $layer, $number, [$tie->number, $to]), $tie->number, $to, $drop, $slip->length('pitch'));
            }
        }

        return Work::ofRun(new Run($layer, $slip->length('startTail'), $steps === [] ? throw self::tooFew() : $steps, $slip->length('endTail')));
    }

    private static function tooFew(): Fault
    {
        return Fault::at('', 'A run of poofs needs at least 2 ties in a row. Give the row another tie, or choose another technique.');
    }

    public function reach(Slip $slip, Length $meshWidth): float
    {
        $width = $meshWidth->toInches();

        return $width <= self::NARROW ? $width / 2 : $width / 3;
    }

    /** Half the pitch lies on the way from tie to tie; what the ties are closer than that puffs out. */
    public function span(Slip $slip): float
    {
        return $slip->length('pitch')->toInches() / 2;
    }

    public function minutes(): float
    {
        return 0.5;
    }
}
