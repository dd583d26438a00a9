<?php

declare(strict_types=1);

namespace Tests\Core\Price;

use Davrin\Core\Plan\Plan;
use Davrin\Core\Price\OfferedRolls;
use Davrin\Core\Price\Terms;
use Davrin\Core\Roll\RollPlanner;
use Davrin\Core\Words\Fault;
use Tests\Core\PlanCase;

final class OfferedRollsTest extends PlanCase
{
    private const NARROW = ['id' => 'narrow', 'name' => 'Narrow', 'width' => '6 in', 'roll' => '5 yd', 'price' => '1.50'];

    private const USUAL = ['id' => 'usual', 'name' => 'Usual', 'width' => '10 in', 'roll' => '10 yd', 'price' => '6.00'];

    public function test_a_roll_is_priced_by_the_yard_and_by_the_square_foot(): void
    {
        $offers = Terms::read(['offers' => [self::NARROW, self::USUAL]])->offers;
        $this->assertSame(['$0.30', '$0.20'], [$offers['narrow']->aYard()->shown, $offers['narrow']->aSquareFoot()->shown]);
        $this->assertSame(['$0.60', '$0.24'], [$offers['usual']->aYard()->shown, $offers['usual']->aSquareFoot()->shown]);
        $delivered = Terms::read(['offers' => [self::USUAL + ['delivery' => '5.90', 'rolls' => 6]]])->offers['usual'];
        // 6.00 and 0.9833 over 10 yards.
        $this->assertSame('$0.70', $delivered->aYard()->shown);
    }

    public function test_a_finished_piece_counts_layers_and_the_ends_that_are_left(): void
    {
        // 18 ruffles of 19 in of mesh 10 in wide: 342 in. Two layers of the narrow one are 36 pieces, nine on a roll of 180 in.
        $cut = $this->cut($this->plan(['parts' => [['length' => '19 in']]]), [self::USUAL, self::NARROW]);
        $this->assertSame([2, 4, '$6.00'], [$cut['narrow']->layers, $cut['narrow']->rolls, $cut['narrow']->opened?->shown]);
        $this->assertSame([1, 1, '$6.00', '$5.70'], [$cut['usual']->layers, $cut['usual']->rolls, $cut['usual']->opened?->shown, $cut['usual']->used?->shown]);
        // With pieces of 20 1/4 in one fewer comes off a narrow roll, and the usual one is not enough.
        $longer = $this->cut($this->plan(['parts' => [['length' => '20 1/4 in']]]), [self::USUAL, self::NARROW]);
        $this->assertSame([5, 2], [$longer['narrow']->rolls, $longer['usual']->rolls]);
        $this->assertSame('narrow', array_key_first($longer), 'the cheapest stands first');
    }

    public function test_ribbon_is_not_laid_double_however_narrow_it_is(): void
    {
        $plan = $this->plan([
            'materials' => [['id' => 'm1'], ['id' => 'r', 'kind' => 'ribbon', 'width' => '2 1/2 in']],
            'parts' => [[], ['kind' => 'ribbon-sets', 'material' => ['r']]],
        ]);
        $this->assertSame(1, $this->cut($plan, [['width' => '1 in'] + self::NARROW], material: 'r')['narrow']->layers);
    }

    public function test_copies_share_what_is_left(): void
    {
        $plan = $this->plan(['parts' => [['length' => '21 in']]]);
        $this->assertSame(['$12.00', '$8.00'], array_map(
            fn (int $copies): ?string => $this->cut($plan, [self::USUAL], $copies)['usual']->opened?->shown,
            [1, 3],
        ));
    }

    public function test_what_is_not_cut_or_cannot_be_is_told(): void
    {
        $short = $this->cut($this->plan(['parts' => [['length' => '19 in']]]), [['roll' => '12 in'] + self::USUAL]);
        $this->assertNull($short['usual']->opened);
        $this->assertNotNull($short['usual']->refused);
        $this->expectException(Fault::class);
        $this->cut($this->plan(), [self::USUAL], material: 'nothing');
    }

    /** @return array<string, OfferedRolls> */
    private function cut(Plan $plan, array $offers, int $copies = 1, string $material = 'm1'): array
    {
        return OfferedRolls::of(Terms::read(['offers' => $offers])->offers, $plan, $material, $copies, $this->reader(), new RollPlanner);
    }
}
