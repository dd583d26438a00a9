<?php

declare(strict_types=1);

namespace Davrin\Core\Cost;

use Brick\Math\BigRational;
use Davrin\Core\Measure\Money;
use JsonSerializable;

/** One thing that is paid for, counted both ways. By length it may hold fractions of a cent; only the sum is rounded. */
final readonly class CostLine implements JsonSerializable
{
    public function __construct(
        public string $what,
        public BigRational $byLength,
        public string $byLengthBecause,
        public Money $opened,
        public string $openedBecause,
    ) {}

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return [
            'what' => $this->what,
            'byLength' => Money::rounded($this->byLength, $this->opened->currency)->canonical(),
            'byLengthBecause' => $this->byLengthBecause,
            'opened' => $this->opened->canonical(),
            'openedBecause' => $this->openedBecause,
        ];
    }
}
