<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Measure\Units;
use LogicException;

/** What the words of the craft mean, in a sentence each. */
final class Glossary
{
    /**
     * @return list<array{word: string, means: string, page: ?string}> by the alphabet; the page of the guide that shows it, by key
     */
    public static function words(Units $units): array
    {
        $words = [];
        foreach (file(__DIR__.'/glossary.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if (preg_match('/^(?<word>[^:]+): (?<means>.+?)(?: > (?<page>[a-z-]+))?$/', $line, $found) !== 1) {
                throw new LogicException("The glossary does not understand \"$line\".");
            }
            $words[] = ['word' => $found['word'], 'means' => LengthWords::told($found['means'], $units), 'page' => $found['page'] ?? null];
        }
        usort($words, fn (array $a, array $b): int => $a['word'] <=> $b['word']);

        return $words;
    }
}
