<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Davrin\Core\Colour\Neighbours;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Davrin\Core\Ties\Tie;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** Colours dealt to the ties of a layer: what comes where, what the eye would find, and what mends it. */
final class ColourOrderTest extends PlanCase
{
    use RandomTrials;

    private const MESHES = [
        ['id' => 'a', 'name' => 'A', 'roll' => '90 yd'],
        ['id' => 'b', 'name' => 'B', 'roll' => '90 yd'],
        ['id' => 'c', 'name' => 'C', 'roll' => '90 yd'],
    ];

    public function test_three_in_turn_on_16_ties_meet_at_the_seam_and_it_is_said_where_and_what_mends_it(): void
    {
        $plan = $this->row(16, 'in-turn', ['a', 'b', 'c']);
        $this->assertSame('abcabcabcabcabca', $this->shown($plan));
        $seam = $this->said($plan, 'seam');
        $this->assertSame('Tie 16 and tie 1 are both A: 3 alternating colours do not come out even on 16 ties.', $seam->sentence);
        $this->assertSame([16, 1], $seam->ties);
        $this->assertSame([
            '15 ties' => ['ties.t1.rows' => '15'],
            '18 ties' => ['ties.t1.rows' => '18'],
            'Move one, so that no two meet' => ['parts.l1.order' => 'in-turn-closed'],
        ], array_combine(
            array_column($seam->remedies, 'label'),
            array_map(fn (Remedy $remedy): array => $remedy->edit->asData()['set'], $seam->remedies),
        ));
        foreach ($seam->remedies as $remedy) {
            $this->assertNotContains('seam', array_column($this->work($this->after($plan, $remedy)->write())->advice, 'rule'));
        }
    }

    public function test_one_moved_closes_the_row_with_no_two_alike(): void
    {
        $shown = $this->shown($this->row(16, 'in-turn-closed', ['a', 'b', 'c']));
        $this->assertSame(['a' => 6, 'b' => 5, 'c' => 5], $this->counts($shown));
        $this->assertSame([], $this->meetings($shown));
        // It differs from plain turns by one that was taken out half-way round and put at the end.
        $this->assertSame('abcabcabcabcabca', substr($shown, 0, 7).$shown[15].substr($shown, 7, 8));
    }

    #[TestWith([7, 'abcabca', true])]
    #[TestWith([8, 'abcabcab', false])]
    #[TestWith([9, 'abcabcabc', false])]
    public function test_a_seam_is_said_only_where_like_meets_like(int $ties, string $shown, bool $said): void
    {
        $plan = $this->row($ties, 'in-turn', ['a', 'b', 'c']);
        $this->assertSame(
            [$shown, $said],
            [$this->shown($plan), in_array('seam', array_column($this->work($plan->write())->advice, 'rule'), true)],
        );
    }

    public function test_an_open_row_has_no_seam(): void
    {
        $stick = $this->plan(
            [
                'form' => ['kind' => 'stick'],
                'ties' => [['layout' => 'every-so-far', 'every' => '5 in']],
                'materials' => self::MESHES,
                'parts' => [['material' => ['a', 'b', 'c'], 'order' => 'in-turn']],
            ],
        );
        $this->assertNotContains('seam', array_column($this->work($stick->write())->advice, 'rule'));
    }

    public function test_where_the_layout_does_not_count_its_ties_the_last_is_left_bare(): void
    {
        $spots = array_map(fn (int $tie): string => sprintf('2-3: %s in', $tie * 4), range(0, 6));
        $plan = $this->plan(
            [
                'ties' => [['layout' => 'free', 'spots' => $spots]],
                'materials' => self::MESHES,
                'parts' => [['material' => ['a', 'b', 'c'], 'order' => 'in-turn']],
            ],
        );
        $this->assertSame(['parts.l1.on' => 'ties 1 to 6'], $this->said($plan, 'seam')->remedies[0]->edit->asData()['set']);
    }

    public function test_a_pattern_longer_than_the_row_is_said(): void
    {
        $advice = $this->said($this->row(2, 'in-turn', ['a', 'b', 'c']), 'long-pattern');
        $this->assertStringContainsString('3 colours alternate, and the row of ties 1 and 2 has room for 2', $advice->sentence);
        $this->assertSame(
            [['The first 2 only', ['parts.l1.material' => 'a + b']]],
            array_map(fn (Remedy $remedy): array => [$remedy->label, $remedy->edit->asData()['set']], $advice->remedies),
        );
    }

