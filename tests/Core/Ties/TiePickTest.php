<?php

declare(strict_types=1);

namespace Tests\Core\Ties;

use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TiePick;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Which ties of a layout a layer stands on. Six inner ties, 1 to 6, and twelve outer ones, 7 to 18. */
final class TiePickTest extends PlanCase
{
    /** @param  list<int>  $ties */
    #[TestWith(['every tie', [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18]])]
    #[TestWith(['row 1', [1, 2, 3, 4, 5, 6]])]
    #[TestWith(['every 2nd tie', [1, 3, 5, 7, 9, 11, 13, 15, 17]])]
    #[TestWith(['every 3rd tie of row 2', [7, 10, 13, 16]])]
    #[TestWith(['sections 1 and 6', [1, 6, 7, 8, 17, 18]])]
    #[TestWith(['ties 1, 9 and 12 to 14', [1, 9, 12, 13, 14]])]
    public function test_a_layer_stands_on_the_ties_that_are_named(string $on, array $ties): void
    {
        $layer = $this->plan(['parts' => [['on' => $on]]])->parts[0];
        $this->assertSame(
            [$ties, $on],
            [array_map(fn (Tie $tie): int => $tie->number, $layer->on->ties()), $layer->on->slip->write()['on']],
        );
    }

    #[TestWith(['ties 4,1;2 - 3', 'ties 1 to 4'])]
    #[TestWith(['Tie 5', 'ties 5'])]
    #[TestWith(['section 2', 'sections 2'])]
    #[TestWith(['All ties', 'every tie'])]
    #[TestWith(['every 2nd tie 1, 4', 'every 2nd tie'])]
    #[TestWith(['every 2nd tie of row 1 1, 4', 'every 2nd tie of row 1'])]
    #[TestWith(['ties', 'ties 1'])]
    #[TestWith(['sections', 'sections 1'])]
    public function test_what_is_typed_is_written_in_one_way(string $typed, string $written): void
    {
        $after = (new FillBlanks(['parts.l1.on' => $typed]))->apply($this->plan(['parts' => [['on' => 'row 2']]]), $this->reader());
        $this->assertSame($written, $after->parts[0]->on->slip->write()['on']);
    }

