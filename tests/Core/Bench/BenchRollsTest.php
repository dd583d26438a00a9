<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Davrin\Core\Bench\BenchCut;
use Davrin\Core\Bench\BenchRoll;
use Davrin\Core\Bench\BenchRolls;
use Davrin\Core\Bench\Situation;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Roll\SegmentKind;
use Davrin\Core\Supply\Origin;
use PHPUnit\Framework\Attributes\TestWith;

final class BenchRollsTest extends BenchCase
{
    public function test_each_piece_has_an_id_of_its_copy_its_element_and_its_place_in_it(): void
    {
        $document = $this->everyday();
        $document['parts'] = [['kind' => 'rolled-bundle', 'material' => ['m1: 3'], 'length' => '6 in']];
        $ids = array_keys(BenchRolls::idsOf($this->plan($document), 2));
        $this->assertSame(['2/l1.1/0', '2/l1.1/1', '2/l1.1/2', '2/l1.2/0'], array_slice($ids, 0, 4));
        $this->assertCount(54, $ids);
    }

    #[TestWith([1])]
    #[TestWith([3])]
    public function test_every_piece_of_every_copy_is_laid_once(int $copies): void
    {
        foreach ([$this->bundles(), $this->poofs()] as $document) {
            $now = $this->begun($document, $copies);
            $ids = [];
            foreach ($now->rolls as $roll) {
                array_push($ids, ...array_filter(array_map(fn (BenchCut $cut): ?string => $cut->id, $roll->cuts)));
            }
            $this->assertSame(array_unique($ids), $ids);
            $planned = [];
            foreach ($now->pieces as $copy => $piece) {
                array_push($planned, ...array_keys(BenchRolls::idsOf($piece->plan, $copy)));
                foreach ($piece->plan->demand->runs() as $run) {
                    array_push($planned, ...array_map(fn ($step): string => "$copy/{$step->element->id}/0", $run->steps));
                }
            }
            $this->assertEqualsCanonicalizing($planned, $ids);
        }
    }

    public function test_two_meshes_of_a_bundle_keep_their_own_rolls(): void
    {
        foreach ($this->begun($this->bundles())->rolls as $roll) {
            foreach ($roll->cuts as $cut) {
                $its = BenchRolls::idsOf($this->plan($this->bundles()), 1)[(string) $cut->id];
                $this->assertSame($roll->material, $its->material);
                $this->assertTrue($its->length->equals($cut->length));
            }
        }
    }

    public function test_what_is_on_hand_and_not_wanted_yet_lies_at_the_bench_too(): void
    {
        $now = $this->begun(['materials' => [['onHand' => ['342 in', '100 in', '3 x 20 in'], 'rolls' => 0, 'label' => 'measured']]]);
        $there = array_map(fn (BenchRoll $roll): array => [$roll->origin->value, $roll->length->toInches(), count($roll->cuts) > 0], $now->rolls);
        $this->assertCount(5, $there);
        $this->assertSame(342.0 + 100.0 + 60.0, array_sum(array_column($there, 1)));
        // What was to be taken from the shelf is looked for there when it is wanted.
        $linked = $this->begun(['materials' => [['onHand' => ['342 in (shelf 7)', '100 in (shelf 8)'], 'rolls' => 0, 'label' => 'measured']]]);
        $this->assertSame([7], array_map(fn (BenchRoll $roll): ?int => $roll->item, $linked->rolls));
    }

    public function test_what_is_lacking_lies_on_no_roll_under_the_number_nought(): void
    {
        $now = $this->begun(['materials' => [['label' => 'measured', 'rolls' => 1]], 'parts' => [['length' => '25 in']]]);
        $this->assertSame([['m1-1', 14, 10], ['m1-0', 4, 0]], $this->rolls($now));
        $this->assertTrue($now->roll('m1-0')?->isSpent);
        $this->assertNull($now->roll('m1-9'));
    }

