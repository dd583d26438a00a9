<?php

declare(strict_types=1);

namespace Davrin\Core\Compare;

use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/** One figure of several plans side by side. */
final readonly class ComparedRow
{
    /**
     * @param  list<Compared>  $cells  one for each plan, in order
     * @param  ?string  $best  what the least of them is called: "cheapest"; null where less is no better
     */
    private function __construct(public string $label, public array $cells, public ?string $best) {}

    /**
     * Whole numbers: "6 more".
     *
     * @param  non-empty-list<int>  $counts
     */
    public static function ofCounts(string $label, array $counts, ?string $best = null): self
    {
        $shown = array_map(strval(...), $counts);

        return self::of($label, $counts, $shown, fn (float $by): string => (string) (int) $by, ['more', 'fewer'], $best);
    }

    /**
     * @param  non-empty-list<Length>  $lengths
     * @param  non-empty-list<string>  $shown
     * @param  array{string, string}  $words  "wider", "narrower"
     */
    public static function ofLengths(string $label, array $lengths, array $shown, array $words, Units $units): self
    {
        return self::of(
            $label,
            array_map(fn (Length $its): float => $its->toInches(), $lengths),
            $shown,
            fn (float $inches): string => $units->place(Length::nearInches($inches)),
            $words,
        );
    }

    /**
     * Of estimates, which are compared as they are told: the difference is that of what is read.
     *
     * @param  non-empty-list<Length>  $lengths
     * @param  non-empty-list<string>  $shown
     * @param  array{string, string}  $words
     * @param  non-empty-list<bool>  $closer  whether each rests on what was measured
     */
    public static function ofEstimates(string $label, array $lengths, array $shown, array $words, Units $units, array $closer): self
    {
        return self::of(
            $label,
            array_map(fn (Length $its, bool $isCloser): float => $units->nearest($its->toInches(), $isCloser), $lengths, $closer),
            $shown,
            fn (float $its): string => $units->about($its / $units->perInch(), true),
            $words,
        );
    }

    /**
     * @param  non-empty-list<?Money>  $money  null where it is in another currency than the first, or not known
     * @param  non-empty-list<string>  $shown
     */
    public static function ofMoney(string $label, array $money, array $shown, Currency $currency, ?string $best): self
    {
        return self::of(
            $label,
            array_map(fn (?Money $its): ?int => $its?->cents, $money),
            $shown,
            fn (float $cents): string => Money::cents((int) round($cents), $currency)->shown(),
            ['more', 'less'],
            $best,
        );
    }

    /** @param  non-empty-list<int>  $minutes */
    public static function ofMinutes(string $label, array $minutes): self
    {
        $shown = array_map(fn (int $its): string => Words::minutes($its), $minutes);

        return self::of($label, $minutes, $shown, fn (float $by): string => Words::minutes($by), ['longer', 'shorter'], 'quickest');
    }

    /**
     * @param  non-empty-list<int|float|null>  $numbers
     * @param  non-empty-list<string>  $shown
     * @param  callable(float): string  $told  how large a difference is
     * @param  array{string, string}  $words  for what is more and what is less
     */
    public static function of(
        string $label,
        array $numbers,
        array $shown,
        callable $told,
        array $words,
        ?string $best = null,
    ): self {
        $known = array_filter($numbers, fn (int|float|null $its): bool => $its !== null);
        $least = $known === [] ? null : min($known);
        $isOne = count(array_unique($known)) > 1;
        $cells = [];
        foreach ($numbers as $index => $number) {
            $by = $index === 0 || $number === null || $numbers[0] === null ? null : $number - $numbers[0];
            $cells[] = new Compared(
                $shown[$index],
                match (true) {
                    $by === null => null,
                    abs($by) < 1e-9 => 'the same',
                    default => $told(abs($by)).' '.$words[$by > 0 ? 0 : 1],
                },
                $best !== null && $isOne && $number === $least,
            );
        }

        return new self($label, $cells, $best);
    }
}
