<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Log\Learner;
use Davrin\Core\Log\Lesson;
use Davrin\Core\Log\Made;
use Davrin\Core\Log\Observation;
use Davrin\Core\Log\Observed;
use Davrin\Core\Log\RollTruth;
use Davrin\Core\Log\SizeTold;
use Davrin\Core\Log\Sureness;
use Davrin\Core\Log\Verdict;
use Davrin\Core\Log\WorkTime;
use Davrin\Core\Measure\Length;
use Davrin\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

final class LearnerTest extends PlanCase
{
    /** 22, 22.5, 23, 22.5 and 31 in, a slip, against 23 planned: the next is 22.5, with the slip and without it. */
    #[TestWith([[22.0, 22.5, 23.0, 22.5, 31.0]])]
    #[TestWith([[22.0, 22.5, 23.0, 22.5]])]
    public function test_the_next_of_a_plan_is_as_large_as_the_median_of_those_made(array $sizes): void
    {
        $this->assertSame('23 in', $this->figures($this->plan())->tally->across->value);
        $learned = $this->learned(array_map(fn (float $size): Made => new Made(wide: $this->inches($size)), $sizes));
        $next = $this->figures($this->plan(['learned' => $learned->write()]))->tally->across;
        $this->assertSame('22 1/2 in', $next->value);
        $this->assertSame('about 22 1/2 in', $next->shown);
        $this->assertStringContainsString('0.95 times the starting guess, learned from '.count($sizes).' pieces of this plan', implode(' ', $next->because));
    }

    public function test_a_slip_is_named_and_moves_nothing(): void
    {
        $lesson = $this->lesson(Subject::Reach, 'ruffle', array_map(
            fn (float $size): Made => new Made(wide: $this->inches($size)),
            [22.0, 22.5, 23.0, 22.5, 31.0],
        ));
        $this->assertSame([9.0], $lesson->slips, 'a reach of 9 in, of the piece of 31 in');
        $this->assertSame(Sureness::FairlySure, $lesson->sureness);
        $this->assertSame([5.0, 4.75], [$lesson->guess, $lesson->real]);
    }

    /** Minutes per ruffle 0.8, 0.9, 0.8 and 0.85 against 1: 0.825 from now on. */
    public function test_later_plans_take_as_long_as_the_median_of_what_it_took(): void
    {
        $learned = $this->learned(array_map(
            fn (float $each): Made => new Made(times: $this->timed('ruffle', 18 * $each)),
            [0.8, 0.9, 0.8, 0.85],
        ));
        $next = $this->plan(['learned' => $learned->write(), 'parts' => [['length' => '14 in']]]);
        $steps = array_column($this->figures($next)->build, 'minutes', 'key');
        $this->assertEqualsWithDelta(18 * 0.825, $steps['parts.l1'], 1e-9);
        $this->assertSame(18 * 0.3, $steps['ties.t1'], 'nobody looked at the clock there');
        $this->assertStringContainsString('ruffles learned from 4 pieces, all else starting guesses', $this->figures($next)->tally->minutes->because[0]);
    }

    /** Rolls of one source that gave 176, 178 and 175 of 180 in: 5 of 180, rounded up, is 2.8 %. */
    public function test_the_allowance_is_the_worst_roll_that_is_no_slip(): void
    {
        $learned = $this->learned([$this->rolls(176, 178, 175)]);
        $document = ['materials' => [['roll' => '5 yd', 'supplier' => 'The market', 'rolls' => 2]], 'parts' => [['length' => '19 in']]];
        $this->assertSame('1 %', $this->plan($document)->wound()[0]->allowance()->shown());
        $mesh = $this->plan($document + ['learned' => $learned->write()])->wound()[0];
        $this->assertSame('2.8 %', $mesh->allowance()->shown());
        // 176 less 0.1 % of nothing: 180 x 0.972 = 174.96 in.
        $this->assertSame('174.96', number_format($mesh->safe()->toInches(), 2));
        $this->assertSame('learned from 3 rolls', $mesh->shortfall()?->words());
        $this->assertSame('1 %', $this->plan(['materials' => [['supplier' => 'The mill']], 'learned' => $learned->write()])->wound()[0]->allowance()->shown());
        $this->assertSame('2.8 %', $this->plan(['materials' => [['supplier' => 'the MARKET ']], 'learned' => $learned->write()])->wound()[0]->allowance()->shown());
        $this->assertSame('5 %', $this->plan(['materials' => [['supplier' => 'The market', 'allowance' => '5 %']], 'learned' => $learned->write()])
            ->wound()[0]->allowance()->shown(), 'what the maker wrote is no starting guess');
    }

