<?php

namespace Tests\Feature;

use App\Drawing\FormDrawing;
use App\Drawing\Ink;
use App\Drawing\PartDrawing;
use App\Drawing\Path;
use App\Drawing\RollShelf;
use App\Drawing\RollStrip;
use App\Drawing\Side;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Geometry\Circle;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Kind\Mesh;
use Davrin\Core\Material\Wound;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Foundation\Testing\TestCase;

final class DrawingTest extends TestCase
{
    use ReadsPaths;

    public function test_from_the_back_each_tie_stands_where_its_mirror_image_stood(): void
    {
        $plan = $this->plan();
        [$front, $back] = [$this->drawing($plan, Side::Front), $this->drawing($plan, Side::Back)];
        foreach ([1 => 6, 2 => 5, 3 => 4] as $tie => $mirror) {
            $this->assertEqualsWithDelta(
                [$front->ties[$mirror - 1]['x'], $front->ties[$mirror - 1]['y']],
                [$back->ties[$tie - 1]['x'], $back->ties[$tie - 1]['y']],
                0.1,
            );
        }
    }

    public function test_the_drawing_is_to_scale(): void
    {
        $drawing = $this->drawing($this->plan());
        $this->assertEqualsWithDelta(4.5 * Path::SCALE, hypot($drawing->ties[0]['x'], $drawing->ties[0]['y']), 0.1);
        $this->assertSame([7.0, 6.0, 5.0, 4.0], array_map(fn (Circle $wire): float => $wire->radius, $drawing->form['wires']));
        $this->assertSame([11.5, 0.0], [$drawing->box()->right, $drawing->extent->opening]);
    }

    public function test_the_bare_form_is_drawn_as_large_as_it_can_be(): void
    {
        $bare = new FormDrawing($this->plan(), app(Engine::class)->work($this->plan()), Side::Front, mesh: false);
        $this->assertSame([[], 7.0, 18], [$bare->parts, $bare->box()->right, count($bare->ties)]);
    }

    public function test_a_longer_piece_is_drawn_wider_and_a_wider_mesh_farther_out(): void
    {
        $extent = fn (array $layer, string $width): array => $this->extent(
            $this->drawing($this->plan(['materials' => [['width' => $width]], 'parts' => [$layer]]))->parts[0],
        );
        [$short, $long, $wide] = [
            $extent(['on' => 'row 2', 'length' => '12 in'], '10 in'),
            $extent(['on' => 'row 2', 'length' => '20 in'], '10 in'),
            $extent(['on' => 'row 2', 'length' => '12 in'], '14 in'),
        ];
        $this->assertGreaterThan($short[0] * 1.3, $long[0]);
        $this->assertGreaterThan($short[1] + 1.5 * Path::SCALE, $wide[1]);
    }

    public function test_no_ruffle_stands_out_further_than_the_finished_size(): void
    {
        $drawing = $this->drawing($this->plan());
        foreach ($drawing->parts as $layer) {
            $this->assertLessThanOrEqual($drawing->box()->right * Path::SCALE * 1.01, $this->extent($layer)[1] - $layer->elements[0]['y']);
        }
    }

    public function test_a_square_has_its_outline_and_its_opening_drawn_and_mirrored_on_the_back(): void
    {
        $square = app(PlanReader::class)->read(
            [
                'form' => ['kind' => 'rectangle', 'width' => '20 in', 'height' => '16 in'],
                'materials' => [['width' => '6 in', 'roll' => '40 yd']],
                'parts' => [['kind' => 'poof-run', 'pitch' => '12 in']],
            ],
        );
        [$front, $back] = [$this->drawing($square), $this->drawing($square, Side::Back)];
        $this->assertCount(2, $front->outlines());
        $this->assertSame([], $this->drawing($this->plan())->outlines());
        foreach ($front->outlines() as $index => $outline) {
            $mirrored = array_map(fn (array $point): array => [-$point[0], $point[1]], $this->pathPoints($outline));
            $this->assertEqualsWithDelta($mirrored, $this->pathPoints($back->outlines()[$index]), 0.11);
        }
        $outer = $this->pathPoints($front->outlines()[0]);
        $this->assertEqualsWithDelta(
            [$front->box()->left, $front->box()->bottom],
            [min(array_column($outer, 0)) / Path::SCALE, max(array_column($outer, 1)) / Path::SCALE],
            0.05,
        );
    }

