<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use Davrin\Core\Compare\Compared;
use Davrin\Core\Compare\ComparedRow;
use Davrin\Core\Compare\Comparison;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Tests\Core\PlanCase;

final class ComparisonTest extends PlanCase
{
    public function test_each_difference_from_the_first_is_told_in_words(): void
    {
        $rows = $this->compared(
            $this->everyday(),
            ['materials' => [['label' => 'measured', 'width' => '14 in']], 'parts' => [['length' => '25 in']]],
        );
        $this->assertSame(['18', '18', 'the same'], [$rows['ties']->cells[0]->shown, $rows['ties']->cells[1]->shown, $rows['ties']->cells[1]->differs]);
        // 18 pieces of 25 in are 450 in: a second roll is opened.
        $this->assertSame(['2', '1 more', false], $this->cell($rows['full rolls opened']->cells[1]));
        $this->assertSame(['1', null, true], $this->cell($rows['full rolls opened']->cells[0]));
        $this->assertSame('252 in more', $rows['left on the rolls']->cells[1]->differs);
        $this->assertSame('about 4 in larger', $rows['size']->cells[1]->differs);
        $this->assertSame(['$20.50', '$2.00 more', false], $this->cell($rows['price to ask']->cells[1]));
        $this->assertSame('not known', $rows['weight']->cells[1]->shown);
    }

    public function test_centimetres_and_another_currency(): void
    {
        $rows = $this->compared(
            ['settings' => ['units' => 'centimetres']] + $this->everyday(),
            ['settings' => ['currency' => 'EUR'], 'materials' => [['width' => '14 in']], 'parts' => [['length' => '25 in']]],
        );
        $this->assertStringEndsWith(' cm larger', (string) $rows['size']->cells[1]->differs);
        // What is told in square centimetres to the centimetre is compared in these.
        [$one, $other] = [(float) $rows['fullness']->cells[0]->shown, (float) $rows['fullness']->cells[1]->shown];
        $this->assertGreaterThan(200.0, $one);
        $this->assertSame(number_format(abs($other - $one), 1).($other > $one ? ' fuller' : ' thinner'), $rows['fullness']->cells[1]->differs);
        // What is counted in another currency is shown and held against nothing.
        $this->assertStringStartsWith('€', $rows['cost by length used']->cells[1]->shown);
        $this->assertNull($rows['cost by length used']->cells[1]->differs);
    }

    public function test_a_learned_size_is_held_against_a_guess_as_both_are_read(): void
    {
        $learned = [['figure' => 'reach', 'of' => 'ruffle', 'value' => '0.95', 'from' => 5]];
        $rows = $this->compared(
            $this->everyday(),
            ['learned' => $learned, 'settings' => ['units' => 'inches']] + $this->everyday(),
        );
        [$guess, $closer] = $rows['size']->cells;
        $this->assertMatchesRegularExpression('/^about \d+ in$/', $guess->shown);
        $this->assertMatchesRegularExpression('/^about \d+ 1\/2 in$/', $closer->shown);
        $this->assertSame('about 1/2 in smaller', $closer->differs);
        // An opening is told to the eighth, and compared to it.
        $learned = [['figure' => 'reach', 'of' => 'poof-run', 'value' => '0.95', 'from' => 5]];
        $openings = $this->compared($this->poofs(), ['learned' => $learned] + $this->poofs())['opening']->cells;
        $this->assertSame(['about 5 in', 'about 5 1/4 in', '1/4 in wider'], [$openings[0]->shown, $openings[1]->shown, $openings[1]->differs]);
    }

    /** @return array<string, ComparedRow> by label */
    private function compared(array $one, array $other): array
    {
        $of = [];
        foreach ([[$one, 1850], [$other, 2050]] as [$document, $cents]) {
            $plan = $this->plan($document);
            $of[] = [$plan, $this->figures($plan), Money::cents($cents, Currency::UsDollar)];
        }

        return array_column(Comparison::of($of)->rows, null, 'label');
    }

    /** @return array{string, ?string, bool} */
    private function cell(Compared $cell): array
    {
        return [$cell->shown, $cell->differs, $cell->isBest];
    }
}
