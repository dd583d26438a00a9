<?php

declare(strict_types=1);

namespace Tests\Core;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Recipe\BlankPart;
use Davrin\Core\Recipe\Line;
use Davrin\Core\Recipe\Recipe;

final class RecipeTest extends PlanCase
{
    public function test_a_plan_is_told_in_sentences_in_build_order(): void
    {
        $recipe = $this->recipe($this->everyday());
        $this->assertSame([
            'On a wire ring, its wires 14, 12, 10, 8 in across, with 6 crossbars, welds in place, bought at $1.75. Count clockwise '
                .'from crossbar 1.',
            'Prep it inner mid + two outer in every section: one tie at mid section on the two inner wires, two on the two outer '
                .'wires, 1 1/2 in from the crossbars. Each tie takes a whole stem.',
            'Cut 18 ruffles of Sage mesh, all alike, 19 in long. Gather each as a ruffle, one on every tie.',
            'Stems come 25 in a pack, at $1.25 a pack, paid the same; weight of one not known.',
        ], array_map(fn (Line $line): string => $line->text(), [$recipe->form, ...$recipe->ties, ...$recipe->parts, ...$recipe->goods]));
    }

    public function test_a_run_says_its_drop_only_where_it_drops(): void
    {
        $this->assertStringNotContainsString('drop', $this->recipe($this->poofs())->parts[0]->text());
        $this->assertStringContainsString(
            '0 in to drop to the next row',
            $this->recipe(['parts' => [['kind' => 'poof-run']]])->parts[0]->text(),
        );
    }

    public function test_an_allowance_is_asked_for_only_where_the_label_is_trusted(): void
    {
        $this->assertStringContainsString('by the label, up to 1 % short', $this->recipe([])->materials['m1']->text());
        $this->assertStringContainsString('rolls of 10 yd measured, at $6.50', $this->recipe($this->everyday())->materials['m1']->text());
    }

    public function test_where_the_count_begins_is_told_in_the_words_of_the_form(): void
    {
        $told = fn (array $form): string => substr(
            (string) strstr($this->recipe(['form' => $form, 'parts' => []])->form->text(), 'Count'),
            0,
            -1,
        );
        $this->assertSame('Count anticlockwise from crossbar 3', $told(['direction' => 'anticlockwise', 'startAt' => 3]));
        $this->assertSame('Count clockwise from spoke 1', $told(['kind' => 'wheel']));
        $this->assertSame('Count clockwise from place 2 (1 is the top)', $told(['kind' => 'rectangle', 'startAt' => 2]));
        $this->assertSame(
            ['Count from the top down', 'Count from the bottom up'],
            [$told(['kind' => 'stick']), $told(['kind' => 'stick', 'direction' => 'anticlockwise'])],
        );
        $this->assertSame('Count from left to right', $told(['kind' => 'hat']));
        $this->assertSame('Count clockwise', $told(['kind' => 'outline', 'closed' => 'open']));
        $this->assertStringEndsWith(
            'The count begins at crossbar 3 and goes anticlockwise, seen from the front.',
            $this->work(['form' => ['direction' => 'anticlockwise', 'startAt' => 3]])->formWords,
        );
        $this->assertStringEndsWith(
            'The count goes from the crook down, seen from the front.',
            $this->work(['form' => ['kind' => 'hook'], 'parts' => []])->formWords,
        );
    }

    public function test_in_centimetres_every_sentence_is_in_centimetres(): void
    {
        $recipe = $this->recipe(['settings' => ['units' => 'centimetres']]);
        foreach ([$recipe->form, ...$recipe->ties, ...$recipe->parts, ...array_values($recipe->materials), ...array_values($recipe->uses), $recipe->settings] as $line) {
            $this->assertDoesNotMatchRegularExpression('/\d (in|yd|ft)\b/', $line->text());
        }
    }

    public function test_every_blank_takes_back_what_it_shows(): void
    {
        foreach ([$this->everyday(), $this->poofs(), ['settings' => ['units' => 'centimetres']]] as $document) {
            $plan = $this->plan($document);
            $recipe = $this->recipe($document);
            foreach ([$recipe->name, $recipe->form, ...$recipe->ties, ...$recipe->parts, ...array_values($recipe->materials), ...array_values($recipe->uses), ...$recipe->goods, $recipe->settings] as $line) {
                foreach (array_filter($line->parts, fn (mixed $part): bool => $part instanceof BlankPart) as $blank) {
                    $again = (new FillBlanks([$blank->address => $blank->options === [] ? $blank->shown : $blank->value]))->apply($plan, $this->reader());
                    $this->assertSame($plan->write(), $again->write(), "$blank->address: $blank->shown");
                }
            }
        }
    }

    /** @param  array<string, mixed>  $document */
    private function recipe(array $document): Recipe
    {
        $plan = $this->plan($document);

        return Recipe::of($plan, Engine::standard(Craft::standard())->work($plan));
    }
}
