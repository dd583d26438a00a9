<?php

declare(strict_types=1);

namespace Davrin\Core\Part\PoofRun;

use Davrin\Core\Blank\ChoiceBlank;
use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Demand\GoodsNeed;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Continuous;
use Davrin\Core\Part\EasyToMake;
use Davrin\Core\Part\FillsBetweenRows;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;
use Davrin\Core\Ties\TieRow;
use Davrin\Core\Words\Fault;

/**
 * Continuous mesh: measure a pitch from the last tie, gather, tie, repeat. On a closed row n poofs use n ties, the last
 * one ending where the first began; on an open one n + 1. Then it drops to the next row, or each row is a run of its own,
 * or two; and a last pass may fill the space between the rows, tied into the inner row again.
 */
final class PoofRun extends Continuous implements EasyToMake, FillsBetweenRows
{
    /** Mesh up to this width stands out by half of it, wider mesh by a third (a guess). */
    private const NARROW = 10;

    /** A bubble's height, as a part of the pitch, and the form under it, in inches (guesses). */
    private const HEIGHT = 0.42;

    private const FORM = 1.0;

    private const IN_ONE_GO = 'one';

    private const TWICE = 'twice';

    private const THRICE = 'thrice';

    /** How often it goes round each row, where it is made in one go. */
    private const ROUNDS = [self::IN_ONE_GO => 1, self::TWICE => 2, self::THRICE => 3];

    private const IN_HALVES = 'halves';

    private const FILLING = 'filling';

    private const ZIP_TIED = 'zip-tied';

    private const OUTER = 'outer';

    public function key(): string
    {
        return 'poof-run';
    }

    public function name(): string
    {
        return 'a run of poofs';
    }

    public function noun(): array
    {
        return ['poof', 'poofs'];
    }