    /** 9 x 19 = 171 in and 9 x 19.5 = 175.5 in: the second is at risk once it is known how short they come. */
    public function test_the_risk_of_the_next_plan_follows(): void
    {
        $learned = $this->learned([$this->rolls(176, 178, 175)]);
        $document = fn (string $length): array => [
            'materials' => [['roll' => '5 yd', 'supplier' => 'The market', 'rolls' => 2]], 'parts' => [['length' => $length]],
            'ties' => [['layout' => 'n-a-section', 'perSection' => 3]],
        ];
        foreach ([['19 in', false, false], ['19 1/2 in', false, true]] as [$length, $before, $after]) {
            $this->assertSame($before, $this->work($document($length))->verdict->atRisk, "$length, before");
            $this->assertSame($after, $this->work($document($length) + ['learned' => $learned->write()])->verdict->atRisk, "$length, after");
        }
    }

    public function test_a_roll_with_a_flaw_is_a_slip_and_longer_ones_are_as_long_as_they_say(): void
    {
        $this->assertSame(2.8, $this->lesson(Subject::Shortfall, '', [$this->rolls(176, 178, 175, 120)])->real);
        $this->assertSame(0.0, $this->lesson(Subject::Shortfall, '', [$this->rolls(181, 180, 182)])->real);
        $this->assertSame(1.2, $this->lesson(Subject::Shortfall, '', [$this->rolls(180, 180, 180, 178)])->real, '2 of 180 is no slip, however alike the others');
    }

    public function test_two_pieces_are_too_few(): void
    {
        $made = [new Made(wide: $this->inches(20)), new Made(wide: $this->inches(20))];
        $this->assertTrue($this->learned($made)->isEmpty());
        $this->assertSame(Sureness::TooFew, $this->lesson(Subject::Reach, 'ruffle', $made)->sureness);
    }

    public function test_what_a_maker_holds_stands_whatever_the_log_says(): void
    {
        $made = array_map(fn (float $size): Made => new Made(wide: $this->inches($size)), [22.0, 22.0, 22.0]);
        $held = new LearnedFigure(Subject::Minutes, new Scope('ruffle'), 1.5, 3, true);
        $learned = Learner::figures($this->lessons($made), [$held]);
        $this->assertSame('held by you', $learned->find(Subject::Minutes, 'ruffle', 'plain mesh', 'ordinary rolls')?->words());
        $this->assertNotNull($learned->find(Subject::Reach, 'ruffle'));
    }

    /** The second layer, the form that is not round: stretched so that the estimate comes out as measured. */
    #[TestWith([['form' => ['kind' => 'rectangle', 'width' => '16 in', 'height' => '16 in'], 'ties' => [[]]], 24.0])]
    #[TestWith([['form' => ['kind' => 'heart'], 'ties' => [[]]], 21.0])]
    #[TestWith([['form' => ['kind' => 'stick'], 'ties' => [[]]], 46.0])]
    #[TestWith([['parts' => [['id' => 'a', 'length' => '19 in'], ['id' => 'b', 'kind' => 'second-across', 'length' => '20 in']]], 21.0])]
    public function test_any_form_learns_from_its_size(array $document, float $size): void
    {
        $plan = $this->plan($document);
        $box = $this->figures($plan)->extent->box;
        $made = $box->high() > $box->wide() + 0.1 ? new Made(wide: $this->inches(9), high: $this->inches($size)) : new Made(wide: $this->inches($size));
        $told = SizeTold::of($plan, $made);
        $this->assertNotNull($told);
        $learned = $this->learnedOf($plan, [$made, $made, $made]);
        $next = $this->plan($document + ['learned' => $learned->write()]);
        $this->assertEqualsWithDelta($size, max($this->figures($next)->extent->box->wide(), $this->figures($next)->extent->box->high()), 0.01);
    }

