<?php

declare(strict_types=1);

namespace Tests\Core\Anchor;

use Davrin\Core\Anchor\AnchorKind;
use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Anchor\Kind\Nowhere;
use Davrin\Core\Anchor\Kind\OnPart;
use Davrin\Core\Anchor\Kind\SpreadAlong;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Element;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Material\MaterialUse;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Result;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

/** Parts that stand on no tie, as kinds to come will: each is a kind of its own, + add a colour knows of it. */
final class AnchorTest extends PlanCase
{
    public function test_counted_goods_stand_on_a_spot_and_are_bought_by_the_pack(): void
    {
        [$plan, $result] = $this->worked(
            new AtSpot,
            ['at' => '5 in at 90 degrees', 'turned' => 30, 'material' => 'b'],
            [['id' => 'b', 'kind' => 'ball', 'name' => 'Red balls', 'pack' => 6, 'price' => '3.00']],
        );
        $element = $plan->parts[0]->demand->elements[0];
        $this->assertEqualsWithDelta([5.0, 0.0, 120.0], [$element->place?->x, $element->place?->y, $element->place?->outward], 1e-9);
        $this->assertSame(['p.1', []], [$element->id, $element->ties]);
        $this->assertSame(
            ['1 ball', '1 pack', ['1 for the toy']],
            [$result->goodsOf('ball')?->count->shown, $result->goodsOf('ball')?->bought->shown, $result->goodsOf('ball')?->count->because],
        );
        $this->assertContains('Red balls: $3.00 x 1 / 6 = $0.50', $result->cost->byLength->because);
        $this->assertSame('about 14 in', $result->tally->across->shown, 'two inches round a spot 5 in out stay within the ring');
    }

    public function test_what_stands_beyond_the_form_makes_it_larger(): void
    {
        [, $result] = $this->worked(new AtSpot, ['at' => '9 in at 0', 'material' => 'b'], [['id' => 'b', 'kind' => 'ball']]);
        $this->assertSame('about 22 in', $result->tally->across->shown);
    }

    public function test_spots_are_spread_evenly_round_a_form_from_the_first_on(): void
    {
        [$plan] = $this->worked(new SpreadAlong, ['spots' => 5, 'pair' => '1-2', 'material' => 'b'], [['id' => 'b', 'kind' => 'ball']]);
        $this->assertSame(
            [0, 72, 144, 216, 288],
            array_map(fn (Element $element): int => (int) round($element->place->outward ?? -1), $plan->parts[0]->demand->elements),
        );
        $this->assertSame(5, $this->used(Engine::standard($this->craft(new SpreadAlong))->figures($plan), 'ball'));
    }

    public function test_one_stands_on_every_second_element_of_another_part_and_moves_with_it(): void
    {
        [$plan, $result] = $this->worked(
            new OnPart,
            ['onPart' => 'r', 'every' => 2, 'material' => 'b'],
            [['id' => 'b', 'kind' => 'ball']],
            [['id' => 'r', 'on' => 'row 1']],
        );
        $ties = array_slice($plan->ties->all(), 0, 6);
        $this->assertEquals(
            [$ties[0]->place, $ties[2]->place, $ties[4]->place],
            array_map(fn (Element $element) => $element->place, $plan->parts[1]->demand->elements),
        );
        $this->assertSame(['parts.r'], array_values(array_intersect(['parts.r'], array_column($result->build, 'after', 'key')['parts.p'])));
    }

    public function test_a_step_that_takes_nothing_stands_nowhere_and_still_takes_its_time(): void
    {
        [$plan, $result] = $this->worked(new Nowhere, [], [], use: MaterialUse::none());
        $this->assertSame([[], null], [$plan->parts[0]->on->kinds(), $plan->parts[0]->demand->elements[0]->place]);
        $this->assertContains('Put toys there.', array_column($result->build, 'does'));
        $this->assertSame(
            'ties 5.4 + cuts 0.0 + making and attaching 0.7 + fluffing 11.0 + hanger and back 4.0 min (starting guesses)',
            $result->tally->minutes->because[0],
        );
        $this->assertSame('Put a toy there: 1 toy.', Recipe::of($plan, $result)->parts[0]->text());
    }

    /** @return iterable<string, array{AnchorKind, array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'a spot in words' => [new AtSpot, ['at' => 'somewhere'], '/parts/0/at', '"middle", "top" or "bottom"'];
        yield 'wires that are not there' => [new AtSpot, ['at' => '7-8: 3 in'], '/parts/0/at', '"7-8" is not on this form'];
        yield 'a spot on the other side of the table' => [new AtSpot, ['at' => '40 in at 10'], '/parts/0/at', 'between 0 in and 14 in'];
        yield 'farther along a wire than it is long' => [new AtSpot, ['at' => '1: 60 in'], '/parts/0/at', '60 in is not'];
        yield 'a first spot beyond the end' => [new SpreadAlong, ['first' => '60 in'], '/parts/0/first', 'Write less for the first'];
        yield 'on nothing that is built before' => [new OnPart, [], '/parts/0', 'none is built before it'];
    }

    /** @param  array<string, mixed>  $written */
    #[DataProvider('refused')]
    public function test_a_place_that_is_not_there_is_refused_at_its_blank(
        AnchorKind $anchor,
        array $written,
        string $pointer,
        string $says,
    ): void {
        $this->assertFault($pointer, $says, fn () => $this->worked($anchor, $written, [['id' => 'b', 'kind' => 'ball']]));
    }

    public function test_goods_that_the_plan_does_not_list_are_the_usual_ones(): void
    {
        [$plan] = $this->worked(new AtSpot, [], []);
        $this->assertSame([['m1', 'ball', 'stems'], 'Foam balls'], [array_keys($plan->materials->all), $plan->parts[0]->materialNames()]);
    }

    public function test_two_kinds_of_one_key_are_told_of_at_once(): void
    {
        $this->expectExceptionMessage('"toy" is registered twice.');
        $this->craft(new AtSpot)->with(new ToyPart('toy', new Nowhere, MaterialUse::none()));
    }

    private function craft(AnchorKind $anchor, ?MaterialUse $use = null): Craft
    {
        return Craft::standard()->with(new ToyPart('toy', $anchor, $use ?? MaterialUse::pieces(['ball'], 'balls')));
    }

    /**
     * @param  array<string, mixed>  $written
     * @param  list<array<string, mixed>>  $goods
     * @param  list<array<string, mixed>>  $before
     * @return array{Plan, Result}
     */
    private function worked(AnchorKind $anchor, array $written, array $goods, array $before = [], ?MaterialUse $use = null): array
    {
        $craft = $this->craft($anchor, $use);
        $plan = (new PlanReader($craft))->read(
            ['materials' => [[], ...$goods], 'parts' => [...$before, ['id' => 'p', 'kind' => 'toy', ...$written]]],
        );

        return [$plan, Engine::standard($craft)->work($plan)];
    }
}
