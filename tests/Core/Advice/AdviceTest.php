<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class AdviceTest extends PlanCase
{
    use RandomTrials;

    public function test_a_plan_that_fits_with_slack_gets_no_advice(): void
    {
        $this->assertSame([], $this->work($this->everyday())->advice);
    }

    public function test_a_roll_used_to_the_last_inch_that_may_be_short_is_told_with_the_tie_that_would_stay_bare(): void
    {
        $advice = $this->work($this->everyInch())->advice;
        $this->assertCount(1, $advice);
        $this->assertSame(['every-inch', 'parts.l1', [15]], [$advice[0]->rule, $advice[0]->about, $advice[0]->ties]);
        $this->assertSame('Every inch is used, and at risk.', $advice[0]->title);
        $this->assertStringContainsString('only 352 3/4 in of each is safe, and then there is none for tie 15', $advice[0]->sentence);
    }

    public function test_the_remedy_offers_the_longest_piece_that_is_safe(): void
    {
        $remedy = $this->work($this->everyInch())->advice[0]->remedies[0];
        $this->assertSame('Cut 23 1/2 in each', $remedy->label);
        $this->assertSame(['parts.l1.length' => '23 1/2 in'], $remedy->edit->asData()['set']);
        $this->assertSame('safe; uses 352 1/2 in, leaves 7 1/2 in; fullness 102.0, usual; $0.14 less by length', $remedy->effect);
    }

    public function test_another_roll_at_hand_is_a_remedy_too(): void
    {
        $remedy = $this->work($this->everyInch())->advice[0]->remedies[1];
        $this->assertSame(
            ['Keep a spare roll', 'safe; 1 roll ($6.50) only if needed'],
            [$remedy->label, $remedy->effect],
        );
    }

    public function test_as_few_ties_as_will_do_can_be_left_bare(): void
    {
        $remedy = $this->work($this->everyInch())->advice[0]->remedies[2];
        $this->assertSame(
            [
                'Leave tie 15 bare',
                'safe; uses 336 in, leaves 24 in; 14 ruffles; fullness 97.2, usual; about 35 min to make; $0.43 less by length; '
                    .'but then a tie is left bare',
            ],
            [$remedy->label, $remedy->effect],
        );
        $this->assertSame(['Tie 15 carries nothing.'], array_column($this->work(
            ['parts' => [['length' => '24 in', 'on' => $remedy->edit->asData()['set']['parts.l1.on']]]] + $this->everyInch(),
        )->advice, 'sentence'));
    }

    public function test_a_measured_roll_used_to_the_last_inch_is_not_at_risk_but_still_told(): void
    {
        $plan = $this->everyInch();
        $plan['materials'][0]['label'] = 'measured';
        $result = $this->work($plan);
        $this->assertSame('uses every inch', $result->verdict->words());
        $this->assertSame(['Every inch is used.', []], [$result->advice[0]->title, $result->advice[0]->ties]);
        $this->assertSame('Cut 23 7/8 in each', $result->advice[0]->remedies[0]->label);
    }

    public function test_a_plan_that_needs_more_than_is_safe_is_at_risk_though_something_is_left(): void
    {
        $plan = $this->everyInch();
        $plan['parts'][0]['length'] = '23 3/4 in';
        $result = $this->work($plan);
        $this->assertSame('at risk', $result->verdict->words());
        $this->assertSame('Cut 23 1/2 in each', $result->advice[0]->remedies[0]->label);
    }

    public function test_the_trim_for_a_clean_end_counts_against_what_is_safe(): void
    {
        $plan = $this->everyInch();
        $plan['materials'][0]['trim'] = '1 in';
        // 352.8 less 1 in is 351.8: 15 pieces of 23 3/8 in take 350 5/8, of 23 1/2 in too much.
        $this->assertSame('Cut 23 3/8 in each', $this->work($plan)->advice[0]->remedies[0]->label);
    }

    public function test_short_of_mesh_it_says_how_many_pieces_and_which_ties(): void
    {
        $plan = $this->everyday();
        $plan['parts'][0]['length'] = '22 in';
        $advice = $this->work($plan)->advice[0];
        $this->assertSame(['short', '2 ruffles short.', [17, 18]], [$advice->rule, $advice->title, $advice->ties]);
        $this->assertSame('1 roll of Sage mesh runs out before tie 17. Ties 17 and 18 would stay bare.', $advice->sentence);
        $this->assertSame(
            ['Cut 19 7/8 in each', 'Have 2 rolls at hand', 'Leave ties 17 and 18 bare'],
            array_map(fn (Remedy $remedy): string => $remedy->label, $advice->remedies),
        );
        $this->assertStringStartsWith(
            'nothing short; opens 2 rolls; buys 1 roll more for $6.50; uses 396 in, leaves 324 in; ',
            $advice->remedies[1]->effect,
        );
    }

    public function test_one_tie_fewer_a_section_is_a_remedy_where_the_layout_counts_by_section(): void
    {
        $plan = $this->poofs();
        $plan['materials'][0]['rolls'] = 1;
        $remedies = $this->work($plan)->advice[0]->remedies;
        $this->assertSame(
            ['Pitch 7 1/4 in', '3 ties a section', 'Have 2 rolls at hand'],
            array_map(fn (Remedy $remedy): string => $remedy->label, $remedies),
        );
        $this->assertStringContainsString('18 poofs', $remedies[1]->effect);
    }

    public function test_a_piece_is_not_made_so_short_that_it_is_another_wreath(): void
    {
        $plan = $this->everyday();
        $plan['parts'][0]['length'] = '31 in';
        $this->assertSame(
            ['Have 2 rolls at hand'],
            array_map(fn (Remedy $remedy): string => $remedy->label, $this->work($plan)->advice[0]->remedies),
        );
    }

    public function test_remedies_come_in_the_maker_s_own_steps(): void
    {
        $remedy = $this->work(['settings' => ['units' => 'centimetres']] + $this->everyInch())->advice[0]->remedies[0];
        $this->assertSame('Cut 59.5 cm each', $remedy->label);
    }

    public function test_as_many_rolls_as_needed_is_never_short_but_may_need_one_more_than_it_seems(): void
    {
        $plan = $this->everyInch();
        $plan['materials'][0]['rolls'] = 'as needed';
        $result = $this->work($plan);
        $this->assertSame(['uses every inch, at risk', 2], [$result->verdict->words(), $result->wound[0]->safeRolls]);
    }

    public function test_every_remedy_keeps_its_word(): void
    {
        $lengths = Generators::choose(60, 250);
        $this->limitTo($this->trials(100))->forAll(
            $lengths,
            Generators::choose(2, 8),
            Generators::choose(0, 3),
            Generators::choose(1, 4),
            Generators::bool(),
        )->then(function (int $tenths, int $crossbars, int $percent, int $rolls, bool $poofs): void {
            $plan = $this->plan([
                'form' => ['crossbars' => $crossbars],
                'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
                'materials' => [['roll' => '5 yd', 'allowance' => "$percent %", 'rolls' => $rolls]],
                'parts' => [['kind' => $poofs ? 'poof-run' : 'ruffle', $poofs ? 'pitch' : 'length' => intdiv($tenths, 10).' 1/8 in']],
            ]);
            $engine = Engine::standard(Craft::standard());
            $result = $engine->work($plan);
            foreach (array_merge(...array_map(fn (Advice $advice): array => $advice->remedies, $this->ofMesh($result))) as $remedy) {
                $this->assertTrue($this->after($plan, $remedy, $engine)->verdict->isGood(), $remedy->label);
                $this->assertLongest($plan, $remedy, $engine);
            }
        });
    }

    /** @return list<Advice> what is said of mesh that is not enough */
    private function ofMesh(Result $result): array
    {
        return array_values(
            array_filter($result->advice, fn (Advice $advice): bool => in_array($advice->rule, ['short', 'at-risk', 'every-inch'], true)),
        );
    }

    private function after(Plan $plan, Remedy $remedy, Engine $engine): Result
    {
        return $engine->work($remedy->edit->apply($plan, $this->reader()));
    }

    /** An eighth more than the length that is offered would not do. */
    private function assertLongest(Plan $plan, Remedy $remedy, Engine $engine): void
    {
        $address = array_key_first($remedy->edit->asData()['set'] ?? []);
        $key = $plan->parts[0]->kind->lengthKey();
        if ($address !== "parts.l1.$key") {
            return;
        }
        $offered = $remedy->edit->apply($plan, $this->reader())->parts[0]->on->slip->length($key);
        $more = $plan->units()->exact($offered->plus(Length::inches(0, 1, 8)));
        $this->assertFalse(
            $this->after($plan, new Remedy('', '', new FillBlanks([$address => $more])), $engine)->verdict->isGood(),
            "$more would have done.",
        );
    }
}
