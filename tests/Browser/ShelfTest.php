<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The shelf at the bench: looked through, measured, taken into plans and cut from. */
final class ShelfTest extends BrowserCase
{
    public function test_the_shelf_is_looked_through_as_somebody_types(): void
    {
        $this->open('/shelf');
        $this->assertCount(40, $this->texts('.board'));
        $this->element('#look-q')->click();
        $this->press('bee');
        $this->assertSoon(['Bee print', 'Paper bees', 'Sign, bee hive'], fn (): array => $this->texts('.plate b'));
        $this->assertStringContainsString('q=bee', $this->browser->getCurrentURL());
        $this->assertSame('bee', $this->element('#look-q')->getDomProperty('value'));
        $this->element('#look-q')->clear();
        $this->browser->findElement(WebDriverBy::xpath("//select[@name='colour']/option[.='teal']"))->click();
        $this->assertSoon(['Teal mesh', 'Teal stripe'], fn (): array => $this->texts('.plate b'));
        $this->assertSame([], $this->complaints());
    }

    public function test_a_blank_is_written_where_it_stands_and_a_slip_of_the_hand_is_kept_in_it(): void
    {
        $this->open('/shelf/1');
        $this->type('item.paid', '3.90');
        $this->assertSoon('$3.90', fn (): string => $this->blank('item.paid')->getDomProperty('value'));
        $this->type('item.width', 'wide');
        $this->assertSoon(1, fn (): int => count($this->texts('.problem')));
        $this->assertSame('wide', $this->blank('item.width')->getDomProperty('value'));
        $this->assertStringContainsString('is not a length', $this->texts('.problem')[0]);
        $this->browser->navigate()->refresh();
        $this->assertSame(
            ['$3.90', '10 in'],
            [$this->blank('item.paid')->getDomProperty('value'), $this->blank('item.width')->getDomProperty('value')],
        );
    }

    public function test_a_roll_is_laid_on_the_scale_and_weighed(): void
    {
        $this->open('/scale');
        $weight = $this->element('input[name=weight]');
        $weight->clear()->sendKeys('175 g'.WebDriverKeys::ENTER);
        $this->assertSoon('175 g', fn (): string => $this->texts('.scale')[0] ?? '');
        $this->open('/shelf/1');
        $this->element('.stock summary')->click();
        $this->browser->findElement(WebDriverBy::linkText('take it from the scale'))->click();
        $this->assertSoon('175 g', fn (): ?string => $this->element('.stock input[name=now]')->getDomProperty('value'));
        $this->browser->findElement(WebDriverBy::xpath("//article[1]//details[@open]//button[.='Save what is left']"))->click();
        $this->assertSoon(['180 in are left, weighed.'], fn (): array => $this->texts('.said'));
        $this->browser->findElement(WebDriverBy::xpath("//ol[@class='history']/li[1]//button"))->click();
        $this->assertSoon(['360 in', '131 in', '62 in', '18 in'], fn (): array => $this->texts('.stock b'));
    }

    public function test_cuts_are_ticked_counted_and_worked_off_and_that_is_undone(): void
    {
        $this->open('/plans/23/cut-sheet');
        $boxes = $this->browser->findElements(WebDriverBy::cssSelector('[data-tick]'));
        $boxes[0]->click();
        $boxes[1]->click();
        $this->assertSoon('2', fn (): string => $this->texts('#ticked')[0]);
        $this->assertSoon(2, function (): int {
            $this->browser->navigate()->refresh();

            return count($this->browser->findElements(WebDriverBy::cssSelector('[data-tick]:checked')));
        });
        $this->browser->findElement(WebDriverBy::xpath("//button[starts-with(., 'All of it is cut')]"))->click();
        $this->assertSoon(['Yes, all of it is cut'], fn (): array => $this->texts('[name=all]'));
        $this->element('[name=all]')->click();
        $this->assertSoon(1, fn (): int => count($this->texts('.said')));
        $this->open('/shelf/1');
        $this->assertSame(['218 in'], $this->texts('.stock b'));
        $this->open('/plans/23/cut-sheet');
        $this->browser->findElement(WebDriverBy::xpath("//button[starts-with(., 'Undo')]"))->click();
        $this->assertSoon(['The shelf is as it was before these cuts.'], fn (): array => $this->texts('.said'));
    }

