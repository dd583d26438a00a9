<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/** @extends NamedBlank<string> */
final readonly class ColourBlank extends NamedBlank
{
    public function read(mixed $raw, ?Units $bare): string
    {
        $text = is_string($raw) ? strtolower(trim($raw)) : '';

        return preg_match('/^#[0-9a-f]{6}$/', $text) === 1 ? $text : throw OutOfBounds::colour($text);
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value;
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}$'], $this->default);
    }
}