    public function sentence(PartContext $on): string
    {
        $several = count($on->rows) > 1;

        return 'Tie {material}'.(
            count($on->materials) > 1
                ? ' together'
                : ''
        ).' as {kind} on {on}: {=count}, each {pitch} {gauge}, {parts}'
            .($several && $this->inOneGo($on) ? ' with {drop} to drop to the next row' : '')
            .($several ? ', {first}, {fill}.' : '.')
            .self::ending($on, 'a tail of {startTail}', ', {ends}');
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('pitch', 'the pitch of a poof', Length::inches(9), Length::inches(1), Length::yards(20)),
            ...self::tails(2, 2),
            LengthBlank::of('drop', 'the drop to the next row', Length::zero(), Length::zero(), Length::yards(2)),
            new ChoiceBlank(
                'parts',
                'in how many goes',
                self::IN_ONE_GO,
                [
                    self::IN_ONE_GO => 'in one go',
                    self::TWICE => 'twice round in one go',
                    self::THRICE => 'three times round in one go',
                    'rows' => 'row by row',
                    self::IN_HALVES => 'each row in two halves',
                ],
            ),
            new ChoiceBlank(
                'first',
                'the row it begins on',
                'inner',
                ['inner' => 'the inner row first', self::OUTER => 'the outer row first'],
            ),
            new ChoiceBlank(
                self::GAUGE,
                'how the pitch is measured',
                'measured',
                ['measured' => 'from tie to tie', self::BY_EYE => 'from tie to tie by eye'],
            ),
            new ChoiceBlank(
                'fill',
                'a pass between the rows',
                'none',
                ['none' => 'with no pass between the rows', self::FILLING => 'then a filling pass on the inner row again'],
            ),
            new ChoiceBlank(
                'ends',
                'how its ends are held',
                'twice',
                ['twice' => 'each end tied twice', self::ZIP_TIED => 'each end held by a zip tie'],
            ),
        ];
    }

    public function lengthKey(): string
    {
        return 'pitch';
    }

    public function cutTo(string $length): string
    {
        return "Pitch $length";
    }

    public function leastRoll(PartContext $on): array
    {
        return [
            Length::sum([$on->length('startTail'), $on->length('drop'), $on->length('pitch'), $on->length('endTail')]),
            'A poof with its tails',
        ];
    }

    public function demand(PartContext $on): Demand
    {
        $rows = $this->rows($on);
        foreach ($rows as $row) {
            if (count($row->ties) < 2) {
                throw Fault::at(
                    '/on',
                    'A run of poofs needs at least 2 ties in a row. Give the row another tie, or choose another technique.',
                );
            }
        }
        $passes = array_map(fn ($row): array => [$row, 0], $rows);
        if (count($rows) > 1 && $on->slip->text('fill') === self::FILLING) {
            $passes[] = [$on->rows[0], 1];
        }
        [$runs, $count, $back] = [[], 0, false];
        foreach ($passes as [$row, $pass]) {
            $drops = $this->inOneGo($on) && $count > 0;
            $rounds = $pass === 0 ? self::ROUNDS[$on->slip->text('parts')] ?? 1 : 1;
            $steps = [];
            for ($round = 1; $round <= $rounds; $round++) {
                $drop = $drops && $round === 1 ? $on->length('drop') : Length::zero();
                array_push($steps, ...$this->stepsAlong($on, $row, $count + count($steps), $drop, $pass, $round, $back));
                // A row that does not close ends where the mesh is, and what follows in the same go is worked back from there.
                $back = $this->inOneGo($on) && ! $row->closed && ! $back;
            }
            $count += count($steps);
            $runs = $drops ? [[...$runs[0], ...$steps]] : [...$runs, ...$this->stretches($on, $steps)];
        }
        $endsTake = $on->slip->text('ends') === self::ZIP_TIED ? ZipTies::KEY : null;
        $demand = Demand::ofRuns(...array_map(fn (array $steps): Run => self::asRun($on, $steps, $endsTake), $runs));
        // A zip tie takes it from row to row; the filling pass goes on from the last tie and takes none.
        $zipTies = ($endsTake === null ? 0 : 2 * count($runs)) + ($this->inOneGo($on) ? count($rows) - 1 : 0);

        return $zipTies === 0 ? $demand : $demand->taking(GoodsNeed::pieces(ZipTies::KEY, $zipTies));
    }

    public function size(PartContext $on): Size
    {
        $width = $on->width()->toInches();
        $narrow = $width <= self::NARROW;

        return new Size(
            $narrow ? $width / 2 : $width / 3,
            sprintf('%s the width of %s mesh', $narrow ? 'half' : 'a third of', $on->units->exact($on->width())),
            // Half the pitch lies on the way from tie to tie; what the ties are closer than that puffs out.
            $on->length('pitch')->toInches() / 2,
            self::HEIGHT * $on->length('pitch')->toInches() + self::FORM,
            sprintf('%s of the pitch of %s, and the form', self::HEIGHT, $on->units->exact($on->length('pitch'))),
        );
    }

    public function filling(): array
    {
        return ['fill' => self::FILLING];
    }

    protected function minutes(): float
    {
        return 0.5;
    }

    protected function pitch(PartContext $on): Length
    {
        return $on->length('pitch');
    }

    protected function reaching(PartContext $on, Length $least): Length
    {
        return $least;
    }

    private function inOneGo(PartContext $on): bool
    {
        return isset(self::ROUNDS[$on->slip->text('parts')]);
    }

    /** @return list<TieRow> in the order that they are worked in */
    private function rows(PartContext $on): array
    {
        return $on->slip->text('first') === self::OUTER ? array_reverse($on->rows) : $on->rows;
    }

    /**
     * @param  list<Step>  $steps  of one row
     * @return list<list<Step>>
     */
    private function stretches(PartContext $on, array $steps): array
    {
        if ($on->slip->text('parts') !== self::IN_HALVES || count($steps) < 2) {
            return [$steps];
        }
        $half = intdiv(count($steps) + 1, 2);

        return [array_slice($steps, 0, $half), array_slice($steps, $half)];
    }
}
