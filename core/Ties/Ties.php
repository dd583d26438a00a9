<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;
use Davrin\Core\Plan\Fault;

/** All ties of a plan, numbered row by row from the inside out, within a row clockwise from section 1. */
final readonly class Ties
{
    public const MOST = 400;

    /** @param  non-empty-list<non-empty-list<Tie>>  $rows */
    private function __construct(public array $rows, public StemKind $stem) {}

    /**
     * @param  non-empty-list<Row>  $rows
     *
     * @throws Fault for more ties than anyone can tie
     */
    public static function on(Form $form, array $rows, StemKind $stem): self
    {
        $number = 0;
        $placed = [];
        foreach ($rows as $index => $row) {
            $ties = [];
            foreach ($row->spots as ['section' => $section, 'along' => $along]) {
                $ties[] = new Tie(++$number, $index + 1, $section, $row->pair, $along, $form->sectionLength($row->pair), $form->at($row->pair, $section, $along));
            }
            $placed[] = $ties === [] ? throw Fault::at('', 'A row without a tie holds no mesh. Give every row at least one tie.') : $ties;
        }
        if ($number > self::MOST) {
            throw Fault::at('', sprintf('That makes %d ties. Davrin plans up to %d on one form: take fewer a section.', $number, self::MOST));
        }

        return new self($placed, $stem);
    }

    /** @return non-empty-list<Tie> */
    public function all(): array
    {
        return array_merge(...$this->rows);
    }

    public function count(): int
    {
        return count($this->all());
    }
}
