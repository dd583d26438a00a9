<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Deed;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\Walk;
use Davrin\Core\Bench\WalkOrder;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Part\GuideWords;
use Davrin\Core\PlanFile\PlanFile;
use PHPUnit\Framework\Attributes\DataProvider;

final class WalkTest extends BenchCase
{
    public function test_a_wreath_is_tied_cut_made_and_finished_one_thing_after_another(): void
    {
        $walk = $this->walk($this->begun($this->everyday()));
        $this->assertSame(
            ['tie' => 18, 'cut' => 18, 'make' => 18, 'whole' => 4],
            array_count_values(array_map(fn (Unit $unit): string => $unit->deed->value, $walk->units)),
        );
        $unit = $walk->units[(int) $walk->at('1/parts.l1/l1.8')];
        $this->assertSame(
            ['Tie 8', 'ruffle of Sage mesh', 8, 18, ['section' => 1, 'number' => 3, 'of' => 3]],
            [$unit->place, $unit->what, $unit->number, $unit->of, $unit->section],
        );
        $this->assertStringStartsWith('Gather one piece of 19 in at its middle', $unit->how);
        $this->assertSame(['m1-1', '1/l1.8/0', 'tie 8, Sage mesh'], [$unit->roll, $unit->cut, $unit->short()]);
        $this->assertSame(count($walk->units), count(array_unique($walk->keys())));
    }

    public function test_element_by_element_each_is_cut_right_before_it_is_made(): void
    {
        $keys = $this->walk($this->begun($this->everyday()), WalkOrder::ByElement)->keys();
        $at = array_search('1/parts.l1/l1.5', $keys, true);
        $this->assertSame(['1/cut.m1/l1.5/0', '1/parts.l1/l1.5', '1/cut.m1/l1.6/0', '1/parts.l1/l1.6'], array_slice($keys, $at - 1, 4));
        $this->assertEqualsCanonicalizing($this->walk($this->begun($this->everyday()))->keys(), $keys);
    }

    public function test_several_pieces_are_finished_one_by_one_or_each_step_is_done_on_all(): void
    {
        $now = $this->begun($this->everyday(), 2);
        $copies = fn (Walk $walk): string => implode(array_map(fn (Unit $unit): string => (string) $unit->copy, $walk->units));
        $this->assertSame(str_repeat('1', 58).str_repeat('2', 58), $copies($this->walk($now)));
        $this->assertStringStartsWith(
            str_repeat('1', 18).str_repeat('2', 18).str_repeat('1', 18),
            $copies($this->walk($now, copies: CopyOrder::Together)),
        );
        $numbers = array_filter($this->walk($now)->units, fn (Unit $unit): bool => $unit->copy === 2 && $unit->deed === Deed::Make);
        $this->assertSame([1, 18], [reset($numbers)->number, reset($numbers)->of]);
    }

