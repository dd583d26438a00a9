<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Blank\KeepsWhatFits;
use Davrin\Core\Blank\NamedBlank;
use Davrin\Core\Blank\Numbers;
use Davrin\Core\Blank\OutOfBounds;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\Ties;
use Davrin\Core\Words\Refused;
use Davrin\Core\Words\Words;

/**
 * Ties that have something else than all the others: "12 to 18: 17 1/8 in; 3: bare", by the numbers of the ties and the length of a
 * piece there.
 *
 * @extends NamedBlank<array<int, ?Length>>
 */
final readonly class OtherwiseBlank extends NamedBlank implements KeepsWhatFits
{
    public const KEY = 'otherwise';

    public const NONE = 'nothing';

    public const BARE = 'bare';

    public function __construct(private TieGroup $ties)
    {
        parent::__construct(self::KEY, 'what is otherwise on some ties', []);
    }

    /**
     * As it is typed.
     *
     * @param  array<int, ?Length>  $otherwise  by the number of the tie; null where it stays bare
     */
    public static function typed(array $otherwise): string
    {
        return $otherwise === [] ? self::NONE : implode('; ', self::grouped($otherwise, LengthText::canonical(...)));
    }

    public function read(mixed $raw, ?Units $bare): array
    {
        $otherwise = [];
        foreach ($this->entries($raw) as $entry) {
            [$ties, $length] = self::entry($entry, $bare);
            foreach ($ties as $tie) {
                $otherwise[$tie] = $this->ties->has($tie)
                    ? $length
                    : throw OutOfBounds::otherwise("Tie $tie is not among those of this layer.");
            }
        }
        ksort($otherwise);

        return $otherwise;
    }

    /** @return array<int, ?Length> */
    public function keep(mixed $raw): array
    {
        $kept = [];
        foreach (is_array($raw) ? $raw : [] as $entry) {
            try {
                [$ties, $length] = self::entry(is_string($entry) ? $entry : '', null);
                $kept += array_fill_keys(array_filter($ties, $this->ties->has(...)), $length);
            } catch (Refused) {
                // What it said is no length any more.
            }
        }
        ksort($kept);

        return $kept;
    }

    /** @return list<string> */
    public function write(mixed $value): array
    {
        return self::grouped($value, LengthText::canonical(...));
    }

    public function show(mixed $value, Units $units): string
    {
        return $value === [] ? self::NONE : implode('; ', self::grouped($value, $units->exact(...)));
    }

    public function schema(): array
    {
        return Schema::described(
            $this->label.': "12 to 18: 17 1/8 in" or "3: bare", the numbers of ties and the length of a piece there',
            ['type' => 'array', 'items' => Schema::TEXT, 'maxItems' => Ties::MOST],
            [],
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
            is_array($raw) ? array_values($raw) : throw OutOfBounds::otherwise('It is not a list.'),
        );
    }

    /** @return array{non-empty-list<int>, ?Length} */
    private static function entry(string $entry, ?Units $bare): array
    {
        [$numbers, $length] = [...explode(':', $entry, 2), ''];
        $ties = Numbers::read((string) preg_replace('/^\s*ties?\s+/i', '', $numbers), Ties::MOST)
            ?? throw OutOfBounds::otherwise("\"$entry\" names no ties.");
        if (mb_strtolower(trim($length)) === self::BARE) {
            return [$ties, null];
        }
        $read = LengthText::read(trim($length), $bare);

        return $read->isLessThan(Length::inches(1)) || $read->isMoreThan(Length::yards(20))
            ? throw OutOfBounds::otherwise("\"$entry\" is no length of a piece, from 1 in to 20 yd.")
            : [$ties, $read];
    }

    /**
     * @param  array<int, ?Length>  $otherwise
     * @param  callable(Length): string  $said
     * @return list<string>
     */
    private static function grouped(array $otherwise, callable $said): array
    {
        $grouped = [];
        foreach ($otherwise as $tie => $length) {
            $grouped[$length === null ? self::BARE : $said($length)][] = $tie;
        }

        return array_map(
            fn (string $length, array $ties): string => Words::ranges($ties).": $length",
            array_keys($grouped),
            $grouped,
        );
    }
}
