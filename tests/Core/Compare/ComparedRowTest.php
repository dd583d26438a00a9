<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use Davrin\Core\Compare\Compared;
use Davrin\Core\Compare\ComparedRow;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use PHPUnit\Framework\TestCase;

/** How the figures of several plans are held against the first. */
final class ComparedRowTest extends TestCase
{
    public function test_counts_are_more_fewer_or_the_same_and_the_fewest_is_named(): void
    {
        $row = ComparedRow::ofCounts('rolls', [4, 6, 3, 4], 'fewest');
        $this->assertSame([null, '2 more', '1 fewer', 'the same'], $this->differs($row));
        $this->assertSame([false, false, true, false], $this->best($row));
        $this->assertSame([false, false], $this->best(ComparedRow::ofCounts('rolls', [4, 4], 'fewest')), 'where all have as many none is the best');
        $this->assertSame([true, true, false], $this->best(ComparedRow::ofCounts('rolls', [1, 1, 2], 'fewest')));
        $this->assertSame([false, false], $this->best(ComparedRow::ofCounts('ties', [1, 2])), 'fewer ties are no better');
    }

    public function test_an_estimate_differs_by_what_is_read(): void
    {
        // About 23 in and about 26 in are 3 in apart, though 22.6 and 26.4 are nearly 4.
        $lengths = [Length::inches(22, 5, 8), Length::inches(26, 3, 8), Length::inches(23, 3, 8)];
        $words = ['larger', 'smaller'];
        $row = ComparedRow::ofEstimates('size', $lengths, ['about 23 in', 'about 26 in', 'about 23 in'], $words, Units::Inches, [false, false, false]);
        $this->assertSame([null, 'about 3 in larger', 'the same'], $this->differs($row));
        $exact = ComparedRow::ofLengths('left', $lengths, ['22 5/8 in', '26 3/8 in', '23 3/8 in'], ['more', 'less'], Units::Inches);
        $this->assertSame([null, '3 3/4 in more', '3/4 in more'], $this->differs($exact));
        $metric = ComparedRow::ofEstimates('size', $lengths, ['about 57 cm', 'about 67 cm', 'about 59 cm'], $words, Units::Metric, [false, false, false]);
        $this->assertSame([null, 'about 10 cm larger', 'about 2 cm larger'], $this->differs($metric));
    }

    public function test_what_was_measured_is_told_to_the_half_and_compared_so(): void
    {
        $lengths = [Length::inches(22, 5, 8), Length::inches(26, 3, 8), Length::inches(23, 3, 8)];
        $row = ComparedRow::ofEstimates('size', $lengths, ['about 22 1/2 in', 'about 26 in', 'about 23 1/2 in'], ['larger', 'smaller'], Units::Inches, [true, false, true]);
        $this->assertSame([null, 'about 3 1/2 in larger', 'about 1 in larger'], $this->differs($row));
        $metric = ComparedRow::ofEstimates('size', $lengths, ['about 57.5 cm', 'about 67 cm', 'about 59.5 cm'], ['larger', 'smaller'], Units::Metric, [true, false, true]);
        $this->assertSame([null, 'about 9.5 cm larger', 'about 2 cm larger'], $this->differs($metric));
    }

    public function test_money_and_minutes(): void
    {
        $money = array_map(fn (?int $cents): ?Money => $cents === null ? null : Money::cents($cents, Currency::UsDollar), [1050, 995, null]);
        $row = ComparedRow::ofMoney('cost', $money, ['$10.50', '$9.95', 'not known'], Currency::UsDollar, 'cheapest');
        $this->assertSame([[null, '$0.55 less', null], [false, true, false]], [$this->differs($row), $this->best($row)]);
        $this->assertSame([null, 'about 1 h 05 longer', 'about 5 min shorter'], $this->differs(ComparedRow::ofMinutes('time', [40, 105, 35])));
    }

    /** @return list<?string> */
    private function differs(ComparedRow $row): array
    {
        return array_map(fn (Compared $cell): ?string => $cell->differs, $row->cells);
    }

    /** @return list<bool> */
    private function best(ComparedRow $row): array
    {
        return array_map(fn (Compared $cell): bool => $cell->isBest, $row->cells);
    }
}
