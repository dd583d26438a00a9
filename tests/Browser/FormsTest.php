<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Forms of every kind, and tying them tie by tie. */
final class FormsTest extends BrowserCase
{
    public function test_a_click_on_the_form_puts_a_tie_there_from_the_front_and_from_the_back(): void
    {
        $this->open('/plans/14?mesh=off');
        $this->choose('ties.t1.layout', 'free');
        $this->assertSoon('1', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->clickForm(6.5, 0.0);
        $this->assertSoon('2', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertStringStartsWith('two outer wires, section 2, ', $this->label(2));
        $this->browser->findElement(WebDriverBy::linkText('back'))->click();
        $this->assertSoon('back', fn (): string => $this->texts('.views a[aria-current]')[0]);
        $this->clickForm(6.5, 0.0);
        $this->assertSoon('3', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertStringStartsWith('two outer wires, section 5, ', $this->label(3));

        $this->element('#tie-3')->click();
        $this->assertSoon(['Tie 3'], fn (): array => $this->texts('.tie-card h2'));
        $this->element('.tie-card button[value=take-tie]')->click();
        $this->assertSoon('2', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertSame([], $this->complaints());
    }

    public function test_a_tie_is_put_by_keyboard_alone(): void
    {
        $this->open('/plans/2');
        $this->element('.place-tie input[name=distance]')->click();
        $this->press('a mile', WebDriverKeys::ENTER);
        $this->assertSoon(1, fn (): int => count($this->texts('.problem')));
        $this->assertSame('a mile', $this->element('.place-tie input[name=distance]')->getDomProperty('value'));
        $this->element('.place-tie input[name=distance]')->clear()->sendKeys('5 1/2'.WebDriverKeys::ENTER);
        $this->assertSoon('11', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertStringStartsWith('hub, section', $this->label(11));
    }

    public function test_another_form_under_a_plan_says_what_was_set_back_and_undo_brings_it_back(): void
    {
        $this->open('/plans/14');
        $this->choose('form.kind', 'stick');
        $this->assertSoon('20', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertContains(
            'the ruffles of Teal stripe mesh: the place of the layer was every outer tie, is every tie',
            $this->texts('.lost li'),
        );
        $this->element('body')->click();
        $this->press(WebDriverKeys::CONTROL, 'z', WebDriverKeys::CONTROL);
        $this->assertSoon('18', fn (): string => $this->texts('#fact-ties summary b')[0]);
        $this->assertSame([], $this->texts('.lost'));
    }

    public function test_a_form_goes_to_the_shelf_is_measured_there_and_taken_into_another_plan(): void
    {
        $this->open('/plans/11');
        $this->browser->findElement(WebDriverBy::xpath("//button[.='keep it on the shelf']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.said')[0] ?? '', 'on the shelf now'));
        $this->open('/forms');
        $width = $this->element('#form-5 [name="set[form.width]"]');
        $width->click();
        $width->sendKeys('20'.WebDriverKeys::ENTER);
        $this->assertSoon(true, fn (): bool => str_contains($this->element('#form-5')->getText(), '66 in round'));
        $this->open('/plans/14');
        $this->element('.take-form')->findElement(WebDriverBy::cssSelector('option[value="5"]'))->click();
        $this->assertSoon('20 in', fn (): ?string => $this->blank('form.width')->getDomProperty('value'));
        // The layout still fits: three ties in each of its eight sections.
        $this->assertSame('24', $this->texts('#fact-ties summary b')[0]);
        $this->assertSame([], $this->complaints());
    }

    public function test_an_svg_file_becomes_a_form_as_soon_as_it_is_chosen(): void
    {
        $file = sys_get_temp_dir().'/davrin-leaf.svg';
        file_put_contents($file, '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0C10 -20 40 -20 50 0C40 20 10 20 0 0Z"/></svg>');
        $this->open('/forms');
        $this->element('input[type=file]')->sendKeys($file);
        $this->assertSoon('davrin-leaf', fn (): ?string => $this->element('.shelved input[name=name]')->getDomProperty('value'));
        unlink($file);
        $this->browser->findElement(WebDriverBy::xpath("//article[1]//button[.='Begin a plan on it']"))->click();
        $this->assertSoon("$this->url/plans/24", fn (): string => $this->browser->getCurrentURL());
        $this->assertSame('davrin-leaf', $this->blank('plan.name')->getDomProperty('value'));
    }

    private function choose(string $address, string $option): void
    {
        $this->blank($address)->findElement(WebDriverBy::cssSelector("option[value=$option]"))->click();
    }

    private function label(int $tie): string
    {
        return substr((string) $this->element("#tie-$tie")->getAttribute('aria-label'), strlen("Tie $tie, "));
    }

    /** Clicks a place that is so many inches right of the middle and below it, as it is seen. */
    private function clickForm(float $x, float $y): void
    {
        $this->script(<<<'JS'
            const [svg, [x, y]] = [document.querySelector('#stage > svg'), arguments];
            const at = new DOMPoint(x * svg.dataset.scale, y * svg.dataset.scale).matrixTransform(svg.getScreenCTM());
            document.elementFromPoint(at.x, at.y).dispatchEvent(
                new MouseEvent('click', { bubbles: true, cancelable: true, clientX: at.x, clientY: at.y }),
            );
        JS, $x, $y);
    }
}
