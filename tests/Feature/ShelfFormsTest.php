<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use App\Models\ShelfForm;
use Davrin\Core\Ties\TiePick;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShelfFormsTest extends FeatureCase
{
    public function test_an_empty_shelf_says_how_to_fill_it(): void
    {
        $this->get('/forms')->assertOk()->assertSee('The shelf is empty');
    }

    public function test_a_plan_s_form_is_kept_drawn_and_measured(): void
    {
        $plan = $this->hang();
        $this->post("/plans/$plan->id/form")->assertRedirect("/plans/$plan->id");
        $page = $this->get('/forms')->assertOk();
        $this->assertSame('Wire ring of Band door, teal and gold', $this->find($page, "//input[@name='name']")[0]->getAttribute('value'));
        $this->assertCount(4, $this->find($page, "//article//svg//circle[@class='wire']"));
        $texts = $this->texts($page, '//article//li');
        $this->assertContains('the two outer wires: 40 7/8 in round, sections of 6 3/4 in', $texts);
        $this->assertContains('as it is usually tied: 18 ties', $texts);
    }

    public function test_a_form_is_measured_anew_and_the_last_measuring_is_undone(): void
    {
        $form = $this->shelve();
        $page = $this->measure($form, ['form.welds' => '3: 1/2 in, 5: out'])->assertOk();
        $this->assertContains('the two outer wires: 40 7/8 in round, sections of 6 3/8 in to 7 1/4 in', $this->texts($page, '//li'));
        $this->assertCount(4, $this->find($page, "//*[contains(@class,'sticks-out')]"));
        $this->post("/forms/$form->id/undo")->assertRedirect();
        $this->assertSame([], $form->fresh()->form['welds']);
        $this->post("/forms/$form->id/undo");
        $this->assertSame(['3: 1/2 in', '5: out'], $form->fresh()->form['welds']);
    }

    public function test_what_cannot_be_measured_stays_in_its_blank_and_the_form_as_it_was(): void
    {
        $form = $this->shelve();
        $page = $this->measure($form, ['form.wires' => '8, 10'])->assertStatus(422)->assertSee('cannot follow');
        $this->assertSame('8, 10', $this->blank($page, 'form.wires')->getAttribute('value'));
        $this->assertSame('14 in', $form->fresh()->form['wires'][0]);
        $this->from('/forms')->post("/forms/$form->id/edits", ['set' => ['form.wires' => '8, 10']])->assertRedirect('/forms');
        $this->get('/forms')->assertSee('cannot follow');
    }

    public function test_a_form_is_named_and_told_where_it_is_kept(): void
    {
        $form = $this->shelve();
        $this->measure($form, [], ['name' => 'Bent ring', 'kept' => 'hook by the door'])->assertOk();
        $this->measure($form, [], ['name' => '  ', 'kept' => 'crate 2']);
        $this->assertSame(['Bent ring', 'crate 2'], [$form->fresh()->name, $form->fresh()->kept]);
    }

    public function test_a_name_of_nothing_that_can_be_seen_is_refused_and_the_shelf_stays_whole(): void
    {
        $form = $this->shelve();
        $this->measure(
            $form,
            ['form.crossbars' => '5'],
            ['name' => "\u{E000}"],
        )->assertStatus(422)->assertSee('The name of the form needs 1 to 80 characters');
        $this->assertSame(['A ring', 6], [$form->fresh()->name, $form->fresh()->form['crossbars']]);
        $this->get('/forms')->assertOk();
    }

    public function test_a_file_without_a_name_that_can_be_seen_still_makes_a_form(): void
    {
        $this->from('/forms')->post(
            '/forms',
            ['file' => UploadedFile::fake()->createWithContent("\u{E000}.svg", '<svg><path d="M0 0h4v4z"/></svg>')],
        )->assertRedirect('/forms');
        $this->assertSame('Outline', ShelfForm::query()->firstOrFail()->name);
        $this->get('/forms')->assertOk();
    }

    public function test_a_form_is_shown_in_the_units_of_the_plan_that_it_was_kept_from(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['settings.units' => 'centimetres']]);
        $this->post("/plans/$plan->id/form");
        $page = $this->get('/forms');
        $this->assertContains('the two outer wires: 103.5 cm round, sections of 17.5 cm', $this->texts($page, '//article//li'));
        $this->assertStringEndsWith(' cm', $this->blank($page, 'form.wires')->getAttribute('value'));
    }

    public function test_a_plan_begins_on_a_form_from_the_shelf(): void
    {
        $form = $this->shelve();
        $this->post("/forms/$form->id/plans")->assertRedirect('/plans/2');
        $this->assertSame($form->form, SavedPlan::findOrFail(2)->plan()->formSlip->write());
    }

    public function test_a_plan_takes_a_form_keeps_what_fits_and_names_what_does_not(): void
    {
        $stick = ShelfForm::query()->create(['name' => 'Stick', 'form' => ['kind' => 'stick']]);
        $plan = $this->hang();
        $page = $this->edit($plan, ['do' => 'take-form', 'id' => (string) $stick->id])->assertOk();
        $lost = $this->texts($page, "//*[@class='lost']//li");
        $this->assertContains('the layout of the ties was inner mid + two outer, is two side ties, then one middle tie', $lost);
        $this->assertContains('the ruffles of Teal stripe mesh: the place of the layer was every outer tie, is every tie', $lost);
        $this->assertSame('40', $this->texts($page, "//*[@id='fact-elements']/summary/b")[0]);
        $after = $plan->fresh()->plan();
        $this->assertSame(
            ['stick', '19 in', 20],
            [$after->formKind->key(), $after->parts[0]->on->slip->write()['length'], $after->ties->count()],
        );
        $this->post("/plans/$plan->id/undo", ['revision' => $plan->fresh()->revision_id], ['HX-Request' => 'true'])->assertOk();
        $this->assertSame('row 2', $plan->fresh()->plan()->parts[1]->on->slip->object('on', TiePick::class)->key());
    }

    public function test_a_form_that_is_gone_from_the_shelf_cannot_be_taken(): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['do' => 'take-form', 'id' => '77'])->assertStatus(422)->assertSee('not on the shelf any more');
    }

    public function test_a_form_is_put_away_and_brought_back(): void
    {
        $form = $this->shelve();
        $this->followingRedirects()->delete("/forms/$form->id")->assertSee('is put away');
        $this->post("/forms/$form->id/edits")->assertNotFound();
        $this->followingRedirects()->post("/forms/$form->id/restore")->assertSee('is on the shelf again');
    }

    public function test_an_outline_is_opened_from_an_svg_file(): void
    {
        $this->svg(
            '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script><image href="http://elsewhere/x.png"/><g '
                .'transform="scale(9)"><path d="M0 0h40v20H0z"/></g><path d="M0 0l5 5"/></svg>',
        )->assertRedirect('/forms');
        $form = ShelfForm::query()->firstOrFail();
        $this->assertSame(
            ['leaf', 'outline', 'closed', ['0 0', '40 0', '40 20', '0 20']],
            [$form->name, $form->form['kind'], $form->form['closed'], $form->form['points']],
        );
        $this->get('/forms')->assertSee('through')->assertSee('Say how long its longer side really is');
    }

    public function test_curves_and_arcs_become_points_and_open_paths_stay_open(): void
    {
        $this->svg('<svg><path d="M0,0 C 0,10 10,10 10,0 a5 5 0 0 1 10 0 q5,5 10,0 t10,0 s5,5 10,0"/></svg>');
        $form = ShelfForm::query()->firstOrFail()->form;
        $this->assertSame('open', $form['closed']);
        $this->assertGreaterThan(20, count($form['points']));
        $this->assertLessThan(240, count($form['points']));
        $this->assertSame(['0 0', '50 0'], [$form['points'][0], $form['points'][count($form['points']) - 1]]);
    }

    public function test_a_finely_drawn_circle_is_thinned_and_keeps_its_size(): void
    {
        $path = 'M'.implode(
            'L',
            array_map(fn (int $i): string => sprintf('%.4f %.4f', 100 * sin($i / 500), 100 * cos($i / 500)), range(0, 3100)),
        ).'Z';
        $this->svg("<svg><path d=\"$path\"/></svg>")->assertRedirect('/forms');
        $this->get('/forms')->assertSee('It was drawn with')->assertSee('are enough to keep its shape');
        $plan = ShelfForm::query()->firstOrFail()->plan();
        $this->assertEqualsWithDelta(16 * M_PI, $plan->form->length($plan->form->frame->seats()[0]), 0.1);
    }

    /** @return iterable<string, array{string, string}> */
    public static function sizes(): iterable
    {
        yield 'inches and a view' => ['width="14in" height="7in" viewBox="0 0 400 200"', '14 in'];
        yield 'millimetres' => ['width="254mm" viewBox="0 0 400 200"', '10 in'];
        yield 'no view' => ['width="20in"', '4 1/8 in'];
        yield 'only its height' => ['height="10cm" viewBox="0 0 400 200"', '7 7/8 in'];
        yield 'pixels' => ['width="400px" viewBox="0 0 400 200"', '16 in'];
        yield 'nothing' => ['', '16 in'];
    }

    #[DataProvider('sizes')]
    public function test_a_drawing_that_says_how_large_it_is_keeps_its_size(string $svg, string $size): void
    {
        $this->svg("<svg $svg><path d=\"M0 0h400v200H0z\"/></svg>");
        $this->assertSame($size, ShelfForm::query()->sole()->form['size']);
        $this->get('/forms')->assertSee(str_contains($svg, 'px') || $svg === '' ? 'Say how long its longer side really is' : 'as large as it was drawn');
    }

    /** @return iterable<string, array{string, string}> */
    public static function noOutline(): iterable
    {
        yield 'no SVG' => ['a drawing', 'is not an SVG drawing'];
        yield 'another XML' => ['<recipe><path d="M0 0L1 1"/></recipe>', 'is not an SVG drawing'];
        yield 'entities' => ['<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg><path d="&b;"/></svg>', 'declares entities'];
        yield 'an outside entity' => [
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg><path d="M0 0"/></svg>',
            'declares entities',
        ];
        yield 'nothing at all' => ['', 'is not an SVG drawing'];
        yield 'entities in two bytes a letter' => [
            mb_convert_encoding('<!DOCTYPE svg [<!ENTITY a "M0 0L9 9">]><svg><path d="&a;"/></svg>', 'UTF-16'),
            'declares entities',
        ];
        yield 'an encoding that hides them' => ['<?xml version="1.0" encoding="UTF-7"?>+ADw-svg+AD4-', 'written in UTF-7'];
        yield 'very many lines' => ['<svg><path d="M0 0'.str_repeat('l1 1', 11_000).'"/></svg>', '11,001 points'];
        yield 'very many smooth curves' => ['<svg><path d="M0 0'.str_repeat('T1 1', 24_000).'"/></svg>', '24,001 points'];
        yield 'numbers without end' => ['<svg><path d="M'.str_repeat('1.1.1.', 16_000).'"/></svg>', '23,999 points'];
        yield 'no path' => ['<svg><circle r="5"/></svg>', 'has no path to follow'];
        yield 'an empty path' => ['<svg><path d="  "/></svg>', 'has no path to follow'];
        yield 'a path that says nothing' => ['<svg><path d="kitten"/></svg>', 'has no path to follow'];
        yield 'a path of one point' => ['<svg><path d="M5 5z"/></svg>', 'has no path to follow'];
        yield 'a million points' => ['<svg><path d="M0 0'.str_repeat('l1 1', 200_000).'"/></svg>', 'at most 100,000 are read'];
        yield 'ten megabytes' => ['<svg>'.str_repeat(' ', 2_000_000).'</svg>', 'at most 1,000,000'];
        yield 'a path that crosses itself' => ['<svg><path d="M0 0L10 10L10 0L0 10Z"/></svg>', 'crosses itself'];
        yield 'a way there and back' => ['<svg><path d="M0 0L10 0L10 10L10 4"/></svg>', 'folds back on itself'];
        yield 'a spike' => ['<svg><path d="M0 0L20 0L20 10L10 10L10 18L10 10L0 10Z"/></svg>', 'itself'];
        yield 'a stretch that lies on another' => ['<svg><path d="M0 0L10 0L10 5L4 0L2 0"/></svg>', 'folds back on itself'];
        yield 'a spot' => ['<svg><path d="M0 0L0 0L0 0"/></svg>', 'has no length'];
        yield 'unfinished' => ['<svg><g>', 'is not an SVG drawing'];
    }

    #[DataProvider('noOutline')]
    public function test_a_file_without_an_outline_is_refused_with_a_reason(string $bytes, string $says): void
    {
        $this->svg($bytes)->assertRedirect('/forms');
        $this->get('/forms')->assertSee($says);
        $this->assertSame(0, ShelfForm::query()->count());
    }

    private function shelve(): ShelfForm
    {
        return ShelfForm::keep($this->hang()->plan(), 'A ring');
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $words
     */
    private function measure(ShelfForm $form, array $typed, array $words = []): TestResponse
    {
        return $this->post("/forms/$form->id/edits", ['set' => $typed] + $words, ['HX-Request' => 'true']);
    }

    private function svg(string $bytes): TestResponse
    {
        return $this->from('/forms')->post('/forms', ['file' => UploadedFile::fake()->createWithContent('leaf.svg', $bytes)]);
    }
}
