<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Anchor\FormSpot;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Anchor\Kind\OnPart;
use Davrin\Core\Anchor\Kind\SpreadOut;
use Davrin\Core\Geometry\Board;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\LiesUnderOthers;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Words;

/** A bow or an extra that lies over the words of a sign, or over another of its like. */
final readonly class InEachOthersWay implements Rule
{
    public const WORDS = 'words-hidden';

    public const EACH_OTHER = 'on-each-other';

    /** What may be lost of one that lies on another, as a part of its size: more is in the way (a guess). */
    private const TOUCHES = 0.6;

    /** So many pairs of things are held against each other; what is so crowded is told by the first of them. */
    private const MOST_PAIRS = 12_000;

    public function look(Plan $plan, Result $result): array
    {
        [$warnings, $rooms, $words] = [[], [], []];
        foreach ($plan->parts as $part) {
            if ($part->kind instanceof HidesWhatIsBehind) {
                // Of two signs the later lies over the words of the one before.
                $warnings = [...$warnings, ...self::overWords($plan, $part, $part->room(), $words)];
                $words[] = $part->kind->written($part->on);
            } elseif (($room = $part->room()) !== []) {
                $rooms[$part->id] = $room;
            }
        }
        [$before, $left] = [[], self::MOST_PAIRS];
        foreach ($rooms as $id => $room) {
            $part = $plan->part($id);
            $warnings = [...$warnings, ...self::overWords($plan, $part, $room, $words)];
            foreach (self::lieUnder($part) ? [] : [...$before, $id] as $other) {
                $left -= count($room) * count($rooms[$other]);
                $found = $left < 0 ? [] : self::overAnother($plan, $part, $room, $plan->part($other), $rooms[$other]);
                $warnings = [...$warnings, ...$found];
            }
            $before = self::lieUnder($part) ? $before : [...$before, $id];
        }

        return $warnings;
    }

    private static function lieUnder(Part $part): bool
    {
        return $part->kind instanceof LiesUnderOthers;
    }

    /**
     * @param  list<Board>  $room
     * @param  list<Board>  $words
     * @return list<Warning>
     */
    private static function overWords(Plan $plan, Part $part, array $room, array $words): array
    {
        foreach ($words as $its) {
            $lying = array_filter($room, $its->overlaps(...));
            if ($lying !== []) {
                return [self::warning($plan, $part, self::WORDS, 'The words are hidden.', sprintf(
                    '%s over the words of %s.',
                    self::named($part, $lying),
                    $part->kind instanceof HidesWhatIsBehind ? 'the other sign' : 'the sign',
                ))];
            }
        }

        return [];
    }

    /**
     * @param  list<Board>  $own
     * @param  list<Board>  $others
     * @return list<Warning>
     */
    private static function overAnother(Plan $plan, Part $part, array $own, Part $other, array $others): array
    {
        $isItself = $part === $other;
        // The loops and the tails of one bow belong together.
        if ($isItself && count($part->demand->elements) < count($own)) {
            return [];
        }
        $lying = array_filter($own, function (Board $room, int $at) use ($isItself, $others): bool {
            $close = $room->scaled(self::TOUCHES, self::TOUCHES);
            foreach ($others as $index => $its) {
                if ((! $isItself || $index < $at) && $close->overlaps($its)) {
                    return true;
                }
            }

            return false;
        }, ARRAY_FILTER_USE_BOTH);

        return $lying === [] ? [] : [self::warning($plan, $part, self::EACH_OTHER, 'In each other\'s way.', sprintf(
            '%s on %s.',
            self::named($part, $lying),
            $isItself ? 'each other' : "the {$other->kind->noun()[count($other->demand->elements) === 1 ? 0 : 1]}",
        ))];
    }

    /** @param  array<int, Board>  $rooms  those of a part that are meant, by their place */
    private static function named(Part $part, array $rooms): string
    {
        [$one, $many] = $part->kind->noun();
        $each = max(1, intdiv(count($part->room()), max(1, count($part->demand->elements))));
        $numbers = array_values(array_unique(array_map(fn (int $at): int => intdiv($at, $each) + 1, array_keys($rooms))));
        $isOne = count($part->demand->elements) === 1;

        return match (true) {
            $isOne => "The $one lies",
            count($numbers) === 1 => ucfirst($one)." $numbers[0] lies",
            default => ucfirst($many).' '.Words::ranges($numbers).' lie',
        };
    }

    private static function warning(Plan $plan, Part $part, string $rule, string $title, string $sentence): Warning
    {
        return new Warning(
            $rule,
            "parts.$part->id",
            [],
            $title,
            $sentence,
            [],
            fn (): iterable => self::elsewhere($plan, $part),
            'Move it, take fewer, or take a smaller one.',
        );
    }

    /**
     * Other places for it: other spots round the form, or other wires to be spread along.
     *
     * @return iterable<Proposal>
     */
    private static function elsewhere(Plan $plan, Part $part): iterable
    {
        $slip = $part->on->slip;
        if ($slip->has(AtSpot::SPOT)) {
            $onTheForm = AtSpot::partOf($slip) === null ? [] : ["parts.$part->id.".OnPart::PART => AtSpot::FORM];
            $reach = Length::inches(0, (int) floor($plan->form->reach() * 8), 8);
            foreach ([FormSpot::BOTTOM, FormSpot::TOP] as $named) {
                yield Proposal::filling(["Put it at the $named", ["parts.$part->id.at" => $named, ...$onTheForm]]);
            }
            foreach ([135 => 'below right', 225 => 'below left', 45 => 'above right', 315 => 'above left'] as $angle => $side) {
                yield Proposal::filling([
                    "Put it $side, at the edge",
                    ["parts.$part->id.at" => $plan->units()->exact($reach)." at $angle degrees", ...$onTheForm],
                ]);
            }
        }
        if ($slip->has(SpreadOut::MOVED)) {
            foreach ($plan->form->frame->seats() as $seat) {
                if ($seat->key() !== $slip->text('pair')) {
                    yield Proposal::filling([
                        'Spread them along the '.$plan->form->names->of($seat),
                        ["parts.$part->id.pair" => $seat->key(), "parts.$part->id.first" => 'where there is most room'],
                    ]);
                }
            }
            foreach (self::fewer($slip->count(SpreadOut::COUNT)) as $count) {
                yield Proposal::filling([
                    'Take '.Words::count($count, ...$part->kind->noun()),
                    ["parts.$part->id.spots" => (string) $count],
                ]);
            }
        }
    }

    /** @return list<int> two fewer, and then ever fewer */
    private static function fewer(int $count): array
    {
        $fewer = array_map(fn (float $part): int => max(1, (int) ($count * $part) | 1), [0.75, 0.5, 0.25]);

        return array_values(array_unique(array_filter([$count - 2, ...$fewer], fn (int $its): bool => $its > 0 && $its < $count)));
    }
}