    public function test_a_flat_piece_with_ribbon_goes_from_the_outside_in_with_its_ribbon_and_then_the_bow(): void
    {
        $walk = $this->walk($this->begun([
            'ties' => [['layout' => 'flat']],
            'materials' => [['id' => 'm'], ['id' => 'r', 'kind' => 'ribbon', 'name' => 'Teal check']],
            'parts' => [
                ['id' => 'flat', 'kind' => 'pancake', 'material' => 'm'],
                ['id' => 'tails', 'kind' => 'ribbon-tails', 'material' => 'r'],
                ['id' => 'bow', 'kind' => 'looped-bow', 'material' => 'r'],
            ],
        ]));
        $made = array_values(array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Make));
        $runs = [];
        foreach ($made as $unit) {
            $row = $unit->ties === [] ? '' : ($unit->ties[0] > 6 ? ' outer' : ' inner');
            $runs[] = "{$unit->element?->part}$row";
        }
        $this->assertSame(
            [...array_fill(0, 6, 'flat outer'), ...array_fill(0, 6, 'tails outer'), ...array_fill(0, 6, 'flat inner'), ...array_fill(0, 6, 'tails inner'), 'bow'],
            $runs,
        );
    }

    public function test_a_run_is_measured_as_it_goes_and_its_roll_is_fetched_once(): void
    {
        $walk = $this->walk($this->begun($this->poofs()));
        $this->assertSame(1, count(array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Fetch)));
        $unit = $walk->units[(int) $walk->at('1/parts.l1/l1.3')];
        $this->assertSame(['Tie 3 to 4', 'm1-1'], [$unit->place, $unit->roll]);
        $this->assertStringContainsString('Measure 9 in from the last tie', $unit->how);
    }

    public function test_where_a_run_goes_on_from_another_roll_it_is_said_at_that_tie(): void
    {
        $walk = $this->walk($this->begun($this->poofs()));
        $begun = array_values(array_filter($walk->units, fn (Unit $unit): bool => str_starts_with($unit->how, 'Begin roll')));
        // A roll of 180 in gives 19 poofs of 9 in between its tails.
        $this->assertSame(['1/parts.l1/l1.20'], array_map(fn (Unit $unit): string => $unit->key, $begun));
        $this->assertStringStartsWith('Begin roll 2 of Sage mesh here: cut what ends behind its tail', $begun[0]->how);
        $three = $this->poofs();
        $three['materials'] = [['id' => 'a'] + $three['materials'][0], ['id' => 'b', 'name' => 'Gold'] + $three['materials'][0]];
        $three['parts'][0]['material'] = ['a', 'b'];
        $both = array_filter($this->walk($this->begun($three))->units, fn (Unit $unit): bool => str_starts_with($unit->how, 'Begin roll'));
        $this->assertStringStartsWith('Begin roll 2 of Sage mesh and roll 2 of Gold here', reset($both)->how);
    }

    public function test_what_is_done_to_the_whole_is_named_in_a_few_words(): void
    {
        $walk = $this->walk($this->begun([
            'materials' => [['id' => 'm'], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [
                ['material' => 'm'],
                ['kind' => 'ribbon-tails', 'material' => 'r'],
                ['kind' => 'sign'],
                ['kind' => 'flowers', 'by' => 'glue'],
                ['kind' => 'own-step', 'does' => 'Wrap the parcel in brown paper, with string', 'when' => 'finishing'],
            ],
        ]));
        $headings = array_map(fn (Unit $unit): string => $unit->place, array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Whole));
        foreach (['Fluff it', 'Cut off the stem ends', 'Take the hanger', 'Let the glue set', 'Tuck in every end', 'Wrap the parcel'] as $heading) {
            $this->assertContains($heading, $headings);
        }
        foreach ($headings as $heading) {
            $this->assertLessThanOrEqual(22, mb_strlen($heading));
        }
        $fixed = array_filter($walk->units, fn (Unit $unit): bool => str_contains($unit->key, '/parts.l4/'));
        $this->assertSame(['Fix it where it was laid out, with hot glue.'], array_values(array_unique(array_map(fn (Unit $unit): string => $unit->how, $fixed))));
    }

    public function test_a_blade_is_minded_at_the_cuts_and_not_at_what_is_made(): void
    {
        $walk = $this->walk($this->begun($this->everyday()));
        $cautions = [];
        foreach ($walk->units as $unit) {
            foreach ($unit->cautions() as $caution) {
                $cautions[$unit->deed->value][$caution->value] = true;
            }
        }
        $this->assertSame(['cutter'], array_keys($cautions['cut']));
        $this->assertSame(['wire'], array_keys($cautions['tie']));
        $this->assertArrayNotHasKey('make', $cautions);
        $this->assertSame(['wire', 'hook', 'door'], array_keys($cautions['whole']));
    }

    public function test_only_what_is_done_at_the_back_is_shown_from_behind(): void
    {
        $walk = $this->walk($this->begun(['materials' => [[]], 'parts' => [[], ['kind' => 'sign']]]));
        $behind = array_filter($walk->units, fn (Unit $unit): bool => $unit->isAtTheBack());
        $this->assertSame(['fix.l2', 'hanger', 'back'], array_values(array_map(fn (Unit $unit): string => $unit->step->key, $behind)));
    }

    public function test_colours_say_what_is_beside_them_where_there_are_several(): void
    {
        $walk = $this->walk($this->begun([
            'materials' => [['id' => 'a', 'name' => 'Sage'], ['id' => 'b', 'name' => 'Gold']],
            'parts' => [['material' => ['a: 9', 'b: 9'], 'order' => 'alternating']],
        ]));
        $made = array_values(array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Make));
        $this->assertCount(1, $made[0]->beside);
        $this->assertCount(2, $made[4]->beside);
        $this->assertStringEndsWith('on tie 4', $made[4]->beside[0]);
        $plain = $this->walk($this->begun($this->everyday()));
        $this->assertSame([], array_merge(...array_map(fn (Unit $unit): array => $unit->beside, $plain->units)));
    }

    public function test_ribbon_that_goes_into_bundles_is_at_hand_before_each_is_closed(): void
    {
        $keys = $this->walk($this->begun([
            'ties' => [['stem' => 'none']],
            'materials' => [['id' => 'm'], ['id' => 'r', 'kind' => 'ribbon']],
            'parts' => [
                ['id' => 'b', 'kind' => 'rolled-bundle', 'material' => ['m: 3'], 'stem' => 'half'],
                ['id' => 'in', 'kind' => 'ribbon-in-bundles', 'material' => 'r', 'onPart' => 'b'],
            ],
        ]))->keys();
        $at = (int) array_search('1/parts.b/b.4', $keys, true);
        $this->assertSame('1/parts.in/in.4', $keys[$at - 1]);
    }

    public function test_what_is_on_no_roll_says_so(): void
    {
        $walk = $this->walk($this->begun(['materials' => [['label' => 'measured', 'rolls' => 1]], 'parts' => [['length' => '25 in']]]));
        $lacking = array_values(array_filter($walk->units, fn (Unit $unit): bool => $unit->roll === 'm1-0' && $unit->deed === Deed::Cut));
        $this->assertCount(4, $lacking);
        $this->assertStringContainsString('off a roll that is still to be found', $lacking[0]->how);
    }

    /** Whatever a plan of the demo has, each element is made once, each piece is cut once, and what is said is whole. */
    #[DataProvider('demo')]
    public function test_every_plan_can_be_walked(string $file): void
    {
        $document = json_decode((string) file_get_contents($file), true);
        $plan = (new PlanFile(Craft::standard()))->read((string) file_get_contents($file));
        $walk = $this->walk($this->begun($document));
        $cuts = array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Cut);
        $this->assertSame(count($plan->demand->cuts()), count(array_unique(array_map(fn (Unit $unit): string => (string) $unit->cut, $cuts))));
        $made = array_filter($walk->units, fn (Unit $unit): bool => $unit->deed === Deed::Make);
        $this->assertSame(
            array_sum(array_map(fn ($part): int => count($part->demand->elements), $plan->parts)),
            count(array_unique(array_map(fn (Unit $unit): string => (string) $unit->element?->id, $made))),
        );
        $this->assertSame(array_unique($walk->keys()), $walk->keys());
        foreach ($walk->units as $unit) {
            $this->assertDoesNotMatchRegularExpression('/[{}]|  | in in | the pitch|of the piece /', $unit->how);
            $this->assertGreaterThanOrEqual(0.0, $unit->minutes);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (glob(dirname(__DIR__, 3).'/database/demo/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    public function test_every_kind_that_is_made_of_mesh_or_ribbon_says_how_at_the_bench(): void
    {
        foreach (Craft::standard()->parts as $kind) {
            $words = GuideWords::atTheBench($kind);
            $this->assertSame(1, preg_match('/^[A-Z{].+\.$/', $words ?? 'Its step says it.'), $kind->key());
        }
    }
}
