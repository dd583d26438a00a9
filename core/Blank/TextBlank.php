<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/** @implements Blank<string> */
final readonly class TextBlank implements Blank
{
    public function __construct(
        private string $key,
        private string $label,
        private string $default,
        private int $longest,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->label;
    }

    public function default(): string
    {
        return $this->default;
    }

    public function read(mixed $raw, ?Units $bare): string
    {
        $text = is_string($raw) ? trim((string) preg_replace('/[\s\p{C}]+/u', ' ', $raw)) : '';

        return $text !== '' && mb_strlen($text) <= $this->longest ? $text : throw OutOfBounds::text($this->label, $this->longest);
    }

    public function write(mixed $value): string
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value;
    }

    public function options(): array
    {
        return [];
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest], $this->default);
    }
}
