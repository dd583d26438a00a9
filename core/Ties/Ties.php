<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Words\Fault;

/** All ties of a plan: layout by layout, in each row by row from the inside out, numbered through. */
final readonly class Ties
{
    public const MOST = 400;

    /** @param  list<TieGroup>  $groups */
    private function __construct(public array $groups) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * With the ties of another layout.
     *
     * @param  list<Row>  $rows
     *
     * @throws Fault for no tie, or more than anyone can tie
     */
    public function with(Form $form, string $id, TieLayout $layout, Slip $slip, array $rows, Fastening $with, bool $together = false): self
    {
        $number = $this->count();
        $placed = [];
        foreach ($rows as $index => $row) {
            $ties = [];
            foreach ($row->spots as $spot) {
                $number++;
                if ($number <= self::MOST) {
                    $ties[] = Tie::on($form, $number, $index + 1, $spot);
                }
            }
            $placed[] = $ties === [] ? null : new TieRow($ties, $row->closed);
        }
        if ($number > self::MOST) {
            throw Fault::at('', sprintf('That makes %d ties. Davrin plans up to %d on one form: take fewer.', $number, self::MOST));
        }
        $placed = array_values(array_filter($placed));
        if ($placed === []) {
            throw Fault::at('', 'A layout without a tie holds no mesh. Give it at least one.');
        }

        $ties = new self([...$this->groups, new TieGroup($id, $layout, $slip, $form, $placed, $with, $together)]);

        return $together ? $ties->renumbered() : $ties;
    }

    /** Layouts that are numbered together are counted round the form row by row, from the inside out; the others one after the other. */
    private function renumbered(): self
    {
        $blocks = [];
        foreach ($this->groups as $group) {
            $group->together && $blocks !== [] ? $blocks[count($blocks) - 1][] = $group : $blocks[] = [$group];
        }
        [$numbers, $next] = [[], 1];
        foreach ($blocks as $block) {
            $ties = array_merge(...array_map(fn (TieGroup $group): array => $group->ties(), $block));
            if (count($block) > 1) {
                usort(
                    $ties,
                    fn (Tie $a, Tie $b): int => [
                        $a->row,
                        $a->section,
                        $a->along / $a->sectionLength,
                        $a->number,
                    ] <=> [$b->row, $b->section, $b->along / $b->sectionLength, $b->number],
                );
            }
            foreach ($ties as $tie) {
                $numbers[$tie->number] = $next++;
            }
        }

        return new self(array_map(fn (TieGroup $group): TieGroup => $group->numbered($numbers), $this->groups));
    }

    /** @return list<Tie> */
    public function all(): array
    {
        return array_merge(...array_map(fn (TieGroup $group): array => $group->ties(), $this->groups));
    }

    public function count(): int
    {
        return count($this->all());
    }
}