    public function test_another_plan_of_the_technique_learns_from_it_and_another_technique_does_not(): void
    {
        $learned = $this->learned(array_map(fn (float $size): Made => new Made(wide: $this->inches($size)), [22.0, 22.0, 22.0]));
        $on = fn (array $more): string => $this->figures($this->plan($more + ['learned' => $learned->write()]))->tally->across->value;
        $this->assertSame('26 in', $on(['form' => ['wires' => ['18 in', '16 in', '14 in', '12 in']]]), '8.5 in + 0.9 x 5 in, twice');
        $this->assertSame('23 in', $on(['parts' => [['kind' => 'curled-ruffle']]]));
    }

    public function test_the_depth_of_what_lies_in_two_layers_is_learned_of_the_deeper(): void
    {
        $document = ['parts' => [['id' => 'a'], ['id' => 'b', 'kind' => 'second-across']]];
        $plan = $this->plan($document);
        $this->assertSame('6 in', $this->figures($plan)->tally->depth->value);
        $learned = $this->learnedOf($plan, array_fill(0, 3, new Made(depth: $this->inches(5))));
        $this->assertSame('5 in', $this->figures($this->plan($document + ['learned' => $learned->write()]))->tally->depth->value);
    }

    /** One verdict never moves a bound; two that agree do, as far as it takes for all but one of them. */
    #[TestWith([[[99.0, 'thin'], [120.0, 'usual'], [125.0, 'usual']], 85.0])]
    #[TestWith([[[98.0, 'thin'], [99.0, 'thin'], [120.0, 'usual']], 98.1])]
    #[TestWith([[[98.0, 'thin'], [99.0, 'thin'], [150.0, 'thin'], [160.0, 'usual']], 99.1])]
    #[TestWith([[[70.0, 'usual'], [72.0, 'usual'], [74.0, 'usual']], 72.0])]
    #[TestWith([[[80.0, 'thin'], [90.0, 'usual'], [95.0, 'very full']], 85.0])]
    public function test_the_bound_of_thin_is_that_which_contradicts_the_fewest(array $said, float $bound): void
    {
        $observed = array_map(fn (array $its): array => [new Observation(
            Subject::Thin, new Scope('ruffle'), 'ruffles', 85.0, $its[0], $its[1],
        )], $said);
        $this->assertSame($bound, Learner::learn($observed)[0]->real);
    }

    public function test_a_verdict_counts_for_what_the_piece_mostly_is(): void
    {
        $plan = $this->plan();
        $seen = Observed::of($plan, $this->figures($plan), new Made(verdict: Verdict::Thin));
        $this->assertSame(['thin', 'full'], array_map(fn (Observation $its): string => $its->subject->value, $seen));
        // 18 x 19 in x 10 in along 34.56 in.
        $this->assertEqualsWithDelta(3420 / (11 * M_PI), $seen[0]->real, 0.01);
        $learned = $this->learned(array_fill(0, 3, new Made(verdict: Verdict::Thin)));
        $this->assertSame('thin', $this->figures($this->plan(['learned' => $learned->write()]))->fullness->verdict);
        $this->assertSame('usual', $this->figures($this->plan())->fullness->verdict);
    }

