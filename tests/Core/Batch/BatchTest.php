<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\BatchMaterial;
use Davrin\Core\Batch\BatchResult;
use Davrin\Core\Batch\Share;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Words\Fault;
use Tests\Core\PlanCase;

final class BatchTest extends PlanCase
{
    public function test_copies_share_rolls_that_each_alone_would_open(): void
    {
        // 12 pieces of 19 in take 228 in of a roll of 360 in: three wreaths are 684 in, on two rolls instead of three.
        [$mesh] = $this->batch([[['materials' => [['label' => 'measured']], 'parts' => [['on' => 'row 2']]], 3]]);
        $this->assertSame(
            [2, 1300, 3, 1950, true],
            [
                $mesh->rolls->opened(),
                $mesh->rolls->cents(),
                $mesh->openedApart,
                $mesh->moneyApart->cents,
                $mesh->rolls->isProvenBest(),
            ],
        );
        $this->assertSame([342.0, 342.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $mesh->rolls->rolls));
        $this->assertSame('New wreath, no. 1: ruffle at tie 7', $mesh->for($mesh->rolls->rolls[0]->segments[0]->element));
    }

    public function test_together_too_no_roll_is_filled_beyond_what_is_safe_while_another_has_room(): void
    {
        [$mesh] = $this->batch([[[
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %']], 'parts' => [['length' => '30 in', 'on' => 'ties 1 to 3']],
        ], 3]]);
        // Nine pieces of 30 in: 180 + 90 in would leave more on the second roll, but only 162 in of the first are safe.
        $this->assertSame([150.0, 120.0], array_map(fn (RollUse $roll): float => $roll->used()->toInches(), $mesh->rolls->rolls));
        $this->assertTrue($mesh->rolls->isProvenBest());
    }

    public function test_plans_share_a_mesh_that_is_the_same_and_no_other(): void
    {
        $first = ['name' => 'First', 'materials' => [['label' => 'measured']], 'parts' => [['on' => 'row 1']]];
        $meshes = $this->batch(
            [[$first, 1], [['name' => 'Second'] + $first, 1], [['name' => 'Third', 'materials' => [['name' => 'Gold mesh']]] + $first, 1]],
        );
        $this->assertSame(['Sage mesh', 'Gold mesh'], array_map(fn (BatchMaterial $mesh): string => $mesh->wound->name(), $meshes));
        $this->assertSame([12, 6], array_map(fn (BatchMaterial $mesh): int => count($mesh->rolls->rolls[0]->segments), $meshes));
    }

    public function test_ribbon_is_shared_too_but_not_with_one_of_another_pattern(): void
    {
        $plan = fn (string $pattern): array => [
            'materials' => [['id' => 'mesh'], ['id' => 'ribbon', 'kind' => 'ribbon', 'hatch' => $pattern]],
            'parts' => [['kind' => 'ribbon-tails', 'material' => 'ribbon', 'on' => 'row 1']],
        ];
        $materials = $this->batch([[$plan('dots'), 2], [['name' => 'Second'] + $plan('dots'), 1], [$plan('checks'), 1]]);
        $this->assertSame(
            [18, 6],
            array_map(fn (BatchMaterial $ribbon): int => count(array_merge(...array_column($ribbon->rolls->rolls, 'segments'))), $materials),
        );
    }

    public function test_what_is_on_hand_is_there_once_however_many_plans_name_it(): void
    {
        $plan = [
            'materials' => [['label' => 'measured', 'onHand' => ['120 in (shelf 4)', '60 in'], 'rolls' => 1, 'roll' => '60 in']],
            'parts' => [['on' => 'row 1']],
        ];
        [$mesh] = $this->batch([[['name' => 'First'] + $plan, 1], [['name' => 'Second'] + $plan, 1]]);
        // 12 pieces of 19 in: 6 of 120 in, 3 of each 60 in.
        $this->assertSame([[], 3], [$mesh->unmet(), count($mesh->rolls->rolls)]);
        [$mesh] = $this->batch([[['name' => 'First'] + $plan, 3]]);
        $this->assertCount(6, $mesh->unmet());
        $this->assertStringStartsWith('First, no. 3: ruffle at tie', $mesh->unmet()[5]);
    }

