<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

/** What a maker does at the table. */
final class PlanningTest extends BrowserCase
{
    public function test_a_maker_changes_a_length_sees_everything_follow_takes_a_remedy_and_undoes_it(): void
    {
        $this->open('/plans');
        $this->browser->findElement(WebDriverBy::linkText('Garden club bee stall'))->click();
        $this->assertSame('$7.75', $this->fact('cost'));

        // A shorter piece: the warning goes, ring, rolls and cost follow.
        $ring = $this->ring();
        $this->type('parts.l1.length', '21');
        $this->assertSoon('315 in', fn (): string => $this->texts('#line-parts-l1 .why summary')[0]);
        $this->assertSame('$7.09', $this->fact('cost'));
        $this->assertNotSame($ring, $this->ring());
        $this->assertContains('45 in left', $this->texts('#rolls .roll-words'));
        $this->assertSame([], $this->texts('.advice'));
        $this->assertSame('21 in', $this->blank('parts.l1.length')->getDomProperty('value'));

        // Too long a one: two pieces short, and the ties are named.
        $this->type('parts.l1.length', '26 1/2');
        $this->assertSoon(
            [
                'Cut 23 1/2 in each',
                'Have 2 rolls at hand',
                'Leave ties 14 and 15 bare',
                'Take Teal mesh from the shelf instead',
                'Take Cream mesh from the shelf instead',
            ],
            $this->remedies(...),
        );
        $this->assertStringContainsString('2 ruffles short.', $this->texts('.advice')[0]);
        $this->assertStringContainsString('Ties 14 and 15 would stay bare', $this->texts('.advice')[0]);
        $this->assertCount(2, $this->browser->findElements(WebDriverBy::cssSelector('#stage .missing')));

        $this->element('.remedies button')->click();
        $this->assertSoon('23 1/2 in', fn (): string => $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->assertSame([], $this->texts('.advice'));
        $this->assertSame('$7.64', $this->fact('cost'));

        $this->element('body')->click();
        $this->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::CONTROL);
        $this->assertSoon('26 1/2 in', fn (): string => $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::CONTROL);
        $this->assertSoon('21 in', fn (): string => $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->press(WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, 'z', WebDriverKeys::NULL);
        $this->assertSoon('26 1/2 in', fn (): string => $this->blank('parts.l1.length')->getDomProperty('value'));

        $this->browser->navigate()->refresh();
        $this->assertSame('26 1/2 in', $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->assertSame([], $this->complaints());
    }

    public function test_what_cannot_be_stays_in_its_blank_with_a_sentence_and_escape_puts_back(): void
    {
        $this->open('/plans/14');
        $this->type('parts.outer.length', 'nineteen');
        $this->assertSoon(1, fn (): int => count($this->texts('#line-parts-outer .problem')));
        $this->assertStringContainsString('"nineteen" is not a length', $this->texts('.problem')[0]);
        $this->assertSame(
            ['nineteen', 'true'],
            [$this->blank('parts.outer.length')->getDomProperty('value'), $this->blank('parts.outer.length')->getAttribute('aria-invalid')],
        );
        $this->assertTrue($this->script('return document.activeElement.id === "blank-parts-outer-length"'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSame('19 in', $this->blank('parts.outer.length')->getDomProperty('value'));
        $this->type('parts.outer.length', '18 in');
        $this->assertSoon(0, fn (): int => count($this->texts('.problem')));
        $this->assertSame('18 in', $this->blank('parts.outer.length')->getDomProperty('value'));
    }

    public function test_what_was_refused_stays_in_its_blank_while_another_is_written(): void
    {
        $this->open('/plans/14');
        $this->type('parts.outer.length', '400');
        $this->assertSoon(1, fn (): int => count($this->texts('.problem')));
        $this->type('parts.inner.length', '18');
        $this->assertSoon('108 in', fn (): string => $this->texts('#line-parts-inner .why summary')[0]);
        $this->assertSame(
            ['400', 'true'],
            [$this->blank('parts.outer.length')->getDomProperty('value'), $this->blank('parts.outer.length')->getAttribute('aria-invalid')],
        );
    }

    public function test_two_blanks_written_in_quick_succession_are_both_kept(): void
    {
        $this->open('/plans/14');
        $this->blank('parts.inner.length')->click();
        // Not waiting for the first to be answered.
        $this->press('17', WebDriverKeys::TAB, WebDriverKeys::TAB);
        $this->blank('parts.outer.length')->click();
        $this->press('18', WebDriverKeys::ENTER);
        $this->assertSoon(
            ['102 in', '216 in'],
            fn (): array => [$this->texts('#line-parts-inner .why summary')[0], $this->texts('#line-parts-outer .why summary')[0]],
        );
    }

    public function test_what_is_typed_while_the_answer_is_on_its_way_is_not_overwritten_by_it(): void
    {
        $this->open('/plans/14');
        $this->command('Network.enable', []);
        $this->command(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 700, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $this->type('parts.outer.length', '17');
        $this->press('18');
        $this->assertSoon('204 in', fn (): string => $this->texts('#line-parts-outer .why summary')[0]);
        $this->assertSame('18', $this->blank('parts.outer.length')->getDomProperty('value'));
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon('216 in', fn (): string => $this->texts('#line-parts-outer .why summary')[0]);
    }

    public function test_a_choice_is_written_as_it_is_made(): void
    {
        $this->open('/plans/14');
        $this->blank('ties.t1.layout')->findElement(WebDriverBy::cssSelector('option[value=n-a-section]'))->click();
        $this->assertSoon('24', fn (): string => $this->fact('ties'));
        $this->assertSame(
            'every tie',
            $this->script('const on = document.getElementById("blank-parts-outer-on"); return on.options[on.selectedIndex].text'),
        );
    }

    public function test_the_form_is_turned_over_and_walked_by_keyboard(): void
    {
        $this->open('/plans/14');
        $place = fn (int $tie): string => $this->element("#tie-$tie")->getAttribute('transform');
        [$one, $six] = [$place(1), $place(6)];
        $this->element('body')->sendKeys('b');
        $this->assertSoon($six, fn (): string => $place(1));
        $this->assertSame($one, $place(6));
        $this->assertStringContainsString('side=back', $this->browser->getCurrentURL());

        $this->script('document.getElementById("tie-1").focus()');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon(['Tie 3'], fn (): array => $this->texts('.tie-card h2'));
        $this->assertSame(['ruffle 3 of Gold mesh'], $this->texts('.tie-card li'));
        $this->assertCount(1, $this->browser->findElements(WebDriverBy::cssSelector('#rolls .at-tie')));
    }

    public function test_a_click_on_a_sentence_lights_its_ties_and_its_cuts(): void
    {
        $this->open('/plans/14');
        $this->element('#line-parts-outer .number')->click();
        $lit = array_map(
            fn (WebDriverElement $lit): string => $lit->getAttribute('data-of'),
            $this->browser->findElements(WebDriverBy::cssSelector('.lit')),
        );
        $this->assertSame(['outer'], array_values(array_unique($lit)));
        $this->assertCount(12, $this->browser->findElements(WebDriverBy::cssSelector('#rolls .lit')));
    }

    public function test_a_figure_opens_to_its_reason_and_stays_open_while_the_plan_changes(): void
    {
        $this->open('/plans/14');
        $this->element('#line-parts-outer .why summary')->click();
        $this->assertSame(['12 x 19 in = 228 in'], $this->texts('#line-parts-outer .why[open] li'));
        $this->type('parts.outer.length', '18');
        $this->assertSoon(['12 x 18 in = 216 in'], fn (): array => $this->texts('#line-parts-outer .why[open] li'));
    }

    public function test_a_bundle_takes_one_piece_more_and_a_second_mesh(): void
    {
        $this->open('/plans/16');
        $this->type('parts.l1.material', '3');
        $this->assertSoon(['3', '2'], fn (): array => $this->counts());
        $this->assertTrue($this->blank('parts.l1.material')->equals($this->browser->switchTo()->activeElement()));
        $this->element('#blank-parts-l1-material-2-0 option[value=teal]')->click();
        $this->assertSoon('6 pieces', $this->pieces(...));
        $this->press(WebDriverKeys::CONTROL, 'z');
        $this->assertSoon(['3', '2'], fn (): array => $this->counts());
    }

    public function test_what_cannot_be_stays_in_the_field_it_was_typed_in(): void
    {
        $this->open('/plans/16');
        $this->type('parts.l1.material', '9');
        $this->assertSoon(
            ['The mesh: each takes 1 to 8 pieces, and 11 are named. The plan is as it was.'],
            fn (): array => $this->texts('#line-parts-l1 .problem'),
        );
        $this->assertSame(['9', '2'], $this->counts());
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSame(['2', '2'], $this->counts());
        $this->assertSame([], $this->texts('#line-parts-l1 .problem'));
    }

    public function test_packs_and_settings_open_under_the_last_line_and_stay_open(): void
    {
        $this->open('/plans/14');
        $this->assertFalse($this->blank('settings.units')->isDisplayed());
        $this->element('#aside > summary')->click();
        $this->type('materials.stems.pack', '30');
        $this->assertSoon('30', fn (): string => $this->blank('materials.stems.pack')->getAttribute('data-shown'));
        $this->assertTrue($this->blank('settings.units')->isDisplayed());
    }

    public function test_the_guide_draws_each_technique_and_none_of_it_runs_out_of_its_picture(): void
    {
        $this->open('/guide');
        $this->assertCount(count(\Davrin\Core\Guide\Guide::of(\Davrin\Core\Craft\Craft::standard())->pages), $this->texts('.guide-card b'));
        $out = $this->script(
            'return [...document.querySelectorAll(".guide-card")].filter((one) => one.scrollWidth > one.clientWidth + 1 || '
                .'one.querySelector("img").getBoundingClientRect().width < 95).map((one) => one.textContent.trim())',
        );
        $this->assertSame([], $out);
        // Those further down are fetched as they come into sight.
        $this->script('document.querySelectorAll(".guide-card img").forEach((one) => { one.loading = "eager"; })');
        $this->assertSoon([], fn (): array => $this->script('return [...document.querySelectorAll(".guide-card img")].filter((one) => !one.complete || one.naturalWidth === 0).map((one) => one.src)'));
    }

    public function test_keys_are_listed_at_a_question_mark(): void
    {
        $this->open('/plans/14');
        $this->element('body')->sendKeys('?');
        $this->assertContains('turn the form over, while nothing is in focus', $this->texts('dialog dd'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSoon(false, fn (): bool => $this->element('dialog')->isDisplayed());
    }

    public function test_when_davrin_does_not_answer_what_was_typed_is_kept(): void
    {
        $this->open('/plans/14');
        $this->command('Network.enable', []);
        $this->command(
            'Network.emulateNetworkConditions',
            ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $this->type('parts.outer.length', '18');
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('#notice')[0], 'Davrin does not answer'));
        $this->assertSame('18', $this->blank('parts.outer.length')->getDomProperty('value'));
        $this->command(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon('216 in', fn (): string => $this->texts('#line-parts-outer .why summary')[0]);
        $this->assertFalse($this->element('#notice')->isDisplayed());
    }

    public function test_a_tab_left_open_is_told_of_a_change_in_another(): void
    {
        $this->open('/plans/14');
        $first = $this->browser->getWindowHandle();
        $this->browser->switchTo()->newWindow();
        $this->open('/plans/14');
        $this->type('parts.inner.length', '15');
        $this->assertSoon('90 in', fn (): string => $this->texts('#line-parts-inner .why summary')[0]);
        $this->browser->switchTo()->window($first);
        $this->type('parts.outer.length', '18');
        $this->assertSoon('90 in', fn (): string => $this->texts('#line-parts-inner .why summary')[0]);
        $this->assertStringContainsString('changed in another window', $this->texts('#recipe .problem')[0]);
        $this->assertSame('18', $this->blank('parts.outer.length')->getDomProperty('value'));
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon('216 in', fn (): string => $this->texts('#line-parts-outer .why summary')[0]);
    }

    public function test_a_plan_is_copied_from_its_editor(): void
    {
        $this->open('/plans/14');
        $this->browser->findElement(WebDriverBy::xpath("//button[.='Copy']"))->click();
        $this->assertSoon("$this->url/plans/24", fn (): string => $this->browser->getCurrentURL());
        $this->assertSame('Band door, teal and gold, copy', $this->blank('plan.name')->getDomProperty('value'));
    }

    public function test_a_plan_file_is_opened_as_soon_as_it_is_chosen(): void
    {
        $this->open('/plans');
        $this->element('input[type=file]')->sendKeys(dirname(__DIR__, 2).'/database/demo/library-reading-week.json');
        $this->assertSoon("$this->url/plans/24", fn (): string => $this->browser->getCurrentURL());
        $this->assertSame('Library reading week', $this->blank('plan.name')->getDomProperty('value'));
    }

    /** @return list<string> */
    private function remedies(): array
    {
        return $this->script('return [...document.querySelectorAll(".remedy")].map((button) => button.firstChild.textContent.trim())');
    }

    private function fact(string $key): string
    {
        return $this->texts("#fact-$key summary b")[0];
    }

    private function ring(): string
    {
        return $this->script('return document.querySelector("#stage defs path").getAttribute("d")');
    }

    /** @return list<string> how many of each mesh go into the first layer's bundle */
    private function counts(): array
    {
        return $this->script(
            'return [...document.querySelectorAll("input[name^=\\"set[parts.l1.material]\\"]")].map((field) => field.value)',
        );
    }

    /** What the first layer's bundle is stacked of. */
    private function pieces(): string
    {
        return array_sum(array_map(intval(...), $this->counts())).' pieces';
    }
}
