<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

use Davrin\Core\Anchor\Kind\OnPart;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\GuideWords;
use Davrin\Core\Part\Part;
use Davrin\Core\Result\ElementResult;
use Davrin\Core\Result\PartResult;
use Davrin\Core\Result\TieResult;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Words;

/** The steps of one piece of work, each taken apart into what is ticked one by one. */
final readonly class UnitsOfPiece
{
    private const TIES = 'ties.';

    private const CUT = 'cut.';

    private const PARTS = 'parts.';

    /** A heading is no longer than this, so that it is large. */
    private const HEADING = 22;

    /** Words that a heading does not end with. */
    private const LOOSE = [
        'a', 'an', 'the', 'its', 'and', 'or', 'of', 'on', 'at', 'in', 'to', 'by', 'from', 'with', 'under', 'before', 'off', 'for', 'into',
        'apart',
    ];

    /** @var array<int, TieResult> by number */
    private array $ties;

    /** @var array<string, Part> by id */
    private array $parts;

    /** @var array<string, array<string, ElementResult>> by part and id */
    private array $elements;

    /** @var array<string, non-empty-list<array{BenchRoll, BenchCut}>> the stretches of each element, by "1/outer.9" */
    private array $from;

    /** @var array<string, Cut> its pieces, by their ids */
    private array $cuts;

    /** @var array<string, list<Length>> how long the pieces of each element are, or the step of a run, by the id of the element */
    private array $lengths;

    /** @param  list<BenchRoll>  $rolls  of the whole build */
    public function __construct(private BenchPiece $piece, private array $rolls)
    {
        $this->ties = array_column(array_map(fn (TieResult $tie): array => [$tie->tie->number, $tie], $piece->result->ties), 1, 0);
        $this->parts = array_column($piece->plan->parts, null, 'id');
        $this->elements = array_column(array_map(fn (PartResult $part): array => [$part->id, array_column(
            array_map(fn (ElementResult $its): array => [$its->element->id, $its], $part->elements),
            1,
            0,
        )], $piece->result->parts), 1, 0);
        $from = [];
        foreach ($rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                if ($cut->element() !== null) {
                    $from[$cut->element()][] = [$roll, $cut];
                }
            }
        }
        $this->from = $from;
        $this->cuts = BenchRolls::idsOf($piece->plan, $piece->copy);
        $lengths = [];
        foreach ($this->cuts as $cut) {
            $lengths[$cut->element->id][] = $cut->length;
        }
        foreach ($piece->plan->demand->runs() as $run) {
            foreach ($run->steps as $step) {
                $lengths[$step->element->id] = [$step->length()];
            }
        }
        $this->lengths = $lengths;
    }

    /** @return list<list<Unit>> step by step */
    public function steps(): array
    {
        $steps = array_map(fn (BuildStep $step): array => match (true) {
            str_starts_with($step->key, self::TIES) => $this->ties($step, substr($step->key, strlen(self::TIES))),
            str_starts_with($step->key, self::CUT) => $this->cuts($step, substr($step->key, strlen(self::CUT))),
            str_starts_with($step->key, self::PARTS) && $step->elements !== [] => $this->elements($step),
            default => [$this->whole($step)],
        }, $this->piece->result->build);

        return array_values(array_filter($this->intoBundles($steps)));
    }

    /** @return list<Unit> */
    private function ties(BuildStep $step, string $id): array
    {
        $groups = array_column($this->piece->plan->ties->groups, null, 'id');
        /** @var TieGroup $group */
        $group = $groups[$id];
        $with = $group->fastening->words();
        $ties = $group->ties();

        return array_map(fn (Tie $tie, int $at): Unit => new Unit(
            $this->key($step, (string) $tie->number),
            $this->piece->copy,
            Deed::Tie,
            $step,
            "Tie $tie->number",
            $with,
            ucfirst($this->ties[$tie->number]->where).'. Two twists at the back, both ends as long, the same way as all the others.',
            $step->minutes / count($ties),
            'ties',
            $at + 1,
            count($ties),
            [$tie->number],
            section: $this->section(array_map(fn (Tie $its): int => $its->section, $ties), $at),
        ), $ties, array_keys($ties));
    }

    /** @return list<Unit> what is cut of one material, roll by roll, and the rolls that runs come off */
    private function cuts(BuildStep $step, string $material): array
    {
        [$cuts, $runs] = [[], []];
        foreach ($this->rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                if ($cut->copy === $this->piece->copy && ! $cut->isWaste() && $this->isOf($roll, $cut, $material)) {
                    $cut->isPiece() ? $cuts[] = [$roll, $cut] : $runs[$cut->part] ??= $roll;
                }
            }
        }
        $wound = $this->piece->plan->materials->all[$material];
        $strokes = count($cuts) + count($runs);
        $units = [];
        foreach ($runs as $part => $roll) {
            $units[] = new Unit(
                $this->key($step, $part),
                $this->piece->copy,
                Deed::Fetch,
                $step,
                "Roll $roll->number",
                $wound->name(),
                'Clean its end with one straight cut, and have it at hand. It is not cut between ties: measure as you go, and cut once, '
                    .'behind the end tail.',
                $step->minutes / $strokes,
                'rolls',
                count($units) + 1,
                count($runs),
                materials: [$wound],
                roll: $roll->key,
            );
        }
        foreach ($cuts as $at => [$roll, $cut]) {
            $units[] = $this->cut($step, $wound, $roll, $cut, $at + 1, count($cuts), $step->minutes / $strokes);
        }

        return $units;
    }

    private function cut(BuildStep $step, Material $wound, BenchRoll $roll, BenchCut $cut, int $number, int $of, float $minutes): Unit
    {
        $part = $this->parts[$cut->part];
        $element = $this->elementOf($cut);
        // "Tubing: scissors, straight across": what it is, is said above it.
        $way = $wound instanceof Wound ? ucfirst((string) preg_replace('/^[^:]+: /', '', $wound->wound->wayOfCutting())) : '';

        return new Unit(
            $this->key($step, substr((string) $cut->id, strlen("{$this->piece->copy}/"))),
            $this->piece->copy,
            Deed::Cut,
            $step,
            $this->units()->needed($cut->length),
            $wound->name(),
            sprintf(
                'For the %s, off %s. %s',
                $part->kind->noun()[0].match (true) {
                    $cut->tie !== null => " at tie $cut->tie",
                    count($part->demand->elements) > 1 => " no. $element?->number",
                    default => '',
                },
                $roll->number === 0 ? 'a roll that is still to be found' : "roll $roll->number",
                $way,
            ),
            $minutes,
            'cuts of '.$wound->name(),
            $number,
            $of,
            $element === null ? [] : $element->ties,
            [$wound],
            $element,
            roll: $roll->key,
            cut: $cut->id,
        );
    }

    /** @return list<Unit> */
    private function elements(BuildStep $step): array
    {
        [$part, $made] = [null, []];
        foreach ($step->elements as $id) {
            foreach ($this->elements as $of => $its) {
                if (isset($its[$id])) {
                    $part = $this->parts[$of];
                    $made[] = $its[$id];
                }
            }
        }
        if ($part === null) {
            return [$this->whole($step)];
        }
        $words = GuideWords::atTheBench($part->kind);
        [$units, $sections] = [[], array_map(fn (ElementResult $its): ?int => $this->sectionOf($its->element), $made)];
        foreach ($made as $at => $its) {
            [$roll, $cut] = $this->stretches($its->element)[0] ?? [null, null];
            $materials = $this->materials($its->materials);
            $units[] = new Unit(
                $this->key($step, $its->element->id),
                $this->piece->copy,
                Deed::Make,
                $step,
                $this->place($part, $its->element, count($made)),
                self::what($part, $materials, count($made)),
                $this->newRoll($part, $its->element, $made[$at - 1]->element ?? null)
                    .($words === null ? $step->each ?? $step->does : $this->filled($words, $its->element)),
                $step->minutes / count($made),
                count($made) === 1 ? $part->kind->noun()[0] : $part->kind->noun()[1],
                $at + 1,
                count($made),
                $its->element->ties,
                $materials,
                $its->element,
                $this->beside($part, $made, $at),
                $roll?->key,
                $cut?->id,
                $this->section($sections, $at),
            );
        }

        return $units;
    }

    /** @return list<array{BenchRoll, BenchCut}> */
    private function stretches(Element $element): array
    {
        return $this->from["{$this->piece->copy}/$element->id"] ?? [];
    }

    /** Where a run goes on from another roll: "Begin roll 2 of Rust mesh here: ..."; empty where it does not. */
    private function newRoll(Part $part, Element $element, ?Element $before): string
    {
        if ($part->demand->runs === [] || $before === null) {
            return '';
        }
        $last = array_map(fn (array $its): string => $its[0]->key, $this->stretches($before));
        $begun = [];
        foreach ($this->stretches($element) as [$roll]) {
            $name = $this->piece->plan->materials->all[$roll->material]->name();
            $begun += $last === [] || in_array($roll->key, $last, true) ? [] : [$roll->key => "roll $roll->number of $name"];
        }

        return $begun === [] ? '' : sprintf(
            'Begin %s here: cut what ends behind its tail, and tie both ends in. ',
            Words::list(array_values($begun)),
        );
    }

    /**
     * Ribbon that goes into bundles is at hand when its bundle is made: it comes right before it, not after all of them.
     *
     * @param  list<list<Unit>>  $steps
     * @return list<list<Unit>>
     */
    private function intoBundles(array $steps): array
    {
        $into = [];
        foreach ($steps as $at => $units) {
            $part = $this->parts[$units[0]->element->part ?? ''] ?? null;
            $on = $part?->on->anchor->part;
            if ($part !== null && $on !== null && $units[0]->deed === Deed::Make && $part->kind->anchor() instanceof OnPart) {
                foreach ($units as $unit) {
                    $place = $unit->element?->place;
                    $into[$on][] = [$place === null ? '' : sprintf('%.2f %.2f', $place->x, $place->y), $unit];
                }
                $steps[$at] = [];
            }
        }

        return $into === [] ? $steps : array_map(fn (array $units): array => array_merge([], ...array_map(
            fn (Unit $unit): array => [...$this->ribbonFor($unit, $into[$unit->element->part ?? ''] ?? []), $unit],
            $units,
        )), $steps);
    }

    /**
     * @param  list<array{string, Unit}>  $ribbon  and where it goes
     * @return list<Unit>
     */
    private function ribbonFor(Unit $unit, array $ribbon): array
    {
        $place = $unit->deed === Deed::Make && $unit->ties !== [] ? $this->ties[$unit->ties[0]]->tie->place : $unit->element?->place;
        $at = $place === null ? null : sprintf('%.2f %.2f', $place->x, $place->y);

        return array_values(array_map(
            fn (array $its): Unit => $its[1],
            array_filter($ribbon, fn (array $its): bool => $unit->deed === Deed::Make && $its[0] === $at),
        ));
    }

    private function whole(BuildStep $step): Unit
    {
        return new Unit(
            $this->key($step, 'all'),
            $this->piece->copy,
            Deed::Whole,
            $step,
            self::heading($step->does),
            '',
            $step->does,
            $step->minutes,
            'step',
            1,
            1,
        );
    }

    /** What is done, in as few words as are read from afar: "Fluff it", "Cut off the stem ends". */
    private static function heading(string $does): string
    {
        $clause = preg_split('/[,.:;]/', $does)[0] ?? $does;
        $words = explode(' ', $clause);
        while (count($words) > 1 && mb_strlen(implode(' ', $words)) > self::HEADING) {
            array_pop($words);
        }
        if (implode(' ', $words) !== $clause && ($words[count($words) - 2] ?? '') === 'of') {
            array_splice($words, -2);
        }
        while (count($words) > 1 && self::isLoose((string) end($words)) && implode(' ', $words) !== $clause) {
            array_pop($words);
        }

        return implode(' ', $words);
    }

    private static function isLoose(string $word): bool
    {
        return in_array($word, self::LOOSE, true) || ctype_digit($word);
    }

    /** "Tie 9", "Tie 9 to 10", "Ruffle 3", "Sign" */
    private function place(Part $part, Element $element, int $of): string
    {
        $noun = ucfirst($part->kind->noun()[0]);

        return match (true) {
            count($element->ties) > 1 => "Tie {$element->ties[0]} to {$element->ties[1]}",
            $element->ties !== [] => "Tie {$element->ties[0]}",
            $of > 1 => "$noun $element->number",
            default => $noun,
        };
    }

    /**
     * "ruffle of Teal stripe"; of what there is only one of, and is named already, of what it is.
     *
     * @param  list<Material>  $materials
     */
    private static function what(Part $part, array $materials, int $of): string
    {
        $names = Material::names($materials);

        return match (true) {
            $names === '' => $part->kind->noun()[0],
            $of === 1 && $part->on->ties() === [] => $names,
            default => $part->kind->noun()[0]." of $names",
        };
    }

    /** What is cut for it, or what it takes of the run, written into what is said at the bench. */
    private function filled(string $words, Element $element): string
    {
        $lengths = $this->lengths[$element->id] ?? [];
        $counts = array_count_values(array_map(fn (Length $length): int => $length->units, $lengths));
        $pieces = array_map(fn (int $length, int $count): string => ($count === 1 ? 'one piece of ' : "$count pieces of ")
            .$this->units()->needed(Length::ofUnits($length)), array_keys($counts), $counts);

        return ucfirst(strtr($words, [
            '{a piece}' => $pieces === [] ? 'the piece' : Words::list($pieces),
            '{the pitch}' => $lengths === [] ? 'the pitch' : $this->units()->needed($lengths[0]),
        ]));
    }

    /**
     * The colours before and after it, where its part has several.
     *
     * @param  list<ElementResult>  $made
     * @return list<string>
     */
    private function beside(Part $part, array $made, int $at): array
    {
        if (count($part->on->kinds()) < 2 || $part->demand->runs !== []) {
            return [];
        }
        $beside = [];
        foreach ([$made[$at - 1] ?? null, $made[$at + 1] ?? null] as $other) {
            if ($other !== null && $other->element->ties !== []) {
                $beside[] = Material::names($this->materials($other->materials))." on tie {$other->element->ties[0]}";
            }
        }

        return $beside;
    }

    /** By its tie, or where it was moved to; null where it stands on none. */
    private function sectionOf(Element $element): ?int
    {
        return $this->piece->moved[$element->id] ?? ($this->ties[$element->ties[0] ?? 0] ?? null)?->tie->section;
    }

    /**
     * @param  list<?int>  $sections  of all that is done at one step
     * @return ?array{section: int, number: int, of: int} null where there is only one section
     */
    private function section(array $sections, int $at): ?array
    {
        $its = $sections[$at];

        return $its === null || $this->piece->plan->form->sections->count() < 2 ? null : [
            'section' => $its,
            'number' => count(array_keys(array_slice($sections, 0, $at + 1), $its, true)),
            'of' => count(array_keys($sections, $its, true)),
        ];
    }

    private function isOf(BenchRoll $roll, BenchCut $cut, string $material): bool
    {
        if ($roll->material === $material) {
            return true;
        }
        $its = $this->cuts[$cut->id] ?? null;

        return $its !== null && $its->material === $material && ! isset($this->piece->plan->materials->all[$roll->material]);
    }

    private function elementOf(BenchCut $cut): ?Element
    {
        return ($this->elements[$cut->part][substr((string) $cut->element(), strlen("$cut->copy/"))] ?? null)?->element;
    }

    /**
     * @param  list<string>  $ids
     * @return list<Material> each once
     */
    private function materials(array $ids): array
    {
        return array_map(fn (string $id): Material => $this->piece->plan->materials->all[$id], array_values(array_unique($ids)));
    }

    private function key(BuildStep $step, string $to): string
    {
        return "{$this->piece->copy}/$step->key/$to";
    }

    private function units(): Units
    {
        return $this->piece->plan->units();
    }
}