    public function test_section_numbers_stand_outside_the_outline(): void
    {
        foreach (['star', 'heart', 'cross', 'rectangle'] as $kind) {
            $drawing = $this->drawing(
                app(PlanReader::class)->read(['form' => ['kind' => $kind], 'materials' => [['roll' => '60 yd']], 'parts' => [[]]]),
            );
            foreach ($drawing->sections() as $section) {
                $this->assertFalse(
                    $drawing->extent->cover->holds(new Point($section['x'] / Path::SCALE, $section['y'] / Path::SCALE)),
                    "$kind, section {$section['number']}",
                );
            }
        }
    }

    public function test_each_piece_is_drawn_in_the_mesh_that_was_dealt_to_its_tie(): void
    {
        $plan = app(PlanReader::class)->read(
            [
                'ties' => [['layout' => 'rows', 'rows' => [12]]],
                'materials' => [['id' => 'a', 'colour' => '#111111'], ['id' => 'b', 'colour' => '#eeeeee']],
                'parts' => [['material' => ['a: 9', 'b: 3'], 'order' => 'by-count', 'painted' => ['2: b']]],
            ],
        );
        $layer = $this->drawing($plan)->parts[0];
        $drawn = [];
        foreach ($layer->elements as $element) {
            $drawn[$element['ties'][0]] = $layer->inks[$element['shape']][0]->fill;
        }
        $this->assertSame(
            array_map(fn (array $meshes): string => $meshes[0]->slip->text('colour'), $plan->parts[0]->on->materialsByTie),
            $drawn,
        );
        $this->assertSame('#eeeeee', $drawn[2]);
    }

    public function test_ties_that_a_warning_stands_on_are_marked(): void
    {
        $seam = app(PlanReader::class)->read(
            [
                'ties' => [['layout' => 'rows', 'rows' => [7]]],
                'materials' => [['id' => 'a'], ['id' => 'b'], ['id' => 'c']],
                'parts' => [['material' => ['a', 'b', 'c'], 'order' => 'in-turn', 'length' => '24 in']],
            ],
        );
        $this->assertSame(
            [1, 7],
            array_column(array_filter($this->drawing($seam)->ties, fn (array $tie): bool => $tie['warned']), 'number'),
        );
        $this->assertSame([], array_filter($this->drawing($this->plan())->ties, fn (array $tie): bool => $tie['warned']));
    }

    public function test_six_layers_on_a_24_in_ring_are_drawn_in_little(): void
    {
        $pavilion = app(PlanFile::class)->read((string) file_get_contents(database_path('demo/pavilion-six-layers.json')));
        $drawing = $this->drawing($pavilion);
        $elements = array_sum(array_map(fn (PartDrawing $layer): int => count($layer->elements), $drawing->parts));
        $shapes = array_sum(array_map(fn (PartDrawing $layer): int => count($layer->shapes), $drawing->parts));
        $this->assertSame(208, $elements);
        $this->assertLessThanOrEqual(16, $shapes);
        // The first tie of each row in a section bears its number, the others are dots.
        $this->assertSame(3 * 8, count(array_filter($drawing->ties, fn (array $tie): bool => $tie['numbered'])));
        $this->assertTrue($drawing->ties[0]['numbered']);
    }

