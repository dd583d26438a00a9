<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;

/** A percentage in hundredths of a percent. */
final readonly class Percent
{
    private function __construct(public int $hundredths) {}

    public static function of(int $percent): self
    {
        return new self($percent * 100);
    }

    /** @throws NotReadable */
    public static function read(string $text): self
    {
        if (preg_match('/^(?<sign>-?)(?<whole>\d{1,6})(?:[.,](?<part>\d{1,2}))?\s*%?$/', trim($text), $found) !== 1) {
            throw NotReadable::percent($text);
        }
        $hundredths = (int) $found['whole'] * 100 + (int) str_pad($found['part'] ?? '', 2, '0');

        return new self($found['sign'] === '-' ? -$hundredths : $hundredths);
    }

    /** What is left of a length once this share is taken off, rounded down to the unit: it is what is available. */
    public function off(Length $length): Length
    {
        return Length::ofUnits(intdiv($length->units * (10_000 - $this->hundredths), 10_000));
    }

    /** 6.5 % is 13/200. */
    public function part(): BigRational
    {
        return BigRational::nd($this->hundredths, 10_000);
    }

    public function isZero(): bool
    {
        return $this->hundredths === 0;
    }

    public function shown(): string
    {
        return LengthText::decimal($this->hundredths, 100, 2).' %';
    }
}
