<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\MoneyBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Money;

/** Something that is bought by the pack and used by the piece: chenille stems, zip ties. */
final readonly class Good
{
    public function __construct(public Slip $slip) {}

    /** @return list<Blank<covariant mixed>> */
    public static function ofStems(): array
    {
        return [
            new CountBlank('pack', 'the number of stems in a pack', 25, 1, 1000),
            new MoneyBlank('price', 'the price of a pack', Money::cents(125), Money::cents(99_999)),
        ];
    }

    /** @return list<Blank<covariant mixed>> */
    public static function ofZipTies(): array
    {
        return [
            new CountBlank('pack', 'the number of zip ties in a pack', 100, 1, 1000),
            new MoneyBlank('price', 'the price of a pack', Money::cents(300), Money::cents(99_999)),
        ];
    }

    public function pack(): int
    {
        return $this->slip->count('pack');
    }

    public function price(): Money
    {
        return $this->slip->money('price');
    }
}
