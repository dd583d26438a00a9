<?php

namespace Tests\Feature;

use App\Drawing\FormDrawing;
use App\Drawing\Shape;
use App\Drawing\Side;
use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Plan\PlanReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** How elements look: each is drawn from what is written of it, and is told from every other. */
final class ElementShapesTest extends FeatureCase
{
    use ReadsPaths;

    /** @return iterable<string, array{string}> */
    public static function techniques(): iterable
    {
        foreach (Craft::standard()->parts as $key => $kind) {
            if (! $kind instanceof OwnWork) {
                yield $key => [$key];
            }
        }
    }

    #[DataProvider('techniques')]
    public function test_every_technique_is_drawn_the_same_each_time(string $technique): void
    {
        $this->assertNotSame([], $this->outline($this->shape($technique)));
        $this->assertEquals($this->shape($technique), $this->shape($technique));
    }

    /**
     * At 120 px, on a grid of 24 x 24, a tenth of the squares at least are covered by one and not by the other, or they
     * differ as much in the number of their outlines.
     */
    public function test_no_two_techniques_look_alike(): void
    {
        $looks = array_map(
            fn (array $case): array => [
                $this->squares($this->shape($case[0])),
                count($this->shape($case[0])->patches),
                $this->lines($this->shape($case[0])),
            ],
            iterator_to_array(self::techniques()),
        );
        foreach ($looks as $one => [$squares, $patches, $lines]) {
            foreach ($looks as $other => [$others, $otherPatches, $otherLines]) {
                if ($one < $other) {
                    $differ = count(array_diff($squares, $others)) + count(array_diff($others, $squares));
                    $this->assertTrue(
                        $differ > 0.1 * count(array_unique([...$squares, ...$others]))
                            || $patches !== $otherPatches
                            || abs($lines - $otherLines) > 4,
                        "$one and $other",
                    );
                }
            }
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, string}> */
    public static function parameters(): iterable
    {
        yield 'a longer ruffle is wider' => ['ruffle', ['length' => '14 in'], ['length' => '20 in'], 'wider'];
        yield 'a longer folded ruffle is wider' => ['folded-ruffle', ['length' => '14 in'], ['length' => '20 in'], 'wider'];
        yield 'a deeper fold is another hem' => ['folded-ruffle', ['fold' => '1/2 in'], ['fold' => '2 in'], 'other'];
        yield 'a longer overlapped ruffle is wider' => ['overlapped-ruffle', ['length' => '14 in'], ['length' => '22 in'], 'wider'];
        yield 'a larger overlap covers more of the middle' => ['overlapped-ruffle', ['overlap' => '0 in'], ['overlap' => '5 in'], 'other'];
        yield 'more turns leave less wing' => ['curled-ruffle', ['turns' => 3], ['turns' => 1], 'wider'];
        yield 'a thicker curl is another' => ['curled-ruffle', ['curl' => '1/4 in'], ['curl' => '3/4 in'], 'other'];
        yield 'a longer crossed piece is wider' => ['crossed-curled-ruffles', ['length' => '10 in'], ['length' => '14 in'], 'wider'];
        yield 'longer tails reach further' => ['ribbon-tails', ['lengths' => ['8 in']], ['lengths' => ['14 in']], 'higher'];
        yield 'a deeper dovetail is another end' => ['ribbon-tails', ['depth' => '1/4 in'], ['depth' => '1 1/2 in'], 'other'];
        yield 'a looped top is another' => ['ribbon-sets', ['topLoop' => 'not looped'], ['topLoop' => '2 in'], 'other'];
        yield 'a longer pancake is wider' => ['pancake', ['length' => '20 in'], ['length' => '30 in'], 'wider'];
        yield 'a longer second piece is higher' => ['second-across', ['length' => '12 in'], ['length' => '20 in'], 'higher'];
        yield 'a longer pitch puffs out' => ['poof-run', ['pitch' => '6 in'], ['pitch' => '12 in'], 'wider'];
        yield 'a tighter tube is thinner' => ['rolled-bundle', ['curl' => '1/2 in'], ['curl' => '1 1/2 in'], 'wider'];
        yield 'a longer piece is rolled in more turns' => ['rolled-bundle', ['length' => '6 in'], ['length' => '10 in'], 'other'];
        yield 'a longer spike is higher' => ['diagonal-bundle', ['length' => '6 in'], ['length' => '12 in'], 'higher'];
        yield 'a thicker spike' => ['diagonal-bundle', ['curl' => '1/2 in'], ['curl' => '1 1/2 in'], 'other'];
        yield 'a starburst of more pieces is another' => ['starburst', ['material' => ['a: 3']], ['material' => ['a: 5']], 'other'];
        yield 'a longer starburst is higher' => ['starburst', ['length' => '6 in'], ['length' => '10 in'], 'higher'];
        yield 'higher loops are higher' => ['pulled-loops', ['height' => '2 in'], ['height' => '4 in'], 'higher'];
        yield 'a higher rise is broader' => ['pushed-ruffles', ['rise' => '1 in'], ['rise' => '2 in'], 'wider'];
        yield 'a longer step is broader' => ['pushed-ruffles', ['step' => '1/2 in'], ['step' => '2 in'], 'wider'];
        yield 'a looser strip swells' => ['wrapped-strips', ['length' => '12 in'], ['length' => '20 in'], 'higher'];
        yield 'a longer drape hangs lower' => ['gathered-drape', ['length' => '16 in'], ['length' => '30 in'], 'higher'];
        yield 'more strands are more lines' => ['strand-bunch', ['strands' => 4], ['strands' => 16], 'other'];
        yield 'longer strands go farther' => ['strand-bunch', ['length' => '10 in'], ['length' => '18 in'], 'wider'];
        yield 'a narrower strip takes more turns' => ['wound-cover', ['strip' => '5 in'], ['strip' => '2 in'], 'other'];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    #[DataProvider('parameters')]
    public function test_what_is_written_changes_the_drawing(string $technique, array $one, array $other, string $how): void
    {
        [$before, $after] = [$this->shape($technique, $one), $this->shape($technique, $other)];
        match ($how) {
            'wider' => $this->assertGreaterThan($this->extentOf($before)[0] * 1.02, $this->extentOf($after)[0]),
            'higher' => $this->assertGreaterThan($this->extentOf($before)[1] * 1.02, $this->extentOf($after)[1]),
            default => $this->assertNotEquals($before, $after),
        };
    }

    #[TestWith(['ruffle'])]
    #[TestWith(['folded-ruffle'])]
    #[TestWith(['overlapped-ruffle'])]
    #[TestWith(['curled-ruffle'])]
    #[TestWith(['crossed-curled-ruffles'])]
    #[TestWith(['pancake'])]
    #[TestWith(['poof-run'])]
    #[TestWith(['rolled-bundle'])]
    #[TestWith(['diagonal-bundle'])]
    #[TestWith(['pushed-ruffles'])]
    public function test_wider_mesh_is_drawn_larger(string $technique): void
    {
        [$narrow, $wide] = [
            $this->extentOf($this->shape($technique, mesh: ['width' => '6 in'])),
            $this->extentOf($this->shape($technique, mesh: ['width' => '10 in'])),
        ];
        $this->assertGreaterThan($narrow[1] * 1.2, $wide[1]);
    }

    public function test_each_mesh_of_a_bundle_is_a_patch_of_its_own(): void
    {
        $meshes = ['a: 2', 'b: 1'];
        $this->assertSame(
            [0, 1, 2],
            array_values(
                array_unique(array_map(fn ($patch): int => $patch->piece, $this->shape('rolled-bundle', ['material' => $meshes])->patches)),
            ),
        );
    }

    public function test_a_bubble_is_gathered_at_both_its_ties_and_stands_as_far_out_as_it_reaches(): void
    {
        foreach ([['width' => '6 in'], ['width' => '10 in'], ['width' => '21 in']] as $mesh) {
            $points = $this->outline($this->shape('poof-run', mesh: $mesh));
            $nearest = fn (float $x): float => min(array_map(fn (array $point): float => hypot($point[0] - $x, $point[1]), $points));
            // Its first tie is in the middle, its second 4 in further.
            $this->assertEqualsWithDelta([0, 0], [$nearest(0), $nearest(4 * 20)], 0.2);
            $reach = 20 * ($mesh['width'] === '21 in' ? 7 : (int) $mesh['width'] / 2);
            $this->assertEqualsWithDelta([-$reach, $reach], [min(array_column($points, 1)), max(array_column($points, 1))], 8);
        }
    }

    public function test_strands_tied_together_are_pulled_apart_as_far_as_one_alone_would_reach(): void
    {
        $one = $this->shape('poof-run');
        $three = $this->shape('poof-run', ['material' => ['a', 'b', 'a']]);
        $this->assertSame([0, 1, 2], array_map(fn ($patch): int => $patch->piece, $three->patches));
        $this->assertEqualsWithDelta($this->extentOf($one)[1], $this->extentOf($three)[1], 10);
        [$outward, $inward, $between] = array_map(fn ($patch): float => $this->middleOf(new Shape([$patch])), $three->patches);
        $this->assertLessThan($between, $outward);
        $this->assertGreaterThan($between, $inward);
    }

    public function test_a_filling_pass_lies_farther_out_than_the_row_it_is_tied_into(): void
    {
        $plan = app(PlanReader::class)->read(
            ['materials' => [['width' => '21 in']], 'parts' => [['kind' => 'poof-run', 'fill' => 'filling']]],
        );
        $drawing = new FormDrawing($plan, app(Engine::class)->work($plan), Side::Front);
        $middles = [];
        foreach ($drawing->parts as $layer) {
            $points = $this->placed($layer);
            $middles[$layer->name] = array_sum(array_map(fn (array $point): float => hypot(...$point), $points)) / count($points);
        }
        $this->assertSame(['l1-2-0', 'l1-1-1', 'l1-1-0'], array_keys($middles));
        $this->assertGreaterThan($middles['l1-1-0'], $middles['l1-1-1']);
    }

    public function test_a_drape_hangs_down_wherever_its_tie_looks(): void
    {
        $plan = app(PlanReader::class)->read(
            ['materials' => [[]], 'ties' => [['layout' => 'n-a-section', 'perSection' => 1]], 'parts' => [['kind' => 'gathered-drape']]],
        );
        $layer = (new FormDrawing($plan, app(Engine::class)->work($plan), Side::Front))->parts[0];
        $this->assertSame([0.0], array_values(array_unique(array_column($layer->elements, 'turn'))));
        $this->assertGreaterThan(200, max(array_column($this->outline($layer->shapes[0]), 1)));
    }

    public function test_work_of_ones_own_is_told_in_the_guide_and_not_drawn(): void
    {
        $this->get('/guide/own-step')->assertOk()->assertSee('paint a board')->assertDontSee('drawn on the form');
    }

    public function test_each_stands_on_the_page_of_techniques(): void
    {
        $index = $this->get('/guide')->assertOk();
        foreach (array_keys(iterator_to_array(self::techniques())) as $technique) {
            $this->assertNotSame([], $this->find($index, "//a[@href='".route('guide.page', $technique)."']/img[contains(@src, '/guide/$technique.svg')]"), $technique);
            $this->get("/guide/$technique.svg", ['Accept-Encoding' => 'identity'])->assertOk()->assertSee('<use', false);
            $page = $this->get("/guide/$technique")->assertOk();
            $this->assertNotSame([], $this->find($page, "//*[@class='guide-done']//*[local-name()='use']"), $technique);
            $sample = Sample::of(Craft::standard()->parts[$technique], app(PlanReader::class), app(Engine::class));
            if ($sample->technique->materials()->goods === null) {
                $page->assertSee($sample->sentence()->text());
            }
        }
    }

    /**
     * @param  array<string, mixed>  $written
     * @param  array<string, mixed>  $mesh
     */
    private function shape(string $technique, array $written = [], array $mesh = []): Shape
    {
        $plan = app(PlanReader::class)->read([
            'form' => $technique === 'wound-cover'
                ? ['kind' => 'hat']
                : ['kind' => 'outline', 'points' => ['0 0', '60 0'], 'closed' => 'open', 'size' => '60 in', 'count' => 4, 'gap' => '1 in'],
            'ties' => [['layout' => 'free', 'spots' => $technique === 'wound-cover' ? ['1: 2 in'] : ['2-3: 28 in', '2-3: 32 in']]],
            'materials' => [['id' => 'a', 'roll' => '50 yd', ...$mesh], ['id' => 'b', 'roll' => '50 yd', ...$mesh]],
            'parts' => [
                ...($technique === 'ribbon-in-bundles' ? [['id' => 'b', 'kind' => 'rolled-bundle']] : []),
                ['id' => 'shown', 'kind' => $technique, ...$written],
            ],
        ]);
        $drawn = array_column((new FormDrawing($plan, app(Engine::class)->work($plan), Side::Front))->parts, null, 'id');

        return $drawn['shown']->shapes[0];
    }

    /** @return list<string> the squares of a grid that its outlines go through, the larger side of the shape being the whole grid */
    private function squares(Shape $shape): array
    {
        $points = $this->outline($shape);
        $side = max($this->extentOf($shape)) / 24;
        [$left, $top] = [min(array_column($points, 0)), min(array_column($points, 1))];

        return array_values(
            array_unique(
                array_map(fn (array $point): string => floor(($point[0] - $left) / $side).','.floor(($point[1] - $top) / $side), $points),
            ),
        );
    }

    /** Half way between the highest and the lowest of its outlines; less is farther up. */
    private function middleOf(Shape $shape): float
    {
        $heights = array_column($this->outline($shape), 1);

        return (max($heights) + min($heights)) / 2;
    }

    private function lines(Shape $shape): int
    {
        return array_sum(array_map(fn ($patch): int => substr_count($patch->folds.$patch->edge, 'M'), $shape->patches));
    }
}
