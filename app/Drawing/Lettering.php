<?php

namespace App\Drawing;

use Davrin\Core\Geometry\Board;

/** A line of words on an element, in its middle across. */
final readonly class Lettering
{
    /** How wide a letter is, as a part of how high the line is (of the bold face that signs are written in). */
    private const LETTER = 0.66;

    /** How far it is from line to line, as a part of the size of the letters. */
    private const LINE = 1.15;

    private const MOST_LINES = 4;

    /**
     * @param  float  $y  of its middle, in inches below that of the element
     * @param  float  $size  of the letters, in inches
     */
    private function __construct(public string $text, public float $y, public float $size) {}

    /** What of a board the words may fill. */
    private const WRITTEN = [0.82, 0.7];

    /**
     * Words on a board.
     *
     * @return list<self>
     */
    public static function on(string $words, Board $board): array
    {
        return self::fitting($words, $board->wide * self::WRITTEN[0], $board->high * self::WRITTEN[1]);
    }

    /**
     * Words in as many lines as make them largest on a board of this size.
     *
     * @return list<self>
     */
    private static function fitting(string $words, float $wide, float $high): array
    {
        $words = explode(' ', $words);
        [$best, $largest] = [[], 0.0];
        for ($lines = 1; $lines <= min(self::MOST_LINES, count($words)); $lines++) {
            $broken = self::broken($words, $lines);
            $longest = max(1, ...array_map(mb_strlen(...), $broken));
            $size = min($wide / ($longest * self::LETTER), $high / (count($broken) * self::LINE));
            if ($size > $largest) {
                [$best, $largest] = [$broken, $size];
            }
        }

        return array_map(
            fn (string $line, int $index): self => new self($line, ($index - (count($best) - 1) / 2) * $largest * self::LINE, $largest),
            $best,
            array_keys($best),
        );
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return non-empty-list<string> lines of about equal length
     */
    private static function broken(array $words, int $lines): array
    {
        $whole = mb_strlen(implode(' ', $words));
        [$broken, $line] = [[], ''];
        foreach ($words as $word) {
            $longer = trim("$line $word");
            $isFull = $line !== '' && count($broken) < $lines - 1 && mb_strlen($longer) - mb_strlen($word) / 2 > $whole / $lines;
            $broken = $isFull ? [...$broken, $line] : $broken;
            $line = $isFull ? $word : $longer;
        }

        return [...$broken, $line];
    }
}
