<?php

namespace Tests\Feature;

use App\Bench\BenchPage;
use App\Bench\StartBuild;
use App\Models\Build;
use App\Models\SavedPlan;
use Davrin\Core\Bench\CopyOrder;
use Davrin\Core\Bench\Mark;
use Davrin\Core\Bench\Unit;
use Davrin\Core\Bench\WalkOrder;
use DOMElement;
use Illuminate\Testing\TestResponse;

/** What the page of the bench holds, so that it can be walked without asking. */
final class BenchPageTest extends FeatureCase
{
    public function test_every_unit_has_its_words_and_what_a_script_walks_by(): void
    {
        $build = $this->begin($this->hang());
        $page = $this->get("/builds/$build->id");
        $articles = $this->find($page, '//article[@data-unit]');
        $this->assertCount(58, $articles);
        $this->assertSame($build->version()->units, array_map(fn (DOMElement $article): string => $article->getAttribute('data-unit'), $articles));
        $shown = array_filter($articles, fn (DOMElement $article): bool => ! $article->hasAttribute('hidden'));
        $this->assertSame(['1/ties.t1/1'], array_values(array_map(fn (DOMElement $article): string => $article->getAttribute('data-unit'), $shown)));
        $ruffle = $this->find($page, '//article[@data-unit="1/parts.outer/outer.9"]')[0];
        foreach (['data-ties' => '9', 'data-element' => 'outer.9', 'data-roll' => 'teal-1', 'data-deed' => 'make', 'data-side' => 'front', 'data-then' => 'then tie 10, Teal stripe mesh'] as $name => $value) {
            $this->assertSame($value, $ruffle->getAttribute($name), $name);
        }
        $this->assertSame('then the final check', $articles[57]->getAttribute('data-then'));
    }

    public function test_face_and_back_show_each_element_and_each_tie_by_itself(): void
    {
        $build = $this->begin($this->hang());
        $page = $this->get("/builds/$build->id");
        foreach (['front', 'back'] as $side) {
            $picture = "//div[contains(@class, 'bench-picture') and @data-side='$side']";
            $this->assertCount(18, $this->find($page, "$picture//*[@data-element]"));
            $this->assertCount(18, $this->find($page, "$picture//*[@data-tie]"));
        }
        $this->assertTrue($this->find($page, "//div[@data-picture and @data-side='back']")[0]->hasAttribute('hidden'));
        $turned = $this->get("/builds/$build->id?side=back");
        $this->assertFalse($this->find($turned, "//div[@data-picture and @data-side='back']")[0]->hasAttribute('hidden'));
        $this->get("/builds/$build->id?side=nonsense&at=nonsense")->assertOk();
        // Every shape that is drawn by its name is there.
        foreach ($this->find($page, '//article//*[local-name()="use"]') as $use) {
            $this->assertNotSame([], $this->find($page, "//*[@id='".substr($use->getAttribute('href'), 1)."']"));
        }
    }

    public function test_the_roll_in_hand_shows_its_cuts_and_what_stays_on_it(): void
    {
        $build = $this->begin($this->hang());
        $page = $this->get("/builds/$build->id");
        $this->assertCount(12, $this->find($page, "//div[@data-roll='teal-1']//*[@data-cut]"));
        $this->assertStringContainsString('132 in stays on it', $this->find($page, "//div[@data-roll='teal-1']")[0]->textContent);
    }

    public function test_of_a_long_work_the_page_holds_what_is_near(): void
    {
        $build = $this->begin($this->hang('pavilion-six-layers'), 2);
        $units = $build->version()->units;
        $this->assertGreaterThan(700, count($units));
        $first = $this->find($this->get("/builds/$build->id"), '//article[@data-unit]');
        $this->assertLessThan(500, count($first));
        $build->say(Mark::Done, array_slice($units, 0, 600));
        $page = new BenchPage($build);
        $this->assertSame([600, 600], [$page->at, $page->done()]);
        $shown = $page->shown();
        $this->assertSame(540, array_key_first($shown));
        $beyond = array_filter(
            array_slice($page->walk->units, 0, 540),
            fn (Unit $unit): bool => $unit->element !== null,
        );
        $this->assertCount(count($beyond), $page->madeBeyond());
        $this->assertSame($units[700], (new BenchPage($build, $units[700]))->unit()?->key);
    }

