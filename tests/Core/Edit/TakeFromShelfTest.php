<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Edit\TakeFromShelf;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Fault;
use Tests\Core\PlanCase;

final class TakeFromShelfTest extends PlanCase
{
    public function test_what_the_shelf_says_is_written_and_the_rest_stays(): void
    {
        $plan = $this->plan(
            [
                'materials' => [['id' => 'a', 'rolls' => 3, 'trim' => '1 in'], ['id' => 'b', 'name' => 'Gold mesh']],
                'parts' => [['material' => 'a']],
            ],
        );
        $edit = new TakeFromShelf(['a' => ['name' => 'Moss mesh', 'onHand' => ['131 in (shelf 4)', '2 x 20 in lot B7']]]);
        $after = $edit->apply($plan, $this->reader());
        $this->assertSame(
            ['Moss mesh', 3, '1 in', ['131 in (shelf 4)', '2 x 20 in lot B7']],
            array_map(fn (string $key): mixed => $after->wound()[0]->slip->write()[$key], ['name', 'rolls', 'trim', 'onHand']),
        );
        $this->assertSame($plan->wound()[1]->slip->write(), $after->wound()[1]->slip->write());
        $this->assertSame(['Moss mesh as on the shelf', []], [$edit->words($plan, $after), $edit->lost($plan, $after)]);
    }

    public function test_a_mesh_that_is_not_in_the_plan_cannot_be_taken(): void
    {
        $this->expectException(Fault::class);
        (new TakeFromShelf(['nothing' => ['name' => 'Moss mesh']]))->apply($this->plan(), $this->reader());
    }

    public function test_what_the_plan_does_not_take_is_refused_at_its_place(): void
    {
        $this->assertFault(
            '/materials/0/onHand',
            'is not a length',
            fn () => (new TakeFromShelf(['m1' => ['onHand' => ['131 in (shelf 4) and more']]]))->apply($this->plan(), $this->reader()),
        );
    }

    public function test_lots_are_spoken_of_only_where_there_are_some(): void
    {
        $use = fn (array $onHand): string => Recipe::of(
            $plan = $this->plan(['materials' => [['onHand' => $onHand]]]),
            $this->work($plan->write()),
        )->uses['m1']->text();
        $this->assertSame('On hand nothing; new rolls as many as needed, 0 in off each. Weight not known. Bought from somewhere.', $use([]));
        $this->assertSame('On hand 131 in, 6 x 20 in; new rolls as many as needed, 0 in off each. Weight not known. Bought from somewhere.', $use(['131 in', '6 x 20 in']));
        $this->assertSame(
            'On hand 131 in lot A, never two lots in one piece; new rolls as many as needed, 0 in off each. Weight not known. Bought from somewhere.',
            $use(['131 in lot A']),
        );
    }

    public function test_units_and_undo_of_what_is_on_hand_go_both_ways(): void
    {
        $plan = $this->plan(['materials' => [['onHand' => ['131 in', '50 cm']]], 'settings' => ['units' => 'centimetres']]);
        $this->assertSame('332.74 cm, 50 cm', $plan->wound()[0]->slip->show('onHand', $plan->units()));
        $this->assertSame(['131 in', '50 cm'], $plan->wound()[0]->slip->write()['onHand']);
    }
}
