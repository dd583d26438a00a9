<?php

namespace App\Forms;

use Svg\Tag\Path;

/** The path of an SVG drawing, parted into commands that draw one thing each, so that they can be counted before they are followed. */
final readonly class PathData
{
    /** How many numbers each command takes (SVG 2, paths). */
    private const NUMBERS = ['m' => 2, 'l' => 2, 'h' => 1, 'v' => 1, 'c' => 6, 's' => 4, 'q' => 4, 't' => 2, 'a' => 7, 'z' => 0];

    /** After the first pair of a move what follows are lines. */
    private const THEN = ['m' => 'l', 'M' => 'L'];

    private const NUMBER = '/[-+]?(?:\d*\.\d+|\d+\.?)(?:[eE][-+]?\d+)?/';

    /** @param  list<string>  $commands  each with its letter and its numbers */
    private function __construct(private array $commands) {}

    public static function of(string $path): self
    {
        $commands = [];
        // Each letter of a command but the e of an exponent begins another.
        foreach (preg_split('/(?=[MZLHVCSQTAmzlhvcsqta])/', $path, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $letter = $part[0];
            $takes = self::NUMBERS[strtolower($letter)] ?? null;
            if ($takes === null) {
                continue;
            }
            foreach ($takes === 0 ? [[]] : self::sets(substr($part, 1), $takes) as $numbers) {
                $commands[] = $letter.implode(' ', $numbers);
                $letter = self::THEN[$letter] ?? $letter;
            }
        }

        return new self($commands);
    }

    public function count(): int
    {
        return count($this->commands);
    }

    public function __toString(): string
    {
        return implode(' ', $this->commands);
    }

    /** @return list<list<string>> */
    private static function sets(string $numbers, int $takes): array
    {
        if ($takes === 7) {
            // The flags of an arc need no space between them.
            preg_match_all(Path::ARC_REGEXP, $numbers, $found, PREG_SET_ORDER);

            return array_map(fn (array $arc): array => array_map(strval(...), array_slice($arc, 1)), $found);
        }
        preg_match_all(self::NUMBER, $numbers, $found);

        return array_values(array_filter(array_chunk($found[0], $takes), fn (array $set): bool => count($set) === $takes));
    }
}
