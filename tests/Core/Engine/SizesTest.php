<?php

declare(strict_types=1);

namespace Tests\Core\Engine;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Size, opening and fullness where an element is not on the rows of a plain ring. */
final class SizesTest extends PlanCase
{
    #[TestWith(['10 in', 'about 23 in', 'about 3 in'])]
    #[TestWith(['6 in', 'about 19 in', 'about 7 in'])]
    public function test_anchors_on_the_crossbars_reach_from_the_wires_they_are_tied_to(string $width, string $across, string $opening): void
    {
        $tally = $this->work([
            'ties' => [['layout' => 'each-crossbar', 'pair' => '1-2']],
            'materials' => [['width' => $width]],
            'parts' => [['length' => '12 1/2 in']],
        ])->tally;
        $this->assertSame([$across, $opening], [$tally->across->shown, $tally->opening->shown]);
    }

    #[TestWith(['rolled-bundle', '10 in', 'about 1 in', '1 in'])]
    #[TestWith(['starburst', '10 in', 'closed', '0 in'])]
    #[TestWith(['rolled-bundle', '6 in', 'about 5 in', '5 in'])]
    #[TestWith(['starburst', '6 in', 'about 1 3/8 in', '1 3/8 in'])]
    public function test_bundles_on_the_middle_wires_leave_an_opening(string $kind, string $width, string $shown, string $value): void
    {
        $opening = $this->work([
            'ties' => [['layout' => 'n-a-section', 'perSection' => 6, 'pair' => '2-3']],
            'materials' => [['width' => $width]],
            'parts' => [['kind' => $kind, 'material' => ['m1', 'm1', 'm1'], 'length' => '8 in']],
        ])->tally->opening;
        $this->assertSame([$shown, $value], [$opening->shown, $opening->value]);
    }

    public function test_what_is_tied_round_a_crossbar_reaches_from_where_it_is_tied(): void
    {
        $tally = $this->work([
            'ties' => [['layout' => 'free', 'spots' => ['crossbar 1: 1 in', 'crossbar 3: 2 in']]],
            'materials' => [['width' => '6 in']],
            'parts' => [['length' => '8 in']],
        ])->tally;
        $this->assertStringContainsString('stands 6 in from the middle', $tally->across->because[0]);
        $this->assertSame(['about 18 in', 'about 4 in'], [$tally->across->shown, $tally->opening->shown]);
    }

    public function test_a_wheel_has_no_opening_and_may_be_the_widest_itself(): void
    {
        $tally = $this->work(['form' => ['kind' => 'wheel'], 'materials' => [['width' => '6 in']], 'parts' => [['length' => '8 in']]])->tally;
        $this->assertSame(['none', ['the hub and its spokes fill it']], [$tally->opening->shown, $tally->opening->because]);
        $this->assertSame('the form itself reaches farther: about 18 in', $tally->across->because[1]);
    }

    #[TestWith(['rectangle', '10 in', '14 in x 14 in', '4 1/4 in more to the left, to the right, above and below', 'about 23 in x 23 in'])]
    #[TestWith(['stick', '6 in', '1 1/2 in x 36 in', '3 in more to the left and to the right and 2 in more above and below', 'about 8 in x 40 in'])]
    public function test_the_reason_of_a_form_that_is_not_round_adds_up(string $form, string $width, string $size, string $more, string $shown): void
    {
        $across = $this->work(['form' => ['kind' => $form], 'materials' => [['width' => $width]], 'parts' => [['length' => '12 in']]])->tally->across;
        $this->assertSame($shown, $across->shown);
        $this->assertSame("the form is $size", $across->because[1]);
        $this->assertSame("with what is on it $more", $across->because[2]);
        $this->assertStringNotContainsString('-', implode(' ', $across->because));
    }

    public function test_what_hangs_down_is_told_in_the_length_of_a_swag(): void
    {
        $across = $this->work([
            'form' => ['kind' => 'stick'],
            'materials' => [['width' => '21 in']],
            'parts' => [['kind' => 'gathered-drape', 'length' => '24 in']],
        ])->tally->across;
        $this->assertStringContainsString('hangs about 12 in below it', $across->because[0]);
        $this->assertStringContainsString('11 in more below', $across->because[2]);
    }

    public function test_both_sides_of_a_spine_bear_half_as_much_again(): void
    {
        $bounds = fn (string $form): string => $this->work(['form' => ['kind' => $form], 'parts' => [['kind' => 'rolled-bundle']]])
            ->fullness->figure->because[2];
        $this->assertSame('thin below 105, very full above 300 (starting guesses)', $bounds('stick'));
        $this->assertSame($bounds('stick'), $bounds('loop'));
        $this->assertSame('thin below 105, very full above 200 (starting guesses)', $bounds('ring'));
    }

    public function test_tails_are_tucked_away_and_do_not_fill(): void
    {
        $fullness = fn (string $tail): string => $this->work([
            'ties' => [['layout' => 'n-a-section', 'perSection' => 4]],
            'parts' => [['kind' => 'poof-run', 'pitch' => '10 in', 'startTail' => $tail, 'endTail' => $tail]],
        ])->fullness->figure->shown;
        $this->assertSame($fullness('2 in'), $fullness('6 in'));
    }
}