    #[TestWith(['ties 40', 'Tie 40 is not there: this layout has ties 1 to 18'])]
    #[TestWith(['ties 1, 19 and 20', 'Ties 19 and 20 are not there'])]
    #[TestWith(['row 3', 'There is no row 3: this layout has 2 rows'])]
    #[TestWith(['sections 9', 'There is no tie of this layout in section 9'])]
    #[TestWith(['ties 7 to 3', 'or numbers, like'])]
    #[TestWith(['the best ones', 'or numbers, like'])]
    #[TestWith(['', 'or numbers, like'])]
    public function test_ties_that_are_not_there_are_refused_at_the_place(string $on, string $says): void
    {
        $this->assertFault('/parts/0/on', $says, fn () => $this->plan(['parts' => [['on' => $on]]]));
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, mixed>  $layout
     * @param  list<int>  $ties
     */
    #[TestWith([[], ['layout' => 'crossbars-outer-mid'], 'crossbar ties', [1, 2, 3, 4, 5, 6, 7, 9, 11, 13, 15, 17]])]
    #[TestWith([[], ['layout' => 'crossbars-outer-mid'], 'ties between crossbars', [8, 10, 12, 14, 16, 18]])]
    #[TestWith([[], ['layout' => 'crossbars-outer-mid'], 'every 2nd of the crossbar ties', [1, 3, 5, 7, 11, 15]])]
    #[TestWith([[], ['layout' => 'crossbars-outer-mid'], 'crossbar ties in sections 1 and 2', [1, 2, 7, 9]])]
    #[TestWith([[], ['layout' => 'crossbars-outer-mid'], 'row 1 in sections 2', [2]])]
    #[TestWith([[], ['layout' => 'zigzag', 'perSection' => 4], 'ties on wires 1-2', [3, 7, 11, 15, 19, 23]])]
    #[TestWith([[], ['layout' => 'zigzag', 'perSection' => 4], 'every 4th tie', [1, 5, 9, 13, 17, 21]])]
    #[TestWith([['kind' => 'rectangle'], ['layout' => 'corners-and-sides', 'aSide' => 2], 'corner ties', [2, 5, 8, 11]])]
    #[TestWith([['kind' => 'rectangle'], ['layout' => 'corners-and-sides', 'aSide' => 2], 'side ties', [1, 3, 4, 6, 7, 9, 10, 12]])]
    #[TestWith([['kind' => 'stick'], ['layout' => 'stick-sites', 'sites' => 5], 'side ties', [1, 2, 4, 5, 7, 8]])]
    #[TestWith([['kind' => 'stick'], ['layout' => 'stick-sites', 'sites' => 5], 'middle ties', [3, 6]])]
    #[TestWith([['kind' => 'stick'], ['layout' => 'stick-sites', 'sites' => 5], 'ties on wire 1', [2, 5, 8]])]
    public function test_ties_are_named_by_where_they_stand(array $form, array $layout, string $on, array $ties): void
    {
        $plan = $this->plan(['form' => $form, 'ties' => [$layout], 'parts' => [['on' => $on]]]);
        $this->assertSame(
            [$ties, $on],
            [array_map(fn (Tie $tie): int => $tie->number, $plan->parts[0]->on->ties()), $plan->parts[0]->on->slip->write()['on']],
        );
        $shown = $plan->parts[0]->on->slip->show('on', $plan->units());
        $this->assertNotSame('', $shown);
        $this->assertSame(
            $plan->write(),
            (new FillBlanks(['parts.l1.on' => $shown]))->apply($plan, $this->reader())->write(),
            "$shown is left as it is",
        );
    }

    public function test_on_a_stick_of_13_sites_side_ties_are_14_of_20(): void
    {
        $plan = $this->plan(
            ['form' => ['kind' => 'stick'], 'ties' => [['layout' => 'stick-sites', 'sites' => 13]], 'parts' => [['on' => 'side ties']]],
        );
        $this->assertSame([20, 14], [$plan->ties->count(), count($plan->parts[0]->on->ties())]);
    }

    public function test_only_what_some_ties_are_and_others_not_is_offered(): void
    {
        $choices = fn (array $document): array => array_keys(TiePick::choices($this->plan($document)->ties->groups[0]));
        $this->assertContains('crossbar ties', $choices(['ties' => [['layout' => 'crossbars-outer-mid']]]));
        $this->assertSame(
            [],
            preg_grep('/crossbar|corner|side|middle|wire/', $choices([])),
            'on the default ring no tie is at a crossbar, and rows say which wires',
        );
    }

    public function test_a_sort_of_tie_that_is_not_there_is_refused_and_gives_way_where_the_form_changes(): void
    {
        $this->assertFault('/parts/0/on', 'There is no tie in corner ties', fn () => $this->plan(['parts' => [['on' => 'corner ties']]]));
        $square = $this->plan(
            ['form' => ['kind' => 'rectangle'], 'ties' => [['layout' => 'corners-and-sides']], 'parts' => [['on' => 'corner ties']]],
        );
        $ring = new FillBlanks(['form.kind' => 'ring']);
        $after = $ring->apply($square, $this->reader());
        $this->assertSame(
            [['every tie'], true],
            [array_column($after->write()['parts'], 'on'), str_contains(implode(' ', $ring->lost($square, $after)), 'corner ties')],
        );
    }

    public function test_a_run_over_the_crossbar_ties_all_the_way_round_closes(): void
    {
        $plan = $this->plan(
            [
                'ties' => [['layout' => 'crossbars-outer-mid']],
                'materials' => [['roll' => '20 yd']],
                'parts' => [['kind' => 'poof-run', 'pitch' => '12 in', 'on' => 'crossbar ties']],
            ],
        );
        $this->assertCount(12, $plan->parts[0]->demand->elements);
    }

    public function test_on_a_layout_of_one_row_there_is_no_row_to_name(): void
    {
        $this->assertFault(
            '/parts/0/on',
            'a single row',
            fn () => $this->plan(['ties' => [['layout' => 'n-a-section']], 'parts' => [['on' => 'row 1']]]),
        );
    }

    public function test_a_run_over_every_second_tie_of_a_closed_row_closes_too(): void
    {
        $steps = $this->plan(
            ['parts' => [['kind' => 'poof-run', 'on' => 'every 2nd tie of row 2', 'pitch' => '12 in']]],
        )->parts[0]->demand->runs[0]->steps;
        $this->assertSame([[7, 9], [17, 7]], [[$steps[0]->from, $steps[0]->to], [$steps[5]->from, $steps[5]->to]]);
    }

    public function test_a_run_over_some_sections_does_not_close(): void
    {
        $this->assertCount(5, $this->plan(['parts' => [['kind' => 'poof-run', 'on' => 'ties 7 to 12']]])->parts[0]->demand->elements);
        $this->assertFault('/parts/0/on', 'at least 2 ties', fn () => $this->plan(['parts' => [['kind' => 'poof-run', 'on' => 'ties 7']]]));
    }

    public function test_a_changed_layout_keeps_the_ties_that_are_still_there(): void
    {
        $plan = $this->plan(
            ['ties' => [['layout' => 'rows', 'rows' => [6, 12]]], 'parts' => [['on' => 'ties 2, 5 and 17'], ['on' => 'ties 17 and 18']]],
        );
        $after = (new FillBlanks(['ties.t1.rows' => '4, 6']))->apply($plan, $this->reader());
        $this->assertSame(
            ['ties 2 and 5', 'every tie'],
            array_map(fn ($layer): string => $layer->on->slip->object('on', TiePick::class)->key(), $after->parts),
        );
    }
}
