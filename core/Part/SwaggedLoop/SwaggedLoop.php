<?php

declare(strict_types=1);

namespace Davrin\Core\Part\SwaggedLoop;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Strips;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** A tail, a tie, a loose loop, the next tie, a tail: its ties are taken two by two, those of the other side behind those of the first. */
final class SwaggedLoop extends Strips
{
    public function key(): string
    {
        return 'swagged-loop';
    }

    public function name(): string
    {
        return 'a swagged loop';
    }

    public function noun(): array
    {
        return ['swagged loop', 'swagged loops'];
    }

    public function lengthKey(): string
    {
        return 'loose';
    }

    public function longest(PartContext $on): Length
    {
        return $on->length('loose')->plus($on->length('tail')->times(2));
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        return LengthText::canonical($most->minus($on->length('tail')->times(2)));
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {=strips} of {material}, {=each} long, the ends '.self::endsSentence($on).'. Tie each as {kind}: a tail of {tail}, a '
            .'tie, {loose} loose to the next tie, a tail of {tail}; two by two on {on}: {=count}.';
    }

    public function words(PartContext $on): array
    {
        return [...parent::words($on), 'each' => $on->units->needed($this->longest($on))];
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('loose', 'the loose loop', Length::inches(14), Length::inches(1), Length::yards(3)),
            LengthBlank::of('tail', 'the length of a tail', Length::inches(7), Length::inches(0, 1, 2), Length::yards(2)),
            ...self::endBlanks(),
        ];
    }

    public function example(): Example
    {
        return Example::onWires([25, 35]);
    }

    protected function trails(PartContext $on): float
    {
        return max($on->length('tail')->toInches(), $on->length('loose')->toInches() / 2);
    }

    protected function made(PartContext $on): Demand
    {
        if (count($on->ties()) < 2) {
            throw Fault::at('/on', 'A swagged loop goes from one tie to the next. Write two ties at least.');
        }
        $cuts = [];
        foreach (array_chunk(array_slice($on->ties(), 0, count($on->ties()) - count($on->ties()) % 2), 2) as $index => [$from, $to]) {
            self::mustReach($on, $from, $to);
            $element = new Element("$on->id.$from->number", $on->id, $index + 1, [$from->number, $to->number]);
            foreach ($on->materials as $ribbon) {
                $cuts[] = new Cut($element, $ribbon->id, $this->longest($on));
            }
        }

        return Demand::ofCuts($cuts);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Tie on '.Words::count($elements, ...$this->noun()).', and pull each loop to hang like its counterpart.';
    }

    protected function minutes(): float
    {
        return 1.5;
    }

    public function concerns(PartContext $on): array
    {
        $ties = array_map(fn (Tie $tie): int => $tie->number, $on->ties());
        $last = $ties[count($ties) - 1] ?? 0;

        return count($ties) % 2 === 0 ? parent::concerns($on) : [...parent::concerns($on), new Concern(
            'left-over',
            'A tie is left over.',
            sprintf('The loops take their ties two by two, so that tie %d gets none.', $last),
            [$last],
            ['Leave tie '.$last.' out' => ['on' => 'ties '.Words::ranges(array_slice($ties, 0, -1))]],
            'It would take an even number of ties.',
        )];
    }

    private static function mustReach(PartContext $on, Tie $from, Tie $to): void
    {
        // A place is no more exact than that; without it 9 in could come out as a little more.
        $apart = hypot($from->place->x - $to->place->x, $from->place->y - $to->place->y) - 1e-6;
        if ($apart > $on->length('loose')->toInches()) {
            throw Fault::at('/loose', sprintf(
                'Ties %d and %d are %s apart, so a loop of %s does not reach. Write more, or choose ties that are closer.',
                $from->number,
                $to->number,
                $on->units->needed(Length::ofUnits((int) ceil($apart * Length::PER_INCH))),
                $on->units->exact($on->length('loose')),
            ));
        }
    }
}
