<?php

namespace App\Settings;

use Davrin\Core\Measure\Currency;

/** Prices that another currency would show rounded. */
final readonly class Rounding
{
    /** @param  list<string>  $examples  "$6.75 becomes ¥7" */
    public function __construct(public int $count, public int $all, public array $examples, public Currency $currency) {}

    public function words(): string
    {
        return sprintf(
            '%d of %d prices have decimals that %s do not have: %s%s. They would be shown and counted rounded. The exact prices are '
                .'kept, and come back with a currency that has those decimals, unless you write over them.',
            $this->count,
            $this->all,
            $this->currency->name(),
            implode(', ', $this->examples),
            $this->count > count($this->examples) ? ' and so on' : '',
        );
    }
}
