<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\PlaceTie;
use Davrin\Core\Edit\TakeForm;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Form\Seat;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Refused;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** A form is changed under a plan: what still fits stays, what does not is named. */
final class ChangeOfFormTest extends PlanCase
{
    use RandomTrials;

    /** @return iterable<string, array{string, string}> every kind of form to every other */
    public static function changes(): iterable
    {
        $kinds = array_keys(Craft::standard()->forms);
        foreach ($kinds as $from) {
            foreach (array_diff($kinds, [$from]) as $to) {
                yield "$from to $to" => [$from, $to];
            }
        }
    }

    #[DataProvider('changes')]
    public function test_any_form_can_be_changed_for_any_other_under_a_plan(string $from, string $to): void
    {
        $before = $this->plan(
            [
                'form' => ['kind' => $from],
                'ties' => [[], ['layout' => 'free']],
                'parts' => [['length' => '10 in'], ['kind' => 'ruffle', 'length' => '9 in', 'ties' => 't2']],
            ],
        );
        $edit = new FillBlanks(['form.kind' => $to]);
        $after = $edit->apply($before, $this->reader());
        $this->assertSame($to, $after->formKind->key());
        $this->assertSame(['10 in', '9 in'], array_map(fn ($layer): mixed => $layer->on->slip->write()['length'], $after->parts));
        foreach ($edit->lost($before, $after) as $what) {
            $this->assertStringContainsString(' was ', $what);
        }
        // It is worked out and told without a stumble, and what is written is read again as the same.
        Recipe::of($after, Engine::standard(Craft::standard())->work($after));
        $this->assertSame($after->write(), $this->reader()->read($after->write())->write());
    }

    public function test_what_both_forms_have_is_kept(): void
    {
        $after = (new FillBlanks(['form.kind' => 'heart']))->apply(
            $this->plan(['form' => ['kind' => 'rectangle', 'width' => '20 in', 'height' => '19 in', 'price' => '4.10'], 'parts' => []]),
            $this->reader(),
        );
        $this->assertSame(
            ['20 in', '19 in', '4.10'],
            [$after->formSlip->write()['width'], $after->formSlip->write()['height'], $after->formSlip->write()['price']],
        );
    }

    public function test_what_no_longer_fits_is_named(): void
    {
        $before = $this->plan(
            [
                'materials' => [['id' => 'a', 'name' => 'Gold mesh'], ['id' => 'b', 'name' => 'Teal mesh']],
                'parts' => [['material' => 'a', 'on' => 'row 1'], ['material' => 'b', 'on' => 'row 2']],
            ],
        );
        $edit = new FillBlanks(['form.kind' => 'stick']);
        $lost = $edit->lost($before, $edit->apply($before, $this->reader()));
        $this->assertSame([
            'the layout of the ties was inner mid + two outer, is two side ties, then one middle tie',
            'the ruffles of Gold mesh: the place of the layer was every inner tie, is every tie',
            'the ruffles of Teal mesh: the place of the layer was every outer tie, is every tie',
        ], $lost);
    }

    public function test_another_technique_brings_its_usual_figures_where_nobody_wrote_others(): void
    {
        $turned = fn (array $part, string $kind): array => (new FillBlanks(['parts.l1.kind' => $kind]))
            ->apply($this->plan(['parts' => [['id' => 'l1'] + $part]]), $this->reader())->parts[0]->on->slip->write();
        $this->assertSame('20 in', $turned([], 'curled-ruffle')['length']);
        $this->assertSame('17 in', $turned(['length' => '17 in'], 'curled-ruffle')['length'], 'what was written stays');
        foreach ([['length', 'kind'], ['kind', 'length']] as $order) {
            $typed = ['parts.l1.length' => '17 in', 'parts.l1.kind' => 'curled-ruffle'];
            $both = new FillBlanks(array_merge(...array_map(fn (string $key): array => ["parts.l1.$key" => $typed["parts.l1.$key"]], $order)));
            $after = $both->apply($this->plan(['parts' => [['id' => 'l1']]]), $this->reader());
            $this->assertSame('17 in', $after->parts[0]->on->slip->write()['length'], 'what is written with it stays');
        }
        $before = $this->plan(['parts' => [['id' => 'l1', 'length' => '17 in']]]);
        $edit = new FillBlanks(['parts.l1.kind' => 'poof-run']);
        $this->assertSame(
            ['the ruffles: the length of a piece was 17 in'],
            array_map(fn (string $lost): string => (string) preg_replace('/^the ruffles of .*?: /', 'the ruffles: ', $lost), $edit->lost($before, $edit->apply($before, $this->reader()))),
        );
        $untouched = $this->plan(['parts' => [['id' => 'l1']]]);
        $this->assertSame([], $edit->lost($untouched, $edit->apply($untouched, $this->reader())));
    }

