<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Demand\Step;
use Davrin\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** A run on rows that do not close is worked back from the end that the mesh is at. */
final class OpenRowsTest extends PlanCase
{
    public function test_three_times_round_an_open_row_of_five_ties_goes_there_back_and_there_again(): void
    {
        $plan = $this->onAStrip(5, ['parts' => 'thrice']);
        $this->assertSame(
            ['1-2', '2-3', '3-4', '4-5', '5-4', '4-3', '3-2', '2-1', '1-2', '2-3', '3-4', '4-5'],
            $this->way($plan)[0],
        );
        $this->assertSame(range(1, 12), array_map(fn ($element): int => $element->number, $plan->parts[0]->demand->elements));
        $this->assertSame(12, count(array_unique(array_column($plan->parts[0]->demand->elements, 'id'))));
    }

    public function test_the_next_row_begins_at_the_end_where_the_last_one_ended(): void
    {
        $this->assertSame(['1-2', '2-3', '6-5', '5-4'], $this->way($this->onAHook(['parts' => 'one']))[0]);
        // There and back on the first leaves the mesh where it began.
        $this->assertSame(['1-2', '2-3', '3-2', '2-1', '4-5', '5-6', '6-5', '5-4'], $this->way($this->onAHook(['parts' => 'twice']))[0]);
    }

    public function test_a_filling_pass_goes_on_from_the_last_tie_too(): void
    {
        $this->assertSame(['1-2', '2-3', '6-5', '5-4', '1-2', '2-3'], $this->way($this->onAHook(['parts' => 'one', 'fill' => 'filling']))[0]);
    }

    public function test_a_row_by_itself_begins_anew_at_its_own_beginning(): void
    {
        $this->assertSame([['1-2', '2-3'], ['4-5', '5-6']], $this->way($this->onAHook(['parts' => 'rows'])));
    }

    public function test_from_the_outer_row_to_the_inner_is_as_good(): void
    {
        $this->assertSame(['4-5', '5-6', '3-2', '2-1'], $this->way($this->onAHook(['parts' => 'one', 'first' => 'outer']))[0]);
        $ring = fn (string $first): Plan => $this->plan([
            'ties' => [['layout' => 'rows', 'rows' => [6, 12]]],
            'parts' => [['kind' => 'poof-run', 'first' => $first, 'fill' => 'filling', 'drop' => '3 in']],
        ]);
        $run = $ring('outer')->parts[0]->demand->runs[0];
        $this->assertSame([7, 1, 1], [$run->steps[0]->from, $run->steps[12]->from, $run->steps[18]->from]);
        $this->assertSame([12, 18], array_keys(array_filter($run->steps, fn (Step $step): bool => ! $step->drop->isZero())));
        $this->assertSame($ring('inner')->parts[0]->demand->runs[0]->length()->units, $run->length()->units);
    }

    #[TestWith(['pulled-loops', ['1-1', '2-2', '3-3', '6-6', '5-5', '4-4']])]
    #[TestWith(['pushed-ruffles', ['1-1', '2-2', '3-3', '6-6', '5-5', '4-4']])]
    public function test_loops_and_rises_go_back_too(string $kind, array $way): void
    {
        $this->assertSame($way, $this->way($this->onAHook(['kind' => $kind]))[0]);
    }

    public function test_by_eye_makes_estimates_of_what_rests_on_the_pitch(): void
    {
        $poofs = fn (string $gauge): array => [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
            'materials' => [['id' => 'a', 'name' => 'Teal mesh'], ['id' => 'b', 'name' => 'Gold mesh']],
            'parts' => [
                ['kind' => 'poof-run', 'material' => 'a', 'gauge' => $gauge],
                ['material' => 'b', 'length' => '12 in', 'on' => 'every 2nd tie'],
            ],
        ];
        [$measured, $byEye] = [$this->work($poofs('measured')), $this->work($poofs('by-eye'))];
        foreach (['used', 'rolls', 'left', 'slack'] as $figure) {
            $this->assertFalse($measured->wound[0]->$figure->estimate);
            $this->assertTrue($byEye->wound[0]->$figure->estimate);
            $this->assertFalse($byEye->wound[1]->$figure->estimate, 'ruffles are cut to the inch all the same');
            $this->assertSame($measured->wound[0]->$figure->value, $byEye->wound[0]->$figure->value);
        }
        $this->assertSame('about 220 in', $byEye->wound[0]->used->shown);
        $this->assertContains('poofs measured by eye: an estimate', $byEye->wound[0]->used->because);
        $this->assertSame(
            [true, true, true, true, false],
            [
                $byEye->tally->left->estimate, $byEye->cost->byLength->estimate, $byEye->cost->opened->estimate,
                $byEye->parts[0]->takes->estimate, $byEye->parts[1]->takes->estimate,
            ],
        );
    }

    /** @param  array<string, mixed>  $part */
    private function onAStrip(int $ties, array $part): Plan
    {
        return $this->plan([
            'form' => ['kind' => 'outline', 'points' => ['0 0', '40 0'], 'closed' => 'open', 'size' => '40 in', 'count' => 1],
            'ties' => [['layout' => 'free', 'spots' => array_map(fn (int $tie): string => '1: '.(6 * $tie).' in', range(1, $ties))]],
            'materials' => [['roll' => '20 yd']],
            'parts' => [['kind' => 'poof-run', ...$part]],
        ]);
    }

    /** @param  array<string, mixed>  $part */
    private function onAHook(array $part): Plan
    {
        return $this->plan([
            'form' => ['kind' => 'hook', 'count' => 3],
            'ties' => [['layout' => 'rows', 'rows' => [3, 3]]],
            'materials' => [['roll' => '40 yd']],
            'parts' => [[...(isset($part['kind']) ? [] : ['kind' => 'poof-run', 'pitch' => '30 in']), ...$part]],
        ]);
    }

    /** @return list<list<string>> from tie to tie, run by run */
    private function way(Plan $plan): array
    {
        return array_map(
            fn ($run): array => array_map(fn (Step $step): string => "$step->from-$step->to", $run->steps),
            $plan->parts[0]->demand->runs,
        );
    }
}
