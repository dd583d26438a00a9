<?php

declare(strict_types=1);

namespace Tests\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Roll\Supply;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class RollPlannerTest extends TestCase
{
    use TestTrait;

    public function test_a_run_that_ends_three_inches_short_is_cut_at_the_tie_before(): void
    {
        // Two poofs of 9 in and tails of 2 in take 22 in; a roll of 19 in gives one.
        $plan = $this->planned([$this->poofRun(2, 9)], [], Length::inches(19), null);
        $this->assertSame([13.0, 13.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan->rolls));
        $this->assertSame(2, $plan->changes[0]->tie);
    }

    public function test_the_longest_pieces_are_laid_first_and_small_ones_fill_what_is_left(): void
    {
        $plan = $this->planned([], $this->cuts([8, 22, 8, 22, 22]), Length::inches(52), null);
        $this->assertSame([[22.0, 22.0, 8.0], [22.0, 8.0]], array_map(fn (RollUse $roll): array => array_map(fn ($segment): float => $segment->length->toInches(), $roll->segments), $plan->rolls));
    }

    public function test_pieces_use_what_a_run_leaves(): void
    {
        $plan = $this->planned([$this->poofRun(2, 9)], $this->cuts([10]), Length::inches(40), null);
        $this->assertCount(1, $plan->rolls);
        $this->assertSame(8.0, $plan->left()->toInches());
    }

    public function test_a_piece_longer_than_any_roll_is_unmet_and_the_others_are_cut(): void
    {
        $plan = $this->planned([], $this->cuts([50, 10]), Length::inches(40), null);
        $this->assertSame(['p.1'], array_map(fn (Element $element): string => $element->id, $plan->unmet));
        $this->assertSame(30.0, $plan->left()->toInches());
    }

    public function test_only_ends_too_short_to_keep_are_waste(): void
    {
        $plan = $this->planned([], $this->cuts([35, 30]), Length::inches(40), null);
        $this->assertSame(5.0, $plan->waste(Length::inches(6))->toInches());
        $this->assertSame(0.0, $plan->waste(Length::inches(5))->toInches());
    }

    public function test_used_and_left_are_the_rolls_length_always_and_everything_is_cut_once(): void
    {
        $this->forAll(
            Generators::seq(Generators::choose(1, 60)),
            Generators::choose(0, 40),
            Generators::choose(1, 15),
            Generators::choose(20, 90),
            Generators::choose(1, 12),
        )->then(function (array $pieces, int $poofs, int $pitch, int $roll, int $limit): void {
            $runs = $poofs === 0 ? [] : [$this->poofRun($poofs, $pitch)];
            $plan = $this->planned($runs, $this->cuts($pieces), Length::inches($roll), $limit);

            $this->assertSame($roll * count($plan->rolls), (int) ($plan->used()->toInches() + $plan->left()->toInches()));
            $this->assertLessThanOrEqual($limit, count($plan->rolls));
            $made = [];
            foreach ($plan->rolls as $use) {
                $this->assertFalse($use->left()->isNegative());
                $at = 0;
                foreach ($use->segments as $segment) {
                    $this->assertSame($at, $segment->from->units);
                    $at += $segment->length->units;
                    $made = [...$made, ...($segment->element === null ? [] : [$segment->element->id])];
                }
            }
            $all = [...array_map(fn (int $n): string => "r.$n", $poofs === 0 ? [] : range(1, $poofs)), ...array_map(fn (int $n): string => "p.$n", $pieces === [] ? [] : range(1, count($pieces)))];
            $this->assertEqualsCanonicalizing($all, [...$made, ...array_map(fn (Element $element): string => $element->id, $plan->unmet)]);
        });
    }

    public function test_a_run_changes_rolls_only_at_a_tie_and_each_part_pays_both_tails(): void
    {
        $this->forAll(Generators::choose(1, 60), Generators::choose(1, 15), Generators::choose(20, 90))->then(function (int $poofs, int $pitch, int $roll): void {
            $plan = $this->planned([$this->poofRun($poofs, $pitch)], [], Length::inches($roll), null);
            $this->assertSame([], $plan->unmet);
            $this->assertCount(count($plan->rolls) - 1, $plan->changes);
            foreach ($plan->rolls as $index => $use) {
                $kinds = array_map(fn ($segment): SegmentKind => $segment->kind, $use->segments);
                $this->assertSame([SegmentKind::StartTail, SegmentKind::EndTail], [$kinds[0], end($kinds)]);
                $this->assertSame($index === 0 ? 1 : $plan->changes[$index - 1]->tie, $use->segments[0]->tie);
                // Each but the last is full: one poof more would not have gone on it.
                $this->assertTrue(! isset($plan->changes[$index]) || $plan->changes[$index]->wouldNeed->isMoreThan($use->length));
            }
        });
    }

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     */
    private function planned(array $runs, array $cuts, Length $length, ?int $limit): RollPlan
    {
        return (new RollPlanner)->plan($runs, $cuts, ['m' => new Supply($length, $limit)])['m'];
    }

    private function poofRun(int $poofs, int $pitch): Run
    {
        $tail = Length::inches(2);

        return new Run('r', ['m'], $tail, array_map(
            fn (int $number): Step => new Step(new Element("r.$number", 'r', $number, [$number, $number + 1]), $number, $number + 1, Length::zero(), Length::inches($pitch)),
            range(1, $poofs),
        ), $tail);
    }

    /**
     * @param  list<int>  $inches
     * @return list<Cut>
     */
    private function cuts(array $inches): array
    {
        $cuts = [];
        foreach ($inches as $index => $length) {
            $cuts[] = new Cut(new Element('p.'.($index + 1), 'p', $index + 1, [$index + 1]), 'm', Length::inches($length));
        }

        return $cuts;
    }
}
