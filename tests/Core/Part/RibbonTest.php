<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Advice\RibbonIsLost;
use Davrin\Core\Advice\RibbonsLookAlike;
use Davrin\Core\Advice\RollsAreTooFew;
use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Cut\CutOrder;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Part\CuttingWay;
use Davrin\Core\Part\Streamers\MixedOrder;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollPlanner;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** Strips of ribbon: on ties, in bundles, by eye and hanging; how they are cut, and what becomes of their ends. */
final class RibbonTest extends PlanCase
{
    use RandomTrials;

    public function test_tails_of_three_ribbons_on_every_second_tie_are_one_short_on_the_roll_of_9_feet(): void
    {
        $result = $this->ribbons(['kind' => 'ribbon-tails', 'material' => ['a', 'b', 'c'], 'lengths' => ['13 in'], 'on' => 'every 2nd tie'], [
            'a' => ['roll' => '9 ft', 'label' => 'measured', 'rolls' => 1],
        ]);
        $strips = array_merge(...array_map(fn ($element): array => $element->materials, $result->parts[1]->elements));
        $this->assertSame(['a' => 9, 'b' => 9, 'c' => 9], array_count_values($strips));
        $this->assertSame(['104 in', '117 in', '117 in'], $this->used3($result));
        $advice = $this->advice($result, RollsAreTooFew::RULE);
        $this->assertSame('1 set of tails short.', $advice->title);
        $labels = array_map(fn (Remedy $remedy): string => $remedy->label, $advice->remedies);
        $this->assertSame(
            ['Cut strips of 11 7/8 in', 'Have 2 rolls at hand', 'Leave the sets of tails of A ribbon, B ribbon and C ribbon out at tie 17'],
            $labels,
        );
        $this->assertStringContainsString('leaves 1 1/8 in', $advice->remedies[0]->effect);
    }

    public function test_sets_by_eye_take_each_ribbon_at_its_own_length_and_six_strips_of_each_are_one_set_short(): void
    {
        $sets = ['kind' => 'ribbon-sets', 'material' => ['a', 'b', 'c'], 'lengths' => ['12 in', '12 in', '10 in']];
        $this->assertSame(['84 in', '84 in', '70 in'], $this->used3($this->ribbons($sets)));
        $short = $this->ribbons($sets, array_map(
            fn (string $length): array => ['rolls' => 0, 'onHand' => ["6 x $length"]],
            ['a' => '12 in', 'b' => '12 in', 'c' => '10 in'],
        ));
        $this->assertSame('1 ribbon set short.', $this->advice($short, RollsAreTooFew::RULE)->title);
    }

    public function test_a_board_adds_its_thickness_and_a_roll_falls_short_by_it(): void
    {
        $strips = ['kind' => 'ribbon-tails', 'material' => 'a', 'lengths' => ['12 in'], 'on' => 'every 2nd tie'];
        $roll = ['a' => ['roll' => '9 ft', 'label' => 'measured', 'rolls' => 1]];
        $board = $this->ribbons($strips + ['cutting' => 'board', 'thick' => '1/2 in'], $roll);
        $this->assertSame('112 1/2 in', $board->parts[1]->takes->shown);
        $this->assertCount(1, $board->wound[1]->plan->unmet);
        $advice = $this->advice($board, 'board');
        $this->assertStringContainsString('come out 12 1/2 in long. So a roll of A ribbon gives 8, and cut by hand it would give 9.', $advice->sentence);
        $this->assertSame(['Fan-fold them instead', 'Cut them one by one instead'], array_map(
            fn (Remedy $remedy): string => $remedy->label,
            $advice->remedies,
        ));
        $this->assertSame([], $this->ribbons($strips, $roll)->wound[1]->plan->unmet);
        $this->assertNull($this->advice($this->ribbons($strips + ['cutting' => 'board', 'thick' => '1/2 in']), 'board', mustBe: false), 'a roll of 10 yd gives enough either way');
    }

