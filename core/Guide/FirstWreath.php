<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Measure\Units;
use LogicException;

/** A first wreath, from form to door. */
final class FirstWreath
{
    /**
     * @return list<array{title: string, says: string, drawn: string, pages: list<string>}> step by step, each with the pages of the guide
     *                                                                                       that show more of it
     */
    public static function steps(Units $units): array
    {
        $lines = file(__DIR__.'/first-wreath.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        $steps = [];
        foreach (array_chunk($lines, 2) as [$words, $drawn]) {
            if (preg_match('/^(?<title>[^>]+) > (?<pages>[a-z -]+): (?<says>.+)$/', $words, $found) !== 1) {
                throw new LogicException("The first wreath does not understand \"$words\".");
            }
            $steps[] = [
                'title' => $found['title'],
                'says' => LengthWords::told($found['says'], $units),
                'drawn' => substr($drawn, strlen('step ')),
                'pages' => explode(' ', $found['pages']),
            ];
        }

        return $steps;
    }
}
