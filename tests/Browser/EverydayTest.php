<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** The editor and the other pages as they are used day by day: by keyboard, on a narrow screen, with a screen reader. */
final class EverydayTest extends BrowserCase
{
    private const AXE = __DIR__.'/../../node_modules/axe-core/axe.min.js';

    /** What axe looks at: the rules of WCAG 2.2, levels A and AA, and usual good practice. */
    private const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** Which takes it longest. */
    private const THE_SAME_AT_ANY_WIDTH = ['color-contrast'];

    #[TestWith([1280, 800])]
    #[TestWith([390, 844])]
    public function test_no_main_view_has_anything_that_axe_finds_nor_runs_out_of_the_page(int $width, int $height): void
    {
        $this->resize($width, $height);
        foreach (['/plans', '/plans/14', '/plans/18', '/plans/16', '/plans/14?tie=3', '/plans/14/history', '/plans/22/cut-sheet', '/plans/22/colours', '/shelf', '/shelf/1', '/forms', '/guide', '/together', '/scraps', '/keys', '/bows', '/bows/1', '/plans/11', '/plans/11/check', '/plans/11/order', '/plans/11/door', '/plans/11/inspiration', '/plans/14/build', '/builds', '/builds/2', '/builds/2/wrong?trouble=colour-short', '/builds/2/check', '/builds/1/record', '/log', '/log/16', '/learning', '/learning/estimates', '/guide/curled-ruffle', '/guide/first-wreath', '/guide/words', '/try'] as $page) {
            $this->open($page);
            $this->assertSame([], $this->axe($width < 1280 ? self::THE_SAME_AT_ANY_WIDTH : []), "$page at $width");
            $this->assertLessThanOrEqual(0, $this->script('return document.documentElement.scrollWidth - window.innerWidth'), "$page at $width");
        }
    }

    public function test_a_choice_is_made_by_enter_or_by_going_on_and_not_at_each_arrow_key(): void
    {
        $this->open('/plans/14');
        $revision = fn (): string => (string) $this->element('#editor')->getAttribute('data-revision');
        $before = $revision();
        $choice = $this->blank('parts.outer.kind');
        $this->script('arguments[0].focus()', $choice);
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->press(WebDriverKeys::ARROW_UP);
        $this->assertSame($before, $revision());
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon(true, fn (): bool => $revision() !== $before);
        $this->assertSame('blank-parts-outer-kind', $this->script('return document.activeElement.id'), 'it keeps the focus');
        $once = $revision();
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->assertSame($once, $revision());
        $this->press(WebDriverKeys::TAB);
        $this->assertSoon(true, fn (): bool => $revision() !== $once);
    }

    public function test_a_mesh_is_renamed_and_coloured_where_its_sentence_names_it(): void
    {
        $this->open('/plans/14');
        $this->element('#line-parts-inner .swatch-button')->click();
        $panel = $this->element('.panel:popover-open');
        $this->assertLessThanOrEqual(0, $this->script('const box = arguments[0].getBoundingClientRect(); return Math.max(-box.left, -box.top, box.right - innerWidth, box.bottom - innerHeight)', $panel));
        $this->assertSame([], $this->axe());
        $panel->findElement(WebDriverBy::cssSelector('[value=plum]'))->click();
        $this->assertSoon('plum', fn (): string => (string) $this->element('.panel:popover-open .colours .blank')->getAttribute('value'));
        $shown = '#rolls .colour[popovertarget="'.$panel->getAttribute('id').'"] path';
        $this->assertSoon('#6d3a5f', fn (): string => (string) $this->element($shown)->getAttribute('fill'));
        $name = $panel->findElement(WebDriverBy::cssSelector('.blank'));
        $name->clear();
        $name->sendKeys('Plum stripe'.WebDriverKeys::ENTER);
        $this->assertSoon('Plum stripe', fn (): string => $this->script('const its = document.querySelector("#line-parts-inner select"); return its.options[its.selectedIndex].text'));
        $colour = $panel->findElement(WebDriverBy::cssSelector('.colours .blank'));
        $colour->clear();
        $colour->sendKeys('mauvish'.WebDriverKeys::ENTER);
        $this->assertSoon(true, fn (): bool => str_contains($this->element('#problem')->getText(), '"mauvish" is no colour that I know by name.'));
        $this->press(WebDriverKeys::ESCAPE);
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSoon(0, fn (): int => count($this->browser->findElements(WebDriverBy::cssSelector('.panel:popover-open'))));
        $this->open('/shelf/1');
        $this->element('.colour')->click();
        $this->element('.panel:popover-open [value=rust]')->click();
        $this->assertSoon('rust', fn (): string => (string) $this->element('.colours .blank')->getAttribute('value'));
    }

    public function test_an_edit_is_told_politely_and_the_focus_stays_where_a_remedy_was(): void
    {
        $this->open('/plans/14');
        $this->type('parts.outer.length', '18 in');
        $this->assertSoon(true, fn (): bool => str_contains($this->script('return document.getElementById("announce").textContent'), '18 ties, 18 ruffles, 2 rolls opened'));
        $this->open('/plans/12');
        $line = (string) $this->element('.remedy')->findElement(WebDriverBy::xpath('ancestor::section[1]'))->getAttribute('id');
        $this->element('.remedy')->click();
        $this->assertSoon($line, fn (): ?string => $this->script('return document.activeElement.closest("section")?.id'));
    }

    public function test_the_page_is_reached_past_the_way_round_and_single_letters_can_be_turned_off(): void
    {
        $this->open('/plans/14');
        $this->press(WebDriverKeys::TAB);
        $this->assertSame('Skip to the page', $this->script('return document.activeElement.textContent'));
        $this->press(WebDriverKeys::ENTER);
        $this->assertSoon('content', fn (): string => $this->script('return document.activeElement.id'));
        $this->script('document.activeElement.blur()');
        $side = fn (): string => (string) $this->element('svg[data-form]')->getAttribute('data-form');
        $this->press('b');
        $this->assertSoon('back', $side);
        $this->open('/keys');
        $this->element('main [data-letters]')->click();
        $this->open('/plans/14');
        $this->press('b');
        $this->press('?');
        $this->assertSame(['front', false], [$side(), $this->script('return document.getElementById("keys").open')]);
    }

    public function test_on_a_narrow_screen_the_way_round_is_at_the_bottom_and_the_wall_shows_two_beside_each_other_on_a_tablet(): void
    {
        $this->resize(390, 844);
        $this->open('/plans/14');
        $this->assertSame(844, $this->script('return Math.round(document.querySelector(".tape").getBoundingClientRect().bottom)'));
        $this->assertGreaterThan(10.5, $this->script('const words = document.querySelector(".strips .roll-words"); return words.getBoundingClientRect().height * 12.5 / 15'));
        $this->resize(768, 1024);
        $this->open('/plans');
        $this->assertGreaterThanOrEqual(2, $this->script('const at = [...document.querySelectorAll(".hung")].map((one) => one.offsetTop); return at.filter((top) => top === at[0]).length'));
    }

    /**
     * @param  list<string>  $but  rules that it may leave out
     * @return list<string> what axe finds on the page
     */
    private function axe(array $but = []): array
    {
        $this->script((string) file_get_contents(self::AXE));

        return $this->browser->executeAsyncScript(
            'const done = arguments[2]; axe.run(document, { runOnly: arguments[0], rules: arguments[1], resultTypes: ["violations"] })'
                .'.then((result) => done(result.violations.map((one) => `${one.id}: ${one.nodes[0].html.slice(0, 120)}`)));',
            [self::RULES, (object) array_fill_keys($but, ['enabled' => false])],
        );
    }
}
