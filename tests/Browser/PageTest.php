<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\TestWith;

/** What holds for the pages whoever looks at them, and with what. */
final class PageTest extends BrowserCase
{
    /** Beside the main views, which are looked at in two sizes. */
    public function test_those_who_see_hear_or_move_otherwise_can_use_it(): void
    {
        foreach (['/plans/12', '/plans/13?side=back&mesh=off&tie=20', '/scale', '/labels', '/plans/23', '/plans/23/cut-sheet', '/together?copies[23]=2', '/plans/2', '/plans/9?mesh=off', '/plans/23/price?copies=3&asked=9', '/prices', '/prices/2', '/prices/rolls', '/plans/17/vary', '/compare?plans[]=12&plans[]=10', '/suggest', '/plans/77'] as $path) {
            $this->open($path);
            $this->script((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
            $found = $this->browser->executeAsyncScript(
                'const done = arguments[0]; axe.run().then((result) => done(result.violations.map((violation) => `${violation.id}: '
                    .'${violation.nodes[0].html}`)))',
            );
            $this->assertSame([], $found, $path);
        }
    }

    #[TestWith(['/plans'])]
    #[TestWith(['/plans/14'])]
    public function test_everything_comes_from_davrin_itself_and_nothing_is_complained_of(string $path): void
    {
        $this->open($path);
        $loaded = $this->script('return performance.getEntriesByType("resource").map((entry) => entry.name)');
        $this->assertNotSame([], array_filter($loaded, fn (string $address): bool => str_ends_with($address, '.woff2')));
        foreach ($loaded as $address) {
            $this->assertStringStartsWith("$this->url/", $address);
        }
        $this->assertSame([], $this->complaints());
    }

    /** Whatever a path says, it is answered, and every answer bears its headers. */
    public function test_no_path_is_answered_without_headers(): void
    {
        $url = DemoServer::fresh()->url;
        foreach (['/%00', '/plans/1%00', '/build/%00.css', '/plans%2f..%2f', '/%ff', '/favicon.ico%00', '/..%2f.env', '//', '/?%00=%00'] as $path) {
            foreach (['GET', 'POST', 'HEAD'] as $method) {
                $answer = @file_get_contents($url.$path, false, stream_context_create(['http' => ['method' => $method, 'ignore_errors' => true, 'follow_location' => 0]]));
                $this->assertNotFalse($answer, "$method $path");
                $this->assertMatchesRegularExpression('~^HTTP/1\.[01] [234]~', $http_response_header[0], "$method $path");
                $this->assertStringContainsString('Content-Security-Policy', implode("\n", $http_response_header), "$method $path");
            }
        }
    }

    public function test_the_three_views_fit_at_1280_by_800_without_scrolling(): void
    {
        foreach ([3, 12, 13, 14] as $plan) {
            $this->open("/plans/$plan");
            // Once the fonts are there: before, other letters take other room.
            $this->assertSoon([], fn (): array => $this->script(
                'return [".editor", "#recipe", "#rolls"].filter((part) => { const e = document.querySelector(part); return '
                    .'e.scrollHeight > e.clientHeight + 1 || e.scrollWidth > e.clientWidth; })',
            ));
            $this->assertSame(
                [1280, 800],
                $this->script('return [document.documentElement.scrollWidth, document.documentElement.scrollHeight]'),
            );
        }
    }

    public function test_a_long_recipe_scrolls_inside_itself_and_nothing_else_does(): void
    {
        foreach ([9, 11] as $plan) {
            $this->open("/plans/$plan");
            $this->assertSoon([], fn (): array => $this->script(
                'return [".editor", "#recipe", "#rolls"].filter((part) => { const e = document.querySelector(part); return '
                    .'(part !== "#recipe" && e.scrollHeight > e.clientHeight + 1) || e.scrollWidth > e.clientWidth; })',
            ));
            $this->assertSame(
                [1280, 800],
                $this->script('return [document.documentElement.scrollWidth, document.documentElement.scrollHeight]'),
            );
        }
    }

    public function test_a_tablet_needs_no_scrolling_sideways(): void
    {
        $this->resize(768, 1024);
        foreach (['/plans', '/plans/12', '/plans/14', '/shelf', '/shelf/1', '/scraps', '/plans/23/cut-sheet', '/together?copies[23]=2', '/plans/23/price', '/prices', '/plans/17/vary', '/compare?plans[]=12&plans[]=10', '/suggest'] as $path) {
            $this->open($path);
            $this->assertLessThanOrEqual(768, $this->script('return document.documentElement.scrollWidth'), $path);
        }
    }

    public function test_on_paper_there_are_the_recipe_the_form_and_the_rolls_and_nothing_to_press(): void
    {
        $this->open('/plans/12');
        $this->command('Emulation.setEmulatedMedia', ['media' => 'print']);
        $shown = fn (string $css): bool => $this->element($css)->isDisplayed();
        $this->assertSame([true, true, true], array_map($shown, ['#recipe', '#stage > svg', '#rolls']));
        $this->assertSame([false, false, false, false], array_map($shown, ['.tape', '.views', '.remedies', '.go']));
        $this->open('/plans/22');
        $this->assertSame(
            [true, false, false],
            array_map($shown, ['#blank-parts-l1-material', '#blank-parts-l1-material-3-0', '.brushes']),
        );
    }

    public function test_without_script_a_blank_is_written_a_remedy_taken_and_undone(): void
    {
        $this->command('Emulation.setScriptExecutionDisabled', ['value' => true]);
        $this->open('/plans/12');
        $length = $this->blank('parts.l1.length');
        $length->clear()->sendKeys('26');
        $this->element('#line-parts-l1 noscript button, #line-parts-l1 .act')->click();
        $this->assertSoon('26 in', fn (): string => $this->blank('parts.l1.length')->getAttribute('value'));
        $this->element('.remedies button')->click();
        $this->assertSoon('23 1/2 in', fn (): string => $this->blank('parts.l1.length')->getAttribute('value'));
        $this->element('[data-undo]')->click();
        $this->assertSoon('26 in', fn (): string => $this->blank('parts.l1.length')->getAttribute('value'));
        $this->browser->findElement(WebDriverBy::linkText('back'))->click();
        $this->element('#tie-3')->click();
        $this->assertSoon(['Tie 3'], fn (): array => $this->texts('.tie-card h2'));
    }

    public function test_a_time_is_told_by_the_reader_s_clock(): void
    {
        $this->command('Emulation.setTimezoneOverride', ['timezoneId' => 'Asia/Kathmandu']);
        $this->open('/plans/12');
        $this->assertSame(
            $this->script(
                'return new Date(document.querySelector("time").dateTime).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" })',
            ),
            $this->texts('time')[0],
        );
        $this->assertStringNotContainsString('UTC', $this->texts('time')[0]);
    }
}