    public function test_nothing_is_named_where_all_still_fits(): void
    {
        $before = $this->plan();
        $edit = new FillBlanks(['form.kind' => 'pre-tied-ring']);
        $this->assertSame([], $edit->lost($before, $edit->apply($before, $this->reader())));
    }

    public function test_a_form_from_the_shelf_brings_its_own_measures(): void
    {
        $before = $this->plan(['form' => ['price' => '1.00']]);
        $edit = new TakeForm(
            'Bent ring',
            ['kind' => 'ring', 'wires' => ['20 in', '18 in', '16 in'], 'crossbars' => 8, 'welds' => ['4: out'], 'price' => '2.50'],
        );
        $after = $edit->apply($before, $this->reader());
        $this->assertSame(
            [24, '2.50', ['4: out']],
            [$after->ties->count(), $after->formSlip->write()['price'], $after->formSlip->write()['welds']],
        );
        $this->assertSame('the form: Bent ring, from the shelf', $edit->words($before, $after));
    }

    public function test_a_form_from_the_shelf_that_cannot_be_is_refused(): void
    {
        $this->expectException(Refused::class);
        (new TakeForm('Nonsense', ['kind' => 'ring', 'wires' => ['2 in', '20 in']]))->apply($this->plan(), $this->reader());
    }

    public function test_any_layout_can_be_chosen_on_any_form_that_it_fits_and_is_refused_on_others(): void
    {
        $craft = Craft::standard();
        foreach (array_keys($craft->forms) as $kind) {
            $before = $this->plan(['form' => ['kind' => $kind], 'parts' => [['length' => '8 in']]]);
            foreach ($craft->layouts as $key => $layout) {
                $edit = new FillBlanks(['ties.t1.layout' => $key]);
                if ($layout->fits($before->form)) {
                    $this->assertSame($key, $edit->apply($before, $this->reader())->ties->groups[0]->slip->text('layout'), "$key on $kind");
                } else {
                    $this->assertRefused(fn (): Plan => $edit->apply($before, $this->reader()), "$key on $kind");
                }
            }
        }
    }

    public function test_a_click_near_the_form_puts_a_tie_on_what_is_nearest(): void
    {
        $kinds = array_keys(Craft::standard()->forms);
        $this->limitTo($this->trials(100))->forAll(
            Generators::elements(...$kinds),
            Generators::choose(0, 1000),
            Generators::choose(-10, 10),
        )->then(function (string $kind, int $part, int $tenths): void {
            $plan = $this->plan(['form' => ['kind' => $kind], 'ties' => [['layout' => 'free']], 'parts' => []]);
            // Somewhere along the outermost wire, up to an inch beside it.
            $wire = Seat::wire(1);
            $point = $plan->form->at($wire, $plan->form->length($wire) * $part / 1000)->beside(0.0, $tenths / 10);
            $after = PlaceTie::at('t1', $point->x, $point->y)->apply($plan, $this->reader());
            $this->assertSame(2, $after->ties->count());
            $tie = $after->ties->all()[1]->place;
            // No other seat is nearer by more than the step that places are rounded to.
            [$seat, $distance] = $plan->form->nearest($point);
            $nearest = $plan->form->at($seat, $distance);
            $this->assertEqualsWithDelta($nearest->point()->distanceTo($point), $tie->point()->distanceTo($point), 0.15);
        });
    }

    /** @param  callable(): mixed  $change */
    private function assertRefused(callable $change, string $what): void
    {
        try {
            $change();
        } catch (Refused $refused) {
            $this->assertStringContainsString('is not one of them', $refused->getMessage());

            return;
        }
        $this->fail("$what was taken.");
    }
}
