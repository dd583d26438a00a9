<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Tests\Core\PlanCase;

/** What is offered where mesh is short, at risk, or a roll is opened for a little. */
final class RemediesTest extends PlanCase
{
    public function test_layers_of_one_mesh_are_cut_shorter_together(): void
    {
        $advice = $this->work([
            'ties' => [['layout' => 'flat']],
            'materials' => [['rolls' => 1]],
            'parts' => [
                ['kind' => 'pancake', 'length' => '30 in', 'on' => 'row 1'],
                ['kind' => 'pancake', 'length' => '30 in', 'on' => 'row 2'],
            ],
        ])->advice[0];
        $this->assertSame(
            ['Cut 29 5/8 in each, for both layers', 'Keep a spare roll', 'Leave tie 12 bare'],
            array_column($advice->remedies, 'label'),
        );
        $this->assertSame(['29 5/8 in', '29 5/8 in'], array_values($advice->remedies[0]->edit->asData()['set']));
    }

    public function test_a_remedy_leaves_something_and_does_not_use_every_inch(): void
    {
        $advice = $this->work([
            'materials' => [['label' => 'measured', 'rolls' => 1]],
            'parts' => [['length' => '20 in'], ['length' => '20 in', 'on' => 'ties 1, 4']],
        ])->advice[0];
        $this->assertSame('2 ruffles short.', $advice->title);
        $this->assertSame('1 roll of Sage mesh runs out before tie 1. The ruffles at ties 1 and 4 would be missing.', $advice->sentence);
        $this->assertSame('Cut 17 7/8 in each, for both layers', $advice->remedies[0]->label);
        $this->assertStringStartsWith('nothing short; uses 357 1/2 in, leaves 2 1/2 in', $advice->remedies[0]->effect);
    }

    public function test_layers_of_other_lengths_may_be_cut_one_at_a_time_and_are_named_then(): void
    {
        $plan = [
            'materials' => [['label' => 'measured', 'rolls' => 1]],
            'parts' => [['length' => '18 in'], ['kind' => 'pancake', 'length' => '20 in', 'on' => 'ties 1, 4']],
        ];
        $labels = array_column($this->work($plan)->advice[0]->remedies, 'label');
        $this->assertSame('Cut 17 7/8 in each, for both layers', $labels[0]);
        $this->assertContains('Cut 17 3/4 in each, for the ruffles of Sage mesh', $labels);
    }

