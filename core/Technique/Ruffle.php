<?php

declare(strict_types=1);

namespace Davrin\Core\Technique;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Work;
use Davrin\Core\Measure\Length;
use Davrin\Core\Ties\TieRow;

/** One cut piece a tie, gathered across its width at mid length and pinched: two wings lie along the ring. */
final class Ruffle implements Technique
{
    /** Of a wing's half length, what is left along the ring once it is gathered and pulled open (a guess). */
    private const LIES_FLAT = 0.32;

    public function key(): string
    {
        return 'ruffle';
    }

    public function name(): string
    {
        return 'a ruffle';
    }

    public function noun(): array
    {
        return ['ruffle', 'ruffles'];
    }

    public function sentence(int $rows): string
    {
        return 'Cut {=count} of {mesh}, {length} long. Gather each as {technique}, one on {on}.';
    }

    public function blanks(): array
    {
        return [LengthBlank::of('length', 'the length of a piece', Length::inches(19), Length::inches(2), Length::yards(20))];
    }

    public function lengthKey(): string
    {
        return 'length';
    }

    public function cutTo(string $length): string
    {
        return "Cut $length each";
    }

    public function leastRoll(Slip $slip): array
    {
        return [$slip->length('length'), 'A piece'];
    }

    public function work(string $layer, Slip $slip, array $rows): Work
    {
        $length = $slip->length('length');
        $cuts = [];
        foreach (array_merge(...array_map(fn (TieRow $row): array => $row->ties, $rows)) as $index => $tie) {
            $cuts[] = new Cut(new Element($layer.'.'.($index + 1), $layer, $index + 1, [$tie->number]), $length);
        }

        return Work::ofCuts($cuts);
    }

    /** The woven edges point in and out, so it is half the mesh's width. */
    public function reach(Slip $slip, Length $meshWidth): float
    {
        return $meshWidth->toInches() / 2;
    }

    public function span(Slip $slip): float
    {
        return $slip->length('length')->toInches() / 2 * self::LIES_FLAT;
    }

    public function minutes(): float
    {
        return 1.0;
    }
}