    public function test_what_no_roll_is_left_for_is_drawn_as_missing(): void
    {
        $layers = $this->drawing($this->plan(['materials' => [['rolls' => 1]], 'parts' => [['length' => '22 in']]]))->parts;
        $missing = array_merge(
            ...array_map(
                fn (PartDrawing $layer): array => array_filter($layer->elements, fn (array $element): bool => $element['missing']),
                $layers,
            ),
        );
        $this->assertSame([[17], [18]], array_values(array_column($missing, 'ties')));
    }

    public function test_equal_rolls_fold_into_one_strip(): void
    {
        $plan = $this->plan(['materials' => [['roll' => '57 in', 'label' => 'measured']], 'parts' => [['on' => 'every tie']]]);
        $strips = $this->shelf($plan)->strips['m1'];
        $this->assertCount(1, $strips);
        $this->assertSame(['rolls 1 to 6', [1, 2, 3, 4, 5, 6]], [$strips[0]->name(), $strips[0]->numbers]);
    }

    public function test_rolls_that_are_cut_alike_but_leave_different_rests_stay_apart(): void
    {
        $lefts = fn (array $mesh): array => array_map(
            fn (RollStrip $strip): array => [$strip->name(), $strip->left],
            $this->shelf($this->plan(['materials' => [$mesh + ['label' => 'measured']]]))->strips['m1'],
        );
        $this->assertSame([['roll 1', '4 in'], ['roll 2', '189 in']], $lefts(['onHand' => ['175 in']]));
        $this->assertSame(
            [['roll 1', '9 in'], ['roll 2', '9 in']],
            $lefts(['onHand' => ['180 in lot B', '180 in lot C'], 'lots' => 'mixed']),
        );
        $this->assertSame([['rolls 1 to 2', '9 in']], $lefts(['onHand' => ['180 in', '180 in']]));
    }

    public function test_a_roll_is_drawn_to_scale_cut_by_cut_with_the_rest_on_its_core(): void
    {
        $plan = $this->plan(['materials' => [['label' => 'measured']], 'parts' => [['length' => '18 in']]]);
        [$strip] = $this->shelf($plan)->strips['m1'];
        $this->assertCount(18, $strip->cuts);
        $this->assertEqualsWithDelta(RollShelf::WIDTH * 18 / 360, $strip->cuts[0]['width'], 0.01);
        $this->assertEqualsWithDelta(RollShelf::WIDTH * 324 / 360, $strip->end, 0.01);
        $this->assertSame(['36 in', '324 in'], [$strip->left, $strip->used]);
        $this->assertGreaterThan(0, $strip->coil);
    }

    public function test_numbers_on_narrow_cuts_do_not_lie_on_each_other_and_the_first_always_stands(): void
    {
        foreach (['18 in' => 18, '9 in' => 9, '4 in' => 5] as $length => $atLeast) {
            $plan = $this->plan(['materials' => [['label' => 'measured']], 'parts' => [['length' => $length]]]);
            $numbered = array_values(array_filter($this->shelf($plan)->strips['m1'][0]->cuts, fn (array $cut): bool => $cut['numbered']));
            $this->assertGreaterThanOrEqual($atLeast, count($numbered), $length);
            $this->assertSame(1, $numbered[0]['tie']);
            $this->assertApart($numbered);
        }
        $many = $this->plan(
            [
                'form' => ['wires' => ['40 in', '38 in']],
                'ties' => [['layout' => 'n-a-section', 'perSection' => 20]],
                'materials' => [['roll' => '100 yd']],
                'parts' => [['length' => '9 in']],
            ],
        );
        $numbered = array_values(array_filter($this->shelf($many)->strips['m1'][0]->cuts, fn (array $cut): bool => $cut['numbered']));
        $this->assertGreaterThan(99, $numbered[count($numbered) - 1]['tie']);
        $this->assertApart($numbered);
    }

