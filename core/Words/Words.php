<?php

declare(strict_types=1);

namespace Davrin\Core\Words;

/** Counts and lists the way they are said. */
final class Words
{
    public static function count(int $count, string $one, ?string $many = null): string
    {
        return $count.' '.($count === 1 ? $one : $many ?? $one.'s');
    }

    /** @param  list<int|string>  $items */
    public static function list(array $items): string
    {
        return count($items) < 2
            ? implode('', $items)
            : implode(', ', array_slice($items, 0, -1)).' and '.$items[count($items) - 1];
    }

    /**
     * Tie numbers, neighbours drawn together: "tie 7", "ties 3 and 5", "ties 16 to 18".
     *
     * @param  list<int>  $numbers
     */
    public static function ties(array $numbers): string
    {
        return (count($numbers) === 1 ? 'tie ' : 'ties ').self::ranges($numbers);
    }

    /**
     * "7", "3 and 5", "16 to 18".
     *
     * @param  list<int>  $numbers
     */
    public static function ranges(array $numbers): string
    {
        sort($numbers);
        $ranges = [];
        foreach ($numbers as $number) {
            $last = array_key_last($ranges);
            $last !== null && $ranges[$last][1] === $number - 1 ? $ranges[$last][1] = $number : $ranges[] = [$number, $number];
        }
        $said = [];
        foreach ($ranges as [$first, $last]) {
            array_push($said, ...($last - $first > 1 ? ["$first to $last"] : range($first, $last)));
        }

        return self::list(array_map(strval(...), $said));
    }

    public static function minutes(float $minutes): string
    {
        $whole = (int) round($minutes);

        return $whole < 60 ? "about $whole min" : sprintf('about %d h %02d', intdiv($whole, 60), $whole % 60);
    }
}
