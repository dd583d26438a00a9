<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class GoodsUseTest extends PlanCase
{
    use RandomTrials;

    public function test_halves_and_thirds_of_several_layouts_are_pooled_before_they_are_rounded_up(): void
    {
        $counts = Generators::choose(1, 12);
        $this->limitTo($this->trials(100))->forAll(
            $counts,
            $counts,
            $counts,
            $counts,
        )->then(function (int $whole, int $half, int $third, int $zip): void {
            $result = $this->work([
                'form' => ['crossbars' => 1],
                'ties' => array_map(
                    fn (int $count, string $stem): array => ['layout' => 'n-a-section', 'perSection' => $count, 'stem' => $stem],
                    [$whole, $half, $third, $zip],
                    ['whole', 'half', 'third', 'zip-tie'],
                ),
                'parts' => [],
            ]);
            // In sixths of a stem.
            $this->assertSame((int) ceil((6 * $whole + 3 * $half + 2 * $third) / 6), $this->used($result, 'stems'));
            $this->assertSame($zip, $this->used($result, 'zip-ties'));
            $this->assertSame($whole + $half + $third + $zip, $result->tally->ties->value);
        });
    }

    public function test_zip_ties_cost_by_the_piece_or_by_the_pack(): void
    {
        $result = $this->work(
            [
                'ties' => [['stem' => 'zip-tie']],
                'materials' => [[], ['id' => 'ties', 'kind' => 'zip-ties', 'pack' => 10, 'price' => '1.00']],
                'parts' => [],
            ],
        );
        $this->assertSame(['$3.55', '$3.75'], [$result->cost->byLength->shown, $result->cost->opened->shown]);
        $this->assertSame(
            ['18 ties', '18 zip ties from packs of 10, 2 left over'],
            [...$result->goodsOf('zip-ties')->count->because, ...$result->goodsOf('zip-ties')->bought->because],
        );
    }

    public function test_stems_that_a_form_came_with_cost_nothing(): void
    {
        $result = $this->work(['form' => ['kind' => 'pre-tied-ring', 'price' => '4.25'], 'parts' => []]);
        $this->assertSame(
            ['$4.25', 0, 0],
            [$result->cost->byLength->shown, $this->used($result, 'stems'), $result->goodsOf('stems')->packs],
        );
        $this->assertSame(['18 ties on the stems that are there'], $result->goodsOf('stems')->count->because);
    }

    public function test_what_is_on_hand_is_used_first_and_packs_are_bought_for_the_rest(): void
    {
        $stems = fn (array $onHand): array => [
            'materials' => [[], ['id' => 's', 'kind' => 'stems', 'pack' => 10, 'price' => '1.00', 'onHand' => $onHand]],
            'parts' => [],
        ];
        $result = $this->work($stems(['12 (shelf 7)', '3']));
        $use = $result->goodsOf('stems');
        $this->assertSame([18, 15, 1, 7, [7 => 12]], [$use->pieces, $use->onHand, $use->packs, $use->leftOver(), $use->fromShelf()]);
        $this->assertSame(['15 on hand, 3 stems from packs of 10, 7 left over'], $use->bought->because);
        $this->assertSame(
            ['$3.55', '$4.25'],
            [$result->cost->byLength->shown, $result->cost->opened->shown],
            'a pack of $1.00 and 15 pieces at ten cents',
        );
        $this->assertSame(
            [0, ['18 on hand, $1.80']],
            [
                $this->work($stems(['40']))->goodsOf('stems')->packs,
                array_map(fn ($line): string => $line->openedBecause, array_slice($this->work($stems(['40']))->cost->lines, -1)),
            ],
        );
    }

    public function test_goods_that_are_used_and_not_listed_are_the_usual_ones_and_others_are_not_there(): void
    {
        $this->assertSame(['m1', 'stems'], array_keys($this->plan()->materials->all));
        $this->assertSame(
            ['m1', 'stems', 'zip-ties'],
            array_keys($this->plan(['parts' => [['kind' => 'wrapped-strips']]])->materials->all),
        );
        $this->assertSame(
            ['m1'],
            array_keys($this->plan(['form' => ['kind' => 'hat'], 'ties' => [], 'parts' => [['kind' => 'wound-cover']]])->materials->all),
        );
    }

    public function test_ties_that_nobody_makes_take_no_minutes(): void
    {
        foreach (['whole' => '5.4', 'half' => '5.4', 'zip-tie' => '5.4', 'attached' => '0.0', 'none' => '0.0'] as $with => $minutes) {
            $this->assertStringStartsWith(
                "ties $minutes + ",
                $this->work(['ties' => [['stem' => $with]], 'parts' => []])->tally->minutes->because[0],
                $with,
            );
        }
    }
}