    public function test_each_piece_of_work_keeps_to_one_lot_and_another_may_be_cut_from_another(): void
    {
        // 342 in each: neither roll holds both, and no two lots go into one wreath.
        $meshes = fn (array $onHand, array $more = []): array => $this->batch(
            [[['name' => 'Wreath', 'materials' => [['label' => 'measured', 'onHand' => $onHand] + $more]], 2]],
        );
        $batch = $meshes(['10 yd lot A', '10 yd lot B']);
        $this->assertSame(['Sage mesh, lot A', 'Sage mesh, lot B'], array_map(fn (BatchMaterial $mesh): string => $mesh->name(), $batch));
        $this->assertSame(
            [[0, 1], [0, 1]],
            array_map(fn (BatchMaterial $mesh): array => [$mesh->rolls->cents(), $mesh->rolls->opened()], $batch),
        );
        $this->assertSame([['Wreath, no. 1'], ['Wreath, no. 2']], array_map($this->whose(...), $batch));
        $this->assertSame(
            [[1, 650], [1, 650]],
            array_map(fn (BatchMaterial $mesh): array => [$mesh->openedApart, $mesh->moneyApart->cents], $batch),
        );
        // What a lot is not enough for is cut from the rest, and from new rolls where that does not do.
        $batch = $meshes(['10 yd lot A', '20 in lot B']);
        $this->assertSame(
            ['Sage mesh'],
            array_map(fn (BatchMaterial $mesh): string => $mesh->name(), $batch),
            'one lot and a new roll does as well',
        );
        $batch = $meshes(['10 yd lot A', '200 in lot B', '300 in']);
        $this->assertSame([0, 0], array_map(fn (BatchMaterial $mesh): int => $mesh->rolls->cents(), $batch));
        $this->assertSame(['Sage mesh, lot A', 'Sage mesh'], array_map(fn (BatchMaterial $mesh): string => $mesh->name(), $batch));
        // 10 pieces each, and 13 and 7 of them in the lots: mixed they would do, so buying a roll is not called proven.
        [$mesh] = $this->batch(
            [
                [
                    [
                        'materials' => [['label' => 'measured', 'onHand' => ['250 in lot A', '150 in lot B']]],
                        'parts' => [['on' => 'ties 1 to 10']],
                    ],
                    2,
                ],
            ],
        );
        $this->assertSame([1, 0, false], [$mesh->rolls->opened(), $mesh->rolls->proof?->opened, $mesh->rolls->isProvenBest()]);
        // Where lots may mix there is nothing to keep apart.
        $this->assertSame(
            ['Sage mesh'],
            array_map(fn (BatchMaterial $mesh): string => $mesh->name(), $meshes(['10 yd lot A', '10 yd lot B'], ['lots' => 'mixed'])),
        );
    }

    public function test_runs_are_laid_copy_by_copy_and_keep_their_tails(): void
    {
        [$mesh] = $this->batch([[$this->poofs(), 2]]);
        // 24 poofs of 9 in are 216 in and tails; rolls of 180 in: 19 and 5, and the next one goes on behind.
        $this->assertSame([], $mesh->unmet());
        $this->assertLessThanOrEqual($mesh->openedApart, $mesh->rolls->opened());
        $this->assertSame(
            'New wreath, no. 2: poof to tie 2',
            array_values(
                array_filter(
                    array_map(
                        fn ($segment): ?string => $segment->element === null ? null : $mesh->for($segment->element),
                        array_merge(...array_column($mesh->rolls->rolls, 'segments')),
                    ),
                    fn (?string $for): bool => str_contains((string) $for, 'no. 2'),
                ),
            )[0],
        );
    }

    public function test_halves_on_hand_and_packs_of_goods_are_pooled_over_all(): void
    {
        $half = fn (array $more = []): array => [
            'form' => ['crossbars' => 5],
            'ties' => [['stem' => 'half']],
            'materials' => [['roll' => '60 yd'], ['id' => 's', 'kind' => 'stems', 'pack' => 10, ...$more]],
        ];
        $batch = fn (array ...$shares): BatchResult => Batch::of(
            array_map(fn (array $share): Share => new Share($this->plan($share[0]), $share[1]), $shares),
            new RollPlanner,
        );
        $two = $batch([$half(), 2]);
        $this->assertSame(
            [15, 2, ['2 x 15 ties, each half a stem']],
            [$two->goods[0]->pieces, $two->goods[0]->packs, $two->goods[0]->count->because],
            'alone each would take 8, and a pack',
        );
        $onHand = $batch([$half(['onHand' => ['6 (shelf 3)']]), 1], [['name' => 'Other'] + $half(['onHand' => ['6 (shelf 3)']]), 1]);
        $this->assertSame(
            [15, 6, [3 => 6]],
            [$onHand->goods[0]->pieces, $onHand->goods[0]->onHand, $onHand->goods[0]->fromShelf()],
            'what two plans name is there once',
        );
        $this->assertSame(
            2 * 175,
            array_values(array_filter($two->cost->lines, fn ($line): bool => $line->what === 'the forms'))[0]->opened->cents,
        );
        $this->assertEqualsWithDelta($two->cost->opened->value, 2 * $two->cost->each(2)[1]->cents / 100, 0.01);
    }

    public function test_more_than_a_day_s_cutting_is_refused(): void
    {
        $this->expectException(Fault::class);
        $this->expectExceptionMessage('up to 4000 are cut together');
        $this->batch([[[], 200]]);
    }

    /** @return list<string> */
    private function whose(BatchMaterial $mesh): array
    {
        return array_values(
            array_unique(
                array_map(
                    fn ($segment): string => $mesh->part($segment->part)->whose,
                    array_merge(...array_column($mesh->rolls->rolls, 'segments')),
                ),
            ),
        );
    }

    /**
     * @param  non-empty-list<array{array<string, mixed>, int}>  $shares
     * @return list<BatchMaterial>
     */
    private function batch(array $shares): array
    {
        return Batch::of(
            array_map(fn (array $share): Share => new Share($this->plan($share[0]), $share[1]), $shares),
            new RollPlanner,
        )->materials;
    }
}