    public function test_stacks_of_nine_on_the_side_ties_of_a_stick(): void
    {
        $ids = range('a', 'i');
        $plan = $this->plan([
            'form' => ['kind' => 'stick'],
            'ties' => [['layout' => 'stick-sites', 'sites' => 13]],
            'materials' => [['id' => 'mesh'], ...array_map(fn (string $id): array => self::ribbon($id), $ids)],
            'parts' => [['kind' => 'ribbon-tails', 'material' => $ids, 'lengths' => ['14 in'], 'on' => 'side ties']],
        ]);
        $part = $plan->parts[0];
        $this->assertSame([14, 126], [count($part->demand->elements), count($part->demand->cuts)]);
        $used = array_map(fn (WoundResult $its): string => $its->used->shown, array_slice($this->figures($plan)->wound, 1));
        $this->assertSame(array_fill(0, 9, '196 in'), $used);
        $this->assertSame(
            ['Dovetail 252 ends of 126 strips: fold each lengthwise and cut from the fold outward.', 25.2],
            [$part->demand->steps[0]->does, round($part->demand->steps[0]->minutes, 6)],
        );
    }

    public function test_two_sets_by_turns_are_nine_and_nine_with_as_few_like_neighbours_as_can_be(): void
    {
        $plan = $this->planOf(['kind' => 'ribbon-tails', 'material' => ['a', 'b'], 'sets' => 2]);
        $this->assertEquals(['a' => 9, 'b' => 9], array_count_values(array_column($plan->parts[1]->demand->cuts, 'material')));
        $this->assertStringContainsString(
            'Those are 9 and 9; 6 pairs of neighbours bear the same set, as few as can be.',
            Recipe::of($plan, $this->figures($plan))->parts[1]->text(),
        );
        $square = $this->planOf(['kind' => 'ribbon-tails', 'material' => ['a', 'b'], 'sets' => 2, 'on' => 'row 1']);
        $this->assertStringContainsString('3 and 3, no two alike side by side', Recipe::of($square, $this->figures($square))->parts[1]->text());
        $carried = array_map(fn ($tie): string => $tie->carries[1], array_slice($this->figures($plan)->ties, 0, 2));
        $this->assertEqualsCanonicalizing(['set of tails 1 of B ribbon', 'set of tails 2 of A ribbon'], $carried);
    }

    #[TestWith([['every' => 3], 12])]
    #[TestWith([['every' => 2], 18])]
    #[TestWith([['many' => 5], 5])]
    #[TestWith([['every' => 3, 'many' => 'all'], 12])]
    public function test_ribbon_goes_into_every_third_bundle_or_into_so_many(array $written, int $strips): void
    {
        $plan = $this->plan([
            'ties' => [['layout' => 'n-a-section', 'perSection' => 6, 'stem' => 'half']],
            'materials' => [['id' => 'mesh'], self::ribbon('a')],
            'parts' => [['kind' => 'rolled-bundle', 'material' => 'mesh'], ['kind' => 'ribbon-in-bundles', 'material' => 'a'] + $written],
        ]);
        $this->assertCount($strips, $plan->parts[1]->demand->cuts);
    }

    public function test_streamers_are_spread_evenly_and_hung_in_a_mixed_order_that_stays(): void
    {
        $streamers = ['kind' => 'streamers', 'material' => ['a', 'b'], 'count' => 13];
        $this->assertSame('bottom', $this->plan([
            'form' => ['kind' => 'outline', 'points' => ['0 0', '7 9', '0 24', '-7 9'], 'size' => '26 in'],
            'materials' => [['id' => 'mesh']],
            'parts' => [['kind' => 'streamers']],
        ])->parts[0]->on->slip->write()['at'], 'at the lowest of the form');
        foreach ([1, 2, 77] as $seed) {
            $cuts = $this->planOf($streamers + ['mixed' => $seed])->parts[1]->demand->cuts;
            $lengths = array_map(fn ($cut): float => $cut->length->toInches(), $cuts);
            foreach (array_slice($lengths, 1) as $place => $length) {
                $this->assertGreaterThanOrEqual(1.0, abs($length - $lengths[$place]), "order $seed");
            }
            $this->assertSame($lengths, array_map(
                fn ($cut): float => $cut->length->toInches(),
                $this->planOf($streamers + ['mixed' => $seed])->parts[1]->demand->cuts,
            ));
            $sorted = $lengths;
            sort($sorted);
            $this->assertSame(range(12.0, 18.0, 0.5), $sorted);
            $this->assertEqualsWithDelta(195.0, array_sum($lengths), 1e-9);
        }
        $this->assertSame([7, 6], array_values(array_count_values(array_column($cuts, 'material'))));
    }

