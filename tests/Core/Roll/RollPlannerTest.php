<?php

declare(strict_types=1);

namespace Tests\Core\Roll;

use Davrin\Core\Demand\Cut;
use Davrin\Core\Demand\Element;
use Davrin\Core\Demand\Run;
use Davrin\Core\Demand\Step;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\RollChange;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use Eris\Generators;
use PHPUnit\Framework\TestCase;
use Tests\RandomTrials;

final class RollPlannerTest extends TestCase
{
    use RandomTrials;

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
        $this->assertSame(
            [[22.0, 22.0, 8.0], [22.0, 8.0]],
            array_map(
                fn (RollUse $roll): array => array_map(fn ($segment): float => $segment->length->toInches(), $roll->segments),
                $plan->rolls,
            ),
        );
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
        $this->limitTo($this->trials(100))->forAll(
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
            $all = [
                ...array_map(fn (int $n): string => "r.$n", $poofs === 0 ? [] : range(1, $poofs)),
                ...array_map(fn (int $n): string => "p.$n", $pieces === [] ? [] : range(1, count($pieces))),
            ];
            $this->assertEqualsCanonicalizing($all, [...$made, ...array_map(fn (Element $element): string => $element->id, $plan->unmet)]);
        });
    }

    public function test_a_run_changes_rolls_only_at_a_tie_and_each_part_pays_both_tails(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(1, 60),
            Generators::choose(1, 15),
            Generators::choose(20, 90),
        )->then(function (int $poofs, int $pitch, int $roll): void {
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

    public function test_a_run_uses_part_rolls_and_its_leftovers_serve_pieces(): void
    {
        // A part roll of 50 in gives 5 poofs of 9 in, the new one the other 3.
        $plan = $this->plannedFrom([$this->poofRun(8, 9)], $this->cuts([15]), [$this->part(50), $this->part(20), $this->new(180)]);
        $this->assertSame(
            ['part roll', 'part roll', 'new roll'],
            array_map(fn (RollUse $roll): string => $roll->stock->origin->value, $plan->rolls),
        );
        $this->assertSame([13.0, 49.0, 37.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan->rolls));
        $this->assertSame([1, 650, []], [$plan->opened(), $plan->cents(), $plan->unmet]);
    }

    public function test_rolls_of_two_lots_are_not_cut_for_one_plan_unless_they_may_mix(): void
    {
        $stock = [$this->part(60, 'A'), $this->part(45, 'B'), $this->part(30), $this->new(100)];
        $apart = $this->plannedFrom([], $this->cuts([40, 40, 20]), $stock);
        $lots = array_values(array_unique(array_filter(array_map(fn (RollUse $roll): ?string => $roll->stock->lot, $apart->rolls))));
        $this->assertCount(1, $lots);
        $this->assertSame([650, true], [$apart->cents(), $apart->isProvenBest()]);
        $mixed = $this->plannedFrom([], $this->cuts([40, 40, 20]), $stock, mixes: true);
        $this->assertSame([0, true], [$mixed->cents(), $mixed->isProvenBest()]);
    }

    public function test_the_lot_that_comes_out_best_is_kept_to(): void
    {
        $plan = $this->plannedFrom([], $this->cuts([50, 30]), [$this->part(60, 'A'), $this->part(85, 'B'), $this->new(100)]);
        $this->assertSame(['B'], array_map(fn (RollUse $roll): ?string => $roll->stock->lot, $plan->rolls));
    }

    public function test_however_many_lots_there_are_the_best_is_found(): void
    {
        $lots = array_map(fn (string $lot): Stock => $this->part($lot === 'L' ? 60 : 12, $lot), range('A', 'L'));
        $plan = $this->plannedFrom([], $this->cuts([50]), [...$lots, $this->new(100)]);
        $this->assertSame(['L', 0, true], [$plan->rolls[0]->stock->lot, $plan->cents(), $plan->isProvenBest()]);
    }

    public function test_the_lots_of_one_mesh_have_nothing_to_do_with_those_of_another(): void
    {
        $stock = fn (string $right): array => array_map(
            fn (string $lot): Stock => $this->part($lot === $right ? 60 : 12, $lot),
            range('A', 'F'),
        );
        $supplies = array_map(
            fn (string $right): Supply => new Supply([...$stock($right), $this->new(100)], false, false, Length::inches(6)),
            ['m' => 'F', 'n' => 'E', 'o' => 'D'],
        );
        $cuts = [];
        foreach (array_keys($supplies) as $mesh) {
            $cuts[] = new Cut(new Element("$mesh.1", 'p', 1, [1]), $mesh, Length::inches(50));
        }
        $plans = (new RollPlanner)->plan([$this->poofRun(2, 5, ['o'])], $cuts, $supplies);
        $this->assertSame(
            ['m' => 'F', 'n' => 'E'],
            array_map(fn (RollPlan $plan): ?string => $plan->rolls[0]->stock->lot, array_slice($plans, 0, 2)),
        );
        $this->assertSame([0, 0, 650], array_map(fn (RollPlan $plan): int => $plan->cents(), array_values($plans)));
    }

    public function test_a_run_that_no_fewer_rolls_hold_is_proven_best(): void
    {
        // 8 poofs of 9 in and tails of 4 in on rolls of 40 in: 4 on each, two rolls. Without tails 80 in would seem to do, too.
        [$runs, $supply] = [[$this->poofRun(9, 9)], new Supply([$this->new(40)], false, false, Length::inches(6))];
        $plan = (new RollPlanner)->plan($runs, [], ['m' => $supply])['m'];
        $proof = (new RollPlanner)->proof($runs, [], 'm', $supply, ['m' => $plan]);
        $this->assertSame([3, 3, 1950], [$plan->opened(), $proof->opened, $proof->cents]);
        $this->assertTrue($plan->provenBy($proof)->isProvenBest());
    }

    public function test_what_runs_and_pieces_take_is_never_below_their_bound(): void
    {
        $this->limitTo($this->trials(60))->forAll(
            Generators::seq(Generators::choose(4, 30)), Generators::choose(1, 30), Generators::choose(3, 12), Generators::choose(40, 90),
            Generators::seq(Generators::choose(10, 80)), Generators::choose(0, 3),
        )->then(function (array $pieces, int $poofs, int $pitch, int $roll, array $parts, int $limit): void {
            [$runs, $cuts] = [[$this->poofRun($poofs, $pitch)], $this->cuts(array_slice($pieces, 0, 12))];
            $new = new Stock(Origin::New, Length::inches($roll), Length::inches($roll), $limit === 0 ? null : $limit, 650);
            $supply = new Supply(
                [...array_map(fn (int $part): Stock => $this->part($part), array_slice($parts, 0, 4)), $new],
                false,
                false,
                Length::inches(6),
            );
            $plan = (new RollPlanner)->plan($runs, $cuts, ['m' => $supply])['m'];
            $proof = (new RollPlanner)->proof($runs, $cuts, 'm', $supply, ['m' => $plan]);
            $this->assertLessThanOrEqual($plan->unmetPieces, $proof->unmet);
            if ($plan->unmetPieces === 0) {
                $this->assertLessThanOrEqual($plan->opened(), $proof->opened);
                // What is proven to be the least can hold what is asked for, with tails once.
                $asked = array_sum(array_slice($pieces, 0, 12)) + $poofs * $pitch + 4;
                $this->assertGreaterThanOrEqual($asked, $proof->opened * $roll + array_sum(array_slice($parts, 0, 4)));
            }
            foreach ($plan->rolls as $use) {
                $this->assertFalse($use->left()->isNegative());
            }
            foreach ($supply->stock as $stock) {
                // No roll is cut twice.
                $this->assertLessThanOrEqual(
                    $stock->count ?? PHP_INT_MAX,
                    count(array_filter($plan->rolls, fn (RollUse $roll): bool => $roll->stock === $stock)),
                );
            }
        });
    }

    public function test_a_run_leaves_a_roll_out_where_another_saves_it(): void
    {
        // The full roll from the shelf gives 2 poofs of 2 in; the new one gives all 5 and is bought in any case.
        $full = new Stock(Origin::Full, Length::inches(9), Length::inches(9), 1, 0);
        $plan = $this->plannedFrom([$this->poofRun(5, 2)], [], [$full, $this->new(14)]);
        $this->assertSame([1, 650], [$plan->opened(), $plan->cents()]);
        // 8 and 6 in fill the part roll, so the run goes on the new one.
        $plan = $this->plannedFrom([$this->poofRun(3, 4)], $this->cuts([8, 6]), [$this->part(14), $this->new(16)]);
        $this->assertSame(
            [1, ['new roll' => 16.0, 'part roll' => 14.0]],
            [
                $plan->opened(),
                array_column(
                    array_map(fn (RollUse $roll): array => [$roll->stock->origin->value, $roll->used()->toInches()], $plan->rolls),
                    1,
                    0,
                ),
            ],
        );
    }

    public function test_a_run_and_pieces_next_to_trying_everything(): void
    {
        [$worse, $tried] = [0, 0];
        $this->limitTo($this->trials(200))->forAll(
            Generators::choose(1, 8), Generators::choose(2, 4), Generators::vector(3, Generators::choose(2, 10)), Generators::choose(0, 3),
            Generators::vector(3, Generators::choose(4, 20)), Generators::choose(0, 3), Generators::choose(12, 24),
        )->then(function (int $poofs, int $pitch, array $pieces, int $count, array $parts, int $begun, int $new) use (&$worse, &$tried): void {
            $pieces = array_slice($pieces, 0, $count);
            $stock = [...array_map(fn (int $part): Stock => $this->part($part), array_slice($parts, 0, $begun)), $this->new($new)];
            $supply = new Supply($stock, false, false, Length::inches(6));
            [$runs, $cuts] = [[$this->poofRun($poofs, $pitch)], $this->cuts($pieces)];
            $plan = (new RollPlanner)->plan($runs, $cuts, ['m' => $supply])['m'];
            $plan = $plan->provenBy((new RollPlanner)->proof($runs, $cuts, 'm', $supply, ['m' => $plan]));
            $least = $this->leastNew(
                $poofs,
                $pitch,
                $pieces,
                [...array_slice($parts, 0, $begun), ...array_fill(0, $plan->opened(), $new)],
                $begun,
            );
            $this->assertGreaterThanOrEqual($least, $plan->opened());
            $this->assertTrue(! $plan->isProvenBest() || $plan->opened() === $least, 'what is called proven is best');
            [$worse, $tried] = [$worse + (int) ($plan->opened() > $least), $tried + 1];
        });
        $this->assertLessThanOrEqual(0.02 * $tried, $worse);
    }

    public function test_a_part_roll_that_a_run_has_begun_is_not_there_a_second_time(): void
    {
        $plan = $this->plannedFrom([$this->poofRun(13, 3)], $this->cuts([22, 19]), [$this->part(62), $this->new(40)]);
        $this->assertSame(['part roll', 'new roll'], array_map(fn (RollUse $roll): string => $roll->stock->origin->value, $plan->rolls));
        $this->assertSame([62.0, 22.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan->rolls));
    }

    public function test_a_roll_that_was_put_back_since_another_mesh_has_none_serves_pieces(): void
    {
        $supply = fn (Stock $stock): Supply => new Supply([$stock], false, false, Length::inches(6));
        $plans = (new RollPlanner)->plan(
            [$this->poofRun(4, 9, ['m', 'm', 'n'])],
            $this->cuts([15]),
            ['m' => $supply($this->new(60)), 'n' => $supply($this->part(12))],
        );
        $this->assertSame([0, 4], [$plans['m']->unmetPieces, $plans['n']->unmetPieces]);
        $this->assertSame(
            [[15.0], []],
            array_map(
                fn (RollPlan $plan): array => array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan->rolls),
                array_values($plans),
            ),
        );
    }

    public function test_strands_that_may_end_sooner_share_three_rolls_where_they_would_take_four(): void
    {
        // 52 poofs of 9 1/2 in; a roll of 360 in holds 37 of them in one go, or 36 in two.
        $plan = fn (bool $sooner): RollPlan => $this->plannedFrom([$this->poofRun(52, 9.5, ['m', 'm'], $sooner)], [], [$this->new(360)]);
        $this->assertSame([4, 3], [$plan(false)->opened(), $plan(true)->opened()]);
        $this->assertSame([18, 18, 36, 36], array_map(fn (RollChange $change): int => $change->tie - 1, $plan(true)->changes));
        $this->assertSame([350.0, 331.0, 331.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $plan(true)->rolls));
    }

    public function test_a_strand_beside_them_ends_with_them_and_goes_on_with_its_roll(): void
    {
        $supply = fn (): Supply => new Supply([$this->new(360)], false, false, Length::inches(6));
        $plans = (new RollPlanner)->plan([$this->poofRun(52, 9.5, ['m', 'm', 'n'], true)], [], ['m' => $supply(), 'n' => $supply()]);
        $this->assertSame([3, 2], [$plans['m']->opened(), $plans['n']->opened()]);
        $this->assertSame(
            [[1, 1], [1, 2]],
            array_map(fn (RollChange $change): array => [$change->fromRoll, $change->toRoll], $plans['n']->changes),
        );
    }

    public function test_ending_sooner_is_never_worse_and_no_two_strands_come_off_one_roll_at_once(): void
    {
        $saved = 0;
        $this->limitTo($this->trials(80))->forAll(
            Generators::choose(2, 40), Generators::choose(3, 12), Generators::choose(2, 3), Generators::choose(40, 120), Generators::choose(0, 5),
            Generators::seq(Generators::choose(15, 90)), Generators::seq(Generators::choose(4, 30)),
        )->then(function (int $poofs, int $pitch, int $strands, int $roll, int $limit, array $parts, array $pieces) use (&$saved): void {
            $stock = [
                ...array_map(fn (int $part): Stock => $this->part($part), array_slice($parts, 0, 4)),
                new Stock(Origin::New, Length::inches($roll), Length::inches($roll), $limit === 0 ? null : $limit, 650),
            ];
            $plan = fn (bool $sooner): RollPlan => $this->plannedFrom(
                [$this->poofRun($poofs, $pitch, array_fill(0, $strands, 'm'), $sooner)],
                $this->cuts(array_slice($pieces, 0, 8)),
                $stock,
            );
            [$late, $soon] = [$plan(false), $plan(true)];
            $this->assertLessThanOrEqual($late->objective(), $soon->objective());
            $saved += (int) ($soon->opened() < $late->opened() || $soon->unmetPieces < $late->unmetPieces);
            $made = [];
            foreach ($soon->rolls as $use) {
                $this->assertFalse($use->left()->isNegative());
                foreach ($use->segments as $segment) {
                    if ($segment->kind === SegmentKind::Step) {
                        $made[$segment->element->id][] = $use->number;
                    }
                }
            }
            foreach ($made as $rolls) {
                $this->assertCount($strands, array_unique($rolls));
            }
            $this->assertSame(
                $poofs * $strands + min(8, count($pieces)),
                array_sum(array_map(count(...), $made)) + count(
                    array_filter(
                        array_merge(...array_map(fn (RollUse $use): array => $use->segments, $soon->rolls)),
                        fn ($segment): bool => $segment->kind === SegmentKind::Piece,
                    ),
                ) + $soon->unmetPieces,
            );
        });
        $this->assertGreaterThan(3, $saved);
    }

    /**
     * The fewest new rolls that a run, with tails of 2 in wherever it is begun, and pieces can be cut from.
     *
     * @param  list<int>  $pieces
     * @param  list<int>  $rolls  what is begun first, then new ones
     */
    private function leastNew(int $poofs, int $pitch, array $pieces, array $rolls, int $begun): int
    {
        $most = count($rolls) - $begun;
        for ($new = 0; $new < $most; $new++) {
            if ($this->holds($poofs, $pitch, $pieces, array_slice($rolls, 0, $begun + $new))) {
                return $new;
            }
        }

        return $most;
    }

    /**
     * @param  list<int>  $pieces
     * @param  array<int, int>  $rolls
     */
    private function holds(int $poofs, int $pitch, array $pieces, array $rolls, int $from = 0): bool
    {
        if ($poofs > 0) {
            for ($roll = $from; $roll < count($rolls); $roll++) {
                for ($here = min($poofs, intdiv(max(0, $rolls[$roll] - 4), $pitch)); $here > 0; $here--) {
                    if ($this->holds($poofs - $here, $pitch, $pieces, array_replace($rolls, [$roll => $rolls[$roll] - 4 - $here * $pitch]), $roll + 1)) {
                        return true;
                    }
                }
            }

            return false;
        }
        $piece = array_pop($pieces);
        foreach ($piece === null ? [] : $rolls as $roll => $left) {
            if ($left >= $piece && $this->holds(0, $pitch, $pieces, array_replace($rolls, [$roll => $left - $piece]))) {
                return true;
            }
        }

        return $piece === null;
    }

    public function test_no_bound_of_meshes_tied_together_is_beyond_what_their_plan_comes_to(): void
    {
        $this->limitTo($this->trials(150))->forAll(
            Generators::vector(2, Generators::choose(2, 14)),
            Generators::choose(4, 9),
            Generators::vector(3, Generators::choose(0, 2)),
            Generators::vector(3, Generators::choose(15, 70)),
            Generators::vector(3, Generators::choose(0, 4)),
            Generators::seq(Generators::choose(4, 18)),
        )->then(function (array $steps, int $pitch, array $strands, array $rolls, array $limits, array $pieces): void {
            $names = ['m', 'n', 'o'];
            $runs = [
                $this->poofRun($steps[0], $pitch, [$names[$strands[0]], $names[$strands[1]]]),
                $this->poofRun($steps[1], $pitch + 1, [$names[$strands[2]], 'm'], layer: 's'),
            ];
            $supplies = array_combine($names, array_map(fn (int $roll, int $limit): Supply => new Supply(
                [
                    $this->part($roll + 5),
                    new Stock(Origin::New, Length::inches($roll), Length::inches($roll), $limit === 0 ? null : $limit, 650),
                ], false, false, Length::inches(6),
            ), $rolls, $limits));
            $cuts = $this->cuts(array_slice($pieces, 0, 5));
            $plans = (new RollPlanner)->plan($runs, $cuts, $supplies);
            foreach ($plans as $mesh => $plan) {
                $proof = (new RollPlanner)->proof($runs, $cuts, $mesh, $supplies[$mesh], $plans);
                $this->assertLessThanOrEqual(
                    [$plan->unmetPieces, $plan->cents(), $plan->opened()],
                    [$proof->unmet, $proof->cents, $proof->opened],
                );
            }
        });
    }

    public function test_what_is_remembered_comes_out_as_what_is_worked_out_and_counts_the_same(): void
    {
        $cuts = $this->cuts([60, 59, 58, 41, 40, 37, 33, 31, 29, 23, 19, 17, 13, 11, 61, 47]);
        $supplies = ['m' => new Supply([...array_map($this->part(...), range(61, 80)), $this->new(100)], false, true, Length::inches(6))];
        foreach ([2_000, 40_000, 400_000, 4_000_000] as $steps) {
            $planner = new RollPlanner;
            $planner->plan([], $cuts, $supplies, Effort::of(3_000_000));
            [$cold, $warm] = [Effort::of($steps), Effort::of($steps)];
            $this->assertEquals((new RollPlanner)->plan([], $cuts, $supplies, $cold), $planner->plan([], $cuts, $supplies, $warm));
            $this->assertSame($cold->spent(), $warm->spent());
        }
    }

    private function part(int $inches, ?string $lot = null): Stock
    {
        return new Stock(Origin::Part, Length::inches($inches), Length::inches($inches), 1, 0, $lot);
    }

    private function new(int $inches): Stock
    {
        return new Stock(Origin::New, Length::inches($inches), Length::inches($inches), null, 650);
    }

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     * @param  list<Stock>  $stock
     */
    private function plannedFrom(array $runs, array $cuts, array $stock, bool $mixes = false): RollPlan
    {
        return (new RollPlanner)->plan($runs, $cuts, ['m' => new Supply($stock, false, $mixes, Length::inches(6))])['m'];
    }

    /**
     * @param  list<Run>  $runs
     * @param  list<Cut>  $cuts
     */
    private function planned(array $runs, array $cuts, Length $length, ?int $limit): RollPlan
    {
        return (new RollPlanner)->plan(
            $runs,
            $cuts,
            ['m' => new Supply([new Stock(Origin::New, $length, $length, $limit, 650)], false, false, Length::inches(6))],
        )['m'];
    }

    /** @param  list<string>  $strands */
    private function poofRun(int $poofs, float $pitch, array $strands = ['m'], bool $sooner = false, string $layer = 'r'): Run
    {
        $tail = Length::inches(2);

        return new Run($layer, $strands, $tail, array_map(
            fn (int $number): Step => new Step(
                new Element("$layer.$number", $layer, $number, [$number, $number + 1]),
                $number,
                $number + 1,
                Length::zero(),
                Length::inches(0, (int) ($pitch * 2), 2),
            ),
            range(1, $poofs),
        ), $tail, sooner: $sooner);
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