    /** @param  list<array<string, mixed>>  $numbered */
    private function assertApart(array $numbered): void
    {
        foreach (array_slice($numbered, 1) as $index => $cut) {
            $before = $numbered[$index];
            $room = 7.25 * (max(2, strlen((string) $cut['tie'])) + max(2, strlen((string) $before['tie']))) / 2;
            $this->assertGreaterThanOrEqual($room, $cut['x'] + $cut['width'] / 2 - $before['x'] - $before['width'] / 2 + 1e-6);
        }
    }

    public function test_narrow_mesh_is_drawn_narrow(): void
    {
        $plan = $this->plan(
            [
                'materials' => [['width' => '10 in'], ['width' => '5 in']],
                'parts' => [['material' => 'm1', 'on' => 'row 1'], ['material' => 'm2', 'on' => 'row 2']],
            ],
        );
        $heights = array_map(fn (array $strips): float => $strips[0]->height, $this->shelf($plan)->strips);
        $this->assertGreaterThan($heights['m2'], $heights['m1']);
    }

    public function test_a_run_shows_where_it_changes_rolls(): void
    {
        $plan = $this->plan(
            [
                'ties' => [['layout' => 'n-a-section']],
                'materials' => [['roll' => '5 yd', 'label' => 'measured']],
                'parts' => [['kind' => 'poof-run']],
            ],
        );
        $this->assertSame(
            [20],
            array_column(array_filter($this->drawing($plan)->ties, fn (array $tie): bool => $tie['changes']), 'number'),
        );
        $changes = array_map(fn (RollStrip $strip): ?int => $strip->change?->tie, $this->shelf($plan)->strips['m1']);
        $this->assertSame([20, null], $changes);
    }

    public function test_numbers_read_on_any_colour_of_mesh(): void
    {
        foreach (['#000000', '#ffffff', '#1d6a6b', '#e0b350', '#7f7f7f', '#d39a2d', '#b3261e', '#00ff00', '#0000ff'] as $colour) {
            $ink = Ink::of(new Wound('m', new Mesh, $this->plan(['materials' => [['colour' => $colour]]])->wound()[0]->slip), 'm');
            $this->assertGreaterThanOrEqual(4.5, $this->contrast($ink->text, $colour), $colour);
        }
    }

    public function test_a_curve_goes_through_its_points(): void
    {
        $this->assertSame(
            'M0 0c3.3 0 13.3 -3.3 20 0 6.7 3.3 16.7 16.7 20 20',
            Path::smooth(Point::list([[0.0, 0.0], [1.0, 0.0], [2.0, 1.0]]), closed: false),
        );
    }

    /** @param  array<string, mixed>  $document */
    private function plan(array $document = []): Plan
    {
        return app(PlanReader::class)->read($document + ['materials' => [[]], 'parts' => [[]]]);
    }

    private function drawing(Plan $plan, Side $side = Side::Front): FormDrawing
    {
        return new FormDrawing($plan, app(Engine::class)->work($plan), $side);
    }

    private function shelf(Plan $plan): RollShelf
    {
        return new RollShelf($plan, app(Engine::class)->work($plan));
    }

    /** @return array{float, float} the farthest to the side, and the farthest outward, in drawing units, of a layer's first shape */
    private function extent(PartDrawing $layer): array
    {
        $outline = $this->outline($layer->shapes[0]);
        [$sideways, $out] = [
            array_map(abs(...), array_column($outline, 0)),
            array_map(fn (float $y): float => -$y, array_column($outline, 1)),
        ];

        return [max($sideways), max($out)];
    }

    /** WCAG 2.2 contrast ratio. */
    private function contrast(string $one, string $other): float
    {
        $luminance = function (string $colour): float {
            $parts = array_map(fn (string $hex): float => hexdec($hex) / 255, str_split(substr($colour, 1), 2));
            [$r, $g, $b] = array_map(
                fn (float $part): float => $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4,
                $parts,
            );

            return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
        };
        $pair = [$luminance($one), $luminance($other)];

        return (max($pair) + 0.05) / (min($pair) + 0.05);
    }
}
