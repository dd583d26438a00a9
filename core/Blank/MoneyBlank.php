<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;

/** @implements Blank<Money> */
final readonly class MoneyBlank implements Blank
{
    public function __construct(private string $key, private string $label, private Money $default, private Money $most) {}

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->label;
    }

    public function default(): Money
    {
        return $this->default;
    }

    public function read(mixed $raw, ?Units $bare): Money
    {
        $money = Money::read(is_string($raw) ? $raw : throw OutOfBounds::kind($this->label, 'a price written as text, like "6.50"'));
        if ($money->cents < 0 || $money->cents > $this->most->cents) {
            throw OutOfBounds::between($this->label, '$0.00', $this->most->shown(), $money->shown());
        }

        return $money;
    }

    public function write(mixed $value): string
    {
        return $value->canonical();
    }

    public function show(mixed $value, Units $units): string
    {
        return $value->shown();
    }

    public function options(): array
    {
        return [];
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^\\d+(\\.\\d{1,2})?$'], $this->default->canonical());
    }
}
