<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/**
 * What all blanks share: a key, what they are called, a default; and unless they say otherwise they are typed, not chosen.
 *
 * @template T
 *
 * @implements Blank<T>
 */
abstract readonly class NamedBlank implements Blank
{
    /** @param  T  $default */
    public function __construct(private string $key, protected string $label, protected mixed $default) {}

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->label;
    }

    public function default(): mixed
    {
        return $this->default;
    }

    public function options(): array
    {
        return [];
    }
}
