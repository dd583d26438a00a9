<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Two pieces of one lot side by side are not seen behind a sign: that is not warned of, and one click turns them there. */
final class DoublesBehindTheSignTest extends PlanCase
{
    #[TestWith([180, true])]
    #[TestWith([0, false])]
    public function test_doubles_that_lie_behind_the_sign_already_are_not_told(int $degrees, bool $hidden): void
    {
        // They lie low down, where they are least seen: that is where a sign at 6 o'clock is.
        $rules = array_column($this->twoLots(['a: 7', 'b: 5'], "6 in at $degrees degrees")->advice, 'rule');
        $this->assertSame($hidden, ! in_array('alike', $rules, true));
    }

    public function test_a_sign_that_hides_no_tie_of_theirs_changes_nothing(): void
    {
        $labels = array_column($this->alike($this->twoLots(['a: 7', 'b: 5'], 'middle', '3 in'))->remedies, 'label');
        $this->assertSame(['6 Sage, lot A + 6 Sage, lot B'], $labels);
    }

    public function test_more_doubles_than_a_sign_can_hide_are_not_turned(): void
    {
        $labels = array_column($this->alike($this->twoLots(['a: 8', 'b: 4'], '6 in at 0 degrees'))->remedies, 'label');
        $this->assertSame([], array_filter($labels, fn (string $label): bool => str_starts_with($label, 'Turn the order')));
    }

    public function test_the_turn_is_the_least_that_hides_them_and_keeps_the_numbers(): void
    {
        $remedy = $this->alike($this->twoLots(['a: 7', 'b: 5'], '6 in at 90 degrees'))->remedies[0];
        $this->assertStringStartsWith('Turn the order of ties 7 to 18', $remedy->label);
        $painted = $remedy->edit->asData()['set']['parts.l1.painted'];
        $this->assertSame([7, 5], [substr_count($painted, ': a'), substr_count($painted, ': b')]);
    }

    public function test_an_open_row_is_not_turned(): void
    {
        $result = $this->work([
            'form' => ['kind' => 'stick'],
            'materials' => [['id' => 'a', 'name' => 'Lot A'], ['id' => 'b', 'name' => 'Lot B']],
            'parts' => [
                ['id' => 'l1', 'material' => ['a: 12', 'b: 4'], 'order' => 'alternating'],
                ['id' => 'sign', 'kind' => 'sign', 'at' => 'middle', 'width' => '10 in', 'height' => '6 in'],
            ],
        ]);
        foreach ($result->advice as $advice) {
            foreach ($advice->remedies as $remedy) {
                $this->assertStringStartsNotWith('Turn the order', $remedy->label);
            }
        }
    }

    private function alike(Result $result): Advice
    {
        return array_values(array_filter($result->advice, fn (Advice $its): bool => $its->rule === 'alike'))[0];
    }

    /** @param  list<string>  $material */
    private function twoLots(array $material, string $at, string $wide = '11 in'): Result
    {
        return $this->work([
            'materials' => [['id' => 'a', 'name' => 'Sage, lot A'], ['id' => 'b', 'name' => 'Sage, lot B']],
            'parts' => [
                ['id' => 'l1', 'on' => 'row 2', 'material' => $material, 'order' => 'alternating'],
                [
                    'id' => 'sign', 'kind' => 'sign', 'at' => $at, 'turned' => str_contains($at, ' 90 ') ? 90 : 0,
                    'width' => $wide, 'height' => $wide === '3 in' ? '3 in' : '4 in',
                ],
            ],
        ]);
    }
}