    public function test_with_rolls_as_needed_a_shorter_cut_need_not_do_where_a_longer_one_does(): void
    {
        // 54 pieces: at 12 in 4 rolls hold 60 of them and only 52 when short; at 11 1/2 in 56 even then. At 8 1/2 in 3 rolls are opened
        // and hold 63, but 57 when short; just below 10 in they are opened too, and hold too few.
        $advice = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %']],
            'parts' => [['kind' => 'rolled-bundle', 'material' => ['m1', 'm1', 'm1'], 'length' => '12 in']],
        ])->advice[0];
        $this->assertSame(
            ['at-risk', ['Cut 11 1/2 in each', 'Keep a spare roll', 'Leave tie 18 bare']],
            [$advice->rule, array_column($advice->remedies, 'label')],
        );
    }

    public function test_a_roll_is_saved_whatever_share_of_it_is_used(): void
    {
        $two = fn (string $length): array => [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 6]],
            'materials' => [
                ['id' => 'a', 'name' => 'Teal mesh', 'roll' => '5 yd', 'width' => '6 in'],
                ['id' => 'b', 'name' => 'Gold mesh', 'roll' => '5 yd', 'width' => '6 in'],
            ],
            'parts' => [['kind' => 'rolled-bundle', 'material' => ['a', 'a', 'b'], 'length' => $length]],
        ];
        $little = $this->ofRule($two('8 in'), 'little-of-a-roll');
        $this->assertSame('Roll 4 of Teal mesh is opened for 6 pieces; a new one gives 22.', $little?->sentence);
        $this->assertSame('Cut 7 3/8 in each', $little->remedies[0]->label);
        $this->assertStringContainsString('Teal mesh: opens 3 rolls, 1 roll less to buy ($6.50)', $little->remedies[0]->effect);
        $this->assertStringContainsString('Gold mesh: uses 265 1/2 in', $little->remedies[0]->effect);
        $this->assertNull($this->ofRule($two('7 3/8 in'), 'little-of-a-roll'));
        // At 8 1/2 in it would take more than an eighth off.
        $this->assertNull($this->ofRule($two('8 1/2 in'), 'little-of-a-roll'));
    }

    public function test_a_part_roll_that_comes_first_does_not_hide_a_roll_for_a_little(): void
    {
        $little = $this->ofRule(
            ['materials' => [['onHand' => ['62 in'], 'label' => 'measured']], 'parts' => [['length' => '24 in']]],
            'little-of-a-roll',
        );
        $this->assertSame('Roll 3 of Sage mesh is opened for 1 ruffle; a new one gives 15.', $little?->sentence);
    }

    public function test_where_nothing_may_be_bought_what_is_missing_is_said(): void
    {
        $none = ['materials' => [['rolls' => 0]], 'parts' => [['length' => '20 in']]];
        $short = $this->ofRule($none, 'short');
        $this->assertSame(
            [
                '18 ruffles short.',
                'There is no roll of Sage mesh, and none may be bought. Ties 1 to 18 would stay bare.',
                ['Have 2 rolls at hand'],
            ],
            [$short?->title, $short?->sentence, array_column($short->remedies, 'label')],
        );
        $mesh = $this->work($none)->wound[0];
        $this->assertSame(
            ['0 full rolls opened, 0 to buy, 0 at hand, 2 needed', '360 in missing'],
            [$mesh->rollWords(), $mesh->slackWords()],
        );
        $onHand = $this->ofRule(['materials' => [['rolls' => 0, 'onHand' => ['200 in']]], 'parts' => [['length' => '20 in']]], 'short');
        $this->assertSame(
            'What is on hand of Sage mesh runs out before tie 11. Ties 11 to 18 would stay bare.',
            $onHand?->sentence,
        );
        $enough = $this->work(['materials' => [['rolls' => 0, 'onHand' => ['2 x 10 yd']]], 'parts' => [['length' => '18 in']]]);
        $this->assertSame(['fits', 0], [$enough->verdict->words(), $enough->wound[0]->plan->cents()]);
    }

    public function test_strands_that_end_sooner_say_both_numbers_and_never_that_fewer_rolls_would_do(): void
    {
        $plan = [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 10]],
            'materials' => [['roll' => '5 yd', 'label' => 'measured', 'rolls' => 5]],
            'parts' => [['kind' => 'poof-run', 'material' => ['m1', 'm1'], 'pitch' => '8 in']],
        ];
        $short = $this->ofRule($plan, 'short');
        $this->assertSame(
            ['16 poofs short.', '5 rolls of Sage mesh run out at tie 45. 4 of them are opened. Ties 46 to 60 would stay bare.'],
            [$short?->title, $short?->sentence],
        );
        $this->assertContains('Have 6 rolls at hand', array_column($short->remedies, 'label'));
        $sooner = $this->ofRule($plan, 'sooner');
        $this->assertSame('More of them could be made.', $sooner?->title);
        $this->assertStringContainsString('So 16 poofs are short; ended sooner, 7.', $sooner->sentence);
        $this->assertStringStartsWith('7 poofs short; opens 5 rolls', $sooner->remedies[0]->effect);
    }

    public function test_a_remedy_that_leaves_another_mesh_short_is_told_and_comes_only_where_there_is_no_better(): void
    {
        foreach ($this->work([
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
            'materials' => [['id' => 'a', 'rolls' => 1, 'label' => 'measured'], ['id' => 'b', 'name' => 'Gold mesh', 'rolls' => 1, 'label' => 'measured']],
            'parts' => [['material' => ['a: 20', 'b: 4'], 'order' => 'by-count', 'length' => '19 in']],
        ])->advice as $advice) {
            foreach ($advice->remedies as $remedy) {
                $this->assertStringNotContainsString('Gold mesh: 1', $remedy->effect);
            }
        }
    }

    public function test_a_layer_is_left_out_only_where_that_is_enough(): void
    {
        $ruffles = ['length' => '18 in', 'material' => 'm1'];
        $full = $this->ofRule(['parts' => [$ruffles, $ruffles]], 'very-full');
        $this->assertContains('Leave these ruffles out', array_column($full->remedies ?? [], 'label'));
        $fuller = $this->ofRule(['parts' => [$ruffles, $ruffles, $ruffles, $ruffles]], 'very-full');
        $this->assertContains('Leave the last 3 layers out', array_column($fuller->remedies ?? [], 'label'));
        $this->assertSame([], array_filter($fuller->remedies, fn (Remedy $remedy): bool => ! str_contains($remedy->effect, ', usual')));
    }

    /** @param  array<string, mixed>  $document */
    private function ofRule(array $document, string $rule): ?Advice
    {
        return array_values(array_filter($this->work($document)->advice, fn (Advice $advice): bool => $advice->rule === $rule))[0] ?? null;
    }
}
