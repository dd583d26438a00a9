<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Core\NastyPlans;

/** Plans that take long, and what was refused beside the page. */
final class NastyTest extends BrowserCase
{
    public function test_a_plan_that_takes_long_is_shown_at_once_and_its_remedies_follow(): void
    {
        $this->hang('twelve lengths on 60 ties');
        $this->assertSame(['720'], $this->texts('#fact-elements summary b'));
        // The page says that it looks on, and then says it no more.
        $this->assertSoon([], fn (): array => $this->texts('.looks-on'));
        $this->assertSoon(true, fn (): bool => str_contains(implode(' ', $this->texts('.advice')), 'the search for remedies was stopped'));
        // An edit in the meantime is not overwritten by what was looked for before it.
        $this->type('parts.l1.length', '10 1/2');
        $this->assertSoon('10 1/2 in', fn (): string => (string) $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->assertSoon([], fn (): array => $this->texts('.looks-on'));
        $this->assertSame('10 1/2 in', $this->blank('parts.l1.length')->getDomProperty('value'));
        $this->open('/plans');
        $this->assertSoon([], fn (): array => $this->texts('.undrawn'));
        $this->assertContains('Twelve lengths', $this->texts('article h2'));
    }

    public function test_a_tick_that_is_not_taken_does_not_stay_in_its_box(): void
    {
        $this->open('/plans/14/cut-sheet');
        $before = $this->element('#ticked')->getText();
        $this->browser->executeScript("document.querySelector('input[name=cut]').value = 'sage-99-99'");
        $this->element('[data-tick]')->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->element('#notice')->getText(), 'not on the sheet any more'));
        $this->assertFalse($this->element('[data-tick]')->isSelected());
        $this->assertSame($before, $this->element('#ticked')->getText());
        $this->browser->findElements(WebDriverBy::cssSelector('[data-tick]'))[1]->click();
        $this->assertSoon((string) ((int) $before + 1), fn (): string => $this->element('#ticked')->getText());
    }

    private function hang(string $name): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents("$file.json", NastyPlans::file(['name' => 'Twelve lengths'] + NastyPlans::all()[$name]));
        $this->open('/plans');
        $this->element('input[type=file]')->sendKeys("$file.json");
        $this->assertSoon(true, fn (): bool => preg_match('#/plans/\d+$#', $this->browser->getCurrentURL()) === 1);
        array_map(unlink(...), [$file, "$file.json"]);
    }
}