    public function test_a_mixed_order_holds_the_same_lengths_and_keeps_neighbours_apart_where_that_can_be(): void
    {
        $this->limitTo($this->trials(60))->forAll(Generators::choose(1, 40), Generators::choose(1, 9999))->then(function (int $count, int $seed): void {
            $lengths = array_map(fn (int $place): int => 100 + 10 * $place, range(0, $count - 1));
            $order = MixedOrder::of($lengths, $seed, 20);
            $sorted = $order;
            sort($sorted);
            $this->assertSame($lengths, $sorted);
            $gaps = array_map(fn (int $place): int => abs($order[$place] - $order[$place + 1]), range(0, max(0, $count - 2)));
            $this->assertTrue($count < 5 || min($gaps) >= 20, implode(' ', $order));
        });
    }

    public function test_ends_that_fray_are_sealed_or_dipped_with_care_before_anything_is_tied(): void
    {
        $part = $this->planOf(
            ['kind' => 'ribbon-tails', 'material' => ['a', 'b', 'c'], 'on' => 'row 1'],
            ['a' => ['frays' => 'frays'], 'b' => ['frays' => 'dip']],
        )->parts[1];
        $this->assertSame(
            ['ends.l2', 'frays.l2', 'dip.l2', 'parts.l2'],
            array_column($part->demand->steps, 'key'),
        );
        $this->assertSame('Seal 12 ends of A ribbon.', $part->demand->steps[1]->does);
        $this->assertSame([Caution::Scissors, Caution::Flame, Caution::Dip], $part->cautions());
        $this->assertSame(['ends.l2', 'frays.l2', 'dip.l2'], $part->demand->steps[3]->after);
    }

    public function test_the_cut_sheet_says_how_a_set_is_folded_or_wound(): void
    {
        $sheet = fn (array $part): array => CutSheet::of(
            $this->planOf($part + ['kind' => 'ribbon-sets', 'material' => ['a', 'b']]),
            $this->ribbons($part + ['kind' => 'ribbon-sets', 'material' => ['a', 'b']]),
            CutOrder::ByColour,
        )->ways;
        $this->assertContains(
            'Ribbon sets: fan-folded, 10 folds in 4 stacks of up to 6 layers. Shape the ends of a stack in one go.',
            $sheet(['cutting' => 'fold']),
        );
        $this->assertContains(
            'Ribbon sets: wound on a board 1/4 in thick, 8 turns, two strips each. Shape the ends of a stack in one go.',
            $sheet(['cutting' => 'board']),
        );
        $this->assertSame([], array_filter($sheet([]), fn (string $way): bool => str_starts_with($way, 'Ribbon sets')));
    }

    public function test_a_cut_sheet_of_several_plans_says_it_for_each_of_them(): void
    {
        $plan = $this->planOf(['kind' => 'ribbon-sets', 'material' => ['a', 'b'], 'cutting' => 'fold']);
        $batch = Batch::of([new Share($plan, 2)], new RollPlanner);
        $this->assertContains(
            $plan->name().', for each of 2: ribbon sets: fan-folded, 10 folds in 4 stacks of up to 6 layers. '
                .'Shape the ends of a stack in one go.',
            CutSheet::ofBatch($batch, CutOrder::ByColour)->ways,
        );
    }

    /** @return iterable<string, array{int, string, string, int}> */
    public static function ways(): iterable
    {
        yield 'few' => [3, 'one', '3 cuts', 6];
        yield 'a stack' => [6, 'fold', '5 folds in 1 stack of up to 6 layers', 2];
        yield 'one more than a stack' => [7, 'fold', '5 folds in 2 stacks of up to 6 layers', 4];
        yield 'many' => [19, 'board', '10 turns, two strips each', 8];
    }