    /** Most waste nothing, so the median would say that nothing ever gets spoiled. */
    public function test_waste_is_a_mean_without_its_ends(): void
    {
        $plan = $this->plan();
        $spoiled = fn (float $inches): Made => new Made(spoiled: ['m1' => $this->inches($inches)]);
        // 342 in are used: 0, 0, 5.6 %, 5.6 % and 50 %, of which the first and the last are left out.
        $lesson = $this->lesson(Subject::Waste, 'ruffle', array_map($spoiled, [0.0, 0.0, 19.0, 19.0, 171.0]));
        $this->assertSame(3.8, $lesson->real);
        $learned = $this->learnedOf($plan, array_map($spoiled, [0.0, 0.0, 19.0, 19.0, 171.0]));
        $this->assertSame('learned from 5 pieces', $this->plan(['learned' => $learned->write()])->waste($plan->wound()[0])?->words());
    }

    public function test_narrower_is_used_before_wider_and_only_where_it_rests_on_enough(): void
    {
        $of = fn (string $material, float $real): array => [new Observation(
            Subject::Minutes, new Scope('ruffle', $material, 'ordinary rolls'), 'ruffles', 1.0, $real,
        )];
        $learned = Learner::figures(Learner::learn([
            $of('plain mesh', 0.8), $of('plain mesh', 0.8), $of('plain mesh', 0.8), $of('see-through mesh', 2.0), $of('see-through mesh', 2.0),
        ]), []);
        $this->assertSame(0.8, $learned->find(Subject::Minutes, 'ruffle', 'plain mesh')?->value);
        $this->assertSame(0.8, $learned->find(Subject::Minutes, 'ruffle', 'see-through mesh')?->value, 'two say too little: all five do');
        $this->assertNull($learned->find(Subject::Minutes, 'pancake', 'plain mesh'));
    }

    /** Each of three pieces had ruffles of both: what all three say of one is no repeat of what they say of both together. */
    public function test_what_the_same_pieces_say_of_two_kinds_of_mesh_is_told_apart(): void
    {
        $of = fn (string $material, float $real): Observation => new Observation(
            Subject::Minutes, new Scope('ruffle', $material, 'ordinary rolls'), 'ruffles', 1.0, $real,
        );
        $pieces = array_fill(0, 3, [$of('plain mesh', 0.8), $of('burlap mesh', 1.2)]);
        $learned = Learner::figures(Learner::learn($pieces), []);
        $this->assertSame([0.8, 1.2, 1.0], array_map(
            fn (string $material): ?float => $learned->find(Subject::Minutes, 'ruffle', $material)?->value,
            ['plain mesh', 'burlap mesh', 'foil mesh'],
        ));
        $this->assertEquals($learned, Learner::leavingOut([...$pieces, [$of('plain mesh', 9.0)]])(3), 'told as it is learned');
    }

    public function test_what_was_spoiled_of_three_made_together_is_held_against_what_all_three_took(): void
    {
        $lesson = $this->lesson(Subject::Waste, 'ruffle', array_fill(0, 3, new Made(spoiled: ['m1' => $this->inches(57)], copies: 3)));
        // 57 of 3 x 342 in are 5.56 %.
        $this->assertSame(5.6, $lesson->real);
    }

