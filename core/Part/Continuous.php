<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * What all kinds of part share that are made of continuous mesh: strands tied together from tie to tie, with a tail at either end
 * of every roll.
 */
abstract class Continuous extends WoundPart implements DiffersByTie, EndsSooner
{
    protected const TOGETHER = 'together';

    private const SOONER = 'sooner';

    protected const GAUGE = 'gauge';

    protected const BY_EYE = 'by-eye';

    public function materials(): MaterialUse
    {
        return MaterialUse::strands(3);
    }

    public function fullness(): ?array
    {
        return [120, 185];
    }

    public function endingSooner(): array
    {
        return ['change' => self::SOONER];
    }

    public function example(): Example
    {
        return Example::onWires([26, 30, 34]);
    }

    public function concerns(PartContext $on): array
    {
        return array_values(array_filter([$this->tooShort($on), $this->onACorner($on)]));
    }

    /** What is written shorter when the mesh is short, at a length that reaches from tie to tie by itself. */
    abstract protected function reaching(PartContext $on, Length $least): Length;

    /** What one element takes. */
    abstract protected function pitch(PartContext $on): Length;

    /** Whether elements hang from tie to tie, or each on a tie of its own. */
    protected function betweenTies(): bool
    {
        return true;
    }

    /** @return list<Blank<covariant mixed>> */
    protected static function tails(int $start, int $end): array
    {
        return [
            LengthBlank::of('startTail', 'the start tail', Length::inches($start), Length::zero(), Length::yards(2)),
            LengthBlank::of('endTail', 'the end tail', Length::inches($end), Length::zero(), Length::yards(2)),
            new CountBlank('begin', 'the tie of its row that it begins at', 1, 1, 100),
            new ChoiceBlank('change', 'what happens where a roll ends', self::TOGETHER, [
                self::TOGETHER => 'all strands end there and begin anew',
                self::SOONER => 'all end there, sooner to save a roll',
                'alone' => 'only the strand that ends changes',
            ]),
        ];
    }

    /** The end of a sentence: where it begins, its tails, and what several strands do where a roll ends. */
    protected static function ending(PartContext $on, string $start, string $more = ''): string
    {
        return " Begin at tie {begin} of its row, with $start, and end with {endTail}$more"
            .(count($on->materials) > 1 ? '; where a roll ends, {change}.' : '.');
    }

    /**
     * The elements of rows that are gone along in one run. Where a row does not close the next one is worked back from the end
     * that the mesh is at.
     *
     * @param  list<TieRow>  $rows
     * @return list<Step>
     */
    protected function stepsAlongRows(PartContext $on, array $rows): array
    {
        [$steps, $back] = [[], false];
        foreach ($rows as $row) {
            array_push($steps, ...$this->stepsAlong($on, $row, count($steps), Length::zero(), back: $back));
            $back = ! $row->closed && ! $back;
        }

        return $steps;
    }

    /**
     * The elements of one row, from the tie it begins at.
     *
     * @param  int  $after  how many elements there are before
     * @param  int  $round  which time along it this is
     * @param  bool  $back  from its far end, where the mesh is
     * @return list<Step>
     */
    protected function stepsAlong(
        PartContext $on,
        TieRow $row,
        int $after,
        Length $drop,
        int $pass = 0,
        int $round = 1,
        bool $back = false,
    ): array {
        $ties = $this->fromBeginning($on, $row);
        $ties = ! $row->closed && $back ? array_reverse($ties) : $ties;
        $steps = [];
        foreach ($row->closed || ! $this->betweenTies() ? $ties : array_slice($ties, 0, -1) as $index => $tie) {
            $to = $this->betweenTies() ? $ties[($index + 1) % count($ties)] : $tie;
            $number = $after + count($steps) + 1;
            $element = new Element(
                "$on->id.$tie->number".($pass === 0 ? '' : '-fill').($round === 1 ? '' : "-$round"),
                $on->id,
                $number,
                array_values(array_unique([$tie->number, $to->number])),
                $pass,
            );
            $steps[] = new Step($element, $tie->number, $to->number, $steps === [] ? $drop : Length::zero(), $this->pitch($on));
        }

        return $steps;
    }

