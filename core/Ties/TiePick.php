<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Numbers;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * Which ties of a layout a part stands on, as a maker would name them: all, one row, those on a pair of wires, on the crossbars or
 * between them, on the corners, the sides or the middle; every so many-th of these; in some sections; or single ones by number. Ties
 * left out in between do not open a closed row: mesh goes on to the next that is taken.
 */
final readonly class TiePick
{
    public const EVERY_TIE = 'every tie';

    public const SECTIONS = 'sections';

    public const TIES = 'ties';

    private const MOST_SECTIONS = 24;

    private const ORDINAL = '(?<every>[2-9]|1\d|2[0-4])(?:st|nd|rd|th)';

    private const ORDINAL_WORDS = [2 => 'second', 3 => 'third', 4 => 'fourth'];

    /**
     * @param  ?int  $row  only this one, from the inside out
     * @param  ?TieSort  $sort  only those of this sort
     * @param  ?Seat  $seat  only those that go round this
     * @param  int  $every  every so many-th of these in a row, the first among them
     * @param  ?list<int>  $sections
     * @param  ?list<int>  $ties
     */
    private function __construct(
        private ?int $row = null,
        private ?TieSort $sort = null,
        private ?Seat $seat = null,
        private int $every = 1,
        private ?array $sections = null,
        private ?array $ties = null,
    ) {}

    /**
     * Of "every tie", "row 1", "every 2nd tie", "every 3rd tie of row 2", "crossbar ties", "every 2nd of the side ties", "ties on wires
     * 1-2",
     * each also "in sections 1 to 3"; of "sections 1 to 3", "ties 1, 4 and 9"; null for anything else.
     */
    public static function read(string $text): ?self
    {
        $text = mb_strtolower(trim($text));
        if (preg_match('/^ties?\s+(\d.*)$/', $text, $found) === 1) {
            $ties = Numbers::read($found[1], Ties::MOST);

            return $ties === null ? null : new self(ties: $ties);
        }
        $sections = null;
        if (preg_match('/^(?:(?<these>.+?)\s+(?:in|of)\s+)?sections?\s+(?<sections>.+)$/', $text, $found, PREG_UNMATCHED_AS_NULL) === 1) {
            $sections = Numbers::read((string) $found['sections'], self::MOST_SECTIONS);
            $text = $found['these'] ?? self::EVERY_TIE;
            if ($sections === null) {
                return null;
            }
        }

        return match (1) {
            preg_match('/^(?:every|all) ties?$/', $text) => new self(sections: $sections),
            preg_match('/^row (\d{1,2})$/', $text, $found) => new self((int) $found[1], sections: $sections),
            preg_match('/^every '.self::ORDINAL.' tie(?: of row (?<row>\d{1,2}))?$/', $text, $found) => new self(
                isset($found['row']) ? (int) $found['row'] : null,
                every: (int) $found['every'],
                sections: $sections,
            ),
            preg_match(
                '/^(?:every '.self::ORDINAL.' of the |every |all )?(?<these>.+)$/',
                $text,
                $found,
            ) => self::ofGroup($found['these'], max(1, (int) $found['every']), $sections),
            default => null,
        };
    }

    /** @param  ?list<int>  $sections */
    private static function ofGroup(string $these, int $every, ?array $sections): ?self
    {
        $sort = TieSort::read($these);
        $seat = preg_match('/^ties? on (?:wires? )?(.+)$/', $these, $found) === 1 ? Seat::read($found[1]) : null;

        return $sort === null && $seat === null ? null : new self(sort: $sort, seat: $seat, every: $every, sections: $sections);
    }

    /** The one way it stands in a plan file. */
    public function key(): string
    {
        if ($this->ties !== null) {
            return self::TIES.' '.Words::ranges($this->ties);
        }
        if ($this->sections === null) {
            return $this->these();
        }

        return ($this->these() === self::EVERY_TIE ? '' : $this->these().' in ').self::SECTIONS.' '.Words::ranges($this->sections);
    }

    /** The same without its sections. */
    private function these(): string
    {
        $group = $this->sort->value ?? ($this->seat === null ? null : self::seatKey($this->seat));

        return match (true) {
            $group !== null => ($this->every > 1 ? 'every '.self::nth($this->every).' of the ' : '').$group,
            $this->every > 1 => 'every '.self::nth($this->every).' tie'.($this->row === null ? '' : " of row $this->row"),
            $this->row !== null => "row $this->row",
            default => self::EVERY_TIE,
        };
    }

    private static function seatKey(Seat $seat): string
    {
        return 'ties on '.($seat->isCrossbar() ? '' : ($seat->isPair() ? 'wires ' : 'wire ')).$seat->key();
    }

    private static function nth(int $number): string
    {
        return $number.match (true) {
            $number % 100 >= 11 && $number % 100 <= 13 => 'th',
            $number % 10 === 1 => 'st',
            $number % 10 === 2 => 'nd',
            $number % 10 === 3 => 'rd',
            default => 'th',
        };
    }

    /**
     * The usual choices on a layout, in words by key; those of sections and of chosen ties want numbers beside them.
     *
     * @return array<string, string>
     */
    public static function choices(TieGroup $group): array
    {
        $rows = count($group->rows);
        $row = fn (int $index): string => match (true) {
            $index === 0 => 'inner tie',
            $index === $rows - 1 => 'outer tie',
            default => 'tie of row '.($index + 1),
        };
        $choices = [self::EVERY_TIE => 'every tie'];
        foreach ($rows > 1 ? array_keys($group->rows) : [] as $index) {
            $choices['row '.($index + 1)] = 'every '.$row($index);
        }
        $groups = self::groups($group);
        foreach ($groups as $key => $words) {
            $choices[$key] = "the $words";
        }
        foreach (['2nd' => 'second', '3rd' => 'third'] as $nth => $word) {
            $choices["every $nth tie"] = "every $word tie";
            foreach ($rows > 1 ? array_keys($group->rows) : [] as $index) {
                $choices["every $nth tie of row ".($index + 1)] = "every $word ".$row($index);
            }
            foreach ($groups as $key => $words) {
                $choices["every $nth of the $key"] = "every $word of the $words";
            }
        }

        return [...$choices, self::SECTIONS => 'the ties of sections', self::TIES => 'ties'];
    }

    /**
     * The groups that some ties of a layout make up and others do not, in words by key. What rows say already is no group of its own.
     *
     * @return array<string, string>
     */
    private static function groups(TieGroup $group): array
    {
        [$all, $groups] = [$group->ties(), []];
        foreach (TieSort::cases() as $sort) {
            $count = count(array_filter($all, fn (Tie $tie): bool => $sort->holds($tie, $group->form)));
            $groups += $count === 0 || $count === count($all) ? [] : [$sort->value => $sort->value];
        }
        $seats = array_column(array_map(fn (Tie $tie): array => [$tie->seat->key(), $tie->seat], $all), 1, 0);
        if (count($seats) > 1 && count($seats) !== count($group->rows)) {
            foreach (array_filter($seats, fn (Seat $seat): bool => ! $seat->isCrossbar()) as $seat) {
                $groups[self::seatKey($seat)] = 'ties on the '.$group->form->names->of($seat);
            }
        }

        return $groups;
    }

    /** The choice it is, and the numbers beside it. */
    public function choice(): string
    {
        return match (true) {
            $this->ties !== null => self::TIES,
            $this->sections !== null && $this->these() === self::EVERY_TIE => self::SECTIONS,
            default => $this->key(),
        };
    }

    /** In words, on a layout. */
    public function words(TieGroup $group): string
    {
        $choices = self::choices($group);

        return match (true) {
            isset($choices[$this->choice()]) => trim($choices[$this->choice()].' '.$this->numbers()),
            $this->sections !== null => ($choices[$this->these()] ?? $this->said($group)).' in sections '.Words::ranges($this->sections),
            default => $this->said($group),
        };
    }

    /** Where it is none of the usual choices. */
    private function said(TieGroup $group): string
    {
        $these = $this->sort->value ?? ($this->seat === null ? null : 'ties on the '.$group->form->names->of($this->seat));
        $nth = self::ORDINAL_WORDS[$this->every] ?? self::nth($this->every);

        return match (true) {
            $these !== null => $this->every > 1 ? "every $nth of the $these" : "the $these",
            default => "every $nth tie".($this->row === null ? '' : " of row $this->row"),
        };
    }

    public function numbers(): string
    {
        $numbers = $this->ties ?? ($this->these() === self::EVERY_TIE ? $this->sections : null);

        return $numbers === null ? '' : Words::ranges($numbers);
    }

    /**
     * @return non-empty-list<TieRow>
     *
     * @throws Fault with an empty pointer for a row, a section or a tie that is not there
     */
    public function rows(TieGroup $group): array
    {
        $this->mustBeThere($group, $group->ties());
        $rows = [];
        foreach ($group->rows as $index => $row) {
            $these = array_values(array_filter($row->ties, fn (Tie $tie): bool => $this->isOneOf($tie, $index + 1, $group->form)));
            $ties = array_values(array_filter($these, fn (Tie $tie, int $at): bool => $at % $this->every === 0, ARRAY_FILTER_USE_BOTH));
            $isWhole = $this->sections === null && $this->ties === null || count($these) === count($row->ties);
            if ($ties !== []) {
                $rows[] = new TieRow($ties, $row->closed && $isWhole && (count($ties) > 1 || count($ties) === count($row->ties)));
            }
        }

        return $rows === [] ? throw Fault::at('', 'There is no tie in '.$this->key().'. Choose others.') : $rows;
    }

    /** The same with only what of it is there; null where nothing is. */
    public function within(TieGroup $group): ?self
    {
        $ties = $group->ties();
        $pick = new self(
            $this->row === null || ! self::hasRow($group, $this->row) ? null : $this->row,
            $this->sort,
            $this->seat,
            $this->every,
            $this->sections === null ? null : array_values(array_intersect($this->sections, array_column($ties, 'section'))),
            $this->ties === null ? null : array_values(array_intersect($this->ties, array_column($ties, 'number'))),
        );
        $isBare = array_filter($ties, fn (Tie $tie): bool => $pick->isOneOf($tie, $tie->row, $group->form)) === [];

        return $isBare || $pick->sections === [] || $pick->ties === [] || ($this->row !== null && $pick->row === null) ? null : $pick;
    }

    /** A layout of one row has no row to tell from others. */
    private static function hasRow(TieGroup $group, int $row): bool
    {
        return count($group->rows) > 1 && $row >= 1 && $row <= count($group->rows);
    }

    /** Before every so many-th of them is taken. */
    private function isOneOf(Tie $tie, int $row, Form $form): bool
    {
        return ($this->row === null || $this->row === $row)
            && ($this->sort === null || $this->sort->holds($tie, $form))
            && ($this->seat === null || $this->seat->key() === $tie->seat->key())
            && ($this->sections === null || in_array($tie->section, $this->sections, true))
            && ($this->ties === null || in_array($tie->number, $this->ties, true));
    }

    /** @param  non-empty-list<Tie>  $all */
    private function mustBeThere(TieGroup $group, array $all): void
    {
        if ($this->row !== null && ! self::hasRow($group, $this->row)) {
            throw Fault::at(
                '',
                count($group->rows) === 1
                    ? 'This layout is a single row: write "every tie".'
                    : sprintf('There is no row %d: this layout has %d rows.', $this->row, count($group->rows)),
            );
        }
        $missing = array_values(array_diff($this->ties ?? [], array_column($all, 'number')));
        if ($missing !== []) {
            throw Fault::at(
                '',
                sprintf(
                    '%s not there: this layout has %s.',
                    ucfirst(Words::ties($missing)).(count($missing) === 1 ? ' is' : ' are'),
                    $group->numbers(),
                ),
            );
        }
        $bare = array_values(array_diff($this->sections ?? [], array_column($all, 'section')));
        if ($bare !== []) {
            throw Fault::at('', sprintf('There is no tie of this layout in section %s.', Words::ranges($bare)));
        }
    }
}
