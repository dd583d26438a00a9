<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\AreaWeight;
use Davrin\Core\Measure\Units;

/**
 * What a square foot or a square metre weighs, or null where nobody knows.
 *
 * @extends NamedBlank<?AreaWeight>
 */
final readonly class AreaWeightBlank extends NamedBlank
{
    private const NONE = 'not known';

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, null);
    }

    public function read(mixed $raw, ?Units $bare): ?AreaWeight
    {
        $text = is_string($raw) ? trim($raw) : throw OutOfBounds::kind($this->label, 'a weight, like "10.8 g a square foot"');

        return in_array(mb_strtolower($text), ['', self::NONE, 'none'], true) ? null : AreaWeight::read($text, $bare);
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
        return Schema::described($this->label.': "10.8 g a square foot" or "116 g a square metre"', Schema::TEXT, self::NONE);
    }
}