    public function test_pieces_that_differ_have_a_picture_each(): void
    {
        $build = $this->begin($this->hang(), 2);
        $this->assertSame([1, 1], [(new BenchPage($build))->picture(1), (new BenchPage($build))->picture(2)]);
        $build->say(Mark::Done, array_slice($build->version()->units, 0, 20));
        $this->post("/builds/$build->id/wrong", [
            'trouble' => 'tie-missed', 'set' => ['wrong.missed' => '2/parts.outer/outer.12'], 'way' => 'bare', 'version' => $build->version()->id,
        ])->assertSessionHas('said');
        $page = $this->get("/builds/$build->id")->assertOk();
        $this->assertCount(18, $this->find($page, "//div[@data-picture='1' and @data-side='front']//*[@data-element]"));
        $this->assertCount(17, $this->find($page, "//div[@data-picture='2' and @data-side='front']//*[@data-element]"));
        $this->assertSame([], $this->find($page, '//article[@data-unit="2/parts.outer/outer.12"]'));
        $this->assertCount(1, $this->find($page, '//article[@data-unit="1/parts.outer/outer.12"]'));
    }

    public function test_the_clock_says_how_long_it_usually_takes(): void
    {
        $build = $this->begin($this->hang());
        $page = new BenchPage($build);
        $usual = array_map(fn (string $key): string => $page->usually($page->walk->units[(int) $page->walk->at($key)]), [
            '1/ties.t1/1', '1/cut.teal/outer.7/0', '1/parts.outer/outer.7', '1/fluffing/all',
        ]);
        $this->assertSame(['0:18', '0:06', '1:00', '10:00'], $usual);
    }

    public function test_the_record_tells_minutes_by_step_and_what_was_noted(): void
    {
        $build = $this->begin($this->hang());
        $ticks = [];
        foreach (array_slice($build->version()->units, 0, 18) as $at => $unit) {
            $ticks[] = ['token' => "tick-number-$at", 'unit' => $unit, 'deed' => 'done', 'seconds' => 20];
        }
        $ticks[] = ['token' => 'a-note-here', 'unit' => $build->version()->units[4], 'deed' => 'note', 'note' => 'The wire is bent.', 'seconds' => 0];
        $this->postJson("/builds/$build->id/ticks", ['ticks' => $ticks])->assertOk();
        $page = $this->get("/builds/$build->id/record")->assertOk()->assertSee('18 of 58 steps done')->assertSee('Tie 5: The wire is bent.');
        $row = $this->find($page, '//tr[th="ties"]')[0]->textContent;
        $this->assertSame('ties18of185.4min6.0min', (string) preg_replace('/\s+/', '', $row));
        $this->assertStringContainsString('nothing was cut from it', $page->getContent());
        // Done once more, it counts by how long it took then.
        $this->postJson("/builds/$build->id/ticks", ['ticks' => [
            ['token' => 'undone-again', 'unit' => $build->version()->units[0], 'deed' => 'undone'],
            ['token' => 'done-again', 'unit' => $build->version()->units[0], 'deed' => 'done', 'seconds' => 80],
        ]]);
        $this->assertStringContainsString('7.0 min', $this->find($this->get("/builds/$build->id/record"), '//tr[th="ties"]')[0]->textContent);
    }

