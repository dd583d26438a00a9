<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use LogicException;
use ReflectionClass;

/** What the guide says of a kind of part: a paragraph a line, in guide.txt beside its class. */
final class GuideWords
{
    /**
     * @return non-empty-list<string>
     *
     * @throws LogicException where a kind has none
     */
    public static function of(PartKind $kind): array
    {
        $file = dirname((string) (new ReflectionClass($kind))->getFileName()).'/guide.txt';
        $paragraphs = is_file($file) ? file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) : false;

        return $paragraphs ?: throw new LogicException(
            "The kind of part \"{$kind->key()}\" has no words for the guide: write them in $file.",
        );
    }
}
