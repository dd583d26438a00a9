<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\Numbers;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Units;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/**
 * Something that is said of ties by their numbers: "3, 5 and 7: gold; 9: sage". In a file a list, typed with semicolons between.
 *
 * @template T
 *
 * @extends NamedBlank<array<int, T>>
 */
abstract readonly class ByTieBlank extends NamedBlank implements KeepsWhatFits
{
    public const NONE = 'nothing';

    public function __construct(private TieGroup $ties, string $key, string $label)
    {
        parent::__construct($key, $label, []);
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $values = [];
        foreach ($this->entries($raw) as $entry) {
            [$ties, $value] = $this->entry($entry, $bare);
            foreach ($ties as $tie) {
                $values[$tie] = $this->ties->has($tie) ? $value : throw $this->refusal("Tie $tie is not among those of this layer.");
            }
        }
        ksort($values);

        return $values;
    }

    /** @return array<int, T> */
    public function keep(mixed $raw): array
    {
        $kept = [];
        foreach (is_array($raw) ? $raw : [] as $entry) {
            try {
                [$ties, $value] = $this->entry(is_string($entry) ? $entry : '', null);
                $kept += array_fill_keys(array_filter($ties, $this->ties->has(...)), $value);
            } catch (Refused) {
                // What it names is gone, and so is what was said with it.
            }
        }
        ksort($kept);

        return $kept;
    }

    public function schema(): array
    {
        return Schema::described(
            "$this->label: {$this->example()}",
            ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => Ties::MOST],
            [],
        );
    }

    /**
     * What is said of some ties.
     *
     * @return T
     *
     * @throws Refused
     */
    abstract protected function said(string $words, string $entry, ?Units $bare): mixed;

    abstract protected function refusal(string $why): Refused;

    /** "3, 5 and 7: gold", and what that is */
    abstract protected function example(): string;

    /**
     * Ties of which the same is said, together.
     *
     * @param  array<int, T>  $values
     * @param  callable(T): string  $words
     * @return list<string>
     */
    protected static function grouped(array $values, callable $words): array
    {
        $grouped = [];
        foreach ($values as $tie => $value) {
            $grouped[$words($value)][] = $tie;
        }

        return array_map(
            fn (string $said, array $ties): string => Words::ranges($ties).": $said",
            array_map(strval(...), array_keys($grouped)),
            $grouped,
        );
    }

    /** @return list<string> */
    private function entries(mixed $raw): array
    {
        if (is_string($raw)) {
            return in_array(mb_strtolower(trim($raw)), ['', self::NONE], true)
                ? []
                : array_values(array_filter(array_map(trim(...), explode(';', $raw)), fn (string $entry): bool => $entry !== ''));
        }

        return array_map(
            fn (mixed $entry): string => is_string($entry) ? $entry : '',
            is_array($raw) ? array_values($raw) : throw $this->refusal('It is not a list.'),
        );
    }

    /** @return array{non-empty-list<int>, T} */
    private function entry(string $entry, ?Units $bare): array
    {
        [$numbers, $words] = [...explode(':', $entry, 2), ''];

        return [
            Numbers::read((string) preg_replace('/^\s*ties?\s+/i', '', $numbers), Ties::MOST)
                ?? throw $this->refusal("\"$entry\" names no ties."),
            $this->said(trim($words), $entry, $bare),
        ];
    }
}
