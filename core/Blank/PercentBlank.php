<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Percent;
use Davrin\Core\Measure\Units;

/** @extends NamedBlank<Percent> */
final readonly class PercentBlank extends NamedBlank
{
    public function __construct(string $key, string $label, Percent $default, private Percent $most)
    {
        parent::__construct($key, $label, $default);
    }

    public function read(mixed $raw, ?Units $bare): Percent
    {
        $percent = Percent::read(
            is_string($raw) ? $raw : throw OutOfBounds::kind($this->label, 'a percentage written as text, like "2 %"'),
        );
        if ($percent->hundredths < 0 || $percent->hundredths > $this->most->hundredths) {
            throw OutOfBounds::between($this->label, '0 %', $this->most->shown(), $percent->shown());
        }

        return $percent;
    }

    public function write(mixed $value): string
    {
        return $value->shown();
    }

    public function show(mixed $value, Units $units): string
    {
        return $value->shown();
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^\\d+(\\.\\d{1,2})? ?%$'], $this->default->shown());
    }
}
