<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Measure\Weight;

/**
 * A weight, or null where nobody weighed it.
 *
 * @extends NamedBlank<?Weight>
 */
final readonly class WeightBlank extends NamedBlank
{
    /** @param  string  $none  what is said where nobody weighed it */
    public function __construct(string $key, string $label, private string $none = 'not weighed')
    {
        parent::__construct($key, $label, null);
    }

    public function read(mixed $raw, ?Units $bare): ?Weight
    {
        $text = is_string($raw) ? trim($raw) : throw OutOfBounds::kind($this->label, 'a weight, like "310 g"');

        return in_array(mb_strtolower($text), ['', $this->none, 'none'], true) ? null : Weight::read($text);
    }

    public function write(mixed $value): string
    {
        return $value?->shown() ?? $this->none;
    }

    public function show(mixed $value, Units $units): string
    {
        return $this->write($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, Schema::TEXT, $this->none);
    }
}
