<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** An amount in whole cents. Fractions of a cent live only in a BigRational inside a calculation, rounded once at its end. */
final readonly class Money
{
    private const MOST = 9_999_999;

    private function __construct(public int $cents) {}

    public static function cents(int $cents): self
    {
        return new self($cents);
    }

    /** Half a cent and more rounds up. */
    public static function rounded(BigRational $cents): self
    {
        $shifted = $cents->plus(BigRational::nd(1, 2));

        return new self($shifted->toScale(0, RoundingMode::FLOOR)->toInt());
    }

    /** @throws NotReadable */
    public static function read(string $text): self
    {
        $plain = str_replace([' ', "\u{00A0}"], '', trim($text));
        if (preg_match('/^(?<sign>-?)\$?(?<whole>\d{1,12})(?:[.,](?<cents>\d{1,2}))?$/', $plain, $found) !== 1) {
            throw NotReadable::money($text);
        }
        $cents = (int) $found['whole'] * 100 + (int) str_pad($found['cents'] ?? '', 2, '0');
        if ($cents > self::MOST) {
            throw NotReadable::tooMuch($text);
        }

        return new self($found['sign'] === '-' ? -$cents : $cents);
    }

    public function times(int $count): self
    {
        return new self($this->cents * $count);
    }

    public function plus(self $other): self
    {
        return new self($this->cents + $other->cents);
    }

    public function minus(self $other): self
    {
        return new self($this->cents - $other->cents);
    }

    public function equals(self $other): bool
    {
        return $this->cents === $other->cents;
    }

    /** As a plan file holds it: "6.50". */
    public function canonical(): string
    {
        return sprintf('%s%d.%02d', $this->cents < 0 ? '-' : '', intdiv(abs($this->cents), 100), abs($this->cents) % 100);
    }

    public function shown(): string
    {
        return sprintf('%s$%d.%02d', $this->cents < 0 ? '-' : '', intdiv(abs($this->cents), 100), abs($this->cents) % 100);
    }
}