    public function test_a_build_of_a_metric_plan_speaks_in_centimetres(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['settings.units' => 'centimetres', 'parts.outer.length' => '48 cm']]);
        $build = $this->begin($plan->refresh());
        $page = $this->get("/builds/$build->id");
        $this->assertSame('48 cm', $this->heading($page, '1/cut.teal/outer.7/0'));
        $this->get("/builds/$build->id/wrong?trouble=flaw")->assertOk()->assertSee('cm', false);
        $this->get("/builds/$build->id/wrong?trouble=gave-out&set[wrong.gave]=5")->assertOk()->assertSee('x 48 cm =', false);
    }

    public function test_back_is_a_plain_form_of_its_own_that_takes_the_last_tick_back(): void
    {
        $build = $this->begin($this->hang());
        $first = $this->get("/builds/$build->id");
        $this->assertTrue($this->find($first, "//button[contains(@class, 'bench-back')]")[0]->hasAttribute('disabled'));
        $build->say(Mark::Done, array_slice($build->version()->units, 0, 3));
        $page = $this->get("/builds/$build->id");
        $this->assertFalse($this->find($page, "//button[contains(@class, 'bench-back')]")[0]->hasAttribute('disabled'));
        $fields = [];
        foreach ($this->find($page, "//form[@id='bench-undo']//input") as $input) {
            $fields[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        $this->assertSame($build->version()->units[2], $fields['unit']);
        $this->post("/builds/$build->id/ticks", [...$fields, 'deed' => 'undone'])->assertRedirect("/builds/$build->id");
        $this->assertCount(2, $build->marks());
        $this->get("/builds/$build->id")->assertSee('<title>Tie 3: ', false);
    }

    public function test_what_another_window_ticks_while_the_page_is_made_is_heard_of_by_the_page(): void
    {
        $build = $this->begin($this->hang());
        [$here, $there] = $build->version()->units;
        $build->say(Mark::Done, [$here]);
        $page = new BenchPage($build);
        $build->say(Mark::Done, [$there]);
        preg_match('/ data-seq="(\d+)"/', view('bench.show', ['page' => $page, 'build' => $build])->render(), $last);
        $this->assertSame([$here => Mark::Done], $page->marks);
        $this->assertSame([$there], $this->getJson("/builds/$build->id/ticks?since=$last[1]")->assertOk()->json('ticks.*.unit'));
    }

    public function test_more_ticks_than_come_at_once_are_refused_whole_and_a_part_of_them_is_taken(): void
    {
        $build = $this->begin($this->hang());
        $tick = fn (int $at): array => ['token' => "many-ticks-$at", 'unit' => $build->version()->units[$at % 58], 'deed' => 'done'];
        $this->postJson("/builds/$build->id/ticks", ['ticks' => array_map($tick, range(1, 501))])->assertStatus(422);
        $this->assertSame(0, $build->ticks()->count());
        $this->postJson("/builds/$build->id/ticks", ['ticks' => array_map($tick, range(1, 500))])->assertOk()->assertJsonCount(500, 'kept');
        $this->assertSame(500, $build->ticks()->count());
        $this->getJson("/builds/$build->id/ticks?since=0")->assertJsonCount(500, 'ticks');
        $this->postJson('/builds/999/ticks', ['ticks' => [$tick(1)]])->assertNotFound();
        $this->postJson("/builds/$build->id/ticks", ['ticks' => []])->assertStatus(422);
        $this->postJson("/builds/$build->id/ticks", [])->assertStatus(422);
    }

    public function test_a_plan_that_is_short_is_begun_and_what_lacks_says_so(): void
    {
        $plan = $this->hang('garden-club-bee-stall');
        $this->edit($plan, ['set' => ['materials.m1.rolls' => '1', 'materials.m1.onHand' => 'nothing', 'parts.l1.length' => '30 in']]);
        $this->get("/plans/$plan->id/build")->assertSee('It is short of mesh as it is planned');
        $build = $this->begin($plan->refresh());
        $lacking = array_values(array_filter($build->walk()->units, fn (Unit $unit): bool => $unit->roll === 'm1-0' && $unit->cut !== null));
        $this->assertNotSame([], $lacking);
        $this->get("/builds/$build->id")->assertSee('a roll that is still to be found')->assertSee('on no roll yet');
        $page = $this->get("/builds/$build->id/wrong?".http_build_query(['at' => $lacking[0]->key, 'trouble' => 'colour-short', 'set' => ['wrong.left' => '360 in']]));
        $page->assertOk()->assertSee('Buy one roll of');
    }

    private function heading(TestResponse $page, string $unit): string
    {
        return trim($this->find($page, "//article[@data-unit='$unit']/h1")[0]->textContent);
    }

    private function begin(SavedPlan $plan, int $copies = 1): Build
    {
        return StartBuild::of($plan, $copies, WalkOrder::ByStep, CopyOrder::OneByOne)[0];
    }
}
