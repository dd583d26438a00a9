<?php

declare(strict_types=1);

namespace Davrin\Core\Compare;

use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Result\Tally;
use Davrin\Core\Result\WoundResult;
use Davrin\Core\Supply\Origin;
use Davrin\Core\Words\Figure;

/** Two to four plans side by side: what each takes and comes to, and how it differs from the first, in words. */
final readonly class Comparison
{
    public const MOST = 4;

    /** @param  list<ComparedRow>  $rows */
    private function __construct(public array $rows) {}

    /**
     * @param  non-empty-list<array{Plan, Result, ?Money}>  $of  each with what to ask for it; null where that is not known
     */
    public static function of(array $of): self
    {
        [$results, $units] = [array_column($of, 1), $of[0][0]->units()];
        $tallies = array_map(fn (Result $its): Tally => $its->tally, $results);
        $closer = array_map(fn (Result $its): bool => $its->extent->isMeasured, $results);
        $currency = $of[0][0]->settings->currency();
        $cost = fn (bool $byLength): array => array_map(fn (array $its): Money => Money::read(
            (string) ($byLength ? $its[1]->cost->byLength : $its[1]->cost->opened)->value,
            $its[0]->settings->currency(),
        ), $of);

        return new self([
            ComparedRow::ofCounts('ties', array_map(fn (Tally $its): int => (int) $its->ties->value, $tallies)),
            ComparedRow::ofCounts('pieces', array_map(fn (Tally $its): int => (int) $its->elements->value, $tallies)),
            ...self::onRolls($results),
            self::lengths('left on the rolls', array_column($tallies, 'left'), ['more', 'less'], $units),
            self::lengths('size', array_column($tallies, 'across'), ['larger', 'smaller'], $units, $closer),
            self::lengths('opening', array_column($tallies, 'opening'), ['wider', 'narrower'], $units),
            self::lengths('depth', array_column($tallies, 'depth'), ['deeper', 'flatter'], $units, $closer),
            ComparedRow::of(
                'fullness',
                // As it is told, in the units of the house.
                array_map(fn (Tally $its): float => (float) self::without('fullness', $its->fullness), $tallies),
                array_map(fn (Tally $its): string => self::without('fullness', $its->fullness), $tallies),
                fn (float $by): string => number_format($by, 1),
                ['fuller', 'thinner'],
            ),
            ComparedRow::of(
                'weight',
                array_map(fn (Tally $its): ?int => is_int($its->weight->value) ? $its->weight->value : null, $tallies),
                array_map(fn (Tally $its): string => self::without('weight', $its->weight), $tallies),
                fn (float $by): string => sprintf('%d g', $by),
                ['heavier', 'lighter'],
            ),
            ComparedRow::ofMinutes('time', array_map(fn (Tally $its): int => (int) $its->minutes->value, $tallies)),
            self::money('cost by length used', $cost(true), $currency, 'cheapest'),
            self::money('cost by what is opened', $cost(false), $currency, 'cheapest'),
            self::money('price to ask', array_column($of, 2), $currency, null),
        ]);
    }

    /**
     * @param  non-empty-list<Result>  $results
     * @return list<ComparedRow>
     */
    private static function onRolls(array $results): array
    {
        $row = fn (string $label, callable $count): ComparedRow => ComparedRow::ofCounts(
            $label,
            array_map(fn (Result $its): int => (int) array_sum(array_map($count, $its->wound)), $results),
            'fewest',
        );

        return [
            $row('full rolls opened', fn (WoundResult $its): int => $its->plan->opened()),
            $row('new rolls to buy', fn (WoundResult $its): int => count($its->plan->from(Origin::New))),
            $row('pieces short', fn (WoundResult $its): int => $its->plan->unmetPieces),
        ];
    }

    /**
     * @param  non-empty-list<Figure>  $figures
     * @param  array{string, string}  $words
     * @param  ?non-empty-list<bool>  $closer  of estimates, whether each rests on what was measured
     */
    private static function lengths(string $label, array $figures, array $words, Units $units, ?array $closer = null): ComparedRow
    {
        $lengths = array_map(fn (Figure $its): Length => LengthText::read((string) $its->value, null), $figures);
        $shown = array_column($figures, 'shown');

        return $closer === null
            ? ComparedRow::ofLengths($label, $lengths, $shown, $words, $units)
            : ComparedRow::ofEstimates($label, $lengths, $shown, $words, $units, $closer);
    }

    /** What stands at the head of its row already is not said again. */
    private static function without(string $word, Figure $figure): string
    {
        return trim(str_replace($word, '', $figure->shown));
    }

    /** @param  non-empty-list<?Money>  $money */
    private static function money(string $label, array $money, Currency $currency, ?string $best): ComparedRow
    {
        return ComparedRow::ofMoney(
            $label,
            array_map(fn (?Money $its): ?Money => $its?->currency === $currency ? $its : null, $money),
            array_map(fn (?Money $its): string => $its?->shown() ?? 'not known', $money),
            $currency,
            $best,
        );
    }
}
