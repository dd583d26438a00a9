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

    public function look(Plan $plan, Result $result): array
    {
        $warnings = [];
        foreach ($plan->parts as $index => $part) {
            if ($part->kind instanceof HidesWhatIsBehind || $part->room() === []) {
                continue;
            }
            $warnings = [...$warnings, ...self::overWords($plan, $part)];
            foreach (array_slice($plan->parts, 0, $index) as $other) {
                $warnings = [...$warnings, ...self::overAnother($plan, $part, $other)];
            }
            $warnings = [...$warnings, ...self::overAnother($plan, $part, $part)];
        }

        return $warnings;
    }

    /** @return list<Warning> */
    private static function overWords(Plan $plan, Part $part): array
    {
        foreach ($plan->parts as $sign) {
            $words = $sign->kind instanceof HidesWhatIsBehind ? $sign->kind->written($sign->on) : null;
            if ($words !== null && array_filter($part->room(), $words->overlaps(...)) !== []) {
                return [self::warning($plan, $part, self::WORDS, 'The words are hidden.', sprintf(
                    '%s over the words of the sign.',
                    self::named($part, array_filter($part->room(), $words->overlaps(...))),
                ))];
            }
        }

        return [];
    }

    /** @return list<Warning> */
    private static function overAnother(Plan $plan, Part $part, Part $other): array
    {
        $isBeneath = $part !== $other
            && ($part->kind instanceof LiesUnderOthers || $other->kind instanceof LiesUnderOthers);
        if ($other->kind instanceof HidesWhatIsBehind || $isBeneath) {
            return [];
        }
        $own = $part->room();
        $lying = array_filter($own, function (Board $room, int $at) use ($part, $other): bool {
            $its = $part === $other ? array_slice($other->room(), 0, $at) : $other->room();
            $close = $room->scaled(self::TOUCHES, self::TOUCHES);

            return array_filter($its, $close->overlaps(...)) !== [];
        }, ARRAY_FILTER_USE_BOTH);
        // The loops and the tails of one bow belong together.
        $isBow = $part === $other && count($part->demand->elements) < count($own);

        return $lying === [] || $isBow ? [] : [self::warning($plan, $part, self::EACH_OTHER, 'In each other\'s way.', sprintf(
            '%s on %s.',
            self::named($part, $lying),
            $part === $other ? 'each other' : "the {$other->kind->noun()[count($other->demand->elements) === 1 ? 0 : 1]}",
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
            for ($count = $slip->count(SpreadOut::COUNT) - 2; $count > 0; $count -= 2) {
                yield Proposal::filling([
                    'Take '.Words::count($count, ...$part->kind->noun()),
                    ["parts.$part->id.spots" => (string) $count],
                ]);
            }
        }
    }
}
