<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;

/**
 * Several counts in order, typed with commas between them: "6, 12".
 *
 * @extends NamedBlank<list<int>>
 */
final readonly class CountsBlank extends NamedBlank
{
    private CountBlank $one;

    /** @param  list<int>  $default */
    public function __construct(
        string $key,
        string $label,
        array $default,
        private int $fewest,
        private int $most,
        int $least,
        int $largest,
    ) {
        parent::__construct($key, $label, $default);
        $this->one = new CountBlank($key, $label, $least, $least, $largest);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $parts = match (true) {
            is_array($raw) => array_values($raw),
            is_string($raw) => preg_split('/\s*(?:[,;+]|and)\s*/', trim($raw, " \n\t,;")) ?: [],
            default => throw OutOfBounds::kind($this->label, 'a list of whole numbers'),
        };
        if (count($parts) < $this->fewest || count($parts) > $this->most) {
            throw OutOfBounds::countsOf($this->label, $this->fewest, $this->most, count($parts));
        }

        return array_map(fn (mixed $part): int => $this->one->read($part, $bare), $parts);
    }

    /** @return list<int> */
    public function write(mixed $value): array
    {
        return $value;
    }

    public function show(mixed $value, Units $units): string
    {
        return implode(', ', $value);
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label,
            [
                'type' => 'array',
                'items' => array_diff_key($this->one->schema(), ['description' => 1, 'default' => 1]),
                'minItems' => $this->fewest,
                'maxItems' => $this->most,
            ],
            $this->default,
        );
    }
}
