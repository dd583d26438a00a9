<?php

declare(strict_types=1);

namespace Davrin\Core\Price;

use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;

/** The blanks in which a fee, a rate or a postage is written. */
final class Amount
{
    private const MOST_CENTS = 999_999;

    public static function blank(string $key, string $label, int $usualCents, Currency $currency): MoneyBlank
    {
        return new MoneyBlank($key, $label, Money::cents($usualCents, $currency), Money::cents(self::MOST_CENTS, $currency));
    }
}
