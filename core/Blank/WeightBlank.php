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
    private const NONE = 'not weighed';

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, null);
    }

    public function read(mixed $raw, ?Units $bare): ?Weight
    {
        $text = is_string($raw) ? trim($raw) : throw OutOfBounds::kind($this->label, 'a weight, like "310 g"');

        return in_array(mb_strtolower($text), ['', self::NONE, 'none'], true) ? null : Weight::read($text);
    }

    public function write(mixed $value): string
    {
        return $value?->shown() ?? self::NONE;
    }

    public function show(mixed $value, Units $units): string
    {
        return $this->write($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, Schema::TEXT, self::NONE);
    }
}