    public function test_a_further_row_begins_so_that_fewest_meet_their_own(): void
    {
        $plan = $this->rows([6, 6], 'in-turn', ['a', 'b', 'c']);
        $layer = $plan->parts[0];
        $shown = array_map(fn (array $meshes): string => $meshes[0]->id, $layer->on->materialsByTie);
        $this->assertSame([], Neighbours::alike($layer->on->colourTask->neighbours->across(), $shown));
    }

    public function test_four_scarce_among_18(): void
    {
        $this->assertContains($this->gaps($this->shown($this->row(18, 'by-count', ['a: 14', 'b: 4'])), 'b'), [[4, 5, 4, 5], [5, 4, 5, 4]]);
    }

    public function test_two_scarce_colours_lie_on_different_ties(): void
    {
        $shown = $this->shown($this->row(12, 'by-count', ['a: 7', 'b: 3', 'c: 2']));
        $this->assertSame([[4, 4, 4], [6, 6]], [$this->gaps($shown, 'b'), $this->gaps($shown, 'c')]);
    }

    public function test_on_a_square_four_go_to_the_corners_two_lie_opposite_and_six_fill(): void
    {
        $square = ['form' => ['kind' => 'rectangle'], 'ties' => [['layout' => 'corners-and-sides']], 'materials' => self::MESHES];
        $plan = $this->plan($square + ['parts' => [['material' => ['a: 4', 'b: 2', 'c: 6'], 'order' => 'by-count-corners']]]);
        $ties = $plan->parts[0]->on->ties();
        $this->assertCount(12, $ties);
        $of = fn (string $mesh): array => array_values(
            array_filter($ties, fn (Tie $tie): bool => $plan->parts[0]->on->at($tie)[0]->id === $mesh),
        );
        $this->assertSame([true, true, true, true], array_map(fn (Tie $tie): bool => $tie->corner, $of('a')));
        $this->assertEqualsWithDelta(
            [-$of('b')[0]->place->x, -$of('b')[0]->place->y],
            [$of('b')[1]->place->x, $of('b')[1]->place->y],
            0.01,
        );
        $this->assertCount(6, $of('c'));
        // What fills the sides meets itself there, as it was asked to.
        $this->assertNotContains('alike', array_column($this->work($plan->write())->advice, 'rule'));
        // Two for four corners lie in opposite ones.
        $two = $this->plan($square + ['parts' => [['material' => ['a: 2', 'c: 10'], 'order' => 'by-count-corners']]]);
        $corners = array_values(array_filter($ties, fn (Tie $tie): bool => $two->parts[0]->on->at($tie)[0]->id === 'a'));
        $this->assertEqualsWithDelta(
            [-$corners[0]->place->x, -$corners[0]->place->y],
            [$corners[1]->place->x, $corners[1]->place->y],
            0.01,
        );
    }

