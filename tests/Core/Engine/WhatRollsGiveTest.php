<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Result\Result;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;
use Eris\Generators;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** How many pieces a roll gives, what the rest makes, and how far a run would go on these rolls. */
final class WhatRollsGiveTest extends PlanCase
{
    use RandomTrials;

    public function test_each_material_says_what_a_roll_gives_and_what_the_rest_makes(): void
    {
        $mesh = $this->work(['materials' => [['allowance' => '10 %']], 'parts' => [['length' => '20 in', 'on' => 'row 2']]])->wound[0];
        $this->assertSame(['a roll gives 18 ruffles', 'the rest makes 6 more'], $this->said($mesh->whatRollsGive()));
        $this->assertSame(['360 in / 20 in = 18, and 16 at its safe length of 324 in'], $mesh->aRollGives?->because);
        $this->assertSame(['roll 1: 120 in left, 6 of 20 in'], $mesh->leftoversMake?->because);
        $this->assertSame([18, 6], [$mesh->aRollGives->value, $mesh->leftoversMake->value]);
        $this->assertSame([], $this->work(['materials' => [[], ['name' => 'Gold mesh']]])->wound[1]->whatRollsGive());
    }

    public function test_several_lengths_are_told_apart_and_several_pieces_at_a_tie_are_pieces(): void
    {
        $mesh = $this->work([
            'materials' => [['label' => 'measured']],
            'parts' => [
                ['length' => '22 in', 'on' => 'row 1'],
                ['kind' => 'rolled-bundle', 'material' => ['m1', 'm1'], 'length' => '10 in', 'on' => 'row 2'],
            ],
        ])->wound[0];
        $this->assertSame(
            ['a roll gives 16 ruffles of 22 in or 36 pieces of 10 in', 'the rest makes 15 more of 22 in or 34 more of 10 in'],
            $this->said($mesh->whatRollsGive()),
        );
        $alike = $this->work(['parts' => [['length' => '18 in'], ['kind' => 'second-across', 'length' => '18 in']]])->wound[0];
        $this->assertSame('a roll gives 20 pieces', $alike->aRollGives?->said());
        $none = $this->work(['materials' => [['label' => 'measured', 'roll' => '5 yd']], 'parts' => [['length' => '20 in']]])->wound[0];
        $this->assertSame('the rest makes none', $none->leftoversMake?->said());
    }

    public function test_of_a_run_a_roll_pays_its_tails_and_each_strand_is_counted_by_itself(): void
    {
        $run = fn (array $materials): array => $this->said($this->work([
            'materials' => [['label' => 'measured', 'roll' => '5 yd']],
            'parts' => [['kind' => 'poof-run', 'material' => $materials, 'pitch' => '8 in']],
        ])->wound[0]->whatRollsGive());
        $this->assertSame(['a roll gives 22 poofs'], $run(['m1']));
        $this->assertSame(['a roll gives 22 poofs of one strand'], $run(['m1', 'm1']));
    }

    public function test_a_run_says_how_many_these_rolls_give_and_at_which_pitch_they_just_do(): void
    {
        $result = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '11 in']],
        ]);
        // Two rolls: (180 - 4) / 11 = 16 each at nominal; nine of 17 1/2 in and tails are 161 1/2 of 162 in that are safe.
        $this->assertSame(['32 poofs on these rolls', '17 1/2 in at most on these rolls'], $this->said($result->yields[0]->figures()));
        $this->assertSame(
            'Pitch 17 1/2 in: the longest that opens no roll more, should these come as short as they may',
            $result->yields[0]->length?->because[0],
        );
        $short = $this->work([
            'materials' => [['roll' => '5 yd', 'allowance' => '10 %', 'rolls' => 1]],
            'parts' => [['kind' => 'poof-run', 'pitch' => '11 in']],
        ]);
        $this->assertSame(['16 poofs on these rolls', '8 3/4 in at most on these rolls'], $this->said($short->yields[0]->figures()));
        $byEye = $this->work(['parts' => [['kind' => 'poof-run', 'gauge' => 'by-eye']]]);
        $this->assertStringStartsWith('about ', $byEye->yields[0]->elements->said());
        $this->assertSame([], $this->work()->yields);
    }

    public function test_what_is_said_of_a_run_is_what_comes_out_when_it_is_done(): void
    {
        $this->limitTo($this->trials(60))->forAll(
            Generators::choose(2, 6),
            Generators::choose(32, 114),
            Generators::choose(5, 12),
            Generators::choose(1, 3),
            Generators::elements(0, 20, 40, 70),
        )->then(function (int $perSection, int $eighths, int $yards, int $strands, int $begun): void {
            $work = fn (string $pitch, int $rolls): Result => $this->work([
                'ties' => [['layout' => 'n-a-section', 'perSection' => $perSection]],
                'materials' => [['roll' => "$yards yd", 'allowance' => '5 %', 'rolls' => $rolls] + ($begun === 0 ? [] : ['onHand' => ["$begun in"]])],
                'parts' => [['kind' => 'poof-run', 'material' => array_fill(0, $strands, 'm1'), 'pitch' => $pitch]],
            ]);
            $eighth = fn (int $eighths): string => LengthText::canonical(Length::inches(0, $eighths, 8));
            $now = $work($eighth($eighths), 40);
            [$most, $opened] = [$now->yields[0]->length, count($now->wound[0]->plan->from(Origin::New))];
            $this->assertGreaterThanOrEqual(6 * $perSection, $now->yields[0]->elements->value);
            if ($most === null) {
                return;
            }
            $isEnough = fn (Result $result): bool => ! $result->verdict->short && ! $result->verdict->atRisk;
            $this->assertTrue($isEnough($work((string) $most->value, $opened)));
            $longer = LengthText::canonical(LengthText::read((string) $most->value, null)->plus(Length::inches(0, 1, 8)));
            $this->assertFalse($isEnough($work($longer, $opened)), "$longer would do too");
        });
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<string>
     */
    private function said(array $figures): array
    {
        return array_map(fn (Figure $figure): string => $figure->said(), $figures);
    }
}
