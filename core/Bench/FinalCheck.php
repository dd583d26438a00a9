<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Demand\Caution;
use Davrin\Core\Material\Material;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\Strips;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Words;

/** What makers look at before a piece goes on a door (docs/craft-figures.md), with the counts, the seam and the sign of this very piece. */
final readonly class FinalCheck
{
    /** @param  list<FinalLook>  $looks */
    private function __construct(public array $looks) {}

    public static function of(BenchPiece $piece): self
    {
        [$plan, $result] = [$piece->plan, $piece->result];

        return new self(array_values(array_filter([
            self::ties($piece),
            self::look($piece, 'shows', 'Does nothing of the form or of the stems show from the front?', [
                'Look at it from as far as its door is seen from; it comes to '.$result->tally->fullness->said().'.',
            ], 'too-thin', 'Pull the wings over what shows.'),
            self::spacing($piece),
            self::seam($piece),
            self::sign($piece),
            self::words($plan) === [] ? null : self::look(
                $piece,
                'words',
                'Does no tail and no streamer hang in front of the words?',
                self::words($plan),
                null,
                'Pin it aside, or cut it shorter.',
            ),
            self::look($piece, 'threads', 'Are all loose threads trimmed?', self::frays($plan), null, 'Trim them with sharp scissors.'),
            self::look($piece, 'ends', 'Are all ends tucked, so that nothing scratches the door?', [
                'Run a finger round the back: '.Words::count(count($plan->ties->all()), 'tie').', two ends each.',
            ], null, 'Snip what sticks out away from the face, and turn it inward. '.Caution::Wire->words()),
            self::hangs($piece),
        ])));
    }

    private static function ties(BenchPiece $piece): FinalLook
    {
        $used = [];
        foreach ($piece->plan->parts as $part) {
            $its = $part->demand->elements;
            if ($its !== [] && $part->on->group !== null) {
                $used[] = sprintf(
                    '%s of %s%s.',
                    Words::count(count($its), ...$part->kind->noun()),
                    $part->materialNames(),
                    self::byRow($part),
                );
            }
        }
        $tally = $piece->result->tally;

        return self::look(
            $piece,
            'ties',
            'Is there something on every tie that was made?',
            ["{$tally->ties->shown} ties were made, and {$tally->used->shown} are used.", ...$used],
            'tie-missed',
            'Count once more, row by row, from where the count begins.',
        );
    }

    /** ": 6 on row 1, 12 on row 2" */
    private static function byRow(Part $part): string
    {
        if (count($part->on->rows) < 2 || $part->demand->runs !== []) {
            return '';
        }
        $elements = array_fill_keys(array_map(fn ($element): int => $element->ties[0] ?? 0, $part->demand->elements), true);
        $rows = array_map(fn (TieRow $row): string => sprintf(
            '%d on row %d',
            count(array_filter($row->ties, fn (Tie $tie): bool => isset($elements[$tie->number]))),
            $row->ties[0]->row,
        ), $part->on->rows);

        return ': '.implode(', ', $rows);
    }

    private static function spacing(BenchPiece $piece): ?FinalLook
    {
        $said = [];
        foreach ($piece->plan->parts as $part) {
            $counts = array_map(count(...), SectionCount::of($piece, $part)->all);
            if (count($counts) > 1) {
                $said[] = ucfirst($part->kind->noun()[1]).' of '.$part->materialNames().': '.(
                    count(array_unique($counts)) === 1
                        ? reset($counts).' in every section.'
                        : implode(', ', array_map(
                            fn (int $section, int $count): string => "$count in section $section",
                            array_keys($counts),
                            $counts,
                        )).'.'
                );
            }
        }

        return $said === [] ? null : self::look(
            $piece,
            'spacing',
            'Is it evenly spaced, with as many in each section as there should be?',
            $said,
            'one-short',
            'Move one over from a neighbour.',
        );
    }

    /** Where a closed row of several colours meets its own beginning. */
    private static function seam(BenchPiece $piece): ?FinalLook
    {
        $said = [];
        foreach ($piece->plan->parts as $part) {
            foreach (count($part->on->kinds()) > 1 && $part->demand->runs === [] ? $part->on->rows : [] as $row) {
                [$first, $last] = [$row->ties[0], $row->ties[count($row->ties) - 1]];
                $said = $row->closed && count($row->ties) > 2 ? [...$said, sprintf(
                    'Tie %d has %s, tie %d beside it %s.',
                    $last->number,
                    Material::names($part->on->at($last)),
                    $first->number,
                    Material::names($part->on->at($first)),
                )] : $said;
            }
        }

        return $said === [] ? null : self::look(
            $piece,
            'seam',
            'Does the order of colours close without a break?',
            array_slice($said, 0, 4),
            'miscut',
            'Change two neighbours for each other, as long as their stems can be opened.',
        );
    }

    private static function sign(BenchPiece $piece): ?FinalLook
    {
        $signs = self::signs($piece->plan);
        if ($signs === []) {
            return null;
        }
        $bows = array_filter($piece->plan->parts, fn (Part $part): bool => $part->kind instanceof Bow);

        return self::look($piece, 'sign', 'Is the sign level, floating, and clear of the bow?', array_values(array_filter([
            ...array_map(fn (Part $sign): string => sprintf(
                '%s, %s wide and %s high: it lies on the mesh and is not pressed in.',
                ucfirst($sign->materialNames()),
                $piece->plan->units()->exact($sign->on->length('width')),
                $piece->plan->units()->exact($sign->on->length('height')),
            ), $signs),
            $bows === [] ? '' : 'No loop of the bow lies on its words.',
        ])), 'sign-covers', 'Loosen its ties, set it level, and tighten them again.');
    }

    private static function hangs(BenchPiece $piece): FinalLook
    {
        [$tally, $finish] = [$piece->result->tally, $piece->plan->finish];
        $hook = $finish->hook();

        return self::look($piece, 'hangs', 'Does it hang level, and is it light enough for its hook?', [
            is_int($tally->weight->value)
                ? ucfirst($tally->weight->said()).', as far as that is known.'
                : 'What it weighs is not known: lay it on the scale.',
            $hook === null ? 'What the hook is rated for is not known: look it up.' : "The hook is rated for {$hook->shown()}.",
            Caution::Door->words(),
        ], null, 'Move the hanger a little, or take a stronger hook.');
    }

    /** @return list<string> what hangs by its end and could hang in front of a sign; flowers and the sign itself lie still */
    private static function words(Plan $plan): array
    {
        $trailing = array_filter(
            $plan->parts,
            fn (Part $part): bool => $part->kind instanceof Strips && ($part->size->trails > 0.0 || $part->kind instanceof Bow),
        );

        return self::signs($plan) === [] || $trailing === [] ? [] : array_values(array_unique(array_map(
            fn (Part $part): string => ucfirst($part->kind->noun()[1]).' of '.$part->materialNames().'.',
            $trailing,
        )));
    }

    /** @return list<string> */
    private static function frays(Plan $plan): array
    {
        return [Material::names($plan->usedWound()).': look at every cut end.'];
    }

    /** @return list<Part> signs that have a width and a height */
    private static function signs(Plan $plan): array
    {
        return array_values(array_filter(
            $plan->parts,
            fn (Part $part): bool => $part->kind instanceof HidesWhatIsBehind
                && $part->on->slip->has('width')
                && $part->on->slip->has('height'),
        ));
    }

    /** @param  list<string>  $expected */
    private static function look(
        BenchPiece $piece,
        string $key,
        string $asked,
        array $expected,
        ?string $trouble,
        string $otherwise,
    ): FinalLook {
        return new FinalLook("$piece->copy/$key", $piece->copy, $asked, $expected, $trouble, $otherwise);
    }
}
