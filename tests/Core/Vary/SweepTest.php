<?php

declare(strict_types=1);

namespace Tests\Core\Vary;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Vary\Sweep;
use Davrin\Core\Vary\SweepPoint;
use Davrin\Core\Vary\Varied;
use Davrin\Core\Words\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class SweepTest extends PlanCase
{
    #[TestWith(['measured', '7 1/4 in', ['7 1/4 in opens 6 rolls; 7 3/8 in opens 9 rolls.']])]
    #[TestWith(['label', '7 1/8 in', ['7 1/4 in opens 6 rolls; 7 3/8 in opens 9 rolls.', 'If rolls come short, 6 are only sure up to 7 1/8 in.']])]
    public function test_three_strands_of_poofs_take_three_rolls_more_from_seven_and_three_eighths(string $label, string $safe, array $said): void
    {
        $sweep = $this->sweep($this->threeStrands($label), 'parts.l1.pitch', '7 in', '8 in', '1/8 in');
        $this->assertSame([6, 6, 6, 9, 9, 9, 9, 9, 9], array_map(fn (SweepPoint $its): int => $its->rolls, $sweep->points));
        $onSix = array_filter($sweep->points, fn (SweepPoint $its): bool => $its->isSafeOn(6));
        $this->assertSame($safe, end($onSix)->shown);
        $this->assertSame($said, $sweep->sentences());
    }

    public function test_between_wide_steps_the_place_where_a_roll_is_added_is_worked_out(): void
    {
        $sweep = $this->sweep($this->threeStrands('label'), 'parts.l1.pitch', '6 in', '9 in', '1 in');
        $this->assertSame(['7 1/4 in', '7 3/8 in'], [$sweep->breaks()[0][0]->shown, $sweep->breaks()[0][1]->shown]);
        foreach (['6 in', '7 in', '7 1/2 in', '8 in', '9 in'] as $shown) {
            $this->assertContains($shown, array_column($sweep->points, 'shown'));
        }
        $this->assertSame([true], array_values(array_filter(array_column($sweep->points, 'isNow'))));
    }

    public function test_every_point_is_what_the_plan_comes_to_when_it_is_taken(): void
    {
        $plan = $this->plan($this->everyday());
        $sweep = $this->sweep($this->everyday(), 'parts.l1.length', '17 in', '22 in', '1/4 in');
        foreach ($sweep->made() as $point) {
            $edited = $this->plan(['parts' => [['length' => $point->shown]]] + $this->everyday());
            $result = Engine::standard(Craft::standard())->figures($edited);
            $this->assertSame([$result->tally->rolls->value, $result->cost->total->cents], [$point->rolls, $point->cost?->cents], $point->shown);
        }
        $this->assertSame('19 in', $plan->part('l1')->on->slip->write()['length']);
    }

    public function test_the_number_of_pieces_keeps_its_shares_and_cannot_go_below_one_of_each(): void
    {
        $sweep = $this->sweep([
            'materials' => [['id' => 'a'], ['id' => 'b', 'name' => 'B']],
            'parts' => [['id' => 'l1', 'kind' => 'rolled-bundle', 'material' => ['a: 3', 'b: 1']]],
        ], 'parts.l1.material', '1', '8', '1');
        $this->assertSame(['1'], array_column(array_filter($sweep->points, fn (SweepPoint $its): bool => $its->refused !== null), 'shown'));
        $this->assertSame('6 a + 2 b', $sweep->varied->written(8)['parts.l1.material']);
        $this->assertSame('1 a + 1 b', $sweep->varied->written(2)['parts.l1.material']);
    }

    public function test_lengths_that_several_parts_have_alike_are_varied_at_once(): void
    {
        $plan = $this->plan(['parts' => [['id' => 'in', 'on' => 'row 1', 'length' => '18 in'], ['id' => 'out', 'on' => 'row 2', 'length' => '18 in']]]);
        $both = Varied::named($plan, 'parts.in.length+');
        $this->assertSame(['parts.in.length' => '20 in', 'parts.out.length' => '20 in'], $both->written(20 * 4064));
        $this->assertStringContainsString('of 2 parts at once', $both->label);
        $this->assertArrayHasKey('ties.t1.perSection', Varied::of($this->plan($this->threeStrands('label'))));
    }

    #[TestWith(['a lot', '', '', '/from', 'is not a length'])]
    #[TestWith(['8 in', '7 in', '', '/to', 'more than the first'])]
    #[TestWith(['2 in', '60 in', '1/8 in', '/step', 'up to 60 are tried at once. Take steps of 1 in'])]
    #[TestWith(['7 in', '8 in', '1/32 in', '/step', 'The smallest step is 1/8 in'])]
    public function test_what_cannot_be_tried_says_which_blank_and_what_can(string $from, string $to, string $step, string $pointer, string $why): void
    {
        try {
            $this->sweep($this->everyday(), 'parts.l1.length', $from, $to, $step);
            $this->fail('It was tried.');
        } catch (Fault $fault) {
            $this->assertSame($pointer, $fault->pointer);
            $this->assertStringContainsString($why, $fault->getMessage());
        }
    }

    public function test_what_is_nothing_now_is_varied_from_nothing(): void
    {
        $sweep = $this->sweep($this->threeStrands('label'), 'parts.l1.drop');
        $this->assertSame(['0 in', true], [$sweep->points[0]->shown, $sweep->points[0]->isNow]);
        $this->assertArrayNotHasKey('parts.l1.begin', Varied::of($sweep->plan), 'where a run begins is no size');
    }

    public function test_in_centimetres_the_steps_are_those_of_a_metric_ruler(): void
    {
        $sweep = $this->sweep(['settings' => ['units' => 'centimetres']] + $this->everyday(), 'parts.l1.length', '48 cm', '50 cm');
        $this->assertSame(['48 cm', '48.26 cm', '48.5 cm', '49 cm', '49.5 cm', '50 cm'], array_column($sweep->points, 'shown'));
        $this->assertSame([false, true, false, false, false, false], array_column($sweep->points, 'isNow'), 'what it is stands among them');
    }

    public function test_a_figure_that_the_plan_does_not_have_is_refused(): void
    {
        $this->expectExceptionMessage('"parts.l9.length" is no figure of this plan');
        $this->sweep($this->everyday(), 'parts.l9.length');
    }

    private function sweep(array $document, string $figure, string $from = '', string $to = '', string $step = ''): Sweep
    {
        $plan = $this->plan($document);

        return Sweep::of($plan, Varied::named($plan, $figure), Engine::standard(Craft::standard()), $this->reader(), $from, $to, $step);
    }

    /** 48 poofs, three colours, one a strand, that end together; rolls of 5 yd, 2 % short where they are by the label. */
    private function threeStrands(string $label): array
    {
        $document = (array) json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/fair-gate-three-strands.json'), true);
        foreach ($document['materials'] as &$material) {
            $material = $material['kind'] === 'mesh' ? ['label' => $label, 'allowance' => '2 %'] + $material : $material;
        }

        return $document;
    }
}
