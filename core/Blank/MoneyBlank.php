<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Money;
use Davrin\Core\Measure\Units;

/** @extends NamedBlank<Money> */
final readonly class MoneyBlank extends NamedBlank implements HoldsMoney
{
    public function __construct(string $key, string $label, Money $default, private Money $most)
    {
        parent::__construct($key, $label, $default);
    }

    public function read(mixed $raw, ?Units $bare): Money
    {
        $money = is_string($raw)
            ? Money::read($raw, $this->most->currency)
            : throw OutOfBounds::kind($this->label, 'a price written as text, like "6.50"');
        if ($money->cents < 0 || $money->cents > $this->most->cents) {
            throw OutOfBounds::between($this->label, $money->minus($money)->shown(), $this->most->shown(), $money->shown());
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

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^\\d+(\\.\\d{1,3})?$'], $this->default->canonical());
    }
}
