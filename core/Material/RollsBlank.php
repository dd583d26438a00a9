<?php

declare(strict_types=1);

namespace Davrin\Core\Material;

use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;

/**
 * How many rolls there are to work with: a number, or null for as many as the plan needs.
 *
 * @extends NamedBlank<?int>
 */
final readonly class RollsBlank extends NamedBlank
{
    private const AS_NEEDED = 'as needed';

    private CountBlank $count;

    public function __construct(string $key, string $label, ?int $default, private int $most)
    {
        parent::__construct($key, $label, $default);
        $this->count = new CountBlank($key, $label, 1, 0, $most);
    }

    public function read(mixed $raw, ?Units $bare): ?int
    {
        $text = is_string($raw) ? mb_strtolower(trim($raw)) : $raw;
        if (in_array($text, ['', self::AS_NEEDED, 'as many as needed', 'any'], true)) {
            return null;
        }

        if (in_array($text, ['none', 'no', 'no roll', 'no rolls'], true)) {
            return 0;
        }

        return $this->count->read(is_string($text) ? (string) preg_replace('/\s*rolls?$/', '', $text) : $text, $bare);
    }

    public function write(mixed $value): string|int
    {
        return $value ?? self::AS_NEEDED;
    }

    public function show(mixed $value, Units $units): string
    {
        return match ($value) {
            null => 'as many as needed',
            0 => 'none',
            1 => '1 roll',
            default => "$value rolls",
        };
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            ['anyOf' => [['const' => self::AS_NEEDED], ['type' => 'integer', 'minimum' => 0, 'maximum' => $this->most]]],
            $this->write($this->default),
        );
    }
}
