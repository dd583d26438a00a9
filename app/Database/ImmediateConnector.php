<?php

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDOException;

/** Connects to SQLite so that every transaction begins as one that writes, and so that a file on a full disk can still be read. */
final class ImmediateConnector extends SQLiteConnector
{
    /** Whether the file is only read because the disk has no room to write by: a setting, as whoever answers has to know. */
    private const IS_FULL = 'database.disk_is_full';

    /** What SQLite says where it cannot make the two files beside its own. */
    private const NO_ROOM = ['disk I/O error', 'database or disk is full'];

    public function connect(array $config)
    {
        config([self::IS_FULL => false]);
        try {
            return parent::connect($config);
        } catch (PDOException $why) {
            $path = $this->parseDatabasePath($config['database']);
            // Where the log beside it holds anything, the file alone is not what was written last.
            $isWhole = is_file($path) && (int) @filesize("$path-wal") === 0;
            if (! $isWhole || array_filter(self::NO_ROOM, fn (string $said): bool => str_contains($why->getMessage(), $said)) === []) {
                throw $why;
            }
            $asItIs = 'sqlite:file:'.str_replace('%2F', '/', rawurlencode($path)).'?immutable=1';

            config([self::IS_FULL => true]);

            return $this->createConnection($asItIs, $config, $this->getOptions($config));
        }
    }

    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
