<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Words\ColourNames;

/**
 * A colour. It may be typed by its name, and is shown by that where it has one; a file holds six digits.
 *
 * @extends NamedBlank<string>
 */
final readonly class ColourBlank extends NamedBlank
{
    public function read(mixed $raw, ?Units $bare): string
    {
        $text = is_string($raw) ? mb_strtolower(trim($raw)) : '';
        $typed = $bare === null ? $text : ColourNames::colour($text) ?? (preg_match('/^[0-9a-f]{6}$/', $text) === 1 ? "#$text" : $text);

        return preg_match('/^#[0-9a-f]{6}$/', $typed) === 1
            ? $typed
            : throw ($bare === null ? OutOfBounds::colour($text) : OutOfBounds::colourOrName($text));
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return ColourNames::name($value) ?? $value;
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'pattern' => '^#[0-9a-fA-F]{6}$'], $this->default);
    }
}