    #[DataProvider('ways')]
    public function test_a_way_of_cutting_suits_so_many_strips(int $strips, string $way, string $words, int $strokes): void
    {
        $suiting = CuttingWay::suiting($strips);
        $this->assertSame([$way, $words, $strokes, ''], [$suiting->value, $suiting->words([$strips]), $suiting->endStrokes($strips), $suiting->other($strips)]);
        $this->assertSame($way !== 'one', CuttingWay::OneByOne->other($strips) !== '');
    }

    public function test_ribbon_lies_on_the_mesh_and_changes_neither_size_nor_opening_nor_depth(): void
    {
        $figures = fn (Result $result): array => [
            $result->tally->across->shown, $result->tally->opening->shown, $result->tally->depth->shown, $result->fullness->figure->shown,
        ];
        $bare = $figures($this->work(['materials' => [['id' => 'mesh']], 'parts' => [['material' => 'mesh']]]));
        foreach (['ribbon-tails', 'ribbon-sets', 'streamers', 'curled-tails', 'swagged-loop', 'woven-stripe', 'looped-bow'] as $kind) {
            $this->assertSame($bare, $figures($this->ribbons(['kind' => $kind, 'material' => 'a'])), $kind);
        }
    }

    public function test_a_print_that_must_stand_upright_is_tied_at_its_end(): void
    {
        $result = $this->ribbons(['kind' => 'ribbon-tails', 'material' => 'a'], ['a' => ['print' => 'upright']]);
        $remedies = $this->advice($result, 'print')->remedies;
        $this->assertSame(['Tie them at their upper ends'], array_map(fn (Remedy $remedy): string => $remedy->label, $remedies));
        $this->assertNull($this->advice(
            $this->ribbons(['kind' => 'ribbon-tails', 'material' => 'a', 'held' => 'end'], ['a' => ['print' => 'upright']]),
            'print',
            mustBe: false,
        ));
    }

    #[TestWith(['curled-tails', true])]
    #[TestWith(['swagged-loop', true])]
    #[TestWith(['streamers', false])]
    #[TestWith(['woven-stripe', false])]
    public function test_a_print_is_on_its_head_wherever_a_strip_has_a_tail_on_either_side(string $kind, bool $isTold): void
    {
        $advice = $this->advice($this->ribbons(['kind' => $kind, 'material' => 'a'], ['a' => ['print' => 'upright']]), 'print', $isTold);
        $this->assertSame([], $advice->remedies ?? []);
    }

    public function test_ends_that_are_not_dovetailed_are_not_folded(): void
    {
        $steps = $this->planOf(['kind' => 'ribbon-tails', 'material' => 'a', 'ends' => 'slant', 'on' => 'row 1'])->parts[1]->demand->steps;
        $this->assertSame('Trim 12 ends of 6 strips.', $steps[0]->does);
    }

    public function test_ribbon_in_the_colour_of_the_mesh_it_lies_on_is_told_and_exchanged_for_another(): void
    {
        $like = ['a' => ['colour' => '#7c9873'], 'b' => ['colour' => '#bf3030']];
        $tails = ['kind' => 'ribbon-tails', 'on' => 'row 1'];
        $advice = $this->advice($this->ribbons($tails + ['material' => 'a'], $like), RibbonIsLost::RULE);
        $this->assertSame('A ribbon is hardly told from Sage mesh that it lies on.', $advice->sentence);
        $this->assertContains('Take B ribbon instead of A ribbon', array_map(fn (Remedy $remedy): string => $remedy->label, $advice->remedies));
        $this->advice($this->ribbons($tails + ['material' => 'b'], $like), RibbonIsLost::RULE, mustBe: false);
        $this->advice($this->ribbons(['kind' => 'looped-bow', 'material' => 'a'], $like), RibbonIsLost::RULE);
    }

    public function test_two_ribbons_of_one_place_that_look_the_same_are_told_but_not_where_their_patterns_differ(): void
    {
        $like = ['a' => ['colour' => '#bf3030', 'hatch' => 'dots'], 'b' => ['colour' => '#bb3030', 'hatch' => 'dots']];
        $tails = ['kind' => 'ribbon-tails', 'on' => 'row 1', 'material' => 'a + b'];
        $advice = $this->advice($this->ribbons($tails, $like), RibbonsLookAlike::RULE);
        $this->assertSame('A ribbon and B ribbon lie together, and one is hardly told from the other.', $advice->sentence);
        $this->assertContains('Take C ribbon instead of B ribbon', array_map(fn (Remedy $remedy): string => $remedy->label, $advice->remedies));
        $this->advice($this->ribbons($tails, array_replace_recursive($like, ['b' => ['hatch' => 'checks']])), RibbonsLookAlike::RULE, mustBe: false);
    }

