<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Colour\Kind\Alike;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\ExchangeMaterials;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PaintTie;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Words\Fault;
use Eris\Generators;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** Painting ties, exchanging meshes, and writing what is painted. */
final class ColourEditsTest extends PlanCase
{
    use RandomTrials;

    private const MESHES = [['id' => 'a', 'name' => 'Teal'], ['id' => 'b', 'name' => 'Gold'], ['id' => 'c', 'name' => 'Gold: thin']];

    public function test_painting_a_tie_twice_leaves_the_plan_as_it_was(): void
    {
        $plan = $this->two();
        $once = PaintTie::with(3, 'b')->apply($plan, $this->reader());
        $this->assertSame([3 => 'b'], $once->parts[0]->on->colourTask->painted);
        $this->assertSame($plan->write(), PaintTie::with(3, 'b')->apply($once, $this->reader())->write());
        $this->assertSame([3 => 'c'], PaintTie::with(3, 'c')->apply($once, $this->reader())->parts[0]->on->colourTask->painted);
    }

    public function test_of_two_layers_on_a_tie_the_later_is_painted(): void
    {
        $plan = $this->plan(
            [
                'materials' => self::MESHES,
                'parts' => [
                    ['id' => 'one'],
                    ['id' => 'two', 'kind' => 'second-across', 'on' => 'row 1'],
                    ['id' => 'run', 'kind' => 'poof-run'],
                ],
            ],
        );
        $this->assertSame(['two', 'one'], [PaintTie::partOn($plan, 2)->id, PaintTie::partOn($plan, 12)->id]);
        $this->assertNull(PaintTie::partOn($plan, 19));
    }

    public function test_a_bundle_is_painted_whole(): void
    {
        $plan = $this->plan(['materials' => self::MESHES, 'parts' => [['kind' => 'starburst', 'material' => ['a: 2', 'c: 2']]]]);
        $painted = PaintTie::with(5, 'b')->apply($plan, $this->reader());
        $this->assertSame(['b', 'b', 'b', 'b'], array_column($painted->parts[0]->on->materialsByTie[5], 'id'));
        $this->assertSame(['a', 'a', 'c', 'c'], array_column($painted->parts[0]->on->materialsByTie[6], 'id'));
    }

    #[TestWith(['3, 5 and 7: Gold', [3 => 'b', 5 => 'b', 7 => 'b']])]
    #[TestWith(['3 to 5: b; 7: Teal', [3 => 'b', 4 => 'b', 5 => 'b', 7 => 'a']])]
    #[TestWith(['3: gold: thin', [3 => 'c']])]
    #[TestWith(['nothing', []])]
    #[TestWith(['', []])]
    public function test_what_is_painted_is_written_in_the_maker_s_words(string $typed, array $painted): void
    {
        $this->assertSame(
            $painted,
            (new FillBlanks(['parts.l1.painted' => $typed]))->apply($this->two(), $this->reader())->parts[0]->on->colourTask->painted,
        );
    }

    #[TestWith(['3 to 5', 'names no mesh of this plan'])]
    #[TestWith(['all: Gold', 'names no ties'])]
    #[TestWith(['77: Gold', 'Tie 77 is not among those of this layer'])]
    public function test_what_names_nothing_is_refused_with_what_to_write(string $typed, string $says): void
    {
        try {
            (new FillBlanks(['parts.l1.painted' => $typed]))->apply($this->two(), $this->reader());
            $this->fail('It was taken.');
        } catch (\Davrin\Core\Words\Refused $refused) {
            $this->assertStringContainsString($says, $refused->getMessage());
            $this->assertStringContainsString('like "3, 5 and 7: gold"', $refused->getMessage());
        }
    }

    public function test_another_layout_keeps_the_paint_of_ties_that_are_still_there(): void
    {
        $plan = (new FillBlanks(['parts.l1.painted' => '3 and 17: Gold']))->apply($this->two(), $this->reader());
        $flat = (new FillBlanks(['ties.t1.layout' => 'flat']))->apply($plan, $this->reader());
        $this->assertSame([3 => 'b'], $flat->parts[0]->on->colourTask->painted);
    }

    public function test_another_technique_that_is_not_dealt_has_neither_order_nor_paint(): void
    {
        $plan = (new FillBlanks(['parts.l1.painted' => '3: Gold', 'parts.l1.kind' => 'poof-run']))->apply($this->two(), $this->reader());
        $this->assertFalse($plan->parts[0]->on->slip->has('order'));
        $this->assertInstanceOf(Alike::class, $plan->parts[0]->on->colourOrder);
    }

    public function test_exchanging_twice_is_the_plan_as_it_was(): void
    {
        $plan = $this->plan(['materials' => self::MESHES, 'parts' => [
            ['material' => ['a: 14', 'b: 4'], 'order' => 'by-count', 'painted' => ['3: b', '5: c']],
            ['kind' => 'starburst', 'material' => ['a: 2', 'c: 2'], 'on' => 'row 1'],
            ['kind' => 'poof-run', 'material' => ['a', 'b', 'a']],
        ]]);
        $once = ExchangeMaterials::of('a', 'c')->apply($plan, $this->reader());
        $this->assertSame([['c: 14', 'b: 4'], ['3: b', '5: a'], ['c: 2', 'a: 2'], ['c', 'b', 'c']], [
            $once->write()['parts'][0]['material'], $once->write()['parts'][0]['painted'], $once->write()['parts'][1]['material'], $once->write()['parts'][2]['material'],
        ]);
        $this->assertSame($plan->write(), ExchangeMaterials::of('a', 'c')->apply($once, $this->reader())->write());
        $this->expectException(Fault::class);
        ExchangeMaterials::of('a', 'z')->apply($plan, $this->reader());
    }

    public function test_whatever_is_dealt_and_painted_every_tie_has_its_piece_and_every_piece_is_cut(): void
    {
        $dealings = array_values(
            array_filter(array_keys(Craft::standard()->colourOrders), fn (string $key): bool => $key !== 'top-in-turn'),
        );
        $this->limitTo($this->trials(40))->forAll(
            Generators::elements(...$dealings),
            Generators::choose(1, 24),
            Generators::choose(0, 9),
            Generators::choose(1, 24),
        )
            ->then(function (string $order, int $inner, int $outer, int $tie): void {
                $rows = $outer === 0 ? [$inner] : [$inner, $outer];
                $plan = $this->plan(
                    [
                        'ties' => [['layout' => 'rows', 'rows' => $rows]],
                        'materials' => array_map(
                            fn (array $mesh): array => [...$mesh, 'roll' => '90 yd', 'label' => 'measured'],
                            self::MESHES,
                        ),
                        'parts' => [['length' => '10 in']],
                    ],
                );
                $plan = (new FillBlanks(['parts.l1.order' => $order]))->apply($plan, $this->reader());
                $plan = $tie <= array_sum($rows) ? PaintTie::with($tie, 'c')->apply($plan, $this->reader()) : $plan;
                $result = $this->work($plan->write());
                $this->assertSame(array_sum($rows), count($result->parts[0]->elements));
                $this->assertSame(
                    10 * array_sum($rows),
                    (int) array_sum(array_map(fn ($mesh): float => $mesh->plan->used()->toInches(), $result->wound)),
                );
                $this->assertSame($plan->write(), $this->plan($plan->write())->write());
            });
    }

    private function two(): Plan
    {
        return $this->plan(['materials' => self::MESHES]);
    }
}
