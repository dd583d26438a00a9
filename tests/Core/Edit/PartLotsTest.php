<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Edit\PartLots;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Tests\Core\PlanCase;

/** Two lots of one colour that do not match: equal numbers of each, by turns all the way round. */
final class PartLotsTest extends PlanCase
{
    public function test_two_lots_become_two_meshes_that_alternate_in_equal_numbers(): void
    {
        $plan = $this->parted(['materials' => [['onHand' => ['175 in lot C2', '60 in', '180 in lot B7'], 'price' => '7.00']]]);
        $this->assertSame(['Sage mesh, lot B7', 'Sage mesh, lot C2'], array_map(fn (Wound $mesh): string => $mesh->name(), $plan->wound()));
        $this->assertSame(
            [['60 in', '180 in lot B7'], ['175 in lot C2']],
            array_map(fn (Wound $mesh): array => $mesh->slip->write()['onHand'], $plan->wound()),
        );
        $this->assertSame([700, 700], array_map(fn (Wound $mesh): int => $mesh->price()->cents, $plan->wound()));
        $this->assertNotSame($plan->wound()[0]->slip->text('hatch'), $plan->wound()[1]->slip->text('hatch'));
        $dealt = array_map(fn ($cut): string => $cut->material, $plan->parts[0]->demand->cuts);
        $this->assertEquals(['m1' => 9, 'm2' => 9], array_count_values($dealt));
        $row = array_slice($dealt, 6, 12);
        foreach ($row as $place => $mesh) {
            $this->assertNotSame($mesh, $row[($place + 1) % 12], 'no two of a lot side by side in the outer row');
        }
    }

    public function test_an_odd_number_takes_one_more_of_the_lot_there_is_more_of(): void
    {
        $plan = $this->parted(['materials' => [['onHand' => ['2 x 90 in lot B7', '175 in lot C2']]], 'parts' => [['on' => 'ties 1 to 7']]]);
        $this->assertSame(['m1: 4', 'm2: 3'], $plan->write()['parts'][0]['material']);
    }

    public function test_a_bundle_takes_half_of_each_and_crossed_pieces_one_of_each(): void
    {
        $lots = [['onHand' => ['200 in lot B7', '175 in lot C2']]];
        $mesh = fn (string $technique, array $mesh): array => $this->parted(
            ['materials' => $lots, 'parts' => [['kind' => $technique, 'material' => $mesh, 'length' => '9 in']]],
        )->write()['parts'][0]['material'];
        $this->assertSame(['m1: 2', 'm2: 2'], $mesh('rolled-bundle', ['m1: 4']));
        $this->assertSame(['m1', 'm2'], $mesh('crossed-curled-ruffles', ['m1', 'm1']));
    }

    public function test_of_three_lots_the_two_there_is_most_of_are_taken_and_the_third_is_told_of(): void
    {
        $before = $this->plan(['materials' => [['onHand' => ['80 in lot A', '200 in lot B', '175 in lot C']]]]);
        $after = PartLots::of('m1')->apply($before, $this->reader());
        $this->assertSame(['Sage mesh, lot B', 'Sage mesh, lot C'], array_map(fn (Wound $mesh): string => $mesh->name(), $after->wound()));
        $this->assertSame(['lot A of Sage mesh is not used'], PartLots::of('m1')->lost($before, $after));
        $this->assertSame('two lots of Sage mesh by turns', PartLots::of('m1')->words($before, $after));
    }

    public function test_a_long_name_is_cut_before_its_lot(): void
    {
        $plan = $this->parted(['materials' => [['name' => str_repeat('Sage ', 8), 'onHand' => ['200 in lot B7', '175 in lot C2']]]]);
        $this->assertStringEndsWith(', lot B7', $plan->wound()[0]->name());
        $this->assertLessThanOrEqual(40, mb_strlen($plan->wound()[0]->name()));
    }

    public function test_what_cannot_go_by_turns_is_refused_with_what_to_do(): void
    {
        $this->assertFault(
            '/materials',
            'Only one lot of Sage mesh is on hand, or none is noted. Note the lot behind each roll',
            fn () => $this->parted(['materials' => [['onHand' => ['200 in lot B7', '60 in']]]]),
        );
        $this->assertFault(
            '/parts',
            'No layer is of Sage mesh alone',
            fn () => $this->parted(
                [
                    'materials' => [['onHand' => ['200 in lot B7', '60 in lot C2']], ['id' => 'm2', 'name' => 'Gold']],
                    'parts' => [['material' => ['m1', 'm2'], 'order' => 'in-turn']],
                ],
            ),
        );
        $this->assertFault(
            '/parts',
            'No layer is of Sage mesh alone',
            fn () => $this->parted(['parts' => [], 'materials' => [['onHand' => ['200 in lot B7', '60 in lot C2']]]]),
        );
    }

    /** @param  array<string, mixed>  $document */
    private function parted(array $document): Plan
    {
        return PartLots::of('m1')->apply($this->plan($document), $this->reader());
    }
}
