<?php

namespace App\Database;

use PDO;
use PDOException;

/**
 * Begins every transaction as one that writes. SQLite then waits for others that write before anything is read, as long as the busy
 * timeout lets it; one that read first could not wait, since what it had read might be out of date (sqlite.org/lang_transaction.html).
 * Laravel does so by itself from PHP 8.4 on.
 */
final class ImmediatePdo extends PDO
{
    private bool $hasBegun = false;

    public function beginTransaction(): bool
    {
        $this->exec('begin immediate transaction');

        return $this->hasBegun = true;
    }

    public function commit(): bool
    {
        try {
            $this->exec('commit');
        } catch (PDOException $why) {
            $this->rollBack();

            throw $why;
        }
        $this->hasBegun = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->hasBegun = false;
        try {
            $this->exec('rollback');
        } catch (PDOException) {
            // SQLite has rolled back by itself, as it does where the disk is full.
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->hasBegun;
    }
}
