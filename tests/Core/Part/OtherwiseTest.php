<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\TakeForm;
use Davrin\Core\Material\Kind\Stems;
use Davrin\Core\Material\Kind\ZipTies;
use Davrin\Core\Part\OtherwiseBlank;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** Some ties of a part have a piece of another length, or none. */
final class OtherwiseTest extends PlanCase
{
    /** @return array<string, mixed> */
    private function with(string|array $otherwise, array $part = []): array
    {
        return ['parts' => [['otherwise' => (array) $otherwise] + $part]] + $this->everyday();
    }

    public function test_pieces_are_cut_to_what_their_tie_has(): void
    {
        $result = $this->work($this->with('12 to 18: 17 1/8 in'));
        // 11 x 19 + 7 x 17 1/8 = 328 7/8.
        $this->assertSame('328 7/8 in', $result->wound[0]->used->shown);
        $this->assertSame(['11 x 19 in = 209 in', '7 x 17 1/8 in = 119 7/8 in'], $result->parts[0]->takes->because);
        $this->assertSame('31 1/8 in', $result->wound[0]->left->shown);
    }

    public function test_a_bare_tie_has_no_element_and_the_others_keep_their_ids_and_numbers(): void
    {
        $plan = $this->plan($this->with(['3: bare', '7 and 8: 12 in']));
        $elements = $plan->part('l1')->demand->elements;
        $this->assertCount(17, $elements);
        $this->assertNotContains('l1.3', array_column($elements, 'id'));
        $this->assertSame(['l1.4', 4], [$elements[2]->id, $elements[2]->number]);
        $this->assertSame('17 of 18', $this->figures($plan)->tally->used->shown);
    }

    public function test_what_holds_an_element_of_its_own_is_not_taken_where_there_is_none(): void
    {
        $bundles = ['kind' => 'rolled-bundle', 'material' => ['m1: 3'], 'length' => '6 in', 'stem' => 'half'];
        $stems = fn (array $part): int => $this->used($this->figures($this->plan(
            ['ties' => [['stem' => 'none']], 'materials' => [[]], 'parts' => [$part]],
        )), Stems::KEY);
        $this->assertSame(9, $stems($bundles));
        $this->assertSame(8, $stems($bundles + ['otherwise' => ['1 and 2: bare']]));
        // Seventeen halves are nine whole ones.
        $this->assertSame(9, $stems($bundles + ['otherwise' => ['1: bare']]));
        $strips = ['kind' => 'wrapped-strips', 'otherwise' => ['2: bare']];
        $this->assertSame(17, $this->used($this->figures($this->plan(
            ['ties' => [['stem' => 'none']], 'materials' => [[]], 'parts' => [$strips]],
        )), ZipTies::KEY));
    }

    public function test_every_piece_of_a_bundle_is_as_long_as_its_tie_says(): void
    {
        $plan = $this->plan($this->with('2: 7 in', ['kind' => 'rolled-bundle', 'material' => ['m1: 3'], 'length' => '6 in']));
        $lengths = array_map(fn ($cut): array => [$cut->element->id, $plan->units()->exact($cut->length)], $plan->demand->cuts());
        $this->assertSame([['l1.2', '7 in'], ['l1.2', '7 in'], ['l1.2', '7 in']], array_slice($lengths, 3, 3));
        $this->assertCount(54, $lengths);
    }

    public function test_a_run_takes_another_pitch_there_and_leaves_no_tie_bare(): void
    {
        $poofs = $this->poofs();
        $poofs['parts'][0]['otherwise'] = ['20 to 24: 8 in'];
        // 19 x 9 + 5 x 8 = 211, and two tails a roll on two rolls.
        $this->assertSame('219 in', $this->work($poofs)->wound[0]->used->shown);
        $poofs['parts'][0]['otherwise'] = ['20: bare'];
        $this->assertFault('/parts/0/otherwise', 'leaves none of them bare', fn () => $this->plan($poofs));
    }

