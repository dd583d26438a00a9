<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;

/** How a price that is asked ends, so that it reads like a price: it is rounded up to the next that ends so. */
enum PriceEnding: string
{
    case Exact = 'exact';
    case NinetyFive = 'in-95';
    case NinetyNine = 'in-99';
    case Half = 'in-50';
    case Whole = 'whole';
    case Nine = 'nine';
    case Five = 'five';

    /** "ends in .95", in a currency without cents "ends in 95" */
    public function words(Currency $currency): string
    {
        $point = $currency->decimals() === 0 ? '' : '.';
        $zeros = str_repeat('0', max(0, $currency->decimals() - 2));

        return match ($this) {
            self::Exact => 'is not rounded',
            self::NinetyFive, self::NinetyNine, self::Half => "ends in $point".substr($this->value, -2).$zeros,
            self::Whole => $currency->decimals() === 0 ? 'ends in 00' : 'is a whole number',
            self::Nine => $currency->decimals() === 0 ? 'ends in 900' : 'ends in 9 and nothing more',
            self::Five => $currency->decimals() === 0 ? 'ends in 000 or 500' : 'ends in 0 or 5',
        };
    }

    /** The least price that is no lower and ends so. */
    public function up(Money $least): Money
    {
        // Where there are no cents, a hundred of the currency is what one is elsewhere.
        $one = max(100, $least->currency->parts());
        [$ending, $every] = match ($this) {
            self::Exact => [0, 1],
            self::NinetyFive => [intdiv($one * 95, 100), $one],
            self::NinetyNine => [intdiv($one * 99, 100), $one],
            self::Half => [intdiv($one, 2), $one],
            self::Whole => [0, $one],
            self::Nine => [9 * $one, 10 * $one],
            self::Five => [0, 5 * $one],
        };
        $over = $least->cents - $ending;

        return Money::cents($ending + $every * (int) ceil(max(0, $over) / $every), $least->currency);
    }
}
