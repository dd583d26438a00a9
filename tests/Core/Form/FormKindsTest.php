<?php

declare(strict_types=1);

namespace Tests\Core\Form;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Form\Form;
use Davrin\Core\Form\Seat;
use Davrin\Core\Geometry\Polyline;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class FormKindsTest extends PlanCase
{
    use RandomTrials;

    /** @return iterable<string, array{array<string, mixed>}> a form of each kind as it usually is */
    public static function kinds(): iterable
    {
        foreach (array_keys(Craft::standard()->forms) as $kind) {
            yield $kind => [['kind' => $kind]];
        }
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('kinds')]
    public function test_every_kind_of_form_is_tied_and_told_as_it_usually_is(array $form): void
    {
        $result = $this->work(['form' => $form, 'parts' => [['length' => '10 in']]]);
        $this->assertGreaterThan(3, count($result->ties));
        $this->assertStringContainsString('seen from the front', $result->formWords);
        $this->assertCount(count($result->ties), $result->parts[0]->elements);
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('kinds')]
    public function test_sections_are_as_long_together_as_their_row(array $form): void
    {
        $form = $this->form($form);
        foreach ($form->frame->seats() as $seat) {
            $sum = array_sum(
                array_map(fn (int $section): float => $form->sections->length($seat, $section), range(1, $form->sections->count())),
            );
            $this->assertEqualsWithDelta($form->length($seat), $sum, 1e-4, $seat->key());
        }
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('kinds')]
    public function test_steps_along_a_row_add_up_to_its_length(array $form): void
    {
        $form = $this->form($form);
        foreach ($form->frame->seats() as $seat) {
            [$length, $walked] = [$form->length($seat), 0.0];
            for ($step = 0; $step < 600; $step++) {
                [$from, $to] = [$form->at($seat, $length * $step / 600), $form->at($seat, $length * ($step + 1) / 600)];
                $walked += hypot($to->x - $from->x, $to->y - $from->y);
            }
            $this->assertEqualsWithDelta($length, $walked, $length * 0.005, $seat->key());
        }
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('kinds')]
    public function test_inner_wires_lie_inside_and_rows_between_their_wires(array $form): void
    {
        $form = $this->form($form);
        $this->assertSame($form->frame->pairs() !== [], $form->frame->has(Seat::pair(1)));
        foreach ($form->frame->pairs() as $pair) {
            [$outer, $inner] = array_map(Seat::wire(...), $pair->wires());
            $place = $form->at($pair, $form->length($pair) * 0.05);
            $distance = fn (Seat $wire): float => min(array_map(function (int $step) use ($form, $wire, $place): float {
                $at = $form->at($wire, $form->length($wire) * $step / 3000);

                return hypot($at->x - $place->x, $at->y - $place->y);
            }, range(0, 3000)));
            $this->assertEqualsWithDelta($distance($outer), $distance($inner), 0.02, $pair->key());
        }
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('kinds')]
    public function test_counting_the_other_way_or_from_elsewhere_changes_no_count_and_no_place(array $form): void
    {
        $places = fn (array $more): array => $this->places(['form' => $form + $more]);
        $usual = $places([]);
        $other = $places(['direction' => 'anticlockwise']);
        $this->assertCount(count($usual), $other);
        for ($start = 1; $start <= $this->form($form)->starts(); $start++) {
            $this->assertCount(count($usual), $places(['startAt' => $start]));
        }
    }

    public function test_a_ring_that_is_counted_the_other_way_has_the_same_ties_in_mirrored_order(): void
    {
        $usual = $this->places([]);
        $other = $this->places(['form' => ['direction' => 'anticlockwise']]);
        $this->assertSame($usual[0], $other[5]);
        $this->assertSame($usual[1], $other[4]);
        $fromThird = $this->places(['form' => ['startAt' => 3]]);
        $this->assertSame([$usual[2], $usual[5], $usual[0]], [$fromThird[0], $fromThird[3], $fromThird[4]]);
        $this->assertEqualsCanonicalizing($usual, $fromThird);
    }

    public function test_wires_are_called_from_the_outside_or_the_inside_as_the_maker_counts(): void
    {
        $wires = ['wires' => ['20 in', '18 in', '16 in', '14 in', '12 in']];
        $outside = $this->plan(['form' => $wires])->form;
        $inside = $this->plan(['form' => $wires, 'settings' => ['wireCount' => 'inside']])->form;
        $this->assertSame(['wires 2 and 3', 'wire 1'], [$outside->names->of(Seat::pair(2)), $outside->names->of(Seat::wire(1))]);
        $this->assertSame(['wires 3 and 4', 'wire 5'], [$inside->names->of(Seat::pair(2)), $inside->names->of(Seat::wire(1))]);
    }

    public function test_a_weld_out_of_place_makes_one_section_longer_and_its_neighbour_shorter(): void
    {
        $form = $this->form(['welds' => ['3: 1/2 in', '5: out']]);
        $wire = Seat::wire(1);
        $usual = 2 * M_PI * 7 / 6;
        $this->assertEqualsWithDelta(
            [$usual, $usual + 0.5, $usual - 0.5],
            [$form->sections->length($wire, 1), $form->sections->length($wire, 2), $form->sections->length($wire, 3)],
            1e-9,
        );
        $welds = $form->jsonSerialize()['welds'];
        $this->assertCount(24, $welds);
        $this->assertSame([16, 17, 18, 19], array_keys(array_filter($welds, fn (array $weld): bool => $weld['sticksOut'])));
    }

    public function test_a_square_is_a_square_inside_too(): void
    {
        $form = $this->form(['kind' => 'rectangle', 'width' => '16 in', 'height' => '16 in']);
        $this->assertEqualsWithDelta(
            [64.0, 52.0, 40.0],
            array_map(fn (int $wire): float => $form->length(Seat::wire($wire)), [1, 2, 3]),
            1e-9,
        );
        $this->assertSame([8, 8], [$form->sections->count(), $form->frame->crossbars()]);
        $this->assertEqualsWithDelta([8.0, 24.0, 40.0, 56.0], $form->corners(Seat::wire(1)), 1e-4);
        $this->assertEqualsWithDelta(45.0, $form->at(Seat::wire(1), 8.0)->outward, 1e-6);
    }

    public function test_a_heart_is_as_wide_and_high_as_said_and_its_lobes_meet_the_sides_smoothly(): void
    {
        $form = $this->form(['kind' => 'heart', 'width' => '18 in', 'height' => '17 in']);
        $this->assertEqualsWithDelta([18.0, 17.0], [$form->box()->wide(), $form->box()->high()], 0.1);
        $line = $form->jsonSerialize()['wires'][0];
        $this->assertInstanceOf(Polyline::class, $line);
        $turns = [];
        for ($i = 0; $i < 100; $i++) {
            $turns[] = abs(
                fmod(
                    $line->at($line->length() * ($i + 1) / 100)->outward - $line->at($line->length() * $i / 100)->outward + 540.0,
                    360.0,
                ) - 180.0,
            );
        }
        // Only the tip and the notch turn sharply, each seen from before it and from behind it.
        $this->assertLessThanOrEqual(4, count(array_filter($turns, fn (float $turn): bool => $turn > 30)));
    }

    public function test_a_wire_loop_is_as_long_round_as_said(): void
    {
        $form = $this->form(['kind' => 'loop', 'round' => '40 in', 'width' => '4 in']);
        $this->assertEqualsWithDelta(40.0, $form->length(Seat::wire(1)), 1e-6);
        $circle = $this->form(['kind' => 'loop', 'round' => '40 in', 'width' => '12 23/32 in']);
        $this->assertEqualsWithDelta($circle->box()->wide(), $circle->box()->high(), 0.1);
    }

    public function test_a_hook_goes_over_the_top_and_down_and_its_inner_wire_is_shorter(): void
    {
        $form = $this->form(['kind' => 'hook', 'height' => '24 in', 'crook' => '11 in']);
        $this->assertFalse($form->closed());
        $this->assertEqualsWithDelta([11.0, 24.0], [$form->box()->wide(), $form->box()->high()], 0.05);
        $this->assertEqualsWithDelta(3 * M_PI, $form->length(Seat::wire(1)) - $form->length(Seat::wire(3)), 0.05);
        $end = $form->at(Seat::wire(1), $form->length(Seat::wire(1)));
        $this->assertEqualsWithDelta([5.5, 12.0], [$end->x, $end->y], 1e-6);
    }

    public function test_the_crown_of_a_hat_is_covered_and_takes_no_tie(): void
    {
        $result = $this->work(['form' => ['kind' => 'hat'], 'parts' => [['length' => '10 in']]]);
        $this->assertSame(
            ['rim bar'],
            array_values(array_unique(array_map(fn ($tie): string => $result->form->names->of($tie->tie->seat), $result->ties))),
        );
        $this->assertCount(1, $result->form->jsonSerialize()['areas']);
    }

    public function test_a_wheel_has_a_rim_a_hub_and_spokes(): void
    {
        $form = $this->form(['kind' => 'wheel']);
        $this->assertSame(
            ['rim', 'hub', 'spoke 3'],
            [$form->names->of(Seat::wire(1)), $form->names->of(Seat::wire(2)), $form->names->of(Seat::crossbar(3))],
        );
        $this->assertEqualsWithDelta(7.0, $form->length(Seat::crossbar(3)), 1e-3);
        $this->assertFalse($form->frame->has(Seat::pair(1)));
    }

    public function test_the_joints_of_a_loop_take_zip_ties(): void
    {
        $result = $this->work(
            ['form' => ['kind' => 'loop', 'hangers' => 3], 'ties' => [['layout' => 'every-so-far', 'stem' => 'zip-tie']], 'parts' => []],
        );
        $this->assertSame([39, 0], [$this->used($result, 'zip-ties'), $this->used($result, 'stems')]);
        $this->assertContains('zip ties: $3.00 x 39 / 100 = $1.17', $result->cost->byLength->because);
    }

    public function test_the_nearest_place_to_a_point_is_on_the_wires_under_it(): void
    {
        $form = $this->form([]);
        foreach ([[Seat::pair(1), 3.0], [Seat::pair(2), 20.0], [Seat::wire(4), 11.0]] as [$seat, $distance]) {
            $place = $form->at($seat, $distance);
            [$found, $at] = $form->nearest($place->point());
            $this->assertSame($seat->key(), $found->key());
            $this->assertEqualsWithDelta($distance, $at, 0.05);
        }
    }

    public function test_an_outline_of_points_is_scaled_centred_and_followed_clockwise(): void
    {
        $clockwise = $this->form(['kind' => 'outline', 'points' => ['0 0', '2 0', '2 1', '0 1'], 'size' => '20 in', 'count' => 1]);
        $other = $this->form(['kind' => 'outline', 'points' => ['0 0', '0 1', '2 1', '2 0'], 'size' => '20 in', 'count' => 1]);
        $this->assertEqualsWithDelta([60.0, 60.0], [$clockwise->length(Seat::wire(1)), $other->length(Seat::wire(1))], 1e-9);
        $this->assertEquals($clockwise->at(Seat::wire(1), 5.0), $other->at(Seat::wire(1), 5.0));
        $this->assertEqualsWithDelta([-10.0, -5.0], [$clockwise->at(Seat::wire(1), 0.0)->x, $clockwise->at(Seat::wire(1), 0.0)->y], 1e-9);
    }

    public function test_crossbars_part_an_outline_and_an_open_one_has_a_section_more(): void
    {
        $square = ['kind' => 'outline', 'points' => ['0 0', '10 0', '10 10', '0 10'], 'size' => '10 in', 'crossbars' => ['5 in', '25 in']];
        $this->assertSame(2, $this->form($square)->sections->count());
        $this->assertSame(3, $this->form($square + ['closed' => 'open'])->sections->count());
    }

    public function test_any_star_of_points_that_fits_keeps_its_counts_however_it_is_turned(): void
    {
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(3, 9),
            Generators::choose(0, 359),
            Generators::choose(8, 40),
        )->then(function (int $points, int $turn, int $size): void {
            $at = fn (int $from): array => array_map(function (int $i) use ($points, $from): string {
                $angle = deg2rad($from + 360 * $i / $points);

                return sprintf('%.3f %.3f', 10 * sin($angle), -10 * cos($angle));
            }, range(0, $points - 1));
            $plan = fn (int $from): array => [
                'form' => ['kind' => 'outline', 'points' => $at($from), 'size' => "$size in", 'count' => 1],
                'ties' => [['layout' => 'n-a-section', 'perSection' => 7]],
            ];
            $this->assertSame($this->plan($plan(0))->ties->count(), $this->plan($plan($turn))->ties->count());
        });
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'an outline that crosses itself' => [
            ['kind' => 'outline', 'points' => ['0 0', '10 10', '10 0', '0 10']],
            '/form/points',
            'The outline crosses itself: the way from point 1 to 2 meets that from 3 to 4',
        ];
        yield 'an outline without length' => [['kind' => 'outline', 'points' => ['3 3', '3 3', '3 3']], '/form/points', 'has no length'];
        yield 'a closed line' => [['kind' => 'outline', 'points' => ['0 0', '3 3']], '/form/points', 'at least 3 points'];
        yield 'one point' => [['kind' => 'outline', 'points' => ['0 0']], '/form/points', 'write 2 to 240 points'];
        yield 'too many points' => [['kind' => 'outline', 'points' => array_fill(0, 241, '0 0')], '/form/points', 'write 2 to 240 points'];
        yield 'points that are none' => [['kind' => 'outline', 'points' => ['0 0', 'a b', '1 1']], '/form/points', 'write 2 to 240 points'];
        yield 'crossbars beyond the wire' => [['kind' => 'outline', 'crossbars' => ['400 in']], '/form/crossbars', 'the wire is'];
        yield 'crossbars out of order' => [['kind' => 'outline', 'crossbars' => ['9 in', '4 in']], '/form/crossbars', 'in order'];
        yield 'wires inside out' => [
            ['kind' => 'rectangle', 'width' => '4 in', 'count' => 6, 'gap' => '3 in'],
            '/form/gap',
            'find no room inside',
        ];
        yield 'a hook that is all crook' => [['kind' => 'hook', 'height' => '6 in', 'crook' => '11 in'], '/form/height', 'leaves no stick'];
        yield 'a crook full of wires' => [['kind' => 'hook', 'gap' => '4 in'], '/form/gap', 'fill the crook'];
        yield 'a hat wider than its rim' => [['kind' => 'hat', 'crown' => '30 in'], '/form/crown', 'wider than the rim'];
        yield 'a wheel that is all hub' => [['kind' => 'wheel', 'hub' => '18 in'], '/form/hub', 'leaves no room for spokes'];
        yield 'a stick that is a board' => [['kind' => 'stick', 'length' => '10 in', 'width' => '5 in'], '/form/width', 'is a board'];
        yield 'a loop wider than a circle' => [
            ['kind' => 'loop', 'round' => '20 in', 'width' => '10 in'],
            '/form/width',
            'at most 6 1/4 in wide',
        ];
        yield 'a heart that is too low' => [['kind' => 'heart', 'height' => '5 in'], '/form/height', 'is no heart'];
        yield 'a cross that is all arms' => [['kind' => 'cross', 'arms' => '21 in'], '/form/arms', 'leave nothing of a cross'];
        yield 'more crossbars than fit' => [
            ['wires' => ['1 in'], 'crossbars' => 24],
            '/form/crossbars',
            'Sections are at least 1/4 in long',
        ];
        yield 'a weld that is not there' => [['welds' => ['7: 1/2 in']], '/form/welds', 'There is no crossbar 7'];
        yield 'the weld at 12 o\'clock' => [['welds' => ['1: 1/2 in']], '/form/welds', 'Crossbar 1 is the one at 12 o\'clock'];
        yield 'a weld beyond its neighbour' => [['welds' => ['2: 9 in']], '/form/welds', 'beyond its neighbour'];
        yield 'a weld in words' => [['welds' => ['the third']], '/form/welds', 'says nothing of a weld'];
        yield 'a start beyond the crossbars' => [['startAt' => 9], '/form/startAt', 'can begin at 1 to 6'];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('impossible')]
    public function test_a_form_that_cannot_be_is_refused_at_its_blank(array $form, string $pointer, string $says): void
    {
        $this->assertFault($pointer, $says, fn () => $this->plan(['form' => $form, 'parts' => []]));
    }

    /** @param  array<string, mixed>  $form */
    private function form(array $form): Form
    {
        return $this->plan(['form' => $form, 'parts' => []])->form;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    private function places(array $document): array
    {
        return array_map(
            fn ($tie): string => sprintf('%.3f %.3f', round($tie->place->x, 3) + 0.0, round($tie->place->y, 3) + 0.0),
            $this->plan($document + ['parts' => []])->ties->all(),
        );
    }
}
