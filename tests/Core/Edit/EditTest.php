<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Edit\BlankRefused;
use Davrin\Core\Edit\ChangeList;
use Davrin\Core\Edit\Edit;
use Davrin\Core\Edit\FillBlanks;
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
        $after = $this->edit($before, new FillBlanks(['layers.l1.length' => '18 1/2']));
        $expected = $before->write();
        $expected['layers'][0]['length'] = '18 1/2 in';
        $this->assertSame($expected, $after->write());
        $this->assertSame('the length of a piece: 19 in, now 18 1/2 in', (new FillBlanks([]))->words($before, $after));
    }

    public function test_a_bare_number_is_read_in_the_plan_s_units(): void
    {
        $after = $this->edit($this->plan(['settings' => ['units' => 'centimetres']]), new FillBlanks(['layers.l1.length' => '47,5']));
        $this->assertSame('47.5 cm', $after->layers[0]->on->slip->write()['length']);
    }

    public function test_a_blank_that_gets_back_what_it_shows_keeps_its_exact_length(): void
    {
        $plan = $this->plan(['layers' => [['length' => '19 1/32 in']], 'settings' => ['units' => 'centimetres']]);
        $shown = $plan->layers[0]->on->slip->show('length', $plan->units());
        $this->assertSame($plan->write(), $this->edit($plan, new FillBlanks(['layers.l1.length' => $shown]))->write());
        $this->assertSame('no change', (new FillBlanks([]))->words($plan, $plan));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is typed, the blank it is refused at, what is said */
    public static function refused(): iterable
    {
        yield 'no length' => [['layers.l1.length' => 'long'], 'layers.l1.length', 'is not a length'];
        yield 'nothing typed' => [['layers.l1.length' => ''], 'layers.l1.length', 'A length is missing'];
        yield 'too short' => [['layers.l1.length' => '1 in'], 'layers.l1.length', 'between 2 in and 720 in'];
        yield 'longer than the roll' => [['layers.l1.length' => '11 yd'], 'layers.l1.length', 'a roll of Sage mesh has 360 in'];
        yield 'a roll shorter than the piece' => [['meshes.m1.roll' => '18 in'], 'meshes.m1.roll', 'A piece takes 19 in'];
        yield 'a roll without a unit' => [['meshes.m1.roll' => '10'], 'meshes.m1.roll', '"10" has no unit'];
        yield 'no crossbars' => [['form.crossbars' => '0'], 'form.crossbars', 'between 1 and 24'];
        yield 'half a crossbar' => [['form.crossbars' => '5.5'], 'form.crossbars', 'not a whole number'];
        yield 'so many sections that the outer ties meet' => [['form.crossbars' => '24'], 'form.crossbars', 'would meet'];
        yield 'wires out of order' => [['form.wires' => '8, 10, 12, 14'], 'form.wires', 'cannot follow'];
        yield 'a price below nothing' => [['form.price' => '-1'], 'form.price', 'between $0.00'];
        yield 'no name' => [['plan.name' => "  \u{200B} "], 'plan.name', 'needs 1 to 80 characters'];
        yield 'too long a name' => [['plan.name' => str_repeat('x', 81)], 'plan.name', 'needs 1 to 80 characters'];
        yield 'no rolls' => [['meshes.m1.rolls' => '0'], 'meshes.m1.rolls', 'between 1 and 99'];
        yield 'all of the roll allowed for' => [['meshes.m1.allowance' => '100'], 'meshes.m1.allowance', 'between 0 % and 25 %'];
        yield 'an unknown technique' => [['layers.l1.technique' => 'knit'], 'layers.l1.technique', '"knit" is not one of them'];
        yield 'a list where one thing stands' => [['layers.l1.technique' => ['ruffle']], 'layers.l1.technique', 'must be one of'];
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
        foreach (['layers.l9.length', 'layers.l1.pitch', 'nowhere', ''] as $address) {
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
        $plan = $this->plan(['meshes' => [['id' => 'a'], ['id' => 'b', 'name' => 'Gold mesh']], 'layers' => [['mesh' => 'b', 'on' => 'row 2', 'length' => '12 in']]]);
        $layer = $this->edit($plan, new FillBlanks(['layers.l1.technique' => 'poof-run']))->layers[0];
        $this->assertSame(['Gold mesh', 'row 2', '9 in'], [$layer->meshName(), $layer->on->slip->object('on', TiePick::class)->key(), $layer->on->slip->write()['pitch']]);
    }

    public function test_another_layout_puts_a_layer_whose_row_is_gone_on_every_tie(): void
    {
        $after = $this->edit($this->plan(['layers' => [['on' => 'row 2']]]), new FillBlanks(['ties.t1.layout' => 'n-a-section']));
        $this->assertSame([TiePick::EVERY_TIE, 24], [$after->layers[0]->on->slip->object('on', TiePick::class)->key(), count($after->layers[0]->work->elements)]);
    }

    public function test_several_blanks_are_filled_together_or_not_at_all(): void
    {
        $plan = $this->plan();
        $both = $this->edit($plan, new FillBlanks(['layers.l1.length' => '24 in', 'form.crossbars' => '5']));
        $this->assertCount(15, $both->layers[0]->work->elements);
        $this->expectException(BlankRefused::class);
        $this->edit($plan, new FillBlanks(['layers.l1.length' => '24 in', 'form.crossbars' => 'five']));
    }

    public function test_a_layer_is_added_in_a_mesh_that_is_not_used_yet(): void
    {
        $plan = $this->edit($this->plan(), ChangeList::addMesh());
        $after = $this->edit($plan, ChangeList::addLayer());
        $this->assertSame(['l1', 'l2'], array_map(fn (Part $layer): string => $layer->id, $after->layers));
        $this->assertSame('Mesh 2', $after->layers[1]->meshName());
    }

    public function test_layers_are_moved_and_taken_away_by_their_id(): void
    {
        $plan = $this->plan(['layers' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']]]);
        $ids = fn (Edit $edit): array => array_map(fn (Part $layer): string => $layer->id, $this->edit($plan, $edit)->layers);
        $this->assertSame(['b', 'a', 'c'], $ids(ChangeList::moveLayer('b', earlier: true)));
        $this->assertSame(['a', 'c', 'b'], $ids(ChangeList::moveLayer('b', earlier: false)));
        $this->assertSame(['a', 'b', 'c'], $ids(ChangeList::moveLayer('a', earlier: true)));
        $this->assertSame(['a', 'c'], $ids(ChangeList::removeLayer('b')));
        $this->assertFault('', 'has no blank "z"', fn () => $ids(ChangeList::removeLayer('z')));
    }

    public function test_an_id_that_was_freed_is_given_again_only_once(): void
    {
        $plan = $this->edit($this->plan(['layers' => [['id' => 'l1'], ['id' => 'l3']]]), ChangeList::addLayer());
        $this->assertSame(['l1', 'l3', 'l2'], array_map(fn (Part $layer): string => $layer->id, $plan->layers));
    }

    public function test_a_mesh_that_is_used_or_the_last_one_stays(): void
    {
        $this->assertFault('/meshes', 'is used by a layer', fn () => $this->edit($this->plan(), ChangeList::removeMesh('m1')));
        $this->assertFault('/meshes', 'needs at least one mesh', fn () => $this->edit($this->plan(['layers' => []]), ChangeList::removeMesh('m1')));
        $plan = $this->edit($this->plan(['meshes' => [['id' => 'a'], ['id' => 'b']]]), ChangeList::removeMesh('b'));
        $this->assertSame(['a'], array_map(fn (Wound $mesh): string => $mesh->id, $plan->meshes));
    }

    public function test_a_plan_holds_twelve_layers_and_twelve_meshes(): void
    {
        $this->assertFault('/layers', 'up to 12 layers', fn () => $this->edit($this->plan(['layers' => array_fill(0, 12, [])]), ChangeList::addLayer()));
        $this->assertFault('/meshes', 'up to 12 meshes', fn () => $this->edit($this->plan(['meshes' => array_fill(0, 12, [])]), ChangeList::addMesh()));
    }

    /** @return iterable<string, array{Edit, string}> */
    public static function told(): iterable
    {
        yield 'a layer added' => [ChangeList::addLayer(), 'a layer added'];
        yield 'a layer taken away' => [ChangeList::removeLayer('l1'), 'the ruffles of Sage mesh taken away'];
        yield 'a layer moved' => [ChangeList::moveLayer('l1', earlier: false), 'the ruffles of Sage mesh made later'];
        yield 'a mesh added' => [ChangeList::addMesh(), 'a mesh added'];
        yield 'two blanks' => [new FillBlanks(['form.crossbars' => '5', 'layers.l1.length' => '20']), 'the number of crossbars, and so of sections: 6, now 5; the length of a piece: 19 in, now 20 in'];
    }

    #[DataProvider('told')]
    public function test_an_edit_tells_the_history_what_it_did(Edit $edit, string $words): void
    {
        $before = $this->plan(['layers' => [[], []]]);
        $this->assertSame($words, $edit->words($before, $this->edit($before, $edit)));
    }

    private function edit(Plan $plan, Edit $edit): Plan
    {
        return $edit->apply($plan, $this->reader());
    }
}