    public function test_a_print_is_on_its_head_on_one_of_the_two_tails_of_a_bow(): void
    {
        $advice = $this->advice($this->ribbons(['kind' => 'looped-bow', 'material' => 'a'], ['a' => ['print' => 'upright']]), 'print');
        $this->assertStringContainsString('The two tails of a bow run opposite ways', $advice->sentence);
    }

    public function test_a_plan_without_ribbon_gets_one_where_a_part_is_made_of_it(): void
    {
        $plan = $this->plan(['materials' => [['id' => 'mesh']], 'parts' => [['kind' => 'ribbon-tails']]]);
        $this->assertSame(['mesh', 'ribbon'], array_map(fn ($wound): string => $wound->id, $plan->wound()));
        $this->assertSame('ribbon', $plan->parts[0]->on->first()->id);
    }

    public function test_curled_tails_say_their_turns_and_hang_to_a_part_of_their_length(): void
    {
        $plan = $this->planOf(['kind' => 'curled-tails', 'material' => 'a', 'lengths' => ['16 in'], 'spool' => '1 in', 'on' => 'row 1']);
        $this->assertStringContainsString('(5.1 turns)', Recipe::of($plan, $this->figures($plan))->parts[1]->text());
        $this->assertEqualsWithDelta(4.8, $plan->parts[1]->size->trails, 1e-9, '0.6 of 8 in');
    }

    public function test_a_swagged_loop_takes_two_tails_and_what_is_loose_from_tie_to_tie(): void
    {
        $part = $this->planOf(['kind' => 'swagged-loop', 'material' => 'a', 'on' => 'ties 9, 10, 15 and 16', 'loose' => '10 in', 'tail' => '5 in'])->parts[1];
        $this->assertSame([[9, 10], [15, 16]], array_map(fn ($element): array => $element->ties, $part->demand->elements));
        $this->assertSame([20.0, 20.0], array_map(fn ($cut): float => $cut->length->toInches(), $part->demand->cuts));
    }

    public function test_a_tie_that_is_left_over_is_told_and_left_out(): void
    {
        $result = $this->ribbons(['kind' => 'swagged-loop', 'material' => 'a', 'on' => 'ties 1 to 3']);
        $this->assertCount(1, $result->parts[1]->elements);
        $this->assertSame('Leave tie 3 out', $this->advice($result, 'left-over')->remedies[0]->label);
    }

    public function test_a_woven_stripe_takes_its_way_over_and_under_and_two_tails(): void
    {
        $part = $this->planOf(['kind' => 'woven-stripe', 'material' => 'a', 'on' => 'row 1', 'rise' => '1 in', 'tail' => '4 in'])->parts[1];
        // Six ties 4.5 in from the middle, so 4.5 in from each to the next: 6 x 2 x sqrt(2.25^2 + 1^2) = 29.55 in, and 8 in.
        $this->assertSame([37.625], array_map(fn ($cut): float => $cut->length->toInches(), $part->demand->cuts));
        $this->assertCount(7, $part->demand->elements[0]->ties, 'back to where it began');
        $flat = $this->planOf(['kind' => 'woven-stripe', 'material' => 'a', 'on' => 'row 1', 'rise' => '0 in', 'tail' => '1/2 in'])->parts[1];
        $this->assertSame(28.0, $flat->demand->cuts[0]->length->toInches());
    }

