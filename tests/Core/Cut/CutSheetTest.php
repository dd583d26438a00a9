<?php

declare(strict_types=1);

namespace Tests\Core\Cut;

use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Cut\SheetCut;
use Davrin\Core\Cut\SheetRoll;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Measure\Units;
use Tests\Core\PlanCase;

final class CutSheetTest extends PlanCase
{
    public function test_rolls_stand_in_working_order_with_running_totals_and_what_goes_back(): void
    {
        $sheet = $this->sheet(['materials' => [['onHand' => ['62 in lot B7', '131 in'], 'label' => 'measured']]]);
        $this->assertSame(
            ['Roll 1, a part roll of 62 in, lot B7', 'Roll 2, a part roll of 131 in', 'Roll 3, a new roll of 360 in'],
            array_map(fn (SheetRoll $roll): string => $roll->name, $sheet->rolls),
        );
        $this->assertSame([19.0, 38.0, 57.0], array_map(fn (SheetCut $cut): float => $cut->total->toInches(), $sheet->rolls[0]->cuts));
        $this->assertSame(['ruffle at tie 1', 'ruffle at tie 2', 'ruffle at tie 3'], array_column($sheet->rolls[0]->cuts, 'for'));
        // 5 in are too short to keep.
        $this->assertSame(
            [null, 'Sage mesh, 10 in wide, 17 in', 'Sage mesh, 10 in wide, 189 in'],
            array_map(fn (SheetRoll $roll): ?string => $roll->label?->words(), $sheet->rolls),
        );
        $this->assertSame(
            ['5 in left: too short to keep', 'back on the shelf: Sage mesh, 10 in wide, 17 in'],
            array_map(fn (SheetRoll $roll): string => $roll->rest(Units::Inches), array_slice($sheet->rolls, 0, 2)),
        );
        $this->assertSame(
            'nothing left',
            $this->sheet(
                ['materials' => [['onHand' => ['57 in'], 'label' => 'measured']], 'parts' => [['on' => 'ties 1 to 3']]],
            )->rolls[0]->rest(Units::Inches),
        );
        $this->assertSame([['1 new roll of Sage mesh'], [Caution::Cutter], 18], [$sheet->toBuy, $sheet->cautions, $sheet->count()]);
    }

    public function test_every_cut_has_a_key_of_its_own_and_alike_ones_are_drawn_together(): void
    {
        $sheet = $this->sheet(['parts' => [['length' => '22 in', 'on' => 'row 1'], ['length' => '14 in', 'on' => 'row 2']]]);
        $keys = array_column(array_merge(...array_column($sheet->rolls, 'cuts')), 'key');
        $this->assertSame($keys, array_unique($keys));
        $this->assertSame([6, 12], array_map(count(...), $sheet->rolls[0]->groups()));
    }

    public function test_a_run_is_not_cut_between_its_ties(): void
    {
        $sheet = $this->sheet($this->poofs());
        $this->assertContains(
            'Runs are not cut between ties: measure from tie to tie as you go, and cut once, behind the end tail.',
            $sheet->ways,
        );
        $this->assertTrue($sheet->rolls[0]->cuts[0]->isTied);
        $this->assertSame(['start tail at tie 1', 'poof 1, to tie 2'], [$sheet->rolls[0]->cuts[0]->for, $sheet->rolls[0]->cuts[1]->for]);
    }

    public function test_the_longest_cuts_first_or_colour_by_colour(): void
    {
        $plan = [
            'materials' => [['id' => 'a', 'name' => 'A'], ['id' => 'b', 'name' => 'B']],
            'parts' => [
                ['material' => 'a', 'length' => '14 in', 'on' => 'row 2'],
                ['material' => 'b', 'length' => '22 in', 'on' => 'row 1'],
            ],
        ];
        $names = fn (CutOrder $order): array => array_map(
            fn (SheetRoll $roll): string => $roll->wound->name(),
            $this->sheet($plan, $order)->rolls,
        );
        $this->assertSame([['A', 'B'], ['B', 'A']], [$names(CutOrder::ByColour), $names(CutOrder::LongestFirst)]);
    }

    public function test_a_bare_form_has_nothing_to_cut(): void
    {
        $sheet = $this->sheet(['parts' => []]);
        $this->assertSame(
            [[], [], [], [], [], 0],
            [$sheet->rolls, $sheet->warnings, $sheet->ways, $sheet->cautions, $sheet->toBuy, $sheet->count()],
        );
    }

    public function test_a_roll_that_may_come_short_says_what_lies_beyond(): void
    {
        $sheet = $this->sheet($this->everyInch());
        $this->assertSame(
            ['At risk. Only 352 3/4 in of this roll is safe. What lies beyond: ruffle at tie 15.'],
            $sheet->rolls[0]->warnings,
        );
        $this->assertStringStartsWith('Every inch is used, and at risk. Sage mesh uses 360 in', $sheet->warnings[0]);
        $many = $this->sheet(['materials' => [['allowance' => '25 %', 'rolls' => 1]], 'parts' => [['length' => '20 in']]]);
        $this->assertSame(
            ['At risk. Only 270 in of this roll is safe. What lies beyond: the last 5, from ruffle at tie 14 on.'],
            $many->rolls[0]->warnings,
        );
    }

    public function test_a_warning_that_means_certain_rolls_stands_there_and_any_other_at_the_head(): void
    {
        $little = $this->sheet(['materials' => [['label' => 'measured']], 'parts' => [['length' => '21 in', 'on' => 'every tie']]]);
        $this->assertSame(
            [[], ['A roll for a little. Roll 2 of Sage mesh is opened for 1 ruffle; a new one gives 17.']],
            array_column($little->rolls, 'warnings'),
        );
        $this->assertSame([[], true], [$little->warnings, $little->isWarned()]);
        $this->assertFalse($this->sheet([])->isWarned());
        $every = $this->sheet(['materials' => [['label' => 'measured', 'rolls' => 1]], 'parts' => [['length' => '20 in']]]);
        $this->assertSame(
            [['Every inch is used. Nothing of the Sage mesh is left for a slip of the scissors.']],
            array_column($every->rolls, 'warnings'),
        );
        $lots = $this->sheet(['materials' => [[
            'onHand' => ['190 in lot A1', '190 in lot B2'], 'rolls' => 0, 'lots' => 'mixed', 'label' => 'measured',
        ]], 'parts' => [['length' => '19 in']]]);
        $this->assertSame([[], 1], [$lots->rolls[0]->warnings, count($lots->rolls[1]->warnings)]);
        $this->assertStringStartsWith('Two lots side by side.', $lots->rolls[1]->warnings[0]);
        $thin = $this->sheet(['parts' => [['length' => '9 in']]]);
        $this->assertStringStartsWith('Thin.', $thin->warnings[0]);
    }

    /** @param  array<string, mixed>  $document */
    private function sheet(array $document, CutOrder $order = CutOrder::ByColour): CutSheet
    {
        return CutSheet::of($this->plan($document), $this->work($document), $order);
    }
}
