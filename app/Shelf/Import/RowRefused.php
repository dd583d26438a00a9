<?php

namespace App\Shelf\Import;

use Davrin\Core\Words\Refused;

/** A row that does not go on the shelf, and why. */
final class RowRefused extends Refused
{
    public static function cells(int $cells, int $columns): self
    {
        return new self("It has $cells cells, and the first line names $columns columns. A comma in a cell wants quotes round it.");
    }

    public static function noName(): self
    {
        return new self('It has no name. Give it a name of its own.');
    }

    /** @param  list<string>  $known */
    public static function ware(string $given, array $known): self
    {
        return new self(sprintf('I don\'t know the kind "%s". Known kinds are: %s.', mb_substr($given, 0, 40), implode(', ', $known)));
    }

    public static function negative(string $given): self
    {
        return new self(
            sprintf('"%s" is less than nothing. Write what is left, or 0 inches where it is used up.', mb_substr($given, 0, 40)),
        );
    }

    public static function longerThanNew(string $left, string $new): self
    {
        return new self("$left are left, it says, of a roll that held $new when it was new. Correct one of the two.");
    }

    public static function count(string $given): self
    {
        return new self(sprintf('"%s" is not how many there can be. Write a whole number from 0 to 100000.', mb_substr($given, 0, 40)));
    }

    public static function liesAs(string $given): self
    {
        return new self(sprintf('"%s" does not say how it lies there. Write roll, or pieces, or nothing.', mb_substr($given, 0, 40)));
    }

    public static function sameAs(int $line): self
    {
        return new self("It says the same as line $line. If there are two of it, write 2 in the column of how many.");
    }

    /** @param  int  $there  how many of them */
    public static function someOnShelf(int $there, int $given): self
    {
        return new self("$there of these $given are on the shelf already. Write only how many came besides.");
    }

    public static function onShelf(): self
    {
        return new self('It is on the shelf already.');
    }

    public static function mendedAlready(): self
    {
        return new self('That row was mended in another window meanwhile. Here is what is left.');
    }

    public static function unreadable(): self
    {
        return new self('It holds signs that are not text.');
    }
}
