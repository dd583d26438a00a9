<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Edit\AddMaterial;
use Davrin\Core\Edit\AddPart;
use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\MovePart;
use Davrin\Core\Edit\RemoveMaterial;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Material\Wound;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Ties\TiePick;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;

final class EditTest extends PlanCase
{
    public function test_a_blank_is_filled_and_nothing_else_changes(): void
    {
        $before = $this->plan();
        $after = $this->edit($before, new FillBlanks(['parts.l1.length' => '18 1/2']));
        $expected = $before->write();
        $expected['parts'][0]['length'] = '18 1/2 in';
        $this->assertSame($expected, $after->write());
        $this->assertSame('the length of a piece: 19 in, now 18 1/2 in', (new FillBlanks([]))->words($before, $after));
    }

    public function test_a_bare_number_is_read_in_the_plan_s_units(): void
    {
        $after = $this->edit($this->plan(['settings' => ['units' => 'centimetres']]), new FillBlanks(['parts.l1.length' => '47,5']));
        $this->assertSame('47.5 cm', $after->parts[0]->on->slip->write()['length']);
    }

    public function test_a_blank_that_gets_back_what_it_shows_keeps_its_exact_length(): void
    {
        $plan = $this->plan(['parts' => [['length' => '19 1/32 in']], 'settings' => ['units' => 'centimetres']]);
        $shown = $plan->parts[0]->on->slip->show('length', $plan->units());
        $this->assertSame($plan->write(), $this->edit($plan, new FillBlanks(['parts.l1.length' => $shown]))->write());
        $this->assertSame('no change', (new FillBlanks([]))->words($plan, $plan));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is typed, the blank it is refused at, what is said */
    public static function refused(): iterable
    {
        yield 'no length' => [['parts.l1.length' => 'long'], 'parts.l1.length', 'is not a length'];
        yield 'nothing typed' => [['parts.l1.length' => ''], 'parts.l1.length', 'A length is missing'];
        yield 'too short' => [['parts.l1.length' => '1 in'], 'parts.l1.length', 'between 2 in and 720 in'];
        yield 'longer than the roll' => [['parts.l1.length' => '11 yd'], 'parts.l1.length', 'a roll of Sage mesh has 360 in'];
        yield 'a roll shorter than the piece' => [['materials.m1.roll' => '18 in'], 'materials.m1.roll', 'A piece takes 19 in'];
        yield 'a roll without a unit' => [['materials.m1.roll' => '10'], 'materials.m1.roll', '"10" has no unit'];
        yield 'no crossbars' => [['form.crossbars' => '0'], 'form.crossbars', 'between 1 and 24'];
        yield 'half a crossbar' => [['form.crossbars' => '5.5'], 'form.crossbars', 'not a whole number'];
        yield 'so many sections that the outer ties meet' => [['form.crossbars' => '24'], 'form.crossbars', 'would meet'];
        yield 'wires out of order' => [['form.wires' => '8, 10, 12, 14'], 'form.wires', 'cannot follow'];
        yield 'a price below nothing' => [['form.price' => '-1'], 'form.price', 'between $0.00'];
        yield 'no name' => [['plan.name' => "  \u{200B} "], 'plan.name', 'needs 1 to 80 characters'];
        yield 'too long a name' => [['plan.name' => str_repeat('x', 81)], 'plan.name', 'needs 1 to 80 characters'];
        yield 'too many rolls' => [['materials.m1.rolls' => '100'], 'materials.m1.rolls', 'between 0 and 99'];
        yield 'all of the roll allowed for' => [['materials.m1.allowance' => '100'], 'materials.m1.allowance', 'between 0 % and 25 %'];
        yield 'an unknown technique' => [['parts.l1.kind' => 'knit'], 'parts.l1.kind', '"knit" is not one of them'];
        yield 'a list where one thing stands' => [['parts.l1.kind' => ['ruffle']], 'parts.l1.kind', 'must be one of'];
    }

    public function test_what_neither_technique_takes_is_refused_where_it_was_typed(): void
    {
        try {
            $this->edit($this->plan(), new FillBlanks(['parts.l1.length' => 'long', 'parts.l1.kind' => 'poof-run']));
            $this->fail('It was taken.');
        } catch (BlankRefused $refused) {
            $this->assertSame('parts.l1.length', $refused->address);
            $this->assertStringContainsString('"long" is not a length', $refused->getMessage());
        }
    }

    public function test_what_the_old_order_does_not_take_is_read_by_the_one_chosen_with_it(): void
    {
        $plan = $this->plan(['materials' => [['id' => 'a', 'name' => 'A'], ['id' => 'b', 'name' => 'B']]]);
        $edited = $this->edit($plan, new FillBlanks(['parts.l1.material' => '12 a + 6 b', 'parts.l1.order' => 'by-count']));
        $this->assertSame([['a: 12', 'b: 6'], 'by-count'], [$edited->parts[0]->on->slip->write()['material'], $edited->parts[0]->on->slip->write()['order']]);
    }

    /** @param  array<string, mixed>  $typed */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_blank(array $typed, string $address, string $says): void
    {
        try {
            $this->edit($this->plan(), new FillBlanks($typed));
            $this->fail('It was taken.');
        } catch (BlankRefused $refused) {
            $this->assertSame($address, $refused->address);
            $this->assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function test_a_blank_that_is_no_longer_there_says_so(): void
    {
        foreach (['parts.l9.length', 'parts.l1.pitch', 'nowhere', ''] as $address) {
            try {
                $this->edit($this->plan(), new FillBlanks([$address => '9 in']));
                $this->fail("\"$address\" was taken.");
            } catch (BlankRefused|\Davrin\Core\Words\Fault $refused) {
                $this->assertStringContainsString('has no blank', $refused->getMessage());
            }
        }
    }

    public function test_another_technique_keeps_what_it_also_has(): void
    {
        $plan = $this->plan(
            [
                'materials' => [['id' => 'a'], ['id' => 'b', 'name' => 'Gold mesh']],
                'parts' => [['material' => 'b', 'on' => 'row 2', 'length' => '12 in']],
            ],
        );
        $layer = $this->edit($plan, new FillBlanks(['parts.l1.kind' => 'poof-run']))->parts[0];
        $this->assertSame(
            ['Gold mesh', 'row 2', '9 in'],
            [$layer->materialNames(), $layer->on->slip->object('on', TiePick::class)->key(), $layer->on->slip->write()['pitch']],
        );
    }

    public function test_another_layout_puts_a_layer_whose_row_is_gone_on_every_tie(): void
    {
        $after = $this->edit($this->plan(['parts' => [['on' => 'row 2']]]), new FillBlanks(['ties.t1.layout' => 'n-a-section']));
        $this->assertSame(
            [TiePick::EVERY_TIE, 24],
            [$after->parts[0]->on->slip->object('on', TiePick::class)->key(), count($after->parts[0]->demand->elements)],
        );
    }

    public function test_several_blanks_are_filled_together_or_not_at_all(): void
    {
        $plan = $this->plan();
        $both = $this->edit($plan, new FillBlanks(['parts.l1.length' => '24 in', 'form.crossbars' => '5']));
        $this->assertCount(15, $both->parts[0]->demand->elements);
        $this->expectException(BlankRefused::class);
        $this->edit($plan, new FillBlanks(['parts.l1.length' => '24 in', 'form.crossbars' => 'five']));
    }

    public function test_a_layer_is_added_in_a_mesh_that_is_not_used_yet(): void
    {
        $plan = $this->edit($this->plan(), new AddMaterial);
        $after = $this->edit($plan, new AddPart);
        $this->assertSame(['l1', 'l2'], array_map(fn (Part $layer): string => $layer->id, $after->parts));
        $this->assertSame('Mesh 2', $after->parts[1]->materialNames());
    }

    public function test_layers_are_moved_and_taken_away_by_their_id(): void
    {
        $plan = $this->plan(['parts' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]]);
        $ids = fn (Edit $edit): array => array_map(fn (Part $layer): string => $layer->id, $this->edit($plan, $edit)->parts);
        $this->assertSame(['b', 'a', 'c'], $ids(new MovePart('b', earlier: true)));
        $this->assertSame(['a', 'c', 'b'], $ids(new MovePart('b', earlier: false)));
        $this->assertSame(['a', 'b', 'c'], $ids(new MovePart('a', earlier: true)));
        $this->assertSame(['a', 'c'], $ids(new RemovePart('b')));
        $this->assertFault('', 'has no blank "z"', fn () => $ids(new RemovePart('z')));
    }

    public function test_an_id_that_was_freed_is_given_again_only_once(): void
    {
        $plan = $this->edit($this->plan(['parts' => [['id' => 'l1'], ['id' => 'l3']]]), new AddPart);
        $this->assertSame(['l1', 'l3', 'l2'], array_map(fn (Part $layer): string => $layer->id, $plan->parts));
    }

    public function test_a_mesh_that_is_used_or_the_last_one_stays(): void
    {
        $this->assertFault('/materials', 'is used by a layer', fn () => $this->edit($this->plan(), new RemoveMaterial('m1')));
        $this->assertFault(
            '/materials',
            'needs at least one mesh',
            fn () => $this->edit($this->plan(['parts' => []]), new RemoveMaterial('m1')),
        );
        $plan = $this->edit($this->plan(['materials' => [['id' => 'a'], ['id' => 'b']]]), new RemoveMaterial('b'));
        $this->assertSame(['a'], array_map(fn (Wound $mesh): string => $mesh->id, $plan->wound()));
    }

    public function test_a_plan_holds_twelve_layers_and_twelve_meshes(): void
    {
        $this->assertFault('/parts', 'up to 24 parts', fn () => $this->edit($this->plan(['parts' => array_fill(0, 24, [])]), new AddPart));
        $this->assertFault(
            '/materials',
            'up to 12 meshes',
            fn () => $this->edit($this->plan(['materials' => array_fill(0, 12, [])]), new AddMaterial),
        );
    }

    /** @return iterable<string, array{Edit, string}> */
    public static function told(): iterable
    {
        yield 'a part added' => [new AddPart, 'a part added'];
        yield 'a layer taken away' => [new RemovePart('l1'), 'the ruffles of Sage mesh taken away'];
        yield 'a layer moved' => [new MovePart('l1', earlier: false), 'the ruffles of Sage mesh made later'];
        yield 'a mesh added' => [new AddMaterial, 'a mesh added'];
        yield 'two blanks' => [
            new FillBlanks(['form.crossbars' => '5', 'parts.l1.length' => '20']),
            'the number of crossbars, and so of sections: 6, now 5; the length of a piece: 19 in, now 20 in',
        ];
    }

    #[DataProvider('told')]
    public function test_an_edit_tells_the_history_what_it_did(Edit $edit, string $words): void
    {
        $before = $this->plan(['parts' => [[], []]]);
        $this->assertSame($words, $edit->words($before, $this->edit($before, $edit)));
    }

    private function edit(Plan $plan, Edit $edit): Plan
    {
        return $edit->apply($plan, $this->reader());
    }
}
