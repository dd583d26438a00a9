<?php

declare(strict_types=1);

namespace Davrin\Core\Part\WovenStripe;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Strips;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/**
 * Ribbon folded lengthwise and wound along a row, over the mesh and under it by turns: from tie to tie it rises and falls again, so that
 * it takes 2 x the slant of half the way and that rise; and two tails.
 */
final class WovenStripe extends Strips
{
    public function key(): string
    {
        return 'woven-stripe';
    }

    public function name(): string
    {
        return 'a woven stripe';
    }

    public function noun(): array
    {
        return ['woven stripe', 'woven stripes'];
    }

    public function lengthKey(): string
    {
        return 'tail';
    }

    public function longest(PartContext $on): Length
    {
        $lengths = array_map(fn (TieRow $row): Length => self::takes($on, $row), $on->rows);

        return $lengths === [] ? Length::zero() : Length::longest(...$lengths);
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        $over = $this->longest($on)->minus($most);

        return LengthText::canonical($on->length('tail')->minus(Length::ofUnits(intdiv(max(0, $over->units) + 1, 2))));
    }

    public function cutTo(string $length): string
    {
        return "Make the longest stripe $length";
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=strips} of {material}, {=each} long, the ends '.self::endsSentence($on).'. Fold it lengthwise and wind it as {kind} '
            .'along {on}, over one and under the next, raised {rise}, with tails of {tail}: {=count}.';
    }

    public function words(PartContext $on): array
    {
        $lengths = array_unique(array_map(fn (TieRow $row): string => $on->units->needed(self::takes($on, $row)), $on->rows));

        return [...parent::words($on), 'each' => Words::list(array_values($lengths))];
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('rise', 'how far it is raised', Length::inches(1), Length::zero(), Length::inches(8)),
            LengthBlank::of('tail', 'the length of a tail', Length::inches(4), Length::inches(0, 1, 2), Length::yards(1)),
            ...self::endBlanks(),
        ];
    }

    public function example(): Example
    {
        return Example::onWires([22, 26, 30, 34, 38]);
    }

    protected function hangsBothWays(PartContext $on): bool
    {
        return false;
    }

    protected function trails(PartContext $on): float
    {
        return $on->length('tail')->toInches();
    }

    protected function made(PartContext $on): Demand
    {
        $cuts = [];
        foreach ($on->rows as $index => $row) {
            $ties = array_map(fn (Tie $tie): int => $tie->number, $row->ties);
            $element = new Element("$on->id.$ties[0]", $on->id, $index + 1, $row->closed ? [...$ties, $ties[0]] : $ties);
            foreach ($on->materials as $ribbon) {
                $cuts[] = new Cut($element, $ribbon->id, self::takes($on, $row));
            }
        }

        return Demand::ofCuts($cuts);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Wind '.Words::count($elements, ...$this->noun()).' over one and under the next.';
    }

    protected function minutes(): float
    {
        return 4.0;
    }

    /** Along a row, rounded up to the step of the ruler. */
    private static function takes(PartContext $on, TieRow $row): Length
    {
        $ties = $row->closed ? [...$row->ties, $row->ties[0]] : $row->ties;
        $inches = 0.0;
        foreach (array_slice($ties, 1) as $index => $tie) {
            $way = hypot($tie->place->x - $ties[$index]->place->x, $tie->place->y - $ties[$index]->place->y);
            $inches += 2 * hypot($way / 2, $on->length('rise')->toInches());
        }
        $step = $on->units->step()->units;

        return Length::ofUnits((int) ceil($inches * Length::PER_INCH / $step - 1e-6) * $step)->plus($on->length('tail')->times(2));
    }
}