    /** @param  list<Step>  $steps */
    protected static function asRun(PartContext $on, array $steps, ?string $endsTake = null): Run
    {
        return new Run(
            $on->id,
            $on->ids() ?: throw new \LogicException('A run has a strand.'),
            $on->length('startTail'),
            $steps === []
                ? throw Fault::at('/on', 'A run needs at least 2 ties in a row. Give the row another tie, or choose another technique.')
                : $steps,
            $on->length('endTail'),
            $on->slip->text('change') !== 'alone',
            $endsTake,
            $on->slip->text('change') === self::SOONER,
            $on->slip->has(self::GAUGE) && $on->slip->text(self::GAUGE) === self::BY_EYE,
        );
    }

    /** @return non-empty-list<Tie> */
    private function fromBeginning(PartContext $on, TieRow $row): array
    {
        $begin = $on->slip->count('begin');
        if ($begin > count($row->ties)) {
            throw Fault::at(
                '/begin',
                sprintf(
                    'A row here has %s, so it can begin at tie 1 to %d of it.',
                    Words::count(count($row->ties), 'tie'),
                    count($row->ties),
                ),
            );
        }
        if ($begin > 1 && ! $row->closed) {
            throw Fault::at('/begin', 'A row that does not close is begun at its end: tie 1.');
        }

        return [
            ...(array_slice($row->ties, $begin - 1) ?: throw new \LogicException('A row has the tie it begins at.')),
            ...array_slice($row->ties, 0, $begin - 1),
        ];
    }

    /** A pitch that does not even reach from one tie to the next. */
    private function tooShort(PartContext $on): ?Concern
    {
        [$farthest, $ties] = [0.0, []];
        foreach ($on->rows as $row) {
            foreach ($row->closed ? $row->ties : array_slice($row->ties, 0, -1) as $index => $tie) {
                $next = $row->ties[($index + 1) % count($row->ties)];
                $way = $tie->wayTo($next, $on->form);
                if (count($row->ties) > 1 && $way > $this->pitch($on)->toInches() + 0.01) {
                    [$farthest, $ties] = [max($farthest, $way), [...$ties, $tie->number]];
                }
            }
        }
        if ($ties === []) {
            return null;
        }
        $least = $this->reaching($on, Length::inches((int) ceil($farthest - 0.01)));

        return new Concern(
            'too-short-a-pitch',
            'It does not reach.',
            sprintf(
                'From %s it is up to %s to the next, more than the %s of mesh between them.',
                Words::ties($ties),
                $on->units->needed(Length::inches(0, (int) ceil($farthest * 8 - 0.01), 8)),
                $on->units->exact($this->pitch($on)),
            ),
            $ties,
            [$this->cutTo($on->units->exact($least)) => [$this->lengthKey() => LengthText::canonical($least)]],
        );
    }

    private function onACorner(PartContext $on): ?Concern
    {
        foreach ($on->rows as $row) {
            $ties = $this->fromBeginning($on, $row);
            if (! $row->closed || ! $ties[0]->isAtCorner($on->form)) {
                continue;
            }
            foreach ($ties as $index => $tie) {
                if (! $tie->isAtCorner($on->form)) {
                    $begin = ($on->slip->count('begin') - 1 + $index) % count($ties) + 1;

                    return new Concern(
                        'corner',
                        'It begins on a corner.',
                        sprintf('A run that begins on a corner pulls away from it; tie %d is one.', $ties[0]->number),
                        [$ties[0]->number],
                        ["Begin at tie $tie->number" => ['begin' => (string) $begin]],
                    );
                }
            }

            return new Concern(
                'corner',
                'It begins on a corner.',
                'All its ties are on corners. Tie the sides too, and begin there.',
                [$ties[0]->number],
                [],
            );
        }

        return null;
    }
}
