<?php

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The logbook as somebody writes in it: blank by blank, saved at once, by keyboard, in two windows. */
final class LogTest extends BrowserCase
{
    public function test_a_piece_is_written_down_blank_by_blank_and_its_plan_follows(): void
    {
        $this->open('/log');
        $this->script('document.querySelector("select[name=plan]").value = [...document.querySelectorAll("select[name=plan] option")].find((its) => its.text === "Choir gallery cross").value');
        $this->element('form[action$="/log"] button')->click();
        $this->assertSoon('Choir gallery cross', fn (): string => (string) $this->element('.entry-name input[type=text]')->getAttribute('value'));
        $this->type('entry.wide', '26');
        $this->assertSoon('26 in', fn (): string => (string) $this->blank('entry.wide')->getAttribute('data-shown'));
        $this->type('entry.high', '12');
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('#problem')[0] ?? '', 'The form alone is'));
        $this->assertSame('12', $this->blank('entry.high')->getDomProperty('value'), 'what was typed stands there still');
        $this->assertSame('true', $this->blank('entry.high')->getAttribute('aria-invalid'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSoon('not measured', fn (): string => (string) $this->blank('entry.high')->getDomProperty('value'));
        $this->type('entry.high', '31 1/2');
        $this->assertSoon('31 1/2 in', fn (): string => (string) $this->blank('entry.high')->getAttribute('data-shown'));
        $this->type('times.0', '10080');
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('#problem')[0] ?? '', '1.0 weeks'));
        $this->type('times.0', '9');
        $this->assertSoon('9 min', fn (): string => (string) $this->blank('times.0')->getAttribute('data-shown'));
        $this->assertSame([], $this->complaints());
    }

    public function test_two_windows_write_in_one_entry_and_put_nothing_back(): void
    {
        $this->open('/log/1');
        $first = $this->browser->getWindowHandle();
        $this->browser->newWindow();
        $this->open('/log/1');
        $this->type('entry.occasion', 'the evening class');
        $this->assertSoon('the evening class', fn (): string => (string) $this->blank('entry.occasion')->getAttribute('data-shown'));
        $this->browser->switchTo()->window($first);
        $this->type('entry.depth', '5 1/4');
        $this->assertSoon('5 1/4 in', fn (): string => (string) $this->blank('entry.depth')->getAttribute('data-shown'));
        $this->assertSoon('the evening class', fn (): string => (string) $this->blank('entry.occasion')->getAttribute('data-shown'));
    }

    public function test_a_photograph_is_added_and_shown_in_the_book(): void
    {
        $this->open('/log/2');
        $file = sys_get_temp_dir().'/'.uniqid('photo').'.jpg';
        imagejpeg(imagecreatetruecolor(600, 400), $file);
        /** @var RemoteWebElement $input */
        $input = $this->element('input[type=file]');
        $input->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $this->element('.add-photo input[name=alt]')->sendKeys('Rust and honey on a gate');
        $this->element('.add-photo button')->click();
        $this->assertSoon('Rust and honey on a gate', fn (): string => (string) $this->element('figure.mounted img')->getAttribute('alt'));
        $this->assertGreaterThan(0, $this->script('return document.querySelector("figure.mounted img").naturalWidth'));
        $this->open('/log?q=gate');
        $this->assertSame('Rust and honey on a gate', $this->element('.leaf img')->getAttribute('alt'));
        unlink($file);
    }

    public function test_a_figure_is_held_and_let_go_and_every_plan_follows(): void
    {
        $this->open('/learning');
        $row = '//tr[th[starts-with(normalize-space(.), "Ruffles")]]';
        $held = fn () => $this->browser->findElement(WebDriverBy::xpath("($row)[1]//input[@name='value']"));
        $held()->clear()->sendKeys('2 min');
        $this->browser->findElement(WebDriverBy::xpath("($row)[1]//button[text()='hold']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.said')[0] ?? '', 'Held: ruffles'));
        $this->open('/plans/14');
        $this->assertSoon(true, fn (): bool => str_contains(implode(' ', $this->texts('#facts, .facts')), 'min'));
        $this->open('/learning');
        $this->browser->findElement(WebDriverBy::xpath("($row)[1]//button[text()='let go']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.said')[0] ?? '', 'Let go'));
    }

    public function test_the_guide_is_searched_by_keyboard_and_leads_from_a_sentence(): void
    {
        $this->open('/guide');
        $this->element('input[name=q]')->sendKeys('cruffle'.WebDriverKeys::ENTER);
        $this->assertSoon('Curled ruffle', fn (): string => $this->texts('.guide-card b')[0] ?? '');
        $this->element('.guide-card')->click();
        $this->assertSoon('Curled ruffle', fn (): string => $this->texts('h1')[0] ?? '');
        $this->assertSame(7, $this->script('return document.querySelectorAll(".guide-steps svg").length'));
        // Nothing that is drawn is empty, or out of its picture.
        $this->assertSame([], $this->script(
            'return [...document.querySelectorAll(".guide-steps svg.scene")].map((its, at) => [at, its.getBBox(), its.viewBox.baseVal])'
                .'.filter(([, box, view]) => box.width < 10 || box.x + box.width < view.x || box.x > view.x + view.width).map(([at]) => at)',
        ));
        $this->open('/plans/14');
        $this->browser->findElement(WebDriverBy::xpath("//section[@id='line-parts-inner']//a[text()='how to']"))->click();
        $this->assertSoon('Ruffle', fn (): string => $this->texts('h1')[0] ?? '');
    }

    public function test_one_is_tried_and_a_first_wreath_is_picked(): void
    {
        $this->open('/try?technique=ruffle');
        $this->element('input[name=reach]')->sendKeys('5');
        $this->element('#came button')->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.said')[0] ?? '', 'just as it should be'));
        $this->browser->findElement(WebDriverBy::xpath("//button[text()='Pick a first wreath from my shelf']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.said')[0] ?? '', 'Picked for a first wreath'));
        $this->assertSame([], $this->complaints());
    }

    public function test_a_photograph_that_is_too_large_is_not_sent_and_its_words_stay(): void
    {
        $this->open('/log/2');
        $this->element('.add-photo input[name=alt]')->sendKeys('Rust and honey');
        $file = sys_get_temp_dir().'/'.uniqid('photo').'.jpg';
        file_put_contents($file, str_repeat('x', 15_500_000));
        $this->choose($file);
        $this->assertStringContainsString('has 16 MB, and here are taken up to 15 MB', (string) $this->script('return document.querySelector(".add-photo input[type=file]").validationMessage'));
        $this->element('.add-photo button')->click();
        $this->assertSame('Rust and honey', $this->element('.add-photo input[name=alt]')->getDomProperty('value'));
        $this->assertSame([], $this->texts('figure.mounted'));
        file_put_contents($file, 'no photograph');
        $this->choose($file);
        $this->element('.add-photo button')->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.add-photo .problem')[0] ?? '', 'no photograph'));
        $this->assertSame('Rust and honey', $this->element('.add-photo input[name=alt]')->getDomProperty('value'));
        unlink($file);
    }

    public function test_a_double_click_writes_a_piece_down_once(): void
    {
        $this->open('/log');
        $entries = fn (): int => (int) $this->script('return await fetch("/log.json").then((answer) => answer.json()).then((log) => log.entries.length)');
        $before = $entries();
        $this->script('const button = document.querySelector("form[action$=\'/log\'] button"); button.click(); setTimeout(() => button.click(), 60);');
        $this->assertSoon(1, fn (): int => preg_match('#/log/\d+$#', $this->browser->getCurrentURL()));
        $this->assertSame($before + 1, $entries());
        // The page before was kept by the browser; from there one more can be written.
        $this->browser->navigate()->back();
        $this->assertSoon('What came off the bench', fn (): string => $this->texts('h1')[0] ?? '');
        $this->browser->findElement(WebDriverBy::xpath("//button[text()='Write it down']"))->click();
        $this->assertSoon(1, fn (): int => preg_match('#/log/\d+$#', $this->browser->getCurrentURL()));
        $this->assertSame($before + 2, $entries());
    }

    public function test_the_log_is_saved_and_opened_again(): void
    {
        $this->open('/log');
        $file = sys_get_temp_dir().'/'.uniqid('log').'.json';
        file_put_contents($file, (string) $this->script('return await fetch("/log.json?year=2025").then((answer) => answer.text())'));
        $this->choose($file, '.log-file');
        $this->assertSoon(true, fn (): bool => str_contains($this->element('main')->getText(), '2 there already and left as they are.'));
        file_put_contents($file, '{"format": "davrin-plan"}');
        $this->choose($file, '.log-file');
        $this->assertSoon(true, fn (): bool => str_contains($this->element('main')->getText(), 'This is no log'));
        unlink($file);
    }

    private function choose(string $file, string $in = '.add-photo'): void
    {
        /** @var RemoteWebElement $input */
        $input = $this->element("$in input[type=file]");
        $input->setFileDetector(new LocalFileDetector)->sendKeys($file);
    }
}
