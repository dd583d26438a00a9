<?php

declare(strict_types=1);

namespace Davrin\Core\Part\Streamers;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\Element;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Part\Example;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Strips;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * Ribbons that hang from one spot, their lengths spread evenly between two and hung in an order without a pattern, which the plan
 * keeps by its number. Several ribbons come by turns.
 */
final class Streamers extends Strips
{
    /** Neighbours should differ by so much, in inches. */
    private const APART = 1;

    public function key(): string
    {
        return 'streamers';
    }

    public function name(): string
    {
        return 'streamers';
    }

    public function noun(): array
    {
        return ['streamer', 'streamers'];
    }

    public function anchor(): AnchorKind
    {
        return new AtSpot(atTheBottom: true);
    }

    public function lengthKey(): string
    {
        return 'longest';
    }

    public function longest(PartContext $on): Length
    {
        return $on->length('longest');
    }

    public function shortenedTo(PartContext $on, Length $most): string
    {
        return LengthText::canonical($most);
    }

    public function cutTo(string $length): string
    {
        return "Make the longest streamer $length";
    }

    public function sentence(PartContext $on): string
    {
        return 'Cut {count} strips of {material}, from {shortest} to {longest} long, the ends '.self::endsSentence($on)
            .', and hang them as {kind} at {at}, over {wide}, in mixed order no. {mixed}: {=order}.';
    }

    public function words(PartContext $on): array
    {
        return ['order' => implode(', ', array_map(
            fn (Cut $cut): string => $on->units->place($cut->length),
            $this->demand($on)->cuts,
        ))];
    }

    public function blanks(): array
    {
        return [
            new CountBlank('count', 'the number of streamers', 9, 1, 60),
            LengthBlank::of('shortest', 'the shortest streamer', Length::inches(12), Length::inches(1), Length::yards(5)),
            LengthBlank::of('longest', 'the longest streamer', Length::inches(18), Length::inches(1), Length::yards(5)),
            LengthBlank::of('wide', 'how wide they hang', Length::inches(4), Length::zero(), Length::inches(72)),
            new CountBlank('mixed', 'the number of the mixed order', 1, 1, 9999),
            ...self::endBlanks(),
        ];
    }

    public function example(): Example
    {
        return Example::onWires()->saying(['at' => '2-3: 30 in', 'count' => 5]);
    }

    protected function made(PartContext $on): Demand
    {
        [$count, $place, $cuts] = [$on->slip->count('count'), $on->anchor->places[0], []];
        foreach (MixedOrder::of(self::spread($on), $on->slip->count('mixed'), Length::inches(self::APART)->units) as $index => $length) {
            $across = $on->length('wide')->toInches() * ($count === 1 ? 0.0 : $index / ($count - 1) - 0.5);
            $element = Element::elsewhere($on->id, $index + 1, new Place($place->x + $across, $place->y, 0.0));
            $cuts[] = new Cut($element, $on->materials[$index % count($on->materials)]->id, Length::ofUnits($length));
        }

        return Demand::ofCuts($cuts);
    }

    protected function does(PartContext $on, int $elements): string
    {
        return 'Hang '.Words::count($elements, ...$this->noun()).' in their mixed order.';
    }

    protected function minutes(): float
    {
        return 0.3;
    }

    protected function hangsBothWays(PartContext $on): bool
    {
        return false;
    }

    protected function trails(PartContext $on): float
    {
        return $on->length('longest')->toInches();
    }

    /** @return list<int> from the shortest to the longest, in units of length, each to the step of the ruler */
    private static function spread(PartContext $on): array
    {
        [$count, $shortest, $longest] = [$on->slip->count('count'), $on->length('shortest'), $on->length('longest')];
        if ($longest->isLessThan($shortest)) {
            throw Fault::at('/longest', sprintf(
                'The longest streamer cannot be shorter than the shortest, %s. Write more here, or less there.',
                $on->units->exact($shortest),
            ));
        }
        $step = $on->units->step()->units;
        $range = $longest->minus($shortest)->units;

        return array_map(
            fn (int $place): int => $count === 1
                ? $longest->units
                : $shortest->units + min($range, intdiv(intdiv($range * $place, $count - 1) + $step - 1, $step) * $step),
            range(0, $count - 1),
        );
    }
}
