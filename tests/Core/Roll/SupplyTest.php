<?php

declare(strict_types=1);

namespace Tests\Core\Roll;

use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\Proof;
use Davrin\Core\Roll\RollPlan;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Davrin\Core\Supply\Supply;
use Tests\Core\PlanCase;

final class SupplyTest extends PlanCase
{
    public function test_each_lot_goes_with_what_bears_none(): void
    {
        [$a, $b, $none] = [$this->stock(60, 'A'), $this->stock(70, 'B'), $this->stock(80)];
        $this->assertSame(
            [[$a, $none], [$b, $none]],
            array_map(fn (Supply $supply): array => $supply->stock, $this->supply([$a, $b, $none])->byLot()),
        );
        $this->assertCount(1, $this->supply([$a, $none])->byLot());
        $mixing = new Supply([$a, $b, $none], false, true, Length::inches(6));
        $this->assertSame([$mixing], $mixing->byLot());
    }

    public function test_only_new_rolls_are_limited(): void
    {
        $supply = $this->supply(
            [$this->stock(60), new Stock(Origin::New, Length::inches(90), Length::inches(80), null, 650)],
        )->withNew(2);
        $this->assertSame([1, 2], array_map(fn (Stock $stock): ?int => $stock->count, $supply->stock));
    }

    public function test_a_mesh_tells_what_each_roll_holds_by_its_label_and_for_certain(): void
    {
        $plan = $this->plan(
            [
                'materials' => [
                    [
                        'roll' => '5 yd',
                        'allowance' => '1 %',
                        'trim' => '1 in',
                        'onHand' => ['180 in by label', '100 in by label', '100 in', '3 x 20 in', '200 in'],
                        'rolls' => 4,
                    ],
                ],
            ],
        );
        $stock = $plan->wound()[0]->supply($plan->settings->keepFrom(), true)->stock;
        $this->assertSame(
            ['full roll', 'part roll', 'part roll', 'loose piece', 'full roll', 'new roll'],
            array_map(fn (Stock $its): string => $its->origin->value, $stock),
        );
        $this->assertSame(
            [177.2, 98.0, 99.0, 19.0, 199.0, 177.2],
            array_map(fn (Stock $its): float => round($its->safe->toInches(), 3), $stock),
        );
        $this->assertSame([1, 1, 1, 3, 1, 4], array_map(fn (Stock $its): ?int => $its->count, $stock));
        $this->assertSame([0, 0, 0, 0, 0, 650], array_map(fn (Stock $its): int => $its->cents, $stock));
    }

    public function test_what_lies_untouched_is_told_and_counts_among_what_is_left(): void
    {
        $stock = [
            $this->stock(60),
            $this->stock(80),
            new Stock(Origin::New, Length::inches(90), Length::inches(90), null, 650),
        ];
        $plan = new RollPlan([new RollUse(1, $stock[0], Length::inches(60), [])], [], [], 0, $this->supply($stock));
        $this->assertSame(80.0, $plan->untouched()->toInches());
        $this->assertSame([0, 0, 0, -80 * Length::PER_INCH, 2], $plan->objective());
    }

    public function test_the_weaker_of_two_proofs_holds_for_both(): void
    {
        [$few, $many] = [new Proof(0, 650, 2), new Proof(0, 1300, 1)];
        $this->assertSame([$few, $few], [$few->or($many), $many->or($few)]);
        $this->assertSame($few, $few->or(new Proof(1, 0, 0)));
    }

    public function test_no_proof_proves_nothing(): void
    {
        $plan = new RollPlan([], [], [], 0, $this->supply([]));
        $this->assertFalse($plan->isProvenBest());
        $this->assertTrue($plan->provenBy(new Proof(0, 0, 0))->isProvenBest());
        $this->assertFalse((new RollPlan([], [], [], 2, $this->supply([])))->provenBy(new Proof(0, 0, 0))->isProvenBest());
    }

    private function stock(int $inches, ?string $lot = null): Stock
    {
        return new Stock(Origin::Part, Length::inches($inches), Length::inches($inches), 1, 0, $lot);
    }

    /** @param  list<Stock>  $stock */
    private function supply(array $stock): Supply
    {
        return new Supply($stock, false, false, Length::inches(6));
    }
}
