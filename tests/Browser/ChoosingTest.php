<?php

namespace Tests\Browser;

/** What it costs, what to ask, and what to make: tried in a real browser. */
final class ChoosingTest extends BrowserCase
{
    public function test_a_price_is_tried_and_the_hour_answers_at_once(): void
    {
        $this->open('/plans/13/price');
        $before = $this->texts('.hour b')[0];
        $asked = $this->element('[data-asked]');
        $asked->sendKeys('40');
        $this->assertSoon(true, fn (): bool => ($this->texts('.hour span')[0] ?? '') === 'is what an hour really earns at $40.00');
        $this->assertNotSame($before, $this->texts('.hour b')[0]);
        $this->assertSame('40', $this->element('[data-asked]')->getAttribute('value'), 'what was typed stays');
        // The slider writes what it is dragged to.
        $this->script("const slider = document.querySelector('[data-asked-range]'); slider.value = 2500; slider.dispatchEvent(new Event('input', {bubbles: true}));");
        $this->assertSoon(true, fn (): bool => ($this->texts('.hour span')[0] ?? '') === 'is what an hour really earns at $25.00');

        $this->element('.take-along .act-strong')->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('h1')[0] ?? '', '$25.00 for'));
    }

    public function test_a_term_is_changed_where_it_stands_and_a_wrong_one_stays_typed(): void
    {
        $this->open('/prices');
        $this->type('work.rate', '18.50');
        $this->assertSoon(true, fn (): bool => $this->blank('work.rate')->getAttribute('data-shown') === '$18.50');
        $this->type('places.p1.share', '98 %');
        $this->assertSoon(true, fn (): bool => $this->texts('.terms .problem') !== []);
        $this->assertSame('98 %', $this->blank('places.p1.share')->getAttribute('value'));
        $this->assertStringContainsString('the margin can be 92.5 %', $this->texts('.terms .problem')[0]);
    }

    public function test_a_figure_is_varied_and_taken(): void
    {
        $this->open('/plans/17/vary?of=parts.l1.pitch&from=7&to=8');
        // The log has taught how short the rolls of this grade come.
        $this->assertSame(['7 1/4 in opens 6 rolls; 7 3/8 in opens 9 rolls.', 'If rolls come short, 6 are only sure up to 7 in.'], $this->texts('.judged li'));
        $this->element('button[aria-label="take it: 7 1/4 in"]')->click();
        $this->assertSoon(true, fn (): bool => str_ends_with((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH), '/plans/17'));
        $this->assertSame('7 1/4 in', $this->blank('parts.l1.pitch')->getAttribute('value'));
    }

    public function test_answers_come_while_it_goes_on_looking_and_one_becomes_a_plan(): void
    {
        $this->open('/suggest');
        $this->element('.wishes .act-strong')->click();
        $this->assertSoon(true, fn (): bool => $this->texts('.suggested h2') !== []);
        $this->assertStringContainsString('Still looking', $this->texts('.progress p')[0]);
        // Another page answers meanwhile.
        $this->assertSame(200, $this->script("return await fetch('/keys').then(answer => answer.status)"));
        $this->element('.progress button')->click();
        $this->assertSoon(true, fn (): bool => str_starts_with($this->texts('.progress p')[0] ?? '', 'Stopped'));
        $name = $this->texts('.suggested h2')[0];
        $this->element('.suggested button')->click();
        $this->assertSoon(true, fn (): bool => $this->browser->getTitle() === "$name · Davrin");
    }
}
