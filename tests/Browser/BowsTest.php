<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The bow maker by mouse and keyboard. */
final class BowsTest extends BrowserCase
{
    public function test_what_is_left_is_typed_or_dragged_and_the_three_answers_follow(): void
    {
        $this->open('/bows');
        $this->browser->findElement(WebDriverBy::xpath("//button[.='Looped bow']"))->click();
        $this->type('parts.bow.loops', '2');
        $this->assertSoon('2', fn (): string => (string) $this->blank('parts.bow.loops')->getAttribute('data-shown'));
        $this->type('parts.bow.tails', '12 in');
        $answers = fn (): array => $this->texts('.fits b');
        $this->assertSoon(['4 1/8 in', '1', '10 3/4 in'], $answers);
        $left = $this->element('[data-left]');
        $left->clear();
        $left->sendKeys('2 yd'.WebDriverKeys::ENTER);
        $this->assertSoon(['5 5/8 in', '2', '16 3/4 in'], $answers);
        $this->assertSame('72', $this->element('[data-left-inches]')->getDomProperty('value'));
        $this->script('const slider = document.querySelector("[data-left-inches]"); slider.value = 60; slider.dispatchEvent(new Event("input", { bubbles: true }))');
        $this->assertSoon(['4 1/8 in', '1', '10 3/4 in'], $answers);
        $this->assertSame('60 in', $this->element('[data-left]')->getDomProperty('value'));
        $this->browser->findElement(WebDriverBy::xpath("//ul[@class='fits']/li[1]//button"))->click();
        $this->assertSoon('4 1/8 in', fn (): string => (string) $this->blank('parts.bow.loop')->getAttribute('data-shown'));
        $this->type('parts.bow.loop', 'huge');
        $this->assertSoon(true, fn (): bool => str_contains($this->element('#problem')->getText(), '"huge" is not a length.'));
    }
}
