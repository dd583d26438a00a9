<?php

namespace App\Shelf\Import;

/** One row of a file, and where it stands. */
final readonly class CsvRow
{
    /**
     * @param  list<string>  $cells
     * @param  int  $line  that it begins on, from 1
     * @param  int  $behind  the place in the file behind it, in bytes
     */
    public function __construct(public array $cells, public int $line, public int $behind) {}
}
