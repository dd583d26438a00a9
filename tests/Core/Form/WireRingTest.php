<?php

declare(strict_types=1);

namespace Tests\Core\Form;

use Davrin\Core\Form\Seat;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

final class WireRingTest extends PlanCase
{
    use RandomTrials;

    public function test_the_everyday_ring_is_14_in_across_with_4_wires_and_6_sections(): void
    {
        $form = $this->plan()->form;
        $this->assertSame([4, 6, 7.0], [$form->frame->wires(), $form->sections->count(), $form->reach()]);
    }

    public function test_a_row_lies_in_the_middle_of_its_wires(): void
    {
        $form = $this->plan()->form;
        $this->assertEqualsWithDelta(6.5, $form->at(Seat::pair(1), 0.0)->out(), 1e-9);
        $this->assertEqualsWithDelta(4.5, $form->at(Seat::pair(3), 11.0)->out(), 1e-9);
        $this->assertEqualsWithDelta(2 * M_PI * 6.5 / 6, $form->sections->length(Seat::pair(1), 1), 1e-9);
    }

    public function test_section_1_begins_at_12_o_clock_and_the_count_goes_clockwise(): void
    {
        $form = $this->plan()->form;
        $start = $form->at(Seat::pair(1), 0.0);
        $this->assertEqualsWithDelta([0.0, -6.5], [$start->x, $start->y], 1e-9);
        $this->assertEqualsWithDelta(60.0, $form->at(Seat::pair(1), $form->sections->start(Seat::pair(1), 2))->outward, 1e-9);
    }

    public function test_a_distance_from_a_crossbar_is_measured_along_the_row_s_own_circle(): void
    {
        $place = $this->plan()->form->at(Seat::pair(1), 1.5);
        $this->assertEqualsWithDelta(13.2, $place->outward, 0.05);
    }

    public function test_the_back_is_the_front_mirrored_left_to_right(): void
    {
        $form = $this->plan()->form;
        $this->limitTo($this->trials(100))->forAll(
            Generators::choose(1, 6),
            Generators::choose(0, 400),
        )->then(function (int $section, int $hundredths) use ($form): void {
            $front = $form->at(Seat::pair(1), $section * 6 + $hundredths / 100);
            $back = $front->fromBehind();
            $this->assertSame([-$front->x, $front->y], [$back->x, $back->y]);
            $this->assertEqualsWithDelta($front->outward, $back->fromBehind()->outward, 1e-9);
        });
    }

    public function test_wire_pairs_are_called_what_makers_call_them(): void
    {
        $four = $this->plan()->form;
        $this->assertSame(
            ['two outer wires', 'two middle wires', 'two inner wires'],
            array_map(fn (int $outer): string => $four->names->of(Seat::pair($outer)), [1, 2, 3]),
        );
        $five = $this->plan(['form' => ['wires' => ['20 in', '18 in', '16 in', '14 in', '12 in']]])->form;
        $this->assertSame('wires 2 and 3', $five->names->of(Seat::pair(2)));
        $two = $this->plan(['form' => ['wires' => ['12 in', '10 in']], 'ties' => [['layout' => 'n-a-section']]])->form;
        $this->assertSame('both wires', $two->names->of(Seat::pair(1)));
    }

    public function test_it_is_told_in_words_for_those_who_cannot_see_it(): void
    {
        $this->assertSame(
            'A wire ring 14 in across with 4 wires, 14 in, 12 in, 10 in, 8 in across from the outside in, joined by 6 crossbars into '
                .'6 sections. Section 1 begins at 12 o\'clock and the count goes clockwise, seen from the front.',
            $this->work()->formWords,
        );
        $this->assertStringContainsString('A wire ring 35.5 cm across', $this->work(['settings' => ['units' => 'centimetres']])->formWords);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'wires inside out' => [['wires' => ['8 in', '10 in', '12 in']], '/form/wires', '10 in cannot follow 8 in'];
        yield 'a wire on a wire' => [['wires' => ['14 in', '14 in', '10 in']], '/form/wires', 'at least 1/4 in smaller'];
        yield 'seven wires' => [
            ['wires' => array_map(fn (int $wire): string => (20 - $wire).' in', range(0, 6))],
            '/form/wires',
            'write 1 to 6 lengths',
        ];
        yield 'no ring at all' => [['wires' => ['0 in', '0 in', '0 in']], '/form/wires', 'Write 1 in to 96 in'];
        yield 'a negative wire' => [['wires' => ['14 in', '12 in', '-10 in']], '/form/wires', 'not one that a wreath is made on'];
        yield 'a ring for a barn' => [['wires' => ['40 ft', '12 in', '10 in']], '/form/wires', 'Write 1 in to 96 in'];
        yield 'no sections' => [['crossbars' => 0], '/form/crossbars', 'between 1 and 24; 0 is not'];
        yield 'negative sections' => [['crossbars' => -6], '/form/crossbars', '-6 is not'];
        yield 'text for a number' => [['crossbars' => 'six'], '/form/crossbars', '"six" is not a whole number'];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('impossible')]
    public function test_a_ring_that_cannot_be_is_refused_at_its_blank(array $form, string $pointer, string $says): void
    {
        $this->assertFault($pointer, $says, fn () => $this->plan(['form' => $form]));
    }

    public function test_a_refusal_speaks_in_the_units_of_the_plan(): void
    {
        $this->assertFault(
            '/form/wires',
            'Write 2.54 cm to 243.84 cm',
            fn () => $this->plan(['form' => ['wires' => ['300 cm', '30 cm', '25 cm']], 'settings' => ['units' => 'centimetres']]),
        );
    }
}
