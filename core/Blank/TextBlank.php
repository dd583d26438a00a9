<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/** @extends NamedBlank<string> */
final readonly class TextBlank extends NamedBlank
{
    public function __construct(string $key, string $label, string $default, private int $longest)
    {
        parent::__construct($key, $label, $default);
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

    public function schema(): array
    {
        return Schema::described($this->label, ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest], $this->default);
    }
}
