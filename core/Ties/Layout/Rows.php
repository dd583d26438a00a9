<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\CountsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\Fastening;
use Davrin\Core\Ties\Row;
use Davrin\Core\Ties\Spot;
use Davrin\Core\Ties\TieLayout;

/** Rows of any number of ties, each evenly spaced all along, the inner row on the inner wires and the outer on the outer. */
class Rows implements TieLayout
{
    public function key(): string
    {
        return 'rows';
    }

    public function name(): string
    {
        return 'in rows';
    }

    public function fits(Form $form): bool
    {
        return $form->frame->pairs() !== [];
    }

    public function sentence(): string
    {
        return 'Prep it {layout} of {rows} ties, from the inside out.';
    }

    public function words(Form $form): array
    {
        return [];
    }

    public function blanks(Form $form): array
    {
        return [new CountsBlank('rows', 'the ties in each row', count($form->frame->pairs()) > 1 ? [6, 12] : [12], 1, 5, 1, 100)];
    }

    public function usualFastening(): Fastening
    {
        return Fastening::Whole;
    }

    public function rows(Form $form, Slip $slip, Units $units): array
    {
        return $this->even($form, $slip->counts('rows'));
    }

    /**
     * @param  list<int>  $counts
     * @return list<Row>
     */
    protected function even(Form $form, array $counts): array
    {
        $pairs = $form->frame->pairs();
        $last = count($counts) - 1;
        $rows = [];
        foreach ($counts as $index => $count) {
            $seat = $pairs[$last === 0 ? intdiv(count($pairs), 2) : (int) round($index * (count($pairs) - 1) / $last)];
            $length = $form->length($seat);
            $rows[] = new Row(
                array_map(fn (int $tie): Spot => new Spot($seat, ($tie + 0.5) / $count * $length), range(0, $count - 1)),
                $form->closed(),
            );
        }

        return $rows;
    }
}