    public function test_plans_are_cut_together_from_one_sheet_that_is_ticked_and_worked_off(): void
    {
        $this->open('/together');
        $this->element('[name="copies[23]"]')->clear()->sendKeys('1');
        $this->assertSoon(1, fn (): int => count($this->texts('#cut-together section')));
        $this->element('[name="copies[14]"]')->clear()->sendKeys('2');
        $this->assertSoon(3, fn (): int => count($this->texts('#cut-together section')));
        $this->browser->findElement(WebDriverBy::xpath("//button[contains(., 'one sheet for all')]"))->click();
        $this->assertSoon('Barn wedding, part rolls and Band door, teal and gold x 2', fn (): string => $this->texts('h1 + span')[0] ?? '');
        $this->element('[data-tick]')->click();
        $this->assertSoon('1', fn (): string => $this->texts('#ticked')[0]);
        $this->browser->findElement(WebDriverBy::xpath("//button[contains(., 'All of it is cut')]"))->click();
        $this->assertSoon(1, fn (): int => count($this->texts('[name=all]')));
        $this->browser->findElement(WebDriverBy::xpath("//button[contains(., 'Yes, all of it is cut')]"))->click();
        $this->assertSoon(1, fn (): int => count($this->texts('.said')));
        $this->assertTrue($this->element('[data-tick]')->isSelected());
        $this->open('/shelf/1');
        $this->assertSame(['218 in'], $this->texts('.stock b'));
        $this->browser->findElement(WebDriverBy::xpath("//ol[@class='history']/li[1]//button"))->click();
        $this->assertSoon(['360 in', '131 in', '62 in', '18 in'], fn (): array => $this->texts('.stock b'));
        $this->assertSame([], $this->complaints());
    }

    public function test_a_ready_plan_holds_what_it_needs_until_that_is_given_back(): void
    {
        $this->open('/plans/23');
        $this->browser->findElement(WebDriverBy::xpath("//button[.='Make it ready']"))->click();
        $this->assertSoon(1, fn (): int => count($this->texts('.ready')));
        $this->type('parts.inner.length', '21 in');
        $this->assertSoon(1, fn (): int => count($this->texts('.problem')));
        $this->assertStringContainsString('Give that back first', $this->texts('.problem')[0]);
        $this->assertSame('21 in', $this->blank('parts.inner.length')->getDomProperty('value'));
        $this->browser->findElement(WebDriverBy::xpath("//button[.='Unreserve']"))->click();
        $this->assertSoon([], fn (): array => $this->texts('.ready'));
    }

    public function test_a_mesh_is_taken_from_the_shelf_into_a_plan(): void
    {
        $this->open('/plans/12');
        $this->browser->findElement(WebDriverBy::xpath("//select[@name='to']/option[starts-with(., 'Cream mesh')]"))->click();
        $this->assertSoon('Cream mesh', fn (): ?string => $this->blank('materials.m1.name')->getDomProperty('value'));
        $this->assertStringStartsWith('212 in, ', (string) $this->blank('materials.m1.onHand')->getDomProperty('value'));
        $this->assertSame([], $this->complaints());
    }

    public function test_a_file_is_matched_read_to_its_end_by_itself_and_put_on_the_shelf(): void
    {
        $rows = implode('', array_map(fn (int $row): string => "Mesh $row,10 in,".(100 + $row % 200)." in\n", range(1, 3000)));
        $path = sys_get_temp_dir().'/rolls-'.bin2hex(random_bytes(4)).'.csv';
        file_put_contents($path, "what,wide,left over\n{$rows}Bad mesh,10 in,-5 in\n");
        $this->open('/shelf');
        $this->element('input[type=file]')->sendKeys($path);
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.rows')[0] ?? '', 'It has no name'));
        $this->browser->findElement(WebDriverBy::xpath("//select[@name='columns[name]']/option[.='what']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.rows')[0], 'roll of mesh: Mesh 1'));
        $this->browser->findElement(WebDriverBy::xpath("//select[@name='columns[left]']/option[.='left over']"))->click();
        $this->assertSoon(true, fn (): bool => str_contains($this->texts('.rows')[0], '101 in'));
        $this->browser->findElement(WebDriverBy::xpath("//button[.='Read the whole file']"))->click();
        $this->assertSoon(
            true,
            fn (): bool => str_contains($this->texts('#import [role=status]')[0] ?? '', '3000 rows can go on the shelf; 1 is refused'),
        );
        $this->assertStringContainsString('"-5 in" is less than nothing', $this->texts('.is-refused')[0]);
        $this->browser->findElement(WebDriverBy::xpath("//button[starts-with(., 'Put 3000 rows')]"))->click();
        $this->assertSoon(1, fn (): int => count($this->texts('.said')));
        $this->assertSame([], $this->complaints());
        unlink($path);
    }
}
