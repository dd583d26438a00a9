<?php

namespace App\Sessions;

use ErrorException;
use Illuminate\Session\FileSessionHandler;

/** Sessions in files. Where the disk is full a page is shown all the same; only what was said on the last one is forgotten. */
final class FileSessions extends FileSessionHandler
{
    public function write($sessionId, $data): bool
    {
        try {
            return parent::write($sessionId, $data);
        } catch (ErrorException) {
            return true;
        }
    }
}
