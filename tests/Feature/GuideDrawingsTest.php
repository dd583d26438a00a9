<?php

namespace Tests\Feature;

use App\Drawing\Path;
use App\Guide\Drawn;
use App\Guide\Said;
use App\Guide\Scene;
use App\Guide\States;
use App\Techniques\Sample;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Guide\Chapter;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Guide\GuidePage;
use Davrin\Core\Guide\GuideStep;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Plan\PlanReader;
use LogicException;
use PHPUnit\Framework\Attributes\TestWith;

/** What the guide draws: the states of the work, to scale, each as its words say. */
final class GuideDrawingsTest extends FeatureCase
{
    public function test_every_drawing_lies_in_its_frame_and_says_something(): void
    {
        foreach (app(Guide::class)->pages as $page) {
            // On the form it is drawn as the editor does.
            foreach (array_filter([...$page->steps, $page->wrong], fn (GuideStep $step): bool => $step->drawn !== 'onform') as $step) {
                $scene = $this->of($page, $step);
                $this->assertNotSame([], $scene->layers, "$page->key: $step->drawn");
                $this->assertGreaterThan(2.0, $scene->box->wide(), "$page->key: $step->drawn");
                // A page's drawings stand side by side: none is a mere line.
                $this->assertGreaterThan(0.15, $scene->box->high() / $scene->box->wide(), "$page->key: $step->drawn");
                foreach ($scene->layers as $layer) {
                    if (isset($layer['text'])) {
                        $this->assertGreaterThanOrEqual($scene->box->left * Path::SCALE, $layer['x'], "$page->key: $step->drawn");
                        $this->assertLessThanOrEqual($scene->box->right * Path::SCALE, $layer['x'], "$page->key: $step->drawn");
                    }
                }
            }
        }
    }

    public function test_what_has_gone_wrong_is_not_drawn_like_what_went_well(): void
    {
        foreach (app(Guide::class)->pages as $page) {
            $well = array_map(fn (GuideStep $step): string => serialize($this->of($page, $step)->layers), $page->steps);
            $this->assertNotContains(serialize($this->of($page, $page->wrong)->layers), $well, $page->key);
        }
    }

    public function test_an_element_is_drawn_as_the_editor_draws_it(): void
    {
        foreach (['ruffle', 'pancake', 'rolled-bundle'] as $key) {
            $sample = $this->sample($key);
            $edges = array_column(array_column((new States)->draw('made', $sample)->layers, 'patch'), 'edge');
            $editors = array_map(fn ($patch): string => $patch->edge, $sample->shape()->patches);
            $this->assertSame($editors, array_values(array_intersect($editors, $edges)), $key);
            $this->assertEquals($sample->room(), (new States)->draw('onform', $sample)->box);
        }
    }

    public function test_a_scene_is_built_layer_over_layer_and_keeps_those_before(): void
    {
        $empty = Scene::of(10.0, 6.0);
        $one = $empty->wrong(1.0, 1.0, 2.0);
        $this->assertSame([[], 1], [$empty->layers, count($one->layers)]);
        $this->assertSame([-5.0, 5.0, -3.0, 3.0], [$one->box->left, $one->box->right, $one->box->top, $one->box->bottom]);
        $this->assertSame(['wrong', 'arrow', 'arrow'], array_column($one->arrow(...\Davrin\Core\Geometry\Point::list([[0, 0], [1, 1]]))->layers, 'class'));
    }

    #[TestWith(['flat 20 10', '20 in'])]
    #[TestWith(['flat 18.5 10', '18 1/2 in'])]
    #[TestWith(['folded 20 10 1', '18 in'])]
    #[TestWith(['stem half', '6 in'])]
    public function test_a_measure_is_that_of_what_is_drawn(string $drawn, string $figure): void
    {
        $this->assertContains($figure, array_column((new States)->draw($drawn, null)->layers, 'text'));
        $metric = Units::Metric->place(LengthText::read($figure, null));
        $this->assertContains($metric, array_column((new States)->draw($drawn, null, Units::Metric)->layers, 'text'));
    }

    /** What is measured in a drawing is what the page says it takes: nobody cuts 19 in beside a picture of 20. */
    public function test_a_length_that_is_drawn_is_one_that_the_page_cuts(): void
    {
        foreach (app(Guide::class)->pages as $page) {
            $kind = app(Craft::class)->parts[$page->key] ?? null;
            if ($kind === null || $kind instanceof OwnWork || $kind->materials()->isNone() || $kind->materials()->goods !== null) {
                continue;
            }
            $sample = $this->sample($page->key);
            $said = $sample->sentence()->text().' '.$sample->part()->takes->shown.' '.implode(' ', $page->usual);
            foreach (array_filter($page->steps, fn (GuideStep $step): bool => str_starts_with($step->drawn, 'flat') || preg_match('/^strip [\d.]+ [\d.]+( \d)?( two| dovetail)*$/', $step->drawn) === 1) as $step) {
                foreach (array_column($this->of($page, $step)->layers, 'text') as $figure) {
                    $inches = Units::Inches->exact(LengthText::read($figure, null));
                    $this->assertMatchesRegularExpression('/\b'.preg_quote((string) preg_replace('/ in$/', '', $inches), '/').'\b/', $said, "$page->key draws $figure");
                }
            }
        }
    }

