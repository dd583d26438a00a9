<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Davrin\Core\Result\Advice;
use Tests\Core\PlanCase;

final class StrandsCouldEndSoonerTest extends PlanCase
{
    public function test_where_it_saves_a_roll_the_strands_may_end_sooner(): void
    {
        $advice = $this->advice($this->threeStrands());
        $this->assertSame(
            [
                'Fewer rolls would do.',
                'The strands of Sage mesh end where their rolls end, and each set of rolls leaves its rest. '
                    .'So rolls for $58.50 are bought; ended sooner, for $45.50.',
                'parts.l1',
                ['m1'],
            ],
            [$advice?->title, $advice?->sentence, $advice?->about, $advice?->materials],
        );
        $this->assertSame(
            [
                [
                    'End the strands sooner',
                    'opens 7 rolls; 2 rolls less to buy ($13.00); uses 1152 in, leaves 108 in; about 55 min to make; '
                        .'$0.92 more by length; $13.00 less by what is opened',
                    ['parts.l1.change' => 'sooner'],
                ],
            ],
            array_map(fn ($remedy): array => [$remedy->label, $remedy->effect, $remedy->edit->asData()['set']], $advice->remedies ?? []),
        );
    }

    public function test_the_plan_then_is_proven_best_and_says_no_more(): void
    {
        $result = $this->work($this->threeStrands(['change' => 'sooner']));
        $this->assertSame([7, true], [$result->wound[0]->plan->opened(), $result->wound[0]->plan->isProvenBest()]);
        $this->assertNull($this->advice($this->threeStrands(['change' => 'sooner'])));
        $this->assertContains('cut at tie 29 with the other strands, and begin roll 7 there', $result->wound[0]->used->because);
    }

    public function test_where_pieces_are_short_it_meets_more_of_them(): void
    {
        $plan = $this->threeStrands(mesh: ['rolls' => 8]);
        $this->assertGreaterThan(0, $this->work($plan)->wound[0]->plan->unmetPieces);
        $this->assertSame(
            ['More of them could be made.', 'End the strands sooner'],
            [$this->advice($plan)?->title, $this->advice($plan)?->remedies[0]->label],
        );
        $this->assertSame(0, $this->work($this->threeStrands(['change' => 'sooner'], ['rolls' => 8]))->wound[0]->plan->unmetPieces);
    }

    public function test_nothing_is_said_where_it_saves_none(): void
    {
        $this->assertNull($this->advice($this->threeStrands(['change' => 'alone'])));
        $this->assertNull($this->advice($this->threeStrands(['material' => 'm1'])), 'one strand ends where its roll ends');
        $this->assertNull($this->advice($this->threeStrands(['pitch' => '7 1/4 in'])), 'six rolls are the least');
        $this->assertNull($this->advice([]), 'ruffles are no run');
    }

    /**
     * 48 poofs in three strands, from rolls of 5 yd.
     *
     * @param  array<string, mixed>  $layer
     * @param  array<string, mixed>  $mesh
     * @return array<string, mixed>
     */
    private function threeStrands(array $layer = [], array $mesh = []): array
    {
        return [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 8, 'stem' => 'half']],
            'materials' => [['width' => '6 in', 'roll' => '5 yd', 'label' => 'measured', ...$mesh]],
            'parts' => [['kind' => 'poof-run', 'material' => ['m1', 'm1', 'm1'], 'pitch' => '7 1/2 in', ...$layer]],
        ];
    }

    /** @param  array<string, mixed>  $document */
    private function advice(array $document): ?Advice
    {
        return array_values(
            array_filter($this->work($document)->advice, fn (Advice $advice): bool => $advice->rule === 'sooner'),
        )[0] ?? null;
    }
}
