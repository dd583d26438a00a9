<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** A piece is built at the bench as a maker does it: full hands, one key, and what comes between. */
final class BenchTest extends BrowserCase
{
    /** Six ruffles, ribbon on each, a sign and a bow; its mesh comes off one roll that is said to hold 120 in. */
    private const SMALL = [
        'format' => 'davrin-plan', 'version' => 2, 'name' => 'Reading nook, small',
        'ties' => [['layout' => 'n-a-section', 'perSection' => 1]],
        'materials' => [
            ['id' => 'm', 'kind' => 'mesh', 'name' => 'Honey mesh', 'onHand' => ['120 in'], 'rolls' => 0],
            ['id' => 'r', 'kind' => 'ribbon', 'name' => 'Teal check'],
            ['id' => 'stems', 'kind' => 'stems'],
            ['id' => 'sign', 'kind' => 'sign'],
        ],
        'parts' => [
            ['id' => 'l1', 'kind' => 'ruffle', 'material' => 'm', 'length' => '19 in'],
            ['id' => 'tails', 'kind' => 'ribbon-tails', 'material' => 'r'],
            ['id' => 'board', 'kind' => 'sign'],
            ['id' => 'bow', 'kind' => 'looped-bow', 'material' => 'r'],
        ],
    ];

    public function test_a_small_whole_piece_is_built_by_keyboard_alone_with_a_roll_that_runs_short(): void
    {
        $this->lay(self::SMALL);
        $all = (int) $this->script('return Number(document.getElementById("bench").dataset.all)');
        $this->assertSoon('Tie 1', fn (): string => $this->now());
        // Tie six, cut four; then the roll gives out.
        foreach (range(1, 10) as $press) {
            $this->press([' ', WebDriverKeys::PAGE_DOWN, WebDriverKeys::ENTER][$press % 3]);
        }
        $this->assertSoon('10 of '.$all.' in all', fn (): string => $this->whole());
        $this->assertSoon('19 in', fn (): string => $this->now());
        $this->press('w');
        $this->assertSoon('What went wrong?', fn (): string => $this->texts('h1')[0] ?? '');
        $this->press('1');
        $this->assertSoon('4', fn (): string => $this->blank('wrong.gave')->getAttribute('value'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->isReady();
        $this->press('w');
        $this->assertSoon('What went wrong?', fn (): string => $this->texts('h1')[0] ?? '');
        $this->press('1');
        $this->assertSoon('Buy one roll of Honey mesh', fn (): string => $this->texts('.ways-out button')[0] ?? '');
        $this->assertSame('2 x 19 in = 38 in of 360 in, 322 in left.', $this->texts('.ways-out li')[0]);
        $this->press(WebDriverKeys::ENTER);
        $this->isReady();
        $this->assertSoon('10 of '.$all.' in all', fn (): string => $this->whole());
        $this->assertStringStartsWith('Honey mesh, roll 2, a new roll of 360 in', $this->texts('.bench-roll:not([hidden]) b')[0]);

        // To the very end, each with one key; the sign and the bow are among it.
        $seen = [];
        for ($press = 10; $press < $all; $press++) {
            [$seen[], $done] = $this->script('return [[...document.querySelectorAll("article:not([hidden]) :is(h1, .bench-what)")].map((its) => its.textContent.trim()).join(" "), Number(document.querySelector("[data-done-count]").textContent)]');
            $this->assertSame($press, $done);
            $this->press(' ');
        }
        $this->assertCount(6, preg_grep('/^Tie \d ruffle of Honey mesh$/', $seen));
        $this->assertCount(6, preg_grep('/^Tie \d .*Teal check$/', $seen));
        $this->assertCount(1, preg_grep('/^Sign Wooden sign$/', $seen));
        $this->assertCount(1, preg_grep('/^Bow Teal check$/', $seen));
        $this->assertSame('All done', $this->now());
        $this->assertSame([], $this->complaints());

        // The final check comes only when all of it is told; until then the bench stays.
        $this->assertSoon(0, $this->waiting(...));
        $this->reach(false);
        $this->press(WebDriverKeys::PAGE_UP, ' ', ' ');
        $this->assertSoon(1, fn (): int => preg_match('/^Davrin does not answer: 2 ticks are kept here/', $this->texts('[data-kept]')[0] ?? ''));
        $this->assertSame('All done', $this->now());
        $this->reach(true);
        $this->assertSoon('', fn (): string => $this->texts('[data-kept]')[0] ?? '');
        $this->press(' ');
        $this->assertSoon('Before it goes on a door', fn (): string => $this->texts('h1')[0] ?? '');
        $this->assertStringContainsString("$all of $all steps done", implode(' ', $this->texts('main > p')));
    }

    public function test_what_is_ticked_while_the_server_is_away_is_kept_here_and_sent_in_order(): void
    {
        $this->lay(self::SMALL);
        $this->assertSoon('Tie 1', fn (): string => $this->now());
        $this->reach(false);
        foreach (range(1, 20) as $press) {
            $this->press(' ');
        }
        $this->assertSoon(20, $this->waiting(...));
        $this->assertSoon(1, fn (): int => preg_match('/^Davrin does not answer: 20 ticks are kept here/', $this->texts('[data-kept]')[0] ?? ''));
        $this->assertStringStartsWith('20 of', $this->whole());
        $this->reach(true);
        $this->assertSoon(0, $this->waiting(...));
        $this->browser->navigate()->refresh();
        $this->isReady();
        $this->assertSoon(1, fn (): int => preg_match('/^20 of/', $this->whole()));

        // What was ticked here and never sent is done all the same when the page is opened again.
        $this->script('const bench = document.getElementById("bench");
            const units = [...document.querySelectorAll("article[data-unit]")].slice(20, 23).map((unit) => unit.dataset.unit);
            localStorage.setItem("davrin-bench-" + bench.dataset.bench, JSON.stringify(units.map((unit, at) => ({ unit, deed: "done", note: "", seconds: 4, token: "kept-before-" + at, at: Date.now() }))));');
        $this->browser->navigate()->refresh();
        $this->isReady();
        $this->assertSoon(1, fn (): int => preg_match('/^23 of/', $this->whole()));
    }

    public function test_what_is_ticked_of_a_build_that_was_put_away_is_kept_until_it_is_taken_up_again(): void
    {
        $this->lay(self::SMALL);
        $here = $this->browser->getCurrentURL();
        $bench = $this->browser->getWindowHandle();
        $this->browser->switchTo()->newWindow();
        $other = $this->browser->getWindowHandle();
        $this->open('/builds');
        $this->element('.builds form button')->click();
        $this->assertSoon(2, fn (): int => count($this->texts('.builds li')));
        $this->browser->switchTo()->window($bench);
        $this->press(' ');
        $this->assertSoon(1, fn (): int => preg_match('/^This build is not on the bench any more/', $this->texts('[data-kept]')[0] ?? ''));
        $this->assertSame(1, $this->waiting());
        $this->browser->switchTo()->window($other);
        $this->element('form[action$="/restore"] button')->click();
        $this->assertSoon($here, fn (): string => $this->browser->getCurrentURL());
        $this->browser->switchTo()->window($bench);
        $this->assertSoon(0, $this->waiting(...));
        $this->assertSoon('', fn (): string => $this->texts('[data-kept]')[0] ?? '');
    }

    public function test_two_windows_see_what_the_other_ticks_and_lose_none(): void
    {
        $this->lay(self::SMALL);
        $here = $this->browser->getCurrentURL();
        $first = $this->browser->getWindowHandle();
        $this->browser->switchTo()->newWindow();
        $second = $this->browser->getWindowHandle();
        $this->browser->get($here);
        $this->isReady();
        foreach ([$first, $second, $second, $first] as $at => $window) {
            $this->browser->switchTo()->window($window);
            // Each has seen what the other did before it goes on.
            $this->assertSoon('Tie '.($at + 1), fn (): string => $this->now());
            $this->press(' ');
        }
        foreach ([$first, $second] as $window) {
            $this->browser->switchTo()->window($window);
            $this->assertSoon('Tie 5', fn (): string => $this->now());
            $this->assertSoon(1, fn (): int => preg_match('/^4 of/', $this->whole()));
        }
    }

    public function test_back_skip_note_and_turning_over_each_have_a_key(): void
    {
        $this->lay(self::SMALL);
        $this->press(' ', ' ', WebDriverKeys::BACKSPACE);
        $this->assertSoon('Tie 2', fn (): string => $this->now());
        $this->press('s');
        $this->assertSoon('Tie 3', fn (): string => $this->now());
        $this->press(WebDriverKeys::PAGE_UP);
        $this->assertSoon('Tie 2', fn (): string => $this->now());
        $this->press('b');
        $this->assertSoon(['back'], fn (): array => $this->script('return [...document.querySelectorAll(".bench-picture:not([hidden])")].map((its) => its.dataset.side)'));
        $this->press('n');
        $this->assertSoon(true, fn (): bool => $this->element('#bench-note')->isDisplayed());
        $this->press('The stem is short here. ');
        $this->element('#bench-note button[value="keep"]')->click();
        $this->assertSoon(false, fn (): bool => $this->element('#bench-note')->isDisplayed());
        $this->press('p');
        $this->assertSoon('true', fn (): ?string => $this->element('[data-pause]')->getAttribute('aria-pressed'));
        // A key that is held down is one press.
        $this->script('for (const repeat of [false, true, true, true]) document.body.dispatchEvent(new KeyboardEvent("keydown", { key: " ", repeat, bubbles: true }));');
        $this->assertSoon('Tie 3', fn (): string => $this->now());
        $this->assertSoon('', fn (): string => $this->texts('[data-kept]')[0] ?? '');
        $build = (string) $this->script('return document.getElementById("bench").dataset.bench');
        $this->open("/builds/$build/record");
        $this->assertStringContainsString('Tie 2: The stem is short here.', implode(' ', $this->texts('.record li')));
        $this->assertSame([], $this->complaints());
    }

    public function test_it_works_upright_on_a_tablet_and_the_place_in_hand_is_lit(): void
    {
        $this->command('Emulation.setDeviceMetricsOverride', ['width' => 768, 'height' => 1024, 'deviceScaleFactor' => 1, 'mobile' => false]);
        $this->open('/builds/2');
        $this->isReady();
        $this->assertSame('Tie 9', $this->now());
        $this->assertSame(768, $this->script('return document.documentElement.scrollWidth'));
        $this->assertLessThanOrEqual(1024, $this->script('return document.documentElement.scrollHeight'));
        $lit = fn (): array => $this->script('return [...document.querySelectorAll(".bench-picture:not([hidden]) .is-lit")].map((tie) => tie.dataset.tie)');
        $this->assertSoon(['9'], $lit);
        $this->assertSame(
            [8, 1],
            $this->script('const picture = document.querySelector(".bench-picture:not([hidden])"); return [picture.querySelectorAll(".is-made[data-element]").length, picture.querySelectorAll(".is-next[data-element]").length]'),
        );
        $this->element('.bench-done')->click();
        $this->assertSoon(['10'], $lit);
        foreach ($this->script('return [...document.querySelectorAll(".bench-bar button, .bench-bar a")].map((its) => Math.min(its.offsetWidth, its.offsetHeight))') as $size) {
            $this->assertGreaterThanOrEqual(44, $size);
        }
    }

    /** @param  array<string, mixed>  $document */
    private function lay(array $document): void
    {
        $file = sys_get_temp_dir().'/'.uniqid('davrin-plan-').'.json';
        file_put_contents($file, json_encode($document));
        $this->open('/plans');
        $this->element('input[type="file"]')->sendKeys($file);
        $this->assertSoon(1, fn (): int => preg_match('#/plans/\d+$#', $this->browser->getCurrentURL()));
        unlink($file);
        $this->open(parse_url($this->browser->getCurrentURL(), PHP_URL_PATH).'/build');
        $this->element('.begin-build button')->click();
        $this->isReady();
    }

    /** Before its script runs a key presses the button of a plain form, and that takes the page along. */
    private function isReady(): void
    {
        $this->assertSoon(true, fn (): bool => $this->element('[data-pause]')->isDisplayed());
    }

    /** Whether the browser reaches the server. */
    private function reach(bool $does): void
    {
        $this->command('Network.enable', []);
        $this->command('Network.emulateNetworkConditions', ['offline' => ! $does, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** How many ticks this browser still keeps. */
    private function waiting(): int
    {
        return (int) $this->script('return JSON.parse(localStorage.getItem("davrin-bench-" + document.getElementById("bench").dataset.bench) ?? "[]").length');
    }

    private function now(): string
    {
        return $this->texts('article:not([hidden]) h1')[0] ?? '';
    }

    private function whole(): string
    {
        return $this->texts('.bench-whole span')[0] ?? '';
    }
}
