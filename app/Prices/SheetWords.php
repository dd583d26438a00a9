<?php

namespace App\Prices;

use Brick\Math\BigRational;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Price\Price;
use Davrin\Core\Price\SheetLine;
use Davrin\Core\Words\Figure;

/**
 * A priced cost sheet in words and shown figures, as plain data: the page, the PDF and the CSV read it, and it is what is kept of a
 * price that was decided on.
 *
 * @phpstan-type Said array{
 *     name: string, copies: int, made: string, way: string, isShort: bool,
 *     lines: list<array{what: string, source: string, ways: array<string, string>, because: string, waste: ?string}>,
 *     all: array<string, string>, each: array<string, string>, difference: string,
 *     parts: list<array{label: string, shown: string, because: string}>, cost: string,
 *     place: string, asked: string, figures: list<array{label: string, shown: string, because: string}>, post: ?string,
 *     isLoss: bool, hour: ?string, bar: list<array{label: string, shown: string, part: float}>
 * }
 */
final class SheetWords
{
    /** @return Said */
    public static function of(Price $price, Units $units): array
    {
        $sheet = $price->sheet;

        return [
            'name' => $sheet->name,
            'copies' => $sheet->copies,
            'made' => $sheet->copiesWords(),
            'way' => $sheet->way,
            'isShort' => $sheet->isShort,
            'lines' => array_map(fn (SheetLine $line): array => self::line($line, $sheet, $units), $sheet->lines),
            'all' => self::ways(fn (string $way): BigRational => $sheet->materials($way), $sheet),
            'each' => self::ways(fn (string $way): BigRational => $sheet->materialsEach($way), $sheet),
            'difference' => $sheet->difference(),
            'parts' => array_map(self::figure(...), $sheet->parts()),
            'cost' => $sheet->figure()->shown,
            'place' => $price->place->name(),
            'asked' => $price->asked->shown(),
            'figures' => array_map(self::figure(...), $price->figures()),
            'post' => $price->postWords($units),
            'isLoss' => $price->stays()->isNegative(),
            'hour' => $price->anHour()?->shown(),
            'bar' => self::bar($price),
        ];
    }

    /** @return array{what: string, source: string, ways: array<string, string>, because: string, waste: ?string} */
    private static function line(SheetLine $line, CostSheet $sheet, Units $units): array
    {
        $money = fn (BigRational $cents): string => Money::rounded($cents, $sheet->currency())->shown();

        return [
            'what' => ucfirst($line->what),
            'source' => $line->source,
            'ways' => array_map(fn (array $way): string => $money($way[0]), $line->ways),
            'because' => $line->ways[$sheet->way][1],
            'waste' => $line->waste === null
                ? null
                : sprintf('%s too short to keep, %s', $units->needed($line->waste[0]), $money($line->waste[1])),
        ];
    }

    /**
     * @param  callable(string): BigRational  $cents
     * @return array<string, string>
     */
    private static function ways(callable $cents, CostSheet $sheet): array
    {
        $ways = [];
        foreach (array_keys(CostSheet::WAYS) as $way) {
            $ways[$way] = Money::rounded($cents($way), $sheet->currency())->shown();
        }

        return $ways;
    }

    /** @return array{label: string, shown: string, because: string} */
    private static function figure(Figure $figure): array
    {
        return ['label' => $figure->label, 'shown' => $figure->shown, 'because' => implode('; ', $figure->because)];
    }

    /**
     * Each with its part of the longer of price and cost; a loss has no length.
     *
     * @return list<array{label: string, shown: string, part: float}>
     */
    private static function bar(Price $price): array
    {
        $goesTo = $price->goesTo();
        $whole = array_sum(array_map(fn (BigRational $cents): float => max(0.0, $cents->toFloat()), $goesTo));
        $bar = [];
        foreach ($goesTo as $label => $cents) {
            $bar[] = [
                'label' => $label === 'what stays' && $cents->isNegative() ? 'missing' : $label,
                'shown' => Money::rounded($cents->abs(), $price->sheet->currency())->shown(),
                'part' => $whole > 0.0 ? max(0.0, $cents->toFloat()) / $whole : 0.0,
            ];
        }

        return $bar;
    }
}
