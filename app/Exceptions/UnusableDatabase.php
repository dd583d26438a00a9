<?php

namespace App\Exceptions;

use RuntimeException;

/** Why bin/demo leaves a database as it is. */
final class UnusableDatabase extends RuntimeException
{
    public static function damaged(string $database): self
    {
        return new self(<<<WORDS
            The database $database is damaged, or is no database of Davrin, so it was left as it is.

              To go on with your plans, put your last copy of the file back in its place (with Davrin ended, and without
              $database-wal and $database-shm beside it). To begin with a new one and the demo's plans, move the damaged one away:

                mv $database $database.damaged

              Then run bin/demo again.
            WORDS);
    }

    public static function readOnly(string $database): self
    {
        return new self("The database $database may only be read. Give yourself the right to write to it and to its folder (chmod u+w), "
            .'then run bin/demo again.');
    }

    public static function ofAnother(string $database): self
    {
        return new self("The database $database holds the tables of another program, so it was left as it is. Name another file: "
            .'DB_DATABASE=my.sqlite bin/demo');
    }

    public static function notMade(string $database): self
    {
        return new self("The database $database cannot be made: its folder is missing or may not be written to. Make the folder, or name "
            .'another file: DB_DATABASE=my.sqlite bin/demo');
    }
}