    public function test_a_roll_knows_what_is_off_it_left_on_it_and_wasted(): void
    {
        $piece = fn (?string $id, int $inches): BenchCut => new BenchCut($id, SegmentKind::Piece, Length::inches($inches), 1, 'l1', 1);
        $roll = new BenchRoll('m-1', 'm', 1, Origin::New, Length::inches(360), Length::inches(356), [$piece('1/l1.1/0', 19), $piece(null, 7)]);
        $inches = fn (Length $length): float => $length->toInches();
        $this->assertSame([26.0, 334.0, 7.0], array_map($inches, [$roll->used(), $roll->left(), $roll->wasted()]));
        $spent = $roll->spentAt(Length::inches(26));
        $this->assertSame([0.0, 26.0, true], [$spent->left()->toInches(), $spent->length->toInches(), $spent->isSpent]);
        $this->assertSame([19.0, 341.0], array_map($inches, [$roll->with([$piece('1/l1.1/0', 19)])->used(), $roll->with([$piece('1/l1.1/0', 19)])->left()]));
        $this->assertSame(['1/l1.1', null], [$roll->cuts[0]->element(), $roll->cuts[1]->element()]);
        $this->assertSame([false, true], [$roll->cuts[0]->isWaste(), $roll->cuts[1]->isWaste()]);
    }

    public function test_a_tail_is_off_the_roll_once_the_step_it_belongs_to_is_made(): void
    {
        $now = $this->begun($this->poofs());
        $off = fn (Situation $now): float => array_sum(array_map(fn (BenchCut $cut): float => $cut->length->toInches(), $now->cutFrom($now->rolls[0])));
        $this->assertSame(0.0, (float) $off($now));
        $this->assertSame(2.0 + 9.0, $off($this->made($now, 1)));
        $this->assertSame(2.0 + 45.0, $off($this->made($now, 5)));
        $all = count(array_filter($now->rolls[0]->cuts, fn (BenchCut $cut): bool => $cut->id !== null));
        $this->assertSame($now->rolls[0]->used()->toInches(), $off($this->made($now, $all)));
    }

    public function test_what_is_left_is_laid_anew_only_of_what_is_concerned(): void
    {
        $now = $this->cut($this->begun($this->bundles()), 8);
        $plan = $this->replanner()->rest($now, ['a'], true);
        $others = fn (array $rolls): array => array_values(array_filter($rolls, fn (BenchRoll $roll): bool => $roll->material !== 'a'));
        $this->assertEquals($others($now->rolls), $others($plan->rolls));
        $this->assertSame([0, []], [$plan->bought, $plan->unmet]);
        // What is cut lies where it lay.
        $where = function (array $rolls) use ($now): array {
            $where = [];
            foreach ($rolls as $roll) {
                foreach ($now->cutFrom($roll) as $cut) {
                    $where[(string) $cut->id] = $roll->key;
                }
            }

            return $where;
        };
        $this->assertSame($where($now->rolls), $where($plan->rolls));
    }

    public function test_a_new_roll_that_is_not_wanted_any_more_is_not_opened(): void
    {
        $now = $this->begun(['materials' => [['label' => 'measured']], 'parts' => [['length' => '25 in']]], shelf: [
            'm1' => [new OnHand(1, Length::inches(100), false)],
        ]);
        $this->assertSame(['m1-1', 'm1-2'], array_map(fn (BenchRoll $roll): string => $roll->key, $now->rolls));
        $plan = $this->replanner()->rest($this->cut($now, 14), ['m1'], true);
        $this->assertSame([0, 0], [$plan->bought, $plan->opened]);
        $this->assertCount(4, array_filter($plan->rolls, fn (BenchRoll $roll): bool => $roll->length->toInches() === 100.0)[1]->cuts
            ?? array_values(array_filter($plan->rolls, fn (BenchRoll $roll): bool => $roll->length->toInches() === 100.0))[0]->cuts);
    }

    /** @return array<string, mixed> */
    private function bundles(): array
    {
        return [
            'materials' => [['id' => 'a', 'name' => 'Sage'], ['id' => 'b', 'name' => 'Gold']],
            'parts' => [['kind' => 'rolled-bundle', 'material' => ['a: 2', 'b: 2'], 'length' => '8 in']],
        ];
    }
}