    /** A piece of three kinds of mesh is one piece, however often it says how long its ruffles took. */
    public function test_a_piece_says_a_thing_once_and_its_rolls_each_for_themselves(): void
    {
        $of = fn (string $material, float $real): Observation => new Observation(
            Subject::Minutes, new Scope('ruffle', $material, 'ordinary rolls'), 'ruffles', 1.0, $real,
        );
        $three = [$of('plain mesh', 0.6), $of('see-through mesh', 0.9), $of('burlap mesh', 0.9)];
        $lessons = Learner::learn([$three]);
        $this->assertSame([1, 0.8], [$lessons[0]->from, $lessons[0]->real], 'all of it taken together');
        $this->assertNull(Learner::figures($lessons, [])->find(Subject::Minutes, 'ruffle'));
        $this->assertSame(0.8, Learner::figures(Learner::learn([$three, [$of('plain mesh', 0.7)], [$of('plain mesh', 0.9)]]), [])->find(Subject::Minutes, 'ruffle')?->value);
        $roll = fn (float $held): Observation => new Observation(Subject::Shortfall, new Scope('', 'plain mesh', 'the market'), 'a roll', 180.0, $held);
        $this->assertSame(3, Learner::learn([[$roll(176.0), $roll(178.0), $roll(175.0)]])[0]->from);
        $waste = fn (string $mesh, float $used, float $spoiled): Observation => new Observation(
            Subject::Waste, new Scope('ruffle', 'plain mesh', $mesh), $mesh, $used, $spoiled,
        );
        // 6 of 400 in, whichever of the two meshes they were of.
        $this->assertSame([1, 1.5], [Learner::learn([[$waste('a', 300.0, 0.0), $waste('b', 100.0, 6.0)]])[0]->from, Learner::learn([[$waste('a', 300.0, 0.0), $waste('b', 100.0, 6.0)]])[0]->real]);
    }

    public function test_a_plan_file_carries_what_it_is_worked_with_and_is_as_before_without(): void
    {
        $this->assertArrayNotHasKey('learned', $this->plan()->write());
        $learned = $this->learned([$this->rolls(176, 178, 175)])->write();
        $this->assertEquals([['figure' => 'shortfall', 'of' => '', 'material' => '', 'source' => 'The market', 'value' => '2.8', 'from' => 3, 'by' => 'log']], $learned);
        $this->assertSame($learned, $this->plan(['learned' => $learned])->write()['learned']);
        $this->assertFault('/learned/0/value', 'from 0.05 to 20', fn () => LearnedFigures::read([['figure' => 'minutes', 'value' => '21']]));
        $this->assertFault('/learned/0/figure', 'Known are', fn () => LearnedFigures::read([['figure' => 'luck', 'value' => '1']]));
        $this->assertFault('/learned/0/luck', 'not known', fn () => LearnedFigures::read([['figure' => 'minutes', 'value' => '1', 'luck' => '1']]));
    }

    /** @param  list<Made>  $made */
    private function learned(array $made): LearnedFigures
    {
        return $this->learnedOf($this->plan(), $made);
    }

    /** @param  list<Made>  $made */
    private function learnedOf(Plan $plan, array $made): LearnedFigures
    {
        return Learner::figures($this->lessons($made, $plan), []);
    }

    /**
     * @param  list<Made>  $made
     * @return list<Lesson>
     */
    private function lessons(array $made, ?Plan $plan = null): array
    {
        $plan ??= $this->plan();
        $result = $this->figures($plan);

        return Learner::learn(array_map(fn (Made $its): array => Observed::of($plan, $result, $its), $made));
    }

    /** @param  list<Made>  $made */
    private function lesson(Subject $subject, string $of, array $made): Lesson
    {
        foreach ($this->lessons($made) as $lesson) {
            if ($lesson->subject === $subject && $lesson->scope->of === $of) {
                return $lesson;
            }
        }
        $this->fail("Nothing was learned of \"$of\".");
    }

    /** @return list<WorkTime> */
    private function timed(string $of, float $took): array
    {
        $plan = $this->plan();
        $result = $this->figures($plan);

        return array_map(
            fn (WorkTime $its): WorkTime => $its->scope->of === $of ? $its->took($took) : $its,
            Observed::work($plan, $result, $result),
        );
    }

    private function rolls(int ...$inches): Made
    {
        return new Made(rolls: array_map(fn (int $held): RollTruth => new RollTruth(
            'm1', 'Sage mesh', new Scope('', 'plain mesh', 'The market'), Length::inches(180), Length::inches($held),
        ), $inches));
    }

    private function inches(float $inches): Length
    {
        return Length::ofUnits((int) round($inches * Length::PER_INCH));
    }
}
