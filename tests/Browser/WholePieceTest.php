<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A whole piece in a real browser: a sign that is dragged, an extra that is moved by the keys, a picture of it on the door. */
final class WholePieceTest extends BrowserCase
{
    public function test_a_sign_is_dragged_and_an_extra_moved_by_the_arrow_keys(): void
    {
        $this->open('/plans/11');
        $this->browser->action()->moveToElement($this->browser->findElement(WebDriverBy::id('thing-sign-1')))
            ->clickAndHold()->moveByOffset(6, 6)->moveByOffset(0, 44)->release()->perform();
        $this->assertSoon(1, fn (): int|false => preg_match('/^[1-9].* at 1[78]\d degrees$/', $this->value('parts.sign.at')));
        $this->browser->findElement(WebDriverBy::id('thing-flowers-2'))->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->assertSoon('2 to ', fn (): string => substr($this->value('parts.flowers.moved'), 0, 5));
        $this->assertSame('thing-flowers-2', $this->browser->switchTo()->activeElement()->getAttribute('id'), 'it stays in focus');
    }

    public function test_a_picture_of_it_on_the_door_is_drawn_on_this_machine(): void
    {
        $this->open('/plans/11/door');
        $this->script(<<<'JS'
            window.saved = null;
            HTMLAnchorElement.prototype.click = function () { window.saved = [this.download, this.href.slice(0, 22), this.href.length]; };
            document.querySelector('[data-save-picture]').click();
            JS);
        $this->assertSoon(true, fn (): mixed => $this->script('return window.saved !== null;'));
        [$name, $kind, $length] = $this->script('return window.saved;');
        $this->assertSame(['barn-wedding-square-on-the-door.png', 'data:image/png;base64,'], [$name, $kind]);
        $this->assertGreaterThan(50_000, $length, 'more than an empty sheet');
    }

    private function value(string $address): string
    {
        return (string) $this->blank($address)->getAttribute('value');
    }
}
