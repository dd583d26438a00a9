<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Roll\RollUse;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Supply\Stock;
use Tests\Core\PlanCase;

final class OnHandTest extends PlanCase
{
    public function test_part_rolls_are_cut_first_and_one_new_roll_is_opened(): void
    {
        $mesh = $this->mesh(['onHand' => ['131 in', '62 in', '18 in'], 'label' => 'measured']);
        // 18 pieces of 19 in: 6 and 3 of the part rolls, none of the short one, 9 of a new one.
        $this->assertSame([['part roll', '57 in'], ['part roll', '114 in'], ['new roll', '171 in']], $this->rolls($mesh));
        $this->assertSame(
            ['3 rolls', '342 in on 2 part rolls and 1 new roll of 360 in, as many as needed, beside 131 in, 62 in, 18 in on hand'],
            [$mesh->rolls->shown, $mesh->rolls->because[0]],
        );
        $this->assertSame(
            'proven: no other way of cutting leaves less unmet, costs less for new rolls or opens fewer full rolls',
            $mesh->rolls->because[1],
        );
        $this->assertContains('roll 2, a part roll of 131 in: 6 x 19 in = 114 in', $mesh->used->because);
    }

    public function test_two_short_rolls_at_one_percent_are_safe_for_eight_pieces_of_22_in(): void
    {
        $at = fn (array $ties): WoundResult => $this->mesh(
            ['onHand' => ['2 x 180 in by label'], 'roll' => '5 yd', 'allowance' => '1 %'],
            ['length' => '22 in', 'on' => 'ties '.implode(', ', $ties)],
        );
        $eight = $at(range(1, 16));
        $this->assertSame(
            [[['full roll', '176 in'], ['full roll', '176 in']], true, '2 1/8 in'],
            [$this->rolls($eight), $eight->verdict->isGood(), $eight->slack->shown],
        );
        $this->assertContains('178.2 in safe - 176 in on the fullest roll = 2.2 in', $eight->slack->because);
        $this->assertSame(['full roll', 'full roll', 'new roll'], array_column($this->rolls($at(range(1, 17))), 0));
    }

    public function test_full_rolls_of_the_shelf_are_opened_before_any_is_bought_and_part_rolls_cost_by_the_inch(): void
    {
        $result = $this->work(['materials' => [['onHand' => ['200 in', '360 in by label'], 'label' => 'measured', 'price' => '7.20']]]);
        $this->assertSame([['part roll', '190 in'], ['full roll', '152 in']], $this->rolls($result->wound[0]));
        // 190 in at 2 cents; and the full roll whole.
        $this->assertSame('Sage mesh: 1 roll x $7.20 = $7.20 + 190 in of what is open, $3.80', $result->cost->opened->because[0]);
    }

    public function test_a_plan_short_of_rolls_offers_what_part_rolls_leave(): void
    {
        $result = $this->work(['materials' => [['onHand' => ['40 in'], 'roll' => '7 yd', 'label' => 'measured', 'rolls' => 1]]]);
        $this->assertTrue($result->verdict->short);
        $this->assertSame(
            'What is on hand and 1 new roll of Sage mesh run out before tie 16. Ties 16 to 18 would stay bare.',
            $result->advice[0]->sentence,
        );
        $remedy = $result->advice[0]->remedies[0];
        $this->assertStringStartsWith('Cut ', $remedy->label);
        $this->assertFalse(
            $this->work(
                [
                    'materials' => [['onHand' => ['40 in'], 'roll' => '7 yd', 'label' => 'measured', 'rolls' => 1]],
                    'parts' => [['length' => $remedy->edit->asData()['set']['parts.l1.length']]],
                ],
            )->verdict->short,
        );
    }

    public function test_every_inch_counts_what_lies_untouched_beside_it(): void
    {
        $this->assertFalse($this->mesh(['onHand' => ['342 in'], 'rolls' => 1])->verdict->everyInch);
        $this->assertTrue($this->mesh(['onHand' => ['19 in', '323 in'], 'roll' => '400 in'])->verdict->everyInch);
        $this->assertFalse($this->mesh(['onHand' => ['19 in', '323 in', '8 in'], 'roll' => '400 in'])->verdict->everyInch);
    }

