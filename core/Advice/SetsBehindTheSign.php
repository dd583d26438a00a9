<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Anchor\Kind\SpreadAlong;
use Davrin\Core\Geometry\Place;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Words;

/** Ribbon that is put by eye where a sign will hide it. */
final readonly class SetsBehindTheSign implements Rule
{
    public const RULE = 'sets-hidden';

    /** So many other places for the first are tried. */
    private const TRIED = 8;

    public function look(Plan $plan, Result $result): array
    {
        $boards = [];
        foreach ($plan->parts as $sign) {
            $boards = [...$boards, ...($sign->kind instanceof HidesWhatIsBehind ? [$sign->kind->board($sign->on)] : [])];
        }
        $warnings = [];
        foreach ($boards === [] ? [] : $plan->parts as $part) {
            $hidden = array_filter(
                $part->on->slip->has(SpreadAlong::COUNT) && $part->room() === [] ? $part->on->anchor->places : [],
                fn (Place $place): bool => array_filter($boards, fn ($board): bool => $board->holds($place->point())) !== [],
            );
            if ($hidden !== []) {
                $warnings[] = self::warning($plan, $part, array_map(fn (int $at): int => $at + 1, array_keys($hidden)));
            }
        }

        return $warnings;
    }

    /** @param  list<int>  $hidden  by number */
    private static function warning(Plan $plan, Part $part, array $hidden): Warning
    {
        [$one, $many] = $part->kind->noun();

        return new Warning(
            self::RULE,
            "parts.$part->id",
            [],
            'Hidden by the sign.',
            sprintf(
                '%s %s behind the sign, where nobody sees %s.',
                ucfirst(count($hidden) === 1 ? $one : $many).' '.Words::ranges($hidden),
                count($hidden) === 1 ? 'lies' : 'lie',
                count($hidden) === 1 ? 'it' : 'them',
            ),
            [],
            fn (): iterable => self::elsewhere($plan, $part),
            'Put them along another row, or take fewer.',
        );
    }

    /** @return iterable<Proposal> the whole set turned along its row, or put along another */
    private static function elsewhere(Plan $plan, Part $part): iterable
    {
        [$slip, $form] = [$part->on->slip, $plan->form];
        foreach ($form->frame->seats() as $seat) {
            $isItsOwn = $seat->key() === $slip->text('pair');
            $step = $form->length($seat) / $slip->count(SpreadAlong::COUNT);
            for ($try = 1; $isItsOwn && $try < self::TRIED; $try++) {
                $first = Length::inches(0, (int) round($step * $try), 8);
                yield Proposal::filling([
                    'Begin them '.$plan->units()->exact($first).' from where the count begins',
                    ["parts.$part->id.first" => $plan->units()->exact($first)],
                ], place: 0);
            }
            if (! $isItsOwn) {
                yield Proposal::filling([
                    'Put them along the '.$form->names->of($seat),
                    ["parts.$part->id.pair" => $seat->key()],
                ], place: 1);
            }
        }
        yield Proposal::filling([
            'Take '.Words::count($slip->count(SpreadAlong::COUNT) - 2, ...$part->kind->noun()),
            ["parts.$part->id.spots" => (string) max(1, $slip->count(SpreadAlong::COUNT) - 2)],
        ], place: 2);
    }
}
