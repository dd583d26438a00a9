<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Result;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Size, opening, depth and fullness, each with how it comes about, and what is said of them. */
final class EstimatesTest extends PlanCase
{
    public function test_ruffles_on_the_everyday_ring_are_99_square_inches_an_inch_and_usual(): void
    {
        $fullness = $this->work(['materials' => [['label' => 'measured']]])->fullness;
        $this->assertSame(
            ['99.0', 'usual', 'fullness 99.0, usual'],
            [$fullness->figure->value, $fullness->verdict, $fullness->figure->shown],
        );
        $this->assertSame(
            [
                'ruffles: 342 in x 10 in wide',
                'along 34 1/2 in: 99.0 sq in of mesh per inch of form',
                'thin below 85, very full above 130 (starting guesses)',
            ],
            $fullness->figure->because,
        );
    }

    #[TestWith(['16 in', 'thin'])]
    #[TestWith(['16 3/8 in', 'usual'])]
    #[TestWith(['24 7/8 in', 'usual'])]
    #[TestWith(['25 in', 'very full'])]
    public function test_its_bounds_are_85_and_130(string $length, string $verdict): void
    {
        // 18 pieces x 10 in along pi x 11 in: 16.32 in make 85, 24.96 in make 130.
        $this->assertSame(
            $verdict,
            $this->work(['materials' => [['roll' => '40 yd']], 'parts' => [['length' => $length]]])->fullness->verdict,
        );
    }

    #[TestWith(['see-through', '84.1'])]
    #[TestWith(['full-bodied', '113.8'])]
    #[TestWith(['plain', '99.0'])]
    public function test_thin_mesh_counts_for_less_and_full_bodied_for_more(string $body, string $perInch): void
    {
        $this->assertSame($perInch, $this->work(['materials' => [['body' => $body]]])->fullness->figure->value);
    }

    public function test_only_the_sections_that_are_filled_count(): void
    {
        $half = $this->work(['parts' => [['on' => 'sections 1 to 3']]])->fullness;
        $this->assertSame('99.0', $half->figure->value);
        $this->assertSame('along 17 1/4 in: 99.0 sq in of mesh per inch of form', $half->figure->because[1]);
    }

    public function test_the_line_lies_midway_between_the_wires_that_are_used(): void
    {
        // On the two inner wires it is pi x 9 in.
        $this->assertSame(number_format(6 * 190 / (M_PI * 9), 1), $this->work(['parts' => [['on' => 'row 1']]])->fullness->figure->value);
    }

    public function test_layers_of_other_techniques_count_as_parts_of_their_own_bounds(): void
    {
        // Ruffles of 55.0 and bundles of 69.5 to the inch: 0.65 of the one bound and 0.66 of the other are enough together.
        $mixed = $this->work([
            'ties' => [
                ['layout' => 'inner-mid-two-outer'],
                ['layout' => 'n-a-section', 'perSection' => 2, 'pair' => '2-3', 'stem' => 'half'],
            ],
            'materials' => [['roll' => '40 yd'], ['width' => '5 in', 'roll' => '40 yd']],
            'parts' => [
                ['material' => 'm1', 'length' => '10 1/2 in'],
                ['kind' => 'starburst', 'material' => ['m2: 4'], 'ties' => 't2', 'length' => '10 in'],
            ],
        ]);
        $this->assertSame('usual', $mixed->fullness->verdict);
        $this->assertSame(['thin', 'thin'], array_map(fn ($layer): ?string => $layer->fullness->verdict, $mixed->parts));
        $this->assertStringStartsWith('mixed as they are, thin below ', $mixed->fullness->figure->because[3]);
    }

    public function test_in_centimetres_it_is_told_in_square_centimetres(): void
    {
        $this->assertSame('fullness 251.4, usual', $this->work(['settings' => ['units' => 'centimetres']])->fullness->figure->shown);
    }

    public function test_thin_mesh_is_said_at_its_sentence_with_what_makes_it_enough(): void
    {
        $advice = $this->said(
            $this->work(['materials' => [['roll' => '10 yd', 'label' => 'measured']], 'parts' => [['length' => '14 in']]]),
            'thin',
        );
        $this->assertSame(['parts.l1', ['parts.l1.length' => '16 3/8 in']], [$advice->about, $advice->remedies[0]->edit->asData()['set']]);
        $this->assertSame('uses 294 3/4 in, leaves 65 1/4 in; fullness 85.3, usual; $0.77 more by length', $advice->remedies[0]->effect);
    }