    public function test_what_is_on_hand_is_read_as_people_write_it(): void
    {
        $written = fn (string|array $typed): array => $this->plan(['materials' => [['onHand' => $typed]]])->wound()[0]->slip->write()['onHand'];
        $this->assertSame([], $written('nothing'));
        $this->assertSame(
            ['131 in', '6 x 20 in', '2 x 10 yd by label lot B7 (shelf 17)', '18 1/2 in lot 3/A'],
            $written(['131 in', '6 x 20 in', '2 x 10 yd by label lot B7 shelf 17', '18.5 in lot 3/A']),
        );
        foreach ([['a lot', 'a lot'], ['0 x 20 in', 'between 1 and 500'], ['1/2 in', 'What is on hand must be between 1 in and 200 yd'], ['131', 'unit'], [array_fill(0, 61, '20 in'), '0 to 60'], [7, 'list of lengths']] as [$typed, $says]) {
            $this->assertFault(
                '/materials/0/onHand',
                $says,
                fn () => $this->plan(['materials' => [['onHand' => is_string($typed) ? [$typed] : $typed]]]),
            );
        }
    }

    public function test_part_rolls_of_131_62_and_18_in_give_206_in_and_one_roll_is_bought(): void
    {
        $result = $this->work([
            'materials' => [['onHand' => ['131 in', '62 in', '18 in'], 'label' => 'measured']],
            'parts' => [
                ['length' => '22 in', 'on' => 'row 1'],
                ['length' => '14 in', 'on' => 'row 2'],
                ['kind' => 'second-across', 'length' => '8 in', 'on' => 'row 1'],
            ],
        ]);
        $mesh = $result->wound[0];
        $this->assertSame(
            [['part roll', '16 in'], ['part roll', '60 in'], ['part roll', '130 in'], ['new roll', '142 in']],
            $this->rolls($mesh),
        );
        $this->assertSame(
            ['218 in', true],
            [$this->plan()->units()->available($mesh->plan->rolls[3]->left()), $mesh->plan->isProvenBest()],
        );
        $json = json_decode(json_encode($mesh, JSON_THROW_ON_ERROR), true);
        $this->assertSame(
            [
                'isBest' => true,
                'unmet' => ['is' => 0, 'atLeast' => 0],
                'money' => ['is' => '6.50', 'atLeast' => '6.50'],
                'opened' => ['is' => 1, 'atLeast' => 1],
            ],
            $json['proof'],
        );
        $this->assertSame(
            [['part roll', null, null, '18 in'], ['new roll', null, null, '360 in']],
            array_map(
                fn (array $cut): array => [$cut['from'], $cut['lot'], $cut['item'], $cut['length']],
                [$json['cuts'][0], $json['cuts'][3]],
            ),
        );
    }

    public function test_a_run_uses_up_part_rolls_before_a_new_one_and_is_proven(): void
    {
        $plan = $this->poofs();
        $plan['materials'][0]['onHand'] = ['71 in'];
        $mesh = $this->work($plan)->wound[0];
        // 7 poofs and tails are 67 in; the other 17 are 157 in of a new roll of 180 in.
        $this->assertSame([['part roll', '67 in'], ['new roll', '157 in']], $this->rolls($mesh));
        $this->assertTrue($mesh->plan->isProvenBest());
        $this->assertSame([8], array_map(fn ($change): int => $change->tie, $mesh->plan->changes));
    }

