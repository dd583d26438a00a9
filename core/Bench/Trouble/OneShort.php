<?php

declare(strict_types=1);

namespace Davrin\Core\Bench\Trouble;

use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\Replanner;
use Davrin\Core\Bench\SectionCount;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Bench\Trouble;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\Way;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Part\Part;
use Davrin\Core\Words\Fault;

/** A section has one less than the others, and its neighbour one more. */
final class OneShort implements Trouble
{
    private const MOST = 400;

    public function key(): string
    {
        return 'one-short';
    }

    public function title(): string
    {
        return 'One short in a section';
    }

    public function sentence(): string
    {
        return 'Of the {part}, section {section} has {has}, and section {other} has {others}.';
    }

    public function blanks(Situation $now, Walk $walk, ?Unit $at): ?array
    {
        $piece = $now->inHand();
        $parts = [];
        foreach ($piece->plan->parts as $part) {
            $parts += SectionCount::of($piece, $part)->all === [] ? [] : [$part->id => $part->kind->noun()[1]];
        }
        $sections = $piece->plan->form->sections->count();
        if ($parts === [] || $sections < 2) {
            return null;
        }
        $its = isset($parts[$at->element->part ?? '']) ? (string) $at?->element?->part : (string) array_key_first($parts);
        $count = SectionCount::of($piece, $piece->plan->part($its));
        $names = array_combine(
            array_map(fn (int $number): string => "no-$number", range(1, $sections)),
            array_map(strval(...), range(1, $sections)),
        );
        // Where the plan has as many in both, one of them was made on the wrong side.
        [$short, $long] = [$count->fewest(), $count->neighbourWithMore($count->fewest(), $sections, $piece->plan->form->closed())];
        $wrong = $count->in($short) === $count->in($long) ? 1 : 0;

        return [
            ChoiceBlank::ofPlan('part', 'what is counted', $its, $parts),
            ChoiceBlank::ofPlan('section', 'the section that is short', "no-$short", $names),
            new CountBlank('has', 'how many it has', max(0, $count->in($short) - $wrong), 0, self::MOST),
            ChoiceBlank::ofPlan('other', 'the section beside it', "no-$long", $names),
            new CountBlank('others', 'how many that has', $count->in($long) + $wrong, 0, self::MOST),
        ];
    }

    public function ways(Replanner $replanner, Situation $now, Walk $walk, Slip $slip): array
    {
        $piece = $now->inHand();
        $part = $piece->plan->part($slip->text('part'));
        [$section, $other] = [self::number($slip, 'section'), self::number($slip, 'other')];
        [$has, $others] = [$slip->count('has'), $slip->count('others')];
        $sections = $piece->plan->form->sections->count();
        $apart = abs($section - $other);
        if ($apart !== 1 && ! ($piece->plan->form->closed() && $apart === $sections - 1)) {
            throw Fault::at('/other', sprintf('Section %d does not lie beside section %d. Choose one that does.', $other, $section));
        }
        if ($others <= $has) {
            throw Fault::at('/others', sprintf('Section %d has no more than section %d, so nothing can be moved over.', $other, $section));
        }

        return array_values(array_filter([
            $others - $has >= 2 ? $this->moved($now, $piece, $part, $section, $other, $has, $others) : null,
            new Way('leave', 'Leave it as it is', [sprintf(
                'Section %d keeps %d and section %d keeps %d: spread them along the wire, so that the gaps are even.',
                $section,
                $has,
                $other,
                $others,
            )], $now, replans: false),
        ]));
    }

    public function words(Situation $now, Slip $slip): string
    {
        return sprintf('section %d one short', self::number($slip, 'section'));
    }

    private static function number(Slip $slip, string $key): int
    {
        return (int) substr($slip->text($key), strlen('no-'));
    }

    /**
     * One of them goes over. What the plan counts there already need not be moved for it; else it is moved in the plan's count too.
     */
    private function moved(Situation $now, BenchPiece $piece, Part $part, int $section, int $other, int $has, int $others): ?Way
    {
        $noun = $part->kind->noun();
        $count = SectionCount::of($piece, $part);
        $nearest = $count->nearestTo($other, $section);
        $moved = [];
        for ($missing = $has + 1 - $count->in($section); $missing > 0 && $nearest !== null; $missing--) {
            $moved[$nearest->id] = $section;
            $nearest = SectionCount::of(
                new BenchPiece($piece->copy, $piece->plan, $piece->result, [...$piece->moved, ...$moved]),
                $part,
            )->nearestTo($other, $section);
        }

        return $nearest === null && $moved === [] ? null : new Way(
            'move',
            "Move one over from section $other",
            [sprintf(
                'Section %d has %d %s then, and section %d has %d.',
                $section,
                $has + 1,
                $has + 1 === 1 ? $noun[0] : $noun[1],
                $other,
                $others - 1,
            )],
            $now->moved($piece->copy, $moved),
        );
    }
}