    public function test_a_longer_piece_is_not_offered_where_the_rolls_would_run_short(): void
    {
        $this->assertSame(
            [],
            $this->said(
                $this->work(['materials' => [['roll' => '7 yd', 'label' => 'measured', 'rolls' => 1]], 'parts' => [['length' => '14 in']]]),
                'thin',
            )->remedies,
        );
    }

    #[TestWith([8, ['2 strands together', '13 ties a section']])]
    #[TestWith([12, ['Pitch 9 5/8 in', '13 ties a section']])]
    public function test_a_run_that_is_thin_is_mended_by_pitch_strands_or_ties(int $perSection, array $labels): void
    {
        $run = [
            'ties' => [['layout' => 'n-a-section', 'perSection' => $perSection, 'pair' => '2-3']],
            'materials' => [['width' => '6 in', 'roll' => '40 yd']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '9 in']],
        ];
        $remedies = $this->said($this->work($run), 'thin')->remedies;
        $this->assertSame($labels, array_map(fn ($remedy): string => $remedy->label, $remedies));
        foreach ($remedies as $remedy) {
            $this->assertStringContainsString('usual', $remedy->effect);
        }
    }

    public function test_where_three_strands_are_not_enough_their_pitch_is_longer_too(): void
    {
        $run = [
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4, 'pair' => '2-3']],
            'materials' => [['width' => '6 in', 'roll' => '40 yd']],
            'parts' => [['kind' => 'poof-run', 'pitch' => '9 in']],
        ];
        $remedy = $this->said($this->work($run), 'thin')->remedies[0];
        $this->assertSame(
            ['3 strands together, pitch 9 5/8 in', ['parts.l1.material' => 'm1 + m1 + m1', 'parts.l1.pitch' => '9 5/8 in']],
            [$remedy->label, $remedy->edit->asData()['set']],
        );
    }

    public function test_what_no_single_change_mends_says_so(): void
    {
        $advice = $this->said($this->work(['parts' => [['length' => '4 in']]]), 'thin');
        $this->assertSame([], $advice->remedies);
        $this->assertStringContainsString('it takes 4.1 times this much mesh. Put another layer on it', $advice->sentence);
    }

    public function test_a_layer_too_many_can_be_left_out(): void
    {
        $advice = $this->said($this->work(['materials' => [['roll' => '40 yd']], 'parts' => [['id' => 'a'], ['id' => 'b']]]), 'very-full');
        $remedy = $advice->remedies[count($advice->remedies) - 1];
        $this->assertSame(['Leave these ruffles out', ['do' => 'remove-part', 'id' => 'b']], [$remedy->label, $remedy->edit->asData()]);
        $this->assertStringContainsString('fullness 99.0, usual', $remedy->effect);
    }

    public function test_six_layers_of_everything_are_said_to_be_too_much(): void
    {
        $advice = $this->said(
            $this->work(
                ['materials' => [['roll' => '40 yd']], 'parts' => array_map(fn (int $layer): array => ['id' => "l$layer"], range(1, 6))],
            ),
            'very-full',
        );
        $this->assertSame('parts.l6', $advice->about);
        $this->assertStringContainsString('6 layers, 593.8 sq in of mesh per inch of form', $advice->sentence);
    }

    public function test_very_full_is_mended_by_shorter_pieces(): void
    {
        $advice = $this->said($this->work(['materials' => [['roll' => '40 yd']], 'parts' => [['length' => '26 in']]]), 'very-full');
        $this->assertSame(['parts.l1.length' => '24 7/8 in'], $advice->remedies[0]->edit->asData()['set']);
    }

    #[TestWith(['ruffle', 5.0])]
    #[TestWith(['pancake', 3.0])]
    #[TestWith(['wrapped-strips', 3.0])]
    public function test_how_deep_it_stands(string $technique, float $deep): void
    {
        $this->assertSame($deep, $this->plan(['parts' => [['kind' => $technique]]])->parts[0]->size->depth);
    }

    public function test_a_bubble_is_as_high_as_a_part_of_its_pitch(): void
    {
        $this->assertEqualsWithDelta(
            0.42 * 12 + 1,
            $this->plan(['parts' => [['kind' => 'poof-run', 'pitch' => '12 in']]])->parts[0]->size->depth,
            1e-9,
        );
    }

    public function test_a_further_layer_on_the_same_ties_makes_it_deeper(): void
    {
        $depth = $this->work(['parts' => [['length' => '8 in'], ['kind' => 'second-across', 'length' => '8 in']]])->tally->depth;
        $this->assertSame(
            ['6 in', ['pieces across: about 6 in, on top of the first', '2 layers on one tie: 1/2 in more']],
            [$depth->value, $depth->because],
        );
    }

    public function test_what_is_too_deep_for_a_storm_door_can_be_made_flatter(): void
    {
        $room = fn (string $room, string $technique = 'ruffle'): Result => $this->work(
            ['materials' => [['roll' => '20 yd']], 'parts' => [['kind' => $technique]], 'settings' => ['room' => $room]],
        );
        $advice = $this->said($room('3 1/2 in'), 'too-deep');
        $this->assertStringContainsString('It stands about 5 in deep, and has 3 1/2 in of room', $advice->sentence);
        $this->assertSame(
            ['Make it pancakes', ['parts.l1.kind' => 'pancake']],
            [$advice->remedies[0]->label, $advice->remedies[0]->edit->asData()['set']],
        );
        foreach ([$room('5 in'), $room('any room'), $room('3 in', 'pancake')] as $fits) {
            $this->assertNotContains('too-deep', array_column($fits->advice, 'rule'));
        }
        $this->assertSame([], $this->said($room('2 in'), 'too-deep')->remedies);
    }

    public function test_a_drape_hangs_below_the_form(): void
    {
        $tally = $this->work(
            [
                'ties' => [['layout' => 'n-a-section', 'perSection' => 1, 'pair' => '1-2']],
                'parts' => [['kind' => 'gathered-drape', 'length' => '24 in', 'on' => 'ties 3']],
            ],
        )->tally;
        // Tie 3 is 5.6 in below the middle and 3.25 to the right; half of 24 in hangs from it, 5.4 in wide to each side.
        $this->assertSame(['wide and high', 'about 16 in x 25 in'], [$tally->across->label, $tally->across->shown]);
    }

    public function test_each_layer_has_its_own_size(): void
    {
        $layers = $this->work(['parts' => [['on' => 'row 1'], ['on' => 'row 2']]])->parts;
        $this->assertSame(['about 19 in', 'about 23 in'], array_map(fn ($layer): string => $layer->across->shown, $layers));
        $this->assertSame(['closed', 'about 3 in'], array_map(fn ($layer): string => $layer->opening->shown, $layers));
    }

    private function said(Result $result, string $rule): Advice
    {
        $said = array_values(array_filter($result->advice, fn (Advice $advice): bool => $advice->rule === $rule));
        $this->assertNotSame([], $said, "Nothing is said of $rule.");

        return $said[0];
    }

    public function test_a_bare_default_ring_has_an_opening_of_8_in(): void
    {
        $this->assertSame(
            ['8 in', 'about 8 in'],
            [$this->work(['parts' => []])->tally->opening->value, $this->work(['parts' => []])->tally->opening->shown],
        );
        $this->assertSame('none', $this->work(['form' => ['kind' => 'stick'], 'parts' => []])->tally->opening->shown);
    }

    public function test_a_hat_that_is_all_wound_has_no_ties_no_stems_and_no_tie_on_its_roll(): void
    {
        $result = $this->work(['form' => ['kind' => 'hat'], 'ties' => [], 'parts' => [['kind' => 'wound-cover']]]);
        $this->assertSame(
            [0, 0, 'none', [null, null]],
            [
                $result->tally->ties->value,
                $this->used($result, 'stems'),
                $result->tally->opening->shown,
                array_map(fn ($segment): ?int => $segment->tie, $result->wound[0]->plan->rolls[0]->segments),
            ],
        );
        $this->assertSame(
            'ties 0.0 + cuts 0.2 + making and attaching 12.0 + fluffing 11.0 + hanger and back 4.0 min (starting guesses)',
            $result->tally->minutes->because[0],
        );
        $this->assertFault('/parts/0', 'stands on ties, and the form has none', fn () => $this->plan(['ties' => []]));
    }
}
