<?php

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Connects to SQLite so that every transaction begins as one that writes. */
final class ImmediateConnector extends SQLiteConnector
{
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
