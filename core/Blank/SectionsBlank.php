<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

use Davrin\Core\Measure\Units;
use Davrin\Core\Result\Words;

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
            $raw = preg_split('/\s*(?:[,;]|\band\b)\s*/', trim($text, ' ,;')) ?: [];
        }
        $numbers = [];
        foreach (is_array($raw) ? $raw : throw OutOfBounds::sections($this->label) as $part) {
            array_push($numbers, ...$this->range(is_int($part) || is_string($part) ? trim((string) $part) : ''));
        }
        sort($numbers);

        return $numbers === [] ? throw OutOfBounds::sections($this->label) : array_values(array_unique($numbers));
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
            ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::LARGEST], 'minItems' => 1, 'maxItems' => self::LARGEST],
        ]], self::ALL);
    }

    /** @return list<int> */
    private function range(string $part): array
    {
        if (preg_match('/^(\d{1,2})(?:\s*(?:to|-|–|\.\.)\s*(\d{1,2}))?$/u', $part, $found) !== 1) {
            throw OutOfBounds::sections($this->label);
        }
        [$from, $to] = [(int) $found[1], (int) ($found[2] ?? $found[1])];

        return $from >= 1 && $to >= $from && $to <= self::LARGEST ? range($from, $to) : throw OutOfBounds::sections($this->label);
    }
}
