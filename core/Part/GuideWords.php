<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use LogicException;
use ReflectionClass;

/**
 * What the guide says of a kind of part, in guide.txt beside its class (core/Guide/GuideText). And what is said of it at the bench, of one
 * element at a time: bench.txt, where a kind needs more than what its step says.
 */
final class GuideWords
{
    /**
     * Where they are.
     *
     * @throws LogicException where a kind has none
     */
    public static function file(PartKind $kind): string
    {
        $file = self::beside($kind, 'guide.txt');

        return is_file($file) ? $file : throw new LogicException(
            "The kind of part \"{$kind->key()}\" has no words for the guide: write them in $file.",
        );
    }

    /**
     * How one element is made, with {a piece} for what is cut for it and {the pitch} for what it takes of a run; null where its step says
     * it.
     */
    public static function atTheBench(PartKind $kind): ?string
    {
        $file = self::beside($kind, 'bench.txt');

        return is_file($file) ? trim((string) file_get_contents($file)) : null;
    }

    private static function beside(PartKind $kind, string $file): string
    {
        return dirname((string) (new ReflectionClass($kind))->getFileName())."/$file";
    }
}