    #[TestWith(['19 in', 'names no ties'])]
    #[TestWith(['x: 19 in', 'names no ties'])]
    #[TestWith(['19: 17 in', 'Tie 19 is not among those'])]
    #[TestWith(['3: long', 'length'])]
    #[TestWith(['3: 1/2 in', 'no length of a piece'])]
    #[TestWith(['3: 21 yd', 'no length of a piece'])]
    #[TestWith(['1 to 18: bare', 'leaves every tie bare'])]
    public function test_what_cannot_be_is_refused_with_a_sentence_at_its_blank(string $otherwise, string $says): void
    {
        $this->assertFault('/parts/0/otherwise', $says, fn () => $this->plan($this->with($otherwise)));
    }

    #[TestWith(['12 to 18: 17 1/8 in; 3: bare', ['12 to 18: 17 1/8 in', '3: bare'], '3: bare; 12 to 18: 17 1/8 in'])]
    #[TestWith(['ties 3 and 5: 18.5', ['3 and 5: 18 1/2 in'], '3 and 5: 18 1/2 in'])]
    #[TestWith(['4: 47 cm', ['4: 47 cm'], '4: 47 cm'])]
    #[TestWith(['nothing', [], null])]
    public function test_it_is_typed_as_a_maker_says_it(string $typed, array $written, ?string $shown): void
    {
        $plan = (new FillBlanks(['parts.l1.otherwise' => $typed]))->apply($this->plan($this->everyday()), $this->reader());
        if ($shown === null) {
            $this->assertArrayNotHasKey('otherwise', $plan->write()['parts'][0]);

            return;
        }
        $this->assertSame($shown, $plan->part('l1')->on->slip->show(OtherwiseBlank::KEY, $plan->units()));
        $this->assertEqualsCanonicalizing($written, $plan->write()['parts'][0]['otherwise']);
        $this->assertSame($plan->write(), $this->reader()->read($plan->write())->write());
    }

    public function test_a_plan_file_bears_it_only_where_something_is_written_there(): void
    {
        $file = new PlanFile(Craft::standard());
        $this->assertStringNotContainsString('otherwise', $file->write($this->plan($this->everyday())));
        $written = $file->write($this->plan($this->with('3: bare')));
        $this->assertStringContainsString('"3: bare"', $written);
        $this->assertSame($written, $file->write($file->read($written)));
    }

    public function test_the_recipe_says_it_with_a_blank_to_take_it_back(): void
    {
        $line = fn (Plan $plan): string => Recipe::of($plan, $this->figures($plan))->parts[0]->text();
        $this->assertStringNotContainsString('otherwise', $line($this->plan($this->everyday())));
        $this->assertStringContainsString('On some ties otherwise: 3: bare.', $line($this->plan($this->with('3: bare'))));
    }

    public function test_another_form_keeps_what_still_fits(): void
    {
        $plan = $this->plan($this->with(['3: bare', '17: 12 in']));
        $taken = (new TakeForm('Another', ['kind' => 'ring', 'crossbars' => 5] + $plan->write()['form']))->apply($plan, $this->reader());
        $this->assertLessThan(18, count($taken->ties->all()));
        $this->assertSame(['3: bare'], $taken->write()['parts'][0]['otherwise']);
    }

    public function test_what_stands_on_no_tie_has_no_such_blank(): void
    {
        $plan = $this->plan(['materials' => [['id' => 'r', 'kind' => 'ribbon'], []], 'parts' => [[], ['kind' => 'looped-bow', 'material' => 'r']]]);
        $this->assertFalse($plan->parts[1]->on->slip->has(OtherwiseBlank::KEY));
        $this->expectException(Refused::class);
        (new FillBlanks(['parts.l2.otherwise' => '3: bare']))->apply($plan, $this->reader());
    }

    public function test_a_list_in_a_file_must_hold_texts(): void
    {
        foreach ([[3], [['3: bare']], 5] as $wrong) {
            try {
                $this->plan(['parts' => [['otherwise' => $wrong]]] + $this->everyday());
                $this->fail('It was taken: '.json_encode($wrong));
            } catch (Fault $fault) {
                $this->assertStringStartsWith('/parts/0/otherwise', $fault->pointer);
            }
        }
    }
}
