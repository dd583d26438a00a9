<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Ties painted by click and by keys. */
final class PaintingTest extends BrowserCase
{
    public function test_ties_are_painted_with_a_brush_until_it_is_put_down(): void
    {
        $this->open('/plans/21');
        $this->element('[data-brush=plum]')->click();
        $this->assertSame('true', $this->element('[data-brush=plum]')->getAttribute('aria-pressed'));
        $this->element('#tie-4')->click();
        $this->assertSoon('4: Plum mesh', $this->painted(...));
        // The brush is still in the hand.
        $this->assertSame('true', $this->element('[data-brush=plum]')->getAttribute('aria-pressed'));
        $this->element('#tie-6')->click();
        $this->assertSoon('4 and 6: Plum mesh', $this->painted(...));
        $this->assertStringNotContainsString('tie=', $this->browser->getCurrentURL());
        $this->press(WebDriverKeys::ESCAPE);
        $this->assertSame('false', $this->element('[data-brush=plum]')->getAttribute('aria-pressed'));
        $this->element('#tie-4')->click();
        $this->assertSoon(['Tie 4'], fn (): array => $this->texts('.tie-card h2'));
        $this->assertSame([], $this->complaints());
    }

    public function test_a_digit_paints_the_tie_in_focus_and_takes_the_paint_off_again(): void
    {
        $this->open('/plans/21');
        $this->script('document.getElementById("tie-1").focus()');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->press('2');
        $this->assertSoon('2: Plum mesh', $this->painted(...));
        $this->assertSame('tie-2', $this->browser->switchTo()->activeElement()->getAttribute('id'));
        $this->press('2');
        $this->assertSoon(null, $this->painted(...));
        $this->press('7');
        $this->assertSame(null, $this->painted());
    }

    public function test_paint_is_undone_like_any_other_change(): void
    {
        $this->open('/plans/21');
        $this->script('document.getElementById("tie-5").focus()');
        $this->press('3');
        $this->assertSoon('5: Honey jute mesh', $this->painted(...));
        $this->press(WebDriverKeys::CONTROL, 'z');
        $this->assertSoon(null, $this->painted(...));
        $this->element('[data-redo]')->click();
        $this->assertSoon('5: Honey jute mesh', $this->painted(...));
    }

    public function test_in_greys_the_drawings_lose_their_hues(): void
    {
        $this->open('/plans/22/colours');
        $filter = fn (): string => $this->script('return getComputedStyle(document.querySelector(".variation svg")).filter');
        $this->assertSame('none', $filter());
        $this->element('input[name=greys]')->click();
        $this->element('form[method=get] .act')->click();
        $this->assertSoon('grayscale(1)', $filter);
        $this->assertTrue($this->element('input[name=greys]')->isSelected());
    }

    public function test_a_plan_of_one_mesh_has_nothing_to_paint_with(): void
    {
        $this->open('/plans/12');
        $this->assertSame([], $this->texts('[data-brush]'));
        $this->script('document.getElementById("tie-1").focus()');
        $this->press('1');
        $this->assertSame([], $this->complaints());
    }

    public function test_other_colours_are_looked_at_side_by_side_and_taken(): void
    {
        $this->open('/plans/22');
        $this->element('.brushes + a')->click();
        $this->assertSoon('Kite festival, three in turn in other colours', fn (): string => $this->texts('h1')[0]);
        $this->assertLessThanOrEqual(1280, $this->script('return document.documentElement.scrollWidth'));
        $this->element('article form .act')->click();
        $this->assertSoon('rust', fn (): string => (string) $this->element('#blank-parts-l1-material')->getDomProperty('value'));
    }

    private function painted(): ?string
    {
        $blanks = $this->script('return [...document.querySelectorAll("#blank-parts-l1-painted")].map((blank) => blank.value)');

        return $blanks[0] ?? null;
    }
}
