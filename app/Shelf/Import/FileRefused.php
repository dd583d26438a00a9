<?php

namespace App\Shelf\Import;

use Davrin\Core\Words\Refused;

/** A file that no row can be read from. */
final class FileRefused extends Refused
{
    public static function none(): self
    {
        return new self('No file came. Choose a CSV file (at most 20 MB) and open it again.');
    }

    public static function gone(): self
    {
        return new self('That file is not here any more, and nothing of it went on the shelf. Open it again.');
    }

    public static function empty(): self
    {
        return new self('The file is empty. Its first line names the columns, and each line after it one thing.');
    }

    public static function noTable(): self
    {
        return new self('That is not a table of text. Save it as CSV from your table program and open that.');
    }

    public static function unclosedQuote(int $line): self
    {
        return new self(
            "In line $line a cell begins with a quote that is never closed, so all behind it would be one cell. Close it, or take it "
                .'away, and open the file again.',
        );
    }

    public static function noColumns(): self
    {
        return new self('Say which column holds the name: each thing needs a name of its own.');
    }

    public static function isBeingLaid(): self
    {
        return new self('This file is being put on the shelf in another window. Wait for it there; if that window is closed, try again '
            .'in a minute.');
    }

    public static function nothingToLay(): self
    {
        return new self('No row of this file can go on the shelf. Mend them as it says and open the file again.');
    }
}