    /** Each word that a step says of its drawing changes it; a word that changed nothing would be a slip of the pen. */
    #[TestWith(['flat 20 10', ['crooked', 'frayed', 'folded', 'overlapped', 'ribbon', 'plain']])]
    #[TestWith(['folded 20 10 2', ['slack', 'wrong']])]
    #[TestWith(['pinched 20 10', ['tied', 'loose', 'off', 'hemmed', 'curled', 'wrong', 'ribbon']])]
    #[TestWith(['stem', ['up', 'twice', 'open', 'closed', 'back', 'half', 'end']])]
    #[TestWith(['wires 1 inner', ['outer', 'numbered', 'filled', 'gap', 'inner-crossbars', 'zigzag', 'corner', 'stick']])]
    public function test_each_word_of_a_drawing_changes_it(string $drawn, array $words): void
    {
        $plain = serialize((new States)->draw($drawn, null));
        $seen = [];
        foreach ($words as $word) {
            $seen[$word] = serialize((new States)->draw("$drawn $word", null));
            $this->assertNotSame($plain, $seen[$word], $word);
        }
        $this->assertSame(count($words), count(array_unique($seen)));
    }

    public function test_every_word_of_every_page_is_one_that_its_state_knows(): void
    {
        $idle = [];
        foreach (app(Guide::class)->pages as $page) {
            foreach ([...$page->steps, $page->wrong] as $step) {
                $said = Said::of($step->drawn);
                foreach ($said->words as $word) {
                    $without = implode(' ', array_filter(explode(' ', $step->drawn), fn (string $token): bool => $token !== $word));
                    if (serialize($this->of($page, $step)->layers) === serialize($this->draw($page, $without)->layers)) {
                        $idle[] = "$page->key: \"$word\" in \"$step->drawn\" draws nothing";
                    }
                }
            }
        }
        // Behind the wires is where a stem begins, and scissors are the usual tool.
        $this->assertSame([], array_filter($idle, fn (string $its): bool => ! preg_match('/: "(behind|scissors)" in/', $its)));
    }

    public function test_what_nobody_can_draw_is_a_fault_of_its_page(): void
    {
        $this->expectException(LogicException::class);
        $this->expectExceptionMessage('"knotted 20" is no state that the guide can draw.');
        (new States)->draw('knotted 20', null);
    }

    public function test_the_emblem_of_ties_is_the_layout_and_of_mesh_what_lies_in_the_hand(): void
    {
        foreach (app(Guide::class)->in(Chapter::Ties) as $page) {
            $drawn = new Drawn($page, null, new States, Units::Inches);
            $layouts = array_map(
                fn (GuideStep $step): string => serialize($this->of($page, $step)),
                array_filter($page->steps, fn (GuideStep $step): bool => str_starts_with($step->drawn, 'wires') && ! str_contains($step->drawn, 'filled')),
            );
            $this->assertContains(serialize($drawn->emblem()), $layouts, $page->key);
        }
        $clip = new Drawn(app(Guide::class)->pages['dovetail'], null, new States, Units::Inches);
        $this->assertNotSame([], $clip->emblem()->layers);
    }

    public function test_a_page_draws_each_mesh_once_and_refers_to_it_by_a_mark_of_its_own(): void
    {
        foreach (['curled-ruffle', 'rolled-bundle', 'lattice', 'woven-stripe', 'strip-bow'] as $key) {
            if (! isset(app(Guide::class)->pages[$key])) {
                continue;
            }
            $page = $this->get("/guide/$key")->assertOk();
            $ids = array_map(fn ($its): string => $its->getAttribute('id'), $this->find($page, '//*[@id]'));
            $this->assertSame(array_unique($ids), $ids, $key);
            preg_match_all('/url\(#([^)]+)\)/', $page->getContent(), $used);
            $this->assertSame([], array_values(array_diff(array_unique($used[1]), $ids)), "$key refers to what is not there");
            $this->assertSame([], $this->find($page, "//svg[@role='img'][not(@aria-label) or @aria-label='']"));
        }
    }

    private function of(GuidePage $page, GuideStep $step): Scene
    {
        return $this->draw($page, $step->drawn);
    }

    private function draw(GuidePage $page, string $drawn): Scene
    {
        $kind = app(Craft::class)->parts[$page->key] ?? null;

        return (new States)->draw($drawn, $kind === null || $kind instanceof OwnWork ? null : $this->sample($page->key));
    }

    private function sample(string $key): Sample
    {
        static $samples = [];

        return $samples[$key] ??= Sample::of(app(Craft::class)->parts[$key], app(PlanReader::class), app(Engine::class));
    }
}
