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
            ['Take the two lots by turns', 'Sage mesh, lot B7: cuts from 1 part roll, uses 171 in, leaves 9 in; Sage mesh, lot C2: cuts from 1 part roll, uses 171 in, leaves 4 in; '
                        .'but then same colour behind the same colour', 'part-lots'],
            [
                'Keep to one lot',
                'opens 1 roll; cuts from 1 part roll; buys 1 roll more for $6.50; uses 342 in, leaves 193 in; $3.41 more by what is opened; '
                    .'but then no lot is enough alone',
                null,
            ],
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
            [['Take the two lots by turns', 'Sage mesh, lot B7: opens 0 rolls, 1 roll less to buy ($6.50), '
                .'uses 171 in, leaves 9 in; Sage mesh, lot C2: cuts from 1 part roll, '
                .'uses 171 in, leaves 4 in; $3.41 less by what is opened; but then same colour behind the same colour', 'part-lots']],
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
            array_filter($this->work(['materials' => [$mesh]])->advice, fn (Advice $advice): bool => in_array($advice->rule, ['lots', 'no-lot-alone'], true)),
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
