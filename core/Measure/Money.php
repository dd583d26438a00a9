<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use LogicException;

/**
 * An amount in whole cents of a currency, or whatever the smallest unit of that is. Fractions of a cent live only in a BigRational inside
 * a calculation, rounded once at its end. Amounts of two currencies are never added: that is a mistake in the program.
 */
final readonly class Money
{
    private const MOST = 9_999_999;

    private function __construct(public int $cents, public Currency $currency) {}

    public static function cents(int $cents, Currency $currency): self
    {
        return new self($cents, $currency);
    }

    /** Half a cent and more rounds up. */
    public static function rounded(BigRational $cents, Currency $currency): self
    {
        $shifted = $cents->plus(BigRational::nd(1, 2));

        return new self($shifted->toScale(0, RoundingMode::FLOOR)->toInt(), $currency);
    }

    /** The least whole amount that is no less: a price that must not lose money. */
    public static function atLeast(BigRational $cents, Currency $currency): self
    {
        return new self($cents->toScale(0, RoundingMode::CEILING)->toInt(), $currency);
    }

    /**
     * With the currency's sign or without. Decimals it does not have must be zeros.
     *
     * @throws NotReadable
     */
    public static function read(string $text, Currency $currency): self
    {
        $plain = str_replace([' ', "\u{00A0}"], '', trim($text));
        $sign = preg_quote(str_replace("\u{00A0}", '', $currency->sign()), '/').'|'.$currency->value;
        $amount = '(?<whole>\d{1,12})(?:[.,](?<cents>\d{1,3}))?';
        if (preg_match("/^(?<minus>-?)(?:$sign)?$amount(?:$currency->value)?$/u", $plain, $found) !== 1) {
            throw NotReadable::money($text, $currency);
        }
        $decimals = str_pad($found['cents'] ?? '', 3, '0');
        if (rtrim(substr($decimals, $currency->decimals()), '0') !== '') {
            throw NotReadable::money($text, $currency);
        }
        $cents = (int) $found['whole'] * $currency->parts() + (int) substr($decimals, 0, $currency->decimals());
        if ($cents > self::MOST) {
            throw NotReadable::tooMuch($text, new self(self::MOST, $currency));
        }

        return new self($found['minus'] === '-' ? -$cents : $cents, $currency);
    }

    public function times(int $count): self
    {
        return new self($this->cents * $count, $this->currency);
    }

    public function plus(self $other): self
    {
        return new self($this->cents + $this->alike($other)->cents, $this->currency);
    }

    public function minus(self $other): self
    {
        return new self($this->cents - $this->alike($other)->cents, $this->currency);
    }

    public function equals(self $other): bool
    {
        return $this->cents === $other->cents && $this->currency === $other->currency;
    }

    /** The same figure in another currency, rounded half up to what that one has. Nothing is converted. */
    public function in(Currency $currency): self
    {
        return self::rounded(BigRational::nd($this->cents, $this->currency->parts())->multipliedBy($currency->parts()), $currency);
    }

    /** As a plan file holds it: "6.50". */
    public function canonical(): string
    {
        $parts = $this->currency->parts();

        return sprintf('%s%d', $this->cents < 0 ? '-' : '', intdiv(abs($this->cents), $parts))
            .($parts === 1 ? '' : sprintf('.%0*d', $this->currency->decimals(), abs($this->cents) % $parts));
    }

    public function shown(): string
    {
        return ($this->cents < 0 ? '-' : '').$this->currency->sign().ltrim($this->canonical(), '-');
    }

    private function alike(self $other): self
    {
        return $other->currency === $this->currency
            ? $other
            : throw new LogicException("{$other->currency->value} cannot be added to {$this->currency->value}.");
    }
}
