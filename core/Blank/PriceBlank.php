<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;

/**
 * A price, or null where nobody knows it.
 *
 * @extends NamedBlank<?Money>
 */
final readonly class PriceBlank extends NamedBlank implements HoldsMoney
{
    public const NONE = 'not known';

    private MoneyBlank $money;

    /** @param  string  $none  what stands there where nobody knows it */
    public function __construct(string $key, string $label, Money $most, private string $none = self::NONE)
    {
        parent::__construct($key, $label, null);
        $this->money = new MoneyBlank($key, $label, Money::cents(0, $most->currency), $most);
    }

    public function read(mixed $raw, ?Units $bare): ?Money
    {
        return is_string($raw) && in_array(mb_strtolower(trim($raw)), ['', self::NONE, $this->none, 'unknown', 'none', '?'], true)
            ? null
            : $this->money->read($raw, $bare);
    }

    public function write(mixed $value): string
    {
        return $value?->canonical() ?? self::NONE;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value?->shown() ?? $this->none;
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['anyOf' => [['const' => self::NONE], $this->money->schema()]], self::NONE);
    }
}
