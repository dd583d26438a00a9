<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Plan\PlanReader;
use Tests\Core\PlanCase;

/** Reading one plan after another, as a remedy is sought: what did not change is kept, what did is not. */
final class PlanReaderTest extends PlanCase
{
    public function test_the_form_and_its_ties_are_built_once_for_plans_that_differ_elsewhere(): void
    {
        $reader = new PlanReader(Craft::standard());
        $one = $reader->read(['materials' => [[]], 'parts' => [['length' => '18 in']]]);
        $other = $reader->read(['materials' => [[]], 'parts' => [['length' => '17 in']]]);
        $this->assertSame([$one->form, $one->ties], [$other->form, $other->ties]);
    }

    public function test_another_form_another_layout_or_another_way_of_counting_are_built_anew(): void
    {
        $reader = new PlanReader(Craft::standard());
        $fresh = fn (array $document): array => array_map(
            fn ($tie): array => [$tie->number, $tie->place],
            (new PlanReader(Craft::standard()))->read($document)->ties->all(),
        );
        $documents = [
            ['materials' => [[]]],
            ['materials' => [[]], 'form' => ['wires' => ['16 in', '14 in', '12 in', '10 in']]],
            ['materials' => [[]], 'form' => ['direction' => 'anticlockwise']],
            ['materials' => [[]], 'form' => ['startAt' => 3]],
            ['materials' => [[]], 'ties' => [['layout' => 'flat']]],
            ['materials' => [[]], 'ties' => [['layout' => 'flat', 'sections' => '1 to 3']]],
            ['materials' => [[]]],
        ];
        foreach ($documents as $document) {
            $read = array_map(fn ($tie): array => [$tie->number, $tie->place], $reader->read($document)->ties->all());
            $this->assertEquals($fresh($document), $read);
        }
    }

    public function test_what_an_edit_tries_does_not_change_what_the_plan_says_of_itself(): void
    {
        $reader = new PlanReader(Craft::standard());
        $inches = $reader->read(['materials' => [[]]]);
        $metric = $reader->read(['materials' => [[]], 'settings' => ['units' => 'centimetres', 'wireCount' => 'inside']]);
        $this->assertSame([
            'two outer wires, section 1, 1 1/2 in after the crossbar',
            'two outer wires, section 1, 4 cm after the crossbar',
        ], [
            $inches->ties->all()[6]->where(
                $inches->form,
                $inches->units(),
            ), $metric->ties->all()[6]->where($metric->form, $metric->units()),
        ]);
    }
}
