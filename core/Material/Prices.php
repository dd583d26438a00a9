<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\PriceBlank;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;

/** What a roll or a pack is listed at, and what was paid for it. */
final readonly class Prices
{
    private const MOST_CENTS = 999_999;

    /** @param  string  $what  "a roll", "a pack" */
    public function __construct(private string $what, private Currency $currency) {}

    /** In a plan there always is a price. */
    public function inAPlan(int $usualCents): MoneyBlank
    {
        return new MoneyBlank('price', "the list price of $this->what", Money::cents($usualCents, $this->currency), $this->most());
    }

    /** What was paid, in a plan: the same, unless somebody knows better. */
    public function paidInAPlan(): PriceBlank
    {
        return new PriceBlank('paid', "what was paid for $this->what", $this->most(), 'the same');
    }

    public function listed(): PriceBlank
    {
        return new PriceBlank('price', "the list price of $this->what", $this->most());
    }

    public function paid(): PriceBlank
    {
        return new PriceBlank('paid', "what was paid for $this->what", $this->most());
    }

    private function most(): Money
    {
        return Money::cents(self::MOST_CENTS, $this->currency);
    }
}