    public function test_a_remedy_that_opens_more_says_what_that_costs(): void
    {
        $plan = [
            'materials' => [['onHand' => ['200 in'], 'roll' => '5 yd', 'label' => 'measured', 'rolls' => 1, 'price' => '2.25']],
            'parts' => [['length' => '24 in']],
        ];
        $remedies = $this->work($plan)->advice[0]->remedies;
        $effects = array_combine(array_column($remedies, 'label'), array_column($remedies, 'effect'));
        $this->assertStringStartsWith('nothing short; opens 3 rolls; buys 1 roll more for $2.25; uses 432 in', $effects['Have 2 rolls at hand']);
        $this->assertStringContainsString('nothing short; 15 ruffles', $effects['Leave ties 16 to 18 bare']);
    }

    /** @return list<array{string, string}> where each roll comes from and what is cut from it */
    private function rolls(WoundResult $mesh): array
    {
        return array_map(
            fn (RollUse $roll): array => [$roll->stock->origin->value, $this->plan()->units()->exact($roll->used())],
            $mesh->plan->rolls,
        );
    }

    /**
     * @param  array<string, mixed>  $mesh
     * @param  array<string, mixed>  $layer
     */
    private function mesh(array $mesh, array $layer = []): WoundResult
    {
        return $this->work(['materials' => [$mesh], 'parts' => [$layer]])->wound[0];
    }

    public function test_a_roll_as_it_was_bought_is_by_its_label_and_what_was_opened_is_measured(): void
    {
        $slack = fn (string $onHand): array => array_map(
            fn (Stock $stock): string => $stock->safe->units === $stock->nominal->units ? 'measured' : 'by label',
            array_values(array_filter(
                $this->plan(['materials' => [['onHand' => [$onHand]]]])->wound()[0]->supply(Length::inches(6), true)->stock,
                fn (Stock $stock): bool => $stock->origin !== Origin::New,
            )),
        );
        foreach (['2 x 10 yd' => 'by label', '360 in' => 'by label', '10 yd measured' => 'measured', '131 in' => 'measured', '131 in by label' => 'by label', '9 yd' => 'measured'] as $onHand => $said) {
            $this->assertSame([$said], $slack($onHand), $onHand);
        }
    }

    public function test_what_is_typed_comes_back_as_it_was_and_stays_what_it_was_on_the_shelf(): void
    {
        $blank = new OnHandBlank('onHand', 'what is on hand');
        $show = fn (string $typed): string => $blank->show($blank->read($typed, Units::Inches), Units::Inches);
        foreach (['2 x 10 yd, 131 in', '2.5 yd lot B7', '360 in', '10 yd measured', '47 cm', '30 ft', '2 x 9 m by label', '1.5 m', '18 1/2 in'] as $typed) {
            $this->assertSame($typed, $show($typed));
        }
        $this->assertSame('914.4 cm', $blank->show($blank->read('10 yd', Units::Inches), Units::Metric));
        $before = $blank->read(['131 in (shelf 4)', '2 x 20 in lot B7 (shelf 5)', '131 in (shelf 6)'], null);
        $this->assertSame('131 in, 2 x 20 in lot B7, 131 in', $blank->show($before, Units::Inches), 'no number that says nothing to a maker');
        $again = fn (string $typed): array => $blank->write($blank->readBeside($typed, Units::Inches, $before));
        $this->assertSame(['131 in (shelf 4)', '2 x 20 in lot B7 (shelf 5)', '131 in (shelf 6)'], $again('131 in, 2 x 20 in lot B7, 131 in'));
        $this->assertSame(['2 x 20 in (shelf 5)', '60 in', '131 in (shelf 4)'], $again('2 x 20 in, 60 in, 131 in'));
    }

    public function test_a_long_list_is_told_in_few_words(): void
    {
        $blank = new OnHandBlank('onHand', 'what is on hand');
        $fold = fn (string $typed): string => OnHandBlank::folded($blank->read($typed, Units::Inches), Length::yards(10), Units::Inches);
        $this->assertSame('lot T1: 96 in and 4 full rolls', $fold('96 in lot T1, 3 x 10 yd lot T1, 360 in lot T1'));
        $this->assertSame('12 pieces and opened rolls from 10 in to 96 in; lot B: 1 full roll', $fold('96 in, 9 x 20 in, 10 in, 11 in, 10 yd lot B'));
    }
}
