<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;
use Tests\Core\PlanCase;

final class LotsDoNotMatchTest extends PlanCase
{
    public function test_two_lots_that_mix_are_told_of_and_can_go_by_turns_or_one_be_kept_to(): void
    {
        $advice = $this->advice(['lots' => 'mixed', 'onHand' => ['180 in lot B7', '175 in lot C2']]);
        $this->assertSame(
            ['Two lots side by side.', 'Lots B7 and C2 of Sage mesh come as they lie on the rolls. Where they do not match, it shows.'],
            [$advice?->title, $advice?->sentence],
        );
        $this->assertSame([
            ['Take the two lots by turns', 'uses 342 in, leaves 13 in', 'part-lots'],
            ['Keep to one lot', 'buys 1 roll more for $6.50; uses 342 in, leaves 193 in', null],
        ], $this->said($advice));
    }

    public function test_where_no_lot_is_enough_alone_two_by_turns_are_offered(): void
    {
        $advice = $this->advice(['onHand' => ['180 in lot B7', '175 in lot C2']]);
        $this->assertSame(
            ['No lot is enough alone.', 'B7 and C2 of Sage mesh may not match. By turns all the way round they look meant.', 'parts.l1'],
            [$advice?->title, $advice?->sentence, $advice?->about],
        );
        $this->assertSame(
            [['Take the two lots by turns', '1 roll less to buy ($6.50); uses 342 in, leaves 13 in', 'part-lots']],
            $this->said($advice),
        );
    }

    public function test_nothing_is_said_where_one_lot_does_or_two_would_not_save_a_roll(): void
    {
        $this->assertNull($this->advice(['onHand' => ['10 yd lot B7', '175 in lot C2']]));
        $this->assertNull($this->advice(['onHand' => ['180 in lot B7', '60 in lot C2']]), 'nine pieces of C2 are more than 60 in');
        $this->assertNull($this->advice(['onHand' => ['180 in lot B7', '175 in']]), 'what bears no lot goes with all');
        $this->assertNull($this->advice(['lots' => 'mixed', 'onHand' => ['10 yd lot B7', '175 in lot B7']]));
    }

    /** @param  array<string, mixed>  $mesh */
    private function advice(array $mesh): ?Advice
    {
        return array_values(
            array_filter($this->work(['materials' => [$mesh]])->advice, fn (Advice $advice): bool => $advice->rule === 'lots'),
        )[0] ?? null;
    }

    /** @return list<array{string, string, ?string}> */
    private function said(?Advice $advice): array
    {
        return array_map(
            fn (Remedy $remedy): array => [$remedy->label, $remedy->effect, $remedy->edit->asData()['do'] ?? null],
            $advice->remedies ?? [],
        );
    }
}
