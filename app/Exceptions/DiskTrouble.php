<?php

namespace App\Exceptions;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use PDOException;
use Throwable;

/** What can be the matter with the disk file that the plans are in, by what SQLite says of it. */
enum DiskTrouble
{
    case Locked;
    case Full;
    case ReadOnly;
    case Missing;
    case Corrupt;

    private const NOT_OPENED = 'unable to open database file';

    private const SAID = [
        'database is locked' => self::Locked,
        'database table is locked' => self::Locked,
        'database or disk is full' => self::Full,
        'disk I/O error' => self::Full,
        'readonly database' => self::ReadOnly,
        self::NOT_OPENED => self::Missing,
        'no such table' => self::Missing,
        'disk image is malformed' => self::Corrupt,
        'file is not a database' => self::Corrupt,
    ];

    /** Null where it is something else. */
    public static function of(Throwable $why): ?self
    {
        for (; $why !== null; $why = $why->getPrevious()) {
            if ($why instanceof SQLiteDatabaseDoesNotExistException) {
                return self::Missing;
            }
            foreach ($why instanceof PDOException ? self::SAID : [] as $said => $trouble) {
                if (str_contains($why->getMessage(), $said)) {
                    if ($trouble === self::ReadOnly && config('database.disk_is_full') === true) {
                        return self::Full;
                    }

                    // A file that is there and does not open has a folder that nothing can be written in, which SQLite needs beside it.
                    return $trouble === self::Missing
                        && $said === self::NOT_OPENED
                        && is_file((string) config('database.connections.sqlite.database'))
                        ? self::ReadOnly
                        : $trouble;
                }
            }
        }

        return null;
    }

    /** Whether what is on the disk can still be read. */
    public function canBeRead(): bool
    {
        return $this === self::Locked || $this === self::Full || $this === self::ReadOnly;
    }

    /** @param  bool  $isWriting  whether something was written that is kept in its blank; else a page was asked for */
    public function sentence(bool $isWriting = true): string
    {
        $kept = $isWriting ? 'Nothing was changed, and what you wrote is still in its blank' : 'Nothing was changed';
        $again = $isWriting ? 'press Enter in it to try again' : 'load the page again';

        return match ($this) {
            self::Locked => "Something else is writing to the same disk file, and went on for too long. $kept: $again.",
            self::Full => "The disk is full, so nothing can be saved. $kept. Make room on the disk, then $again.",
            self::ReadOnly => "The disk file that your plans are in may only be read, not written. $kept. Give whoever runs Davrin "
                ."the right to write to the file and to its folder, then $again.",
            self::Missing => 'The disk file that your plans are in is not there, or nothing is in it yet. If it was moved, put it '
                .'back where it was (database/davrin.sqlite unless DB_DATABASE says otherwise) and load the page again. bin/demo '
                .'makes a new one.',
            self::Corrupt => 'The disk file that your plans are in is damaged and cannot be read. Nothing was written to it. Put '
                .'back your last copy of it (database/davrin.sqlite unless DB_DATABASE says otherwise), or move it away and start '
                .'bin/demo to begin with a new one.',
        };
    }
}