    public function test_bows_of_tubing_stand_on_ties_and_are_held_by_them(): void
    {
        $part = $this->planOf(['kind' => 'tie-bows', 'on' => 'every 3rd tie', 'material' => 'a', 'strip' => '14 in', 'tail' => '3 in'])->parts[1];
        $this->assertSame([6, 84.0], [count($part->demand->elements), array_sum(array_map(fn ($cut): float => $cut->length->toInches(), $part->demand->cuts))]);
        $this->assertSame([], $part->demand->goods);
        $held = $this->planOf(['kind' => 'tie-bows', 'on' => 'every 3rd tie', 'material' => 'a', 'holds' => 'wire']);
        $this->assertSame(6, $this->used($this->figures($held), 'wire'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'a loop for one tie' => [['kind' => 'swagged-loop', 'material' => 'a', 'on' => 'tie 3'], 'on', 'Write two ties at least.'];
        yield 'a loop that does not reach' => [['kind' => 'swagged-loop', 'material' => 'a', 'on' => 'ties 1 and 4', 'loose' => '5 in'], 'loose', 'Ties 1 and 4 are 9 in apart, so a loop of 5 in does not reach.'];
        yield 'a spool too wide' => [['kind' => 'curled-tails', 'material' => 'a', 'lengths' => ['6 in'], 'spool' => '2 in'], 'spool', 'does not go round it once'];
        $tails = ['kind' => 'ribbon-tails', 'material' => ['a', 'b', 'c']];
        yield 'strips of nothing' => [$tails + ['lengths' => ['0 in']], 'lengths', 'between 1 in and 720 in; 0 in is not'];
        yield 'two lengths for three' => [$tails + ['lengths' => ['12 in', '10 in']], 'lengths', 'There are 3 ribbons and 2 lengths.'];
        yield 'a board thicker than long' => [$tails + ['lengths' => ['4 in'], 'cutting' => 'board', 'thick' => '5 in'], 'thick', 'A board 4 in long cannot be 5 in thick.'];
        yield 'a loop that takes all' => [$tails + ['lengths' => ['8 in'], 'topLoop' => '4 in'], 'topLoop', 'A loop of 4 in takes 8 in, and the strip on top has 8 in.'];
        yield 'three ribbons in two sets' => [$tails + ['sets' => 2], 'sets', '3 ribbons do not make 2 sets alike.'];
        yield 'ten on one tie' => [['material' => array_fill(0, 10, 'a')] + $tails, 'material', 'Up to 9 ribbons go together in one place, and these are 10.'];
        yield 'thirty on one tie' => [['material' => array_fill(0, 30, 'a')] + $tails, 'material', '30'];
        yield 'mesh as ribbon' => [['material' => 'mesh'] + $tails, 'material', '"mesh" is not'];
        yield 'limits the wrong way round' => [['kind' => 'streamers', 'shortest' => '18 in', 'longest' => '12 in'], 'longest', 'cannot be shorter than the shortest, 18 in'];
        yield 'more than there are' => [['kind' => 'ribbon-in-bundles', 'many' => 19], 'many', 'There are 18 of these.'];
        yield 'longer than a roll' => [$tails + ['lengths' => ['400 in']], 'lengths', 'A strip takes 400 in'];
    }

    /** @param  array<string, mixed>  $part */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_blank(array $part, string $blank, string $says): void
    {
        $this->assertFault("/parts/1/$blank", $says, fn () => $this->planOf($part));
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, array<string, mixed>>  $of  what is said of ribbons, by id
     */
    private function planOf(array $part, array $of = []): Plan
    {
        return $this->plan([
            'materials' => [['id' => 'mesh'], ...array_map(fn (string $id): array => self::ribbon($id, $of[$id] ?? []), ['a', 'b', 'c'])],
            'parts' => [['material' => 'mesh'], $part + ['id' => 'l2']],
        ]);
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, array<string, mixed>>  $of
     */
    private function ribbons(array $part, array $of = []): Result
    {
        return $this->workedOut($this->planOf($part, $of));
    }

    /** @param  array<string, mixed>  $more */
    private static function ribbon(string $id, array $more = []): array
    {
        return ['id' => $id, 'kind' => 'ribbon', 'name' => strtoupper($id).' ribbon'] + $more;
    }

    /** @return list<string> */
    private function used3(Result $result): array
    {
        return array_map(fn (WoundResult $its): string => $its->used->shown, array_slice($result->wound, 1));
    }

    private function advice(Result $result, string $rule, bool $mustBe = true): ?Advice
    {
        $found = array_values(array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === $rule));
        $this->assertSame($mustBe, $found !== [], $rule);

        return $found[0] ?? null;
    }
}
