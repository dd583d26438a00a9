<?php

declare(strict_types=1);

namespace Tests\Core\PlanFile;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\Element;
use Davrin\Core\PlanFile\PlanFile;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Files from before materials and parts: what was said in them is said still. */
final class FromVersion1Test extends PlanCase
{
    public function test_meshes_stems_and_layers_become_materials_and_parts_of_their_kinds(): void
    {
        $plan = $this->read(
            '"meshes":[{"id":"teal","width":"6 in"},{"id":"gold"}],"layers":[{"id":"l","technique":"rolled-bundle","mesh":["teal: '
                .'2","gold: 2"],"on":"row 1"}],"stems":{"pack":100},"zipTies":{"price":"4.00"}',
        );
        $written = $plan->write();
        $this->assertSame(
            [2, ['teal', 'gold', 'stems', 'zip-ties'], ['mesh', 'mesh', 'stems', 'zip-ties']],
            [$written['version'], array_column($written['materials'], 'id'), array_column($written['materials'], 'kind')],
        );
        $this->assertSame([100, '4.00'], [$written['materials'][2]['pack'], $written['materials'][3]['price']]);
        $this->assertSame(
            ['rolled-bundle', ['teal: 2', 'gold: 2'], 'row 1'],
            [$written['parts'][0]['kind'], $written['parts'][0]['material'], $written['parts'][0]['on']],
        );
    }

    public function test_strands_are_a_material_of_their_own_and_keep_what_a_mesh_would_have_been(): void
    {
        $plan = $this->read('"meshes":[{"body":"strands","width":"1/2 in"}],"layers":[{"technique":"strand-bunch"}]');
        $this->assertSame(
            ['strands', 'Sage mesh', '1/2 in', '360 in', '6.50'],
            array_map(fn (string $key): mixed => $plan->wound()[0]->slip->write()[$key], ['kind', 'name', 'width', 'roll', 'price']),
        );
        $this->assertArrayNotHasKey('body', $plan->wound()[0]->slip->write());
    }

    public function test_a_wound_cover_stands_on_the_crown_and_on_no_tie(): void
    {
        $plan = $this->read('"form":{"kind":"hat"},"meshes":[{}],"layers":[{"technique":"wound-cover","ties":"t1","on":"every 2nd tie"}]');
        $this->assertSame(
            ['crown', [[], []]],
            [
                $plan->parts[0]->on->anchor->area,
                array_map(fn (Element $element): array => $element->ties, $plan->parts[0]->demand->elements),
            ],
        );
    }

    public function test_an_empty_list_of_ties_still_means_the_usual_ones(): void
    {
        $this->assertCount(18, $this->read('"ties":[],"meshes":[{}]')->ties->all());
        $this->assertCount(0, $this->plan(['ties' => [], 'parts' => []])->ties->all());
    }

    public function test_a_mesh_that_is_called_stems_keeps_its_id(): void
    {
        $this->assertSame(
            ['stems', 'stems-2', 'zip-ties'],
            array_keys($this->read('"meshes":[{"id":"stems"}],"layers":[{"mesh":"stems"}]')->materials->all),
        );
    }

    #[TestWith(['"meshes":[{}],"layers":[{"length":"0 in"}]', '/layers/0/length'])]
    #[TestWith(['"meshes":[{}],"layers":[{"technique":"origami"}]', '/layers/0/technique'])]
    #[TestWith(['"meshes":[{"id":"a"}],"layers":[{"mesh":"b"}]', '/layers/0/mesh'])]
    #[TestWith(['"meshes":[{"glitter":1}]', '/meshes/0/glitter'])]
    #[TestWith(['"meshes":[{}],"stems":{"pack":0}', '/stems/pack'])]
    #[TestWith(['"meshes":[{},{"id":"b"}],"zipTies":{"price":"free"}', '/zipTies/price'])]
    #[TestWith(['"meshes":"many"', '/meshes'])]
    #[TestWith(['"meshes":[{}],"layers":7', '/layers'])]
    #[TestWith(['"meshes":[{}],"sparkle":1', '/sparkle'])]
    public function test_a_fault_is_told_where_it_stands_in_the_old_file(string $rest, string $pointer): void
    {
        $this->assertFault($pointer, '', fn () => $this->read($rest));
    }

    private function read(string $rest): \Davrin\Core\Plan\Plan
    {
        return (new PlanFile(Craft::standard()))->read("{\"format\":\"davrin-plan\",\"version\":1,$rest}");
    }
}
