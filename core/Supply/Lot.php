<?php

declare(strict_types=1);

namespace Davrin\Core\Supply;

use Davrin\Core\Measure\NotReadable;

/** How a run of the mill is written: "B7", "T-4", up to 16 letters and figures, with points, strokes and hyphens between. */
final class Lot
{
    /** As a part of a pattern. */
    public const WRITTEN = '[\p{L}\p{N}][\p{L}\p{N}.\/-]{0,15}';

    /**
     * @return ?string null where none is said
     *
     * @throws NotReadable
     */
    public static function read(string $typed): ?string
    {
        $lot = trim($typed);

        return match (true) {
            $lot === '' => null,
            preg_match('/^'.self::WRITTEN.'$/u', $lot) === 1 => $lot,
            default => throw NotReadable::lot($lot),
        };
    }

    /** The nearest to what a file says that can be written: "#4, blue" is "4-blue". */
    public static function near(string $given): ?string
    {
        $lot = mb_substr(ltrim((string) preg_replace('/[^\p{L}\p{N}.\/-]+/u', '-', $given), '-./'), 0, 16);

        return rtrim($lot, '-') === '' ? null : rtrim($lot, '-');
    }
}
