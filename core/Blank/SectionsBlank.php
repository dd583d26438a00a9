<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Words;

/**
 * Which sections: null for all of them, or their numbers, typed "1, 2, 5" or "1 to 4".
 *
 * @extends NamedBlank<?list<int>>
 */
final readonly class SectionsBlank extends NamedBlank
{
    private const ALL = 'every section';

    private const LARGEST = 24;

    public function __construct(string $key, string $label)
    {
        parent::__construct($key, $label, null);
    }

    public function read(mixed $raw, ?Units $bare): ?array
    {
        if (is_string($raw)) {
            $text = mb_strtolower((string) preg_replace('/^sections?\s*/i', '', trim($raw)));
            if (in_array($text, ['', self::ALL, 'all', 'every', 'each'], true)) {
                return null;
            }

            return Numbers::read($text, self::LARGEST) ?? throw OutOfBounds::sections($this->label);
        }
        $parts = array_map(fn (mixed $part): string => is_int($part) || is_string($part) ? (string) $part : '', is_array($raw) ? $raw : []);

        return Numbers::read(implode(',', $parts), self::LARGEST) ?? throw OutOfBounds::sections($this->label);
    }

    /** @return string|list<int> */
    public function write(mixed $value): string|array
    {
        return $value ?? self::ALL;
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === null ? self::ALL : (count($value) === 1 ? 'section ' : 'sections ').Words::ranges($value);
    }

    public function schema(): array
    {
        return Schema::described($this->label, ['anyOf' => [
            ['const' => self::ALL],
            [
                'type' => 'array',
                'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::LARGEST],
                'minItems' => 1,
                'maxItems' => self::LARGEST,
            ],
        ]], self::ALL);
    }
}
