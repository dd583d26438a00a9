<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class TieStuffTest extends PlanCase
{
    use RandomTrials;

    public function test_halves_and_thirds_of_several_layouts_are_pooled_before_they_are_rounded_up(): void
    {
        $counts = Generators::choose(1, 12);
        $this->limitTo($this->trials(100))->forAll($counts, $counts, $counts, $counts)->then(function (int $whole, int $half, int $third, int $zip): void {
            $result = $this->work([
                'form' => ['crossbars' => 1],
                'ties' => array_map(fn (int $count, string $stem): array => ['layout' => 'n-a-section', 'perSection' => $count, 'stem' => $stem], [$whole, $half, $third, $zip], ['whole', 'half', 'third', 'zip-tie']),
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
        $result = $this->work(['ties' => [['stem' => 'zip-tie']], 'materials' => [[], ['id' => 'ties', 'kind' => 'zip-ties', 'pack' => 10, 'price' => '1.00']], 'parts' => []]);
        $this->assertSame(['$3.55', '$3.75'], [$result->cost->byLength->shown, $result->cost->opened->shown]);
        $this->assertSame(['18 ties', '18 zip ties from packs of 10, 2 left over'], [...$result->goodsOf('zip-ties')->count->because, ...$result->goodsOf('zip-ties')->bought->because]);
    }

    public function test_stems_that_a_form_came_with_cost_nothing(): void
    {
        $result = $this->work(['form' => ['kind' => 'pre-tied-ring', 'price' => '4.25'], 'parts' => []]);
        $this->assertSame(['$4.25', 0, 0], [$result->cost->byLength->shown, $this->used($result, 'stems'), $result->goodsOf('stems')->packs]);
        $this->assertSame(['18 ties, each the stem that is on it'], $result->goodsOf('stems')->count->because);
    }
}