    public function test_36_bundles_with_three_colours_on_top_in_turn(): void
    {
        $plan = $this->plan(
            [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 6, 'pair' => '2-3', 'stem' => 'half']],
                'materials' => self::MESHES,
                'parts' => [['kind' => 'rolled-bundle', 'material' => ['a: 1', 'b: 1', 'c: 1'], 'order' => 'top-in-turn']],
            ],
        );
        $tops = implode(array_map(fn (array $meshes): string => $meshes[2]->id, $plan->parts[0]->on->materialsByTie));
        $this->assertSame([['a' => 12, 'b' => 12, 'c' => 12], []], [$this->counts($tops), $this->meetings($tops)]);
        foreach ($plan->parts[0]->on->materialsByTie as $meshes) {
            $this->assertEqualsCanonicalizing(['a', 'b', 'c'], array_column($meshes, 'id'));
        }
        $this->assertSame(
            [36 * 9, 36 * 9, 36 * 9],
            array_map(fn ($mesh): int => (int) $mesh->plan->used()->toInches(), $this->work($plan->write())->wound),
        );
    }

    public function test_two_runs_of_one_colour_alternate_all_the_way_round(): void
    {
        $this->assertSame(str_repeat('ab', 9), $this->turnedToA($this->shown($this->row(18, 'alternating', ['a: 9', 'b: 9']))));
        $this->assertSame([], array_column($this->work($this->row(18, 'alternating', ['a: 9', 'b: 9'])->write())->advice, 'rule'));
    }

    public function test_ten_and_eight_cannot_and_their_doubles_fall_low(): void
    {
        $plan = $this->row(18, 'alternating', ['a: 10', 'b: 8']);
        $shown = $this->shown($plan);
        $this->assertSame(['a' => 10, 'b' => 8], [...['a' => 0, 'b' => 0], ...$this->counts($shown)]);
        $doubles = $this->meetings($shown);
        $this->assertCount(2, $doubles);
        $advice = $this->said($plan, 'alike');
        foreach ($doubles as [$one, $other]) {
            $this->assertStringContainsString("$one and $other", $advice->sentence);
            foreach ([$one, $other] as $tie) {
                $this->assertGreaterThan(0, $plan->ties->all()[$tie - 1]->place->y, "tie $tie lies low");
            }
        }
        $this->assertStringStartsWith('10 and 8 cannot alternate all the way round 18 ties', $advice->sentence);
        $this->assertSame(['parts.l1.material' => '9 a + 9 b'], $advice->remedies[0]->edit->asData()['set']);
        $this->assertStringNotContainsString('aaa', $shown.$shown);
    }

    #[TestWith([['a: 14', 'b: 5'], '14 + 5 are 19, and there are 18 ties', '13 a + 5 b', ['a' => 13, 'b' => 5]])]
    #[TestWith([['a: 10', 'b: 4'], '10 + 4 are 14, and there are 18 ties', '14 a + 4 b', ['a' => 14, 'b' => 4]])]
    #[TestWith([['b: 4', 'a: 10'], '4 + 10 are 14, and there are 18 ties', '4 b + 14 a', ['a' => 14, 'b' => 4]])]
    #[TestWith([['a: 18', 'b: 1'], '18 + 1 are 19, and there are 18 ties', '17 a + 1 b', ['a' => 17, 'b' => 1]])]
    #[TestWith([['a: 30', 'b: 20'], '30 + 20 are 50, and there are 18 ties', '9 a + 9 b', ['a' => 9, 'b' => 9]])]
    public function test_numbers_that_do_not_add_up_are_made_up_by_what_fills_and_said(
        array $mix,
        string $says,
        string $would,
        array $counts,
    ): void {
        $plan = $this->row(18, 'by-count', $mix);
        $advice = $this->said($plan, 'counts');
        $this->assertStringContainsString($says, $advice->sentence);
        $this->assertSame(['parts.l1.material' => $would], $advice->remedies[0]->edit->asData()['set']);
        $this->assertSame(18, strlen($this->shown($plan)));
        $this->assertSame($counts, $this->counts($this->shown($plan)));
    }

    public function test_where_a_scrap_runs_out_another_colour_is_used_once_more(): void
    {
        // 4 x 19 in of a scrap of 64 in: three are to be had.
        $plan = $this->plan(
            [
                'ties' => [['layout' => 'rows', 'rows' => [18]]],
                'materials' => [
                    ['id' => 'a', 'name' => 'A'],
                    ['id' => 'b', 'name' => 'B', 'roll' => '64 in', 'label' => 'measured', 'rolls' => 1],
                ],
                'parts' => [['material' => ['a: 14', 'b: 4'], 'order' => 'by-count']],
            ],
        );
        $remedies = $this->said($plan, 'short')->remedies;
        $this->assertContains(
            ['parts.l1.material' => '15 a + 3 b'],
            array_map(fn (Remedy $remedy): array => $remedy->edit->asData()['set'], $remedies),
        );
        $this->assertContains('3 of B, 15 of A', array_column($remedies, 'label'));
    }

    public function test_chosen_ties_are_anchors_and_the_others_come_in_turn_between(): void
    {
        $this->assertSame('abcabcabcabc', $this->shown($this->row(12, 'anchor-painted', ['a', 'b', 'c'], ['1, 4, 7 and 10: a'])));
        $this->assertStringContainsString(
            'None of its ties is painted by hand',
            $this->said($this->row(12, 'anchor-painted', ['a', 'b', 'c']), 'no-anchor')->sentence,
        );
        $this->assertStringContainsString(
            'None of its ties is on the corners',
            $this->said($this->row(12, 'anchor-corners', ['a', 'b', 'c']), 'no-anchor')->sentence,
        );
    }

    public function test_numbers_begin_with_as_many_of_each_as_there_are_ties(): void
    {
        $outer = $this->plan(['materials' => self::MESHES, 'parts' => [['on' => 'row 2']]]);
        $this->assertSame(
            ['a: 12'],
            (new FillBlanks(['parts.l1.order' => 'by-count']))->apply($outer, $this->reader())->write()['parts'][0]['material'],
        );
        $turns = $this->row(16, 'in-turn', ['a', 'b', 'c']);
        $this->assertSame(
            ['a: 6', 'b: 5', 'c: 5'],
            (new FillBlanks(['parts.l1.order' => 'by-count']))->apply($turns, $this->reader())->write()['parts'][0]['material'],
        );
        // Numbers that were written are kept as they are, whatever becomes of the ties.
        $counted = $this->row(18, 'by-count', ['a: 14', 'b: 4']);
        $more = (new FillBlanks(['ties.t1.rows' => '20']))->apply($counted, $this->reader());
        $this->assertSame(['a: 14', 'b: 4'], $more->write()['parts'][0]['material']);
        $this->assertSame(['parts.l1.material' => '16 a + 4 b'], $this->said($more, 'counts')->remedies[0]->edit->asData()['set']);
    }

    public function test_ties_painted_by_hand_stay_and_the_rest_is_dealt_round_them(): void
    {
        $plan = $this->row(12, 'by-count', ['a: 9', 'b: 3'], ['3: b']);
        $this->assertSame([[4, 4, 4], 'b'], [$this->gaps($this->shown($plan), 'b'), $this->shown($plan)[2]]);
        $this->assertSame('aab'.str_repeat('a', 9), $this->shown($this->row(12, 'alike', 'a', ['3: b'])));
    }

    #[TestWith(['in-turn', ['a', 'b', 'c'], '3: b', 'Ties 2 and 3 show the same mesh.', null])]
    #[TestWith(['every-4', ['a', 'b'], '2: b', 'Ties 1 and 2 show the same mesh.', 'Swap ties 2 and 3'])]
    #[TestWith(['mirrored', ['a', 'b', 'c'], '3: b', 'show the same mesh.', null])]
    public function test_a_tie_painted_like_its_neighbour_is_said_and_mended(
        string $order,
        array $mesh,
        string $painted,
        string $says,
        ?string $swap,
    ): void {
        $plan = $this->row(12, $order, $mesh, [$painted]);
        $advice = $this->said($plan, 'beside');
        $this->assertStringContainsString($says, $advice->sentence);
        $labels = array_column($advice->remedies, 'label');
        $this->assertSame('Take the paint off tie '.$painted[0], $labels[count($labels) - 1]);
        if ($swap !== null) {
            $this->assertSame($swap, $labels[0]);
        }
        foreach ($advice->remedies as $remedy) {
            $this->assertNotContains('beside', array_column($this->work($this->after($plan, $remedy)->write())->advice, 'rule'));
        }
    }

    public function test_like_across_rows_is_said_where_no_start_avoids_it(): void
    {
        // Two colours on rows of 4 and 8: every inner tie has two near it in the outer row, one of each.
        $advice = $this->said($this->rows([4, 8], 'in-turn', ['a', 'b']), 'across-rows');
        $plan = $this->rows([4, 8], 'in-turn', ['a', 'b']);
        foreach ($advice->ties as $tie) {
            $this->assertContains($plan->ties->all()[$tie - 1]->row, [1, 2]);
        }
        $this->assertStringContainsString('one behind the other', $advice->sentence);
        $this->assertNotContains(
            'across-rows',
            array_column($this->work($this->rows([6, 6], 'in-turn', ['a', 'b', 'c'])->write())->advice, 'rule'),
        );
    }

    public function test_scarce_ones_that_meet_across_rows_are_said(): void
    {
        // Painted one behind the other: the order round them cannot help it.
        $plan = $this->rows([6, 6], 'by-count', ['a: 10', 'b: 2'], ['1 and 7: b']);
        $this->assertSame([1, 7], $this->said($plan, 'across-rows')->ties);
    }

    public function test_more_painted_than_named_is_said(): void
    {
        $plan = $this->row(12, 'by-count', ['a: 11', 'b: 1'], ['3 and 4: b']);
        $advice = $this->said($plan, 'fixed');
        $this->assertStringContainsString('2 ties are painted B, and 1 named', $advice->sentence);
        $this->assertSame(
            [['parts.l1.material' => '10 a + 2 b'], ['parts.l1.painted' => 'nothing']],
            array_map(fn (Remedy $remedy): array => $remedy->edit->asData()['set'], $advice->remedies),
        );
        $this->assertSame('b', $this->shown($plan)[3]);
    }

    public function test_what_is_painted_on_ties_that_are_not_there_is_refused(): void
    {
        $this->assertFault('/parts/0/painted', 'Tie 40 is not among those of this layer', fn () => $this->row(12, 'alike', 'a', ['40: b']));
        $this->assertFault('/parts/0/painted', 'names no mesh of this plan', fn () => $this->row(12, 'alike', 'a', ['4: z']));
        $this->assertFault('/parts/0/order', 'is not one of them', fn () => $this->row(12, 'top-in-turn', 'a'));
    }

    public function test_every_third_and_a_mirrored_row_and_anchors(): void
    {
        $this->assertSame('baabaabaabaa', $this->shown($this->row(12, 'every-3', ['a', 'b'])));
        $mirrored = $this->row(12, 'mirrored', ['a', 'b', 'c']);
        foreach ($mirrored->parts[0]->on->ties() as $tie) {
            $partner = array_values(
                array_filter(
                    $mirrored->parts[0]->on->ties(),
                    fn (Tie $other): bool => abs($other->place->x + $tie->place->x) + abs($other->place->y - $tie->place->y) < 0.01,
                ),
            )[0];
            $this->assertSame($mirrored->parts[0]->on->at($tie)[0]->id, $mirrored->parts[0]->on->at($partner)[0]->id);
        }
        $anchored = $this->plan(
            [
                'ties' => [['layout' => 'crossbars-outer-mid']],
                'materials' => self::MESHES,
                'parts' => [['material' => ['a', 'b', 'c'], 'order' => 'anchor-crossbars', 'on' => 'row 2']],
            ],
        );
        $this->assertSame('abacabacabac', $this->shown($anchored));
    }

    public function test_every_fifth_that_does_not_close_is_said_where(): void
    {
        $advice = $this->said($this->row(12, 'every-5', ['a', 'b']), 'seam');
        $this->assertSame('From tie 11 to tie 1 it is 2 on, elsewhere 5: every fifth does not close on 12 ties.', $advice->sentence);
        $this->assertSame(['10 ties', '15 ties', 'As many of each, spread evenly'], array_column($advice->remedies, 'label'));
    }

    public function test_three_scarce_ones_of_18_stand_a_third_of_the_way_round_apart_in_one_row(): void
    {
        foreach ([['layout' => 'inner-mid-two-outer'], ['layout' => 'rows', 'rows' => [6, 12]]] as $layout) {
            $part = $this->plan([
                'ties' => [$layout],
                'materials' => self::MESHES,
                'parts' => [['material' => ['a: 15', 'b: 3'], 'order' => 'by-count']],
            ])->parts[0];
            $ties = array_values(array_filter($part->on->ties(), fn (Tie $tie): bool => $part->on->at($tie)[0]->id === 'b'));
            $this->assertCount(1, array_unique(array_column($ties, 'row')));
            $angles = array_map(fn (Tie $tie): float => fmod($tie->place->point()->heading() + 360.0, 360.0), $ties);
            sort($angles);
            $this->assertEqualsWithDelta([120.0, 120.0], [$angles[1] - $angles[0], $angles[2] - $angles[1]], 0.1);
        }
    }

    public function test_over_rows_the_numbers_come_out_and_scarce_ones_lie_evenly_along_the_form(): void
    {
        $this->limitTo($this->trials(40))->forAll(
            Generators::choose(3, 12),
            Generators::choose(3, 18),
            Generators::choose(0, 6),
            Generators::choose(0, 4),
            Generators::choose(1, 30),
        )
            ->then(function (int $inner, int $outer, int $b, int $c, int $painted): void {
                $ties = $inner + $outer;
                [$b, $c] = [min($b, intdiv($ties, 3)), min($c, intdiv($ties, 3))];
                $mix = array_values(array_filter(['a: '.($ties - $b - $c), $b > 0 ? "b: $b" : null, $c > 0 ? "c: $c" : null]));
                $plan = $this->rows([$inner, $outer], 'by-count', $mix, $b > 0 && $painted <= $ties ? ["$painted: b"] : []);
                $shown = $this->shown($plan);
                $this->assertSame(array_filter(['a' => $ties - $b - $c, 'b' => $b, 'c' => $c]), $this->counts($shown));
                if ($b > 0 && $painted <= $ties) {
                    $this->assertSame('b', $shown[$painted - 1]);
                } elseif ($b > 1 && $c === 0) {
                    // As even as the ties stand: no gap is longer by more than the way over two of them.
                    $this->assertLessThanOrEqual(1 / $b + 2 / max($inner, $outer) + 1e-6, $this->longestGap($plan, 'b'));
                }
            });
    }

    /** The longest way along the form without a mesh, as a part of once round. */
    private function longestGap(Plan $plan, string $mesh): float
    {
        $places = [];
        foreach ($plan->parts[0]->on->ties() as $tie) {
            if ($plan->parts[0]->on->at($tie)[0]->id === $mesh) {
                $places[] = fmod($tie->place->point()->heading() + 360.0, 360.0) / 360;
            }
        }
        sort($places);
        $gaps = array_map(fn (int $i): float => ($places[$i + 1] ?? $places[0] + 1) - $places[$i], array_keys($places));

        return max([0.0, ...$gaps]);
    }

    public function test_each_tie_s_mesh_is_cut_and_told_as_its_own(): void
    {
        $result = $this->work($this->row(12, 'by-count', ['a: 9', 'b: 3'])->write());
        $this->assertSame(['171 in', '57 in'], array_map(fn ($mesh): string => $mesh->used->shown, array_slice($result->wound, 0, 2)));
        $this->assertSame(['B', 'A'], array_map(fn (int $tie): string => substr($result->ties[$tie]->carries[0], -1), [0, 1]));
    }

    /** @return iterable<string, array{string}> */
    public static function dealings(): iterable
    {
        foreach (array_keys(Craft::standard()->colourOrders) as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('dealings')]
    public function test_every_dealing_deals_to_every_tie_the_same_every_time_and_keeps_when_another_is_chosen(string $key): void
    {
        $technique = $key === 'top-in-turn' ? 'starburst' : 'ruffle';
        $before = $this->plan(
            ['ties' => [['layout' => 'crossbars-outer-mid']], 'materials' => self::MESHES, 'parts' => [['kind' => $technique]]],
        );
        $plan = (new FillBlanks(['parts.l1.order' => $key]))->apply($before, $this->reader());
        $this->assertSame($key, $plan->parts[0]->on->slip->text('order'));
        $this->assertSame(range(1, 18), array_keys($plan->parts[0]->on->materialsByTie));
        $this->assertEquals($plan->parts[0]->on->materialsByTie, $this->plan($plan->write())->parts[0]->on->materialsByTie);
        $this->assertSame(
            'a',
            (new FillBlanks(['parts.l1.order' => 'alike']))->apply($plan, $this->reader())->parts[0]->on->materials[0]->id,
        );
    }

    private function row(int $ties, string $order, string|array $mesh, array $painted = []): Plan
    {
        return $this->rows([$ties], $order, $mesh, $painted);
    }

    private function rows(array $rows, string $order, string|array $mesh, array $painted = []): Plan
    {
        return $this->plan(
            [
                'ties' => [['layout' => 'rows', 'rows' => $rows]],
                'materials' => self::MESHES,
                'parts' => [['material' => $mesh, 'order' => $order, 'painted' => $painted]],
            ],
        );
    }

    /** The mesh of each tie, a letter each. */
    private function shown(Plan $plan): string
    {
        return implode(array_map(fn (array $meshes): string => $meshes[0]->id, $plan->parts[0]->on->materialsByTie));
    }

    private function said(Plan $plan, string $rule): Advice
    {
        return array_values(array_filter($this->work($plan->write())->advice, fn (Advice $advice): bool => $advice->rule === $rule))[0];
    }

    private function after(Plan $plan, Remedy $remedy): Plan
    {
        return $remedy->edit->apply($plan, $this->reader());
    }

    /** @return array<string, int> */
    private function counts(string $shown): array
    {
        $counts = array_count_values(str_split($shown));
        ksort($counts);

        return $counts;
    }

    /** @return list<array{int, int}> ties next to each other, round the seam too, that show the same */
    private function meetings(string $shown): array
    {
        $ties = strlen($shown);

        return array_values(
            array_map(
                fn (int $place): array => [$place + 1, ($place + 1) % $ties + 1],
                array_filter(range(0, $ties - 1), fn (int $place): bool => $shown[$place] === $shown[($place + 1) % $ties]),
            ),
        );
    }

    /** @return list<int> */
    private function gaps(string $shown, string $mesh): array
    {
        $places = array_keys(str_split($shown), $mesh, true);

        return array_map(
            fn (int $index): int => ($places[$index + 1] ?? $places[0] + strlen($shown)) - $places[$index],
            array_keys($places),
        );
    }

    private function turnedToA(string $shown): string
    {
        $first = (int) strpos($shown, 'a');

        return substr($shown, $first).substr($shown, 0, $first);
    }
}
