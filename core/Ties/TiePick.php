<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Numbers;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/**
 * Which ties of a layout a layer stands on: all, one row, every second or third, those of some sections, or ties chosen by
 * number. Ties left out in between do not open a closed row: mesh goes on to the next that is taken.
 */
final readonly class TiePick
{
    public const EVERY_TIE = 'every tie';

    public const SECTIONS = 'sections';

    public const TIES = 'ties';

    private const NTH = [2 => '2nd', 3 => '3rd'];

    /**
     * @param  ?int  $row  only this one, from the inside out
     * @param  int  $every  every so many-th of a row, the first among them
     * @param  ?list<int>  $sections
     * @param  ?list<int>  $ties
     */
    private function __construct(private ?int $row, private int $every, private ?array $sections, private ?array $ties) {}

    /** Of "every tie", "row 1", "every 2nd tie", "every 3rd tie of row 2", "sections 1 to 3", "ties 1, 4 and 9"; null for anything else. */
    public static function read(string $text): ?self
    {
        $text = mb_strtolower(trim($text));

        return match (1) {
            preg_match('/^(?:every|all) ties?$/', $text) => new self(null, 1, null, null),
            preg_match('/^row (\d{1,2})$/', $text, $found) => new self((int) $found[1], 1, null, null),
            preg_match('/^every (2nd|3rd) tie(?: of row (\d{1,2}))?$/', $text, $found) => new self(isset($found[2]) ? (int) $found[2] : null, (int) array_search($found[1], self::NTH, true), null, null),
            preg_match('/^sections?\s+(.+)$/', $text, $found) => self::numbered(Numbers::read($found[1], 24), false),
            preg_match('/^ties?\s+(.+)$/', $text, $found) => self::numbered(Numbers::read($found[1], Ties::MOST), true),
            default => null,
        };
    }

    /** @param  ?list<int>  $numbers */
    private static function numbered(?array $numbers, bool $ties): ?self
    {
        return $numbers === null ? null : new self(null, 1, $ties ? null : $numbers, $ties ? $numbers : null);
    }

    /** The one way it stands in a plan file. */
    public function key(): string
    {
        $row = $this->row === null ? '' : " of row $this->row";

        return match (true) {
            $this->sections !== null => self::SECTIONS.' '.Words::ranges($this->sections),
            $this->ties !== null => self::TIES.' '.Words::ranges($this->ties),
            $this->every > 1 => 'every '.self::NTH[$this->every].' tie'.$row,
            $this->row !== null => "row $this->row",
            default => self::EVERY_TIE,
        };
    }

    /**
     * The usual choices on a layout, in words by key; those of sections and of chosen ties want numbers beside them.
     *
     * @return array<string, string>
     */
    public static function choices(TieGroup $ties): array
    {
        $rows = count($ties->rows);
        $row = fn (int $index): string => match (true) {
            $index === 0 => 'inner tie',
            $index === $rows - 1 => 'outer tie',
            default => 'tie of row '.($index + 1),
        };
        $choices = [self::EVERY_TIE => 'every tie'];
        foreach ($rows > 1 ? array_keys($ties->rows) : [] as $index) {
            $choices['row '.($index + 1)] = 'every '.$row($index);
        }
        foreach (['2nd' => 'second', '3rd' => 'third'] as $nth => $word) {
            $choices["every $nth tie"] = "every $word tie";
            foreach ($rows > 1 ? array_keys($ties->rows) : [] as $index) {
                $choices["every $nth tie of row ".($index + 1)] = "every $word ".$row($index);
            }
        }

        return [...$choices, self::SECTIONS => 'the ties of sections', self::TIES => 'ties'];
    }

    /** The choice it is, and the numbers beside it. */
    public function choice(): string
    {
        return match (true) {
            $this->sections !== null => self::SECTIONS,
            $this->ties !== null => self::TIES,
            default => $this->key(),
        };
    }

    public function numbers(): string
    {
        $numbers = $this->sections ?? $this->ties;

        return $numbers === null ? '' : Words::ranges($numbers);
    }

    /**
     * @return non-empty-list<TieRow>
     *
     * @throws Fault with an empty pointer for a row, a section or a tie that is not there
     */
    public function rows(TieGroup $group): array
    {
        $all = $group->ties();
        $this->mustBeThere($group, $all);
        $rows = [];
        foreach ($group->rows as $index => $row) {
            $ties = array_values(array_filter($row->ties, fn (Tie $tie, int $at): bool => $this->takes($tie, $at, $index + 1), ARRAY_FILTER_USE_BOTH));
            if ($ties !== []) {
                $rows[] = new TieRow($ties, $row->closed && ($this->every > 1 ? count($ties) > 1 : count($ties) === count($row->ties)));
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
            $this->every,
            $this->sections === null ? null : array_values(array_intersect($this->sections, array_column($ties, 'section'))),
            $this->ties === null ? null : array_values(array_intersect($this->ties, array_column($ties, 'number'))),
        );

        return $pick->sections === [] || $pick->ties === [] || ($this->row !== null && $pick->row === null) ? null : $pick;
    }

    /** A layout of one row has no row to tell from others. */
    private static function hasRow(TieGroup $group, int $row): bool
    {
        return count($group->rows) > 1 && $row >= 1 && $row <= count($group->rows);
    }

    private function takes(Tie $tie, int $at, int $row): bool
    {
        return ($this->row === null || $this->row === $row)
            && $at % $this->every === 0
            && ($this->sections === null || in_array($tie->section, $this->sections, true))
            && ($this->ties === null || in_array($tie->number, $this->ties, true));
    }

    /** @param  non-empty-list<Tie>  $all */
    private function mustBeThere(TieGroup $group, array $all): void
    {
        if ($this->row !== null && ! self::hasRow($group, $this->row)) {
            throw Fault::at('', count($group->rows) === 1 ? 'This layout is a single row: write "every tie".' : sprintf('There is no row %d: this layout has %d rows.', $this->row, count($group->rows)));
        }
        $missing = array_values(array_diff($this->ties ?? [], array_column($all, 'number')));
        if ($missing !== []) {
            throw Fault::at('', sprintf('%s not there: this layout has ties %d to %d.', ucfirst(Words::ties($missing)).(count($missing) === 1 ? ' is' : ' are'), $all[0]->number, $all[count($all) - 1]->number));
        }
        $bare = array_values(array_diff($this->sections ?? [], array_column($all, 'section')));
        if ($bare !== []) {
            throw Fault::at('', sprintf('There is no tie of this layout in section %s.', Words::ranges($bare)));
        }
    }
}
